import scala.collection.mutable
import scala.util.{Try, Success, Failure}

sealed trait Rank
case object Master extends Rank
case object Mate extends Rank
case class Hand(years: Int) extends Rank

case class Sailor(name: String, rank: Rank, wage: Double)

trait Payable {
  def wage(days: Int): Double
  def label: String
}

class Voyage(val ship: String, days: Int) extends Payable {
  private val crew = mutable.ListBuffer⟪<Sailor>⟶[Sailor]⟫()

  def add(sailor: Sailor): Voyage = {
    crew += sailor
    ⟪⟶this⟫
  }

  def wage(days: Int): Double = crew.map(s => s.wage * days).sum

  def label: ⟪Int⟶String⟫ = s"$ship with ${crew.size} aboard"

  def total: Double = wage(⟪⟶days⟫)

  def seniors: List[Sailor] = crew.filter {
    case Sailor(_, Master, _) => true
    case Sailor(_, Hand(years), _) => years > 10
    case _ => false
  }⟪⟶.toList⟫

  def byRank: Map[Rank, Int] =
    crew.groupBy(_.rank).map { case (rank, all) => rank ⟪=>⟶->⟫ all.size }

  def best: Option[Sailor] =
    if (crew.isEmpty) None
    else Some(crew.maxBy(_.wage))
}

object Voyage {
  def parse(line: String): Try[Sailor] = Try {
    val parts = line.split(",").map(_.trim)
    val rank = parts(1) match {
      case "master" => Master
      case "mate" ⟪->⟶=>⟫ Mate
      case other => Hand(other⟪⟶.toInt⟫)
    }
    Sailor(parts⟪[0]⟶(0)⟫, rank, parts(2).toDouble⟪⟶)⟫
  }
}

object Shiproster {
  def describe(rank: Rank): String = rank match {
    case Master => "master"
    case Mate => "mate"
    case Hand(years) => s"hand, $years years"
  }

  def main(args: Array[String]): Unit = {
    val voyage = ⟪⟶new ⟫Voyage("Curlew", 12)
    val lines = List("Ada, master, 90", "Bo, 4, 40.5", "Cy, mate, sixty")
    for (line <- lines⟪⟶)⟫ {
      Voyage.parse(line) match {
        case Success(sailor) => voyage.add(sailor)
        case ⟪Failure⟶Failure(e)⟶Failure(error)⟶Failure(_)⟫ => println("skipped " + line)
      }
    }
    voyage.byRank.foreach { case (rank, n) => println(describe(rank) + ": " + n) }
    val ⟪best: Sailor⟶best: Option[Sailor]⟶best⟫ = voyage.best
    println(best.map(_.name).getOrElse("nobody"))
    println(f"${voyage.total}%.2f for ${voyage.label}")
    ⟪var seniors: Int = voyage.seniors⟶val seniors = voyage.seniors.size⟶var seniors: Int = voyage.seniors.size⟶var seniors: Int = voyage.seniors.length⟶var seniors = voyage.seniors⟶var seniors: List[Sailor] = voyage.seniors⟫
    println(seniors)
  }
}
