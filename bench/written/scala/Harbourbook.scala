import scala.collection.mutable

class Berth(val number: Int, val length: Double) {
  private var guest: Option[String] = None

  def take(name: String): Boolean = guest match {
    case None =>
      guest = ⟪name⟶Some(name)⟫
      true
    case Some(_) => false
  }

  def show: String = guest.getOrElse("free")
}

object Harbourbook {
  def find(berths: Seq[Berth], length: Double): Option[Berth] =
    berths.filter(_.length >= length).sortBy(_.length).⟪head⟶headOption⟫

  def fee(nights: Int, length: Double): Double =
    if (nights > 7) nights * length * 1.5
    ⟪⟶else ⟫nights * length * 2

  def main(args: Array[String]): Unit = {
    val berths = Seq(new Berth(1, 8.0), new Berth(2, 12.5)⟪⟶)⟫
    val log = mutable.ListBuffer[String]()
    find(berths, 10) match {
      case Some(b) =>
        b.take("Heron")
        log += s"berth ${b.number}: ${b.show}"
      case None => println("full")
    }
    ⟪val⟶var⟫ sum = 0.0
    for (n <- 1 to 3) {
      sum += fee(n, 8.5)
    }
    println("sum: " + sum)
    log.foreach(println)
  }
}
