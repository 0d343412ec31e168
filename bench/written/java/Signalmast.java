import java.util.HashMap;
import java.util.Map;

enum Light { RED, GREEN, WHITE }

public class Signalmast {
    private final Map<Light, Integer> shown = new HashMap<>();
    private Light current = Light.⟪OFF⟶WHITE⟶RED⟶GREEN⟫;
    private int changes⟪ = 0,⟶ = 0;⟫

    public Light getCurrent() {
        return current;
    }

    public void show(Light light) {
        switch (light) {
            case RED:
                changes += 2;
                break;
            case ⟪Light.GREEN⟶GREEN⟫:
                changes++;
                break;
        }
        current = light;
        shown.put(light, shown.getOrDefault(light, 0) + 1);
    }

    public String summary() {
        String text = "";
        for (Map.Entry<Light, Integer> e : shown⟪⟶.entrySet()⟫) {
            text += e.getKey() + "=" + e.getValue() + ⟪' ; '⟶" ; "⟫;
        }
        return text;
    }

    public static void main(String[] args) {
        Signalmast mast = new Signalmast();
        mast.show(⟪"RED"⟶Light.RED⟫);
        mast.show(⟪GREEN⟶Light.GREEN⟫);
        if (mast.getCurrent().equals(Light.RED)⟪)⟶⟫) {
            System.out.println("stop");
        }
        System.out.println(mast.summary());
    }
}
