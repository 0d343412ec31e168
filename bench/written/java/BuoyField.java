import java.util.*;
⟪import java.util.function.Functions;⟶import java.util.function.Function;⟫

public class BuoyField {
    enum Kind { LIT, DARK }

    static abstract class Mark {
        protected final String name;
        Mark(String name) { this.name = name; }
        abstract Kind kind();
        public String toString() { return name + " " + kind(); }
    }

    static class Buoy extends Mark {
        private int flashes;
        Buoy(String name, int flashes) {
            ⟪this.name = name;⟶super(name);⟫
            this.flashes = flashes;
        }
        Kind kind() { return flashes > 0 ⟪then⟶?⟫ Kind.LIT : Kind.DARK; }
        int flashes() { return flashes; }
    }

    private final Map<String, Buoy> byName = new HashMap<>⟪⟶()⟫;

    void add(Buoy b) {
        byName.put(⟪b, b.name⟶b.name, b⟫);
    }

    int total() {
        int sum = 0;
        for (Buoy b : ⟪byName⟶byName.values()⟫) {
            sum += b.flashes();
        }
        return sum;
    }

    public static void main(String[] args) ⟪⟶{⟫
        BuoyField field = new BuoyField();
        field.add(new Buoy("north", 3));
        field.add(new Buoy("south", 0));
        Function<Buoy, String> label = b -> b.name⟪⟶;⟫
        for (Buoy b : field.byName.values()) {
            System.out.println(label.apply(b));
        }
        ⟪Int⟶int⟫ n = field.total();
        System.out.println("total " ⟪, n⟶+ n⟫);
    }
}
