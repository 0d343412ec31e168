case class Leg(to: String, miles: Double)

class Route(start: String, legs: List[Leg] = Nil) {
  def to(pier: String, miles: Double): Route = new Route(start, legs :+ Leg(pier, miles))

  def length: Double = legs.foldLeft(0.0)((sum, leg) => sum + leg.miles)

  def minutes(knots: Double): Int = {
    require(knots > 0, "the boat does not move")
    math.ceil(length / knots * 60).toInt
  }

  override def toString: String = (start :: legs.map(_.to)).mkString(" - ")
}

object Route {
  def main(args: Array[String]): Unit = {
    val routes = List(
      new Route("North").to("Mole", 1.5).to("Island", 3.2),
      new Route("Mole").to("Lighthouse", 2.75)
    )
    for (route <- routes) {
      println(route.toString + ": " + route.minutes(9) + " min")
    }
    val longest = routes.maxBy(route => route.length)
    println("longest: " + longest.length)
  }
}
