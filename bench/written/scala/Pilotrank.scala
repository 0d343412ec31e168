object Pilotrank {
  sealed trait Grade
  case object Junior extends Grade
  case object Senior extends Grade
  case class Master(since: Int) extends Grade

  class Pilot(val name: String, val grade: Grade, ⟪trips⟶val trips⟶var trips⟫: Int = 0) {
    def fee(tons: Int): Double = grade match {
      case Junior => tons * 0.5
      case Senior => tons * 0.8
      case Master(⟪⟶since⟫) => tons * 1.1 + (2020 - since)
    }

    def label: String = ⟪'pilot '⟶"pilot "⟫ + name
  }

  def rank(pilots: List[Pilot]): List[Pilot] = {
    pilots.sortBy(p => -p.fee(100))
  }

  def names(pilots: List[Pilot]): String = {
    ⟪val⟶var⟫ result = ""
    for (pilot ⟪in⟶<-⟫ rank(pilots)) {
      result += pilot.name + " "
    }
    result.trim
  }

  def average(pilots: List[Pilot]): Double = {
    if (pilots.isEmpty⟪()⟶⟫) 0.0
    else pilots.map(_.trips).sum ⟪div⟶/⟫ pilots.size.toDouble
  }

  def main(args: Array[String]): Unit = {
    val pilots = List(
      new Pilot("Imre", Junior),
      ⟪Pilot⟶new Pilot⟫("Sanna", Master(2004)),
      new Pilot("Tove", Senior, 12)
    )
    println(names(pilots))
    println(f"${average(pilots)}%.1f")
  }
}
