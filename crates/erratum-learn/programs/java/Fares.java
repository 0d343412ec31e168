import java.util.HashMap;
import java.util.Map;

public class Fares {
    private Map<String, Double> fares = new HashMap<>();

    public Fares() {
        fares.put("grown", 2.5);
        fares.put("child", 1.2);
        fares.put("bike", 0.8);
    }

    public double fareFor(String kind, int zone) {
        if (!fares.containsKey(kind)) {
            return 0.0;
        }
        double fare = fares.get(kind);
        for (int z = 1; z < zone; z++) {
            fare = fare * 1.4;
        }
        return fare;
    }

    public static void main(String[] args) {
        Fares table = new Fares();
        double total = 0.0;
        for (String kind : new String[] {"grown", "child", "bike", "crew"}) {
            double fare = table.fareFor(kind, 2);
            System.out.printf("%s: %.2f%n", kind, fare);
            total += fare;
        }
        System.out.println("Together: " + total);
    }
}
