public class Route {
    private String from;
    private String to;
    private double miles;

    public Route(String from, String to, double miles) {
        this.from = from;
        this.to = to;
        this.miles = miles;
    }

    public String getFrom() { return from; }

    public String getTo() { return to; }

    public double getMiles() { return miles; }

    public void setMiles(double miles) {
        if (miles < 0) {
            throw new IllegalArgumentException("miles must not be negative");
        }
        this.miles = miles;
    }

    public double hours(double knots) {
        return miles / knots;
    }

    public static Route longest(Route a, Route b) {
        return a.getMiles() >= b.getMiles() ? a : b;
    }

    public static int stops(int n) {
        if (n <= 1) {
            return 1;
        }
        return stops(n - 1) + stops(n - 2);
    }

    public boolean equals(Object other) {
        if (!(other instanceof Route)) {
            return false;
        }
        Route route = (Route) other;
        return from.equals(route.from) && to.equals(route.to);
    }

    public int hashCode() {
        return from.hashCode() * 31 + to.hashCode();
    }

    public static void main(String[] args) {
        Route north = new Route("Mole", "Skerry", 14.5);
        Route south = new Route("Mole", "Lund", 22.0);
        north.setMiles(15.0);
        System.out.println(north.getFrom() + " to " + north.getTo());
        System.out.println("longest: " + longest(north, south).getTo());
        double hours = north.hours(10) + south.hours(10);
        long minutes = Math.round(hours * 60);
        System.out.println("both take " + minutes + " minutes");
        System.out.println("stops: " + stops(6));
        if (north.equals(south)) {
            System.out.println("the same route");
        } else if (north.hashCode() == south.hashCode()) {
            System.out.println("hardly possible");
        }
        int[][] grid = new int[3][4];
        for (int row = 0; row < grid.length; row++) {
            for (int col = 0; col < grid[row].length; col++) {
                grid[row][col] = row * col;
            }
        }
        System.out.println("corner: " + grid[2][3]);
    }
}
