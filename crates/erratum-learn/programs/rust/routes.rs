mod geometry {
    #[derive(Debug, Clone, Copy)]
    pub struct Point {
        pub x: f64,
        pub y: f64,
    }

    impl Point {
        pub fn distance(&self, other: &Point) -> f64 {
            let dx = self.x - other.x;
            let dy = self.y - other.y;
            (dx * dx + dy * dy).sqrt()
        }
    }

    pub fn length(points: &[Point]) -> f64 {
        points.windows(2).map(|pair| pair[0].distance(&pair[1])).sum()
    }
}

use geometry::{Point, length};

struct Route<'a> {
    name: &'a str,
    points: Vec<Point>,
}

impl<'a> Route<'a> {
    fn new(name: &'a str) -> Route<'a> {
        Route { name, points: vec![] }
    }

    fn via(mut self, x: f64, y: f64) -> Route<'a> {
        self.points.push(Point { x, y });
        self
    }

    fn miles(&self) -> f64 {
        length(&self.points)
    }
}

fn stops(n: u64) -> u64 {
    match n {
        0 | 1 => 1,
        _ => stops(n - 1) + stops(n - 2),
    }
}

fn main() {
    let north = Route::new("north").via(0.0, 0.0).via(3.0, 4.0).via(3.0, 9.0);
    let south = Route::new("south").via(0.0, 0.0).via(-6.0, -8.0);
    let mut routes = vec![north, south];
    routes.sort_by(|a, b| a.miles().partial_cmp(&b.miles()).unwrap());
    for route in &routes {
        println!("{:<8}{:>6.1} miles", route.name, route.miles());
    }
    let names: Vec<String> = routes.iter().map(|route| route.name.to_uppercase()).collect();
    println!("{}", names.join(", "));
    let (a, b) = (stops(5), stops(6));
    println!("stops: {a} and {b}");
    let hours = routes.iter().map(Route::miles).fold(0.0, |sum, miles| sum + miles / 10.0);
    println!("{:.2} hours at ten knots", hours);
}
