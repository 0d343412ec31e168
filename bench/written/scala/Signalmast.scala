import scala.collection.immutable.TreeMap

abstract class Signal(val code: Int) {
  def text: String
  def isUrgent: Boolean = false
}

class Storm(force: Int) extends Signal(force) {
  ⟪override def text: String⟶def text: String = s"storm $force"⟶override def text: String = s"storm $force"⟫
  override def isUrgent = force ⟪=>⟶>=⟫ 10
}

class Fog(metres: Int) extends Signal⟪⟶(metres)⟶(0)⟫ {
  def text = "fog, " + metres ⟪⟶+ ⟫" m"
}

object Mast {
  private var shown = TreeMap[Int, Signal]()

  def hoist(s: Signal): Unit ⟪⟶= ⟫{
    shown = shown + (s.code -> s)
  }

  def lower(code: Int): Option[Signal] = {
    val found = shown.get(code)
    shown = shown ⟪-= code⟶- code⟫
    found
  }

  def urgent: List[Signal] = shown.values.filter(s => s.isUrgent).toList

  def count(signals: Seq[Signal]): Int = {
    var n = 0
    for (s <- signals if s.isUrgent) ⟪n++⟶n += 1⟫
    n
  }
}

object Signalmast {
  def report(s: Option[Signal]): String = s match {
    case Some(signal) if signal.isUrgent => "urgent " + signal.text
    case Some(signal) => ⟪return signal⟶signal.text⟫
    ⟪default⟶case None⟶case _⟫ => "nothing"
  }

  def main(args: Array[String]): Unit = {
    Mast.hoist(new Storm(11))
    Mast.hoist(⟪new Fog("200")⟶new Fog(200)⟫)
    println(report(Mast.lower(11⟪⟶)⟫))
    val names: List[String] = Mast.urgent.map(⟪text⟶_.text⟶s => s.text⟫)
    println(names.mkString(", "))
    println(Mast.count(⟪List(new Fog(50), new Storm(8)⟶List(new Fog(50), new Storm(8))⟫))
  }
}
