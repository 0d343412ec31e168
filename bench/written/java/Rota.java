import java.util.*;

public class Rota {
    static class Shift {
        String who;
        int hours;

        Shift(String who, int hours) {
            this.who = who;
            this.hours = hours;
        }
    }

    static int hours(List<Shift> rota, String who) {
        int sum = 0;
        for (int i = 0; i < rota.size(); i++) {
            if (rota⟪[i]⟶.get(i)⟫.who.equals(who)) {
                sum += rota.get(i).hours;
            }
        }
        return sum;
    }

    static void rest(Shift shift) throws Exception {
        if (shift.hours > 12) {
            throw ⟪⟶new ⟫Exception("too long");
        }
    }

    public static void main(String[] args) ⟪⟶throws Exception ⟫{
        List<Shift> rota = new ArrayList<>();
        rota.add(new Shift("Ines", 8)⟪⟶)⟫;
        rota.add(new Shift("Olaf", 10));
        rest(rota.get(0));
        String most = "";
        System.out.println(hours(rota, "Ines"));
    }
}
