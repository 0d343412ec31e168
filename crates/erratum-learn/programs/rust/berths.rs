#[derive(Debug)]
struct Berth {
    number: u32,
    length: u32,
    taken: bool,
}

impl Berth {
    fn fits(&self, wanted: u32) -> bool {
        !self.taken && self.length >= wanted
    }
}

fn find_berth(berths: &mut Vec<Berth>, wanted: u32) -> Option<u32> {
    for berth in berths.iter_mut() {
        if berth.fits(wanted) {
            berth.taken = true;
            return Some(berth.number);
        }
    }
    None
}

fn main() {
    let mut berths = vec![
        Berth { number: 1, length: 20, taken: true },
        Berth { number: 2, length: 35, taken: false },
        Berth { number: 3, length: 50, taken: false },
    ];
    for wanted in [30, 40, 25] {
        match find_berth(&mut berths, wanted) {
            Some(number) => println!("{} metres go to berth {}", wanted, number),
            None => println!("no berth for {} metres", wanted),
        }
    }
    for berth in &berths {
        println!("{:?}", berth);
    }
}
