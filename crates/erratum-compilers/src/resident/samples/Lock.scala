import scala.collection.mutable

abstract class Gate(val name: String) {
  def rate: Double
  override def toString = s"$name at $rate"
}

class Upper(name: String, levels: Seq[Int] = Nil) extends Gate(name) {
  private var open = false
  def rate = if (levels.isEmpty) 0.0 else levels.sum.toDouble / levels.size
  def swing(): Unit = { open = !open; while (open && levels.size > 90) open = false }
}

object Lock {
  private val gates = mutable.Map[String, Gate]()

  def find(name: String): Either[String, Gate] = gates.get(name) match {
    case Some(gate) => Right(gate)
    case None => Left("none")
  }

  def rates(all: List[Gate]): List[Double] = for { gate <- all; if gate.rate > 1 } yield gate.rate * 2

  def number(text: String): Int = try text.toInt catch { case _: NumberFormatException => 0 }

  def wrong(all: List[Gate]): Int = {
    val first: String = all.head
    first = "other"
    val sum = all.map(g => g.rat).sum + gates.lenght
    new Upper(3, "x").swing(1)
    find(sum)
    all.foldLeft(0)((a, b) => a + b.name)
  }

  def main(args: Array[String]): Unit = {
    gates("north") = new Upper("north", Seq(1, 2))
    println(rates(gates.values.toList.sortBy(_.name)).mkString(", "))
    args.zipWithIndex.foreach { case (arg, at) => println(f"$at%d $arg ${number(arg)}") }
  }
}
