import java.util.Scanner;

abstract class Vehicle {
    protected double length;

    Vehicle(double length) {
        this.length = length;
    }

    abstract double price();
}

class Car extends Vehicle {
    Car(double length) {
        super(length)⟪⟶;⟫
    }

    ⟪⟶@Override
    double price() {
        return 20 + length * 2;
    }⟫
}

class Bus extends Vehicle {
    private int seats;

    Bus(double length, int seats) {
        ⟪⟶super(length);⟫
        this.seats = seats;
    }

    @Override
    ⟪int⟶double⟫ price() {
        return 45.5 + seats;
    }
}

public class DeckPlan {
    static double total(Vehicle[] all) {
        double sum = 0;
        for (int i = 0; i < all.length⟪()⟶⟫; i++) {
            sum += all[i].price();
        }
        return sum;
    }

    public static void main(String[] args) {
        Vehicle[] deck = { new Car(4.2), new Bus(11, 30) };
        System.out.println(⟪Total⟶total⟫(deck));
        Scanner in = new Scanner(System.in);
        int wanted = in.nextInt⟪⟶()⟫;
        if (wanted > deck.length) {
            System.out.println("no room");
        ⟪⟶}⟫ else {
            System.out.println("room for all");
        }
    }
}
