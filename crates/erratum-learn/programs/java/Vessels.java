interface Vessel {
    String name();

    double knots();
}

class Ferry implements Vessel {
    private final String name;
    private final int engines;

    Ferry(String name, int engines) {
        this.name = name;
        this.engines = engines;
    }

    @Override
    public String name() {
        return name;
    }

    @Override
    public double knots() {
        return 4.5 * engines;
    }
}

class Launch implements Vessel {
    @Override
    public String name() {
        return "Tern";
    }

    @Override
    public double knots() {
        return 14.0;
    }
}

public class Vessels {
    public static void main(String[] args) {
        Vessel[] fleet = {new Ferry("Heron", 2), new Launch(), new Ferry("Gannet", 3)};
        Vessel fastest = fleet[0];
        for (Vessel vessel : fleet) {
            System.out.println(vessel.name() + " makes " + vessel.knots() + " knots");
            if (vessel.knots() > fastest.knots()) {
                fastest = vessel;
            }
        }
        System.out.println("The fastest is " + fastest.name());
    }
}
