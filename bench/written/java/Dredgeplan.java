import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
⟪import java.util.map;⟶import java.util.Map;⟫

interface Costed {
    double cost();
}

abstract class Job implements Costed {
    protected final String place;
    protected final int cubic;

    Job(String place, int cubic) {
        this.place = place;
        this.cubic = cubic;
    }

    abstract double rate()⟪ {}⟶;⟫

    public double cost() {
        return rate() * cubic;
    }
}

class SandJob extends Job {
    SandJob(String place, int cubic) {
        ⟪⟶super(place, cubic);⟫
    }

    double rate() {
        return 2.5⟪⟶;⟫
    }
}

class RockJob extends Job {
    private boolean blasting;

    RockJob(String place, int cubic, boolean blasting) {
        super(place, cubic);
        this.blasting = blasting;
    }

    ⟪int⟶double⟫ rate() {
        if (blasting) {
            return 14;
        }
        ⟪⟶return 9;⟫
    }
}

public class Dredgeplan {
    private final List<Job> jobs = new ArrayList<>();

    void add(Job job) {
        jobs.add(job);
    }

    Map<String, Double> byPlace() {
        Map<String, Double> sums = new HashMap<⟪String, double⟶String, Double⟶≡⟫>();
        for (Job job : jobs) {
            sums.merge(job.place, job.cost(), Double::sum);
        }
        return sums;
    }

    public static void main(String[] args) {
        Dredgeplan plan = new Dredgeplan();
        plan.add(new SandJob("inner basin", 400));
        plan.add(new RockJob("fairway", 120, ⟪True⟶true⟫));
        ⟪add⟶plan.add⟫(new SandJob("fairway", 90));
        for (String place : plan.byPlace().keySet()) {
            System.out.println(place ⟪⟶+ ⟫": " + plan.byPlace().get(place));
        }
        double total = 0;
        for (Job job ⟪in⟶:⟫ plan.jobs) {
            total += job.cost();
        }
        System.out.printf("total %.2f%n", total);
    }
}
