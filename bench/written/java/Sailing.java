import java.util.HashMap;
import java.util.Map;

interface Priced {
    double price(int persons);
}

class Adult implements Priced {
    ⟪⟶public ⟫double price(int persons) {
        return persons * 8.5;
    }
}

class Group implements Priced {
    private final int limit;

    Group(int limit) { this.limit = limit; }

    public double price(int persons) {
        if (persons > limit) {
            return persons * 6.0;
        }
        ⟪⟶return persons * 8.5;⟶return 0;⟶return persons * 6.0;⟶return 0.0;⟫
    }
}

public class Sailing {
    static Map<String, Priced> tariffs = new HashMap<>();

    static double cost(String kind, int persons) {
        Priced tariff = tariffs.get(⟪Kind⟶kind⟫);
        if (tariff == null) {
            throw new IllegalArgumentException("no tariff " ⟪⟶+ ⟫kind);
        }
        return tariff.price(persons);
    }

    public static void main(String[] args) {
        tariffs.put("adult", new Adult());
        tariffs.put("group", new Group(10));
        double total = 0;
        for (String kind : tariffs.⟪keys⟶keySet⟫()) {
            total =+ cost(kind, 12);
        }
        System.out.println(⟪'total: '⟶"total: "⟫ + total);
    }
}
