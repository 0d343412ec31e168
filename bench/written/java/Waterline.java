import java.util.List;
import java.util.stream.Collectors;

public class Waterline {

    record Reading(String station, double metres) {⟪⟶}⟫

    static double mean(List<Reading> readings) {
        double sum = 0⟪,⟶;⟫
        for (Reading reading ⟪in⟶:⟫ readings) {
            sum += reading.⟪getMetres()⟶metres()⟶metres⟫;
        }
        return sum / readings.size();
    }

    static List<String> above(List<Reading> readings, double limit) {
        return readings.stream()
            .filter(r -> r.metres() > limit)
            .map(⟪Reading.station⟶Reading::station⟶r -> r.station()⟫)
            .collect(Collectors.toList()⟪⟶)⟫;
    }

    static String label(double metres) {
        ⟪string⟶String⟫ text;
        if (metres < 1.0) {
            text = "low";
        } ⟪elseif⟶else if⟫ (metres < 3.0) {
            text = "usual";
        } else {
            text = "high";
        }
        return text;
    }

    static int warnings(List<Reading> readings) {
        int count = 0;
        for (Reading r : readings) {
            switch (label(r.metres())) {
                case "high"⟪⟶:⟫
                    count += 2;
                    break;
                case "low":
                    count += 1;
                    ⟪brake⟶break⟫;
                default:
                    break;
            }
        }
        return count;
    }

    public static void main(String[] args) {
        List<Reading> readings = List.of(
            new Reading("bar", 0.8),
            new Reading("quay"⟪ ⟶, ⟫2.4),
            new Reading("lock", 3.6)
        );
        System.out.printf("mean %.2f%n", mean(readings));
        ⟪foreach⟶for⟫ (String station : above(readings, 2.0)) {
            System.out.println(⟪$"{station} is high"⟶station + " is high"⟫);
        }
        int ⟪warnings = warnings(readings, 2)⟶warnings = warnings(readings)⟫;
        System.out.println(warnings);
    }
}
