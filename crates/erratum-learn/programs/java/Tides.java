public class Tides {
    static final double NEEDED = 2.0;

    static boolean deepEnough(double level) {
        return level >= NEEDED;
    }

    static int openHours(double[] levels) {
        int open = 0;
        for (double level : levels) {
            if (deepEnough(level)) {
                open++;
            }
        }
        return open;
    }

    static double highest(double[] levels) {
        double best = levels[0];
        int hour = 1;
        while (hour < levels.length) {
            if (levels[hour] > best) {
                best = levels[hour];
            }
            hour++;
        }
        return best;
    }

    public static void main(String[] args) {
        double[] levels = {0.8, 1.1, 1.9, 2.4, 3.0, 3.3, 2.6, 1.4};
        System.out.println("Open hours: " + openHours(levels));
        System.out.println("Highest tide: " + highest(levels));
        String word = openHours(levels) > 3 ? "good" : "poor";
        System.out.println("A " + word + " day for sailing");
    }
}
