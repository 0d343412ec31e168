//! The proof of the whole: from the mended text each fix alone is taken back, and what the compiler
//! then says comes from that mistake. A fix that can be taken back without a word was not needed.

use super::compare::compare;
use super::node::{Done, Node};
use super::{Report, SeverityPolicy};
use crate::message::Message;
use erratum_syntax::edit::{self, Edit};
use erratum_syntax::source::Program;
use std::sync::Arc;

/// What settling needs of the search.
pub(super) trait Compiles {
    /// What the compiler says of programs, its late warnings too.
    fn reports(&mut self, programs: &[Program]) -> Vec<Option<Arc<Report>>>;
    /// Whether the budget is spent.
    fn expired(&self) -> bool;
    /// Which messages count.
    fn policy(&self) -> SeverityPolicy;
}

/// One fix of the repair, with what was found out about it.
pub(super) struct Unit {
    /// Which step it belongs to.
    pub step: usize,
    /// Which part of that step's fix it is.
    pub part: usize,
    /// Its edits, as places of the file as the learner has it.
    pub edits: Vec<Edit>,
    /// Whether the program needs it.
    pub needed: bool,
    /// Indices of messages of the first compile that this mistake alone brings about.
    pub brings: Vec<usize>,
    /// How likely it was before it was tried.
    score: f64,
    /// Whether it switches a part of the text off instead of mending it.
    off: bool,
}

/// The repair, minimised.
pub(super) struct Minimised {
    /// Its fixes, in the order of the steps.
    pub units: Vec<Unit>,
    /// The program with those that are needed.
    pub mended: Program,
}

impl Minimised {
    /// Returns how many fixes the program does not need.
    pub fn unneeded(&self) -> usize {
        self.units.iter().filter(|unit| !unit.needed).count()
    }
}

/// The fixes of a repair as edits of the file as the learner has it; those that change what another put
/// in are one with it.
fn units(node: &Node, original: &Program) -> Option<Vec<Unit>> {
    let taken: Option<Vec<_>> = node.steps.iter().map(|step| step.taken()).collect();
    let score = |(step, part): (usize, usize)| {
        let candidate = taken.as_ref()?.get(step)?.candidate.parts().nth(part)?;
        Some(candidate.score.total())
    };
    let length = |name: &str| original.file(name).map(|file| file.bytes().len());
    let units: Option<Vec<Unit>> = node
        .composed(length)?
        .into_iter()
        .map(|one| {
            let (step, part) = one.of[0];
            let scores: Option<Vec<f64>> = one.of.iter().map(|of| score(*of)).collect();
            let score = scores?.into_iter().fold(f64::INFINITY, f64::min);
            let needed = !one.edits.is_empty();
            let off = !matches!(node.steps[step].done, Done::Mended { .. });
            Some(Unit { step, part, edits: one.edits, needed, brings: Vec::new(), score, off })
        })
        .collect();
    let whole = with(original, units.as_ref()?, None)?;
    let same = whole.files.iter().all(|file| {
        node.program.file(file.name()).is_some_and(|mended| mended.bytes() == file.bytes())
    });
    units.filter(|_| same)
}

/// The program with the needed fixes, but for some.
fn with(original: &Program, units: &[Unit], without: Option<&[usize]>) -> Option<Program> {
    edit::apply(original, &edits(units, without)).ok()
}

fn edits(units: &[Unit], without: Option<&[usize]>) -> Vec<Edit> {
    let left_out = |index: &usize| without.is_some_and(|without| without.contains(index));
    let wanted = units.iter().enumerate().filter(|(index, unit)| unit.needed && !left_out(index));
    wanted.flat_map(|(_, unit)| unit.edits.iter().cloned()).collect()
}

/// Takes the fixes back one by one; nothing if the repair is of one fix only, does not compile, or
/// cannot be taken apart.
pub(super) fn minimise(
    node: &Node,
    first: &Report,
    original: &Program,
    compiles: &mut dyn Compiles,
) -> Option<Minimised> {
    if node.report.messages.iter().any(Message::is_error) {
        return None;
    }
    let mut units = units(node, original).filter(|units| units.len() > 1)?;
    let usual = graves(&node.report, compiles.policy());
    loop {
        let spare = take_back(&mut units, first, original, usual, compiles)?;
        match least_likely(&units, visible(spare, &units, node, original, compiles)) {
            Some(unneeded) => unneeded.into_iter().for_each(|index| units[index].needed = false),
            None => break,
        }
    }
    let mended = with(original, &units, None)?;
    Some(Minimised { units, mended })
}

