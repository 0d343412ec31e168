public class Gauge {
    private final double[] readings;
    private int used;

    public Gauge(int limit) {
        readings = new double⟪(limit)⟶[limit]⟫;
        used = 0;
    }

    public void record(double value) {
        if (used < readings.length) {
            readings[used++] = value;
        }
    }

    public double mean() {
        double sum = 0;
        for (int i = 0; i < used; ⟪i+⟶i++⟫) {
            sum += readings[i];
        }
        if (used == 0) {
            return 0;
        }
        return sum / used;
    }

    public static String trend(double before, double after) {
        if (after > before) {
            return "rising";
        } ⟪elseif⟶else if⟫ (after < before) {
            return "falling";
        }
        return "steady";
    }

    public static void main(String[] args) {
        Gauge gauge = new Gauge(4);
        gauge.record(3.5);
        gauge.record(4.25);
        double mean = gauge.mean⟪⟶()⟫;
        String text = trend(3.0, mean);
        System.out.println(text + " " + ⟪Mean⟶mean⟫);
    }
}
