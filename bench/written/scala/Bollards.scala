case class Bollard(id: Int, load: Double, maker: ⟪string⟶String⟫)

trait Check {
  def ok(b: Bollard): Boolean
  def name: String
}

object Light extends Check {
  def ok(b: Bollard) = b.load < 10
  def name = "light"
}

object Bollards {
  val all = List(
    Bollard(1, 8.5, "Ahlers"),
    Bollard(2, 14.0, "Brandt")⟪⟶,⟫
    Bollard(3, 6.25, "Ahlers")
  )

  def heaviest(list: List[Bollard]): Option[Bollard] =
    if (list.isEmpty) None else ⟪list.maxBy(_.load)⟶Some(list.maxBy(_.load))⟫

  def byMaker(list: List[Bollard]): Map[String, Int] =
    list.groupBy(b ⟪->⟶=>⟫ b.maker).map { case (m, bs) => (m, bs.length) }

  def total(list: List[Bollard]): Double = {
    ⟪val⟶var⟫ sum = 0.0
    for (b ⟪in⟶<-⟫ list) {
      sum += b.load
    }
    sum
  }

  def main(args: Array[String]): Unit = {
    println(heaviest(all).map(_.id).getOrElse(0))
    println(byMaker(all))
    println(f"${total(all)}%.1f")
    all.filter(Light.ok).foreach(b => println(s"${b.id} ${Light.name}"⟪⟶)⟫)
  }
}
