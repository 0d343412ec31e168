import java.util.*;

abstract class Craft {
    protected String name;
    protected int length;

    Craft(String name, int length) {
        this.name = name;
        this.length = length;
    }

    ⟪abstract double fee() { }⟶abstract double fee();⟫
}

class Barge extends Craft {
    private double tons;

    Barge(String name, int length, double tons) {
        ⟪⟶super(name, length);⟫
        this.tons = tons;
    }

    @Override
    double fee() { return 10 + tons * 0.5; }
}

class Canoe ⟪extend⟶extends⟫ Craft {
    Canoe(String name) { super(name, 5); }

    @Override
    ⟪int⟶double⟫ fee() { return 2; }
}

public class Lockchamber {
    private Queue<Craft> waiting = ⟪new Queue<>()⟶new LinkedList<>()⟶new ArrayDeque<>()⟫;
    private final int chamber = 40;
    private static int locks = 0;

    List<Craft> fill() {
        List<Craft> in = new ArrayList<>();
        int used = 0;
        while (!waiting.isEmpty() ⟪and⟶&&⟫ used + waiting.peek().length <= chamber) {
            Craft craft = waiting.remove();
            used =+ craft.length;
            in.add(craft);
        }
        ⟪locks++⟶locks++;⟫
        return in;
    }

    double takings(List<Craft> in) {
        double sum = 0.0;
        for (Craft c : in) {
            sum += c.fee⟪;⟶();⟫
        }
        return sum;
    }

    public static void main(String[] args) {
        Lockchamber lock = new Lockchamber();
        lock.waiting.add(new Barge("Otter", 28, 60));
        lock.waiting.add(new Canoe(⟪Reed⟶"Reed"⟫));
        lock.waiting.add(new Barge("Beaver", 30⟪⟶, 45⟶, 45.0⟶, 0⟫));
        List<Craft> in = lock.fill⟪⟶()⟫;
        for (Craft craft : in) {
            System.out.println(craft.name + " " + craft.fee());
        ⟪⟶}⟫
        System.out.println(lock.takings(in));
    }
}
