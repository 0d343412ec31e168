import java.util.ArrayList;
import java.util.List;
import java.util.Map;
⟪⟶import java.util.HashMap;
⟫
public class Moorings {
    interface Chargeable {
        double charge(int nights);
    }

    static class Yacht implements Chargeable {
        private final String name;
        private final double length;

        Yacht(String name, double length) {
            this.name = name;
            this.length = length;
        }

        ⟪⟶public ⟫double charge(int nights) {
            return nights * length * 1.8;
        }

        String getName() { return name; }
    }

    private final Map<String, Yacht> berths = new HashMap<>();

    void moor(String berth, Yacht yacht) {
        if (berths.containsKey(berth)) {
            throw ⟪⟶new ⟫IllegalStateException("berth " + berth + " is taken");
        }
        berths.put(berth, yacht);
    }

    double total(int nights) {
        double sum = 0;
        for (Yacht y : berths.⟪values⟶values()⟫) {
            sum += y.charge(nights);
        }
        return sum;
    }

    List<String> names() {
        List<String> out = new ArrayList<>();
        for (String berth : berths.keySet()) {
            out.add(berth + " " + berths.get(berth).⟪name()⟶getName()⟶name⟫);
        }
        return out;
    }

    public static void main(String[] args) {
        Moorings m = new Moorings();
        m.moor("A1", new Yacht("Kittiwake", 11.5));
        m.moor("A2", new Yacht("Teal", 8)⟪⟶)⟫;
        for (String line : m.names()) {
            System.out.⟪printLine⟶println⟫(line);
        }
        int nights = ⟪"3"⟶3⟫;
        System.out.printf("%.2f%n", m.total(nights));
    }
}
