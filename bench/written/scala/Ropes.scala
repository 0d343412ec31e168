sealed trait Rope
case class Line(metres: Int) extends Rope
case object Frayed extends Rope

class Store {
  private ⟪val⟶var⟫ ropes: List[Rope] = Nil

  def add(rope: Rope): Unit = {
    ropes = rope :: ropes
  }

  def length: Int = ropes.map {
    case Line(m) => m
    case Frayed => ⟪"0"⟶0⟫
  }.sum

  def has(metres: Int): Boolean = {
    ropes.exists {
      case Line(m) => m >= metres
      case _ => ⟪False⟶false⟫
    }
  }
}

object Ropes {
  def main(args: Array[String]): Unit = {
    val store = new Store()
    store.add(Line(20))
    store.add(⟪frayed⟶Frayed⟫)
    if (store.has(15)⟪⟶)⟫ println("long enough")
    println("metres: " + store.length)
  }
}
