#[derive(Debug, Clone, Copy)]
struct Point {
    east: i32,
    north: i32,
}

impl Point {
    fn distance(⟪⟶&self, ⟫other: &Point) -> f64 {
        let east = (self.east - other.east) as f64;
        let north = (self.north - other.north) as f64;
        (east * east + north * north).sqrt()
    }
}

fn longest_leg(route: &Vec<Point>) -> f64 {
    let mut longest = 0.0;
    for i in 1..route.⟪length⟶len⟫() {
        let leg = route[i - 1].distance(&route[i]);
        if leg > longest {
            longest = leg;
        }
    }
    longest
}

fn total(route: &Vec<Point>) -> f64 {
    route.windows(2).map(|pair| pair[0].distance(&pair[1])).⟪sum⟶sum()⟶≡sum::<f64>()⟫
}

fn main() {
    let route = vec![
        Point { east: 0, north: 0 },
        Point { east: 30, north: 40 }⟪⟶,⟫
        Point { east: 90, north: 120 },
    ];
    println!("longest leg {:.1}", longest_leg(&route));
    println!("in all {:.1}", total(&route));
    let turned: Vec<Point> = route.iter().rev().cloned().collect();
    println!("home from {:?}", turned⟪(0)⟶[0]⟫);
}
