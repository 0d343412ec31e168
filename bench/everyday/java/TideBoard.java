import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

public class TideBoard {
    enum Phase { EBB, FLOOD, SLACK }

    static class Entry implements Comparable<Entry> {
        private final int hour;
        private final double height;

        Entry(int hour, double height) {
            this.hour = hour;
            this.height = height;
        }

        double getHeight() {
            return height;
        }

        @Override
        public int compareTo(Entry other) {
            return Integer.compare(hour, other.hour);
        }
    }

    private final List<Entry> entries = new ArrayList<>();

    void add(int hour, double height) throws IllegalArgumentException {
        if (hour < 0 || hour > 23) {
            throw new IllegalArgumentException("no such hour: " + hour);
        }
        entries.add(new Entry(hour, height));
        Collections.sort(entries);
    }

    double mean() {
        if (entries.isEmpty()) {
            return 0;
        }
        double sum = 0;
        for (Entry entry : entries) {
            sum += entry.getHeight();
        }
        return sum / entries.size();
    }

    Phase phase(double before, double after) {
        if (after > before) {
            return Phase.FLOOD;
        } else if (after < before) {
            return Phase.EBB;
        }
        return Phase.SLACK;
    }

    public static void main(String[] args) {
        TideBoard board = new TideBoard();
        board.add(3, 1.25);
        board.add(9, 4.5);
        String title = "tides";
        int width = title.length();
        System.out.printf("%s %.2f %d%n", title, board.mean(), width);
        System.out.println(board.phase(1.25, 4.5));
    }
}
