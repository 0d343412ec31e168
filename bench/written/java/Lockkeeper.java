import java.util.ArrayList;
import java.util.List;

interface Passing {
    int width();
    String name();
}

class Barge implements Passing {
    private final int width;

    Barge(int width) {
        this.width = width;
    }

    ⟪⟶public ⟫int width() {
        return width;
    }

    public String name() {
        return "barge";
    }
}

public class Lockkeeper {
    private static final int MAX = 11;
    private List<Passing> waiting = new ArrayList<>();

    void arrive(Passing p) {
        waiting.add(p);
    }

    boolean fits(Passing p) {
        return p.width⟪⟶()⟫ <= MAX;
    }

    int pass() {
        int passed = 0;
        for (Passing p ⟪in⟶:⟫ waiting) {
            if (fits(p)) {
                passed++;
            }
        }
        return passed;
    }

    public static void main(String[] args) {
        Lockkeeper keeper = new Lockkeeper();
        keeper.arrive(new Barge(9));
        keeper.arrive(new Barge(12));
        int n = keeper.pass();
        if (n ⟪=⟶==⟫ 1) {
            System.out.println("one passed");
        } else {
            System.out.println(n + ⟪' passed'⟶" passed"⟫);
        }
        ⟪⟶keeper.⟫fits(keeper.waiting.get(0));
    }
}
