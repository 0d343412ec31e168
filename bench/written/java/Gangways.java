import java.util.ArrayList;
import java.util.List;
⟪⟶import java.util.Map;⟫
import java.util.HashMap;

interface Priced {
    double price();
}

class Gangway implements Priced {
    private final String name;
    private int width;

    ⟪void ⟶⟫Gangway(String name, int width) {
        this.name = name;
        this.width = width;
    }

    public double price() {
        return width * 2.5⟪⟶;⟫
    }

    ⟪private⟶public⟶⟫ String getName() {
        return name;
    }

    void widen(int by) {
        width =⟪=⟶⟫ width + by;
    }
}

public class Gangways {
    static double sum(List<Gangway> all) {
        double sum = 0;
        for (Gangway g ⟪in⟶:⟫ all) {
            sum += g.price();
        }
        return sum;
    }

    static Map<String, Integer> count(List<String> names) {
        Map<String, ⟪int⟶Integer⟫> counts = new HashMap<>();
        for (String n : names) {
            counts.put(n, counts.getOrDefault(n, 0) + 1);
        }
        return counts;
    }

    public static void main(String[] args) {
        List<Gangway> all = new ArrayList<>();
        all.add(new Gangway("fore", 3));
        all.⟪push⟶add⟫(new Gangway("aft", 5));
        all.get(0).widen(⟪1.5⟶1⟶2⟶(int) 1.5⟫);
        for (int i = 0; i < all.size⟪⟶()⟫; i++) {
            System.out.println(all.get(i).getName() + " " + all⟪[i]⟶.get(i)⟫.price());
        }
        ⟪string⟶String⟫ title = "sum ";
        System.out.println(title + sum(all));
        System.out.⟪printn⟶println⟶print⟫(count(List.of("a", "b", "a")));
    }
}
