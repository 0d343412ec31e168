abstract class Lamp(val name: String) {
  def period: Int
  def describe: String = name + " every " + period + " s"
}

class Flash(name: String, seconds: Int) extends ⟪Lamp⟶Lamp(name)⟫ {
  ⟪overide⟶override⟫ def period: Int = seconds
}

class Fixed(name: String) extends Lamp(name) {
  def period: Int = ⟪"0"⟶0⟫
}

object Lamps {
  def longest(lamps: Seq[Lamp]): Lamp = {
    lamps.maxBy(lamp ⟪-> ⟶=> ⟫lamp.period)
  }

  def main(args: Array[String]): Unit = {
    val lamps = Seq(new Flash("mole", 4), ⟪⟶new ⟫Fixed("pier"))
    lamps.foreach(lamp => println(lamp.describe))
    println(longest(lamps).name)
  }
}
