import scala.collection.mutable

case class Sailing(to: String, hour: Int, minute: Int) {
  def time: String = f"$hour%02d:$minute%02d"
  def minutes: Int = hour * 60 + minute
}

class Timetable {
  private val sailings = mutable.ListBuffer[Sailing]()

  def add(sailing: Sailing): Unit = {
    sailings += sailing
  }

  def next(after: Int): Option[Sailing] =
    sailings.filter(_.minutes > after).sortBy(_.minutes).⟪head⟶headOption⟫

  def to(place: String): ⟪List⟶List[Sailing]⟫ =
    sailings.filter(s => s.to ⟪=⟶==⟫ place).toList
}

object Sailings {
  def main(args: Array[String]): Unit = {
    val table = new Timetable
    table.add(Sailing("Mole", 8, 15))
    table.add(⟪sailing⟶Sailing⟫("Island", 9, 5))
    table.next(500) match {
      case Some(s) => println(s.time⟪⟶)⟫
      case None ⟪->⟶=>⟫ println("none")
    }
    println(table.to("Mole").⟪lenght⟶length⟫)
  }
}
