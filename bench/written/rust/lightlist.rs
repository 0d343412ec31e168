#[derive(Debug, PartialEq, Clone, Copy)]
enum Colour {
    Red,
    Green,
    White⟪;⟶,⟶≡⟫
}

#[derive(Debug)]
struct Light {
    name: String,
    colour: Colour,
    height: u32,
}

fn parse(text: &str) -> Option<Colour> {
    match text {
        "red" => Some(Colour::Red),
        "green" => Some(Colour::Green),
        "white" => Some(⟪White⟶Colour::White⟫),
        ⟪⟶_ => None,⟫
    }
}

fn tallest(lights: &[Light]) -> Option<&Light> {
    lights.iter().max_by_key(|light| light.height)
}

fn names(lights: &[Light], colour: Colour) -> Vec<String> {
    lights
        .iter()
        .filter(|light| light.colour ⟪=⟶==⟫ colour)
        .map(|light| light.name.clone())
        .⟪collect⟶collect()⟶≡collect::<Vec<String>>()⟫
}

fn main() {
    let colour = parse("red").unwrap_or(Colour::White);
    let lights = vec![
        Light { name: "Pier".to_string(), colour: colour, height: 12 },
        Light { name: "Mole".to_string(), colour: Colour::Green⟪⟶, height: 9⟶, height: 0⟫ },
    ];
    println!("{:?}", names(&lights, Colour::Red));
    if let Some(light) = tallest(&lights) {
        println!("{} is {} m", light.name, light.height);
    }
}
