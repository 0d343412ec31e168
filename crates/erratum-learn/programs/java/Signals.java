import java.util.Optional;
import java.util.function.Function;
import java.util.Arrays;
import java.util.List;

public class Signals {
    enum Flag {
        FOG("fog"), GALE("gale"), CLOSED("closed");

        private final String word;

        Flag(String word) {
            this.word = word;
        }

        String word() {
            return word;
        }
    }

    record Report(int wind, int sight) {
        boolean isBad() {
            return wind > 8 || sight < 500;
        }
    }

    static Optional<Flag> flagOf(String word) {
        for (Flag flag : Flag.values()) {
            if (flag.word().equalsIgnoreCase(word)) {
                return Optional.of(flag);
            }
        }
        return Optional.empty();
    }

    static Flag judge(Report report) {
        if (report.isBad() && report.wind() > 8 && report.sight() < 500) {
            return Flag.CLOSED;
        }
        return report.wind() > 8 ? Flag.GALE : Flag.FOG;
    }

    public static void main(String[] args) {
        List<Report> reports = Arrays.asList(new Report(9, 300), new Report(3, 200), new Report(10, 5000));
        Function<Report, String> describe = report -> {
            Flag flag = judge(report);
            return flag.word() + " at wind " + report.wind();
        };
        int closed = 0;
        for (Report report : reports) {
            System.out.println(describe.apply(report));
            if (judge(report) == Flag.CLOSED) {
                closed++;
            }
        }
        var gale = flagOf("Gale");
        System.out.println(gale.isPresent() ? "known flag" : "unknown flag");
        String text = "closed " + closed + " times";
        System.out.println(text.toUpperCase().charAt(0) + text.substring(1));
    }
}
