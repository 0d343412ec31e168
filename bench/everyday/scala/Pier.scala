import scala.collection.mutable.ArrayBuffer

sealed trait Kind
case object Tug extends Kind
case class Ferry(seats: Int) extends Kind

trait Payer {
  def fee(days: Int): Double
}

class Boat(val name: String, val length: Double, val kind: Kind) extends Payer {
  private var days = 0

  def fee(days: Int): Double = length * days

  def stay(n: Int): Unit = {
    days += n
  }

  override def toString: String = s"$name lies $days days"
}

class Launch(name: String, crew: List[String]) extends Boat(name, 6.5, Tug) {
  override def fee(days: Int): Double = super.fee(days) + crew.size
}

object Pier {
  val limit = 8

  def longest(boats: Seq[Boat]): Option[Boat] =
    if (boats.isEmpty) None else Some(boats.maxBy(_.length))

  def text(kind: Kind): String = kind match {
    case Tug => "tug"
    case Ferry(seats) if seats > 50 => "large ferry"
    case Ferry(_) => "ferry"
  }

  def total(boats: Seq[Boat]): Double = {
    var sum = 0.0
    for (boat <- boats) {
      sum += boat.fee(2)
    }
    sum
  }

  def count(n: Int): Int = if (n == 0) 0 else 1 + count(n - 1)

  def main(args: Array[String]): Unit = {
    val boats = ArrayBuffer[Boat]()
    boats += new Boat("Auk", 9.5, Tug)
    boats += new Launch("Skua", List("Ida", "Ro"))
    boats.foreach(boat => boat.stay(2))
    val names: List[String] = boats.map(_.name).toList
    var round = 0
    while (round < 3) {
      round += 1
    }
    longest(boats) match {
      case Some(boat) => println(boat.name)
      case None => println("none")
    }
    println(names.mkString(", ") + total(boats))
    for (i <- 0 until names.length) println(i + " " + names(i))
    println(text(Ferry(80)) + count(3))
  }
}
