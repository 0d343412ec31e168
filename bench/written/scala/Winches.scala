import scala.collection.mutable

case class Winch(id: Int, load: Double⟪;⟶,⟫ broken: Boolean)

trait Checked {
  def check(w: Winch): Boolean
}

class Loads(limit: Double) extends Checked {
  def check(w: Winch): Boolean = {
    !w.broken ⟪and⟶&&⟫ w.load < limit
  }

  override def toString: String = s"limit $limit"
}

object Winches {
  val names = Map(1 -> "bow", 2 -> "stern")

  def nameOf(id: Int): String = names⟪[id]⟶(id)⟫

  def sorted(all: Seq[Winch]): Seq[Winch] = all.sortBy(⟪load⟶_.load⟶w => w.load⟫)

  def average(all: Seq[Winch]): Double = {
    if (all.isEmpty) 0.0
    else all.map(_.load).sum / all.⟪length()⟶length⟶≡size⟫
  }

  def main(args: Array[String]): Unit = {
    val all = List(Winch(1, 2.5, false), Winch(2, 4.0, ⟪False⟶false⟫))
    val loads = new Loads(3.0)
    val seen = mutable.Map[Int, Boolean]()
    for (w <- all) {
      seen(w.id) = loads.check(w)
    }
    for ((id, ok) <- seen) println(s"${nameOf(id)} $ok"⟪⟶)⟫
    var count⟪: int⟶: Int⟫ = 0
    all.foreach { w =>
      if (w.load > 3) count += 1
    }
    println(count.toString ⟪&⟶+⟫ " heavy of " + average(sorted(all)))
  }
}
