import scala.io.StdIn
import scala.util.⟪try⟶Try⟫

case class Sack(grain: String, kilos: Int)

trait Store[A] {
  def put(item: A): Store[A]
  def all: List[A]
}

class ListStore[A](items: List[A]) extends Store[A] {
  def put(item: A) = ⟪ListStore⟶new ListStore⟫(item :: items)
  def all: List[A] = items
}

object Granary {
  def parse(line: String): Option[Sack] = {
    val parts = line.split(" ")
    ⟪if parts.length < 2⟶if (parts.length < 2)⟫ None
    else Try(Sack(parts(0), ⟪parts(1)⟶parts(1).toInt⟫)).toOption
  }

  def weigh(store: Store[Sack]): Int = {
    var total = 0
    store.all.foreach { sack ⟪⟶=>⟫
      total ⟪=+⟶+=⟫ sack.kilos
    }
    total
  }

  def kinds(store: Store[Sack]): Set[String] = store.all.map(_.grain).toSet

  def heaviest(sacks: List[Sack]): Sack = {
    ⟪val⟶var⟫ best = sacks.head
    for (s <- sacks.tail) if (s.kilos > best.kilos) best = s
    best
  }

  def main(args: Array[String]): Unit = {
    val empty: Store[Sack] = new ListStore[Sack](Nil)
    val lines = List("oats 40", "rye 25", "rye 30")
    val store = lines.flatMap(parse).foldLeft(empty)((s, sack) => s⟪.add⟶.put⟫(sack))
    println("kilos: " + weigh(store⟪⟶)⟫)
    println(kinds(store).⟪join⟶mkString⟫(", "))
    val h = heaviest(⟪store⟶store.all⟫)
    println(s"${h.grain} ${h.kilos}")
  }
}
