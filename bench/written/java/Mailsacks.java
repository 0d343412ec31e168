import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

interface Sack {
    int weight();
    String target();
    default boolean heavy() { return weight() > 20; }
}

record Parcel(int weight, String target) implements Sack {}

class Bundle implements Sack {
    private List<Sack> inside = new ArrayList<>();
    private final String target;

    Bundle(String target) {
        ⟪target⟶this.target⟫ = target;
    }

    void add(Sack s) { inside.add(s); }

    ⟪int⟶public int⟫ weight() {
        int sum = 0;
        for (Sack s : inside) {
            sum += s.⟪weight⟶weight()⟫;
        }
        return sum;
    }

    public String target() { return target; }
}

public class Mailsacks {
    static List<Sack> pick(List<Sack> all, Predicate<Sack> rule) {
        List<Sack> out = new ⟪List⟶ArrayList⟫<>();
        for (Sack s : all)
            if (rule.⟪test(s⟶test(s)⟫)
                out.add(s);
        return out;
    }

    static Sack heaviest(List<Sack> all) {
        Sack best = null;
        for (Sack s : all) {
            if (best == null ⟪or⟶||⟫ s.weight() > best.weight()) best = s;
        }
        return best;
    }

    static int parse(String text) ⟪throw⟶throws⟫ Exception {
        if (text.isEmpty()) throw new Exception("empty");
        return Integer.parseInt(text);
    }

    public static void main(String[] args)⟪⟶ throws Exception⟫ {
        List<Sack> all = new ArrayList<>();
        all.add(new Parcel(12, "Fenwick"));
        Bundle b = new Bundle("Holm"⟪⟶)⟫;
        b.add(new Parcel(parse("30"), "Holm"));
        all.add(b);
        List<Sack> heavy = pick(all, s -> s.heavy());
        System.out.println(heavy.⟪length()⟶size()⟫ + " heavy");
        System.out.println(heaviest(all).target());
    }
}
