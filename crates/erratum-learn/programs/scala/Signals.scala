object Signals {
  val flags = Map(
    'a' -> "diver below",
    'b' -> "dangerous goods",
    'h' -> "pilot on board",
    'o' -> "man overboard"
  )

  def spell(word: String): List[String] =
    word.toLowerCase.toList.map(letter => flags.getOrElse(letter, "unknown"))

  def urgent(meaning: String): Boolean =
    meaning.contains("over") || meaning.startsWith("danger")

  def main(args: Array[String]): Unit = {
    val words = List("oh", "ab", "ox")
    val meanings = words.flatMap(word => spell(word))
    val counts = meanings.groupBy(meaning => meaning).map { case (meaning, all) => (meaning, all.size) }
    for ((meaning, times) <- counts) {
      val mark = if (urgent(meaning)) "!" else " "
      println(mark + meaning + ": " + times)
    }
  }
}
