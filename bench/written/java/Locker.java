import java.util.*;

public class Locker {
    private Map<Integer, String> owners = new HashMap<>();
    private int size;

    public Locker(int size) {
        ⟪this.Size⟶this.size⟫ = size;
    }

    public boolean rent(int number, String owner) {
        if (number < 1 || number > size) {
            throw new IllegalArgumentException("no locker " + number)⟪⟶;⟫
        }
        if (owners.containsKey(number)) {
            return false;
        }
        owners.put(number⟪ ⟶, ⟫owner);
        return true;
    }

    public String owner(int number) {
        ⟪string⟶String⟫ found = owners.get(number);
        if (found == null)⟪⟶ {⟫
            return "free";
        }
        return found;
    }

    public static void main(String[] args) {
        Locker locker = new Locker(10);
        locker.rent(3, "Ines");
        System.out.println(locker.owner(3));
        System.out.println(locker.owner(⟪"4"⟶4⟫));
    }
}
