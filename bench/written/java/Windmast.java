import java.util.⟪Arraylist⟶ArrayList⟫;
import java.util.List;

public class Windmast {
    private ⟪string⟶String⟫ site;
    private List<Integer> gusts = new ArrayList<⟪int⟶Integer⟶⟫>();
    private ⟪const⟶final⟫ int limit = 40;

    public Windmast(String site) {
        ⟪self⟶this⟫.site = site;
    }

    public void record(int gust) {
        gusts.⟪push⟶add⟫(gust);
    }

    public int strongest() {
        int best = 0;
        for (int gust ⟪in⟶:⟫ gusts) {
            if (gust > best) ⟪⟶{⟫
                best = gust;
            }
        }
        return best;
    }

    public double average() {
        int sum = 0;
        for (int i = 0; i < gusts.⟪length⟶size()⟫; i++) {
            sum += ⟪gusts[i]⟶gusts.get(i)⟫;
        }
        return sum / (double) gusts.size();
    }

    public ⟪bool⟶boolean⟫ stormy() {
        return strongest() > limit;
    }

    public static void main(String[] args) {
        Windmast mast = new Windmast(⟪'pier head'⟶"pier head"⟫);
        mast.record(31);
        mast.record(⟪44.5⟶44⟶45⟶(int) 44.5⟫);
        ⟪print⟶System.out.println⟫(mast.average());
        if (mast.stormy()) ⟪then ⟶⟫{
            System.out.println(mast.site + " closes");
        }
    }
}
