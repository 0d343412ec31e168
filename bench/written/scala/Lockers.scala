object Lockers {
  class Locker(val id: Int) {
    private var owner: Option[String] = None
    def give(name: String): Boolean = owner match {
      case None =>
        owner = ⟪name⟶Some(name)⟫
        true
      case Some(⟪⟶_⟫) => false
    }
    def holder: String = owner.getOrElse("nobody")
  }

  def find(lockers: Array[Locker], id: Int): Locker = {
    lockers.find(_.id == id).get
  }

  def free(lockers: Array[Locker]): Int =
    lockers.count(l => l.holder ⟪=⟶==⟫ "nobody")

  def main(args: Array[String]): Unit = {
    val lockers = ⟪new ⟶⟫Array(new Locker(1), new Locker(2))
    lockers(0).give("ida")
    println(find(lockers, 1).holder⟪;)⟶)⟫
    println(free(lockers))
    if (free(lockers) == 2) println("empty")
    val ids = lockers.map(l => l⟪->⟶.⟫id)
    println(ids.mkString("/"))
  }
}
