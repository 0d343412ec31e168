import java.time.LocalDate;
import java.util.*;

public class Harbourlog {
    private static class Entry implements Comparable<⟪entry⟶Entry⟫> {
        final String ship;
        final LocalDate day;
        final int tons;

        Entry(String ship, LocalDate day, int tons) {
            this.ship = ship;
            this.day = day;
            this.tons = tons;
        }

        @Override
        public int ⟪CompareTo⟶compareTo⟫(Entry other) {
            return day.compareTo(other.day);
        }
    }

    private final List<Entry> entries = new ArrayList<>();

    public void log(String ship, String day, int tons) ⟪throw⟶throws⟫ IllegalArgumentException {
        if (tons < 0) {
            ⟪throws⟶throw⟫ new IllegalArgumentException("tons");
        }
        entries.add(new Entry(ship, ⟪day⟶LocalDate.parse(day)⟫, tons));
    }

    public Optional<Entry> heaviest() {
        return entries.stream().max(Comparator.comparingInt(e -> e.tons⟪()⟶⟫));
    }

    public Map<String, Integer> perShip() {
        Map<String, ⟪int⟶Integer⟫> sums = new TreeMap<>();
        for (Entry e : entries) {
            sums.merge(e.ship, e.tons, ⟪Integer.sum⟶Integer::sum⟫);
        }
        return ⟪sum⟶sums⟫;
    }

    public static void main(String args[]) {
        Harbourlog log = new Harbourlog();
        log.log("Tern", "2026-05-01", 40);
        log.log("Gull", "2026-04-12", ⟪12.5⟶12⟶13⟫);
        log.log("Tern", "2026-04-20", 7);
        Collections.sort(log.entries);
        for (Entry e : log.entries) {
            System.out.println(e.day ⟪⟶+ ⟫" " + e.ship);
        }
        ⟪Entry best = log.heaviest();⟶Entry best = log.heaviest().get();⟶Entry best = log.heaviest().orElse(null);⟶Entry best = log.heaviest().orElseThrow();⟶Optional<Entry> best = log.heaviest();⟫
        System.out.println(best);
        log.perShip().forEach((ship, tons) -> System.out.println(ship + " " + tons)⟪⟶)⟫;
    }
}
