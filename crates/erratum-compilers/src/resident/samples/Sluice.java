import java.util.function.Supplier;

class Sluice {
    final int gates;

    Sluice() { }

    static int none(int n) {
        if (n > 2) {
            return 1;
        }
    }

    void lost(boolean open) {
        int unset;
        System.out.println(unset);
        int count = 0;
        Supplier<Integer> later = () -> count;
        count++;
        if (open) throw new Exception("lost");
        while (true) { }
    }
}
