import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Bookings of the night ferry. */
public class Bookings {
    private static class Booking {
        private final String name;
        private final int cabin;
        private double paid;

        Booking(String name, int cabin, double paid) {
            this.name = name;
            this.cabin = cabin;
            this.paid = paid;
        }

        String getName() {
            return name;
        }

        int getCabin() {
            return cabin;
        }

        double getPaid() {
            return paid;
        }

        void pay(double amount) {
            paid += amount;
        }

        @Override
        public String toString() {
            return String.format("%s in cabin %d (%.2f)", name, cabin, paid);
        }
    }

    private final List<Booking> bookings = new ArrayList<>();
    private final Map<Integer, String> cabins = new HashMap<>();

    public boolean add(String name, int cabin, double paid) {
        if (cabins.containsKey(cabin)) {
            return false;
        }
        cabins.put(cabin, name);
        bookings.add(new Booking(name, cabin, paid));
        return true;
    }

    public Booking find(String name) {
        for (Booking booking : bookings) {
            if (booking.getName().equals(name)) {
                return booking;
            }
        }
        return null;
    }

    public double total() {
        double total = 0;
        for (int i = 0; i < bookings.size(); i++) {
            total += bookings.get(i).getPaid();
        }
        return total;
    }

    public static void main(String[] args) {
        Bookings list = new Bookings();
        list.add("Varga", 12, 84.5);
        list.add("Arkwell", 7, 61.0);
        if (!list.add("Sorel", 7, 20.0)) {
            System.out.println("Cabin 7 is taken.");
        }
        Booking varga = list.find("Varga");
        if (varga != null) {
            varga.pay(5.5);
            System.out.println(varga.getName() + " has cabin " + varga.getCabin());
        }
        Collections.sort(list.bookings, Comparator.comparing(Booking::getName));
        for (Booking booking : list.bookings) {
            System.out.println(booking);
        }
        System.out.println("Total: " + list.total());
    }
}
