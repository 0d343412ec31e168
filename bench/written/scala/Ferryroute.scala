import scala.util.{Try, Success⟪⟶, Failure⟫}

trait Leg {
  def miles: Double
  def label: String
}

class Sea(val miles: Double, val label: String) ⟪implements⟶extends⟫ Leg
class River(length: Double, val label: String) extends Leg {
  ⟪⟶def miles = length * 1.2⟶val miles = length * 1.2⟶def miles: Double = length * 1.2⟶def miles: Double = length⟶def miles = length⟫
}

object Ferryroute {
  type Route = List[Leg]

  def total(route: Route): Double = route.map(_.miles).⟪Sum⟶sum⟫

  def longest(route: Route): Leg = {
    var best = route⟪[0]⟶(0)⟶.head⟫
    for (leg <- route) {
      if (leg.miles > best.miles) ⟪then ⟶⟫{
        best = leg
      }
    }
    best
  }

  def parse(text: String): Try[Leg] = Try {
    val parts = text.split(":")
    parts(0) match {
      case "sea" => new Sea(⟪parts(1)⟶parts(1).toDouble⟫, parts(2))
      case "river" => new River(parts(1).toDouble⟪⟶, parts(2)⟫)
    }
  }

  def hours(route: Route, speed: Double): Double = total(route) / speed

  def main(args: Array[String]) : Unit = {
    val inputs = Seq("sea:12:Cape", "river:5:Mill", "road:3:Hill"⟪⟶)⟫
    val legs = inputs.flatMap { i =>
      parse(i) match {
        case Success(leg) => Some(leg)
        case Failure(e) =>
          println(s"skip $i")
          None
      }
    }⟪⟶.toList⟫
    println(f"total ${total(legs)}%.1f")
    println("longest " + longest(legs).⟪label()⟶label⟫)
    println(s"hours ${hours(legs, ⟪"6"⟶6⟶6.0⟫)}")
    val far = legs.filter(⟪leg.miles > 6⟶_.miles > 6⟶leg => leg.miles > 6⟫)
    if (far.nonEmpty ⟪and⟶&&⟫ far.size < 5) println("far: " + far.map(_.label).mkString(⟪','⟶","⟫))
    else println("near")
  }
}
