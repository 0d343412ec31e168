import scala.collection.mutable.Map
import scala.util.{Try, Success, Failure}

sealed trait Event
case class Arrive(ship: String, hour: Int) extends Event
case class Depart(ship: String) ⟪⟶extends ⟫Event

class Dock(val places: Int) {
  private var inside ⟪:= ⟶= ⟫Map[String, Int]()

  def handle(event: Event): Try[Int] = event match {
    case Arrive(ship, hour) =>
      if (inside.size >= places) Failure(⟪⟶new ⟫IllegalStateException(s"no place for $ship"))
      else {
        inside(ship) = hour
        Success(inside.size)
      }
    case Depart(ship) =>
      inside.remove(ship) match {
        case Some(_) => Success(inside.size)
        ⟪case Null⟶case None⟫ => Failure(new NoSuchElementException(ship))
      }
  }

  def earliest: Option[String] = {
    if (inside.isEmpty) None
    else Some(inside.minBy(_._2)._1⟪⟶)⟫
  }
}

object Dockplan {
  def main(args: Array[String]): Unit = {
    val dock = new Dock(2)
    val events = List(Arrive("Dipper", 7), Arrive("Ouzel", 9), Arrive("Siskin", 10), Depart("Dipper"))
    for (e ⟪in⟶<-⟫ events) {
      dock.handle(e) match {
        case Success(n) => println(s"$e: $n inside")
        case Failure(why) => println(why.⟪getmessage⟶getMessage⟫)
      }
    }
    println(dock.earliest.getOrElse("none"))
  }
}
