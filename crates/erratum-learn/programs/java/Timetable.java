import java.util.ArrayList;
import java.util.List;

public class Timetable {
    private final List<Integer> minutes = new ArrayList<>();

    public void add(int hour, int minute) {
        minutes.add(hour * 60 + minute);
    }

    // The longest time between two sailings.
    public int longestWait() {
        int longest = 0;
        for (int i = 1; i < minutes.size(); i++) {
            int wait = minutes.get(i) - minutes.get(i - 1);
            if (wait > longest) {
                longest = wait;
            }
        }
        return longest;
    }

    public static void main(String[] args) {
        Timetable table = new Timetable();
        table.add(6, 30);
        table.add(8, 0);
        table.add(10, 15);
        table.add(13, 0);
        System.out.println("Longest wait: " + table.longestWait() + " minutes");
    }
}
