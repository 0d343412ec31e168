export class Queue<T> {
  private items: T[] = [];

  constructor(private readonly limit: number) {}

  push(item: T): boolean {
    if (this.items.length ⟪=>⟶>=⟫ this.limit) {
      return false;
    }
    this.items.⟪append⟶push⟫(item);
    return true;
  }

  pop(): T | undefined {
    return this.items.shift();
  }

  get size() {
    return this.items.length;
  }
}

interface Car {
  plate: string;
  axles: number;
}

const queue = new Queue<Car>(3);
queue.push({ plate: "HB 220", axles: 2 });
queue.push({ plate: "HB 417"⟪ ⟶, ⟫axles: 3 });

function toll(car: Car): number {
  switch (car.axles) {
    case 2:
      return 4.5;
    ⟪otherwise⟶default⟫:
      return 9;
  }
}

let sum = 0;
while (queue.⟪size()⟶size⟫ > 0) {
  const car = queue.pop();
  if (car) {
    sum += toll(car⟪⟶)⟫;
  }
}
console.log(`sum ${sum}`);
