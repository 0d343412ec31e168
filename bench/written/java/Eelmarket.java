import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

interface Priced {
    double price();

    default String tag() {
        return String.format("%.2f", ⟪price⟶price()⟫);
    }
}

abstract class Lot implements Priced, Comparable<Lot> {
    protected final int number;
    protected double kilos;

    Lot(int number, double kilos) {
        this.number = number;
        this.kilos = kilos;
    }

    @Override
    public int compareTo(Lot other) {
        return ⟪number.compareTo(other.number)⟶Integer.compare(number, other.number)⟶number - other.number⟫;
    }
}

class EelLot extends Lot {
    private final boolean smoked;

    ⟪void EelLot⟶EelLot⟫(int number, double kilos, boolean smoked) {
        super(number, kilos);
        this.smoked = smoked;
    }

    @Override
    ⟪double price()⟶public double price()⟫ {
        return kilos * (smoked ? 24 ⟪⟶: 15⟫);
    }
}

class CrabLot extends Lot {
    CrabLot(int number, double kilos) {
        ⟪super(number)⟶super(number, kilos)⟫;
    }

    public double price() {
        ⟪this.number = 0;⟶⟫
        return kilos * 9.5;
    }
}

class Auctioneer<T extends ⟪Lots⟶Lot⟫> {
    private final List<T> lots = new ArrayList<>();

    Auctioneer<T> offer(T lot) {
        lots.add(lot);
        return ⟪⟶this⟫;
    }

    double total() {
        double sum = 0;
        for (int i = 0; i < lots.⟪size⟶size()⟫; i++) {
            sum += lots⟪[i]⟶.get(i)⟫.price();
        }
        return sum;
    }

    T dearest() {
        return lots.stream().max(Comparator.comparingDouble(⟪Lot.price⟶Lot::price⟶lot -> lot.price()⟫))⟪⟶.orElse(null)⟶.get()⟶.orElseThrow()⟫;
    }
}

public class Eelmarket {
    static void print(List<⟪⟶? extends ⟫Priced> things) {
        for (Priced thing : things) System.out.println(thing.tag());
    }

    public static void main(String[] args) {
        Auctioneer<Lot> auction = new Auctioneer<⟪⟶>⟫();
        auction.offer(new EelLot(3, 12.5, true)).offer(new CrabLot(1, 8));
        Lot lot = ⟪new Lot(2, 4)⟶new CrabLot(2, 4)⟫;
        auction.offer(lot);
        List<Lot> mine = new ArrayList<>(List.of(lot));
        print(mine);
        ⟪float⟶double⟫ total = auction.total();
        System.out.println("total " + total⟪⟶)⟫;
        if (auction.dearest() ⟪instance of⟶instanceof⟫ EelLot) {
            System.out.println('e');
        }
        final int bids = 0;
        ⟪bids++;⟶⟫
        System.out.println(auction.dearest().⟪tag⟶tag()⟫);
    }
}
