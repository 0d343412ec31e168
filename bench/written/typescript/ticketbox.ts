interface Ticket {
  readonly id: number;
  from: string;
  to: string;
  cents: number;
}

let nextId = 1;

function sell(from: string, to: string, cents: number⟪⟶)⟫: Ticket {
  return { id: nextId++, from, to, cents };
}

function total(tickets: Ticket[]): number {
  let sum = 0;
  for (let i = 0; i < tickets.length; i++⟪;⟶⟫) {
    sum += tickets[i].cents;
  }
  return sum;
}

function report(tickets: Ticket[]): ⟪void⟶string⟫ {
  return tickets.map(t => t.from + "-" + t.to).join("; ");
}

const sold: Ticket[] = [];
sold.push(sell("pier", "mole", 250));
sold.push(sell("mole", "pier"⟪ ⟶, ⟫300));
⟪sold[0].id = 9⟶sold[0].cents = 9⟫;
console.log(total(sold));
const text: string = report(sold⟪]⟶)⟫;
console.log(text.⟪len⟶length⟫);
if (total(sold) ⟪=⟶===⟶≡==⟫ 550) {
  console.log("even");
}
