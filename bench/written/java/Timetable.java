import java.util.ArrayList;
import java.util.List;

public class Timetable {
    private List<Integer> minutes = new ArrayList<>()⟪⟶;⟫
    private ⟪string⟶String⟫ harbour;

    public Timetable(String harbour) {
        this.harbour = harbour;
    }

    public void add(int minute) {
        minutes.add(minute);
    }

    public int next(int now) {
        for (int minute : minutes) {
            if (minute > now) {
                return minute;
            }
        }
⟪⟶        return -1;
⟫    }

    public static void main(String[] args) {
        Timetable table = new Timetable("Mole");
        table.add(⟪"375"⟶375⟫);
        table.add(730);
        int found = table.next(400);
        System.out.println(table.harbour + " " + ⟪Found⟶found⟫);
    }
}
