import java.util.*;
import java.util.stream.Collectors;

record Part(String code, int stock, double price) {}

class Inventory<T ⟪⟶extends Comparable<T>⟫> {
    private final List<T> items = new ArrayList<>();
    void add(T item) { items.add(item); }
    T least() {
        T best = items.get(0);
        for (T t : items) if (t.compareTo(best) < 0) best = t;
        return best;
    }
    int size() { return items.⟪length⟶size()⟫; }
}

public class SpareParts {
    static Map<String, Part> index(List<Part> parts) {
        return parts.stream().collect(Collectors.toMap(⟪Part.code⟶Part::code⟶p -> p.code()⟫, p -> p));
    }

    static List<Part> low(List<Part> parts, int limit) {
        return parts.stream()
            .filter(p -> p.⟪stock⟶stock()⟫ < limit)
            .collect(Collectors.toList()⟪⟶)⟫;
    }

    static double value(Part[] parts) {
        double sum = 0;
        for (⟪int p in parts⟶Part p : parts⟫) {
            sum += p.stock() * p.price();
        }
        return sum;
    }

    static String line(Part p) {
        return String.format("%s %d", p.code(), p.stock())⟪⟶;⟫
    }

    static int reorder(Part p, int target) {
        int missing = target - p.stock();
        if (missing < 0) ⟪⟶{ ⟫return 0; }
        ⟪int cost = missing * p.price();⟶double cost = missing * p.price();⟶int cost = (int) (missing * p.price());⟫
        System.out.println(cost);
        return missing;
    }

    public static void main(String[] args) {
        List<Part> parts = ⟪{ new Part("pin", 4, 0.5), new Part("cam", 12, 7) }⟶List.of(new Part("pin", 4, 0.5), new Part("cam", 12, 7))⟶Arrays.asList(new Part("pin", 4, 0.5), new Part("cam", 12, 7))⟫;
        Inventory<String> codes = new Inventory<>();
        for (Part p : parts) codes.add(p.code());
        System.out.println(codes.least());
        for (Part p : low(parts, 5)) System.out.println(line(p));
        System.out.println(value(parts⟪⟶.toArray(new Part[0])⟫));
        System.out.println(index(parts).get("pin").⟪Price()⟶price()⟫);
    }
}
