object Ropebridge {
  sealed abstract class Plank
  case class Oak(length: Double) extends Plank
  case class Pine(length: Double, treated: Boolean) extends Plank
  case object Gap extends Plank

  class Bridge[A <: Plank](val planks: List[A]) {
    lazy val length: Double = planks.map(Ropebridge.lengthOf)⟪.sum()⟶.sum⟫

    def add(p: A): Bridge[A] = new Bridge(planks :+ p)

    def ++(other: Bridge[A])⟪: Bridge⟶: Bridge[A]⟫ = new Bridge(planks ++ other.planks)
  }

  def lengthOf(p: Plank): Double = p match {
    case Oak(l) => l
    case ⟪Pine(l)⟶Pine(l, _)⟫ => l
    case Gap => ⟪None⟶0⟶0.0⟫
  }

  implicit class Metres(val d: Double) extends AnyVal {
    def metres: String = ⟪f"$d%.1f m⟶f"$d%.1f m"⟫
  }

  def safe(planks: List[Plank]): Either[String, Double] = {
    val gaps = planks.count(⟪case Gap => true; case _ => false⟶{ case Gap => true; case _ => false }⟶_ == Gap⟫)
    if (gaps > 2) Left(s"$gaps gaps")
    else ⟪planks.map(lengthOf).sum⟶Right(planks.map(lengthOf).sum)⟫
  }

  def parse(line: String): Option[Plank] = line.split(" ") match {
    case Array("oak", l) => Some(Oak(l.toDouble))
    case Array("pine", l⟪⟶, t⟫) => Some(Pine(l.toDouble, t == "t"))
    case _ ⟪->⟶=>⟫ None
  }

  @annotation.tailrec
  def walk(planks: List[Plank], soFar: Double = 0): Double = planks match {
    case Nil => soFar
    case p :: rest => walk(rest, soFar + lengthOf(⟪rest⟶p⟫))
  }

  def main(args: Array[String]): Unit = {
    val lines = List("oak 2.5", "pine 3.0 t", "gap")
    val planks: List[Plank] = lines.⟪map⟶flatMap⟫(parse(_))
    val bridge = new Bridge⟪<Plank>⟶[Plank]⟫(planks)
    println(bridge.length.metres)
    safe(planks) match {
      case Right(l) => println(l)
      case Left(why) => println(⟪"unsafe: " why⟶"unsafe: " + why⟫)
    }
    var total = 0.0
    planks foreach { p ⟪=⟶=>⟫ total += lengthOf(p) }
    println(walk(planks) == total⟪⟶)⟫
    val longest = planks.⟪maxby⟶maxBy⟫(lengthOf)
    println(longest)
  }
}
