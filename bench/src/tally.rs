//! What is counted.

use serde::Serialize;

/// Counts over single mistakes, or over sets of several.
#[derive(Clone, Debug, Default, Serialize)]
pub struct Tally {
    /// Programs that were looked at.
    pub cases: usize,
    /// Mistakes in them.
    pub mistakes: usize,
    /// Mistakes with a root on one of their true lines.
    pub found: usize,
    /// Roots that were named.
    pub roots: usize,
    /// Roots that are on no mistake's line, or the second one for a mistake.
    pub false_roots: usize,
    /// Programs whose first root is on a true line.
    pub line: usize,
    /// Programs whose first root has a fix that holds.
    pub clears: usize,
    /// Programs in which the first root's first fix takes back just that mistake.
    pub first_exact: usize,
    /// Messages whose mistake is known for certain.
    pub messages: usize,
    /// Those of them that were put down to that mistake.
    pub attributed: usize,
    /// Programs that compile after all first fixes.
    pub compiles: usize,
    /// Programs that are restored whole by all first fixes.
    pub restored: usize,
    /// Time of each case as a multiple of one check.
    #[serde(skip)]
    pub times: Vec<f64>,
    /// Their median.
    pub median_time: f64,
}

impl Tally {
    pub fn add(&mut self, other: &Tally) {
        self.cases += other.cases;
        self.mistakes += other.mistakes;
        self.found += other.found;
        self.roots += other.roots;
        self.false_roots += other.false_roots;
        self.line += other.line;
        self.clears += other.clears;
        self.first_exact += other.first_exact;
        self.messages += other.messages;
        self.attributed += other.attributed;
        self.compiles += other.compiles;
        self.restored += other.restored;
        self.times.extend(&other.times);
        self.times.sort_by(f64::total_cmp);
        self.median_time = self.times.get(self.times.len() / 2).copied().unwrap_or(0.0);
    }

    /// The head of the table that [`Tally::row`] gives the rows of.
    pub const HEAD: &str =
        "cases line clears exact | found false attributed | compiles restored | time";

    /// One row; the figures are per cent, the time is in checks.
    pub fn row(&self) -> String {
        let share = |n: usize, of: usize| {
            if of == 0 {
                "   -".to_owned()
            } else {
                format!("{:4.0}", 100.0 * n as f64 / of as f64)
            }
        };
        format!(
            "{:>5} {} {}   {}  | {}  {}  {}       | {}     {}     | {:5.1}",
            self.cases,
            share(self.line, self.cases),
            share(self.clears, self.cases),
            share(self.first_exact, self.cases),
            share(self.found, self.mistakes),
            share(self.false_roots, self.roots),
            share(self.attributed, self.messages),
            share(self.compiles, self.cases),
            share(self.restored, self.cases),
            self.median_time,
        )
    }
}
