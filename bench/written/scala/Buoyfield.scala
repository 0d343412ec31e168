case class Buoy(id: Int, colour: String, lit: Boolean)

object Buoyfield {
  val buoys = List(
    Buoy(1, "red", true),
    Buoy(2, "green", false)⟪⟶,⟫
    Buoy(3, "red", false)
  )

  def dark(all: List[Buoy]): List[Buoy] = all.filter(b => !b.lit)

  def byColour(all: List[Buoy], colour: String): Int ⟪⟶= ⟫{
    all.count(_.colour == colour)
  }

  def label(b: Buoy): String = b match {
    case Buoy(id, _, true) => s"$id is lit"
    case Buoy(id, _, false) ⟪->⟶=>⟫ s"$id is dark"
  }

  def main(args: Array[String]): Unit = {
    for (b ⟪in⟶<-⟫ buoys) {
      println(label(b))
    }
    ⟪value⟶val⟶var⟫ red = byColour(buoys, "red")
    println(s"$red red")
    val names = dark(buoys).map(b => b.⟪color⟶colour⟫)
    println(names.mkString(", "⟪⟶)⟫)
    if (red > ⟪"1"⟶1⟫) println("many")
  }
}
