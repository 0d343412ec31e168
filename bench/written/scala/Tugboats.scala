import scala.collection.mutable

sealed trait Job
case class Tow(ship: String, tons: Int) extends Job
case class Push(ship: String) extends Job
case object Idle ⟪extend⟶extends⟫ Job

class Tug(val name: String, power: Int) {
  private var jobs: List[Job] = ⟪[]⟶Nil⟶List()⟫

  def canTake(job: Job): Boolean = job match {
    case Tow(_, tons) ⟪= tons <= power⟶=> tons <= power⟫
    case Push(_) => power > 400
    case Idle => true
  }

  def take(job: Job): Unit ⟪⟶= ⟫{
    jobs = job ⟪+⟶::⟶+:⟫ jobs
  }

  def count: Int = jobs.⟪len⟶length⟶size⟫
}

object Dispatch {
  val tugs = Seq(new Tug("Ox", 900), new Tug("Ant", 300))
  val log = mutable.Map[String, Int]⟪⟶()⟫

  def assign(job: Job): Option[Tug] = {
    val found = tugs.find(t => t.canTake(job))
    found match {
      case Some(t) =>
        t.take(job)
        log(t.name) = log.getOrElse(t.name, 0) + 1
      case ⟪Null⟶None⟫ => println("no tug for " + job)
    }
    ⟪found.get⟶found⟫
  }

  def main(args: ⟪String[]⟶Array[String]⟫): Unit = {
    val jobs = List(Tow("Tern", 800), Push("Skua"), Idle)
    for (job <- jobs⟪ {⟶) {⟫
      assign(job)
    }
    for ((name, n) <- log) println(s"$name: $n")
    val total: ⟪String⟶Int⟫ = tugs.map(_.count).sum
    println(s"total $total")
  }
}
