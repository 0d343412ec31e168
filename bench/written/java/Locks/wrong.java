import java.util.Map;

public class Locks {
    enum Gate { OPEN, SHUT }

    private final Map<Integer, Gate> gates = new TreeMap<>();

    void set(int number, Gate gate) {
        gates.put(number, gate);
    }

    int open() {
        count = 0;
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
            text += number + ": " + gates.get[number] + "\n";
        }
    }
}
