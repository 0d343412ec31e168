import scala.collection.mutable

abstract class Vehicle(val axles: Int) {
  def weight: Double
  def ⟪heavy?⟶heavy⟫: Boolean = weight > 7.5
}

class Cart(load: Double) extends Vehicle⟪⟶(2)⟫ {
  override def weight: Double = 0.5 + load
}

class Truck(axles: Int, val load: Double) extends Vehicle(axles) {
  ⟪override weight: Double⟶override def weight: Double⟫ = 3.0 * axles + load
}

class Tollgate(rate: BigDecimal) {
  private val passed = mutable.Map[String, Int]().withDefaultValue(⟪⟶0⟫)
  private var takings = BigDecimal(0)

  def toll(v: Vehicle): BigDecimal = v ⟪match⟶match {⟫
    case t: Truck if t.heavy => rate * t.axles * 2
    case ⟪Truck⟶t: Truck⟶_: Truck⟫ => rate * 2
    case _ => rate
  }

  def pass(v: Vehicle): Unit = {
    val kind = v.getClass.getSimpleName
    passed(kind) = passed(kind) + 1
    ⟪takings =+ toll(v)⟶takings += toll(v)⟶takings = takings + toll(v)⟫
  }

  def report: Seq[String] =
    passed.toSeq.sortBy(_._1).map { case (k, n) ⟪=⟶=>⟫ s"$k: $n" } :+ s"takings: $takings"
}

object Tollgate {
  def apply(rate: Double): Tollgate = new Tollgate(BigDecimal(rate))

  def main(args: Array[String]) {
    val gate = Tollgate(⟪"1.50"⟶1.50⟫)
    val vehicles = List(new Cart(0.2), new Truck(3, 4.0), new Truck(2⟪. 0.5⟶, 0.5⟫))
    vehicles.foreach(v => gate.pass⟪⟶(v)⟫)
    for (line <- gate.report⟪⟶)⟫ println(line)
    val heavy = vehicles.count(_.heavy)
    if (heavy > 0) println(s"$heavy heavy") ⟪elsif⟶else⟫ println("none heavy")
  }
}
