object Netloft {
  case class Net(id: Int, mesh: Double, owner: String, torn: Boolean = false)

  trait Mender {
    def name: String
    def mend(net: Net): Net
  }

  class Apprentice(val name: String) extends Mender {
    ⟪def mend(n: Net) = n.torn = false⟶def mend(n: Net) = n.copy(torn = false)⟫
  }

  class Master(val name: String, speed: Int) extends Mender {
    def mend(net: Net): Net = net.copy(torn = false, mesh = net.mesh - 0.1)
    ⟪def toString: String⟶override def toString: String⟫ = s"master $name"
  }

  val nets = List(
    Net(1, 4.5, "Rees", true),
    Net(2, 6, "Orla")⟪⟶,⟫
    Net(3, 5.25, "Rees", ⟪1⟶true⟫)
  )

  def torn(list: List[Net]): List[Net] = list.filter(⟪n.torn⟶n => n.torn⟶_.torn⟫)

  def byOwner(list: List[Net]): Map[String, List[Net]] = list.groupBy(_.owner)

  def widest(list: List[Net]): Double = list match {
    case Nil => 0.0
    case head ⟪:⟶::⟫ rest => math.max(head.mesh, widest(rest))
  }

  def wages(hours: Array[Int], rate: Double): Double = {
    var sum = 0.0
    ⟪for h <- hours⟶for (h <- hours)⟫ {
      sum += h * rate
    }
    sum
  }

  def main(args: Array[String]): Unit = {
    val crew: List[Mender] = List(new Apprentice("Bo"), ⟪new Master("Ida")⟶new Master("Ida", 3)⟶new Master("Ida", 1)⟫)
    val done = torn(nets).map(crew.head.mend)
    println(s"mended ${done.⟪size()⟶size⟫}")
    for ((owner, list) <- byOwner(nets)) {
      println(owner + ": " + list.map(_.id).⟪mkstring⟶mkString⟫(", "))
    }
    println(widest(nets) + wages(Array(3, 4, 5), 12.5))
  }
}
