import scala.collection.mutable

sealed trait Holding
case object Mud extends Holding
case object Sand extends Holding
case class Rock(grade: Int) extends Holding

case class Spot(name: String, depth: Double, holding: Holding)

class Anchorage {
  private val spots = ⟪mutable.ListBuffer()⟶mutable.ListBuffer[Spot]()⟶mutable.ListBuffer.empty[Spot]⟫
  ⟪val⟶var⟫ visits = 0

  def add(spot: Spot): Unit = spots += spot

  def score(spot: Spot): Int = spot.holding match {
    case Mud => 3
    case Sand => 2
    case Rock(grade) ⟪->⟶=>⟫ 1 - grade
  }

  def best: Option[Spot] =
    if (spots.isEmpty) ⟪Nothing⟶None⟫
    else Some(spots.maxBy(score))

  def visit(name: String): Boolean = {
    visits = visits + 1
    spots.exists(⟪name⟶_.name⟶s => s.name⟫ == name)
  }
}

object Main {
  def label(s: Spot)⟪ String⟶: String⟫ = s.name + " " + s.depth

  def main(args: Array[String]): Unit = {
    val bay = new Anchorage
    bay.add(Spot("Cove", 4.5, Mud))
    bay.add(Spot("Head", ⟪"7.0"⟶7.0⟫, Rock(1)))
    bay.best match {
      case Some(s) => println(label(s))
      case None => println("nowhere")
    }
    val seen = List("Cove", "Sound").filter(bay.visit)
    println(s"seen ${seen.⟪size()⟶size⟫} of ${bay.visits}")
  }
}
