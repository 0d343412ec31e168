import scala.collection.mutable

sealed trait Lamp
case class Steady(colour: String) extends Lamp
case class Flashing(colour: String, period: Int) extends Lamp
case object Dark extends Lamp

class LampBook(⟪name⟶name: String⟫) {
  private val entries = mutable.Map[String, Lamp]()

  def put(place: String, lamp: Lamp): Unit = {
    entries(place) = lamp
  }

  def get(place: String): Option[Lamp] = entries.get(place)

  def title: String = s"$name: ${entries.size⟪⟶}⟫ lamps"

  def flashing: List[String] =
    entries.toList.collect {
      case (place, Flashing(_, ⟪_, _⟶_⟫)) => place
    }
}

object Lampwatch {
  def describe(lamp: Lamp): String = lamp match {
    case Steady(c) => c + " steady"
    case Flashing(c, p) ⟪=⟶=>⟫ s"$c every $p s"
    case Dark => "dark"
  }

  def periods(lamps: Seq[Lamp]): Seq[Int] =
    for {
      case_ <- lamps
      p = case_ match {
        case Flashing(_, p) => p
        case _ => 0
      }
      if p > 0
    } ⟪⟶yield ⟫p

  def slowest(lamps: Seq[Lamp]): Int = {
    var best = 0
    ⟪foreach⟶for⟫ (p <- periods(lamps)) {
      if (p > best) best = p
    }
    best
  }

  def main(args: Array[String]): Unit = {
    val book = new LampBook("west")
    book.put("mole", Flashing("red", 4))
    book.put("quay", Steady⟪["white"]⟶("white")⟫)
    val lamp: ⟪Lamp⟶Option[Lamp]⟫ = book.get("mole")
    lamp match {
      case Some(l) => println(describe(l))
      case ⟪Nothing⟶None⟫ => println("no lamp")
    }
    println(book.title⟪()⟶⟫)
    println(slowest(List(Flashing("green", 6), Dark)))
  }
}
