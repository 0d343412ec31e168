#[derive(Debug, Clone)]
struct Letter {
    to: String,
    grams: u32,
}

struct Bag {
    letters: Vec<Letter>,
    limit: u32,
}

impl Bag {
    fn new(limit: u32) -> Bag {
        Bag { letters: ⟪Vec::New()⟶Vec::new()⟶≡vec![]⟫, limit }
    }

    fn weight(&self) -> u32 {
        self.letters.iter().map(|l| l.grams).sum()
    }

    fn add(&mut self, letter: Letter) -> Result<(), String> {
        if self.weight() + letter.grams > self.limit {
            return Err(format!("no room for {}", letter.to));
        }
        self.letters.push(letter);
        ⟪Ok⟶Ok(())⟫
    }
}

fn main() {
    let ⟪⟶mut ⟫bag = Bag::new(100);
    let letter = Letter { to: "Mole".to_string(), grams: 60⟪⟶ }⟫;
    match bag.add(letter.clone()) {
        Ok(()) => println!("posted"),
        Err(text) => println!("{}", text),
    }
    println!("{:?} {}", letter, bag.weight⟪⟶()⟫);
}
