import scala.collection.mutable

case class Shift(who: String, from: Int, to: Int) {
  def hours⟪() ⟶ ⟫= to - from
}

trait Report {
  def lines: List[String]
}

class Roster ⟪implements⟶extends⟫ Report {
  private val shifts = mutable.ListBuffer⟪<Shift>⟶[Shift]⟫()

  def add(who: String, from: Int, to: Int): Unit = {
    ⟪require⟶require(⟫to > from)
    shifts += Shift(who, from, to)
  }

  def total(who: String)⟪ Int⟶: Int⟫ =
    shifts.filter(_.who == who).map(_.hours).sum

  def lines: List[String] =
    shifts.toList.map(s ⟪->⟶=>⟫ s"${s.who} ${s.hours}")

  def longest: Option[Shift] =
    if (shifts.isEmpty) ⟪none⟶None⟫ else Some(shifts.maxBy(_.hours))
}

object Main {
  def main(args: Array[String]): Unit = {
    val roster = new Roster
    roster.add("Finn", 6, 14)
    roster.add("Isla", 14, 22)
    roster.lines.foreach(println)
    val count: Int = ⟪roster.lines.size()⟶roster.lines.size⟫
    println(s"$count shifts, Finn ${roster.total("Finn")}")
    roster.longest match {
      case Some(s) => println(s.who)
      case None ⟪:⟶=>⟫ println("nobody")
    }
  }
}
