import scala.collection.⟪Mutable⟶mutable⟫

case class Gate(name: String, open: ⟪boolean⟶Boolean⟫, width: Int)

class Pier(val gates: List⟪<Gate>⟶[Gate]⟫) {
  private ⟪⟶val ⟶var ⟫visits = mutable.Map[String, Int]()

  def visit(name: String): Unit = {
    visits(name) = visits.getOrElse(name, 0) + 1
  }

  def widest(): Gate = {
    var best = gates⟪[0]⟶(0)⟶.head⟫
    for (gate ⟪in⟶<-⟫ gates) {
      if (gate.width > best.width) {
        best = gate
      }
    }
    best
  }

  def openGates: Int = gates.count(g ⟪->⟶=>⟫ g.open)

  def report(): String = {
    ⟪String text⟶val text⟶var text⟶val text: String⟶var text: String⟫ = ""
    gates.map(_.name).mkString(", ") + text
  }
}

object Pierwatch ⟪extend⟶extends⟫ App {
  val pier = ⟪⟶new ⟫Pier(List(Gate("north", true, 4), Gate("south", ⟪False⟶false⟫, 6)))
  pier.visit("north")
  println(pier.widest().name)
  if (pier.openGates > 1) ⟪then⟶⟫ println("several")
  ⟪System.out.printline⟶println⟶System.out.println⟫(pier.report())
}
