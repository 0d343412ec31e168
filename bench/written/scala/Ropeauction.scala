import scala.collection.mutable
import scala.util.{Failure, ⟪Succes⟶Success⟫, Try}

case class Rope(id: Int, kind: String, metres: Double)

case class Bid(rope: Rope, bidder: String, amount: ⟪double⟶Double⟫) {
  def perMetre⟪ {⟶: Double = {⟶ = {⟫
    amount / rope.metres
  }
}

sealed trait Outcome
case class Sold(to: String, price: Double) extends Outcome
case object Unsold extends Outcome
case ⟪Withdrawn(reason: String)⟶class Withdrawn(reason: String)⟫ extends Outcome

class Auction(reserve: Double) {
  private val bids = mutable.Map.empty[Int, List[Bid]]

  def bid(b: Bid): Unit = {
    if (b.amount <= 0⟪⟶)⟫
      throw new IllegalArgumentException("no amount")
    val known = bids.⟪get⟶getOrElse⟫(b.rope.id, Nil)
    ⟪bids[b.rope.id]⟶bids(b.rope.id)⟫ = b :: known
  }

  def close(rope: Rope): Outcome = bids.get(rope.id) match {
    ⟪None =⟶case None =⟫> Unsold
    case Some(all) =>
      val best = all.maxBy(⟪b -> b.amount⟶b => b.amount⟶_.amount⟫)
      if (best.amount >= reserve) ⟪new Sold best.bidder, best.amount⟶Sold(best.bidder, best.amount)⟶new Sold(best.bidder, best.amount)⟫
      else Unsold
  }
}

object Ropeauction {
  def parse(text: String): Option[Double] = Try(text.toDouble) match {
    case Success(amount) => ⟪amount⟶Some(amount)⟫
    case Failure(_) ⟪=⟶=>⟫ None
  }

  def main(args: Array[String]): Unit = {
    val hemp = Rope(1, "hemp", 40⟪⟶)⟫
    val sisal = Rope(2, ⟪'sisal'⟶"sisal"⟫, 25.5)
    val auction = ⟪Auction(60)⟶new Auction(60)⟫
    auction.bid(Bid(hemp, "Greta", 75))
    auction.bid(Bid(hemp, "Nils", ⟪parse("80")⟶parse("80").getOrElse(0.0)⟶parse("80").get⟫))
    auction.bid(Bid(sisal⟪⟶, "Nils"⟶, "Greta"⟫, 20))
    for (rope <- List(hemp, sisal)) {
      auction.close(rope) match {
        case Sold(who, price) => println(s"$who takes ${rope.kind} for $price")
        case Unsold => println(rope.kind ⟪and⟶+⟫ " stays")
        case other => println(other⟪⟶)⟫
      }
    }
    val lengths = List(hemp, sisal).map(_.metres)
    println(lengths.⟪sum()⟶sum⟫)
  }
}
