class Queue<T> {
  private items: T[] = [];

  push(item: T): void {
    this.items.push(item);
  }

  pop(): T | undefined {
    return this.items.shift();
  }

  get length(): number {
    return this.items.length;
  }
}

interface Person {
  name: string;
  ticket: boolean;
}

function board(queue: Queue⟪⟶<Person>⟫): string[] {
  const on: string[] = [];
  while (queue.length > 0) {
    const p = queue.pop();
    if (p && p.ticket⟪⟶)⟫ {
      on.push(⟪name⟶p.name⟫);
    }
  }
  ⟪⟶return on;⟫
}

const queue = new Queue<Person>();
queue.push({ name: "ida", ticket: true });
queue.push({ name: "tom" ⟪⟶, ticket: false ⟫});
const names = board(queue);
names.forEach(⟪function n⟶function (n)⟶≡n =>⟫ { console.log(n.toUpperCase()); });
console.log(names.⟪length()⟶length⟫);
