import java.util.HashMap;
import java.util.Map;

public class Ledger {
    private Map<String, ⟪int⟶Integer⟫> debts = new HashMap<>();

    public void charge(String who, int cents) {
        int old = debts.getOrDefault(who, 0);
        debts.put(who, old + cents);
    }

    public int debt(String who) {
        if (debts.containsKey(who)) {
            return debts.get(who);
        }
⟪⟶        return 0;
⟫    }

    public double average() {
        int sum = 0;
        for (int cents : debts.⟪value⟶values⟫()) {
            sum += cents;
        }
        return sum / debts.size();
    }

    public static void main(String args[]) {
        Ledger ledger = new Ledger();
        ledger.charge("Berg", 450);
        ledger.charge("Lund"⟪⟶,⟫ 300);
        System.out.println(ledger.debt("Berg"));
        ⟪int⟶double⟫ mean = ledger.average();
        System.out.println("mean " + mean);
    }
}
