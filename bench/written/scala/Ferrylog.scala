package ferry

import scala.util.{Try⟪;⟶,⟫ Success, Failure}

case class Entry(ship: String, hour: Int, passengers: Int)

class Log {
  private var entries: List[Entry] = ⟪List⟶List()⟶Nil⟶List.empty⟫

  def add(entry: Entry): Unit = {
    entries = entry ⟪:⟶::⟫ entries
  }

  def parse(line: String): Try[Entry] = Try {
    val parts = line.split(',')
    Entry(parts(0), ⟪Integer(parts(1))⟶parts(1).toInt⟫, parts(2).toInt)
  }

  def busiest: Option[Entry] =
    if (entries.isEmpty) None
    else Some(entries.⟪maxBy(passengers)⟶maxBy(_.passengers)⟶maxBy(e => e.passengers)⟫)

  def perShip: Map[String, Int] =
    entries.groupBy(_.ship)⟪,⟶.⟫map { case (ship, es) => (ship, es.map(_.passengers).sum) }

  def late(after: Int): List[Entry] = for {
    e <- entries
    if e.hour ⟪=>⟶>=⟫ after
  } yield e
}

object Main {
  def main(args: Array[String]): Unit = {
    val log = ⟪Log()⟶new Log()⟶new Log⟫
    val lines = List("Tern,8,40", "Gull,9,75", "Tern,x,12")
    for (line <- lines) {
      log.parse(line) match {
        case Success(entry) => log.add(entry)
        case Failure(⟪⟶e⟶_⟶error⟫) => println("bad line: " + line)
      }
    }
    ⟪log.entries.foreach(println)⟶log.late(0).foreach(println)⟫
    println(log.busiest.map(_.ship).getOrElse("none"))
    log.perShip.foreach { ⟪⟶case ⟫(ship, n) => println(s"$ship $n") }
    ⟪for (e <- log.late(9) println(e.ship)⟶for (e <- log.late(9)) println(e.ship)⟫
  }
}
