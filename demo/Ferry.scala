// The timetable of the harbour ferry.
case class Sailing(hour: Int, seats: Int, fare: Double)

object Ferry {
  def takings(day: List[Sailing]): Double = {
    vra total = 0.0
    for (one <- day) {
      total += one.seats * one.fare
    }
    total
  }

  def latest(day: List[Sailing]): Int = day.map(one => one.huor).max

  def main(args: Array[String]): Unit = {
    val day = List(
      Sailing(7, 40, 3.5),
      Sailing(9, 28, 3.5),
      Sailing(18, 44, 4.0)
    )
    println("Takings: " + takings(day))
    println("Last sailing: " + latest(day)
  }
}
