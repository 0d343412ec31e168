public class Tickets {
    static final double CHILD = 0.5;

    enum Zone { INNER, OUTER }

    static double price(Zone zone, int people) {
        double one = zone == Zone.INNER ? 2.5 : 4.0;
        return one * people;
    }

    static ⟪int⟶double⟫ family(Zone zone, int adults, int children) {
        return price(zone, adults) + price(zone, children) * CHILD;
    }

    static boolean cheap(double price) {
        if (price ⟪=<⟶<=⟫ 10) {
            return true;
        } else {
            return false;
        }
    }

    public static void main(String⟪⟶[]⟫ args) {
        double sum = family(Zone.INNER, 2, 1);
        System.out.println("family " + sum);
        if (cheap(sum)⟪⟶)⟫ {
            System.out.println("cheap");
        }
        System.out.⟪printn⟶println⟫(price(⟪OUTER⟶Zone.OUTER⟫, 3));
    }
}
