import java.util.*;
import java.util.stream.Collectors;

public class Lock {
    enum State { OPEN, SHUT }

    abstract static class Gate implements Comparable<Gate> {
        protected final String name;
        private int level;

        Gate(String name, int... levels) {
            this.name = name;
            for (int i = 0; i < levels.length; i++) level += levels[i];
        }

        abstract double rate();

        @Override
        public int compareTo(Gate other) { return Integer.compare(level, other.level); }
    }

    static class Upper extends Gate {
        Upper(String name) { super(name, 3, 4); }

        double rate() { return -2.5; }
    }

    static String meaning(State state) {
        switch (state) {
            case OPEN: return "open";
            default: return state == null ? "none" : "shut";
        }
    }

    static int total(Map<String, List<Gate>> all) {
        int sum = 0;
        for (String key : all.keySet()) sum += all.get(key).size();
        while (sum > 90) { sum--; if (sum % 7 == 0) break; else continue; }
        return sum;
    }

    static int wrong(List<Gate> gates, int[] levels) {
        String text = gates.get(0).nam + levels.size();
        int n = gates.stream().filter(g -> g.rate() > 1).collect(Collectors.toList());
        boolean open = "x" == 3;
        Gate gate = new Gate("low");
        total(text, n);
        this.run();
        levels[0] = "3";
        return n;
    }

    public static void main(String[] args) {
        List<Gate> gates = new ArrayList<>();
        gates.add(new Upper("north"));
        Collections.sort(gates);
        gates.sort(Comparator.comparing(g -> g.name));
        System.out.printf("%s %d%n", meaning(State.OPEN), gates.size());
        try { Integer.parseInt(args[0]); } catch (NumberFormatException | IllegalStateException lost) { return; }
    }
}
