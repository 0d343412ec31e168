import java.io.BufferedReader;
import java.io.FileReader;
⟪⟶import java.io.IOException;
⟫import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

interface Rated {
    int rating();
}

class Ship implements Rated, Comparable<Ship> {
    private String name;
    private int knots;

    public Ship(String name, int knots) {
        this.name = name;
        this.knots = knots;
    }

    public int rating() { return knots; }
    public String getName() { return name; }

    public int compareTo(Ship other) {
        return knots - other.knots;
    }
}

public class Convoy {
    private List<Ship> ships = new ArrayList<>();
    static int made = 0;

    void load(String file) throws IOException {
        BufferedReader in = new BufferedReader(new FileReader(file));
        String line;
        while ((line = in.readLine()) != null) {
            String[] parts = line.split(",");
            int knots = ⟪parts[1]⟶Integer.parseInt(parts[1])⟫;
            ships.add(new Ship(parts[0], knots));
            made++;
        }
        in.close();
    }

    Ship slowest() {
        if (ships.isEmpty()) {
            return null;
        }
        return Collections.min(ships⟪⟶)⟫;
    }

    int sum() {
        int sum = 0;
        for (Ship s : ships) {
            sum += s.⟪rating⟶rating()⟫;
        }
        return sum;
    }

    double mean() {
        return (double) sum() / ships.size();
    }

    ⟪⟶static ⟫void report(Convoy c) {
        Ship s = c.slowest();
        if (s.⟪name⟶getName()⟫.equals("Coot")) {
            System.out.println("Coot is slowest");
        }
        int mean = ⟪c.mean()⟶(int) c.mean()⟶≡(int) (c.mean())⟫;
        System.out.println("mean " + mean);
    }

    public static void main(String[] args) {
        Convoy c = new Convoy();
        ⟪⟶try {⟫
            c.load("ships.csv");
        } catch (IOException e) {
            System.out.println("cannot read: " + e.⟪message⟶getMessage()⟫);
        }
        c.ships.add(new Ship("Coot", 7));
        report(c);
    }
}
