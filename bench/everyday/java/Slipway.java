import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

interface Hire {
    double cost(int hours);
}

class Boat implements Hire {
    private final String name;
    private int seats;
    protected double rate = 4.5;

    Boat(String name, int seats) {
        this.name = name;
        this.seats = seats;
    }

    public double cost(int hours) {
        if (hours > 4) {
            return rate * hours * 0.9;
        }
        return rate * hours;
    }

    String getName() {
        return name;
    }

    int getSeats() {
        return seats;
    }

    boolean fits(int people) {
        return people <= seats;
    }
}

class Launch extends Boat {
    private boolean crewed;

    Launch(String name, int seats, boolean crewed) {
        super(name, seats);
        this.crewed = crewed;
    }

    @Override
    public double cost(int hours) {
        double base = super.cost(hours);
        return crewed ? base + 20 : base;
    }
}

public class Slipway {
    private static final int LIMIT = 12;
    private final List<Boat> boats = new ArrayList<>();
    private final Map<String, Integer> hours = new HashMap<>();

    void add(Boat boat) {
        if (boats.size() >= LIMIT) {
            throw new IllegalStateException("full");
        }
        boats.add(boat);
        hours.put(boat.getName(), 0);
    }

    Boat find(String name) {
        for (Boat boat : boats) {
            if (boat.getName().equals(name)) {
                return boat;
            }
        }
        return null;
    }

    int total() {
        int sum = 0;
        for (int i = 0; i < boats.size(); i++) {
            sum += boats.get(i).getSeats();
        }
        return sum;
    }

    String grade(int seats) {
        switch (seats) {
            case 2:
                return "small";
            case 4:
                return "medium";
            default:
                return "large";
        }
    }

    static String line(Boat boat, int hours) {
        String text = boat.getName() + ": " + boat.cost(hours);
        return text.toUpperCase();
    }

    public static void main(String[] args) {
        Slipway slipway = new Slipway();
        slipway.add(new Boat("Auk", 4));
        slipway.add(new Launch("Skua", 8, true));
        int[] times = {2, 5, 1};
        double paid = 0;
        for (int time : times) {
            paid += slipway.find("Auk").cost(time);
        }
        char mark = 'A';
        long rounded = Math.round(paid);
        System.out.println(line(slipway.find("Skua"), 3));
        System.out.println(mark + " " + rounded + " " + slipway.total());
        while (rounded > 100) {
            rounded -= 100;
        }
    }
}
