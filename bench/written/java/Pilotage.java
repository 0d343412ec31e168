import java.util.*;
import java.util.function.Function;

public class Pilotage {
    static abstract class Job {
        protected final int hours;

        Job(int hours) {
            this.hours = hours;
        }

        abstract double pay();
    }

    static class Tow ⟪implements⟶extends⟫ Job {
        private final double tons;

        Tow(int hours, double tons) {
            ⟪⟶super(hours);
            ⟫this.tons = tons;
        }

        @Override
        double pay() {
            return hours * 20 + tons⟪⟶;⟫
        }
    }

    static class Watch extends Job {
        Watch(int hours) {
            super(hours);
        }

        ⟪double Pay()⟶double pay()⟫ {
            return hours * 11.5;
        }
    }

    private final Deque<Job> waiting = new ArrayDeque<>();

    Optional<Job> next() {
        if (waiting.isEmpty()) {
            return Optional.⟪none()⟶empty()⟫;
        }
        return Optional.of(waiting.pollFirst());
    }

    ⟪static ⟶⟫void add(Job job) {
        waiting.addLast(job);
    }

    public static void main(String[] args) ⟪⟶{⟫
        Pilotage board = new Pilotage();
        board.add(new Tow(3, 120));
        board.add(new Watch(8));
        Function<Job, String> text = job -> job.hours + " h: " + job.⟪pay⟶pay()⟫;
        Optional<Job> job = board.next();
        while (job.isPresent()) {
            System.out.println(text.apply(job.get()));
            ⟪Optional<Job> job⟶job⟫ = board.next();
        }
    }
}
