import scala.collection.mutable.ArrayBuffer

class Berth(val number: Int) {
  ⟪val⟶var⟫ boat: Option[String] = None
}

class Quay(count: Int) {
  private val berths = new ArrayBuffer[Berth]()
  for (i <- 1 to count) berths += new Berth(i)

  def dock(boat: String): Int = {
    berths.find(_.boat.isEmpty) match {
      case Some(berth) =>
        berth.boat = ⟪boat⟶Some(boat)⟫
        berth.number
      case None => -1
    }
  }

  def free: Int = berths.⟪Count⟶count⟫(_.boat.isEmpty)
}

object Berths {
  def main(args: Array[String]): Unit = {
    val quay = new Quay(2)
    val number = quay.dock("Skua")
    println("berth " + number)
    println(quay.free + ⟪' free'⟶" free"⟫)
  }
}
