trait Priced {
  def price: Double
  def label: String
}

class Crate(val good: String, val kilos: Double) extends Priced {
  def price: Double = kilos * 0.5
  def label: String = good
}

object Stock {
  def total(all: Seq[Priced]): Double = {
    var sum = 0.0
    for (item ⟪in⟶<-⟫ all) {
      sum += item.price
    }
    sum
  }

  def heavy(all: Seq[Crate], limit: Double): Seq[String] =
    all.filter(c => c.kilos > limit).map(_.⟪Good⟶good⟫)

  def main(args: Array[String]): Unit = {
    val crates = Seq(new Crate("rope", 12.5), new Crate("salt", ⟪"40"⟶40⟫))
    println(total(crates))
    val names = heavy(crates, 20)
    if (names.isEmpty) {
      println("all light")
    } ⟪elsif⟶else if⟫ (names.size == 1) {
      println("one heavy")
    }
    println(names.mkString(", "⟪⟶)⟫)
  }
}
