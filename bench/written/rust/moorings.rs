use std::collections::BTreeMap;

#[derive(Debug⟪⟶, Clone, Copy, PartialEq⟶, PartialEq, Clone, Copy⟫)]
enum State {
    Free,
    Taken,
    Closed,
}

struct Mooring {
    id: u32,
    state: State,
    owner: Option<String>,
}

struct Harbour {
    moorings: BTreeMap<u32, Mooring>,
}

impl Harbour {
    fn new(count: u32) -> Harbour {
        let mut moorings = BTreeMap::new();
        for id in 1..=count {
            moorings.insert(id, Mooring { id, state: State::Free, owner: ⟪Null⟶None⟫ });
        }
        Harbour { moorings }
    }

    fn take(&mut self, id: u32, owner: &str) -> Result<(), String> {
        let mooring = self.moorings.get_mut(&id).⟪ok_or_else⟶ok_or⟫("no such mooring".to_string())?;
        if mooring.state != State::Free {
            return Err(⟪"not free"⟶"not free".to_string()⟶"not free".into()⟶String::from("not free")⟫);
        }
        mooring.state = State::Taken;
        mooring.owner = Some(⟪owner⟶owner.to_string()⟶owner.into()⟶String::from(owner)⟶owner.to_owned()⟫);
        Ok⟪⟶(())⟫
    }

    fn free(&self) -> Vec<u32> {
        self.moorings.values().filter(|m| m.state == State::Free).map(|m| ⟪m->id⟶m.id⟫).collect()
    }

    fn owners(&self) -> Vec<&str> {
        self.moorings.values().filter_map(|m| m.owner⟪⟶.as_deref()⟫).collect()
    }
}

fn describe(state: State) -> &'static str {
    match state {
        State::Free => "free",
        State::Taken => "taken"⟪;⟶,⟫
        State::Closed => "closed",
    }
}

fn main() {
    let ⟪harbour⟶mut harbour⟫ = Harbour::new(3);
    if let Err(e) = harbour.take(2, "Ida") {
        println!("{}", e);
    }
    harbour.moorings.get_mut(&3).unwrap().state = State::Closed;
    for m in harbour.moorings.values() {
        println!("{} {}", m.id, describe(m.state)⟪⟶)⟫;
    }
    println!("{:?} {:?}", harbour.free(), harbour.owners());
    let first: u32 = harbour.free()[⟪"0"⟶0⟫];
    println!("first {first}");
}
