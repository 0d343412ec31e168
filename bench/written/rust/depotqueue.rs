use std::collections::VecDeque;

#[derive(Debug)]
enum Job {
    Load(u32),
    Wash,
}

struct Depot {
    queue: VecDeque<Job>,
    done: usize,
}

impl Depot {
    fn new() -> Self {
        Depot { queue: VecDeque::new()⟪⟶, done: 0⟫ }
    }

    fn add(&mut self, job: Job)⟪;⟶⟫ {
        self.queue.push_back(job);
    }

    fn step(&mut self) -> Option<Job> {
        let job = self.queue.pop_front()⟪⟶?⟫;
        match job {
            Job::Load(n) if n > 3 => self.done += ⟪n⟶n as usize⟫,
            Job::Load(_) => self.done += 1,
            Job::Wash ⟪=⟶=> ⟫{}
        }
        Some(job)
    }
}

fn total(jobs: &[Job]) -> u32 {
    jobs.iter().map(|job| match job {
        Job::Load(n) => ⟪n⟶*n⟫,
        Job::Wash => 0,
    }).sum()
}

fn main() {
    let mut depot = ⟪Depot.new()⟶Depot::new()⟫;
    depot.add(Job::Load(4));
    depot.add(⟪Wash⟶Job::Wash⟫);
    while let ⟪job⟶Some(job)⟫ = depot.step() {
        println!("{:?}", job);
    }
    println!("{} {}", depot.done, total(&[Job::Load(2)⟪⟶]⟫));
}
