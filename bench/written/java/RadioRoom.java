import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
⟪⟶import java.util.Scanner;⟫

interface Handler {
    boolean accepts(String text);
    void handle(String text) ⟪⟶throws Exception⟶throws RadioException⟫;
}

class RadioException extends Exception {
    RadioException(String message) { super(message); }
}

class Mayday implements Handler {
    public boolean accepts(String text) { return text.startsWith("MAYDAY"); }
    ⟪void⟶public void⟫ handle(String text) throws RadioException {
        if (text.length() < 8) throw ⟪RadioException⟶new RadioException⟫("no position");
        System.out.println("launch: " + text.substring(7));
    }
}

class Weather implements Handler {
    private int count;
    public boolean accepts(String text) { return text⟪.equal⟶.equals⟫("WEATHER"); }
    public void handle(String text) {
        count⟪+⟶++⟫;
        System.out.println("wind " + count);
    }
}

public class RadioRoom {
    private final Deque<String> queue = new ArrayDeque<>();
    private final Handler[] handlers = ⟪new Handler[] (new Mayday(), new Weather())⟶new Handler[] { new Mayday(), new Weather() }⟫;

    Optional<Handler> find(String text) {
        for (Handler h : handlers) {
            if (h.accepts(text)) return ⟪h⟶Optional.of(h)⟫;
        }
        return Optional.empty();
    }

    void run() {
        while (!queue.isEmpty()) {
            String text = queue.poll();
            try {
                find(text).get().handle(text);
            } catch (Exception e) {
                System.err.println(e.getMessage());
            }
        }
    }

    public static void main(String[] args) {
        RadioRoom room = new RadioRoom();
        Scanner in = new Scanner(⟪system.in⟶System.in⟫);
        while (in.hasNextLine()) room.queue.add(in.nextLine());
        ⟪run()⟶room.run()⟫;
    }
}
