import java.util.HashMap;
import java.util.Map;

public class Tariff {
    enum Kind { CAR, BIKE, FOOT }

    private Map<Kind, Double> prices = new HashMap<>();

    Tariff() {
        prices.put(Kind.CAR, 24.0);
        prices.put(Kind.BIKE, ⟪6⟶6.0⟫);
        prices.put(⟪FOOT⟶Kind.FOOT⟫, 4.5);
    }

    double price(Kind kind, int people) {
        double base = prices.get(kind);
        if (people >= 10) {
            base = base * 0.8;
        }
        return base * people⟪⟶;⟫
    }

    static String label(Kind kind) {
        switch (kind) {
            case CAR⟪⟶:⟫
                return "car";
            case BIKE:
                return "bike";
            default:
                return "foot";
        }
    }

    public static void main(String[] args) {
        Tariff tariff = new Tariff();
        double sum = 0;
        for (Kind kind : Kind.⟪value⟶values⟫()) {
            sum += tariff.price(kind, 2);
            System.out.println(label(kind));
        }
        System.out.println("sum " + sum);
        String line = String.format("%.2f", sum);
        int size = line.length⟪⟶()⟫;
        System.out.println(size);
    }
}
