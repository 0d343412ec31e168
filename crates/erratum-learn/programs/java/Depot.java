import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Iterator;
import java.util.NoSuchElementException;

public class Depot<T extends Comparable<T>> implements Iterable<T> {
    private final Deque<T> goods = new ArrayDeque<>();
    private int moved;

    public void store(T item) {
        goods.push(item);
        moved++;
    }

    public T take() throws NoSuchElementException {
        if (goods.isEmpty()) {
            throw new NoSuchElementException("the depot is empty");
        }
        moved++;
        return goods.pop();
    }

    public T smallest() {
        T best = null;
        for (T item : goods) {
            if (best == null || item.compareTo(best) < 0) {
                best = item;
            }
        }
        return best;
    }

    @Override
    public Iterator<T> iterator() {
        return goods.iterator();
    }

    public int getMoved() {
        return moved;
    }

    public static void main(String[] args) {
        Depot<String> depot = new Depot<>();
        String[] marks = {"rope", "anchor", "lamp"};
        for (String mark : marks) {
            depot.store(mark);
        }
        System.out.println("smallest: " + depot.smallest());
        int letters = 0;
        for (String mark : depot) {
            letters += mark.length();
        }
        System.out.println(letters + " letters");
        try {
            while (true) {
                System.out.println(depot.take());
            }
        } catch (NoSuchElementException e) {
            System.out.println("Done: " + e.getMessage());
        } finally {
            System.out.println("moved " + depot.getMoved() + " times");
        }
    }
}
