//! A partial repair: the text as some steps have left it, and how it came there.

use super::cache::CompileCache;
use super::compare::compare;
use super::compose::compose;
use super::lost::{Lost, Unsettled};
use super::trial::Trial;
use super::words::words_of;
use super::{Depth, Report};
use crate::diagnose::Diagnoser;
use crate::message::Message;
use erratum_syntax::edit::{self, Edit};
use erratum_syntax::language::Language;
use erratum_syntax::source::Program;
use std::collections::HashSet;
use std::sync::Arc;

/// One step of a repair: what was said, which message was looked at, and what was done.
pub(super) struct Step {
    /// The program before it.
    pub before: Program,
    /// What the compiler said of that.
    pub report: Arc<Report>,
    /// For each of those messages, its number in the first compile, if it was there.
    pub origin: Arc<Vec<Option<usize>>>,
    /// For each of those messages, how many steps had been taken when it was first seen.
    pub since: Arc<Vec<usize>>,
    /// Index of the message that was looked at.
    pub target: usize,
    /// What was done.
    pub done: Done,
}

/// What was done about a message.
pub(super) enum Done {
    /// One of the fixes that hold was taken; all of them, the best first.
    Mended { held: Arc<Vec<Trial>>, pick: usize },
    /// No fix holds; a part of the text was switched off.
    Blanked { off: Box<Trial>, hanging: Vec<usize> },
    /// The message only hangs on what was switched off; its part of the text was switched off, too, for
    /// it may hide others.
    Cleared(Box<Trial>),
    /// Nothing helps; the message was passed over, and with it those that hang on it.
    Passed { hanging: Vec<usize> },
}

impl Done {
    /// The message alone was passed over.
    pub fn passed() -> Done {
        Done::Passed { hanging: Vec::new() }
    }
}

impl Step {
    /// The other messages of its report that hang on what was passed over or switched off.
    pub fn hanging(&self) -> &[usize] {
        match &self.done {
            Done::Passed { hanging } | Done::Blanked { hanging, .. } => hanging,
            Done::Mended { .. } | Done::Cleared(_) => &[],
        }
    }

    /// What was tried and taken as done.
    pub fn taken(&self) -> Option<&Trial> {
        match &self.done {
            Done::Mended { held, pick } => held.get(*pick),
            Done::Blanked { off, .. } | Done::Cleared(off) => Some(off),
            Done::Passed { .. } => None,
        }
    }
}

/// One change of a repair.
pub(super) struct Changes {
    /// The steps that made it, each with the part of its fix.
    pub of: Vec<(usize, usize)>,
    /// Its edits, as places of the files as the learner has them.
    pub edits: Vec<Edit>,
}

/// A partial repair.
#[derive(Clone)]
pub(super) struct Node {
    /// The program as it is now.
    pub program: Program,
    /// What the compiler says of it.
    pub report: Arc<Report>,
    /// For each of those messages, its number in the first compile, if it was there.
    pub origin: Arc<Vec<Option<usize>>>,
    /// For each of those messages, how many steps had been taken when it was first seen.
    pub since: Arc<Vec<usize>>,
    /// Messages (by index) that were passed over.
    pub passed: HashSet<usize>,
    /// Those of them that only hang on another one.
    pub hung: HashSet<usize>,
    /// How it came here.
    pub steps: Vec<Arc<Step>>,
    /// The names that stand in the parts which are blanked out.
    pub blanked: Arc<HashSet<String>>,
    /// The names that mean something in a few lines only whose type is not known.
    unsettled: Vec<Arc<Unsettled>>,
    /// Whether these stand for names in either case, as messages may write them.
    folds: bool,
    /// What was lost with those parts.
    pub lost: Vec<Arc<Lost>>,
    /// How doubtful the way here was; the search goes on with the least doubtful.
    pub cost: f64,
}

impl Node {
    /// The program as the learner has it.
    pub fn first(program: &Program, report: Arc<Report>) -> Node {
        let origin = (1..=report.messages.len()).map(Some).collect();
        let since = vec![0; report.messages.len()];
        Node {
            program: program.clone(),
            report,
            origin: Arc::new(origin),
            since: Arc::new(since),
            passed: HashSet::new(),
            hung: HashSet::new(),
            steps: Vec::new(),
            blanked: Arc::default(),
            unsettled: Vec::new(),
            folds: false,
            lost: Vec::new(),
            cost: 0.0,
        }
    }

    /// The node after a step.
    pub fn after(&self, done: Done, target: usize, cost: f64, cache: &mut CompileCache) -> Node {
        let step = Arc::new(Step {
            before: self.program.clone(),
            report: self.report.clone(),
            origin: self.origin.clone(),
            since: self.since.clone(),
            target,
            done,
        });
        let mut next = self.clone();
        next.cost += cost;
        next.steps.push(step.clone());
        let Some(taken) = step.taken() else {
            next.passed.insert(target);
            next.passed.extend(step.hanging());
            next.hung.extend(step.hanging());
            return next;
        };
        let mut report = taken.report.clone();
        if !report.messages.iter().any(Message::is_error) {
            // Warnings that come late are only seen now.
            let full = cache.reports(std::slice::from_ref(&taken.program), Depth::Full).remove(0);
            report = full.unwrap_or(report);
        }
        let sets = taken.candidate.sets();
        let difference =
            compare(&self.report.messages, &self.program, &report.messages, &taken.program, &sets);
        let mut origin = vec![None; report.messages.len()];
        let mut since = vec![next.steps.len(); report.messages.len()];
        next.passed = HashSet::new();
        next.hung = HashSet::new();
        for (old, new) in difference.stays {
            origin[new] = self.origin[old];
            since[new] = self.since[old];
            if self.passed.contains(&old) || step.hanging().contains(&old) {
                next.passed.insert(new);
            }
            if self.hung.contains(&old) || step.hanging().contains(&old) {
                next.hung.insert(new);
            }
        }
        next.origin = Arc::new(origin);
        next.since = Arc::new(since);
        next.program = taken.program.clone();
        next.report = report;
        next
    }

