import scala.collection.mutable

class Sailing(val hour: Int, capacity: Int) {
  private val bookings = mutable.Map[String, Int]()

  def taken: Int = bookings.values.sum

  def add(name: String, seats: Int): Unit = {
    if (taken + seats > capacity) {
      throw new IllegalArgumentException("no room for " + name)
    }
    bookings(name) = seats
  }

  def cancel(name: String): Boolean = bookings.remove(name).isDefined
}

object Bookings {
  def main(args: Array[String]): Unit = {
    val morning = new Sailing(7, 12)
    try {
      morning.add("Ansel", 4)
      morning.add("Birte", 9)
    } catch {
      case problem: IllegalArgumentException =>
        println("refused: " + problem.getMessage)
    }
    morning.cancel("Ansel")
    println(morning.hour + ": " + morning.taken)
  }
}
