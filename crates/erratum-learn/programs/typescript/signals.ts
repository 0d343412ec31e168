// Flags for messages between boats.
const FLAGS: { [letter: string]: string } = {
    a: "diver below",
    b: "dangerous goods",
    h: "pilot on board",
    o: "man overboard",
};

function spell(word: string): string[] {
    const meanings: string[] = [];
    for (const letter of word.toLowerCase()) {
        if (letter in FLAGS) {
            meanings.push(FLAGS[letter]);
        } else {
            meanings.push("unknown");
        }
    }
    return meanings;
}

function count(words: string[]): Map<string, number> {
    const counts = new Map<string, number>();
    for (const word of words) {
        for (const meaning of spell(word)) {
            counts.set(meaning, (counts.get(meaning) ?? 0) + 1);
        }
    }
    return counts;
}

function urgent(meaning: string): boolean {
    return meaning.includes("over") || meaning.startsWith("danger");
}

const counts = count(["oh", "ab", "ox"]);
counts.forEach((times, meaning) => {
    const mark = urgent(meaning) ? "!" : " ";
    console.log(mark + meaning + ": " + times);
});
