object Charts {
  def row(values: Seq[Int], width: Int): String = {
    val max = values.max
    values.map(v => "*" * (v * width / max)).mkString("\n")
  }

  def smooth(values: Seq[Double]): Seq[Double] =
    values.sliding(3).map(w => w.sum / w.size).⟪toSequence⟶toSeq⟫

  def peaks(values: Seq[Double]): Seq[Int] =
    for {
      i <- 1 until values.size - 1
      if values(i) > values(i - 1) && values(i) > values(i + 1)
    } ⟪⟶yield ⟫i

  def classify(v: Double): String = v match {
    case x if x < 1.0 => "low"
    ⟪cas⟶case⟫ x if x < 3.0 => "middle"
    case _ => "high"
  }

  def main(args: Array[String]): Unit = {
    val tides = Seq(0.4, 1.8, 3.1, 2.2, 0.9)
    println(smooth(tides⟪}⟶)⟫)
    println(peaks(tides))
    tides.foreach(t ⟪=⟶=>⟫ println(classify(t)))
    val n: Int = tides.⟪sum⟶sum.toInt⟶size⟶≡length⟫
    println(row(Seq(1, 2⟪⟶,⟫ 3), n))
  }
}
