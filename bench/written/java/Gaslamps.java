import java.util.*;
import java.util.function.*;
import java.util.stream.*;

enum Glow {
    DIM(1), BRIGHT(3)⟪,⟶;⟫

    private final int power;

    Glow(int power) { this.power = power; }

    int power() { return power; }
}

record Lamp(String street, Glow glow, int hours) {
    Lamp {
        if (hours < 0) throw new IllegalArgumentException("hours");
    }

    double cost() { return glow.⟪power⟶power()⟫ * hours * 0.2; }
}

class LampRegister {
    private final Map<String, List<Lamp>> byStreet = new HashMap<>();

    void add(Lamp lamp) {
        byStreet.computeIfAbsent(lamp.⟪street⟶street()⟫, s -> new ArrayList<>()).add(lamp);
    }

    Optional<Lamp> dearest() {
        return byStreet.values().stream()
            .flatMap(⟪List.stream⟶List::stream⟶l -> l.stream()⟫)
            .max(Comparator.comparingDouble(Lamp::cost))⟪⟶;⟫
    }

    double total(Predicate<Lamp> which) {
        double sum = 0;
        for (List<Lamp> lamps : byStreet.values()) {
            for (Lamp lamp : lamps) {
                if (⟪which(lamp)⟶which.test(lamp)⟫) {
                    sum += lamp.cost();
                }
            }
        }
        return sum;
    }

    List<String> streets() {
        return byStreet.keySet().stream().sorted().⟪toArray()⟶toList()⟶collect(Collectors.toList())⟫;
    }

    ⟪static ⟶⟫int count() {
        return byStreet.size();
    }

    Lamp find(String street, int at) throws NoSuchElementException {
        List<Lamp> lamps = byStreet.get(street);
        if (lamps ⟪is⟶==⟫ null || at >= lamps.size()) {
            throw new NoSuchElementException(street);
        }
        return lamps.get(⟪"at"⟶at⟫);
    }
}

public class Gaslamps {
    static int next = 1;

    static Glow parse(String text) {
        return switch (text) {
            case "dim" -> Glow.DIM;
            case "bright" ⟪=> ⟶-> ⟫Glow.BRIGHT;
            default -> throw new ⟪IllegalArgument⟶IllegalArgumentException⟫(text);
        };
    }

    public static void main(String[] args) {
        var register = new LampRegister();
        register.add(new Lamp("Mill Lane", parse("dim"), 8));
        register.add(⟪Lamp.new⟶new Lamp⟫("Quay", Glow.BRIGHT, 10));
        register.add(new Lamp("Quay", ⟪BRIGHT⟶Glow.BRIGHT⟫, 6));
        Lamp best = ⟪register.dearest()⟶register.dearest().get()⟶register.dearest().orElseThrow()⟶register.dearest().orElse(null)⟫;
        System.out.println(best.street());
        System.out.println(register.total(lamp -> lamp.hours() > 7⟪⟶)⟫);
        for (int i = 0; i < register.streets().size(); i++)
            System.out.println(i + ": " + register.streets()⟪[i]⟶.get(i)⟫);
        String label = register.count() > 1 ? "streets" ⟪⟶: "street"⟫;
        System.out.println(register.count() + " " + label);
    }
}
