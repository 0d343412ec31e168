case class Sighting(ship: String, hour: Int, miles: Double)

class Lookout(name: String) {
  private var seen: List[Sighting] = ⟪[]⟶Nil⟶≡List()⟫

  def spot(s: Sighting): Unit = {
    seen = s :: seen
  }

  def near(limit: Double): List[Sighting] = seen.filter(s => s.miles <= limit)

  def byHour: Map[Int, List[Sighting]] = seen.groupBy(⟪hour⟶_.hour⟶≡s => s.hour⟫)

  override def toString: ⟪string⟶String⟫ = name + " saw " + seen.size
}

object Lookout {
  def main(args: Array[String]): Unit = {
    val lookout = ⟪⟶new ⟫Lookout("mast")
    lookout.spot(Sighting("tern", 8, 2.5))
    lookout.spot(Sighting("gull", 9⟪ ⟶, ⟫4.0))
    println(lookout)
    val close = lookout.near(3.0)
    close.foreach(s => println(s.ship + " " + s⟪miles⟶.miles⟫))
    println(lookout.byHour.⟪get[8]⟶get(8)⟫)
  }
}
