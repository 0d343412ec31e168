object Fares {
  val Base = 3.5
  val PerZone = 1.25

  def fare(zones: Int, child: Boolean): Double = {
    val full = Base + PerZone * zones
    if (child) full / 2 else full
  }

  def group(sizes: List[Int], zones: Int): Double = {
    var total = 0.0
    for (size <- sizes) {
      total += size * fare(zones, false)
    }
    if (total > 100) total * 0.9 else total
  }

  def label(amount: Double): String = {
    val euros = math.floor(amount).toInt
    val cents = math.round((amount - euros) * 100)
    euros.toString + "." + cents
  }

  def main(args: Array[String]): Unit = {
    for (zones <- 1 to 4) {
      println(zones + " zones: " + label(fare(zones, false)) + ", children " + label(fare(zones, true)))
    }
    val sizes = List(4, 7, 12)
    println("groups: " + label(group(sizes, 2)))
  }
}
