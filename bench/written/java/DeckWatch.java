import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

public class DeckWatch {
    enum Duty { HELM, LOOKOUT, ENGINE }

    static class Sailor {
        String name;
        List<Duty> duties = new ArrayList<>();

        Sailor(String name) {
            ⟪this.name⟶this.name = name⟫;
        }

        boolean can(Duty duty) {
            return duties.contains(duty);
        }

        Sailor with(Duty... more) {
            for (Duty duty ⟪in⟶:⟫ more) {
                duties.add(duty);
            }
            return ⟪self⟶this⟫;
        }
    }

    private final List<Sailor> crew = new ArrayList<>();

    public List<⟪string⟶String⟫> ableTo(Duty duty) {
        return crew.stream()
            .filter(s ⟪=>⟶->⟫ s.can(duty))
            .map(s -> s.name)
            .collect(Collectors.toList());
    }

    public Sailor pick(Duty duty) throws Exception {
        for (Sailor s : crew) {
            if (s.can(duty)) return s;
        }
        throw ⟪new Exception⟶new Exception("nobody for " + duty)⟶new Exception()⟫;
    }

    static int level(Duty duty) {
        switch (duty) {
            case HELM: return 3;
            case LOOKOUT: return 1;
            ⟪case else⟶default⟫: return 2;
        }
    }

    public static void main(String[] args) ⟪⟶throws Exception ⟫{
        DeckWatch watch = new DeckWatch();
        watch.crew.add(new Sailor("Ylva").with(Duty.HELM, Duty.ENGINE));
        watch.crew.add(new Sailor("Tor").with(⟪LOOKOUT⟶Duty.LOOKOUT⟫));
        System.out.println(watch.ableTo(Duty.HELM));
        Sailor chosen = watch.pick(Duty.ENGINE);
        ⟪String rank⟶int rank⟫ = level(Duty.HELM);
        System.out.println(chosen.name + " " + rank);
    }
}
