import scala.collection.mutable⟪⟶._⟶.ArrayBuffer⟶
import scala.collection.mutable.ArrayBuffer⟫

class Pump(val id: Int, ⟪⟶val ⟫litres: Double) {
  def describe: String = s"pump $id moves $litres l"
}

⟪Object⟶object⟫ Pumps {
  def total(pumps: List[Pump]): Double = {
    var sum = 0.0
    for (p ⟪in⟶<-⟫ pumps) {
      sum += p.litres
    }
    ⟪return sum;;⟶sum⟶≡return sum;⟫
  }

  def longest(names: List[String]): ⟪Int⟶String⟫ = names.maxBy(_.length)

  def grade(litres: Double): Char = litres match {
    case x if x > 100 => 'A'
    case x if x > 50 ⟪->⟶=>⟫ 'B'
    case _ => ⟪"C"⟶'C'⟫
  }

  def main(args: Array[String]): Unit = {
    val pumps = List(new Pump(1, 120.5), new Pump(2, 48.0))
    val log = ArrayBuffer[String]()
    for (p <- pumps) {
      log ⟪+⟶+=⟫ p.describe
    }
    ⟪val⟶var⟫ n = 0
    while (n < log.size) {
      println(log(n))
      n = n + 1
    }
    println(s"total ${total(pumps)⟪⟶}⟫ l")
    println(longest(List("bilge", "fire")).length)
  }
}
