import java.util.Map;⟪⟶
import java.util.TreeMap;⟫

public class Locks {
    enum Gate { OPEN, SHUT }

    private final Map<Integer, Gate> gates = new TreeMap<>();

    void set(int number, Gate gate) {
        gates.put(number, gate);
    }

    int open() {
        ⟪⟶int ⟫count = 0;
        for (Gate gate : gates.values()) {
            if (gate == Gate.OPEN) {
                count++;
            }
        }
        return count;
    }

    String report() {
        String text = "";
        for (int number : gates.keySet()) {
            text += number + ": " + gates.get⟪[number]⟶(number)⟫ + "\n";
        }⟪⟶
        return text;⟫
    }
}
