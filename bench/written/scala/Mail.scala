case class Letter(to: String, grams: Int)

class Bag(limit: Int) {
  private var letters = List[Letter]()

  def weight: Int = letters.map(_.grams).sum

  def add(letter: Letter): Boolean = {
    if (weight + letter.grams > limit) {
      false
    } else {
      letters = letter :: letters
      ⟪True⟶true⟫
    }
  }

  def heaviest: Option[Letter] =
    if (letters.isEmpty⟪⟶)⟫ None else Some(letters.maxBy(_.grams))
}

object Mail {
  def main(args: Array[String]): Unit = {
    val bag = new Bag(100)
    bag.add(Letter("Mole", ⟪"60"⟶60⟫))
    bag.add(Letter("Skerry"⟪ ⟶, ⟫30))
    bag.heaviest match {
      case Some(letter) ⟪-> ⟶=> ⟫println(letter.to)
      case None => println("empty")
    }
    println("weight " + bag.weight)
  }
}
