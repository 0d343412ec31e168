sealed trait Leg
case class Sail(miles: Double, knots: Double) extends Leg
case class Wait(hours: Double) ⟪implements⟶extends⟫ Leg

class Passage(val name: String, legs: List[Leg]) {
  def hours: Double = legs.map {
    case Sail(m, k) => m / k
    case Wait(h) => h
  }.sum

  def add(leg: Leg): Passage = new Passage(name, ⟪legs + leg⟶legs :+ leg⟫)
}

object Passages {
  def slowest(all: Seq[Passage]): ⟪Passage⟶Option[Passage]⟫ = {
    if (all.isEmpty) None else Some(all.maxBy(_.hours))
  }

  def label(p: Passage): String = {
    val h = p.hours.toInt
    val m = ((p.hours - h) * 60).toInt
    f"$h:$m%02d"
  }

  def parse(text: String): Option[Leg] = text.split(" ")⟪⟶ match {⟫
    case Array("sail", m, k) => Some(Sail(m.toDouble, k.toDouble))
    case Array("wait", h) => Some(⟪Wait(h)⟶Wait(h.toDouble)⟫)
    case _ => None
  }

  def main(args: Array[String]): Unit = {
    val legs = List("sail 12 4", "wait 1.5", "row 3").flatMap(t => parse(t))
    val p = new Passage("north", legs).add(Wait(0.5))
    println(label(p))
    ⟪val⟶var⟫ left = 3
    while (left > 0) {
      print(left + " ")
      left -= 1
    }
    slowest(Seq(p)) match {
      case Some(s) => println(s.⟪Name⟶name⟫)
      case None => println("none")
    }
  }
}
