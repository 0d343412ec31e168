use std::fmt;

trait Paid {
    fn wage(&self) -> f64;
    fn bonus(&self) -> f64 {
        0.0
    }
}

struct Cook {
    hours: u32,
}

struct Mate {
    hours: u32,
    nights: u32,
}

impl Paid for Cook {
    fn wage(⟪⟶&self⟫) -> f64 {
        self.hours as f64 * 12.5
    }
}

impl ⟪Mate for Paid⟶Paid for Mate⟫ {
    fn wage(&self) -> f64 {
        ⟪self.hours⟶self.hours as f64⟶f64::from(self.hours)⟫ * 16.0 + self.bonus()
    }
    fn bonus(&self) -> f64 {
        self.nights as f64 * ⟪5⟶5.0⟶5.⟫
    }
}

impl fmt::Display for Mate {
    fn fmt(&self, f: &mut fmt::Formatter) -> fmt::Result {
        write!(⟪"mate, {} h"⟶f, "mate, {} h"⟫, self.hours)
    }
}

fn total(crew: &[⟪Paid⟶Box<dyn Paid>⟶Box<Paid>⟫]) -> f64 {
    let mut sum = 0.0;
    for member in crew {
        sum += member.wage();
    }
    sum
}

fn longest(hours: &[u32]) -> Option<u32> {
    if hours.is_empty() {
        ⟪None⟶return None;⟶return None⟫
    }
    let mut best = hours[0];
    for h in hours {
        if *h > best {
            best = ⟪h⟶*h⟫;
        }
    }
    Some(best)
}

fn main() {
    let mate = Mate { hours: 40, nights: 3 };
    println!("{}", mate);
    let hours = ⟪vec[⟶vec![⟫40, 32];
    match longest(&hours) {
        Some(h) => println!("longest {}", h),
        ⟪⟶None => println!("none"),⟶None => {}⟶None => (),⟶_ => {}⟫
    }
    let crew: Vec<Box<dyn Paid>> = vec![Box::new(Cook { hours: 32⟪⟶ }⟫), Box::new(mate)];
    println!("{:.2}", total(⟪crew⟶&crew⟫));
}
