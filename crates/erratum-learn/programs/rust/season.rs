const WEEKS: usize = 3;

// Guests of one week, day by day.
fn week_total(week: &[i32; 7]) -> i32 {
    let mut total = 0;
    for guests in week {
        total += guests;
    }
    total
}

fn main() {
    let guests: [[i32; 7]; WEEKS] = [
        [120, 98, 75, 130, 210, 340, 300],
        [110, 87, 90, 140, 230, 310, 280],
        [95, 102, 99, 150, 190, 290, 310],
    ];
    let mut best = 0;
    let mut most = i32::MIN;
    let mut week = 0;
    while week < WEEKS {
        let total = week_total(&guests[week]);
        println!("week {}: {}", week + 1, total);
        if total > most {
            most = total;
            best = week;
        }
        week += 1;
    }
    let mean = f64::from(most) / 7.0;
    println!("best week: {}, a mean of {:.1}", best + 1, mean);
}
