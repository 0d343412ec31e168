enum Role {
    Captain,
    Deckhand,
}

class Person {
    name: string;
    role: Role;
    hours: number = 0;

    constructor(name: string, role: Role) {
        this.name = name;
        ⟪role = role⟶this.role = role⟫;
    }

    pay(): number {
        if (this.role === ⟪Captain⟶Role.Captain⟫) {
            return 900;
        }
        return this.hours * 12;
    }
}

const crew: Person[] = [new Person("Ines", Role.Captain), new Person("Olaf", Role.Deckhand)];
crew[1].hours = ⟪'30'⟶30⟫;
let total = 0;
for (const person of crew) {
    total += person.pay⟪⟶()⟫;
}
console.log(`total ${total}`⟪⟶)⟫;
