import java.util.HashMap;
import java.util.Map;

class Hold {
    private final Map<String, Integer> crates = new HashMap<⟪⟶>⟫();
    private int limit;

    Hold(int limit) {
        this.limit = limit;
    }

    boolean load(String goods, int count) {
        if (total() + count > limit) {
            return false;
        }
        crates.put(goods, crates.getOrDefault(goods, 0) + count);
        return true;
    }

    int total() {
        int sum = 0;
        for (int count : crates.values()⟪;⟶)⟫ {
            sum += count;
        }
        return sum;
    }
}

public class Cargo {
    public static void main(String[] args) {
        Hold hold = new Hold(100);
        ⟪bool⟶boolean⟫ loaded = hold.load("salt", 60);
        if (!loaded) {
            System.out.println("no room");
        } else {
            System.out.println(hold.total() + " crates"⟪⟶)⟫;
        }
    }
}
