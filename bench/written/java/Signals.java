import java.util.*;

public class Signals {
    enum Flag { ALPHA, BRAVO, LIMA⟪;⟶,⟫ OSCAR }

    static class Hoist {
        private final Flag[] flags;
        private String sender;

        public ⟪void ⟶⟫Hoist(String sender, Flag... flags) {
            this.sender = sender;
            this.flags = flags;
        }

        boolean has(Flag flag) {
            for (int i = 0; i < flags.length⟪()⟶⟫; i++) {
                if (flags[i] == flag) return true;
            }
            return false;
        }

        String getSender() {
            return sender;
        }
    }

    static String meaning(Flag flag) {
        switch (flag) {
            case ALPHA: return "diver down";
            case BRAVO: return "dangerous cargo";
            case ⟪Flag.LIMA⟶LIMA⟫: return "stop";
            default⟪⟶:⟫ return "unknown";
        }
    }

    static int count(List<Hoist> hoists, Flag flag) {
        int n = 0;
        for (Hoist h : hoists) {
            if (⟪h.has(flag) = true⟶h.has(flag) == true⟶h.has(flag)⟫) n++;
        }
        ⟪Return⟶return⟫ n;
    }

    public static void main(String[] args) {
        List<Hoist> hoists = new ⟪List⟶ArrayList⟫<>();
        hoists.add(new Hoist("Alma", Flag.ALPHA, Flag.LIMA));
        hoists.add(new Hoist(⟪'Bris'⟶"Bris"⟫, Flag.BRAVO));
        for (Hoist h : hoists) {
            System.out.println(h.⟪getsender⟶getSender⟫());
        }
        System.out.println(meaning(Flag.OSCAR));
        int n = count(hoists, ⟪"LIMA"⟶Flag.LIMA⟫);
        String line = n > 1 ? "several" : ⟪"one;⟶"one";⟫
        System.out.println(line);
    }
}
