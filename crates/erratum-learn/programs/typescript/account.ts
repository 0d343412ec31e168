// Accounts of the harbour office.
interface Entry {
    day: number;
    text: string;
    amount: number;
}

class Account {
    private entries: Entry[] = [];

    constructor(private readonly owner: string, private limit: number) {}

    book(day: number, text: string, amount: number): boolean {
        if (this.balance() + amount < -this.limit) {
            return false;
        }
        this.entries.push({ day: day, text: text, amount: amount });
        return true;
    }

    balance(): number {
        let sum = 0;
        for (const entry of this.entries) {
            sum += entry.amount;
        }
        return sum;
    }

    report(): string {
        const lines = this.entries.map(entry => `${entry.day}: ${entry.text} ${entry.amount.toFixed(2)}`);
        return this.owner + "\n" + lines.join("\n");
    }
}

const office = new Account("Harbour office", 100);
office.book(1, "berth fees", 320.5);
if (!office.book(2, "rope and paint", -500)) {
    console.log("The limit is reached");
}
console.log(office.report());
