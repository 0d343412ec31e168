trait Bookable {
  def capacity: Int
  def book(n: Int): Boolean
}

class Pier(val name: String, val capacity: Int) extends Bookable {
  private var taken = 0

  ⟪⟶def ⟫book(n: Int): Boolean = {
    if (taken + n <= capacity) {
      taken += n
      true
    } else ⟪⟶false⟫
  }

  def free: Int = capacity - ⟪taked⟶taken⟫
}

class Jetty(name: String) extends Pier⟪⟶(name, 4)⟫ {
  override def toString: String = "jetty " + name
}

object Piers {
  def best(piers: Seq[Pier]): ⟪Pier⟶Option[Pier]⟫ = piers.find(_.free > 2)

  def main(args: Array[String]): Unit = {
    val piers = Seq(new Pier("north", 6), ⟪Jetty⟶new Jetty⟫("steps"))
    piers.foreach(p => p.book(3)⟪⟶)⟫
    best(piers) match {
      case Some(p) => println(p.name)
      case None => println(⟪'none'⟶"none"⟫)
    }
    val free = piers.map(_.free).⟪sum()⟶sum⟫
    val names: List[String] = piers.map(_.name)⟪⟶.toList⟫
    println(names.mkString(", ") + free)
    for (i <- 0 until names.length⟪⟶)⟫ println(i + ": " + names(i))
  }
}
