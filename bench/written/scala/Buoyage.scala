sealed trait Mark
case class Lateral(side: String, number: Int) extends Mark
case class Cardinal(quarter: Char) extends Mark
case object Wreck extends Mark

object Buoyage {
  val marks: List[Mark] = List(Lateral("port", 3), Cardinal(⟪"N"⟶'N'⟫), Wreck)

  def describe(mark: Mark): String = mark match {
    case Lateral(side, number) => side + number
    case Cardinal(q) => ⟪q⟶q.toString⟶"" + q⟫
    case ⟪Wreck()⟶Wreck⟫ => "wreck"
  }

  def numbers(all: List[Mark]): List[Int] = all.collect {
    case Lateral(_, n) => n
  }

  def count(side: String): Int = {
    var n = 0
    for (mark <- marks) mark match {
      case Lateral(`side`, _) => n += 1
      case _ =>
    }
    n
  }

  def main(args: Array[String]): Unit = {
    val first: Option[Mark] = marks.headOption
    println(describe(⟪first⟶first.get⟶marks.head⟫))
    ⟪val⟶var⟫ sum = 0
    numbers(marks).foreach(n => sum += n)
    println("port " + count("port"⟪⟶)⟫)
    println(sum)
  }
}
