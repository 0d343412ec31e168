use std::collections::VecDeque;

struct Lane {
    places: usize,
    waiting: VecDeque<u32>,
}

impl Lane {
    fn new(places: usize) -> Self {
        Lane { places, waiting: VecDeque::new() }
    }

    fn join(&mut self, cars: u32) -> Result<(), String> {
        if self.waiting.len() >= self.places {
            return Err("the lane is full".to_string());
        }
        self.waiting.push_back(cars);
        Ok(())
    }

    fn board(&mut self, room: u32) -> u32 {
        let mut boarded = 0;
        while let Some(cars) = self.waiting.pop_front() {
            if boarded + cars > room {
                break;
            }
            boarded += cars;
        }
        boarded
    }
}

fn main() {
    let mut lane = Lane::new(3);
    for cars in 2..8 {
        if let Err(problem) = lane.join(cars) {
            println!("group of {}: {}", cars, problem);
        }
    }
    let boarded = lane.board(6);
    println!("{} cars are on board", boarded);
}
