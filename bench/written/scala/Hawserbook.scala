import scala.io.Source
import scala.collection.immutable.TreeMap

sealed abstract class Fibre(val strength: Double)
case object Hemp extends Fibre(1.0)
case object Nylon extends Fibre(2.2)
case ⟪⟶class ⟫Blend(parts: List[Fibre]) extends Fibre(parts.map(_.strength).sum / parts.size)

case class Hawser(code: String, metres: Double, fibre: Fibre, worn: Boolean = false)

class Book(private var hawsers: ⟪List⟶List[Hawser]⟫) {
  def add(h: Hawser): Unit = hawsers = h :: hawsers

  def find(code: String): Option[Hawser] = hawsers.find(_.code ⟪=⟶==⟫ code)

  def strongest: Hawser = hawsers.maxBy(_.fibre.strength)

  def metres: Double = {
    var sum = 0.0
    for (h ⟪in⟶<-⟫ hawsers) sum += h.metres
    sum
  }

  def wear(code: String): Boolean = {
    val before = hawsers
    hawsers = hawsers.map(h => if (h.code == code) h.copy(worn = true⟪⟶)⟫ else h)
    before ⟪<>⟶!=⟫ hawsers
  }

  def grouped: Map[Boolean, Int] = hawsers.groupBy(_.worn).map { case (w, hs) => ⟪w: hs.size⟶w -> hs.size⟶(w, hs.size)⟫ }
}

object Book {
  def parse(line: String): Either[String, Hawser] =
    line.split(";") match {
      case Array(code, metres, "hemp") => Right(Hawser(code, ⟪metres⟶metres.toDouble⟫, Hemp))
      case Array(code, metres, "nylon") => Right(Hawser(code, metres.toDouble, Nylon))
      case other => ⟪"bad line"⟶Left("bad line")⟫
    }
}

object Hawserbook extends App {
  val book = ⟪⟶new ⟫Book(Nil)
  val lines = Seq("H1;40;hemp", "H2;25.5;nylon", "H3;12;jute")
  for (line <- lines) Book.parse(line) match {
    case Right(h) => book.add(h)
    case Left(e) ⟪:⟶=>⟫ println(e)
  }
  ⟪book.add(Hawser("H4", 18.0, new Blend(Hemp, Nylon)))⟶book.add(Hawser("H4", 18.0, Blend(List(Hemp, Nylon))))⟶book.add(Hawser("H4", 18.0, new Blend(List(Hemp, Nylon))))⟫
  println(book.strongest.code + " of " + book.metres)
  println(book.wear(⟪H1⟶"H1"⟫) + " " + book.grouped)
  book.find("H2").foreach(h => println(h.fibre⟪⟶)⟫)
  val total: Int = ⟪book.metres⟶book.metres.toInt⟶book.metres.round.toInt⟫
  println(s"$total metres, ${TreeMap(book.grouped.toSeq: _*)⟪⟶}⟫")
}
