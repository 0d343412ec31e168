import scala.collection.mutable

object Rota {
  val hours = mutable.Map[String, Int]()

  def record(who: String, count: Int): Unit = {
    hours(who) = hours.getOrElse(who, ⟪""⟶0⟫) + count
  }

  def busiest(): String = {
    var best = ""
    for ((who, count) <- hours) {
      if (best == "" || count > hours(best⟪⟶)⟫) {
        best = who
      }
    }
    ⟪Best⟶best⟫
  }

  def rests(who: String): Boolean = {
    if (hours(who) > 12) true else false
  }

  def main(args: Array[String]): Unit = {
    record("Ines", 8)
    record("Olaf", 10)
    println(busiest())
    println(rests("Ines"))
  }
}