    /// Notes the names of what an edit blanks out.
    pub fn blank(&mut self, language: &Language, names: impl Iterator<Item = String>) {
        self.folds |= language.any_case;
        let mut all = (*self.blanked).clone();
        all.extend(names);
        self.blanked = Arc::new(all);
    }

    /// Notes names whose type is not known.
    pub fn unsettle(&mut self, language: &Language, names: Vec<Unsettled>) {
        let (local, anywhere): (Vec<_>, Vec<_>) =
            names.into_iter().partition(|one| one.lines.is_some());
        self.blank(language, anywhere.into_iter().map(|one| one.name));
        self.unsettled.extend(local.into_iter().map(Arc::new));
    }

    /// Returns whether a message that was not there at first names what stands in a blanked part: it
    /// hangs on that, most likely.
    pub fn hangs_on_blanked(&self, index: usize) -> bool {
        let message = &self.report.messages[index];
        let blanked = |word: &str| {
            let gone = self.blanked.contains(word)
                || self.folds && self.blanked.contains(&word.to_ascii_lowercase());
            gone && !self.lost.iter().any(|lost| lost.is_asked_elsewhere(message, word))
        };
        let line = message.line();
        let unsettled = |word: &str| {
            self.unsettled.iter().any(|one| {
                one.is(word, line) || self.folds && one.is(&word.to_ascii_lowercase(), line)
            })
        };
        self.origin[index].is_none()
            && words_of(message).into_iter().any(|word| blanked(word) || unsettled(word))
    }

    /// Returns whether a message only tells of what was lost with a part that was switched off: one that
    /// was not there at first, or one of the paths through the function around it.
    pub fn tells_of_loss(&self, index: usize, diagnoser: &Diagnoser) -> bool {
        if self.lost.is_empty() {
            return false;
        }
        let message = &self.report.messages[index];
        let diagnosis = diagnoser.diagnose(message);
        let new = self.origin[index].is_none();
        self.lost.iter().any(|lost| {
            lost.spoils_paths(message, &diagnosis)
                || lost.misses_import(message, &diagnosis, new)
                || new && lost.explains(message, &diagnosis)
        })
    }

    /// Whether one of the steps started from this very text.
    pub fn has_been(&self, program: &Program) -> bool {
        let same = |before: &Program| {
            program
                .files
                .iter()
                .all(|file| before.file(file.name()).is_some_and(|old| old.bytes() == file.bytes()))
        };
        self.steps.iter().any(|step| same(&step.before))
    }

    /// All sets of edits so far, each in places of the text that the ones before left.
    pub fn sets(&self) -> Vec<&[Edit]> {
        let taken = self.steps.iter().filter_map(|step| step.taken());
        taken.flat_map(|taken| taken.candidate.sets()).collect()
    }

    /// The changes so far as edits of the files as the learner has them, whose lengths in bytes are asked
    /// for. Nothing where they do not fit.
    pub fn composed(&self, lengths: impl Fn(&str) -> Option<usize>) -> Option<Vec<Changes>> {
        let mut of = Vec::new();
        for (number, step) in self.steps.iter().enumerate() {
            let parts = step.taken().map_or(0, |taken| taken.candidate.sets().len());
            of.extend((0..parts).map(|part| (number, part)));
        }
        let all = compose(&self.sets(), lengths)?.into_iter();
        let steps = |sets: Vec<usize>| sets.into_iter().map(|set| of[set]).collect();
        Some(all.map(|one| Changes { of: steps(one.of), edits: one.edits }).collect())
    }

    /// A byte of a file before the step of this number, as a byte of the file as the learner has it.
    pub fn back(&self, file: &str, offset: usize, step: usize) -> usize {
        let taken = self.steps[..step.min(self.steps.len())].iter().filter_map(|s| s.taken());
        let sets: Vec<&[Edit]> = taken.flat_map(|taken| taken.candidate.sets()).collect();
        edit::back(file, offset, &sets)
    }

    /// The lines of the text now that steps have changed, with their files.
    pub fn changed_lines(&self) -> Vec<(String, u32)> {
        edit::changed_lines(&self.program, &self.sets())
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use erratum_syntax::source::Source;

    #[test]
    fn a_repair_knows_the_texts_it_has_left() {
        let program = |text: &'static [u8]| Program::single(Source::new("tide.c", text));
        let mut node = Node::first(&program(b"one"), Arc::default());
        assert!(!node.has_been(&program(b"one")));
        node.steps.push(Arc::new(Step {
            before: program(b"one"),
            report: Arc::default(),
            origin: Arc::default(),
            since: Arc::default(),
            target: 0,
            done: Done::passed(),
        }));
        assert!(node.has_been(&program(b"one")));
        assert!(!node.has_been(&program(b"two")));
    }
}
