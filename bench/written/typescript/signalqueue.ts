type Signal = "red" | "green" | "white";

interface Message<T> {
  id: number;
  body: T;
  sent: Date;
}

class Queue<T> {
  private items: Message<T>[] = [];
  private next = 1;

  push(body: T): number {
    const message: Message⟪⟶<T>⟫ = { id: this.next, body, sent: new Date() };
    this.items.push(message);
    this.next++;
    return ⟪message⟶message.id⟫;
  }

  pop(): T | undefined {
    const message = this.items.shift();
    return message ? message.body ⟪⟶: undefined⟫;
  }

  get size(): number {
    return this.items.⟪size⟶length⟫;
  }
}

async function send(signal: Signal): Promise<boolean> {
  await new Promise<void>(done => setTimeout(done, 10));
  return signal !== "red";
}

⟪⟶async ⟫function drain(queue: Queue<Signal>): Promise<number> {
  let sent = 0;
  while (queue.size > 0) {
    const signal = queue.pop();
    if (signal && await send(signal)) {
      sent += 1;
    ⟪⟶}⟫
  }
  return sent;
}

const queue = new Queue<⟪signal⟶Signal⟫>();
queue.push("red");
queue.push(⟪green⟶"green"⟫);
const counts: Record<Signal, number> = { red: 1, green: 2⟪⟶, white: 0⟫ };
drain(queue).then(n ⟪->⟶=>⟫ console.log(n, counts.red));
