import scala.collection.mutable.⟪ArrayBufer⟶ArrayBuffer⟫

abstract class Signal(val code: String, val priority: Int) {
  def text: String
  def urgent: Boolean = priority > 5
}

class Gale(force: Int) extends Signal("G", force) {
  ⟪text⟶def text⟫ = s"gale $force"
}

class Fog(visibility: Double) extends ⟪Signal("F")⟶Signal("F", 3)⟶Signal("F", 0)⟶Signal("F", 1)⟫ {
  def text: String = "fog, " + visibility
  override ⟪urgent⟶def urgent⟫: Boolean = visibility < 0.5
}

class Calm extends Signal("C", 0) {
  def text: ⟪string⟶String⟫ = "calm"
}

class House(name: String) {
  private val sent = ArrayBuffer⟪<Signal>⟶[Signal]⟫()
  private var count: Int = 0

  def send(signal: Signal): Boolean = {
    if (sent.exists(s => s.code == signal.code && s.priority == signal.priority)) {
      false
    } else {
      sent ⟪<<⟶+=⟫ signal
      count = count + 1
      ⟪return True⟶true⟫
    }
  }

  def urgent: Seq[Signal] = sent.filter(⟪s.urgent⟶s => s.urgent⟶_.urgent⟫).toSeq

  def byCode: Map[String, Int] =
    sent.groupBy(_.code).map { case (code, all) ⟪->⟶=>⟫ code -> all.size }

  def last: Option[Signal] = if (sent.isEmpty) None else ⟪sent.last⟶Some(sent.last)⟫

  override def toString: String = ⟪name + " " + sent.length + " sent⟶name + " " + sent.length + " sent"⟫
}

object Signalhouse extends App {
  val house = new House(⟪Skerry⟶"Skerry"⟫)
  house.send(new Gale(8))
  house.send(new Fog(0.3))
  house.send(new Calm)
  for (s ⟪in⟶<-⟫ house.urgent) println(s.text)
  house.last match {
    case Some(s) => println(s.⟪text.toUpper⟶text.toUpperCase⟫)
    case None => println("none")
  ⟪⟶}⟫
  val total: Int = house.byCode.values.sum
  val parts: List[String] = house.byCode.map(p => p._1 + "=" + p._2)⟪⟶.toList⟫
  println(house, total)
  var i = 0
  while (i < parts.length) ⟪do ⟶⟫{
    println(parts(i))
    i += 1
  }
}
