import java.util.ArrayList;
import java.util.List;

public class Anchorage {
    private final String name;
    private int depth;
    private List<String> guests = new ArrayList<>()⟪⟶;⟫

    public Anchorage(String name, int depth) {
        this.name = name;
        this.depth = depth;
    }

    public ⟪⟶void ⟫arrive(String guest) {
        guests.add(guest);
    }

    public boolean isDeep(int draught) {
        return depth ⟪=>⟶>=⟫ draught + 2;
    }

    public String getName() {
        return name;
    }

    public List<String> getGuests() {
        return guests;
    }

    public static void main(String[] args) {
        Anchorage cove = new Anchorage("Cove", ⟪"6"⟶6⟫);
        cove.arrive("Heron");
        cove.arrive("Skua");
        if (cove.isDeep(3⟪⟶)⟫) {
            System.out.println(cove.getName() + " is deep enough");
        }
        for (String guest ⟪in⟶:⟫ cove.getGuests()) {
            System.out.println(guest.⟪toUppercase⟶toUpperCase⟫());
        }
        int count = cove.getGuests().⟪length⟶size()⟫;
        System.out.println(count + " at anchor");
    }
}
