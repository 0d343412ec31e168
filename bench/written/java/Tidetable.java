public class Tidetable {
    private double[][] levels = new double[7][24];

    void set(int day, int hour, double level) {
        levels[day]⟪(hour)⟶[hour]⟫ = level;
    }

    double max(int day) {
        double best = levels[day][0];
        for (double level : levels[day]⟪⟶)⟫ {
            best = Math.⟪Max⟶max⟫(best, level);
        }
        return best;
    }

    String row(int day) {
        StringBuilder sb = new StringBuilder⟪⟶()⟫;
        for (int h = 0; h < 24; h += 6) {
            sb.append(levels[day][h]).append(" ");
        }
        return ⟪sb⟶sb.toString()⟫;
    }

    public static void main(String[] args) {
        Tidetable t = new Tidetable();
        t.set(0, 6, 2.4);
        t.set(0, 12, 1.1);
        System.out.println(t.max(0));
        ⟪float⟶double⟫ low = t.max(1);
        System.out.println(low)⟪⟶;⟫
        System.out.println(⟪row⟶t.row⟫(0));
    }
}
