package harbour

import scala.collection.mutable.⟪arrayBuffer⟶ArrayBuffer⟫

abstract class Boat(val name: String, val crew: Int) {
  def catchOf(day: Int): Double
  override def toString ⟪⟶= ⟫s"$name ($crew)"
}

class Smack(name: String, crew: Int, oysters: Array[Double]) extends Boat(name⟪⟶, crew⟫) {
  def catchOf(day: Int): Double = {
    if (day < 0 || day >= oysters.length) ⟪⟶0 ⟫else oysters⟪[day]⟶(day)⟫
  }
}

trait Log {
  private val lines = ArrayBuffer[String]()
  def log(line: String): Unit = lines += line
  def all: Seq[String] = lines
}

class Fleet extends Log {
  private var boats = List[Boat]()

  def add(b: Boat): Fleet = {
    boats = b :: boats
    log("added " + b⟪+⟶.⟫name)
    ⟪⟶this⟫
  }

  def total(day: Int): Double = boats.map(⟪b -> b.catchOf(day)⟶b => b.catchOf(day)⟶_.catchOf(day)⟫).sum

  def best(day: Int): Option[Boat] = {
    if (boats.isEmpty) ⟪null⟶None⟫
    else ⟪boats.maxBy(_.catchOf(day))⟶Some(boats.maxBy(_.catchOf(day)))⟫
  }

  def crewOf(name: String): Int = {
    boats.find(_.name == name) match {
      case Some(b) ⟪=⟶=>⟫ b.crew
      case None => ⟪"none"⟶0⟶-1⟫
    }
  }
}

object Oystercatch {
  def mean(xs: List[Double]): Double = {
    ⟪val⟶var⟫ sum = 0.0
    for (x <- xs) { sum += x ⟪⟶}⟫
    sum / xs.length
  }

  def main(args: Array[String]): Unit = {
    val fleet = new Fleet
    fleet.add(new Smack("Native", 3, Array(1.5, 2.0)))
    fleet.add(⟪Smack⟶new Smack⟫("Pacific", 2, Array(0.5)))
    val names: List[String] = ⟪fleet.all⟶fleet.all.toList⟫
    names.foreach(println)
    println(f"total ${fleet.total(0)}%.1f"⟪⟶)⟫
    fleet.best(0) match {
      case Some(b) => println(b.name)
      case None => println("none")
    }
    var day = 0
    while ⟪day < 2⟶(day < 2)⟫ {
      println(fleet.total(day))
      day += 1
    }
    println(mean(List(1.0, 2.5)) + fleet.crewOf(⟪Native⟶"Native"⟫))
  }
}
