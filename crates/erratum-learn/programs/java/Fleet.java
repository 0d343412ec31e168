import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

interface Ship {
    String name();

    double cost(int miles);

    default boolean isCheap() {
        return cost(10) < 50.0;
    }
}

abstract class Motor implements Ship {
    protected final String name;
    protected int trips = 0;

    Motor(String name) {
        this.name = name;
    }

    public String name() {
        return name;
    }

    public void sail(int miles) {
        trips++;
        System.out.println(name + " sails " + miles + " miles");
    }
}

class Launch extends Motor {
    Launch(String name) {
        super(name);
    }

    @Override
    public double cost(int miles) {
        return miles * 2.5;
    }
}

class CarFerry extends Motor {
    private final int lanes;

    CarFerry(String name, int lanes) {
        super(name);
        this.lanes = lanes;
    }

    @Override
    public double cost(int miles) {
        double perLane = 4.0;
        return miles * perLane * lanes;
    }

    @Override
    public void sail(int miles) {
        super.sail(miles);
        if (trips % 3 == 0) {
            System.out.println(name + " needs fuel");
        }
    }
}

public class Fleet {
    private enum Season { LOW, HIGH }

    private static double factor(Season season) {
        switch (season) {
            case LOW:
                return 0.8;
            case HIGH:
                return 1.25;
            default:
                return 1.0;
        }
    }

    public static void main(String[] args) {
        List<Motor> ships = new ArrayList<>();
        ships.add(new Launch("Tern"));
        ships.add(new CarFerry("Gannet", 3));
        ships.add(new Launch("Auk"));

        for (Motor ship : ships) {
            for (int leg = 1; leg <= 3; leg++) {
                ship.sail(leg * 5);
            }
        }
        List<String> cheap = ships.stream()
            .filter(Ship::isCheap)
            .map(ship -> ship.name().toUpperCase())
            .collect(Collectors.toList());
        System.out.println("Cheap: " + cheap);
        double sum = 0.0;
        for (Season season : Season.values()) {
            sum += ships.get(1).cost(12) * factor(season);
        }
        System.out.printf("Both seasons: %.2f%n", sum);
    }
}
