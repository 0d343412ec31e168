sealed trait Rank
case object Deckhand extends Rank
case object Mate extends Rank
case object Captain extends Rank

case class Sailor(name: String, rank: Rank, hours: Int)

object Crew {
  def title(rank: Rank): String = rank match {
    case Captain => "captain"
    case Mate => "mate"
    case Deckhand => "deckhand"
  }

  def average(crew: Seq[Sailor]): Double = {
    if (crew.isEmpty) 0.0
    else crew.map(_.hours).sum.toDouble / crew.size
  }

  def main(args: Array[String]): Unit = {
    val crew = Seq(
      Sailor("Okke", Captain, 38),
      Sailor("Tjark", Mate, 41),
      Sailor("Wiebke", Deckhand, 29)
    )
    for (one <- crew) {
      println(one.name.padTo(10, ' ') + title(one.rank))
    }
    val tired = crew.filter(_.hours > 40).map(_.name)
    println(tired.mkString(", ") + " of " + crew.length)
    println(average(crew))
  }
}
