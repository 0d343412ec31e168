import java.util.ArrayList;
import java.util.List;

abstract class Machine {
    protected String name;

    Machine(String name) {
        this.name = name;
    }

    abstract int power();
}

class Crane extends Machine {
    private int reach;

    Crane(String name, int reach) {
        ⟪⟶super(name);
        ⟫this.reach = reach;
    }

    int power() {
        return reach * 10;
    }

    static int total(List<Machine> all) {
        int sum = 0;
        for (Machine one : all)
            sum += one.power⟪⟶()⟫;
        return sum;
    }

    public static void main(String[] args) {
        List<Machine> all = new ArrayList<>();
        all.add(new Crane("north", 12));
        all.add(new Crane("south", 8));
        Machine first = all.get(0⟪⟶)⟫;
        System.out.println(first.name + total(all));
        Crane crane = ⟪first⟶(Crane) first⟫;
        System.out.println(crane.reach);
    }
}
