object Gangwatch {
  case class Hand(name: String, hours: Int, rate: Double)

  class Gang(val name: String) {
    private var hands: List[Hand] = Nil

    def join(h: Hand): Unit = hands ⟪= h : hands⟶= h :: hands⟶= hands :+ h⟶= hands ::: List(h)⟫

    def pay: Double = hands.map(h => h.hours * h.⟪rates⟶rate⟫).sum

    def hardest: Hand = hands.reduceLeft((a, b) => if (a.hours > b.hours) a ⟪otherwise⟶else⟫ b)

    def split: (List[Hand], List[Hand]) = ⟪hands.partition(h.hours > 8)⟶hands.partition(h => h.hours > 8)⟶hands.partition(_.hours > 8)⟫
  }

  def bonus(h: Hand): Double = h match {
    case Hand(_, hours, rate) if hours > 10 => rate * 2
    case Hand(⟪name, hours⟶name, hours, _⟶name, hours, rate⟫) => 0
  }

  def table(gang: Gang): String = {
    val (long, short) = gang.split
    val lines = long.map(_.name) ++ short.map(_.name)
    ⟪return lines⟶lines.mkString("\n")⟶lines.mkString(" ")⟶lines.mkString⟶lines.mkString(", ")⟫
  }

  def rounds(n: Int)⟪⟶: Int⟫ = n match {
    case 0 => 0
    case _ => 1 + rounds(n - 1)
  }

  def main(args: Array[String]) {
    val gang = new Gang("west")
    gang.join(Hand("Eik", 9, 12.5))
    gang.join(⟪Hand("Lo", "11", 14)⟶Hand("Lo", 11, 14)⟫)
    gang join Hand("Wim", 6, 11)
    println(f"${gang.pay}%.2f")
    println(bonus(gang.hardest))
    println(table(gang))
    var i = 0
    while (i < 3⟪ {⟶) {⟫
      println(rounds(i))
      ⟪i++⟶i += 1⟫
    }
  }
}
