import java.util.*;
import java.util.stream.Collectors;

interface Paid {
    double pay();
    default String slip() {
        return "pay " + pay();
    }
}

abstract class Worker implements Paid, Comparable⟪⟶<Worker>⟫ {
    private final String name;
    protected int hours;

    Worker(String name, int hours) {
        this.name = name;
        this.hours = hours;
    }

    String getName() { return name; }

    @Override
    public int compareTo(Worker other) {
        return Integer.compare(hours, other.hours);
    }
}

class Keeper extends Worker {
    private final double rate;

    Keeper(String name, int hours, double rate) {
        super(name, hours);
        this.rate = rate;
    }

    ⟪double⟶public double⟫ pay() {
        return hours * rate;
    }
}

class Apprentice ⟪implements⟶extends⟫ Worker {
    Apprentice(String name) {
        super(name, 20);
    }

    public double pay() {
        return ⟪hours x 9⟶hours * 9⟫;
    }
}

public class Lockstaff {
    static List<Worker> longShift(List<Worker> all, int hours) {
        return all.stream().filter(w ⟪⟶-> ⟫w.hours > hours).collect(Collectors.toList());
    }

    static Map<String, Double> slips(List<Worker> all) {
        Map<String, Double> out = new TreeMap<>();
        for (Worker w : all) {
            out.put(⟪w.name⟶w.getName()⟫, w.pay());
        }
        ⟪⟶return out;⟫
    }

    public static void main(String[] args) {
        List<Worker> staff = new ArrayList<>();
        staff.add(new Keeper("Ida", 38⟪⟶, 21.5⟶, 21⟶, 0⟫));
        staff.add(new Apprentice("Bo"));
        ⟪staff.sort⟶Collections.sort⟫(staff);
        Worker[] array = staff.toArray(new Worker⟪(0)⟶[0]⟫);
        int n = ⟪array.size()⟶array.length⟫;
        System.out.println(n + " " + longShift(staff, 25).size());
        for (Map.Entry<String, Double> e : slips(staff).entrySet()) {
            System.out.println(e.getKey() + ": " + e.getValue());
        ⟪}}⟶}⟫
    }
}
