// Berths of the harbour.
case class Berth(number: Int, length: Double, boat: Option[String])

object Berths {
  val berths = List(
    Berth(1, 24, Some("Gull")),
    Berth(2, 30, None),
    Berth(3, 18, None)
  )

  def free(all: List[Berth]): List[Berth] = all.filter(berth => berth.boat.isEmpty)

  def find(length: Double): Option[Berth] =
    free(berths).find(berth => berth.length >= length)

  def moor(boat: String, length: Double): String = find(length) match {
    case Some(berth) => boat + " goes to berth " + berth.number
    case None => "no berth for " + boat
  }

  def main(args: Array[String]): Unit = {
    println(moor("Petrel", 26.5))
    println(moor("Albatross", 40))
    println("free: " + free(berths).size)
  }
}
