case class Crane(id: Int, reach: Double, var load: Double = 0⟪⟶)⟫

trait Lifts {
  def lift(c: Crane, tons: Double): Either[String, Crane]
}

class Limited(max: Double) ⟪implements⟶extends⟫ Lifts {
  ⟪override function⟶override def⟶≡def⟫ lift(c: Crane, tons: Double): Either[String, Crane] = {
    if (c.load + tons > max) ⟪⟶Left(⟫s"crane ${c.id} is full"⟪⟶)⟫
    else {
      c.load += tons
      Right(c)
    }
  }
}

object Cranes {
  val all = List(Crane(1, 12.5), Crane(2, ⟪"20"⟶20⟫))

  def furthest: Crane = all.maxBy(c ⟪->⟶=>⟫ c.reach)

  def loads: Map[Int, Double] = all.map(c => ⟪c.id, c.load⟶(c.id, c.load)⟶c.id -> c.load⟶≡c.id -> c.load⟫).toMap

  def main(args: Array[String]): Unit = {
    val rule⟪: = ⟶ = ⟫new Limited(10)
    for (c <- all; t <- Seq(3, 8)) {
      rule.lift(c, t) match {
        case Left(why) => println(why)
        case Right(crane)⟪: ⟶ => ⟫println(s"${crane.id} has ${crane.load}")
      }
    }
    println("furthest " + furthest.⟪ID⟶id⟫)
    if (loads.values.sum > 20⟪⟶)⟫ println("busy")
    println(loads)
  }
}
