public class Season {
    private static final int WEEKS = 3;
    private static final int DAYS = 7;

    private static int weekTotal(int[] week) {
        int total = 0;
        for (int day = 0; day < DAYS; day++) {
            total += week[day];
        }
        return total;
    }

    public static void main(String[] args) {
        int[][] guests = {
            {120, 98, 75, 130, 210, 340, 300},
            {110, 87, 90, 140, 230, 310, 280},
            {95, 102, 99, 150, 190, 290, 310},
        };
        int best = 0;
        int most = Integer.MIN_VALUE;
        for (int week = 0; week < WEEKS; week++) {
            int total = weekTotal(guests[week]);
            System.out.println("Week " + (week + 1) + ": " + total);
            if (total > most) {
                most = total;
                best = week;
            }
        }
        double mean = (double) most / DAYS;
        System.out.println("Best week: " + (best + 1) + ", a mean of " + Math.round(mean));
    }
}
