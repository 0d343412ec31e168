import scala.collection.mutable

sealed trait Move
case object Ahead extends Move
case object Astern extends Move
case class Turn(degrees: Int) ⟪implements⟶extends⟫ Move

case class Boat(name: String, x: Double, y: Double, heading: Int = 0) {
  def apply(move: Move): Boat = move match {
    case Ahead ⟪->⟶=>⟫ copy(x = x + math.cos(heading), y = y + math.sin(heading))
    case Astern => copy(x = x - math.cos(heading))
    case Turn(d) => copy(heading = (heading + d⟪⟶)⟫ % 360)
  }
}

class Game(boats: List[Boat]) {
  private ⟪val⟶var⟫ round = 0
  private val log = mutable.ListBuffer⟪<String>()⟶[String]()⟶.empty[String]⟫

  def play(moves: Map[String, Move]): List[Boat] = {
    round ⟪++⟶+= 1⟫
    val after = for (b ⟪in⟶<-⟫ boats) yield {
      moves.get(b.name) match {
        case Some(m) => b.apply(m)
        case ⟪null⟶None⟫ => b
      }
    }
    log += s"round $round: ${after.size} boats"
    after
  }

  def report: String = log⟪.join⟶.mkString⟫("\n")
}

object Harbourgame {
  def distance(a: Boat, b: Boat): ⟪double⟶Double⟫ = {
    val dx = a.x - b.x
    val dy = a.y - b.y
    ⟪sqrt⟶math.sqrt⟶Math.sqrt⟫(dx * dx + dy * dy)
  }

  def main(args: Array[String])⟪: Unit {⟶: Unit = {⟫
    val boats = List(Boat("Tern", 0, 0), Boat("Auk", 3⟪⟶, 0⟫))
    val game = new Game(boats)
    val after = game.play(Map("Tern" -> Ahead, "Auk" ⟪=⟶->⟫ Turn(90)))
    println(game.report)
    if (after.size > 1 ⟪and⟶&&⟫ distance(after(0), after(1)) < 1) {
      println("collision")
    }
    val names: List[String] = after⟪⟶.map(_.name)⟫
    println(names.mkString(", "))
  }
}
