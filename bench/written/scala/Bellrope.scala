class Bell(val name: String, val weight: Double) {
  def ring(times: Int): String = {
    var out = ""
    for (i ⟪in⟶<-⟫ 1 to times) out += "dong "
    out
  }
  override def toString: String = name + " (" + weight + ")"
}

abstract class Signal {
  def strokes: Int
  def label: String
}

class Fog(val minutes: Int) extends Signal {
  ⟪strokes = minutes * 2⟶def strokes = minutes * 2⟶val strokes = minutes * 2⟶def strokes: Int = minutes * 2⟫
  def label = "fog"
}

class Fire extends Signal {
  def strokes = 12
  def label = ⟪'fire'⟶"fire"⟫
}

object Tower {
  def heaviest(bells: List[Bell]): Option[Bell] =
    if (bells.isEmpty) ⟪Nothing⟶None⟫ else Some(bells.maxBy(_.weight))

  def plan(signals: Seq[Signal]): Map[String, Int] =
    signals.map(s => ⟪s.label, s.strokes⟶(s.label, s.strokes)⟶s.label -> s.strokes⟫).toMap

  def average(bells: List[Bell]): Double ⟪{⟶= {⟫
    val sum = bells.map(_.weight).sum
    sum / bells.size
  }

  def main(args: Array[String]): Unit = {
    val bells = List(new Bell("Long Tom", 840.5), new Bell("Small", ⟪"95"⟶95⟶95.0⟫))
    heaviest(bells) match {
      case Some(b) => println(⟪b.ring⟶b.ring(1)⟶b.ring(2)⟶b.ring(3)⟫)
      case None => ()
    }
    val signals = Seq(new Fog(3), ⟪Fire⟶new Fire⟶new Fire()⟫)
    val p = plan(signals)
    println(p.getOrElse("fog"⟪⟶, 0⟫))
    println(⟪Average⟶average⟫(bells))
    val names: List[String] = bells.map(⟪b -> b.name⟶b => b.name⟶_.name⟫)
    println(names.mkString(", "))
  }
}
