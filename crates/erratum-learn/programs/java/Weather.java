import java.util.Arrays;

public class Weather {
    enum Sea { CALM, ROUGH, STORM }

    static Sea judge(int wind) {
        if (wind < 12) {
            return Sea.CALM;
        } else if (wind < 28) {
            return Sea.ROUGH;
        }
        return Sea.STORM;
    }

    static String advice(Sea sea) {
        switch (sea) {
            case CALM:
                return "sail";
            case ROUGH:
                return "sail slowly";
            default:
                return "stay";
        }
    }

    public static void main(String[] args) {
        int[] winds = {4, 18, 31, 9};
        int cancelled = 0;
        Arrays.sort(winds);
        for (int day = 0; day < winds.length; day++) {
            Sea sea = judge(winds[day]);
            System.out.println("Day " + (day + 1) + ": " + advice(sea));
            if (sea == Sea.STORM) {
                cancelled++;
            }
        }
        System.out.println("Cancelled: " + cancelled);
    }
}
