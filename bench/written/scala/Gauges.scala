object Gauges {
  def parse(lines: List[String]): Map[String, Double] = {
    lines.map { line =>
      val parts = line.split("=")
      (parts⟪[0]⟶(0)⟫, parts(1).toDouble)
    }.toMap
  }

  def highest(all: Map[String, Double]): String =
    all.maxBy(_._2)._1

  def mean(all: Map[String, Double]): Double = {
    val values = all.values
    values.sum / values.⟪Size⟶size⟫
  }

  def main(args: Array[String]): Unit = {
    val all = parse(List("mole=3.5", "pier=4.25"⟪⟶)⟫)
    println(highest(all))
    val rounded: Int = ⟪mean(all)⟶mean(all).toInt⟶mean(all).round.toInt⟫
    println(s"mean about $rounded")
  }
}
