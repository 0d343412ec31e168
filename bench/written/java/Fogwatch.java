import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

interface Alarm {
    void sound(int minutes);
    String place();
}

class Horn ⟪extends⟶implements⟫ Alarm {
    private final String place;
    private int sounded;

    Horn(String place) {
        ⟪place = place⟶this.place = place⟫;
    }

    public void sound(int minutes) {
        sounded += minutes;
        if (sounded > 600) {
            throw ⟪⟶new ⟫IllegalStateException("horn worn out at " + place);
        }
    }

    ⟪String⟶public String⟫ place() {
        return place;
    }

    int sounded() {
        return sounded;
    }
}

class Fogwatch {
    private final List<⟪int⟶Integer⟫> sight = new ArrayList<>();
    private final List<Alarm> alarms = new ArrayList<>();

    void look(int metres) {
        sight.add(metres);
        if (metres < 400) {
            for (Alarm alarm : alarms) {
                alarm.sound(⟪⟶5⟶1⟶0⟶metres⟫);
            }
        }
    }

    void install(Alarm alarm) { alarms.add(alarm); }

    Optional<Integer> worst() {
        if (sight.isEmpty()) {
            return Optional.⟪none⟶empty⟫();
        }
        int worst = sight⟪[0]⟶.get(0)⟫;
        for (int metres : sight) {
            worst = Math.min(worst, metres);
        }
        return ⟪worst⟶Optional.of(worst)⟫;
    }

    public static void main(String[] args) {
        Fogwatch watch = new Fogwatch();
        ⟪Alarm⟶Horn⟫ horn = new Horn("north mole");
        watch.install(horn);
        watch.look(900);
        watch.look(250);
        System.out.println(horn.sounded() + " min at " + horn.place());
        String worst = watch.worst().map(m -> m + " m").orElse(⟪0⟶"none"⟶""⟶"0"⟫);
        System.out.println(worst);
    }
}
