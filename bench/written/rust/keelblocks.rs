struct Block {
    id: u32,
    height: i32,
}

struct Dock {
    blocks: Vec<Block>,
    length: u32,
}

impl Dock {
    fn tallest(&self) -> Option<&Block> {
        self.blocks.iter().max_by_key(|b| b.⟪hight⟶height⟫)
    }

    fn level(&mut self, to: i32) {
        for b in ⟪self.blocks⟶&mut self.blocks⟶self.blocks.iter_mut()⟫ {
            b.height = to;
        }
    }

    fn spare(&self) -> u32 {
        self.length - self.blocks.len()⟪⟶ as u32⟫
    }
}

fn parse(line: &str) -> Option<Block> {
    let mut parts = line.split(',');
    let id = parts.next()?.trim().parse().ok()?;
    let height = parts.next()⟪⟶?⟫.trim().parse().ok()?;
    Some(Block { id⟪;⟶,⟫ height })
}

fn report(dock: &Dock) -> String {
    let mut text = String::new();
    for block in &dock.blocks {
        text⟪ + ⟶.push_str(⟫&format!("{}:{} ", block.id, block.height)⟪⟶)⟫;
    }
    text
}

fn main() {
    let lines = ["1, 40", "2, 38", "x"];
    let mut dock = Dock { blocks: Vec::new(), ⟪⟶length: ⟫12 };
    for line in lines {
        if let ⟪Some block⟶Some(block)⟫ = parse(line) {
            dock.blocks.push(block);
        }
    }
    if let Some(b) = dock.tallest() {
        println!("tallest {}", b.id);
    }
    dock.level(36);
    println!("{}", report(⟪dock⟶&dock⟫));
    println!("{} spare", dock.spare());
}
