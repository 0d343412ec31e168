public class Buoy {
    private int number;
    private String colour;

    public Buoy(int number, String colour) {
        this.number = number;
        this.colour = colour;
    }

    public String getColour() {
        return colour;
    }

    public int getNumber() {
        return number;
    }

    static Buoy find(Buoy[] all, int number) {
        for (Buoy one ⟪in⟶:⟫ all) {
            if (one.getNumber() == number) {
                return one;
            }
        }
        return null;
    }

    public static void main(String[] args) {
        Buoy[] all = { new Buoy(1, "red"), new Buoy(2, "green"⟪⟶)⟫ };
        Buoy found = find(all, 2);
        if (found != null) {
            System.out.println(found.⟪getColor⟶getColour⟫());
        }
        int last = all[⟪⟶all.⟫length - 1].getNumber();
        System.out.println("last " + last)⟪:⟶;⟫
    }
}
