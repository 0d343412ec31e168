case class Crate(label: String, weight: Double, fragile: Boolean = false)

class Manifest(crates: List[Crate]) {
  val weight: Double = crates.map(_.weight).sum

  def heaviest: Option[Crate] = {
    if (crates.isEmpty) None
    else Some(crates.maxBy(_.weight))
  }

  def warnings(limit: Double): List[String] = {
    val fragile = crates.filter(_.fragile).map(crate => crate.label + " is fragile")
    if (weight > limit) {
      ("too heavy by " + (weight - limit)) :: fragile
    } else {
      fragile
    }
  }
}

object Manifest {
  def main(args: Array[String]): Unit = {
    val manifest = new Manifest(List(
      Crate("glass", 80, true),
      Crate("sand", 900),
      Crate("rope", 35)
    ))
    val name = manifest.heaviest.map(_.label).getOrElse("nothing")
    println("heaviest: " + name)
    manifest.warnings(1000).foreach(line => println("! " + line))
  }
}
