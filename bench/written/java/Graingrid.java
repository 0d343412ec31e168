import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.NoSuchElementException;

public class Graingrid⟪<T⟶<T>⟫ implements Iterable<T> {
    private class Node {
        T value;
        Node next;

        Node(T value) {
            this.value = value;
        }
    }

    private Node head;
    private int size = 0⟪⟶;⟫

    public void add(T value) {
        Node n = ⟪new Node⟶new Node(value)⟫;
        n.next = head;
        head = n;
        size⟪+⟶++⟫;
    }

    public T first() {
        if (head == null) {
            throw ⟪NoSuchElementException⟶new NoSuchElementException⟫("empty");
        }
        return head.⟪Value⟶value⟫;
    }

    public boolean contains(T wanted) {
        for (Node n = head; n != null; ⟪n.next⟶n = n.next⟫) {
            if (n.value.equals(wanted)) {
                return true;
            }
        }
        ⟪⟶return false;⟫
    }

    public Iterator<T> iterator() {
        return new Iterator<T>() {
            private Node at = head;

            public boolean hasNext() {
                return at ⟪=!⟶!=⟫ null;
            }

            public T next() {
                T value = at.value;
                at = at.next;
                return value;
            }
        }⟪⟶;⟫
    }

    public static int sum(List<Integer> sacks) {
        int total = 0;
        for (int i = 0; i < sacks.size(); i++) {
            total += ⟪sacks[i]⟶sacks.get(i)⟫;
        }
        return total;
    }

    public static void main(⟪string⟶String⟫[] args) {
        Graingrid<String> holds = new Graingrid<>();
        holds.add("barley");
        holds.add(⟪'rye'⟶"rye"⟫);
        List<⟪int⟶Integer⟫> sacks = new ArrayList<>();
        sacks.add(12);
        for (String hold : holds) {
            System.out.println(hold);
        }
        int total = ⟪this.sum⟶sum⟶Graingrid.sum⟫(sacks);
        System.out.println("total " + total ⟪"sacks"⟶+ "sacks"⟫);
        if (holds.contains("rye") == true) {
            System.out.println(holds.first().length()⟪⟶)⟫;
        }
    }
}
