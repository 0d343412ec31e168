import java.util.ArrayList;
import java.util.List;⟪⟶
import java.util.Collections;⟫

public class Wharf {
    private final List<Integer> loads = new ArrayList<⟪int⟶Integer⟶≡⟫>();
    private static int count = 0;

    public Wharf() {
        count++;
    }

    public void load(int kilos) throws Exception {
        if (kilos < 0) {
            throw new Exception("negative");
        }
        loads.add(kilos);
    }

    public int heaviest() {
        return Collections.max(loads);
    }

    public double mean() {
        int sum = 0;
        for (int load : loads) {
            sum += load;
        }
        return ⟪(double sum)⟶(double) sum⟫ / loads.size();
    }

    public static void main(String[] args) ⟪throw⟶throws⟫ Exception {
        Wharf wharf = new Wharf();
        wharf.load(40);
        wharf.load(⟪"55"⟶55⟫);
        System.out.println(wharf.heaviest());
        ⟪string⟶String⟫ text = "mean " + wharf.mean();
        System.out.println(text.⟪length⟶length()⟫);
        System.out.printf("%.1f%n"⟪ ⟶, ⟫wharf.mean());
    }
}
