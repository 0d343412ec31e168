//! Compiles, never the same text twice, and counts.

use super::{Compile, Depth, Report};
use erratum_syntax::source::Program;
use std::collections::HashMap;
use std::collections::hash_map::DefaultHasher;
use std::hash::{Hash, Hasher};
use std::sync::Arc;

/// What is known of the texts that were compiled, and the budget.
pub(super) struct CompileCache<'a> {
    compile: &'a dyn Compile,
    known: HashMap<(u64, Depth), Option<Arc<Report>>>,
    /// How many texts were compiled.
    pub compiles: usize,
    /// How many may be.
    most: Option<usize>,
}

/// A number that tells texts of a program apart.
pub(super) fn hash(program: &Program) -> u64 {
    let mut hasher = DefaultHasher::new();
    for file in &program.files {
        (file.name(), file.bytes()).hash(&mut hasher);
    }
    hasher.finish()
}

impl<'a> CompileCache<'a> {
    pub fn new(compile: &'a dyn Compile) -> CompileCache<'a> {
        CompileCache { compile, known: HashMap::new(), compiles: 0, most: None }
    }

    /// Sets how many compiles there may be; `None` for any number.
    pub fn limit(&mut self, most: Option<usize>) {
        self.most = most;
    }

    /// Notes a report that was had elsewhere.
    pub fn remember(&mut self, program: &Program, depth: Depth, report: Arc<Report>) {
        self.known.insert((hash(program), depth), Some(report));
    }

    /// Returns whether the budget of time or of compiles is spent.
    pub fn expired(&self) -> bool {
        self.most.is_some_and(|most| self.compiles >= most) || self.compile.expired()
    }

    /// Returns how many programs are best compiled at once.
    pub fn width(&self) -> usize {
        self.compile.width().max(1)
    }

    /// Returns how many programs are best compiled at once where the first may be enough: a budget of
    /// compiles is not spent on the others.
    pub fn width_ahead(&self) -> usize {
        if self.most.is_some() { 1 } else { self.width() }
    }

    /// Returns the reports of programs: `None` for one whose compile did not come to its end.
    pub fn reports(&mut self, programs: &[Program], depth: Depth) -> Vec<Option<Arc<Report>>> {
        let depth = if self.compile.has_depth() { depth } else { Depth::Errors };
        let keys: Vec<_> = programs.iter().map(|program| (hash(program), depth)).collect();
        let mut fresh: Vec<Program> = Vec::new();
        let mut unknown = Vec::new();
        for (key, program) in keys.iter().zip(programs) {
            if !self.known.contains_key(key) && !unknown.contains(key) {
                unknown.push(*key);
                fresh.push(program.clone());
            }
        }
        if !fresh.is_empty() {
            self.compiles += fresh.len();
            for (key, result) in unknown.into_iter().zip(self.compile.compile(&fresh, depth)) {
                self.known.insert(key, result.ok().map(Arc::new));
            }
        }
        keys.iter().map(|key| self.known.get(key).cloned().flatten()).collect()
    }
}
