import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
⟪⟶import java.util.Scanner;⟫

public class Pilothouse {
    private final Map<String, List<⟪int⟶Integer⟫>> soundings = new HashMap<>();
    private int lines⟪ := ⟶ = ⟫0;

    public void read(Scanner in) {
        while (in.hasNextLine()) {
            String line = in.nextLine().trim();
            if (line⟪.isEmpty⟶.isEmpty()⟫) {
                continue;
            }
            String[] parts = line.split(" ");
            String place = parts⟪(0)⟶[0]⟫;
            int depth = ⟪Integer.parse⟶Integer.parseInt⟫(parts[1]);
            soundings.computeIfAbsent(place, k -> new ArrayList<>()).add(depth);
            lines++;
        }
    }

    public double average(String place) {
        List<Integer> all = soundings.get(place);
        if (all == null) {
            return 0;
        }
        int sum = 0;
        for (int depth ⟪in⟶:⟫ all) {
            sum += depth;
        }
        return ⟪(double) sum / all.length⟶(double) sum / all.size()⟫;
    }

    public int deepest(String place) {
        List<Integer> all = soundings.getOrDefault(place, List.of());
        if (all.isEmpty()) {
            ⟪return;⟶return 0;⟶return -1;⟫
        }
        return Collections.max(all);
    }

    public String ⟪report⟶report()⟫ {
        StringBuilder out = new StringBuilder();
        for (String place : soundings⟪⟶.keySet()⟫) {
            out.append(place).append(": ").append(average(place));
            ⟪out += "\n"⟶out.append("\n")⟶out.append('\n')⟫;
        }
        return out⟪⟶.toString()⟫;
    }

    public static void main(String[] args) {
        Scanner in = new Scanner("Fort 12\nMill 7\nFort 15\n");
        Pilothouse house = ⟪Pilothouse()⟶new Pilothouse()⟫;
        house.read(in);
        System.out.print(house.report());
        System.out.println("deepest at Fort: " + house.deepest("Fort")⟪⟶)⟫;
        if (house.lines ⟪not 0⟶!= 0⟫) {
            System.out.println("read " + house.lines + " lines");
        }
    }
}
