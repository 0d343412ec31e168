import java.util.*;

public class Harbourlights {
    enum Colour { RED, GREEN, WHITE }

    interface Signal {
        String code();
        default boolean urgent() { return code().length() > 3⟪⟶; ⟫}
    }

    static class Lamp implements Signal {
        private final Colour colour;
        private final int flashes;
        private boolean lit⟪⟶;⟫

        Lamp(Colour colour, int flashes) {
            this.colour = colour;
            this.flashes = flashes;
        }

        ⟪⟶public ⟫String code() {
            StringBuilder sb = new StringBuilder();
            for (int i = 0; i < flashes; ⟪i+⟶i++⟫) {
                sb.append(colour.name().charAt(0));
            }
            return ⟪sb⟶sb.toString()⟫;
        }

        void light(boolean on) { lit ⟪==⟶=⟫ on; }

        boolean isLit() { return lit; }
    }

    private final Map<String, Lamp> lamps = new TreeMap<>();

    void put(String place, Colour colour, int flashes) {
        lamps.put(place, new Lamp(⟪flashes, colour⟶colour, flashes⟫));
    }

    int lightAll() {
        int count = 0;
        for (Lamp lamp : lamps⟪⟶.values()⟫) {
            lamp.light(true);
            count++;
        }
        return count;
    }

    List<String> urgent() {
        List<String> found = new ArrayList<>();
        for (Map.Entry<String, Lamp> e : lamps.entrySet()) {
            if (e.getValue().urgent()) found.add(⟪e.key⟶e.getKey()⟫);
        }
        return found;
    }

    public static void main(String[] args) {
        Harbourlights lights = new Harbourlights();
        lights.put("mole", Colour.RED, 2);
        lights.put("bar", ⟪GREEN⟶Colour.GREEN⟫, 5);
        lights.put("quay", Colour.⟪white⟶WHITE⟫, 4);
        System.out.println(lights.lightAll() + " lit");
        for (String place : lights.urgent()) {
            System.out.println(place ⟪⟶+⟫ " urgent " + lights.lamps.get(place).code());
        }
        ⟪system⟶System⟫.out.println(lights.lamps.get("mole").isLit());
    }
}
