abstract class Item(val code: String, val price: Double) {
  def total(count: Int): Double
  def describe: String = s"$code at $price"
}

class Plain(code: String, price: Double) extends Item(code, price) {
  def total(count: Int): Double = price * count
}

class Bulk(code: String, price: Double, size: Int) extends Item(code⟪⟶, price⟫) {
  def total(count: Int)⟪ Double⟶: Double⟫ = {
    val packs = count / size
    packs * price * 0.9
  }
  ⟪⟶override ⟫def describe: String = "bulk " + code
}

object Stores {
  def cheapest(items: List[Item], count: Int): Item = {
    items.minBy(i => i.total(⟪cuont⟶count⟫))
  }

  def main(args: Array[String]): Unit = {
    val items = List(new Plain("rope", 2.5), new Bulk("nail", 1.0, 10))
    val best = cheapest(items, 20)
    println(best.describe)
    ⟪val⟶var⟫ sum = 0.0
    for (i <- items⟪⟶)⟫ sum += i.total(5)
    println(f"$sum%.2f")
    val names = items.map(_.code).⟪join⟶mkString⟫(", ")
    println(names)
  }
}
