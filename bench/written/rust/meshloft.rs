use std::collections::{BTreeMap, ⟪Hashset⟶HashSet⟫};

#[derive(Debug, Clone, ⟪copy⟶Copy⟫, PartialEq, Eq, PartialOrd, Ord)]
enum Mesh {
    Fine,
    Wide,
}

#[derive(Debug)]
struct Net {
    id: u32,
    mesh: Mesh,
    metres: f64,
    holes: Vec⟪<(f64 f64)>⟶<(f64, f64)>⟫,
}

impl Net {
    fn new(id: u32, mesh: Mesh, metres: f64) -> ⟪self⟶Self⟶Net⟫ {
        Net { id, mesh, metres⟪⟶, holes: Vec::new()⟶, holes: vec![]⟫ }
    }

    fn tear(&mut self, at: f64, size: f64) {
        self.holes.push(⟪at, size⟶(at, size)⟫);
    }

    fn sound(&self) -> bool {
        self.holes.⟪empty⟶is_empty⟫()
    }

    fn mend(&mut self, limit: f64) -> usize {
        let before = self.holes.len();
        self.holes.retain(|(_, size)| ⟪size⟶*size⟫ > limit);
        before - self.holes.len()⟪;⟶⟫
    }
}

trait Store {
    fn take(&mut self, net: Net);
    fn find(&self, id: u32) -> Option<&Net>;
    fn count(&self) -> usize;
}

#[derive(Default)]
struct Loft {
    nets: Vec<Net>,
    reserved: HashSet<u32>,
}

impl Store ⟪in⟶for⟫ Loft {
    fn take(&mut self, net: ⟪&Net⟶Net⟫) {
        self.nets.push(net);
    }

    fn find(&self, id: u32) -> Option<&Net> {
        self.nets.iter().find(|net| net.id == ⟪&id⟶id⟫)
    }

    ⟪⟶fn count(&self) -> usize { self.nets.len() }⟫
}

fn by_mesh(loft: &Loft) -> BTreeMap<Mesh, f64> {
    let mut sums = BTreeMap::new()⟪⟶;⟫
    for net in ⟪loft.nets⟶&loft.nets⟶loft.nets.iter()⟫ {
        *sums.entry(net.mesh).or_insert(⟪0⟶0.0⟫) += net.metres;
    }
    sums
}

fn main() {
    let mut loft = Loft::default();
    let mut trawl = Net::new(1, Mesh::⟪wide⟶Wide⟫, 40.0);
    trawl.tear(3.0, 0.2);
    ⟪trawl.tear(7.5)⟶trawl.tear(7.5, 0.0)⟶trawl.tear(7.5, 1.0)⟫;
    println!("mended {}", trawl.mend(0.5));
    loft.take(trawl);
    loft.take(Net::new(2, Mesh::Fine, ⟪25⟶25.0⟫));
    loft.reserved.insert(⟪"2"⟶2⟫);
    match loft.find(2) {
        Some(net) if net.sound() => println!("{} is sound", net.id),
        Some(net) => println!("{:?}", net⟪⟶)⟫,
        None ⟪->⟶=>⟫ println!("gone"),
    }
    for (mesh, metres) in by_mesh(&loft) {
        println!("{:?}: {⟪.1f⟶:.1⟫}", mesh, metres);
    }
    println!("{} nets", loft.count());
}
