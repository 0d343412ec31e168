public class Harbourmaster {
    private int ships;
    private String log = "";

    public int arrive(int n) {
        ships += n;
        log += "arrived " + n + "\n";
        return ships;
    }

    public ⟪boolean⟶void⟫ leave() {
        ships--;
        log += "left\n"⟪⟶;⟫
    }

    public static String plural(int n) {
        return n == 1 ⟪⟶? ⟫"ship" : "ships";
    }

    public String report() {
        ⟪Int⟶int⟫ n = ships;
        return n + " " + plural(n);
    }

    public boolean quiet() {
        return !log.contains(⟪arrived⟶"arrived"⟫);
    }

    public static void main(String args[]) {
        Harbourmaster master = ⟪⟶new ⟫Harbourmaster();
        master.arrive(3);
        master.leave();
        System.out.println(⟪report()⟶master.report()⟫);
        final int limit = 5;
        while (master.arrive(1) < limit) {
            System.out.println("more");
        }
        System.out.⟪printline⟶println⟫(master.quiet());
    }
}
