object Ferrybook {

  case class Sailing(from: String, to: String, minutes: Int⟪ = ⟶, ⟫seats: Int)

  class Booking(val sailing: Sailing, val seats: Int) {
    def fare: Double = {
      val base = sailing.minutes * 0.2
      if (seats > 3) base * seats * 0.9
      else base * seats
    }
    override def toString ⟪⟶: String = ⟶= ⟫s"${sailing.from} to ${sailing.to}: $fare"
  }

  def free(sailing: Sailing, bookings: List[Booking]): Int =
    sailing.seats - bookings.filter(b => b.sailing == sailing).map(⟪b.seats⟶_.seats⟶b => b.seats⟫).sum

  def book(sailing: Sailing, seats: Int, bookings: List[Booking]): Either[String, Booking] = {
    if (free(sailing, bookings) < seats)
      ⟪"no room"⟶Left("no room")⟫
    else
      Right(new Booking(sailing, seats))
  }

  def longest(sailings: List[Sailing]): Sailing = {
    var best = sailings.head
    for (s ⟪in⟶<-⟫ sailings) {
      if (s.minutes > best.minutes) ⟪then ⟶⟫best = s
    }
    best
  }

  def main(args: Array[String]): Unit = {
    val sailings = List(
      Sailing("Nord", "Holm", 35, 40),
      Sailing("Holm", "Syd", ⟪"50"⟶50⟫, 60)
    )
    ⟪val⟶var⟫ bookings = List.empty[Booking]
    book(sailings.head, 4, bookings) match {
      case Right(b) =>
        bookings = bookings :+ b
        println(b)
      case Left(text) => println(⟪"sorry: " text⟶"sorry: " + text⟫)
    }
    val total: ⟪Int⟶Double⟫ = bookings.map(_.fare).sum
    println(f"total $total%.2f")
    println(longest(sailings).to)
  }
}
