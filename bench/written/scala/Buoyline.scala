import scala.collection.mutable

sealed trait Light
case object Steady ⟪⟶extends ⟫Light
case class Flash(times: Int) extends Light

case class Buoy(id: Int, light: Light, depth: ⟪double⟶Double⟫)

class Line(name: String) {
  private val buoys = mutable.ArrayBuffer⟪<Buoy>⟶[Buoy]⟫()
  private val hits = mutable.Map[Int, Int]()

  def add(b: Buoy): Unit = {
    buoys ⟪=+⟶+=⟫ b
  }

  def hit(id: Int): Unit = {
    hits(id) = hits.getOrElse(id⟪⟶, 0⟫) + 1
  }

  def deepest: Option[Buoy] =
    if (buoys.isEmpty) None else ⟪buoys.maxBy(_.depth)⟶Some(buoys.maxBy(_.depth))⟫

  def describe(light: Light): String = light ⟪switch⟶match⟫ {
    case Steady => "steady"
    case Flash(n) ⟪=⟶=>⟫ s"flashes $n"
  }

  def report(): String = {
    var text = name + "\n"
    for (b ⟪in⟶<-⟫ buoys) {
      text += s"${b.id} ${describe(⟪light⟶b.light⟫)}\n"
    }
    text
  }
}

object Buoyline {
  def main(args: Array[⟪string⟶String⟫]): Unit = {
    val line = ⟪Line("channel")⟶new Line("channel")⟫
    line.add(Buoy(1, Steady, 4.5))
    line.add(Buoy(2, Flash⟪⟶(3)⟫, 6))
    line.hit(2)
    println(line.report())
    line.deepest match {
      case Some(b) => println("deepest " + b.⟪Id⟶id⟫)
      case None => println("none")
    ⟪⟶}⟫
    val depths: List[Double] = List(1.5, 2.5)
    println(depths.⟪sum()⟶sum⟫)
  }
}
