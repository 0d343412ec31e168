import java.util.*;

interface Toll {
    double charge(int metres);
}

class Flat implements Toll {
    private double fee;

    Flat(double fee) { this.fee = fee; }

    ⟪⟶public ⟫double charge(int metres) { return fee; }
}

class PerMetre implements Toll {
    public double charge(⟪metres⟶int metres⟫) {
        return 2.5 * metres;
    }
}

public class TollBook {
    private Map<String, Toll> tolls = new HashMap<⟪String, Tol⟶⟶String, Toll⟫>();

    void put(String kind, Toll toll) {
        tolls.⟪add⟶put⟫(kind, toll);
    }

    double bill(String kind, int metres) ⟪throw⟶throws⟫ Exception {
        Toll toll = tolls.get(kind);
        if (toll == null) {
            throw ⟪⟶new ⟫Exception("no toll for " + kind);
        }
        return toll.charge(metres);
    }

    public static void main(String[] args) throws Exception {
        TollBook book = new TollBook();
        book.put("flat", new Flat(8));
        book.put("metre", ⟪PerMetre()⟶new PerMetre()⟫);
        double sum = 0;
        for (int i = 1; i <= 3; i++) {
            sum += book.bill("metre", i⟪ metres⟶⟫);
        }
        int whole = ⟪sum⟶(int) sum⟫;
        System.out.println(⟪sum " and " whole⟶sum + " and " + whole⟫);
    }
}
