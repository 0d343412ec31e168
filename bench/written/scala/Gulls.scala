object Gulls {
  trait Counter {
    def count(place: String): Int
    def places: Seq[String]
  }

  class FixedCounter(counts: Map[String, Int]) extends Counter {
    ⟪def count(place: String) = counts.get(place)⟶def count(place: String) = counts.getOrElse(place, 0)⟶def count(place: String) = counts(place)⟫
    def places: Seq[String] = counts.keys⟪⟶.toSeq⟶.toList⟫
  }

  class Noisy(inner: Counter) ⟪implements⟶extends⟫ Counter {
    override def count(place: String): Int = {
      println("counting at " + place)
      ⟪inner.count[place]⟶inner.count(place)⟫
    }
    def places: Seq[String] = inner.places
  }

  def busiest(counter: Counter): String = {
    var best = counter.places.head
    for (p ⟪in⟶<-⟫ counter.places) {
      if (counter.count(p) > counter.count(best)) best = p
    }
    best
  }

  def histogram(counter: Counter): Unit = {
    ⟪val i = 0⟶var i = 0⟫
    while (i < counter.places.length) {
      val place = counter.places(i)
      println(place + " " + ⟪"*" x counter.count(place)⟶"*" * counter.count(place)⟫)
      i += 1
    }
  }

  def share(counter: Counter, place: String): Double = {
    val all: Int = counter.places.map(p => counter.count(p)).sum
    ⟪(double) counter.count(place) / all⟶counter.count(place).toDouble / all⟫
  }

  def main(args: Array[String]): Unit = {
    val counter = new Noisy(new FixedCounter(Map("quay" -> 12⟪;⟶,⟫ "bar" -> 5, "pier" -> ⟪"3"⟶3⟫)))
    println(⟪busiest counter⟶busiest(counter)⟫)
    histogram(counter)
    val s = share(counter, ⟪'quay'⟶"quay"⟫)
    println(f"$s%.2f"⟪⟶)⟫
    ⟪Val⟶val⟫ quiet = counter.places.filter(p => counter.count(p) < 6)
    println(quiet.⟪size()⟶size⟶length⟫)
  }
}
