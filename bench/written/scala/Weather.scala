object Weather {
  sealed trait Wind
  case object Calm extends Wind
  case class Gust(knots: Int) extends Wind

  def strength(wind: Wind): Int = wind match {
    case Calm => 0
    case Gust(k) => ⟪knots⟶k⟫
  }

  def warn(wind: Wind): String = {
    ⟪if strength(wind) > 30⟶if (strength(wind) > 30)⟫ {
      "storm"
    } else if (strength(wind) > 15) {
      "breeze"
    } else ⟪⟶{⟫
      "fair"
    }
  }

  def mean(winds: Seq[Wind]): Double = {
    val total = winds.map(strength).sum
    total⟪.toDouble()⟶.toDouble⟫ / winds.size
  }

  def main(args: Array[String]): Unit = {
    val winds = Seq(Calm, Gust(18), Gust(34))
    for (w <- winds) {
      println(warn⟪ w⟶(w)⟫)
    }
    println("mean: ⟪+⟶" +⟫ mean(winds))
    val worst: ⟪int⟶Int⟫ = winds.map(strength).max
    println(worst)
  }
}
