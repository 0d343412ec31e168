import java.io.*;
import java.util.*;
⟪⟶import java.util.stream.*;⟶≡import java.util.stream.Collectors;⟫

abstract class Vessel {
    protected final String name;
    protected int length;

    Vessel(String name, int length) {
        this.name = name;
        this.length = length;
    }

    abstract double dues(int days)⟪ {}⟶;⟫

    public String toString() {
        return name + " (" + length + " m)";
    }
}

class Yacht ⟪implements⟶extends⟫ Vessel {
    Yacht(String name, int length) {
        super(name, length)⟪⟶;⟫
    }

    double dues(int days) {
        return ⟪length * 0.8 days⟶length * 0.8 * days⟫;
    }
}

class Trawler extends Vessel {
    private boolean cooled;

    Trawler(String name, int length, boolean cooled) {
        ⟪⟶super(name, length);⟫
        this.cooled = cooled;
    }

    @Override
    ⟪int⟶double⟫ dues(int days) {
        double base = length * 1.5 * days;
        return cooled ? base * 1.2 : base;
    }
}

public class Berthplan {
    private final List<Vessel> berthed = new ArrayList<⟪⟶>⟫();
    private int freeMetres;

    Berthplan(int metres) {
        freeMetres = metres;
    }

    boolean admit(Vessel v) {
        if (v.⟪length()⟶length⟫ > freeMetres) {
            return false;
        }
        berthed.⟪append⟶add⟫(v);
        freeMetres -= v.length;
    ⟪⟶    return true;⟫
    }

    List<String> longest(int n) {
        return berthed.stream()
            .sorted((a, b) -> b.length - a.length)
            .limit(n)
            .map(v -⟪⟶>⟫ v.name)
            .collect(Collectors.toList());
    }

    static void write(String path, Berthplan plan) ⟪⟶throws IOException ⟫{
        try (PrintWriter out = new PrintWriter(new FileWriter(path))) {
            for (Vessel v : plan.berthed) out.println(v);
        }
    }

    public static void main(String[] args) throws IOException {
        Berthplan plan = new Berthplan(60);
        plan.admit(new Yacht("Sandpiper", ⟪"14"⟶14⟫));
        plan.admit(new Trawler("Bold Venture", 32, true));
        if (!plan.admit(new Yacht("Turnstone", 20))) {
            System.out.println("no room");
        }
        System.out.println(plan.longest(2));
        double sum = 0;
        for (Vessel v ⟪in⟶:⟫ plan.berthed) sum += v.dues(3);
        System.out.printf("%.2f%n", sum);
        if (args.length > 0) write(args[0], plan);
    }
}
