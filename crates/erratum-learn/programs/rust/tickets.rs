struct Ticket {
    name: String,
    seats: u32,
    price: f64,
}

fn new_ticket(name: &str, seats: u32, price: f64) -> Ticket {
    Ticket {
        name: name.to_string(),
        seats,
        price,
    }
}

fn total_price(tickets: &[Ticket]) -> f64 {
    let mut sum = 0.0;
    for ticket in tickets {
        sum += ticket.seats as f64 * ticket.price;
    }
    sum
}

fn seats_of(tickets: &[Ticket], name: &str) -> u32 {
    let mut seats = 0;
    for ticket in tickets {
        if ticket.name == name {
            seats += ticket.seats;
        }
    }
    seats
}

fn main() {
    let mut tickets = Vec::new();
    tickets.push(new_ticket("Marlow", 2, 3.5));
    tickets.push(new_ticket("Okoye", 4, 3.5));
    tickets.push(new_ticket("Marlow", 1, 5.0));
    println!("sold for {}", total_price(&tickets));
    let seats = seats_of(&tickets, "Marlow");
    if seats > 2 {
        println!("Marlow has a group of {}", seats);
    } else {
        println!("Marlow has {} seats", seats);
    }
}
