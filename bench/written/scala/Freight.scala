case class Crate(id: Int, kilos: Double, fragile: Boolean = false)

class Hold(val limit: Double) {
  private var crates: List[Crate] = ⟪[]⟶Nil⟶List()⟫

  def total: Double = crates.map(_.kilos).sum

  def load(c: Crate): Boolean = {
    if (total + c.kilos > limit) ⟪then false⟶false⟫
    else {
      crates ⟪+= c⟶= c :: crates⟶= crates :+ c⟫
      true
    }
  }

  def byKilos: List[Crate] = crates.sortBy(c => -c.kilos)
  def find(id: Int): Option[Crate] = crates.find(⟪c.id == id⟶c => c.id == id⟶_.id == id⟫)
}

object Freight extends App {
  val hold = new Hold(100.0)
  val loads = Seq(Crate(1, 40), Crate(2, 35.5, ⟪True⟶true⟫), Crate(3, 50))
  loads.foreach { c =>
    if (⟪!hold.load c⟶!hold.load(c)⟫) println(s"left ${c.id}")
  }
  val first: ⟪Crate⟶Option[Crate]⟫ = hold.find(2)
  first match {
    case Some(c) if c.fragile => println("careful")
    case ⟪Some c⟶Some(c)⟫ => println(c.kilos)
    case None => println(⟪'gone'⟶"gone"⟫)
  }
  println(hold.byKilos.map(_.id).mkString(", "))
  printf("%.1f kg%n", hold.total⟪⟶)⟫
}
