import java.util.*;

public class Pontoon {
    static class Boat implements Comparable<Boat> {
        String name;
        double length;

        Boat(String name, double length) {
            ⟪this->name⟶this.name⟫ = name;
            this.length = length;
        }

        @Override
        public int ⟪compareto⟶compareTo⟫(Boat other) {
            return Double.compare(length, other.length);
        }

        @Override
        public String toString() {
            return name + " (" + length + ")";
        }
    }

    static List<Boat> shorter(List<Boat> boats, double limit) {
        List<Boat> out = new ⟪List⟶ArrayList⟶LinkedList⟫<>();
        for (Boat b ⟪in⟶:⟫ boats) {
            if (b.length < limit) out.add(b);
        }
        return out;
    }

    public static void main(String[] args) {
        List<Boat> boats = new ArrayList<>();
        boats.add(new Boat("tern", 9.5));
        boats.add(⟪Boat⟶new Boat⟫("gull", 12));
        Collections.sort(boats);
        System.out.println(boats);
        int n = shorter(boats, 10).⟪length⟶size()⟫;
        System.out.println(n);
        Boat first = boats⟪[0]⟶.get(0)⟫;
        System.out.println(first.name);
    }
}
