import scala.collection.mutable.⟪map⟶Map⟫

abstract class Signal(val name: String) {
  def lit: Boolean
  def show: String = s"$name ${if (lit) "on" else "off"}"
}

class Lamp(name: String, var on: Boolean) extends Signal⟪⟶(name)⟫ {
  def lit = on
  def flip() = { on = ⟪not on⟶!on⟫ }
}

class Horn extends Signal("horn") {
  def lit = false
}

object Signalbox {
  val signals = List(new Lamp("red", true), new Lamp("green", false), new Horn)
  val seen = Map[String, Int]()

  def note(s: Signal): Unit = {
    seen⟪[s.name]⟶(s.name)⟫ = seen.getOrElse(s.name, 0) + 1
  }

  def count(p: Signal ⟪->⟶=>⟫ Boolean): Int = signals.count(p)

  def main(args: ⟪String[]⟶Array[String]⟫): Unit = {
    signals.foreach(note)
    println(count(_.lit))
    for (s <- signals if s.lit) println(s.show)
    signals(0) match {
      case l: Lamp ⟪⟶=> ⟫l.flip()
      case _ =>
    }
    var i ⟪:=⟶=⟫ 0
    while (i < seen.size) ⟪do⟶⟫ {
      i ⟪++⟶+= 1⟫
    }
    println(i)
  }
}
