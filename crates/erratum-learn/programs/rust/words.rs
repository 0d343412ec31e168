use std::collections::BTreeMap;

/* Counts how often each word stands in the log. */
fn count_words(log: &str) -> BTreeMap<String, usize> {
    let mut counts = BTreeMap::new();
    for word in log.split_whitespace() {
        let word = word.trim_matches('.').to_lowercase();
        *counts.entry(word).or_insert(0) += 1;
    }
    counts
}

fn commonest(counts: &BTreeMap<String, usize>) -> Option<&String> {
    let mut best = None;
    let mut most = 0;
    for (word, count) in counts {
        if *count > most {
            most = *count;
            best = Some(word);
        }
    }
    best
}

fn main() {
    let log = "Left the pier. Passed the mole. Back at the pier.";
    let counts = count_words(log);
    println!("{} different words", counts.len());
    match commonest(&counts) {
        Some(word) => println!("most often: {}", word),
        None => println!("the log is empty"),
    }
}
