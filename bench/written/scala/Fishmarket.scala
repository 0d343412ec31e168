import java.time.LocalDate
import scala.util.⟪⟶{⟫Try, Success, Failure}

trait Priced {
  def price: Double
  def label: String
}

case class Lot(fish: String, kilos: Double, perKilo: Double) extends Priced {
  def price = kilos * perKilo
  def label = ⟪f"$fish: $price%.2f⟶f"$fish: $price%.2f"⟫
}

class Market(val day: LocalDate) {
  private var lots: List[Lot] = ⟪[]⟶Nil⟶List()⟶List.empty⟫

  def add(lot: Lot): Unit = {
    lots = lot ⟪+ lots⟶:: lots⟶+: lots⟫
  }

  def parse(line: String): Try[Lot] = Try {
    val parts = line.split(",")
    Lot(parts⟪[0]⟶(0)⟫, parts(1).toDouble, parts(2)⟪⟶.toDouble⟫)
  }

  def load(lines: Seq[String]): Int = {
    ⟪val⟶var⟫ bad = 0
    for (line <- lines) {
      parse(line) match {
        case Success(lot) => add(lot)
        case Failure(⟪⟶_⟫) => bad += 1
      }
    }
    bad
  }

  def total: Double = lots.⟪map(price)⟶map(_.price)⟶map(l => l.price)⟫.sum

  def dearest: ⟪Lot⟶Option[Lot]⟫ = lots.sortBy(-_.price).headOption

  def byFish: Map[String, Double] =
    lots.groupBy(_.fish).map { case (f, ls) => ⟪f, ls.map(_.price).sum⟶(f, ls.map(_.price).sum)⟶f -> ls.map(_.price).sum⟫ }
}

object Fishmarket extends App {
  val market = new Market(LocalDate.of(2026, 5, 2))
  val bad = market.load(Seq("cod,12.5,4.2", "hake,3,7.5", "eel,x,2"))
  println("bad lines: " ⟪bad⟶+ bad⟫)
  println(f"total ${market.total}%.2f")
  market.dearest match {
    case Some(lot) => println(lot.label)
    case None => println(⟪'nothing sold'⟶"nothing sold"⟫)
  }
  market.byFish⟪.forEach⟶.foreach⟫ { case (f, p) => println(s"$f $p") }
}
