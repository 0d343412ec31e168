import scala.collection.mutable.ListBuffer

case class Hand(name⟪⟶:⟫ String, hours: Int)

class Crew {
  private val hands = ListBuffer[Hand]()

  def join(hand: Hand): Unit = {
    hands += hand
  }

  def tired(limit: Int): List[String] =
    hands.filter(_.hours > limit).map(_.name).⟪toLst⟶toList⟫

  def mean: Double =
    if (hands.isEmpty) 0.0 else hands.map(_.hours).sum.toDouble / hands.size
}

object Main {
  def main(args: Array[String]): Unit = {
    val crew = ⟪⟶new ⟫Crew
    crew.join(Hand("Ines", 9))
    crew.join(Hand("Tor", ⟪"12"⟶12⟫))
    println(crew.tired(10).mkString(", ") + " " + crew.mean)
  }
}
