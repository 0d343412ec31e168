mod nets {
    pub struct Net {
        pub mesh: f32,
        ⟪length⟶pub length⟫: f32,
    }

    impl Net {
        pub fn area(&self) -> f32 {
            self.mesh * self.length
        }
        ⟪fn⟶pub fn⟫ torn(&self) -> bool {
            self.length < 1.0
        }
    }
}

use nets::Net;
use std::fmt::Display;

trait Priced {
    fn price(&self) -> f32;
    fn label(&self) -> String {
        format!("{:.2}", self.price())
    }
}

impl Priced for Net {
    fn price(⟪⟶&self⟫) -> f32 {
        self.area() * 0.5
    }
}

fn show_all<T: Display>(items: &[T]) {
    for (i, item) in items.iter()⟪⟶.enumerate()⟫ {
        println!("{}: {}", i, item);
    }
}

fn cheapest<'a>(nets: &'a [Net]) -> Option<&'a Net> {
    nets.iter().min_by(|a, b| a.price().partial_cmp(&b.price())⟪⟶.unwrap()⟫)
}

fn repair(net: ⟪&Net⟶&mut Net⟫, metres: f32) {
    net.length += metres;
}

fn sum(nets: &Vec<Net>) -> f32 {
    let ⟪⟶mut ⟫total = 0.0;
    for n in nets {
        total += n.price();
    }
    total
}

fn main() {
    let mut nets = vec![
        Net { mesh: 0.2, length: 30.0 },
        Net { mesh: 0.1, length: ⟪12⟶12.0⟫ },
    ];
    repair(&mut nets[1], 3.5);
    let labels: Vec<String> = nets.iter().map(⟪Net.label⟶|n| n.label()⟶Net::label⟶Priced::label⟫).collect();
    show_all(⟪labels⟶&labels⟫);
    if let Some(n) = cheapest(&nets) {
        println!("cheapest {:.1} m, torn: {}", n.length, n.torn());
    ⟪⟶}⟫
    let count: i32 = ⟪nets.len()⟶nets.len() as i32⟫;
    println!("{} nets for {:.2}", count, sum(&nets));
}
