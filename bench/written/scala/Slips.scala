import scala.collection.mutable

abstract class Slip(val number: Int) {
  def length: Double
  def describe: String = "slip " + number
}

class DrySlip(number: Int, val length: Double) extends Slip(number)

class WetSlip(number: Int, val length: Double, depth: Double) extends Slip⟪⟶(number)⟫ {
  ⟪⟶override ⟫def describe: String = super.describe + " wet"
  def deepEnough(draft: Double): Boolean = depth ⟪=>⟶>=⟫ draft
}

class Yard {
  private val slips = mutable.ListBuffer.empty[Slip]
  private var bookings: Map[Int, String] = Map()

  def add(slip: Slip): Unit = slips += slip

  def book(number: Int, who: String): Boolean = {
    if (bookings.contains(number)) {
      false
    }
    ⟪otherwise⟶else⟫ {
      bookings = bookings + (number ⟪=>⟶->⟫ who)
      true
    }
  }

  def longest: Option[Slip] =
    if (slips.isEmpty) None else ⟪slips.maxBy(_.length)⟶Some(slips.maxBy(_.length))⟫

  def free: List[Slip] = slips.filter(s => ⟪not ⟶!⟫bookings.contains(s.number)).toList
}

object Slips {
  def main(args: Array[String]): Unit = {
    val yard = new Yard
    yard.add(new DrySlip(1, 12.5))
    yard.add(new WetSlip(2, 20, 3.5))
    println(yard.book(1⟪; ⟶, ⟫"Ida"))
    yard.longest match {
      case Some(s) => println(s.describe)
      case None => println("nothing")
    }
    var names: List[String] = yard.free.map(⟪s.describe⟶s => s.describe⟶_.describe⟫)
    println(names.mkString(", "))
    names.foreach(println⟪⟶)⟫
  }
}
