import java.util.Scanner;

public class Tickets {
    static final int SEATS = 40;

    static double price(int seats, boolean back) {
        double price = seats * 3.5;
        if (back) {
            price = price * 1.8;
        }
        return price;
    }

    public static void main(String[] args) {
        Scanner input = new Scanner("2 true 4 false 40 true");
        int sold = 0;
        double taken = 0.0;
        while (input.hasNextInt()) {
            int seats = input.nextInt();
            boolean back = input.nextBoolean();
            if (sold + seats > SEATS) {
                System.out.println("Only " + (SEATS - sold) + " seats left");
                continue;
            }
            sold += seats;
            taken += price(seats, back);
        }
        input.close();
        System.out.println(sold + " seats sold for " + taken);
    }
}
