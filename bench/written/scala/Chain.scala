import scala.collection.mutable.ArrayBuffer

sealed trait Link
case class Iron(length: Int) extends Link
case class Rope(length: Int, strands: Int) extends Link
case object Hook ⟪implements⟶extends⟫ Link

class Chain(val name: String) {
  private val links = new ArrayBuffer[Link]()

  def add(link: Link): Chain = {
    links⟪.push(link)⟶ += link⟶.append(link)⟫
    this
  }

  def length: Int = links.map(lengthOf).sum

  private def lengthOf(link: Link): Int = link match {
    case Iron(n) => n
    case Rope(n⟪⟶, _⟫) => n
    case Hook ⟪=⟶=>⟫ 1
  }

  def count(p: Link => Boolean): Int = links.count(p⟪⟶)⟫

  override def toString: String = s"$name (${length}m)"
}

object Chain {
  def build(name: String, lengths: Int*): Chain = {
    val chain = new Chain(name)
    for (n ⟪in⟶<-⟫ lengths) {
      chain.add(Iron(n))
    }
    chain
  }
}

object Chains {
  def main(args: Array[String]): Unit = {
    val bow = Chain.build("bow", 10, 12, 8)
    bow.add(⟪Hook()⟶Hook⟫).add(Rope(5, 3))
    println(bow)
    val ropes = bow.count {
      case Rope(_, _) => true
      case _ => ⟪False⟶false⟫
    }
    ⟪⟶val ⟫longest = if (bow.length > 30) "long" else ⟪'short'⟶"short"⟫
    println("ropes: " + ropes⟪ + ⟶⟫)
    println(s"it is ${longest}")
  }
}
