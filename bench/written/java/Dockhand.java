import java.util.ArrayList;
import java.util.HashMap;
import java.util.Map;

public class Dockhand {
    private String name;
    private Map<String, Integer> hours = new HashMap<>();

    public Dockhand(String name) {
        this.name = name;
    }

    public void work(String day, int h) {
        if (hours.containsKey(day)) {
            hours.put(day, hours.get(day) + h)⟪⟶;⟫
        } else {
            hours.put(day, h);
        }
    }

    public int total() {
        int sum = 0;
        for (String day : hours.⟪keys⟶keySet⟫()) {
            sum += hours⟪[day]⟶.get(day)⟫;
        }
        return sum;
    }

    public ⟪String⟶boolean⟫ isTired() {
        return total() > 40;
    }

    public String toString() {
        return String.format("%s %d", name, total()⟪⟶)⟫;
    }

    static Dockhand busiest(ArrayList<Dockhand> all) {
        Dockhand best = all.get(0);
        for (int i = 1; i < all.size(); ⟪i+⟶i++⟫) {
            if (all.get(i).total() > best.total()) {
                best = all.get(i);
            }
        }
        return best;
    }

    public static void main(String[] args) {
        ArrayList<Dockhand> all = new ArrayList<>();
        Dockhand ida = new Dockhand(⟪Ida⟶"Ida"⟫);
        ida.work("mon", 8);
        ida.work("tue", 9);
        all.add(ida);
        all.⟪append⟶add⟫(new Dockhand("Jon"));
        System.out.println(busiest(all));
        if (ida.isTired() == false) {
            System.out.println("not tired");
        }
    }
}
