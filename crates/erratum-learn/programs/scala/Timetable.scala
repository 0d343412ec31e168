case class Sailing(hour: Int, minute: Int, from: String, seats: Int) {
  def time: String = f"$hour%02d:$minute%02d"

  def after(other: Int): Boolean = hour * 60 + minute >= other
}

object Timetable {
  val day = Vector(
    Sailing(7, 15, "North", 40),
    Sailing(9, 30, "Mole", 28),
    Sailing(18, 5, "North", 44)
  )

  def next(hour: Int, minute: Int): Option[Sailing] = {
    val now = hour * 60 + minute
    day.find(sailing => sailing.after(now))
  }

  def seatsFrom(pier: String): Int = day.filter(_.from == pier).map(_.seats).sum

  def main(args: Array[String]): Unit = {
    next(9, 31) match {
      case Some(sailing) => println("next: " + sailing.time + " from " + sailing.from)
      case None => println("no more sailings today")
    }
    println("North: " + seatsFrom("North") + " seats")
  }
}
