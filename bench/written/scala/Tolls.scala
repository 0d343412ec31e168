case class Car(plate: String, axles: Int)

object Tolls {
  def toll(car: Car): Double ⟪⟶= ⟫{
    val base = 4.5
    if (car.axles > 2) base * 2 else base
  }

  def heavy(cars: List[Car]): List[Car] =
    cars.filter(_.⟪axels⟶axles⟫ > 2)

  def plates(cars: List[Car]): String =
    cars.map(c ⟪->⟶=>⟫ c.plate).mkString(", ")

  def main(args: Array[String]): Unit = {
    val cars = List(Car("HB 220", 2), Car("HB 417", 3⟪⟶)⟫)
    var sum = 0.0
    for (car <- cars) {
      sum += toll(car)
    }
    println(s"$sum from ${plates(cars)}")
    ⟪int⟶val⟫ n = heavy(cars).size
    println(n)
  }
}
