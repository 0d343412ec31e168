import java.util.*;

public class TideClock {
    enum Phase { FLOOD, EBB, SLACK }

    private int minute;

    public TideClock(int start) {
        minute = start;
    }

    public Phase phase() {
        int within = minute % 745;
        if (within < 340) {
            return ⟪FLOOD⟶Phase.FLOOD⟫;
        } else if (within < 700) {
            return Phase.EBB;
        }
        return Phase.SLACK;
    }

    public void run(int minutes) {
        minute += minutes;
    }

    static String label(Phase phase) {
        switch (phase) {
            case FLOOD:
                return "rising";
            case EBB:
                return "falling";
            default⟪⟶:⟫
                return "still";
        }
    }

    public static void main(String[] args) {
        TideClock clock = new TideClock(100);
        Map<Phase, Integer> seen = new TreeMap<>();
        while (true) {
            Phase now = clock.phase();
            seen.put(now, seen.getOrDefault(now, 0) + 1)⟪⟶;⟫
            clock.run(60);
            if (seen.size() == ⟪Phase.length⟶Phase.values().length⟫) break;
        }
        for (Phase phase : Phase.values()) {
            System.out.println(label(phase) + ": " + seen.get(phase⟪⟶)⟫);
        }
        ⟪final ⟶⟫int steps = 0;
        for (int n : seen.values()) steps += n;
        System.out.println(steps);
    }
}
