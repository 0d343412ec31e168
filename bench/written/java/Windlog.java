import java.io.*;
import java.util.ArrayList;

class Reading {
    final int hour;
    final double knots;

    Reading(int hour, double knots) {
        this.hour = hour;
        ⟪knots = knots⟶this.knots = knots⟫;
    }
}

public class Windlog {
    private ArrayList<Reading> readings = new ArrayList<>⟪⟶()⟫;

    void load(String file) ⟪⟶throws IOException ⟫{
        BufferedReader in = new BufferedReader(new FileReader(file));
        String line;
        while ((line = in.readLine()) ⟪=! ⟶!= ⟫null) {
            String[] parts = line.split(⟪';'⟶";"⟫);
            readings.add(new Reading(Integer.parseInt(parts[0]), ⟪parts[1]⟶Double.parseDouble(parts[1])⟶Double.valueOf(parts[1])⟫));
        }
        in.close();
    }

    double max() {
        double best = 0;
        for (⟪r⟶Reading r⟶var r⟫ : readings) {
            if (r.knots > best) ⟪then ⟶⟫best = r.knots;
        }
        return best;
    }

    String grade(double knots) {
        if (knots < 10) {
            return "light";
        } else if (knots < 25) {
            return "fresh";
        } ⟪else (knots >= 25)⟶else⟫ {
            return "gale";
        }
    }

    public static void main(String args⟪⟶[]⟫) throws IOException {
        Windlog log = new Windlog();
        log.load("wind.txt");
        System.out.⟪printline⟶println⟫("max " + log.max());
        double knots = ⟪12,5⟶12.5⟫;
        System.out.println(log.grade(knots));
    }
}
