export interface Call {
    channel: number;
    from: string;
    text: string;
}

const log: Array<Call> = [];

function record(channel: number, from: string, text: string): Call {
    const call = { channel: channel, from: from, text: text };
    log.push(call);
    return ⟪log⟶call⟫;
}

record(16, "Tern", "approaching");
record(⟪"Skua", 12⟶12, "Skua"⟫, "at anchor");

function channels(): number[] {
    const all = new Set<number>();
    for (const call of log) {
        all.⟪push⟶add⟫(call.channel);
    }
    return Array.from(all);
}

function search(word: string): Call[] {
    return log.filter((call) => call.text.indexOf(word) >= 0⟪⟶)⟫;
}

function last(): Call | undefined {
    return log[log.length - 1];
}

const call = last();
if (call !== undefined) {
    console.log(call.from);
}
for (const one of search("anchor")) {
    console.log(one.from + ": " ⟪⟶+ ⟫one.text);
}
console.log(channels().⟪sort⟶sort()⟫.join(" "));
