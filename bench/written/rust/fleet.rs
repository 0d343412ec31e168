use std::collections::BTreeMap;

#[derive(Debug)]
enum Kind {
    Ferry { seats: u32 },
    Tug(⟪f32 power⟶f32⟫),
}

struct Vessel {
    id: u32,
    kind: Kind,
}

impl Vessel {
    fn capacity(&self) -> u32 {
        match self.kind {
            Kind::Ferry { seats } => seats,
            Kind::Tug(_) => 0,
        }
    }
}

struct Fleet {
    vessels: Vec<Vessel>,
}

impl Fleet {
    fn add(&mut self, vessel: Vessel) {
        ⟪⟶self.⟫vessels.push(vessel);
    }

    fn seats(&self) -> u32 {
        self.vessels.iter().map(|v| v.capacity())⟪⟶.sum()⟫
    }

    fn by_size(&self) -> BTreeMap<u32, Vec<u32>> {
        let mut out = BTreeMap::new();
        for v in ⟪self.vessels⟶&self.vessels⟶self.vessels.iter()⟫ {
            out.entry(v.capacity()).or_insert_with(Vec::new).push(v.id);
        }
        out
    }

    fn find(&self, id: u32) -> Option<&Vessel> {
        for v in &self.vessels {
            if v.id == id ⟪then⟶⟫{
                return ⟪v⟶Some(v)⟫;
            }
        }
        None
    }
}

fn main() {
    let mut fleet = Fleet { vessels: ⟪[]⟶vec![]⟶Vec::new()⟫ };
    fleet.add(Vessel { id: 1, kind: Kind::Ferry { seats: 120 } });
    fleet.add(Vessel { id: 2, kind: Kind::Tug(3.5) }⟪⟶)⟫;
    println!("seats {}", fleet.seats());
    if let Some(v) = fleet.find(2) {
        println!("found {:?}", v.kind);
    } ⟪elif⟶else if⟫ fleet.seats() > 100 {
        println!("large");
    }
    println!("{:?}", fleet.by_size());
}
