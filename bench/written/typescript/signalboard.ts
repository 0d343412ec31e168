type Color = "red" | "amber" | "green";

interface Signal {
  track: number;
  color: Color;
  note?: string;
}

function make(track: number, color: Color): Signal {
  return { track, color };
}

function change(signal: Signal, color: ⟪string⟶Color⟫): Signal {
  return { ...signal, color };
}

function noteLength(signal: Signal): number {
  return ⟪signal.note.length⟶signal.note?.length ?? 0⟶signal.note!.length⟶signal.note ? signal.note.length : 0⟫;
}

const board: Record<number, Signal> = {};
board[1] = make(1, "red");
board[2] = make(2, ⟪"yellow"⟶"amber"⟶"green"⟶"red"⟫);

function allGreen(): boolean {
  return Object.values(board).every(s ⟪=⟶=>⟫ s.color === "green");
}

function show(): string⟪[]⟶⟫ {
  const lines = Object.values(board).map(s => `${s.track}: ${s.color}`);
  return lines.join("\n");
}

board[1] = change(board[1], "green");
console.log(show());
console.log(allGreen() ? "go" ⟪,⟶:⟫ "wait");
console.log(noteLength(board[1]));
