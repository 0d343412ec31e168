import scala.collection.mutable

sealed trait Weather
case object Fair extends Weather
case object Change extends Weather
case class Storm(force: Int) extends Weather

case class Entry(hour: Int, pressure: Double, weather: Weather)

class Barometer(place: String) {
  private val entries = mutable.ListBuffer.empty[Entry]

  def record(hour: Int, pressure: Double): Unit = {
    val weather = pressure match {
      case p if p > 1020 => Fair
      case p if p > 1000 ⟪->⟶=>⟫ Change
      case p => Storm(⟪(1000 - p) / 4⟶((1000 - p) / 4).toInt⟫)
    }
    entries ⟪+⟶+=⟫ Entry(hour, pressure, weather)
  }

  def lowest: Option[Entry] =
    if (entries.isEmpty) None ⟪else entries.minBy(_.pressure)⟶else Some(entries.minBy(_.pressure))⟫

  def describe(e: Entry)⟪ String⟶: String⟫ = e.weather match {
    case Fair => s"${e.hour}h fair"
    case Change => s"${e.hour}h changing"
    case ⟪Storm⟶Storm(f)⟶Storm(_)⟶_: Storm⟫ => s"${e.hour}h storm"
  }

  def falls(): Int = {
    var n = 0
    for (i ⟪in⟶<-⟫ 1 until entries.length) {
      if (entries(i).pressure < entries(i - 1).pressure⟪⟶)⟫ ⟪n++⟶n += 1⟫
    }
    n
  }

  def all: List[Entry] = ⟪entries⟶entries.toList⟫
}

object Barometer {
  def main(args: Array[String]): Unit = {
    val glass = new Barometer("north mole")
    glass.record(6, 1022.5)
    glass.record(9, ⟪"1003"⟶1003⟶1003.0⟫)
    glass.record(12, 988.25)
    glass.all.foreach(e => println(glass.describe(e)))
    glass.lowest match {
      case Some(e) => println("lowest at " + e.hour)
      case None => println("no entries"⟪⟶)⟫
    }
    println(glass.falls())
  }
}
