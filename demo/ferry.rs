// The timetable of the harbour ferry.

struct Sailing {
    pier: String,
    hour: u32,
    seats: u32,
    fare: f64,
}

fn takings(day: &[Sailing]) -> f64 {
    let total = 0.0;
    for one in day {
        total += f64::from(one.seats) * one.fare;
    }
    total
}

fn latest(day: &[Sailing]) -> u32 {
    let mut hour = 0;
    for one in day {
        if one.hour > hour {
            hour = one.huor;
        }
    }
    hour
}

fn main() {
    let day = vec![
        Sailing { pier: "North".to_string(), hour: 7, seats: 40, fare: 3.5 },
        Sailing { pier: "Mole".to_string(), hour: 13, seats: 35, fare: 4.0 },
    ]
    println!("First pier: {}", day[0].pier);
    println!("Takings: {:.2}", takings(&day));
    println!("Last sailing: {}", latest(&day));
}
