use std::collections::BTreeMap;

#[derive(Debug, Clone)]
struct Crate {
    label: String,
    weight: u32,
    fragile: bool⟪;⟶,⟫
}

trait Store {
    fn put(&mut self, item: Crate) -> Result<(), String>;
    fn weight(&self) -> u32;
}

struct Hold {
    limit: u32,
    items: Vec<Crate>,
}

impl Store for Hold {
    fn put(&mut self, item: Crate) -> Result<(), String> {
        if self.weight() + item.weight > self.limit {
            ⟪Err(⟶return Err(⟫format!("{} does not fit", item.label));
        }
        self.items.push(item);
        Ok(⟪⟶()⟫)
    }

    fn weight(&self) -> u32 {
        ⟪items⟶self.items⟫.iter().map(|c| c.weight).sum()
    }
}

fn by_first_letter(items: &⟪[Crate⟶[Crate]⟫) -> BTreeMap<char, Vec<String>> {
    let ⟪⟶mut ⟫found: BTreeMap<char, Vec<String>> = BTreeMap::new();
    for item in items {
        if let Some(letter) = item.label.chars().next() {
            found.entry(letter).or_default().push(⟪item.label⟶item.label.clone()⟫);
        }
    }
    found
}

fn main() {
    let mut hold = Hold { limit: 100, items: ⟪Vec.new()⟶Vec::new()⟫ };
    for (label, weight) in [("lamps", 30), ("ropes", 45), ("lead", 60)] {
        let item = Crate { label: label.to_string(), weight, fragile: false };
        if let Err(why) = hold.put(item) {
            println!("{why}");
        }
    }
    println!("{} kg", ⟪hold.weight⟶hold.weight()⟫);
    for (letter, labels) in by_first_letter(&hold.items) {
        println!("{letter}: {}", labels.join(", "));
    }
    println!("{}", hold.items.iter().any(|c| c.fragile));
}
