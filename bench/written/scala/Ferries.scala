import scala.util.Try

object Ferries {
  type Time = Int

  def parse(text: String): Option[Time] = {
    val parts = text.split(":")
    if (parts.length != 2) None
    else
      Try(parts(0).toInt * 60 + parts(1).toInt).toOption
  }

  def gaps(times: List[Time]): List[Int] =
    times.zip(times.tail).map { case (a, b) => b - a ⟪⟶}⟫

  def show(t: Time): String = f"${t / 60}%02d:${t % 60}%02d"

  def longest(times: List[Time]): Int = {
    var best = 0
    ⟪for g <- gaps(times)⟶for (g <- gaps(times))⟫ {
      if (g > best) best = g
    }
    best
  }

  def main(args: Array[String]): Unit = {
    val texts = List("07:30", "08:15", "10:00")
    val times = texts.flatMap(⟪prase⟶parse⟫(_))
    println(times.map(show).mkString(", "))
    val limit: Int = ⟪"90"⟶90⟫
    if (longest(times) > limit) {
      println("long gap")
    ⟪⟶}⟫
  }
}
