class Mooring(val number: Int, var boat: Option[String]) {
  def free: Boolean = boat.isEmpty

  def tie(name: String): Unit ⟪⟶= ⟫{
    boat = ⟪name⟶Some(name)⟫
  }
}

class Basin(count: Int) {
  val moorings: Seq[Mooring] = (1 to count).map(n => new Mooring(n, None))

  def firstFree: Option[Mooring] = moorings.find(m => m.⟪isFree⟶free⟫)

  def arrive(name: String): Int = {
    firstFree match {
      case Some(m) =>
        m.tie(name)
        m.number
      case None => -1
    }
  }
}

object Moorings ⟪extend⟶extends⟫ App {
  val basin = new Basin(2)
  println(basin.arrive("Skua"))
  println(basin.arrive("Tern"⟪⟶)⟫)
  val left = basin.moorings.count(_.free)
  if (left ⟪=⟶==⟫ 0) println("full")
}
