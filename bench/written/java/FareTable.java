import java.util.Scanner;

public class FareTable {
    private double[][] fares;
    private String[] ports = {"Quay", "Mole", "Skerry"⟪]⟶}⟫;

    public FareTable() {
        fares = new double[ports.⟪length()⟶length⟫][ports.length];
        for (int i = 0; i < ports.length; i++) {
            for (int j = 0; j < ports.length; j++) {
                fares⟪[i, j]⟶[i][j]⟫ = Math.abs(i - j) * 3.5;
            }
        }
    }

    private int index(String port) {
        for (int i = 0; i < ports.length; i++) {
            if (ports[i].equals(port)⟪⟶)⟫ {
                return i;
            }
        }
        return -1;
    }

    public double fare(String from, String to) {
        int a = index(from)⟪,⟶;⟫
        int b = index(to);
        if (a < 0 || b < 0) {
            return ⟪null⟶0⟶-1⟶0.0⟶-1.0⟫;
        }
        return fares[a][b];
    }

    public ⟪⟶void ⟫raise(double percent) {
        for (double[] row : fares) {
            for (int j = 0; j < row.length; j++) {
                row[j] *= 1 + percent / 100;
            }
        }
    }

    public static void main(String[] args) {
        FareTable table = new FareTable();
        table.raise(10);
        Scanner in = new Scanner(⟪System.In⟶System.in⟫);
        String from = in.next();
        String to = in.⟪nextString⟶next⟶nextLine⟫();
        double fare = table.fare(from, to);
        if (fare ⟪=<⟶<=⟫ 0) {
            System.out.println("no fare");
        } else {
            System.out.println("fare " + fare);
        }
    }
⟪⟶}⟫
