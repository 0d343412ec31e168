import java.util.ArrayList;
⟪⟶import java.util.List;
⟫
public class Fuel {
    private final double capacity;
    private double litres;
    private final List<Double> log = new ArrayList<>();

    public Fuel(double capacity) {
        this.capacity = capacity;
    }

    public double fill(double amount) {
        double room = capacity - litres;
        double used = Math.⟪Min⟶min⟫(room, amount);
        litres += used;
        log.add(used);
        return used;
    }

    public double getLitres() {
        return litres;
    }

    public int fills() {
        return log.⟪length⟶size()⟫;
    }

    public static void main(String[] args) {
        Fuel fuel = new Fuel(50⟪,⟶.⟫5);
        fuel.fill(30);
        ⟪float⟶double⟫ rest = fuel.fill(30);
        System.out.println(rest);
        System.out.println(fuel.fills() + " fills, " + fuel.getLitres() + " l");
    }
}
