public class Signal {
    enum Colour { RED, GREEN, WHITE }

    interface Light {
        void show(Colour colour);
        boolean broken();
    }

    static class Lamp ⟪extends⟶implements⟫ Light {
        private int hours = 0;

        public void show(Colour colour) {
            hours++;
            System.out.println("showing " + colour);
        }

        public boolean broken() {
            return hours > 3;
        }
    }

    static String say(Colour colour) {
        switch (colour) {
            case RED:
                return "stop"⟪⟶;⟫
            case GREEN:
                return "go";
            default:
                return ⟪'wait'⟶"wait"⟫;
        }
    }

    public static void main(String[] args) {
        Light lamp = new Lamp();
        int shown = 0;
        while (⟪not ⟶!⟫lamp.broken()) {
            lamp.show(Colour.⟪Green⟶GREEN⟫);
            shown++;
        }
        System.out.println(say(Colour.RED) + " after " + shown);
    }
}
