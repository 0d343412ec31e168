import java.util.*;
import java.util.function.Function;

public class Boatyard {
    enum Stage { HULL, DECK, RIG }

    static abstract class Boat {
        protected final String name;
        Stage stage = Stage.HULL;
        Boat(String name) { this.name = name; }
        abstract double price();
        void advance() {
            stage = Stage.values()[stage.⟪ordinal⟶ordinal()⟫ + 1];
        }
    }

    static class Dinghy extends Boat {
        Dinghy(String name) { ⟪⟶super(name);⟫ }
        double price() { return 900; }
    }

    static class Cutter extends Boat {
        private int masts;
        Cutter(String name, int masts) {
            super(name);
            ⟪self.masts⟶this.masts⟫ = masts;
        }
        ⟪doubel⟶double⟫ price() { return 4000 + masts * 750.5; }
    }

    private final Map<String, Boat> boats = new HashMap<>();

    void add(Boat b) { boats.put(⟪b⟶b.name, b⟫); }

    double worth() {
        double sum = 0;
        for (Boat b : boats⟪⟶.values()⟫) {
            sum += b.price();
        }
        return sum;
    }

    List<String> sorted(Function<Boat, String> key) {
        List<String> out = new ArrayList<⟪⟶>⟫();
        for (Boat b : boats.values()) out.add(key.apply(b));
        Collections.sort(out);
        return out;
    }

    public static void main(String[] args) {
        Boatyard yard = new Boatyard();
        yard.add(new Dinghy("Pip"));
        yard.add(⟪Cutter⟶new Cutter⟫("Gale", 2));
        System.out.println(yard.worth());
        System.out.println(yard.sorted(b ⟪=>⟶->⟫ b.name));
        for (int i = 0; i < ⟪args.length()⟶args.length⟫; i++)
            System.out.println(args[i]);
    }
}
