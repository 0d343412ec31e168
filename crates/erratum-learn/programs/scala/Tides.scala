object Tides {
  val needed = 2.0

  def deepEnough(level: Double): Boolean = level >= needed

  def openHours(levels: Array[Double]): Int = {
    var open = 0
    for (level <- levels) {
      if (deepEnough(level)) {
        open += 1
      }
    }
    open
  }

  def highest(levels: Array[Double]): Double = {
    var best = levels(0)
    var hour = 1
    while (hour < levels.length) {
      if (levels(hour) > best) {
        best = levels(hour)
      }
      hour += 1
    }
    best
  }

  def main(args: Array[String]): Unit = {
    val levels = Array(0.8, 1.1, 1.9, 2.4, 3.0, 3.3, 2.6, 1.4)
    println("Open hours: " + openHours(levels))
    println("Highest tide: " + highest(levels))
    val word = if (openHours(levels) > 3) "good" else "poor"
    println("A " + word + " day for sailing")
  }
}
