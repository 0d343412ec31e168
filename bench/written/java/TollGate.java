import java.util.HashMap;
import java.util.Map;
import java.util.List;
import java.util.ArrayList;

public class TollGate {
    private static final ⟪double⟶Map<String, Double>⟶HashMap<String, Double>⟫ FARES = new HashMap<>();
    static {
        FARES.put("car", 4.5);
        FARES.put("van"⟪ ⟶, ⟫6.0);
    }

    private List<String> passed;
    private int count;

    public TollGate() {
        passed = new ArrayList<>();
        count = 0;
    }

    public double pass(String kind) {
        if (!FARES.⟪contains⟶containsKey⟫(kind)) {
            throw new IllegalArgumentException("kind: " + kind⟪)⟶);⟫
        }
        passed.add(kind);
        count += 1;
        return FARES.get(kind);
    }

    public static int countOf(List<String> kinds, String kind) {
        int n = 0;
        for (String k : kinds) {
            if (k.equals(kind)⟪ {⟶) {⟫
                n++;
            }
        }
        return n;
    }

    public String last() {
        return passed⟪[passed.size() - 1]⟶.get(passed.size() - 1)⟫;
    }

    public static void main(String[] args) {
        TollGate gate = new TollGate();
        double total = 0;
        String[] kinds = {"car", "van", "car"};
        for (int i = 0; i < kinds.⟪size()⟶length⟫; i++) {
            total += gate.pass(kinds⟪(i)⟶[i]⟫);
        }
        System.out.printf("%.2f%n", total);
        System.out.println("cars: " + countOf(⟪kinds⟶gate.passed⟫, "car"));
        ⟪int last⟶String last⟫ = gate.last();
        System.out.println(last ⟪+ " after " gate.count⟶+ " after " + gate.count⟫);
    }
}
