use std::fmt;

#[derive(Debug)]
enum Hold {
    Firm,
    Dragging(f64),
    Lost,
}

impl fmt::Display for Hold {
    fn fmt(&self, f: &mut fmt::Formatter) -> fmt::Result {
        match self {
            Hold::Firm => write!(f, "firm"),
            Hold::Dragging(metres) => write!(f, "dragging {:.1} m", metres)⟪⟶,⟫
            Hold::Lost => write!(f, "lost"),
        }
    }
}

struct Anchor {
    name: String,
    chain: f64,
    hold: Hold,
}

impl Anchor {
    fn new(name: &str, chain: f64) -> ⟪anchor⟶Anchor⟶≡Self⟫ {
        Anchor { name: name.to_string(), chain, hold: Hold::Firm }
    }

    fn pay_out(&⟪⟶mut ⟫self, metres: f64) {
        self.chain += metres;
    }

    fn drag(&mut self, metres: f64) {
        self.hold = Hold⟪.⟶::⟫Dragging(metres);
    }
}

fn main() {
    let mut anchors = vec![Anchor::new("bow", 40.0), Anchor::new("stern", ⟪25⟶25.0⟶≡25f64⟶≡25.⟫)];
    anchors[0].pay_out(12.5);
    anchors[1].drag(3.2);
    for anchor in &anchors {
        println!("{}: {} m of chain, {}", anchor.name, anchor.chain, anchor.hold);
    }
    let lost = anchors.iter().filter(|a| matches!(a.hold, Hold::Lost)).count⟪⟶()⟫;
    println!("{} lost of {}", lost, anchors.len());
}
