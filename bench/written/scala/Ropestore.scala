import scala.collection.mutable

case class Coil(kind: String, metres: Int, strands: Int)

trait Store {
  def add(coil: Coil): Unit
  def find(kind: String): Option[Coil]
  def total: Int
}

class Ropestore(name: String) extends Store {
  private ⟪val⟶var⟫ sold = 0
  private val coils = mutable.ListBuffer[Coil]()

  def add(coil: Coil): Unit = {
    coils += coil
  }

  def find(kind: String): Option[Coil] = {
    coils.find(c => c.kind == kind)⟪.get⟶⟫
  }

  def sell(kind: String, metres: Int): Boolean = {
    find(kind) match {
      case Some(coil) ⟪if coil.metres >= metres =⟶if coil.metres >= metres =>⟫
        sold += metres
        coils -= coil
        coils += coil.copy(metres = coil.metres - metres)
        true
      case Some(_) => false
      case None => ⟪"none"⟶false⟫
    }
  }

  def ⟪totals⟶total⟫: Int = coils.map(_.metres).sum

  def report(): String = {
    val lines = for (coil <- coils) yield s"${coil.kind}: ${coil.⟪meters⟶metres⟫}"
    lines.mkString(⟪', '⟶", "⟫)
  }
}

object Ropestore {
  def main(args: Array[String]): Unit = {
    val store = new Ropestore(⟪⟶"north"⟶"store"⟫)
    store.add(Coil("hemp", 200⟪⟶, 3⟶, 1⟶, 0⟫))
    store.add(Coil("sisal", 80, 3))
    if (!store.sell("hemp", 20)⟪⟶)⟫ {
      println("not enough")
    }
    println(store.report())
  }
}
