interface Field {
  label: string;
  required: boolean;
  value?: string;
}

type Check = (field: Field) => string | null;

const notEmpty: Check = field ⟪{⟶=> {⟫
  if (field.required && !field.value) {
    return `${field.label} is missing`;
  }
  return null;
};

const short: Check = (field) => ⟪field.value.length⟶field.value && field.value.length⟶field.value!.length⟶(field.value ?? "").length⟫ > 20 ? "too long" : null;

function run(fields: Field[], checks: Check[]): string[] {
  const problems: string[] = ⟪{}⟶[]⟫;
  for (const field of fields) {
    for (const check of checks) {
      const problem = check(field);
      if (problem != null ⟪⟶&& ⟫problem.length > 0) {
        problems.push(problem);
      }
    }
  }
  return ⟪problem⟶problems⟫;
}

function fill(fields: Field[], values: Record<string, string>): void {
  fields.forEach((field) => {
    field.value = values[field⟪⟶.label⟫];
  });
}

const form: Field[] = [
  { label: "Berth", required: true },
  { label: "Nights", required: ⟪"yes"⟶true⟫ },
  { label: "Remarks"⟪⟶, required: false⟶, required: true⟫ },
];

fill(form, { Berth: "B4", Nights: ⟪3⟶"3"⟫ });
const found = run(form, ⟪notEmpty, short⟶[notEmpty, short]⟫);
console.log(found.length ⟪=⟶===⟶==⟫ 0 ? "ready" : found);
