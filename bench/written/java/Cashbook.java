import java.util.*;

public class Cashbook {
    enum Kind { FARE, FUEL, REPAIR }

    static class Entry {
        Kind kind;
        double amount;
        String note;

        ⟪void ⟶⟫Entry(Kind kind, double amount, String note) {
            this.kind = kind;
            this.amount = amount;
            this.note = note;
        }
    }

    private final List<Entry> entries = new ⟪List⟶ArrayList⟶LinkedList⟫<>();

    void add(Kind kind, double amount, String note) {
        entries.add(new Entry(kind, amount, note));
    }

    double balance() {
        double sum = 0.0;
        for (Entry e : entries) {
            switch (e.kind) {
                case ⟪Kind.FARE⟶FARE⟫:
                    sum += e.amount;
                    break;
                case FUEL:
                case REPAIR:
                    sum -= e.amount;
                    break;
                default⟪⟶:⟫
                    break;
            }
        }
        return sum;
    }

    Entry largest() {
        Entry best = null;
        for (int i = 0; i < entries.⟪length⟶size()⟫; i++) {
            Entry e = entries.get(i);
            if (best == null || e.amount > best.amount) {
                best = e;
            }
        }
        ⟪⟶return best;⟫
    }

    static String line(Entry e) {
        return e.kind + " " + e.amount + " " + e.note;
    }

    public static void main(String[] args) {
        Cashbook book = new Cashbook();
        book.add(⟪FARE⟶Kind.FARE⟫, 120.5, "morning");
        book.add(Kind.FUEL, 80, "diesel");
        book.add(Kind.REPAIR, 14.25, ⟪'rope'⟶"rope"⟫);
        System.out.println("Balance: " + book.balance());
        Entry top = book.largest();
        if (top ⟪=⟶==⟫ null) {
            System.out.println("empty");
        } ⟪elseif⟶else if⟫ (top.amount > 100) {
            System.out.println("big " + line(top));
        }
    }
}
