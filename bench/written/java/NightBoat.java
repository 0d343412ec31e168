import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

public class NightBoat {
    static final int CABINS = 40⟪⟶;⟫

    static class Guest {
        String name;
        int cabin;

        Guest(String name, int cabin) {
            this.name = name⟪,⟶;⟫
            this.cabin = cabin;
        }
    }

    private List<Guest> guests = new ArrayList⟪<Guest>⟶<Guest>()⟶<>()⟫;

    boolean isFree(int cabin) {
        for (Guest g : guests) {
            if (g.cabin == cabin) {
                return false;
            }
        ⟪⟶}⟫
        return true;
    }

    void checkIn(String name, int cabin) {
        if (!isFree(cabin)) {
            throw new IllegalArgumentException(⟪'taken'⟶"taken"⟫);
        }
        guests.add(⟪Guest⟶new Guest⟫(name, cabin));
    }

    int[] cabins() {
        int[] all = new int[guests.⟪length⟶size()⟫];
        for (int i = 0; i < all.length; i++) {
            all[i] = guests.get(i).cabin;
        }
        Arrays.sort(all);
        return ⟪all[]⟶all⟫;
    }

    public static void main(String[] args) {
        NightBoat boat = new NightBoat();
        boat.checkIn("Siv", 12);
        boat.checkIn("Ola"⟪ ⟶, ⟫7);
        ⟪string⟶String⟫ text = Arrays.toString(boat.cabins());
        System.out.println(text);
        boolean free = boat.isFree(⟪"7"⟶7⟫);
        System.out.println(free ? "free" : "taken");
    }
}
