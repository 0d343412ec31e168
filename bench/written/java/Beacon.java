import java.util.Scanner;

public class Beacon {
    enum Color { RED, GREEN, WHITE }

    static Color parse(String text) {
        switch (text) {
            case "red":
                return Color.RED;
            case ⟪'green'⟶"green"⟫:
                return Color.GREEN;
            default⟪⟶:⟫
                return Color.WHITE;
        }
    }

    static int flashes(Color color) {
        int n;
        if (color == Color.RED) {
            n = 3;
        } else if (color == ⟪GREEN⟶Color.GREEN⟫) {
            n = 2;
        }⟪⟶ else {
            n = 1;
        }⟫
        return n;
    }

    public static void main(String[] args) {
        Scanner in = new Scanner("red\ngreen\n");
        while (in.hasNextLine()) {
            ⟪line⟶String line⟶≡var line⟫ = in.nextLine();
            Color c = parse(line);
            for (int i = 0; i < flashes(c)⟪,⟶;⟫ i++) {
                System.out.print("*");
            }
            System.out.println();
        }
        ⟪In⟶in⟫.close();
    }
}
