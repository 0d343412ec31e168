import scala.util.Try

object Levels {
  case class Reading(place: String, metres: Double)

  def parse(line: String): Option[Reading] = {
    val parts = line.split(';')
    if (parts.length == 2)
      Try(Reading(parts(0), parts(1).toDouble)).toOption
    else
      None
  }

  def highest(readings: List[Reading]): Option[Reading] =
    if (readings.isEmpty) None
    else Some(readings.maxBy(_.metres)⟪⟶)⟫

  def describe(r: Reading): String = s"${r.place}" + ": " + r.metres

  def main(args: Array[String]): Unit = {
    val lines = List("mole;3.5", "bar;4.25", "odd")
    val readings = lines.⟪flatmap⟶flatMap⟫(parse)
    highest(readings) match {
      case Some(r) => println(describe(r))
      case None => println(⟪'none'⟶"none"⟫)
    }
    var sum = 0.0
    readings.foreach(r => sum += r.metres)
    println(f"mean ${sum / readings.size}%.2f"⟪⟶)⟫
  }
}
