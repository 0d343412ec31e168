import java.util.*;

public class SignalLog {
    enum Level { CALM, WATCH, STORM }

    static class Entry {
        final int hour;
        final Level level;

        ⟪void ⟶⟫Entry(int hour, Level level) {
            this.hour = hour;
            this.level = level;
        }
    }

    private List<Entry> entries = new ArrayList<⟪entry⟶Entry⟫>();

    public void note(int hour, Level level) {
        entries.add(new Entry(hour, level));
    }

    public int count(Level wanted) {
        int n = 0;
        for (int i = 0; i < entries.⟪length⟶size()⟫; i++) {
            if (entries⟪[i]⟶.get(i)⟫.level == wanted) {
                n++;
            }
        }
        return n;
    }

    public String worst() {
        String text = "";
        for (Entry e : entries) {
            switch (e.level) {
                case STORM:
                    text = text + e.hour + ⟪' h, '⟶" h, "⟫;
                    break;
                default:
                    break;
            }
        }
        ⟪⟶return text;
    ⟫}

    public static void main(String[] args) {
        SignalLog log = new SignalLog();
        log.note(6, Level.CALM);
        log.note(9, ⟪STORM⟶Level.STORM⟫);
        log.note(12, Level.WATCH);
        System.out.println(log.count(Level.STORM) + " storms: " + log.worst());
    }
}
