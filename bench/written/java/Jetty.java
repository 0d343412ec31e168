public class Jetty {
    private String name;
    private int[] depths;

    public ⟪void ⟶⟫Jetty(String name, int size) {
        this.name = name;
        this.depths = new int⟪(size)⟶[size]⟫;
    }

    public void setDepth(int place, int depth) {
        depths[place] ⟪==⟶=⟫ depth;
    }

    public int deepest() {
        int best = depths[0];
        for (int i = 1; i < depths.⟪length()⟶length⟫; i++) {
            if (depths[i] > best) {
                best = depths[i];
            }
        }
        ⟪⟶return best;⟫
    }

    public boolean isDeep(int limit) {
        return deepest() ⟪=>⟶>=⟫ limit;
    }

    public static void main(String[] args) {
        Jetty jetty = new Jetty("long", 3);
        jetty.setDepth(0, 7);
        jetty.setDepth(1, ⟪9.5⟶9⟶(int) 9.5⟶10⟫);
        if (jetty.isDeep(8)) {
            System.out.println(jetty.name + " is deep");
        }
        System.out.println(jetty.deepest())⟪:⟶;⟫
    }
}
