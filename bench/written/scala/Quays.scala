import scala.collection.mutable

class Quay(val number: Int, private var free: Boolean) {
  def isFree: Boolean = free
  def take(): Unit = { free = false }
}

object Quays {
  val quays = mutable.Map[Int, Quay]()

  def open(n: Int): Unit = {
    quays(n) = new Quay(n⟪⟶, true⟫)
  }

  def firstFree(): Option[Int] = {
    val open = quays.values.filter(_.⟪free⟶isFree⟫).map(_.number).toList.sorted
    open.headOption
  }

  def report(): String = {
    val parts = quays.toList.sortBy(_._1).map { case (n, q) =>
      n.toString + ":" + (if (q.isFree⟪⟶)⟫ "free" else "taken")
    }
    parts.mkString(" ")
  }

  def main(args: Array[String]): Unit = {
    (1 to 3).foreach(open)
    quays(1).take()
    val ⟪n: String⟶n: Option[Int]⟶≡n⟫ = firstFree()
    println(n)
    println(report⟪[]⟶()⟶⟫)
  }
}
