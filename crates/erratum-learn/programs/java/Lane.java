import java.util.LinkedList;
import java.util.Queue;

public class Lane {
    private final Queue<Integer> waiting = new LinkedList<>();
    private final int places;

    public Lane(int places) {
        this.places = places;
    }

    public void join(int cars) {
        if (waiting.size() >= places) {
            throw new IllegalStateException("the lane is full");
        }
        waiting.add(cars);
    }

    public int board(int room) {
        int boarded = 0;
        while (!waiting.isEmpty() && waiting.peek() <= room) {
            int cars = waiting.remove();
            boarded += cars;
            room -= cars;
        }
        return boarded;
    }

    public static void main(String[] args) {
        Lane lane = new Lane(3);
        try {
            for (int cars = 2; cars < 8; cars++) {
                lane.join(cars);
            }
        } catch (IllegalStateException problem) {
            System.out.println("Stopped: " + problem.getMessage());
        }
        System.out.println(lane.board(6) + " cars are on board");
    }
}
