// The timetable of the harbour ferry.
import java.util.List;

public class Ferry {
    private final String pier;
    private final int hour;
    private final int seats;
    private final double fare;

    public Ferry(String pier, int hour, int seats, double fare) {
        this.pier = pier;
        this.hour = hour;
        this.seats = seats;
        this.fare = fare;
    }

    static double takings(List<Ferry> day) {
        double total = 0.0;
        for (Ferry one : day) {
            total += one.seats * one.fare
        }
        return total;
    }

    static int latest(List<Ferry> day) {
        int hour = 0;
        for (Ferry one : day) {
            hour = Math.max(hour, one.huor);
        }
        return hour;
    }

    public static void main(String[] args) {
        List<Ferry> day = new ArrayList<>();
        day.add(new Ferry("North", 7, 40, 3.5));
        day.add(new Ferry("Mole", 13, 35, 4.0));
        System.out.println("Takings: " + takings(day));
        System.out.println("Last sailing: " + latest(day));
        System.out.println("First pier: " + day.get(0).pier);
    }
}
