import java.util.*;
import java.util.stream.⟪Collector⟶Collectors⟶*⟫;

public class Ferryqueue {
    enum Kind { CAR, VAN, BIKE }

    static abstract class Vehicle {
        private final String plate;
        protected Kind kind;

        Vehicle(String plate, Kind kind) {
            this.plate = plate;
            this.kind = kind;
        }

        abstract double length()⟪ {}⟶;⟫

        String getPlate() { return plate; }
    }

    static class Car extends Vehicle {
        Car(String plate) {
            ⟪super(plate)⟶super(plate, Kind.CAR)⟫;
        }

        @Override
        double length() { return 4.5; }
    }

    static class Bike extends Vehicle {
        Bike(String plate) { super(plate, ⟪BIKE⟶Kind.BIKE⟫); }

        @Override
        ⟪int⟶double⟫ length() { return 2; }
    }

    private final Deque<Vehicle> line = new ArrayDeque<>();
    private double room;

    Ferryqueue(double room) { this.room = room; }

    boolean board(Vehicle v) {
        if (v.length() > room) return false;
        room -= v.length();
        line.addLast(v);
        return true;
    }

    List<String> plates() {
        return line.stream().map(v -> ⟪v.plate()⟶v.getPlate()⟶v.plate⟫).collect(Collectors.toList());
    }

    static String text(Kind k) {
        switch (k) {
            case ⟪Kind.CAR⟶CAR⟫: return "car";
            case VAN: return "van";
            case BIKE: return "bike";
        }
        ⟪⟶return "";⟶return null;⟶throw new IllegalArgumentException();⟫
    }

    public static void main(String[] args) {
        Ferryqueue q = new Ferryqueue(10)⟪⟶;⟫
        Vehicle[] all = {new Car("QA 1"), new Bike("QB 2"), new Car("QC 3")};
        for (int i = 0; i < all.⟪length()⟶length⟫; i++) {
            ⟪if (q.board(all[i])⟶if (q.board(all[i]))⟫ {
                System.out.println(text(all[i].kind) + " " + all[i].getPlate());
            }
        }
        System.out.println(String.join(", ", q.plates()));
    }
}
