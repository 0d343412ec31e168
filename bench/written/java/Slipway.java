import java.util.ArrayList;
⟪⟶import java.util.List;
⟫
public class Slipway {
    enum State { FREE, TAKEN, CLOSED }

    private State state = ⟪FREE⟶State.FREE⟫;
    private final List<String> log = new ArrayList<>()⟪⟶;⟫
    private int uses;

    public ⟪void ⟶⟫Slipway(int uses) {
        this.uses = uses;
    }

    public boolean take(String boat) {
        if (state == State.TAKEN ⟪or⟶||⟫ state == State.CLOSED) {
            return ⟪False⟶false⟫;
        }
        state = State.TAKEN;
        uses++;
        log.add(boat + " at " + uses);
        ⟪⟶return true;⟫
    }

    public String last() {
        if (log.⟪size⟶size()⟫ == 0) return null;
        return ⟪log[log.size() - 1]⟶log.get(log.size() - 1)⟫;
    }

    public static void main(String[] args) {
        Slipway slip = new Slipway(⟪"0"⟶0⟫);
        slip.take("Plover");
        for (String line ⟪in⟶:⟫ slip.log) {
            System.out.println(line);
        }
        System.out.println("Last: " ⟪⟶+ ⟫slip.last());
    ⟪⟶}
⟫}
