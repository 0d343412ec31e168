import java.util.*;

enum State { LOCKED, OPEN }

abstract class Gate {
    protected State state = State.LOCKED;
    abstract void coin(int pence);
    boolean isOpen() { return state == ⟪OPEN⟶State.OPEN⟫; }
}

class CoinGate extends Gate {
    private int held;
    private final List<Integer> taken = new ArrayList<⟪int⟶Integer⟶≡⟫>();

    void coin(int pence) {
        held += pence;
        taken.add(pence);
        if (held >= 50) {
            state = State.OPEN;
            held = 0;
        ⟪⟶}⟫
    }

    int total() {
        int sum = 0;
        for (int i = 0; i < taken.size(); i++) {
            sum += taken.get(i);
        }
        ⟪⟶return sum;⟫
    }

    String show() {
        return "held " ⟪.⟶+⟫ held;
    }
}

public class Turnstile {
    private int passed = 0;

    void pass(Gate gate) throws IllegalStateException {
        if (!gate.isOpen()) {
            throw ⟪IllegalStateException⟶new IllegalStateException⟫("shut");
        }
        passed++;
    }

    public static void main(String[] args) {
        CoinGate gate = new CoinGate();
        gate.coin(20);
        gate.coin(⟪"30"⟶30⟫);
        Turnstile turnstile = new Turnstile();
        try {
            turnstile.pass(gate);
        } catch (IllegalStateException ⟪⟶e⟫) {
            System.out.println("blocked");
        }
        System.out.println(gate.show());
        System.out.println(⟪gate.total⟶gate.total()⟫ + " " + turnstile.passed);
    }
}
