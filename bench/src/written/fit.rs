//! How well the probabilities hold, and the odds of "none of these" that they are made of.

use erratum_repair::effect::Effect;
use std::collections::BTreeMap;

/// A change, with what was said of it and what was so.
#[derive(Clone, Copy)]
pub struct Told {
    /// What it does.
    pub effect: Effect,
    /// How likely it was said to be.
    pub probability: f64,
    /// Whether it was what was meant.
    pub right: bool,
}

/// How many changes the parent counts for: with few of its own an effect is like all of them.
const SHRINKAGE: f64 = 10.0;

const BINS: usize = 5;

/// What would be left if only changes from such a probability on were called fixes.
const FROM: [f64; 7] = [0.5, 0.55, 0.6, 0.65, 0.7, 0.75, 0.8];

/// Prints the share of wrong changes for each effect, drawn towards that of all, as odds; then bins of
/// equal size in order of the probability, and the mean error of the bins.
pub fn print(told: &[Told]) {
    let share = |part: &[Told]| part.iter().filter(|one| !one.right).count() as f64;
    let parent = share(told) / told.len().max(1) as f64;
    let mut by_effect: BTreeMap<Effect, Vec<Told>> = BTreeMap::new();
    told.iter().for_each(|one| by_effect.entry(one.effect).or_default().push(*one));
    println!("\n{:<14} {:>8} {:>6} {:>6}", "effect", "changes", "wrong", "odds");
    for (effect, part) in &by_effect {
        let wrong = (share(part) + SHRINKAGE * parent) / (part.len() as f64 + SHRINKAGE);
        let odds = wrong / (1.0 - wrong);
        println!("{:<14} {:>8} {:>6} {odds:>6.2}", format!("{effect:?}"), part.len(), share(part));
    }
    let mut sorted = told.to_vec();
    sorted.sort_by(|a, b| a.probability.total_cmp(&b.probability));
    println!("\n{:<14} {:>8} {:>6} {:>6}", "probability", "changes", "said", "so");
    let mut error = 0.0;
    for bin in sorted.chunks(sorted.len().div_ceil(BINS).max(1)) {
        let size = bin.len() as f64;
        let said = bin.iter().map(|one| one.probability).sum::<f64>() / size;
        let so = 1.0 - share(bin) / size;
        error += (said - so).abs() * size / told.len() as f64;
        let range = format!(
            "{:.2} to {:.2}",
            bin.first().map_or(0.0, |one| one.probability),
            bin.last().map_or(0.0, |one| one.probability)
        );
        println!("{range:<14} {:>8} {said:>6.2} {so:>6.2}", bin.len());
    }
    println!("mean error {error:.3}");
    println!("\n{:<14} {:>8} {:>6}", "likely from", "changes", "wrong");
    for least in FROM {
        let part: Vec<Told> = told.iter().filter(|one| one.probability >= least).copied().collect();
        println!("{least:<14} {:>8} {:>6}", part.len(), share(&part));
    }
}

/// Prints how many of the changes that are only possible are right, for each effect and each tenth of what was
/// said: where most are, the odds of the effect are too high.
pub fn print_possible(told: &[Told]) {
    let mut parts: BTreeMap<(Effect, u32), [usize; 2]> = BTreeMap::new();
    for one in told {
        let tenth = (one.probability * 10.0).floor() as u32;
        let counts = parts.entry((one.effect, tenth)).or_default();
        counts[0] += 1;
        counts[1] += usize::from(one.right);
    }
    println!("\n{:<14} {:>8} {:>8} {:>6}", "possible", "from", "changes", "right");
    for ((effect, tenth), [changes, right]) in parts {
        let from = f64::from(tenth) / 10.0;
        println!("{:<14} {from:>8.1} {changes:>8} {right:>6}", format!("{effect:?}"));
    }
}
