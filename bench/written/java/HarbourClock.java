import java.util.ArrayList;
import java.util.List;

interface Bell {
    void ring(int times);
}

class Tower implements Bell {
    private int rung = 0;
    ⟪⟶public ⟫void ring(int times) {
        rung += times;
    }
    int rung() { return ⟪this.rang⟶this.rung⟶rung⟫; }
}

public class HarbourClock {
    private final List<⟪int⟶Integer⟫> hours = new ArrayList<>();
    private final Bell bell;

    HarbourClock(Bell bell) {
        ⟪bell⟶this.bell⟫ = bell;
    }

    void strike(int hour) throws IllegalArgumentException {
        if (hour < 0 || hour > 23) {
            throw ⟪IllegalArgumentException⟶new IllegalArgumentException⟫("no such hour");
        }
        hours.add(hour);
        bell.ring(hour % 12 == 0 ? 12 : hour % 12)⟪⟶;⟫
    }

    double mean() {
        double sum = 0;
        for (⟪h : hours⟶int h : hours⟶≡Integer h : hours⟫) sum += h;
        return hours.isEmpty() ? 0 : sum / hours.⟪length⟶size()⟫;
    }

    public static void main(String[] args) {
        Tower tower = new Tower();
        HarbourClock clock = new HarbourClock(⟪⟶tower⟫);
        clock.strike(9);
        clock.strike(⟪"15"⟶15⟫);
        System.out.println("mean " + clock.mean());
        System.out.printf("rung %d%n"⟪; ⟶, ⟫tower.rung());
    }
⟪⟶}⟫
