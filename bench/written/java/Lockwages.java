import java.util.*;

public class Lockwages {
    private final Map<String, Integer> hours = new HashMap<>();
    private static final double RATE = ⟪14,5⟶14.5⟫;

    static class Keeper implements Comparable<Keeper> {
        String name;
        int lock;

        Keeper(String name, int lock) {
            this.name = name;
            this.lock = lock;
        }

        ⟪public int compareTo(Object other)⟶public int compareTo(Keeper other)⟫ {
            return Integer.compare(lock, other.lock);
        }
    }

    void work(Keeper k, int h) {
        if (hours.containsKey(k.name⟪⟶)⟫) {
            hours.put(k.name, hours.get(k.name) + h);
        } ⟪elseif⟶else if⟫ (h > 0) {
            hours.put(k.name, h);
        }
    }

    ⟪⟶double ⟫pay(Keeper k) {
        Integer h = hours.get(k.name);
        if (h == null) {
            return 0;
        }
        return h * RATE;
    }

    String slip(Keeper k) {
        return String.format("%-8s %6.2f", k.name, pay(k))⟪⟶;⟫
    }

    static List<Keeper> sorted(Keeper[] keepers) {
        List<⟪keeper⟶Keeper⟫> list = new ArrayList<>(Arrays.asList(keepers));
        Collections.sort(list);
        ⟪return keepers⟶return list⟫;
    }

    public static void main(String[] args) {
        Lockwages w = new Lockwages();
        Keeper[] keepers = { new Keeper("Amsel", 3), new Keeper("Dorn", ⟪"1"⟶1⟫) };
        for (Keeper k ⟪in⟶:⟫ sorted(keepers)) {
            w.work(k, 4 + k.lock);
            System.out.println(w.slip(k));
        }
        int ⟪total⟶total = 0⟫;
        for (int h : w.hours.values())
            total += h;
        System.out.println("hours: " + ⟪total.toString()⟶total⟶Integer.toString(total)⟶String.valueOf(total)⟫);
    }
}
