import java.util.*;

public class Manifest {
    private String[] names;
    private int[] weights;
    private int count = 0;

    public Manifest(int room) {
        names = new String[room];
        weights = new int[room];
    }

    public void add(String name, int weight) {
        if (count == names.length) {
            names = Arrays.copyOf(names, count * 2);
            weights = Arrays.copyOf(weights, count * 2);
        }
        names[count] = name;
        weights[count] = weight;
        count++;
    }

    public int total() {
        int total = 0;
        for (int i = 0; i < count; i++) {
            total = total + weights[i];
        }
        return total;
    }

    // Straight insertion, the heaviest first.
    public void sort() {
        for (int i = 1; i < count; i++) {
            int weight = weights[i];
            String name = names[i];
            int j = i - 1;
            while (j >= 0 && weights[j] < weight) {
                weights[j + 1] = weights[j];
                names[j + 1] = names[j];
                j--;
            }
            weights[j + 1] = weight;
            names[j + 1] = name;
        }
    }

    public String heaviest() {
        String best = "";
        int most = Integer.MIN_VALUE;
        for (int i = 0; i < count; i++) {
            if (weights[i] > most) {
                most = weights[i];
                best = names[i];
            }
        }
        return best;
    }

    public static void main(String[] args) {
        Manifest manifest = new Manifest(2);
        manifest.add("piano", 340);
        manifest.add("mail", 75);
        manifest.add("lamp oil", 120);
        manifest.sort();
        System.out.println("Total: " + manifest.total() + " kg");
        System.out.println("Heaviest: " + manifest.heaviest());
        Random random = new Random(7);
        Set<Integer> seen = new HashSet<>();
        int draws = 0;
        do {
            seen.add(random.nextInt(6));
            draws++;
        } while (seen.size() < 6);
        System.out.println("All berths drawn after " + draws + " draws");
        boolean heavy = manifest.total() > 500 && !manifest.heaviest().isEmpty();
        if (heavy) {
            System.out.println("Two trips.");
        } else {
            System.out.println("One trip.");
        }
    }
}
