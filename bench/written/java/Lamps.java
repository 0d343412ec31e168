public class Lamps {
    interface Lamp {
        int period();
    }

    static class Flash implements Lamp {
        private final int seconds;

        Flash(int seconds) {
            this.seconds = seconds;
        }

        public int period() {
            return seconds;
        }
    }

    static int longest(Lamp[] lamps) {
        int best = 0;
        int i = 0;
        while (i < lamps.length) {
            if (lamps[i].period() > best⟪ {⟶) {⟫
                best = lamps[i].period();
            }
            i++;
        }
        return ⟪bset⟶best⟫;
    }

    public static void main(String[] args) {
        Lamp[] lamps = new Lamp[2];
        lamps[0] = new Flash(4);
        lamps[1] = new ⟪flash⟶Flash⟫(10);
        int most = longest(lamps);
        ⟪if most > 5⟶if (most > 5)⟫ {
            System.out.println("slow " + most);
        }
    }
}
