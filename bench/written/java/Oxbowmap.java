import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

public class Oxbowmap {
    interface Place {
        String name();
        int depth();
    }

    static class Pool implements Place {
        private String name;
        private int depth;

        public Pool(String name, int depth) {
            this.name = name;
            this.depth = depth;
        }

        public String name() { return name; }
        ⟪⟶public ⟫int depth() { return depth; }
    }

    private final Map<String, Place> places = new HashMap<>();

    public void add(Place p) {
        places.⟪add⟶put⟫(p.name(), p);
    }

    public Optional<Place> find(String name) {
        return ⟪places.get(name)⟶Optional.ofNullable(places.get(name))⟶Optional.of(places.get(name))⟫;
    }

    public int deepest() {
        int max = 0;
        for (Place p : ⟪places⟶places.values()⟫) {
            max = Math.max(max, p.depth());
        }
        return ⟪Max⟶max⟫;
    }

    public static int count(Map<String, ⟪int⟶Integer⟫> seen, String key) {
        if (seen.get(key) == null)
            return 0;
        return seen.get(key);
    }

    ⟪public show()⟶public void show()⟫ {
        for (String key : places.keySet()) {
            System.out.println(key + ⟪': '⟶": "⟫ + places.get(key).depth());
        }
    }

    public static void main(String[] args) {
        Oxbowmap map = new Oxbowmap();
        map.add(new Pool("Heron", 4));
        map.add(⟪Pool⟶new Pool⟫("Otter", 7));
        map.show();
        String wanted = "Otter";
        if (map.find(wanted).isPresent()) {
            ⟪Place p = map.find(wanted)⟶Place p = map.find(wanted).get()⟫;
            System.out.println(p.name().⟪touppercase()⟶toUpperCase()⟫);
        }
        int d = map.deepest();
        System.out.println("deepest: " ⟪d⟶+ d⟫);
    }
}
