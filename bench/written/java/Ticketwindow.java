import java.io.BufferedReader;
import java.io.FileReader;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;

public class Ticketwindow {
    private List<Ticket> tickets = new ArrayList<>();
    private static final double CHILD = 0.5;

    static class Ticket {
        final String name;
        final double price;

        Ticket(String name, double price) {
            this.name = name;
            ⟪price = price;⟶this.price = price;⟫
        }
    }

    void read(String path) ⟪⟶throws IOException ⟫{
        BufferedReader reader = new BufferedReader(new FileReader(path));
        String line = reader.readLine();
        while (line != null) {
            String[] parts = line.split(";");
            tickets.add(new Ticket(parts[0], ⟪parts[1]⟶Double.parseDouble(parts[1])⟶Double.valueOf(parts[1])⟫));
            line = reader.readLine();
        }
        reader.close();
    }

    double total(boolean child) {
        double sum = 0;
        for (Ticket t : tickets) {
            sum += ⟪child then⟶child ?⟫ t.price * CHILD : t.price;
        }
        return sum;
    }

    void sort() {
        Collections.sort(tickets, new Comparator<Ticket>() {
            public int compare(Ticket a, Ticket b) {
                return Double.compare(a.price, b.price);
            }
        }⟪⟶)⟫;
    }

    ⟪String⟶Ticket⟫ cheapest() {
        sort();
        if (tickets.⟪length⟶size()⟫ == 0) {
            return null;
        }
        return tickets.get(0);
    }

    static void print(List<Ticket> tickets) {
        for (int i = 0; i < tickets.size(); i++) {
            System.out.println(⟪tickets[i].name⟶tickets.get(i).name⟫);
        }
    }

    public static void main(String[] args) {
        Ticketwindow window = new Ticketwindow();
        window.tickets.add(new Ticket("return", 14.5));
        window.tickets.add(new Ticket("single"⟪.⟶, ⟫8.0));
        print(window.tickets);
        double sum = ⟪total(false)⟶window.total(false)⟫;
        System.out.println("sum: " + sum⟪⟶)⟫;
        String name = ⟪window.cheapest()⟶window.cheapest().name⟫;
        System.out.println(name);
    }
}
