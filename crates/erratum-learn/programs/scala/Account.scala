// Accounts of the harbour office.
case class Entry(day: Int, text: String, amount: Double)

class Account(val owner: String, limit: Double) {
  private var entries: List[Entry] = Nil

  def balance: Double = entries.map(_.amount).sum

  def book(day: Int, text: String, amount: Double): Boolean = {
    if (balance + amount < -limit) {
      false
    } else {
      entries = Entry(day, text, amount) :: entries
      true
    }
  }

  def report: String = {
    val lines = entries.reverse.map(entry => entry.day + ": " + entry.text + " " + entry.amount)
    owner + "\n" + lines.mkString("\n")
  }
}

object Account {
  def main(args: Array[String]): Unit = {
    val office = new Account("Harbour office", 100)
    office.book(1, "berth fees", 320.5)
    if (!office.book(2, "rope and paint", -500)) {
      println("The limit is reached")
    }
    println(office.report)
  }
}
