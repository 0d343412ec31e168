import scala.annotation.tailrec

trait Shape {
  def area: Double
  def name: String
}

class Pond(val width: Double, val length: Double) extends Shape {
  def area: Double ⟪{ width * length }⟶= width * length⟶= { width * length }⟫
  override def name = "pond"
}

class Basin(radius: Double) extends Shape {
  def area = ⟪Math.PI * radius ^ 2⟶Math.PI * radius * radius⟶math.Pi * radius * radius⟫
  def name = "basin"
  override def toString = s"$name of ${area⟪⟶}⟫ m2"
}

class Cage(side: Double) extends Shape {
  def area: Double = side * side
  ⟪⟶def name: String = "cage"⟶def name = "cage"⟶override def name: String = "cage"⟫
}

object Harbourfarm {
  val limit: Int = 500

  @tailrec
  def feed(days: Int, store: Double): ⟪Int⟶Double⟫ =
    if (days == 0) store else feed(days - 1, store * 0.9⟪⟶)⟫

  def total(shapes: Seq[Shape]): Double =
    shapes.map(_.area).foldLeft(0.0)(⟪(a + b)⟶(a, b) => a + b⟶_ + _⟫)

  def largest(shapes: Seq[Shape]): Shape = {
    var best = shapes⟪[0]⟶(0)⟶.head⟫
    for (i <- 1 ⟪to shapes.length()⟶until shapes.length⟫) {
      if (shapes(i).area > best.area)
        best = shapes(i)
    }
    best
  }

  def grade(area: Double): String = area match {
    case a ⟪where⟶if⟫ a > 100 => "large"
    case a if a > 10 => "middle"
    case _ => "small"
  }

  def main(args: Array[String]): Unit = {
    val shapes = List(new Pond(20, 5), new Basin(3), new Cage(⟪"4"⟶4⟫))
    ⟪var count⟶var count = 0⟶var count: Int = 0⟫
    for (shape <- shapes) {
      println(shape.name + ": " + grade(⟪shape⟶shape.area⟫))
      ⟪++count⟶count += 1⟫
    }
    val sum: ⟪Int⟶Double⟫ = total(shapes)
    println(f"$sum%.1f in $count")
    val big = largest(shapes)
    println(big.⟪getName⟶name⟫)
    if (sum > limit) println("over") ⟪elif⟶else if⟫ (sum == limit) println("full") else println("room")
    shapes.filter(_.area > 10).⟪for_each⟶foreach⟫(s => println(s))
    println(feed(3, 100))
  }
}
