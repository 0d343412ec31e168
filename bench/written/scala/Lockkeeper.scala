import scala.collection.mutable

sealed trait Gate
case object Open extends Gate
case object Shut extends Gate
case class Moving(percent: Int) ⟪implements⟶extends⟫ Gate

class Lock(val name: String, ⟪levels: Int⟶val levels: Int⟶var levels: Int⟫) {
  private var gate: Gate = Shut
  private val log = mutable.ListBuffer[String]()

  def step(): Unit = gate = gate match {
    case Open => Shut
    case Shut => Moving(50)
    case Moving(p) if p < 100 => ⟪Moving p + 50⟶Moving(p + 50)⟫
    case Moving(_) ⟪->⟶=>⟫ Open
  }

  def note(text: String)⟪: void⟶: Unit⟫ = {
    log += text
  }

  def state: String = gate match {
    case Open => "open"
    case Shut => "shut"
    case Moving(p) => s"moving $p%"
  }

  def history: List[String] = log.⟪tolist⟶toList⟫
}

object Lockkeeper extends App {
  val lock = ⟪new Lock "upper", 3⟶new Lock("upper", 3)⟫
  for (i <- 1 to lock.levels⟪ {⟶) {⟫
    lock.step()
    lock.note(s"$i: ${lock.state}")
  }
  lock.history.foreach(println)
  if (lock.state == "open"⟪⟶)⟫ println("pass")
  val n⟪; Int⟶: Int⟫ = lock.history.size
  println(n)
}
