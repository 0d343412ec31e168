import java.util.HashMap;
import java.util.LinkedList;
import java.util.List;
import java.util.Map;
import java.util.Queue;

interface Visitor {
    void visit(String port, int hops);
}

public class Searoute {
    private Map<String, List<String>> links = new HashMap<⟪⟶>⟫();

    ⟪void link(a, b)⟶void link(String a, String b)⟫ {
        links.computeIfAbsent(a, k -> new LinkedList<>()).add(b);
        links.computeIfAbsent(b, k -> new LinkedList<>()).add(a);
    }

    int walk(String start, Visitor visitor) {
        Map<String, Integer> hops = new HashMap<>();
        Queue<String> queue = new LinkedList<>();
        hops.put(start⟪; ⟶, ⟫0);
        queue.add(start);
        while (⟪not queue.isEmpty()⟶!queue.isEmpty()⟫) {
            String port = queue.poll();
            visitor.visit(port, hops.get(port));
            for (String next : links⟪[port]⟶.get(port)⟫) {
                if (!hops.⟪contains⟶containsKey⟫(next)) {
                    hops.put(next, hops.get(port) + 1);
                    queue⟪.push⟶.add⟶.offer⟫(next);
                }
            }
        }
        return hops.size()⟪⟶;⟫
    }

    static String pad(String text, int width) {
        StringBuilder padded = ⟪text⟶new StringBuilder(text)⟫;
        while (padded.length() < width) {
            padded.append(' ');
        }
        return padded.toString();
    }

    public static void main(String[] args) {
        Searoute route = new Searoute();
        route.link("Quay", "Island");
        route.link("Island", "Bar");
        route.link("Bar", "Lock");
        int reached = route.walk("Quay", new Visitor() {
            ⟪⟶public ⟫void visit(String port, int hops) {
                System.out.println(pad(port, 10) + hops);
            }
        }⟪⟶)⟫;
        boolean all = reached ⟪=⟶==⟫ 4;
        System.out.println(all ? "all reached" ⟪else⟶:⟫ "some are cut off");
    }
}
