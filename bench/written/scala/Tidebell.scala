import scala.util.{Try, Success, Failure}

abstract class Bell(val name: String) {
  def ring(times: Int): String
  def loud: Boolean = ⟪False⟶false⟫
}

class TideBell(name: String, val pitch: Double) ⟪implements⟶extends⟫ Bell(name) {
  def ring(times: Int)⟪ String⟶: String⟫ = {
    val strokes = for (i <- 1 to times) yield s"$name-$i"
    strokes.⟪join⟶mkString⟫(" ")
  }
  override ⟪⟶def ⟫loud = pitch > 300
}

class FogBell(name: String) extends Bell(name) {
  def ring(times: Int): String = name * times
}

object Tidebell {
  val bells: Map[String, Bell] = Map(
    "north" -> new TideBell("north", 440),
    "reef" -> ⟪new FogBell⟶new FogBell("reef")⟶new FogBell("north")⟶new FogBell("")⟫
  )

  def parse(text: String): Option[Int] = Try(text.toInt) match {
    case Success(n) if n > 0 => ⟪n⟶Some(n)⟫
    case _ => None
  }

  def loudest(list: List[TideBell]): Option[TideBell] = {
    if (list.isEmpty) {
      None
    } ⟪⟶else ⟫{
      Some(list.⟪maxBy(pitch)⟶maxBy(_.pitch)⟶maxBy(b => b.pitch)⟫)
    }
  }

  def countLoud(all: Iterable[Bell]): Int = {
    ⟪val⟶var⟫ n = 0
    all.foreach { b => if (b.loud) n += 1 }
    n
  }

  def main(args: Array[String]): ⟪void⟶Unit⟫ = {
    val times = parse(if (args.length > 0) args(0) else "3").⟪getOrDefault⟶getOrElse⟫(1)
    bells.get("north") match {
      case Some(b) => println(b.ring(times))
      case None => println(⟪'no bell'⟶"no bell"⟫)
    }
    println(countLoud(⟪bells⟶bells.values⟫))
    println(loudest(List(new TideBell("a", 1.5), new TideBell("b", 2))).map(_.name⟪⟶)⟫)
  }
}
