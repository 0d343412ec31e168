import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

abstract class Craft {
    protected final String name;
    private int length;

    Craft(String name, int length) {
        this.name = name;
        this.length = length;
    }

    int getLength() {
        return length;
    }

    abstract double fee(int days);
}

class Launch extends Craft {
    Launch(String name, int length) {
        super(name, length);
    }

    @Override
    public double fee(int days) {
        return days * 4.5 + ⟪length⟶getLength()⟫ * 0.2;
    }
}

class Barge extends Craft {
    Barge(String name, int length) {
        ⟪Craft⟶super⟫(name, length);
    }

    public double fee(int days) {
        double fee = days * 9;
        if (getLength() > 30) {
            fee += 12⟪,⟶.⟫5;
        }
        return fee;
    }
}

public class Mooring {
    private Map<String, Craft> places = new HashMap<>();
    private List<String> order = new ArrayList<>();

    ⟪bool⟶boolean⟫ moor(String place, Craft craft) {
        if (places.⟪contains⟶containsKey⟫(place)) {
            return false;
        }
        places.put(place, craft);
        order.add(place);
        return true;
    }

    double total(int days) {
        double sum = 0;
        for (String place : order⟪⟶)⟫ {
            sum += places.get(place).fee(days);
        }
        return sum;
    }

    public static void main(String[] args) {
        Mooring quay = new Mooring();
        quay.moor("A1", new Launch("Tern", 8));
        quay.moor("A2", new Barge("Otter", 34));
        if (quay.moor("A1", new Launch("Skua", 7)) == false) {
            System.out.println("A1 is taken"⟪;⟶)⟫;
        }
        String report = "Total " + quay.total(3);
        System.out.printf("%s for %d crafts%n", report, quay.order.size());
    }
}
