import scala.collection.mutable.ListBuffer

sealed trait State
case object Idle extends State
case object Working extends State
case class Broken(part: String) ⟪implements⟶extends⟫ State

case class Dredger(name: String, depth: ⟪double⟶Double⟫, state: State) {
  def canReach(target: Double): Boolean = ⟪Depth⟶depth⟫ >= target
}

class Fleet(start: List[Dredger]) {
  private val log = ListBuffer[String]()
  private ⟪val⟶var⟫ boats = start

  def report(name: String, part: String): Unit = {
    boats = boats.map { b =>
      if (b.name == name) b.copy(state = Broken(part)) else b
    }
    log += s"$name: $part"
  }

  def free(target: Double): Option[Dredger] =
    boats.find(b => b.state == Idle ⟪and⟶&&⟫ b.canReach(target))

  def describe(b: Dredger): String = b.state match {
    case Idle => b.name + " waits"
    case Working => b.name + " works"
    case Broken(part) ⟪⟶=> ⟫b.name + " needs " + part
  }

  def lines: List[String] = boats.map(describe)

  def deepest: Double = {
    ⟪⟶var ⟫best = 0.0
    for (b ⟪in⟶<-⟫ boats) {
      if (b.depth > best) {
        best = b.depth
      }
    }
    best
  }

  def history: Seq[String] = log.⟪tolist⟶toList⟫
}

object Dredgers {
  def main(args: Array[String]): Unit = {
    val fleet = new Fleet(List(
      Dredger("Mudlark", 8.5, Idle),
      Dredger("Grab", 14.0, Idle)⟪⟶,⟫
      Dredger("Scoop", 11.0, Working)
    ))
    fleet.report("Mudlark", "chain")
    fleet.lines.foreach(println)
    println(fleet.free(10).map(_.name).getOrElse("none"))
    println(s"deepest ${fleet.deepest}, log ${fleet.history.mkString("; ")}"⟪⟶)⟫
  }
}
