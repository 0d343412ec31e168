public class Harbour {
    private String name;
    private int berths;
    private int used = 0;

    public Harbour(String name, int berths) {
        this.name = name;
        this.berths = berths;
    }

    public boolean dock(String boat) {
        if (used == berths) {
            System.out.println(boat + " must wait");
            return false;
        }
        used++;
        return ⟪True⟶true⟫;
    }

    public void leave() {
        if (used > 0) {
            used = used - 1;
        }
    }

    public int free() {
        ⟪return berths - used⟶return berths - used;⟫
    }

    public String status() {
        return ⟪'free: '⟶"free: "⟫ + free();
    }

    public static void main(String[] args) {
        Harbour harbour = new Harbour(⟪4, "Mole"⟶"Mole", 4⟫);
        harbour.dock("Skua");
        harbour.dock(⟪Petrel⟶"Petrel"⟫);
        harbour.⟪Leave⟶leave⟫();
        System.out.println(harbour.status());
    }
}
