import java.util.ArrayList;
import java.util.List;

class Berth {
    private final int number;
    private final int length;
    private boolean taken;

    Berth(int number, int length) {
        this.number = number;
        this.length = length;
        this.taken = false;
    }

    boolean fits(int wanted) {
        return !taken && length >= wanted;
    }

    void take() {
        taken = true;
    }

    int getNumber() {
        return number;
    }
}

public class Berths {
    public static void main(String[] args) {
        List<Berth> berths = new ArrayList<>();
        berths.add(new Berth(1, 20));
        berths.add(new Berth(2, 35));
        berths.add(new Berth(3, 50));
        int[] boats = {30, 45, 60};
        for (int boat : boats) {
            Berth found = null;
            for (Berth berth : berths) {
                if (berth.fits(boat)) {
                    found = berth;
                    break;
                }
            }
            if (found == null) {
                System.out.println("No berth for " + boat + " metres");
            } else {
                found.take();
                System.out.println(boat + " metres go to berth " + found.getNumber());
            }
        }
    }
}
