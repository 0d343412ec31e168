interface Port {
  name: string;
  berths: number;
  open?: boolean;
}

const ports: Record<string, Port> = {
  mole: { name: "Mole", berths: 4 },
  bar: { name: "Bar", berths: 2, open: ⟪"true"⟶true⟫ },
};

function free(port: Port, used: number): number {
  if (used > port.berths) {
    throw ⟪⟶new ⟫Error("too many");
  }
  return port.berths - used;
}

function isOpen(port: Port): boolean {
  return port.open ?? ⟪True⟶true⟫;
}

const names = Object.keys(ports).map((key) => ports[key].⟪title⟶name⟫);

for (const key of Object.keys(ports)) {
  const port = ports[key];
  if (isOpen(port)⟪⟶)⟫ {
    console.log(port.name, free(port, 1));
  }
}

let total = 0;
Object.values(ports).forEach((p) ⟪=⟶=>⟫ {
  total += p.berths;
});
const text: string = ⟪total⟶String(total)⟶≡total.toString()⟶≡`${total}`⟫;
console.log(text, names.join(", "));
