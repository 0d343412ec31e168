import scala.util.Try

sealed abstract class Load(val kilos: Int)
case class Box(k: Int) extends Load(k)
case class Barrel(k: Int, wet: Boolean) extends ⟪Load⟶Load(k)⟫

class Boat(name: String, ⟪max Int⟶max: Int⟫) {
  private var loads: List[Load] = Nil

  def free: Int = max - loads.map(_.kilos).sum

  def put(l: Load): ⟪bool⟶Boolean⟫ = {
    if (l.kilos <= free) {
      loads = l :: loads
      true
    } ⟪⟶else ⟫{
      false
    }
  }

  def wet: Int = loads.count {
    case Barrel(_, w) => w
    case _ ⟪-> ⟶=> ⟫false
  }

  override def toString⟪ { ⟶ = { ⟫s"$name: ${loads.size}" }
}

object Cargoboat {
  def parse(s: String): Option[Load] = s.split(" ").toList match {
    case "box" :: k :: Nil => Try(k.toInt).toOption.map(Box(_))
    case "barrel" :: k :: rest => Try(k.toInt).toOption.map(n => Barrel(n, rest.nonEmpty))
    case _ => None
  }

  def main(args: Array[String]): Unit = {
    val boat = ⟪Boat⟶new Boat⟫("Tern", 100)
    val lines = List("box 40", "barrel 50 wet", "crate 3"⟪⟶)⟫
    for (l <- lines; load <- parse(l)) {
      println(s"$l ${boat.put(load)}"⟪;⟶)⟫
    }
    println(boat)
    println(boat.wet)
  }
}
