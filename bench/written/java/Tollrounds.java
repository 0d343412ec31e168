import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

public class Tollrounds {
    enum Craft { BARGE, TUG, FERRY }

    record Passage(String ship, Craft craft, int tons⟪⟶)⟫ {
        boolean heavy() { return tons > 500; }
    }

    interface Tariff {
        double of(Passage passage);
        default String title() { return getClass().getSimpleName(); }
    }

    static class Flat ⟪extends⟶implements⟫ Tariff {
        private final double rate;
        Flat(double rate) { ⟪rate = rate⟶this.rate = rate⟫; }
        @Override
        public double of(Passage passage) { return rate; }
    }

    static class ByWeight implements Tariff {
        private static final double BASE = 12.5;
        @Override
        ⟪double of⟶public double of⟫(Passage passage) {
            double price = BASE;
            switch (passage.craft()) {
                case BARGE -> price += passage.tons() * 0.02;
                case ⟪Craft.TUG⟶TUG⟫ -> price -= 2;
                default ⟪:⟶->⟫ price += passage.heavy() ? 5 : 0;
            }
            return price;
        }
    }

    private final List<Passage> passages = new ArrayList<>();
    private final Map<Craft, ⟪double⟶Double⟫> sums = new HashMap<>();
    private final Tariff tariff;

    Tollrounds(Tariff tariff) {
        this.tariff = tariff;
    }

    void record(Passage passage) {
        passages.add(passage);
        sums.merge(passage.craft(), tariff.of(passage), ⟪Double.sum⟶Double::sum⟫);
    }

    Optional<Passage> heaviest() {
        return passages.stream()⟪⟶.⟫max(Comparator.comparingInt(Passage::tons));
    }

    double average() {
        if (passages.⟪isEmpty⟶isEmpty()⟫) return 0;
        return sums.values().stream().mapToDouble(Double::doubleValue).sum() / passages.⟪length⟶size()⟫;
    }

    ⟪List<String> static⟶static List<String>⟫ ships(List<Passage> all) {
        List<String> names = new ArrayList<>();
        for (Passage passage ⟪in⟶:⟫ all) {
            names.add(passage.ship());
        }
        return names;
    }

    public static void main(String[] args) {
        Tollrounds rounds = new Tollrounds(new ByWeight());
        rounds.record(new Passage("Lena", Craft.BARGE, 640));
        rounds.record(⟪⟶new ⟫Passage("Curlew", Craft.TUG, 90));
        ⟪String heaviest⟶Optional<Passage> heaviest⟶var heaviest⟫ = rounds.heaviest();
        heaviest.ifPresent(p ⟪=>⟶->⟫ System.out.println(p.ship() + " " + p.tons()));
        System.out.printf("%.2f%n", rounds.average());
        System.out.println(ships(rounds.passages));
    }
}
