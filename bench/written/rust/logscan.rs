use std::collections::⟪BTreemap⟶BTreeMap⟫;

fn words(text: &str) -> Vec<String> {
    text.split_whitespace().map(|w| ⟪w⟶w.to_string()⟶≡w.to_owned()⟶≡String::from(w)⟶≡w.into()⟫).collect()
}

fn count(words: &[String]) -> BTreeMap<&str, u32> {
    let mut map = BTreeMap::new();
    for w in words {
        *map.entry(w.as_str()).or_insert(0) += 1;
    }
    map
}

fn longest<⟪a⟶'a⟫>(a: &'a str, b: &'a str) -> &'a str {
    if a.len() > b.len() { a } else { b }
}

fn main() {
    let text = String::from("rope oar rope sail");
    let list = words(⟪text⟶&text⟫);
    let counts = count(&list);
    let mut best = "";
    for (w, n) in &counts {
        println!("{w}: {n}");
        best = longest(best, w);
    }
    println!("longest: {}", best⟪}⟶)⟫;
    let once = counts.values().filter(|n| ⟪n⟶**n⟫ == 1).count();
    println!("{}", once);
}
