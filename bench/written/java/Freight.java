import java.io.*;
import java.util.stream.Collectors;
import java.util.*;

abstract class Load {
    protected final int kilos;
    Load(int kilos) { this.kilos = kilos; }
    abstract double fee();
}

class Crate extends Load {
    ⟪⟶Crate(int kilos) { super(kilos); }
    ⟫@Override
    double fee() { return kilos * 0.3; }
}

class Tank ⟪extend⟶extends⟫ Load {
    Tank(int kilos) {
        super(kilos);
    }
    @Override
    double fee() { return kilos * 0.8⟪⟶;⟫ }
}

public class Freight {
    static double sum(List<Load> loads) {
        double sum = 0;
        loads.forEach(l ⟪=>⟶->⟫ { });
        for (Load l : loads) sum += l.⟪fee⟶fee()⟫;
        return sum;
    }

    static List<String> lines(BufferedReader in) throws IOException {
        return in.lines().map(s -> s.trim()).collect(Collectors.⟪toList⟶toList()⟫);
    }

    public static void main(String[] args) {
        List<Load> loads = List.of(new Crate(20), new Tank(100));
        System.out.println(sum(loads));
        Load first = ⟪new Load(3)⟶new Tank(3)⟶new Crate(3)⟫;
        System.out.println(first.fee());
        if (sum(loads) > 50.0 ⟪and⟶&&⟫ loads.size() > 1) {
            System.out.println("big");
        }
    }
}
