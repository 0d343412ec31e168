import java.time.LocalDate;
import java.util.*;
import java.util.function.Predicate;
import java.util.stream.Collectors;

public class Ferrydepot {
    static abstract class Job {
        protected final String ship;
        protected LocalDate due;

        Job(String ship, LocalDate due) {
            this.ship = ship;
            this.due = due;
        }

        abstract int hours();
        boolean late(LocalDate today) { return due⟪ < today⟶.isBefore(today)⟫; }
    }

    static class Paint extends Job {
        private int decks;
        Paint(String ship, LocalDate due, int decks) {
            ⟪super⟶super(ship, due)⟫;
            this.decks = decks;
        }
        int hours() { return decks * 6; }
    }

    static class Engine extends Job {
        private final List<String> parts;
        Engine(String ship, LocalDate due, String... parts) {
            super(ship, due);
            this.parts = ⟪parts⟶List.of(parts)⟶Arrays.asList(parts)⟫;
        }
        ⟪private int hours⟶int hours⟶public int hours⟶protected int hours⟫() { return 4 + parts.size() * 3; }
        @Override
        public String toString() { return "engine of " + ship⟪⟶;⟫ }
    }

    private final Deque<Job> queue = new ArrayDeque<>();
    private final Map<String, List<Job>> byShip = new TreeMap<>();

    void add(Job job) {
        queue.⟪push_back⟶addLast⟶add⟶offer⟶offerLast⟫(job);
        byShip.computeIfAbsent(job.ship, k -> new ArrayList<>()).add(job);
    }

    List<Job> find(⟪Predicate⟶Predicate<Job>⟶Predicate<? super Job>⟫ test) {
        return queue.stream().filter(test).collect(Collectors.toList⟪⟶()⟫);
    }

    int hoursOf(String ship) {
        int sum = 0;
        for (Job job : byShip.getOrDefault(ship, List.of())) {
            sum += job.⟪hours⟶hours()⟫;
        }
        return sum;
    }

    Job next() throws NoSuchElementException {
        if (queue.isEmpty()) {
            ⟪throws⟶throw⟫ new NoSuchElementException("no jobs");
        }
        return queue.⟪pop_front⟶pop⟶removeFirst⟶remove⟶poll⟶pollFirst⟫();
    }

    String report() {
        StringBuilder out = new StringBuilder();
        for (Map.Entry<String, List<Job>> entry : ⟪byShip⟶byShip.entrySet()⟫) {
            out.append(entry.getKey()).append(": ")
               .append(entry.getValue().size()).append('\n');
        }
        return ⟪out⟶out.toString()⟫;
    }

    public static void main(String[] args) {
        Ferrydepot depot = new Ferrydepot();
        LocalDate today = LocalDate.of(2031, 5, ⟪08⟶8⟫);
        depot.add(new Paint("Lena", today.plusDays(3), 2));
        depot.add(new Engine("Lena", today.minusDays(1), "valve", "belt"));
        depot.add(new Paint("Otter", today⟪⟶, 1⟶, 2⟶, 3⟫));
        List<Job> late = depot.find(job -> job.late(today));
        System.out.println(late + " " + depot.hoursOf(⟪'Lena'⟶"Lena"⟫));
        ⟪final ⟶⟫int count = late.size();
        count++;
        System.out.println(depot.report());
    }
}
