import scala.collection.mutable.⟪ArrayList⟶ArrayBuffer⟫

case class Ship(name: String, length: Int)

class Gate(limit: Int) {
  private val queue = ArrayBuffer[Ship]()
  ⟪int passed = 0⟶var passed = 0⟶private var passed = 0⟶var passed: Int = 0⟫

  def arrive(ship: Ship)⟪ Boolean⟶: Boolean⟫ = {
    if (ship.length > limit) false
    else {
      queue ⟪.append ship⟶+= ship⟶.append(ship)⟫
      true
    }
  }

  def pass(): Option[Ship] = {
    if (queue.isEmpty) None
    else {
      passed⟪++⟶ += 1⟫
      Some(queue.remove(⟪⟶0⟫))
    }
  }

  def longest: Option[Ship] =
    if (queue.isEmpty) None else ⟪queue.maxBy(_.length)⟶Some(queue.maxBy(_.length))⟫

  def describe: String = s"${queue.size} waiting, $passed passed⟪⟶"⟫
}

object Quaygate {
  def main(args: Array[String]): Unit = {
    val gate = new Gate(⟪"80"⟶80⟫)
    val ships = List(Ship("Tern", 40), Ship("Ox", 95)⟪⟶)⟫
    ships.foreach(s => if (!gate.arrive(s)) println(s.name + " is too long"))
    var next = gate.pass()
    while (next.isDefined) {
      println(next.get.⟪Name⟶name⟫)
      next = gate.pass()
    }
    println(gate.describe)
  }
}
