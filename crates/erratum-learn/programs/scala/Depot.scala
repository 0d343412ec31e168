class Tank(val name: String, size: Int) {
  private var level: Int = size / 2

  def fill(amount: Int): Int = {
    val room = size - level
    val taken = math.min(room, amount)
    level += taken
    amount - taken
  }

  def draw(amount: Int): Boolean = {
    if (amount > level) {
      return false
    }
    level -= amount
    true
  }

  def percent: Int = 100 * level / size
}

object Depot {
  def spread(tanks: List[Tank], delivery: Int): Int = {
    var left = delivery
    for (tank <- tanks if left > 0) {
      left = tank.fill(left)
    }
    left
  }

  def main(args: Array[String]): Unit = {
    val tanks = List(new Tank("east", 1000), new Tank("west", 400))
    println("left over: " + spread(tanks, 900))
    tanks.foreach(tank => println(tank.name + " " + tank.percent + " %"))
    if (!tanks(1).draw(500)) {
      println("not enough fuel")
    }
  }
}
