import java.util.ArrayList;
import java.util.List;

public class Pilots {
    private final List<String> names = new ArrayList<>();
    private int calls;

    public void call(String name) {
        names.add(name)⟪⟶;⟫
        calls++;
    }

    public String first(char letter) {
        for (String name : names) {
            if (name.charAt(0)⟪.equals(letter)⟶ == letter⟫) {
                return name;
            }
        }
        return null;
    }

    public double share() {
        return (double) names.size() / calls;
    }

    public static void main(String[] args) {
        Pilots pilots = ⟪⟶new ⟫Pilots();
        pilots.call("Orla");
        String found = pilots.first(⟪"O"⟶'O'⟫);
        System.out.println(found + " " + pilots.share());
    }
}
