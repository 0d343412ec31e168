import java.util.ArrayList;
import java.util.List;

abstract class Item {
    protected String label;
    protected double weight;

    Item(String label, double weight) {
        this.label = label;
        this.weight = weight;
    }

    abstract double charge()⟪ { }⟶;⟫
}

class Crate extends Item {
    private int stackable;

    Crate(String label, double weight, int stackable) {
        ⟪this.label = label;
        this.weight = weight;⟶super(label, weight);⟫
        this.stackable = stackable;
    }

    double charge() {
        return weight * 0.4;
    }
}

class Tank extends Item {
    Tank(String label, double weight) {
        super(label, weight);
    }

    ⟪int⟶double⟫ charge() {
        return weight * 1.5;
    }
}

public class Freightlist {
    public static void main(String[] args) {
        List<Item> items = new ArrayList<>();
        items.add(new Crate("nets", 12.5, 3));
        items.add(⟪⟶new ⟫Tank("oil", 40));
        ⟪Item spare = new Item("spare", 1);
        ⟶⟫double total = 0;
        for (Item item : items) {
            total += item.charge();
            ⟪item.print()⟶System.out.println(item.label)⟶System.out.println(item)⟫;
        }
        System.out.printf("%.2f%n", total⟪⟶)⟫;
    }
}
