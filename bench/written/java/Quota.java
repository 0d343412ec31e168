⟪⟶import java.util.ArrayList;
⟫import java.util.List;

public class Quota {
    private final int limit;
    private List<String> names = new ArrayList<>();

    public Quota(int limit) {
        this.limit = limit;
    }

    public boolean add(String name) {
        if (names.size() >= limit) {
            return ⟪False⟶false⟫;
        }
        return names.add(name);
    }

    public ⟪string⟶String⟫ first() {
        return names⟪[0]⟶.get(0)⟫;
    }

    public static void main(String[] args) {
        Quota quota = new Quota(2);
        quota.add("Lund");
        quota.add("Berg");
        if (!quota.add("Holm")⟪⟶)⟫ {
            System.out.println("full");
        }
        for (int i = 0; i < quota.names.⟪length⟶size()⟫; i++) {
            System.out.println(quota.names.get(i));
        }
    }
}
