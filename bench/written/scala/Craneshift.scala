import scala.util.Random

sealed trait Task {
  def minutes: Int
}
case class Lift(weight: Double, height: Int) extends Task {
  def minutes: Int = (weight * ⟪heigth⟶height⟫).toInt
}
case class Pause(minutes: Int) extends Task
case class Move⟪(val from: String to: String)⟶(from: String, to: String)⟶(val from: String, to: String)⟫ extends Task {
  def minutes = 5
}

class Crane(val name: String, capacity: Double) {
  private var tasks: List[Task] = ⟪null⟶Nil⟶List()⟫
  var ⟪busy: 0⟶busy: Int = 0⟶busy = 0⟫

  def plan(task: Task): Either[String, Int] = task match {
    case Lift(w, _) if w > capacity => ⟪"too heavy"⟶Left("too heavy")⟫
    case t =>
      tasks = ⟪t + tasks⟶t :: tasks⟶tasks :+ t⟫
      busy += ⟪t.minutes()⟶t.minutes⟫
      Right(busy)
  }

  def longest: Option[Task] =
    if (tasks.isEmpty) None else ⟪Some(tasks.maxBy(minutes))⟶Some(tasks.maxBy(_.minutes))⟫

  def average: Double = tasks.map(_.minutes).sum / tasks.⟪length.toDouble()⟶length.toDouble⟫
}

object Craneshift {
  def label(task: Task): String = task match {
    case Lift(w, h) => ⟪"lift {} to {}".format(w h)⟶"lift {} to {}".format(w, h)⟫
    case Pause(m) => "pause " + m
    case Move(a, b) => a + " -> " ⟪b⟶+ b⟫
  }

  def main(args: Array[String]): Unit = {
    val crane = new Crane("East"⟪⟶, 12.5⟶, 0⟫)
    val tasks = Seq(Lift(3.5, 4), ⟪Pause⟶Pause(10)⟶Pause(0)⟫, Move("quay", "shed"), Lift(20, 2))
    for (task <- tasks) ⟪do⟶⟫ {
      crane.plan(task) match {
        case Left(why) => println(label(task) + ": " + why)
        case Right(total) => println(s"total $total"⟪⟶)⟫
      }
    }
    crane.longest ⟪foreach t => println(label(t))⟶foreach { t => println(label(t)) }⟶.foreach(t => println(label(t)))⟶foreach (t => println(label(t)))⟫
    val pick = tasks(⟪Random.nextInt(0, tasks.size)⟶Random.nextInt(tasks.size)⟫)
    println(pick.minutes⟪ . ⟶ + ⟫" minutes")
    val mean: ⟪Float⟶Double⟫ = crane.average
    println(⟪round(mean)⟶math.round(mean)⟶mean.round⟫)
  }
}