fn graves(report: &Report, policy: SeverityPolicy) -> usize {
    report.messages.iter().filter(|message| policy.counts(message)).count()
}

/// One round: notes what each fix keeps away. Gives those that are not needed while the others are
/// there; nothing at all when the budget is spent.
fn take_back(
    units: &mut [Unit],
    first: &Report,
    original: &Program,
    usual: usize,
    compiles: &mut dyn Compiles,
) -> Option<Vec<Vec<usize>>> {
    let needed: Vec<usize> = (0..units.len()).filter(|index| units[*index].needed).collect();
    if needed.len() < 2 {
        return Some(Vec::new());
    }
    let mut trials: Vec<Vec<usize>> = needed.iter().map(|index| vec![*index]).collect();
    trials.extend(opposites(units, &needed));
    let programs: Option<Vec<Program>> =
        trials.iter().map(|trial| with(original, units, Some(trial))).collect();
    let programs = programs?;
    if compiles.expired() {
        return None;
    }
    let reports = compiles.reports(&programs);
    let policy = compiles.policy();
    let mut spare: Vec<Vec<usize>> = Vec::new();
    for ((trial, program), report) in trials.into_iter().zip(&programs).zip(reports) {
        let Some(report) = report else { continue };
        let errors = report.messages.iter().any(Message::is_error);
        if !errors && graves(&report, policy) <= usual {
            spare.push(trial);
            continue;
        }
        if let [only] = trial[..] {
            let edits = edits(units, Some(&[only]));
            let difference =
                compare(&first.messages, original, &report.messages, program, &[&edits]);
            units[only].brings = difference.stays.into_iter().map(|(old, _)| old).collect();
            units[only].brings.sort_unstable();
        }
    }
    Some(spare)
}

/// Those of them that are not needed either where what was switched off after them stands: the text
/// that asked for a fix may since be gone.
fn visible(
    spare: Vec<Vec<usize>>,
    units: &[Unit],
    node: &Node,
    original: &Program,
    compiles: &mut dyn Compiles,
) -> Vec<Vec<usize>> {
    let asked_for = |trial: &Vec<usize>, compiles: &mut dyn Compiles| {
        let [only] = trial[..] else { return false };
        let unit = &units[only];
        let later =
            |(_, other): &(usize, &Unit)| other.needed && other.off && other.step > unit.step;
        let mut without: Vec<usize> =
            units.iter().enumerate().filter(later).map(|(index, _)| index).collect();
        if unit.off || without.is_empty() {
            return false;
        }
        without.push(only);
        let Some(program) = with(original, units, Some(&without)) else { return false };
        let step = &node.steps[unit.step];
        let said = &step.report.messages[step.target].text;
        let report = compiles.reports(std::slice::from_ref(&program)).pop().flatten();
        report.is_some_and(|report| report.messages.iter().any(|message| message.text == *said))
    };
    spare.into_iter().filter(|trial| !asked_for(trial, compiles)).collect()
}

/// Of several that are not needed while the others are there, the least likely goes.
fn least_likely(units: &[Unit], spare: Vec<Vec<usize>>) -> Option<Vec<usize>> {
    let score = |trial: &Vec<usize>| trial.iter().map(|index| units[*index].score).sum::<f64>();
    spare.into_iter().min_by(|a, b| b.len().cmp(&a.len()).then(score(a).total_cmp(&score(b))))
}

/// Pairs of fixes of which one takes out what the other puts in: a wrong step, and one that makes
/// up for it.
fn opposites(units: &[Unit], needed: &[usize]) -> Vec<Vec<usize>> {
    let puts = |unit: &Unit| unit.edits.iter().map(|edit| edit.text.trim()).collect::<String>();
    let inserts = |unit: &Unit| unit.edits.iter().all(|edit| edit.start == edit.end);
    let deletes = |unit: &Unit| unit.edits.iter().all(|edit| edit.text.trim().is_empty());
    let mut pairs = Vec::new();
    for (position, &a) in needed.iter().enumerate() {
        for &b in &needed[position + 1..] {
            let (one, other) = (&units[a], &units[b]);
            let counter = (inserts(one) && deletes(other)) || (deletes(one) && inserts(other));
            let short = puts(one).len() + puts(other).len() <= 2;
            if counter && short {
                pairs.push(vec![a, b]);
            }
        }
    }
    pairs
}
