import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

public class Bargeboard {
    private final Map<String, List<⟪int⟶Integer⟫>> loads = new HashMap<>();
    private int limit;

    public Bargeboard(int limit) {
        ⟪self⟶this⟫.limit = limit;
    }

    public boolean add(String barge, int tons) {
        List<Integer> list = loads.computeIfAbsent(barge, k ⟪=>⟶->⟫ new ArrayList<>());
        if (sum(list) + tons > limit) {
            return ⟪False⟶false⟫;
        }
        list.add(tons);
        ⟪⟶return true;⟫
    }

    private static int sum(List<Integer> list) {
        int total = 0;
        for (int t : list⟪⟶)⟫ {
            total += t;
        }
        return total;
    }

    public String heaviest() {
        String best = null;
        int most = -1;
        for (Map.Entry<String, List<Integer>> e : ⟪loads⟶loads.entrySet()⟫) {
            int s = sum(e.getValue());
            if (s > most) {
                most = s;
                best = e.⟪key⟶getKey()⟫;
            }
        }
        return best;
    }

    public int count(String barge) {
        return loads.containsKey(barge) ? loads.get(barge).⟪length⟶size()⟫ : 0;
    }

    public static void main(String[] args) {
        Bargeboard board = new Bargeboard(⟪⟶100⟫);
        String[] names = ⟪["Otter", "Heron"]⟶{"Otter", "Heron"}⟶new String[] {"Otter", "Heron"}⟫;
        int[] tons = {40, 70, 50};
        for (String name : names) {
            for (int i = 0; i < tons.length⟪()⟶⟫; i++) {
                if (⟪not ⟶!⟫board.add(name, tons[i])) {
                    System.out.println(name + " refuses " + tons[i]);
                }
            }
        }
        System.out.println(board.heaviest() + ⟪' carries most'⟶" carries most"⟫);
        System.out.⟪printline⟶println⟫(board.count("Otter"));
    }
}
