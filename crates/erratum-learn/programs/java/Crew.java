import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;

public class Crew {
    static class Sailor {
        String name;
        int hours;
        double wage;

        Sailor(String name, int hours, double wage) {
            this.name = name;
            this.hours = hours;
            this.wage = wage;
        }

        double pay() {
            double amount = hours * wage;
            if (hours > 40) {
                amount += (hours - 40) * wage * 0.5;
            }
            return amount;
        }
    }

    public static void main(String[] args) {
        List<Sailor> crew = new ArrayList<>();
        crew.add(new Sailor("Ada", 38, 14.5));
        crew.add(new Sailor("Bo", 44, 13.0));
        crew.add(new Sailor("Cleo", 41, 15.2));
        Collections.sort(crew, Comparator.comparing((Sailor one) -> one.name));
        double sum = 0;
        for (Sailor one : crew) {
            System.out.println(one.name + " earns " + one.pay());
            sum = sum + one.pay();
        }
        System.out.println("All wages: " + sum);
    }
}
