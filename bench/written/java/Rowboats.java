import java.util.*;

interface Hireable {
    double price(int hours);
    String label();
}

abstract class Boat ⟪extends⟶implements⟫ Hireable {
    protected final String name;
    protected int seats;

    Boat(String name, int seats) {
        this.name = name;
        this.seats = seats;
    }

    public String label() {
        return String.format("%s (%d seats)", name, seats);
    }
}

class Rowboat extends Boat {
    Rowboat(String name) {
        ⟪super.Boat(name, 4)⟶super(name, 4)⟫;
    }

    ⟪⟶public ⟫double price(int hours) {
        return 3.5 * hours;
    }
}

class Punt extends Boat {
    private boolean pole;

    Punt(String name, boolean pole) {
        super(name, 6);
        this⟪->⟶.⟫pole = pole;
    }

    public double price(int hours) {
        if (pole)
            return 2.75 * hours;
        else ⟪if⟶⟫
            return 5.0 * hours;
    }
}

class HireDesk {
    private final List<Boat> boats = new ArrayList<Boat>⟪⟶()⟫;
    private final Map<String, Integer> hours = new TreeMap<>();

    void add(Boat boat) {
        boats.add(boat);
    }

    void hire(String name, int n) {
        for (Boat b : boats) {
            if (b.name.equals(name)) {
                ⟪hours[name] = hours.getOrDefault(name, 0) + n⟶hours.put(name, hours.getOrDefault(name, 0) + n)⟫;
            }
        }
    }

    double takings() {
        double sum = 0;
        for (Boat b : boats) {
            ⟪Int⟶int⟫ h = hours.getOrDefault(b.name, 0);
            sum += b.price(h);
        }
        return sum;
    }
}

public class Rowboats {
    public static void main(String[] args) ⟪throw⟶throws⟫ Exception {
        HireDesk desk = new HireDesk();
        desk.add(⟪new Boat("Plover", 4)⟶new Rowboat("Plover")⟫);
        desk.add(new Punt("Dabchick"⟪⟶, true⟶, false⟫));
        desk.hire("Plover", 3);
        desk.hire("Dabchick", ⟪"2"⟶2⟫);
        String money = ⟪desk.takings()⟶String.valueOf(desk.takings())⟶"" + desk.takings()⟶Double.toString(desk.takings())⟫;
        System.out.println("takings " + money);
    }
}
