import java.util.Scanner;

public class Pier {
    private int[] depths;

    public ⟪void ⟶⟫Pier(int[] depths) {
        this.depths = depths;
    }

    public double mean() {
        int sum = 0;
        for (int i = 0; i < depths.length⟪()⟶⟫; i++) {
            sum += depths[i];
        }
        return (double) sum / depths.length;
    }

    public int deepest() {
        int best = depths[0];
        for (int depth : depths) {
            if (depth > best) best = depth;
        }
        return best;
    }

    public static void main(String[] args) {
        int[] depths = ⟪[3, 5, 8]⟶{3, 5, 8}⟫;
        Pier pier = new Pier(depths);
        ⟪int⟶double⟫ mean = pier.mean();
        System.out.println(mean);
        System.out.println(⟪deepest()⟶pier.deepest()⟫);
    }
}
