struct Order {
    pier: String,
    seats: u32,
}

fn parse_line(line: &str) -> Result<Order, String> {
    let mut parts = line.split(',');
    let pier = match parts.next() {
        Some(pier) => pier.trim().to_string(),
        None => return Err(String::from("no pier")),
    };
    let seats = match parts.next() {
        Some(text) => text.trim(),
        None => return Err(format!("no seats for {}", pier)),
    };
    let seats: u32 = seats.parse().map_err(|_| format!("'{}' is no number", seats))?;
    Ok(Order { pier, seats })
}

fn main() {
    let lines = ["North, 4", "Mole", "Mole, two", "North, 2"];
    let mut orders: Vec<Order> = Vec::new();
    let mut refused = 0;
    for line in lines {
        match parse_line(line) {
            Ok(order) => orders.push(order),
            Err(reason) => {
                println!("refused: {}", reason);
                refused += 1;
            }
        }
    }
    let seats: u32 = orders.iter().map(|order| order.seats).sum();
    let north = orders.iter().filter(|order| order.pier == "North").count();
    println!("{} seats, {} orders from North, {} refused", seats, north, refused);
}
