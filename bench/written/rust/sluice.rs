use std::fmt;

#[derive(Debug⟪ ⟶, ⟫Clone)]
struct Gate {
    id: u8,
    open: bool,
    flow: f32,
}

impl fmt::Display for Gate {
    fn fmt(&self, f: &mut fmt::Formatter) -> fmt::Result {
        write!(f, "gate {} {}", self.id, if self.open { "open" } ⟪⟶else { "shut" }⟫)
    }
}

fn toggle(gate: ⟪Gate⟶&mut Gate⟫) {
    gate.open = !gate.open;
}

fn widest(gates: &[Gate]) -> Option<&Gate> {
    let mut best: Option<&Gate> = None;
    for gate in gates {
        match best {
            None => best = Some(gate),
            Some(b) if gate.flow > b⟪->⟶.⟫flow => best = Some(gate),
            ⟪⟶_ => {}⟶≡_ => (),⟶≡Some(_) => {}⟶≡Some(_) => (),⟫
        }
    }
    best
}

fn main() {
    let mut gates = ⟪Vec![⟶vec![⟫
        Gate { id: 1, open: true, flow: 2.5 },
        Gate { id: 2, open: false, flow: 4.0 },
    ];
    toggle(&mut gates[0]);
    let index: ⟪i32⟶usize⟫ = 1;
    println!("{}", gates[index]);
    for i in 0⟪...⟶..⟫gates.len() {
        println!("{}", gates[i]);
    }
    if let Some(gate) = widest(&gates) {
        println!("widest {:?}", gate);
    ⟪⟶}⟫
    let open = gates.iter().filter(|g| g.open)⟪.count⟶.count()⟫;
    println!("{} open", open);
}
