use std::collections::VecDeque;

#[derive(Debug, Clone, Copy)]
enum Kind {
    Car,
    Lorry,
    Bicycle,
}

impl Kind {
    fn length(⟪⟶&self⟶self⟫) -> f32 {
        match self {
            Kind::Car => ⟪5⟶5.0⟫,
            Kind::Lorry => 12.0,
            Kind::Bicycle => 2.0⟪;⟶,⟫
        }
    }
}

struct Lane<'a> {
    name: ⟪&str⟶&'a str⟫,
    waiting: VecDeque<Kind>,
}

trait Priced {
    fn price(&self) -> u32;
}

impl Priced for Kind {
    fn price(&self) -> u32 {
        if matches!(self, Kind::Bicycle) {
            return 3;
        } else {
            18
        }
    }
}

impl Lane<'_> {
    fn total(&self) -> f32 {
        let mut sum = 0.0;
        for kind in self.waiting.iter() {
            sum += kind.length();
        }
        sum
    }

    fn next(&mut self) -> Option<Kind> {
        self.waiting.⟪pop⟶pop_front⟶pop_back⟫()
    }
}

fn earnings(items: &[Kind]) -> u32 {
    items.iter().map(|k| ⟪k.price⟶k.price()⟫).sum()
}

fn main() {
    let kinds = vec![Kind::Car, Kind::Lorry, Kind::Bicycle];
    let mut lane = Lane { name: "two", waiting: VecDeque::from(kinds.clone()⟪⟶)⟫ };
    println!("{} {:.1}", lane.name⟪()⟶⟫, lane.total());
    while let Some(kind) = lane.next() ⟪do ⟶⟫{
        println!("{:?}", kind);
    }
    let earned: ⟪int⟶u32⟫ = earnings(&kinds);
    println!("earned {}", earned);
}
