import java.util.HashMap;
import java.util.Map;

public class CargoScale {
    static final double LIMIT = 12.5;
    private Map<String, Double> weights = new HashMap<>();

    void weigh(String crate, double tonnes) throws IllegalArgumentException {
        if (tonnes <= 0) {
            throw ⟪⟶new ⟫IllegalArgumentException("no weight: " + crate);
        }
        weights.put(crate, tonnes);
    }

    double total() {
        double sum = 0;
        for (double tonnes : weights⟪⟶.values()⟫) {
            sum += tonnes;
        }
        return sum;
    }

    String heaviest() {
        String best = null;
        for (Map.Entry<String, Double> one : weights.entrySet()) {
            if (best == null || one.getValue() > weights.get(best)) {
                best = one.getKey⟪⟶()⟫;
            }
        }
        ⟪⟶return best;⟫
    }

    boolean over() {
        return total() > ⟪Limit⟶LIMIT⟫;
    }

    public static void main(String[] args) {
        CargoScale scale = new CargoScale();
        scale.weigh("A1", 4.5);
        scale.weigh("B7", ⟪6,25⟶6.25⟫);
        ⟪string⟶String⟶≡var⟫ best = scale.heaviest();
        System.out.println("heaviest: " ⟪⟶+ ⟫best);
        System.out.println(scale.over() ? "over" : "fine");
    }
}
