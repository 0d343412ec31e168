const OPENS⟪⟶: u32⟶: i32⟶: u64⟶: usize⟫ = 6;

#[derive(Debug, PartialEq)]
enum Tide {
    High,
    Low,
    Slack⟪;⟶,⟶≡⟫
}

struct Berth {
    id: u32⟪;⟶,⟫
    tides: Vec<Tide>,
}

impl Berth {
    fn highs(&self) -> usize {
        let ⟪⟶mut ⟫n = 0;
        for i in 0..self.tides.len() {
            match self.tides[i] {
                Tide::High => n += 1,
                ⟪default⟶_⟫ => {}
            }
        }
        n⟪;⟶⟫
    }

    fn open_at(&self, hour: u32) -> bool {
        ⟪if hour >= OPENS then⟶if hour >= OPENS⟫ {
            return true;
        } ⟪elif⟶else if⟫ hour == 0 {
            return self.tides.contains(&⟪Slack⟶Tide::Slack⟫);
        }
        false
    }
}

fn main() {
    let berth = Berth { id: 4, tides: vec⟪(Tide::High, Tide::Low)⟶![Tide::High, Tide::Low]⟶!(Tide::High, Tide::Low)⟫ };
    let mut hour = 5;
    while hour < 9 {
        println!("{} {}", hour, berth.open_at(hour));
        hour⟪++⟶ += 1⟫;
    }
    let label = if berth.highs() > 0 { "high" } else { "low" }⟪⟶;⟫
    println!("berth {} is {}"⟪ % ⟶, ⟫berth.id, label);
}
