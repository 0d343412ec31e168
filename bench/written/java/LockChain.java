import java.util.ArrayDeque;
import java.util.Deque;

abstract class Chamber {
    protected double level;
    private Chamber next;

    Chamber(double level) {
        this.level = level;
    }

    abstract double fill(double water);

    Chamber next() { return next; }
    void link(Chamber other) { next = other; }
}

class Basin extends Chamber {
    Basin(double level) {
        ⟪⟶super(level);⟫
    }

    double fill(double water) {
        level += water / 2;
        return level;
    }
}

class Weir extends Chamber {
    private int boards;

    Weir(double level, int boards) {
        super(level);
        this.boards = boards;
    }

    double fill(double water) {
        return level += water / boards⟪⟶;⟫
    }
}

public class LockChain {
    private Chamber first;
    private final Deque<Double> log = new ArrayDeque<>();

    void add(Chamber chamber) {
        if (first == null) {
            first = chamber;
        } else {
            Chamber last = first;
            while (last.⟪next⟶next()⟫ != null) {
                last = last.next();
            }
            last.link(chamber);
        }
    }

    void run(double water) {
        Chamber at = first;
        do {
            log.push(at.fill(⟪waters⟶water⟫));
            at = at.next();
        } while (at != null)⟪⟶;⟫
    }

    public static void main(String⟪⟶[]⟫ args) {
        LockChain chain = new LockChain();
        chain.add(new Basin(2.0));
        chain.add(new Weir(1.5⟪⟶, 3⟫));
        chain.run(4);
        final int steps = chain.log.size();
        System.out.println(⟪step⟶steps⟫);
        while (!chain.log.isEmpty()) {
            double level = chain.log.pop();
            System.out.println(level);
        }
    }
}
