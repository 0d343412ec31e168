import scala.collection.mutable

sealed trait Guest
case class Yacht(name: String, metres: Double) extends Guest
case class Dinghy(name: String) ⟪implements⟶extends⟫ Guest

class Pontoon(val room: Double)⟪:⟶ {⟫
  private val guests = mutable.ListBuffer[Guest]()

  def length(g: Guest): Double = g match {
    case Yacht(_, m) => m
    case Dinghy(⟪⟶_⟫) => 2.5
  }

  def used: Double = guests.map(length).sum

  def add(g: Guest): Boolean = {
    if (used + length(g) > room) ⟪return False⟶return false⟫
    guests += g
    true
  }

  def names: List[String] = guests.toList.map {
    case Yacht(n, _) ⟪->⟶=>⟫ n
    case Dinghy(n) => n
  }
}

object Main {
  def main(args: Array[String]): Unit = {
    val p = new Pontoon(⟪"20"⟶20⟶20.0⟫)
    p.add(Yacht("Tern", 11))
    p.add(Dinghy(⟪Egg⟶"Egg"⟫))
    for (n ⟪in⟶<-⟫ p.names) ⟪printn⟶println⟫(n)
    println(s"used ${p.used⟪⟶}⟫")
  }
}
