import java.util.Map;
import java.util.TreeMap;

/* Counts how often each word stands in the log. */
public class LogBook {
    private final Map<String, Integer> counts = new TreeMap<>();

    public void read(String line) {
        for (String word : line.toLowerCase().split(" ")) {
            if (word.isEmpty()) {
                continue;
            }
            counts.put(word, counts.getOrDefault(word, 0) + 1);
        }
    }

    public String commonest() {
        String best = "";
        int most = 0;
        for (Map.Entry<String, Integer> entry : counts.entrySet()) {
            if (entry.getValue() > most) {
                most = entry.getValue();
                best = entry.getKey();
            }
        }
        return best;
    }

    public static void main(String[] args) {
        LogBook book = new LogBook();
        book.read("Left the north pier at seven");
        book.read("Passed the light and the mole");
        System.out.println("Commonest word: " + book.commonest());
    }
}
