import java.util.List;
import java.util.ArrayList;

public class Postbox {
    static class Letter {
        final String to;
        final int weight;

        Letter(String to, int weight) {
            this.to = to;
            this.weight = weight;
        ⟪⟶}
    ⟫}

    private final List<Letter> letters = new ArrayList<>();

    void post(Letter letter) {
        letters.⟪push⟶add⟫(letter);
    }

    int heavy(int limit) {
        int count = 0;
        for (Letter letter : letters) {
            if (letter.weight ⟪=> ⟶>= ⟫limit) {
                count++;
            }
        }
        return count;
    }

    public static void main(String[] args) {
        Postbox box = new Postbox();
        box.post(new Letter("Mole", 20));
        box.post(new Letter("Skerry", 50));
        int many = box.heavy(30);
        System.out.println(⟪many + heavy"⟶many + " heavy"⟫);
    }
}
