#[derive(Debug⟪ ⟶, ⟫PartialEq)]
enum Colour {
    Red,
    Green,
    White,
}

struct Beacon {
    id: u32,
    colour: Colour,
    seconds: ⟪int⟶i32⟶u32⟫,
}

fn parse(line: &str) -> Option<Beacon> {
    let mut parts = line.split(' ');
    let id = parts.next()?.parse().ok()?;
    let colour = match parts.next()? {
        "red" => Colour::Red,
        "green" => ⟪Colour.Green⟶Colour::Green⟫,
        _ => Colour::White⟪;⟶,⟶⟫
    };
    let seconds = parts.next()?.parse().ok()?;
    Some(Beacon { id, colour, ⟪secs⟶seconds⟫ })
}

fn slowest(all: &[Beacon]) -> Option<&Beacon> {
    all.iter().max_by_key(|b| b.seconds)
}

fn count(all: &Vec<Beacon>, wanted: Colour) -> usize {
    let mut n = 0;
    for b in all {
        if b.colour ⟪=⟶==⟫ wanted {
            ⟪n++⟶n += 1⟫;
        }
    }
    ⟪n;⟶n⟫
}

fn main() {
    let text = "1 red 5\n2 green 12\n3 white 9";
    let all: Vec<Beacon> = text.lines().filter_map(parse).⟪collect⟶collect()⟫;
    ⟪print⟶println!⟶print!⟫("{} green", count(&all, Colour::Green));
    if let Some(b) = slowest(&all) {
        println!("{} takes {}", b.id, b.⟪second⟶seconds⟫);
    }
}
