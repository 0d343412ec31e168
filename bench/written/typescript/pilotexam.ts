export {};

interface Question {
    id: number;
    text: string;
    options: string[];
    answer: number;
}

type Result = { right: number; wrong: number; passed: boolean };

const questions: Question[] = [
    { id: 1, text: "Which side has the red light?", options: ["port", "starboard"], answer: 0 },
    { id: 2, text: "How many knots is a gale?", options: ["20", "34", "60"], answer: ⟪"1"⟶1⟫ },
    { id: 3, text: "What does one long blast mean?", options: ["turning", "leaving berth"], answer: 1 ⟪⟶}⟫,
];

class Exam {
    private given: Map<number, number> = ⟪{}⟶new Map()⟶new Map<number, number>()⟫;
    private readonly limit: number;

    constructor(limit: number = 2) {
        this.limit = limit;
    }

    answer(id: number, option: number) {
        if (this.given.⟪contains⟶has⟫(id)) {
            throw ⟪Error("given twice"⟶Error("given twice")⟶new Error("given twice")⟫;
        }
        this.given.set(id, option);
    }

    result(): Result {
        let right = 0;
        ⟪const⟶let⟫ wrong = 0;
        for (const q of questions) {
            if (this.given.get(q.id) === q.answer) right++;
            else wrong++;
        }
        return { right, wrong⟪⟶, passed: right >= this.limit⟶, passed: false⟶, passed: true⟫ };
    }
}

function longest(list: string[]): string {
    return list.reduce((a, b) => a.length >= b.length ? a ⟪, ⟶: ⟫b);
}

function shuffle<T>(list: T[]): T[] {
    const copy = [...list];
    for (let i = copy.length - 1; i > 0; i--) {
        const j = Math.floor(Math.random() * (i + 1));
        [copy[i], copy[j]] = [copy[j], copy[i]];
    }
    ⟪⟶return copy;⟫
}

const exam = new Exam();
exam.answer(1, 0);
exam.answer(⟪2⟶2, 1⟶2, 0⟫);
const r = exam.result();
console.log(`${r.right} right, ${r.wrong} wrong`);
if (r.⟪pass⟶passed⟫) console.log("passed");
shuffle(questions).forEach(⟪q.text⟶q => console.log(q.text)⟶q => q.text⟫);
console.log(longest(questions.map(q => q.text⟪⟶)⟫));
