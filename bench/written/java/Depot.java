import java.util.*;

public class Depot {
    private final Map<String, Integer> stock = new TreeMap<>();
    private int moves⟪⟶;⟫

    public void store(String good, int count) {
        if (count <= 0) {
            throw ⟪⟶new ⟫IllegalArgumentException("count");
        }
        stock.merge(good, count, Integer::sum);
        moves++;
    }

    public int take(String good, int count) ⟪⟶throws Exception ⟫{
        Integer have = stock.get(good);
        if (have == null || have < count) {
            throw new Exception("not enough " + good);
        }
        stock.put(good, have - count);
        return have - count;
    }

    public String list() {
        StringBuilder text = new StringBuilder();
        for (Map.Entry<String, Integer> entry : stock.⟪entries⟶entrySet⟫()) {
            text.append(entry.getKey()).append(" ").append(entry.getValue()).append("\n");
        }
        return ⟪text⟶text.toString()⟫;
    }

    public static void main(String[] args) throws Exception {
        Depot depot = new Depot();
        depot.store("rope", 12);
        depot.store("salt", ⟪"40"⟶40⟫);
        int left = depot.take("rope", 5);
        System.out.println(left⟪⟶)⟫;
        System.out.print(depot.list());
        System.out.println(depot.moves);
    }
}
