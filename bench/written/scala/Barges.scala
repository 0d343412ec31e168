trait Vessel {
  def name: String
  def tons: Int
}

case class Barge(name: String, tons: Int) extends Vessel
class Tug(val name: String, val power: Int) ⟪implements⟶extends⟫ Vessel {
  ⟪tons⟶def tons⟶≡val tons⟫ = power / 10
}

object Barges {
  def heaviest(all: List[Vessel]): Option[Vessel] =
    if (all.isEmpty) None ⟪⟶else ⟫Some(all.maxBy(_.tons))

  def label(v: Vessel): String = v match {
    case Barge(n, t) => s"barge $n ($t)"
    case t: Tug ⟪->⟶=>⟫ "tug " + t.name
  }

  def total(all: List[Vessel]): Int = {
    var sum = 0
    for (v ⟪in⟶<-⟫ all) {
      sum += v.tons
    }
    ⟪retrun⟶return ⟶≡⟫ sum
  }

  def main(args: Array[String]): Unit = {
    val all = List(Barge("ada", 90), ⟪⟶new ⟫Tug("brisk", 400))
    println(total(all))
    heaviest(all) match {
      case Some(v) => println(label(v))
      case None => println(⟪'none'⟶"none"⟫)
    }
  }
}
