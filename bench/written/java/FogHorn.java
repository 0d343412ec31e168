import java.util.Scanner;

public class FogHorn {
    static final int LIMIT = 4;
    private int[] blasts = new int⟪(LIMIT)⟶[LIMIT]⟫;
    private int used;

    void add(int seconds) throws Exception {
        if (used == LIMIT) {
            ⟪raise⟶throw⟫ new Exception("full");
        }
        blasts[used++] = seconds;
    }

    int total() {
        int total = 0;
        for (int b : blasts) total += b;
        return total;
    }

    boolean louder(FogHorn other) {
        return ⟪total⟶total()⟫ > other.total();
    }

    String pattern() {
        StringBuilder out = new StringBuilder();
        for (int i = 0; i < used; i++) {
            out.append(blasts[i] > 2 ? "long " : ⟪short⟶"short "⟶≡"short"⟫);
        }
        return ⟪out⟶out.toString()⟫;
    }

    public static void main(String⟪⟶[]⟫ args) {
        Scanner in = new Scanner(System.in);
        FogHorn north = new FogHorn();
        FogHorn south = new FogHorn();
        try {
            north.add(4);
            north.add(in.nextInt());
            south.add(⟪2.5⟶2⟶(int) 2.5⟫);
        } catch (Exception ⟪⟶e⟫) {
            System.out.println("too many");
        }
        if (north.louder(south)) {
            System.out.println("north: " + north.pattern());
        }
        else {
            System.out.println("south: " + ⟪South⟶south⟫.pattern());
        }
        int sum = north.total() + south.total();
        System.out.println("sum " + sum);
    ⟪⟶}⟫
}
