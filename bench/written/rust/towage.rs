use std::rc::Rc;
use std::cell::RefCell;

#[derive(Debug)]
struct Tug {
    name: String,
    jobs: u32,
}

struct Job {
    tug: Rc<RefCell<Tug>>,
    ship: String,
    hours: f32,
}

fn charge(job: &Job) -> f32 {
    let ⟪rate = 120⟶rate = 120.0⟶rate: f32 = 120.0⟫;
    job.hours * rate
}

fn assign(tug: &Rc<RefCell<Tug>>, ship: &str, hours: f32) -> Job {
    tug.borrow_mut().jobs += 1;
    Job { tug: ⟪tug⟶Rc::clone(tug)⟶≡tug.clone()⟫, ship: ship.to_string(), hours }
}

fn main() {
    let heron = Rc::new(RefCell::new(Tug { name: ⟪'Heron'⟶"Heron"⟫.to_string(), jobs: 0 }));
    let jobs = vec![
        assign(&heron, "Alba", 2.5),
        assign(&heron, "Brisa", 1.0),
    ];
    let mut sum⟪ = 0⟶ = 0.0⟶: f32 = 0.0⟫;
    for job in &jobs {
        println!("{} tows {} for {:.2}", job.tug.borrow().name, job.ship, charge(⟪*job⟶job⟶≡&job⟫));
        sum += charge(job);
    }
    println!("{:.2} for {} jobs", sum, heron.borrow().jobs);
    let spare = ⟪Heron⟶heron⟫.borrow();
    println!("{:?}", spare);
}
