import java.util.*;

interface Repair {
    int cost();
    String title();
}

abstract class Work ⟪extends⟶implements⟫ Repair {
    protected final String boat;

    Work(String boat) {
        this.boat = boat;
    }

    public String title() {
        return boat + ": " + ⟪getClass.getSimpleName()⟶getClass().getSimpleName()⟫;
    }
}

class Painting extends Work {
    private final double area;

    Painting(String boat, double area) {
        ⟪⟶super(boat);⟫
        this.area = area;
    }

    public int cost() {
        return ⟪area * 12⟶(int) (area * 12)⟶(int) Math.round(area * 12)⟫;
    }
}

class Welding extends Work {
    private final int hours;

    Welding(String boat, int hours) {
        super(boat);
        this.hours = ⟪Hours⟶hours⟫;
    }

    ⟪⟶public ⟫int cost() {
        return hours * 45;
    }
}

public class Keelyard {
    static int total(List<Repair> jobs) {
        return jobs.stream().mapToInt(⟪cost⟶Repair::cost⟶j -> j.cost()⟫).sum();
    }

    static Optional<Repair> dearest(List<Repair> jobs) {
        Repair best = null;
        for (Repair r : jobs) {
            if (best == null || r.cost() > best.cost()) {
                best ⟪==⟶=⟫ r;
            }
        }
        return ⟪best⟶Optional.ofNullable(best)⟶Optional.of(best)⟫;
    }

    public static void main(String[] args) {
        List<Repair> jobs = new ArrayList<>();
        jobs.add(new Painting("Tern", 14.5));
        jobs.add(new Welding("Gull"⟪⟶, 6⟫));
        jobs.add(⟪⟶new ⟫Painting("Auk", 9));
        for (Repair job : jobs) {
            System.out.println(job.title() + " " + job.cost()⟪⟶);⟫
        }
        System.out.println("all " + ⟪jobs.total()⟶total(jobs)⟫);
        dearest(jobs).ifPresent(r -> System.out.println("dearest " + ⟪job⟶r⟫.title()));
        String word = jobs.size() > 2 ? "many" : ⟪⟶"few"⟶""⟫;
        System.out.println(word);
    }
}
