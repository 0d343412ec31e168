public class Account {
    private String owner;
    private double balance;
    private int trips;

    public Account(String owner, double balance) {
        this.owner = owner;
        this.balance = balance;
    }

    // Takes the fare, if there is enough on the card.
    public boolean pay(double fare) {
        if (fare > balance) {
            System.out.println(owner + " cannot pay " + fare);
            return false;
        }
        balance -= fare;
        trips++;
        return true;
    }

    public void fill(double amount) {
        balance += amount;
    }

    public String toString() {
        return owner + " made " + trips + " trips and has " + balance + " left";
    }

    public static void main(String[] args) {
        Account card = new Account("Marlow", 10.0);
        boolean paid = true;
        while (paid) {
            paid = card.pay(3.5);
        }
        card.fill(20.0);
        card.pay(3.5);
        System.out.println(card.toString());
    }
}
