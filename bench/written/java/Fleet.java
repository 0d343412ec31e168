import java.util.ArrayList;

abstract class Boat {
    protected String name;

    Boat(String name) {
        this.name = name;
    }

    abstract int seats();
}

class Ferry extends Boat {
    private int decks;

    Ferry(String name, int decks) {
        ⟪⟶super(name);
        ⟫this.decks = decks;
    }

    int seats() {
        return decks * 80;
    }
}

class Launch extends Boat {
    Launch(String name) {
        super(name);
    }

    int ⟪seat⟶seats⟫() {
        return 12;
    }
}

public class Fleet {
    public static void main(String[] args) {
        ArrayList<Boat> fleet = new ArrayList<Boat>();
        fleet.add(new Ferry("Marta", 2));
        fleet.add(⟪Launch⟶new Launch⟫("Tern"));
        int all = 0;
        for (Boat boat : fleet⟪⟶)⟫ {
            all += boat.seats();
            System.out.println(boat.name + " " + ⟪seats()⟶boat.seats()⟫);
        }
        ⟪system⟶System⟫.out.println("all " + all);
    }
}
