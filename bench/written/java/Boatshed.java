import java.util.ArrayList;
⟪import java.util.map;⟶import java.util.Map;⟫
import java.util.HashMap;

enum Hull { WOOD, STEEL, PLASTIC }

class Boat {
    private final String name;
    private final Hull hull;
    private int repairs⟪⟶;⟫

    public ⟪boat⟶Boat⟫(String name, Hull hull) {
        this.name = name;
        this.hull = hull;
    }

    public String getName() { return name; }
    public Hull getHull() { return hull; }
    public void repair() { repairs++; }
    public int getRepairs() { ⟪return this.repair⟶return this.repairs⟶return repairs⟫; }
}

public class Boatshed {
    private final ArrayList<Boat> boats = new ArrayList<>();

    void add(String name, Hull hull) {
        boats.add(⟪⟶new ⟫Boat(name, hull));
    }

    Boat find(String name) {
        for (Boat boat : boats) {
            if (boat.getName()⟪.equal⟶.equals⟫(name)) {
                return boat;
            }
        }
        ⟪⟶return null;⟫
    }

    Map<Hull, Integer> byHull() {
        Map<Hull, Integer> counts = new HashMap<>();
        for (int i = 0; i < boats⟪.length⟶.size()⟫; i++) {
            Hull hull = ⟪boats[i]⟶boats.get(i)⟫.getHull();
            counts.put(hull, counts.getOrDefault(hull, ⟪"0"⟶0⟫) + 1);
        }
        return counts;
    }

    public static void main(String[] args) {
        Boatshed shed = new Boatshed();
        shed.add("Tern", Hull.WOOD);
        shed.add("Gull", ⟪STEEL⟶Hull.STEEL⟫);
        shed.add("Skua", Hull.WOOD);
        shed.find("Tern").repair()⟪⟶;⟫
        for (Map.Entry<Hull, Integer> entry : shed.byHull().⟪entries⟶entrySet⟫()) {
            System.out.println(entry.getKey() + ": " + entry.getValue());
        }
        System.out.println(⟪'Repairs: '⟶"Repairs: "⟫ + shed.find("Tern").getRepairs());
    }
}
