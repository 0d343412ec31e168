object Logbook {
  case class Entry(day: Int, ship: String, miles: Double⟪;⟶,⟫ note: Option[String] = None)

  type Book = Vector[Entry]

  def add(book: Book, entry: Entry): Book = book ⟪:⟶:+⟫ entry

  def miles(book: Book, ship: String): Double =
    book.filter(_.ship ⟪=⟶==⟫ ship).map(_.miles).sum

  def notes(book: Book): List[String] =
    book.flatMap(_.note)⟪⟶.toList⟫

  def longest(book: Book): Option[Entry] = {
    if (book.isEmpty) ⟪none⟶None⟫
    else Some(book.maxBy(_.miles))
  }

  def perDay(book: Book): Map[Int, Double] =
    book.groupBy(⟪e.day⟶e => e.day⟶_.day⟫).map { case (d, es) => d -> es.map(_.miles).sum }

  def streak(book: Book): Int = {
    ⟪int best = 0⟶var best = 0⟶≡var best: Int = 0⟫
    var now = 0
    for (i <- 1 until book.⟪length()⟶length⟶size⟫) {
      if (book(i).day - book(i - 1).day == 1) now += 1 else now = 0
      best = Math.max(best, now⟪⟶)⟫
    }
    best
  }

  def main(args: Array[String]): Unit = {
    var book: Book = ⟪Vector⟶Vector()⟶Vector.empty⟫
    book = add(book, Entry(1, "Tern", 12.5))
    book = add(book, Entry(2, "Tern", 8, Some("fog")))
    book = add(book, Entry(⟪"4"⟶4⟫, "Gull", 20.25, ⟪"gale"⟶Some("gale")⟫))
    println(miles(book, "Tern"))
    println(notes(book) mkString "; ")
    longest(book) match {
      case Some(e) => println(s"longest: ${e.ship⟪⟶}⟫")
      case ⟪Null⟶None⟫ => println("empty")
    }
    perDay(book).toSeq.sorted.foreach { case (d, m) => println(f"$d%2d $m%.1f") }
    println(⟪streak book⟶streak(book)⟫)
  }
}
