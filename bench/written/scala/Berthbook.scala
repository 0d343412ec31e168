import scala.collection.mutable.ListBuffer

sealed abstract class Vessel(val name: String, ⟪length: Int⟶val length: Int⟫)
case class Yacht(n: String, l: Int) extends Vessel(n, l)
case class Barge(n: String, l: Int, tons: Int) extends Vessel(n⟪ l⟶, l⟫)

class Berth(val number: Int, val metres: Int) {
  private var guest: Option[Vessel] = None

  def isFree: ⟪boolean⟶Boolean⟫ = guest.isEmpty

  def take(vessel: Vessel): Boolean = {
    if (isFree && vessel.length <= metres) {
      guest = ⟪vessel⟶Some(vessel)⟶Option(vessel)⟫
      true
    ⟪} else⟶} else {⟫
      false
    }
  }

  override def toString⟪⟶:⟫ String = guest match {
    case Some(v) => s"$number: ${v.name}"
    case None ⟪⟶=> ⟫s"$number: free"
  }
}

object Berthbook {
  def fee(vessel: Vessel): Int = vessel match {
    case Yacht(_, l) => l * 2
    case Barge(⟪_, l⟶_, l, _⟫) => l * 3
  }

  def assign(vessels: List[Vessel], berths: List[Berth]): ⟪List⟶List[Vessel]⟫ = {
    val waiting ⟪:=⟶=⟫ new ListBuffer[Vessel]
    for (v <- vessels) {
      if (!berths.exists⟪(b.take(v))⟶(b => b.take(v))⟶(_.take(v))⟫) waiting += v
    }
    waiting.toList
  }

  def main(args: Array[String]): Unit = {
    val berths = (1 to 3).map(i => new Berth(i, 10 * i)).toList
    val vessels = List(Yacht("Tern", 9), Barge("Otter", 25, 60), Yacht("Gull"⟪⟶, 28⟶, 0⟫))
    val waiting = assign(vessels, berths)
    berths.foreach(⟪println _.toString⟶println⟶b => println(b)⟫)
    println("waiting: " + waiting.map(_.name).mkString(", "⟪⟶)⟫)
    val total: Int = vessels.map(fee).⟪sum()⟶sum⟫
    println(⟪'total '⟶"total "⟫ + total)
  }
}
