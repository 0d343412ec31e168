trait Card {
    fn price(&self) -> f64;
    fn name(&self) -> String⟪⟶;⟫
}

struct Single;
struct Season {
    months: u32,
    holder: String,
}

impl Card for Single {
    fn price(&self) -> f64 {
        4.5
    }
    fn name(&self) -> String {
        ⟪"single"⟶"single".to_string()⟶"single".to_owned()⟶"single".into()⟶String::from("single")⟫
    }
}

impl Card for Season {
    fn price(⟪⟶&self⟫) -> f64 {
        38.0 * self.months as f64
    }
    fn name(&self) -> String {
        ⟪"season " + self.holder⟶format!("season {}", self.holder)⟶"season ".to_string() + &self.holder⟶"season ".to_owned() + &self.holder⟫
    }
}

fn cheapest(cards: &[Box<dyn Card>]) -> Option<⟪Card⟶&Box<dyn Card>⟶&dyn Card⟫> {
    let mut best: Option<&Box<dyn Card>> = None;
    for card in cards {
        match best {
            Some(b) if b.price() <= card.price() => {}
            _ => best = ⟪card⟶Some(card)⟫,
        }
    }
    best
}

fn main() {
    let cards: Vec<Box<dyn Card>> = ⟪[⟶vec![⟫
        Box::new(Single),
        Box::new(Season { months: 2, holder: String::from("Runa")⟪ )⟶ })⟫,
    ];
    for card in cards.iter() {
        println!("{} {:.2}", card.name(), ⟪card.price⟶card.price()⟫);
    }
    match cheapest(&cards) {
        Some(card) => println!("cheapest {}", card.name()),
        None => println!("none")⟪;⟶,⟶≡⟫
    }
}
