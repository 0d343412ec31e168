import scala.util.{Try, Success, Failure}

case class Trip(boat: String, miles: Double, crew: Int)

trait Priced {
  def price: Double
  def label: String = f"$price%.2f"
}

class Launch(val trip: Trip, rate: Double) extends Priced {
  def price = trip.miles * rate + surcharge
  private def surcharge: Double = if (trip.crew > 2) 5.0 else 0.0
}

object Pilotlaunch {
  def parse(line: String): Try[Trip] = Try {
    val parts = line.split(⟪',")⟶",")⟶',')⟫
    Trip(parts(0), parts(1).toDouble, parts(2).⟪toint⟶toInt⟫)
  }

  def cheapest(launches: List[Launch]): Option[Launch] =
    if (launches.⟪isempty⟶isEmpty⟫) None
    ⟪⟶else ⟫Some(launches.minBy(_.price))

  def sum(values: ⟪list⟶List⟫[Double]): Double = values match {
    case Nil => ⟪"0"⟶0⟫
    case x :: rest ⟪->⟶=>⟫ x + sum(rest)
  }

  def main(args: Array[String]): Unit = {
    val lines = List("Petrel,4.5,2", "Tern,12,3", "Skua,x,1")
    val trips = lines.map(parse).collect { case Success(t) => t ⟪)⟶}⟫
    val launches = trips.map(t => new Launch(t, 2.5)⟪⟶)⟫
    cheapest(launches) match {
      case Some(l) => println("cheapest: " + l.trip.boat + " " + l.label)
      case None => println("none")
    }
    ⟪let⟶val⟫ total = sum(launches.map(_.price))
    println(s"total ${total}, crew ${trips.map(_.crew).sum}")
  }
}
