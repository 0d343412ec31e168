trait Stored {
    fn label(&self) -> String;
    fn size(&self) -> u32⟪⟶;⟫
}

struct Rope {
    metres: u32,
}

struct Buoy {
    color: String,
}

impl Stored for Rope {
    fn label(&self) -> String {
        format!("rope {}", ⟪metres⟶self.metres⟫)
    }
    fn size(&self) -> u32 {
        self.metres / 10
    }
}

impl Stored for Buoy {
    fn label(&self) -> ⟪str⟶String⟫ {
        self.color.clone()
    }
    fn size(⟪⟶&self⟫) -> u32 {
        5
    }
}

fn total(items: &[Box<dyn Stored>]) -> u32 {
    items.iter().map(|i| i.size()).sum()⟪;⟶⟫
}

fn main() {
    let items: Vec<Box<dyn Stored>> = vec![
        Box::new(Rope { metres: 40 }),
        Box::new(Buoy { color: "red".to_string() }⟪⟶)⟫,
    ];
    println!("{}", total(⟪items⟶&items⟫));
    for item in items.iter() {
        println!("{}", item.⟪Label⟶label⟫());
    }
    let big = items.iter().any(|i| i.size() > ⟪4.0⟶4⟫);
    println!("{}", big);
}
