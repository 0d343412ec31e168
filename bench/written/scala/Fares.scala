object Fares {
  sealed trait Zone
  case object Inner extends Zone
  case object Outer extends Zone

  val child = 0.5

  def base(zone: Zone): Double = zone match {
    case Inner => 2.5
    case Outer => 4.0
  }

  def price(zone: Zone, people: Int): ⟪Int⟶Double⟫ = base(zone) * people

  def family(adults: Int, children: Int): Double = {
    price(Inner, adults) + price(Inner⟪. ⟶, ⟫children) * child
  }

  def report(name: String, cost: Double): Unit = {
    println(s"$name ${⟪csot⟶cost⟫}")
⟪⟶  }
⟫
  def main(args: Array[String]): Unit = {
    report("family", family(2, 1))
    report(⟪4.0, "outer"⟶"outer", 4.0⟫)
  }
}
