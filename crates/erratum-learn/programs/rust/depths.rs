const STATIONS: usize = 4;

type Day = [i32; STATIONS];

fn mean(values: &[i32]) -> Option<f64> {
    if values.is_empty() {
        None
    } else {
        let sum: i32 = values.iter().sum();
        Some(sum as f64 / values.len() as f64)
    }
}

fn deviation(values: &[i32]) -> f64 {
    let m = match mean(values) {
        Some(m) => m,
        None => return 0.0,
    };
    let squares: f64 = values.iter().map(|v| (*v as f64 - m).powi(2)).sum();
    (squares / values.len() as f64).sqrt()
}

fn column(days: &[Day], station: usize) -> Vec<i32> {
    days.iter().map(|day| day[station]).collect()
}

fn largest<T: PartialOrd + Copy>(values: &[T]) -> T {
    let mut best = values[0];
    for &value in values {
        if value > best {
            best = value;
        }
    }
    best
}

fn main() {
    let days: [Day; 3] = [[31, 28, 40, 22], [33, 27, 41, 20], [30, 26, 43, 19]];
    let mut shallow = 0;

    for (number, day) in days.iter().enumerate() {
        println!("day {}: deviation {:.2}", number + 1, deviation(day));
    }
    for station in 0..STATIONS {
        let values = column(&days, station);
        let average = mean(&values).unwrap_or(0.0);
        if average < 25.0 {
            shallow += 1;
        } else if values[0] > values[2] {
            println!("station {} silts up, now {}", station, values[2]);
        }
        println!("deepest at {}: {}", station, largest(&values));
    }
    let report = if shallow == 0 { "all deep".to_string() } else { format!("{} shallow", shallow) };
    println!("{report}");
}
