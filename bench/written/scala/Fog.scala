object Fog {
  trait Signal {
    def blasts: Int
    def name: String = "signal"
  }

  object Long extends Signal {
    ⟪⟶override ⟫def name: String = "long"
    def blasts: Int = 1
  }

  class Short(val blasts: Int) extends Signal⟪⟶ {⟫
    override def name: String = "short"
  }

  def play(signals: Seq[Signal]): String = {
    val parts = for (s <- signals) ⟪yeild⟶yield⟫ s.name * s.blasts
    parts.mkString(⟪"-⟶"-"⟫)
  }

  def main(args: Array[String]): Unit = {
    val signals: Seq[Signal] = Seq(Long, new Short(⟪2.0⟶2⟫))
    println(play(signals))
    val count = signals.map(_.blasts).sum
    println("blasts: " + ⟪counts⟶count⟫)
  }
}
