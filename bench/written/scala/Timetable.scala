case class Sailing(from: String, to: String, hour: Int, minute: Int = 0) {
  def time: String = f"$hour%02d:$minute%02d"
  def before(other: Sailing): Boolean =
    hour < other.hour || hour == other.hour && minute < ⟪minute.other⟶other.minute⟫
}

trait Filter {
  def keep(s: Sailing): Boolean
}

class FromPort(port: String) ⟪implements⟶extends⟫ Filter {
  def keep(s: Sailing) = s.from ⟪equals to⟶==⟫ port
}

object Timetable {
  val all: List[Sailing] = List(
    Sailing("Quay", "Mole", 8, 30),
    Sailing("Quay", "Skerry", 9)⟪⟶,⟫
    Sailing("Mole", "Quay", 10⟪;⟶,⟫ 15)
  )

  def select(filters: Filter*): List[Sailing] =
    all.filter(s => filters.forall(f => f.keep⟪⟶(s)⟫))

  def first(list: List[Sailing]): ⟪Sailing⟶Option[Sailing]⟫ =
    list.sortBy(s => (s.hour, s.minute)).headOption

  def waits(list: List[Sailing]): Seq[Int] = {
    for (i <- 1 until list.length) yield list(i).hour - list(i - 1).hour
  }

  def main(args: Array[String]): Unit = {
    val quay = select(new FromPort("Quay"))
    ⟪for (s in quay)⟶for (s <- quay)⟫ println(s.time + " to " + s.to)
    first(quay) match {
      case Some(s) => println(⟪s.Time⟶s.time⟫)
      ⟪default⟶case _⟶case None⟫ => println("none")
    }
    var total = 0
    waits(all).foreach(w => total += w)
    println("waits " + total)
  }
}
