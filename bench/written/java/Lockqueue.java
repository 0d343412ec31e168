import java.util.ArrayList;
import java.util.List;

interface Vessel {
    int length();
    String name();
}

class Barge implements Vessel {
    private ⟪final ⟶⟫int length;
    private String name;

    Barge(String name, int length) {
        this.name = name;
        this.length = length;
    }

    ⟪int length()⟶public int length()⟫ {
        return length;
    }

    public String name() {
        return name;
    }

    void stretch(int by) {
        length += by;
    }
}

public class Lockqueue {
    private List<Vessel> waiting = new ArrayList<>();

    void join(Vessel v) {
        waiting.add(v);
    }

    int room(int limit) {
        for (Vessel v : waiting) {
            limit = limit - v.length⟪⟶()⟫;
        }
        ⟪if (limit > 0) return limit;⟶return limit;⟶return Math.max(limit, 0);⟫
    }

    public static void main(String[] args) {
        Lockqueue q = new Lockqueue();
        q.join(new Barge("Elver", 30));
        q.join(new Barge(⟪25, "Shad"⟶"Shad", 25⟫));
        Vessel first = q.waiting.get(0);
        ⟪Barge b = first;⟶Barge b = (Barge) first;⟶Vessel b = first;⟫
        int left = ⟪room(100)⟶q.room(100)⟫;
        String text = ⟪left⟶"" + left⟶String.valueOf(left)⟶Integer.toString(left)⟫;
        System.out.println(b.name() + text);
    }
}
