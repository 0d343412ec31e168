abstract class Item {
  def value: Double
}

class Fee(amount: Double) extends Item {
  override def value: Double = amount
}

class Fuel(litres: Double, price: Double) extends Item {
  override def value: Double = litres * price
}

object Ledger {
  def total(items: List[Item]): Double = items match {
    case Nil => 0.0
    case first :: rest => first.value + total(rest)
  }

  def parse(line: String): Option[(String, Int)] = {
    val parts = line.split("=")
    if (parts.length == 2) {
      Some((parts(0).trim, parts(1).trim.toInt))
    } else {
      None
    }
  }

  def main(args: Array[String]): Unit = {
    val items = List(new Fee(45), new Fuel(120, 1.8), new Fee(30))
    println("items: " + items.size)
    println("total: " + total(items))
    val lines = List("rope = 12", "paint = 30", "nothing")
    val known = lines.flatMap(line => parse(line))
    known.foreach { case (name, amount) => println(name + ": " + amount) }
  }
}
