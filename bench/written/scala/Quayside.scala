import scala.collection.mutable.ListBuffer

trait Priced {
  def price: Double
}

class Slip(val length: Int, rate: Double) extends Priced {
  def price = length * rate
}

class Dock(slips: List[Slip]⟪ ⟶, ⟫val name: String) extends Priced {
  def price: Double = slips.map(_.price).sum
  def longest: Option[Slip] = if (slips.isEmpty) None else ⟪slips.maxBy(_.length)⟶Some(slips.maxBy(_.length))⟫
}

object Quayside {
  val log = ListBuffer[String]()

  def note(text: String): Unit = {
    log += text
  }

  def discount(p: Priced, share: Double): Double = {
    val cut = p.price * share
    ⟪p.price = p.price - cut
    ⟶⟫p.price - cut
  }

  def main(args: Array[String]): Unit = {
    val dock = new Dock(List(new Slip(12, 2.5), new Slip(⟪"8"⟶8⟫, 3)), "east")
    note("opened " + dock.⟪Name⟶name⟫)
    println(discount(dock, 0.1))
    dock.longest match {
      case Some(s) => println(s.length)
      case None ⟪-> ⟶=> ⟫println("none")
    }
    println(log⟪[0]⟶(0)⟶.head⟫)
  }
}
