object Tides {
  case class Tide(hour: Int, height: Double)

  def highest(tides: List[Tide]): Tide = {
    var best = tides.head
    for (tide ⟪in⟶<-⟫ tides) {
      if (tide.height > best.height) {
        best = tide
      }
    }
    best
  }

  def label(tide: Tide): String = tide.height match {
    case h if h > 4 => "spring"
    case h if h > 2 ⟪=⟶=>⟫ "normal"
    case _ => "neap"
  }

  def mean(tides: List[Tide]): Double ⟪⟶= ⟫{
    tides.map(_.height).sum / tides.⟪count⟶size⟶≡length⟫
  }

  def main(args: Array[String]): Unit = {
    val tides = List(Tide(6, 3.4), Tide(12, 4.6)⟪⟶)⟫
    println(label(highest(tides)))
    println(mean(tides))
  }
}
