#[derive(Clone, Copy, PartialEq)]
enum Sea {
    Calm,
    Rough,
    Storm,
}

fn judge(wind: i32) -> Sea {
    if wind < 12 {
        Sea::Calm
    } else if wind < 28 {
        Sea::Rough
    } else {
        Sea::Storm
    }
}

fn advice(sea: Sea) -> &'static str {
    match sea {
        Sea::Calm => "sail",
        Sea::Rough => "sail slowly",
        Sea::Storm => "stay",
    }
}

fn main() {
    let winds = [4, 18, 31, 9];
    let mut cancelled = 0;
    for (day, wind) in winds.iter().enumerate() {
        let sea = judge(*wind);
        println!("day {}: {}", day + 1, advice(sea));
        if sea == Sea::Storm {
            cancelled += 1;
        }
    }
    println!("cancelled: {}", cancelled);
}
