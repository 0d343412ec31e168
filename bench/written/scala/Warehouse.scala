abstract class Goods(val name: String) {
  def volume: Double
  def fits(space: Double): Boolean = volume <= space
}

class Crate(name: String, side: Double) extends Goods(name) {
  ⟪⟶override ⟫def toString = s"crate $name"
  def volume = side * side * side
}

class Bale(⟪name⟶name: String⟫, val volume: Double) extends Goods(name)

class Bay[T <: Goods](val size: Double) {
  private var goods: List[T] = ⟪new List()⟶List()⟶Nil⟶List.empty⟫

  def free: Double = size - goods.map(_.volume).sum

  def store(item: T): Either[String, Bay[T]] =
    if (item.fits(free)) {
      goods = item :: goods
      Right(⟪⟶this⟫)
    } else Left("no room for " + item.⟪Name⟶name⟫)

  def names: List[String] = goods.map(g => g.name⟪⟶)⟫
}

object Main extends App {
  val bay = new Bay⟪<Goods>⟶[Goods]⟫(30.0)
  val result = bay.store(new Crate("lamps", 2))
  result match {
    case Right(b) => println(b.names)
    case Left(why) => ⟪system.out.println⟶println⟶System.out.println⟫(why)
  }
  bay.store(new Bale("wool", ⟪25,5⟶25.5⟫)) match {
    case Left(why) => println(why)
    case _ =>
  }
  val left: ⟪Int⟶Double⟫ = bay.free
  println(s"left $left")
}
