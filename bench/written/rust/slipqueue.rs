#[derive(Debug)]
struct Boat {
    name: String,
    days: u32,
}

fn total(boats: ⟪Vec<Boat>⟶&[Boat]⟶&Vec<Boat>⟫) -> u32 {
    boats.iter().map(|b| b.days).sum()
}

fn longest(boats: &[Boat]) -> ⟪&str⟶Option<&Boat>⟫ {
    boats.iter().max_by_key(|b| b.days)
}

fn rename(boat: ⟪&Boat⟶&mut Boat⟫, name: &str) {
    boat.name = name⟪⟶.to_string()⟶.to_owned()⟶.into()⟫;
}

fn price(days: u32) -> f64 {
    days⟪ ⟶ as f64 ⟫* 4.5
}

fn main() {
    let ⟪⟶mut ⟫boats = vec![
        Boat { name: "Coracle".to_string(), days: 3 },
        Boat { name: "Wherry".to_string(), days: 9 },
    ];
    rename(&mut boats[0], "Skiff");
    let sum = total(&boats);
    println!("{} days, {}", sum, price(sum));
    match longest(&boats) {
        Some(boat) => println!("{:?}", boat),
    ⟪⟶    None => println!("none"),
    ⟶    None => {}
    ⟫}
    let first: ⟪Boat⟶&Boat⟫ = ⟪boats[0]⟶&boats[0]⟫;
    println!("{}", first.name);
}
