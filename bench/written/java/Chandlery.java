import java.util.*;

interface Priced {
    double price();
}

class Rope implements Priced {
    private final int metres;

    Rope(int metres) {
        this.metres = metres;
    }

    ⟪⟶public ⟫double price() {
        return metres * 1.25;
    }
}

class Paint implements Priced {
    private final String colour;
    private double litres;

    Paint(String colour, double litres) {
        this.colour = colour;
        this.litres = litres;
    }

    @Override
    public ⟪int⟶double⟫ price() {
        return litres * 9.9;
    }

    String colour() { return colour; }
}

public class Chandlery {
    private final Map<String, Priced> stock = new HashMap<⟪String⟶⟶String, Priced⟫>();

    void put(String name, Priced item) {
        if (stock.⟪contains⟶containsKey⟫(name)) {
            throw new IllegalStateException("already there: " + name)⟪⟶;⟫
        }
        stock.put(name, item);
    }

    double worth() {
        double sum = 0;
        for (Priced item : ⟪stock⟶stock.values()⟫) {
            sum += item.price⟪⟶()⟫;
        }
        return sum;
    }

    public static void main(String[] args) {
        Chandlery shop = new Chandlery();
        shop.put("rope", new Rope(20));
        shop.put("paint", new Paint(⟪red⟶"red"⟫, 2.5));
        System.out.printf("%.2f%n", shop.worth());
        Priced first = shop.stock.get("paint");
        if (first instanceof Paint) {
            System.out.println(⟪first.colour()⟶((Paint) first).colour()⟫);
        }
    }
}
