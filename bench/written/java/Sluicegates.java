import java.util.HashMap;
import java.util.Map;

public class Sluicegates {
    static class GateException extends Exception {
        GateException(String what) { super(what); }
    }

    enum Position {
        SHUT(0), HALF(50), OPEN(100);

        final int percent;

        Position(int percent) {
            ⟪percent = percent⟶this.percent = percent⟫;
        }
    }

    private Map<String, Position> gates = new HashMap<>();

    void set(String gate, Position position) throws GateException {
        if (!gates.containsKey(gate)) {
            throw ⟪⟶new ⟫GateException("no gate " + gate);
        }
        gates.put(gate, position);
    }

    int flow() {
        int sum = 0;
        for (Position p : gates.values())
            sum += p.percent;
        return sum;
    }

    String judge() {
        switch (flow() / 100) {
            case 0⟪;⟶:⟫
                return "low";
            case 1:
                return ⟪'normal'⟶"normal"⟫;
            default:
                return "high";
        }
    }

    static int highest(int[] readings) {
        int best = readings[0];
        for (int i = 1; i < readings.⟪length()⟶length⟫; i++) {
            if (readings[i] > best) best = readings⟪(i)⟶[i]⟫;
        }
        return best;
    }

    public static void main(String⟪⟶[]⟫ args) {
        Sluicegates s = new Sluicegates();
        s.gates.put("north", Position.SHUT);
        s.gates.put("south", Position.⟪open⟶OPEN⟫);
        ⟪s.set("north", Position.HALF);⟶try {
            s.set("north", Position.HALF);
        } catch (GateException e) {
            System.out.println(e.getMessage());
        }⟫
        int[] levels = {3, 9, ⟪4.0⟶4⟫};
        System.out.println(s.judge() + " " + s.flow(⟪⟶)⟫);
        System.out.println(⟪Highest⟶highest⟫(levels));
    }
}
