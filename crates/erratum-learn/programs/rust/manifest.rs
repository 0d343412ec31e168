#[derive(Debug, Default)]
struct Manifest {
    names: Vec<String>,
    weights: Vec<u32>,
}

impl Manifest {
    pub fn add(&mut self, name: &str, weight: u32) -> &mut Self {
        self.names.push(name.to_owned());
        self.weights.push(weight);
        self
    }

    pub fn total(&self) -> u32 {
        self.weights.iter().sum()
    }

    pub fn heaviest(&self) -> Option<&String> {
        let mut best: Option<usize> = None;
        for i in 0..self.weights.len() {
            let better = match best {
                None => true,
                Some(b) => self.weights[i] > self.weights[b],
            };
            if better {
                best = Some(i);
            }
        }
        best.map(|index| &self.names[index])
    }

    pub fn longest_name<'a>(&'a self, other: &'a str) -> &'a str {
        let mut longest = other;
        for name in &self.names {
            if name.len() > longest.len() {
                longest = name;
            }
        }
        longest
    }
}

fn words(line: &str) -> usize {
    let mut inside = false;
    let mut count = 0;
    for c in line.chars() {
        if c == ' ' {
            inside = false;
        } else if !inside {
            inside = true;
            count += 1;
        }
    }
    count
}

fn trips(mut weight: u32, limit: u32) -> u32 {
    let mut trips = 0;
    loop {
        trips += 1;
        if weight <= limit {
            break;
        }
        weight -= limit;
    }
    trips
}

fn main() {
    let mut manifest = Manifest::default();
    manifest.add("piano", 340).add("sacks of mail", 75);
    manifest.add("lamp oil", 120);
    println!("{} kg in {} trips", manifest.total(), trips(manifest.total(), 200));
    if let Some(name) = manifest.heaviest() {
        println!("heaviest: {}", name);
    }
    let longest = manifest.longest_name("a crate");
    println!("{} has {} words", longest, words(longest));
}
