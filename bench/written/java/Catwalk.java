import java.util.ArrayList;
import java.util.List;

public class Catwalk {
    private final String code;
    private final List<⟪int⟶Integer⟫> slots = new ArrayList<>();
    private double tariff;

    public Catwalk(String code, double tariff) {
        this.code = code;
        this.tariff = tariff;
    }

    public void open(int count) {
        for (int i = 0⟪,⟶;⟫ i < count⟪,⟶;⟫ i++) {
            slots.add(i);
        }
    }

    public int free() {
        int free = 0;
        for (int slot : slots) {
            if (slot % 2 == 0)⟪;⟶⟫ {
                free++;
            } else {
                free += 0;
            }
        }
        return free;
    }

    public double price(int nights) {
        double price = nights * tariff;
        if (nights ⟪=>⟶>=⟫ 7) {
            price = price * 0.9;
        }
        ⟪⟶return price;⟫
    }

    public String getCode() {
        return code;
    }

    static char mark(Catwalk p) {
        return p.getCode().charAt(⟪"0"⟶0⟫);
    }

    public static void main(String[] args) {
        List<Catwalk> all = new ArrayList<>();
        all.add(⟪⟶new ⟫Catwalk("A", 12.5));
        all.add(new Catwalk("B", 9));
        for (Catwalk p : all) {
            p.open(6);
            int price = ⟪⟶(int) ⟫p.price(8);
            System.out.println(mark(p) + " " + p.free() + " " + price);
        }
        String best = all.get(0).getCode();
        if (best.equals("A")) {
            System.out.println("first is " + best);
        }
        System.out.println(all.get(1).⟪code()⟶code⟶getCode()⟫);
    }
}
