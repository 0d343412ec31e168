import java.io.BufferedReader;
import java.io.IOException;
import java.io.StringReader;
import java.util.TreeMap;

public class Ledger {

    static class BadLine extends Exception {
        private static final long serialVersionUID = 1L;

        BadLine(String line) {
            super("cannot read: " + line);
        }
    }

    private final TreeMap<String, Double> sums = new TreeMap<>();
    private int lines = 0;

    void enter(String line) throws BadLine {
        String[] parts = line.trim().split(" ");
        if (parts.length != 2) {
            throw new BadLine(line);
        }
        String kind = parts[0];
        double amount;
        try {
            amount = Double.parseDouble(parts[1]);
        } catch (NumberFormatException e) {
            throw new BadLine(line);
        }
        sums.put(kind, sums.getOrDefault(kind, 0.0) + amount);
        lines++;
    }

    double sum() {
        double all = 0.0;
        for (double amount : sums.values()) {
            all += amount;
        }
        return all;
    }

    public static void main(String[] args) throws IOException {
        String text = "fare 12.5\nfreight 80\nfine\nfare 7.25\nfare x\n";
        Ledger ledger = new Ledger();
        StringBuilder problems = new StringBuilder();
        BufferedReader reader = new BufferedReader(new StringReader(text));
        String line = reader.readLine();
        while (line != null) {
            try {
                ledger.enter(line);
            } catch (BadLine problem) {
                problems.append(problem.getMessage()).append("\n");
            }
            line = reader.readLine();
        }
        reader.close();
        for (String kind : ledger.sums.keySet()) {
            System.out.println(kind + ": " + ledger.sums.get(kind));
        }
        System.out.println(ledger.lines + " lines, " + ledger.sum() + " in all");
        System.out.print(problems);
    }
}
