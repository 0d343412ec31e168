//! Tries the candidates for one message and picks the best.

use super::compare::{Difference, compare};
use super::{Compile, Depth, Gravity, Report};
use crate::diagnose::{Diagnoser, Diagnosis};
use crate::fixes::{Candidate, weights as w};
use crate::message::Message;
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::{self, Edit};
use erratum_syntax::names::NameKind;
use erratum_syntax::source::Program;
use erratum_syntax::text::Text;
use std::collections::hash_map::DefaultHasher;
use std::collections::{HashMap, HashSet};
use std::hash::{Hash, Hasher};
use std::sync::Arc;

/// Compiles, never the same text twice, and counts.
pub(super) struct Memory<'a> {
    compile: &'a dyn Compile,
    known: HashMap<(u64, Depth), Option<Arc<Report>>>,
    pub compiles: usize,
    /// How many compiles there may be.
    most: Option<usize>,
}

fn hash(program: &Program) -> u64 {
    let mut hasher = DefaultHasher::new();
    for file in &program.files {
        (file.name(), file.bytes()).hash(&mut hasher);
    }
    hasher.finish()
}

impl<'a> Memory<'a> {
    pub fn new(compile: &'a dyn Compile, most: Option<usize>) -> Memory<'a> {
        Memory { compile, known: HashMap::new(), compiles: 0, most }
    }

    /// Sets how many compiles there may be; `None` for any number.
    pub fn limit(&mut self, most: Option<usize>) {
        self.most = most;
    }

    pub fn remember(&mut self, program: &Program, depth: Depth, report: Arc<Report>) {
        self.known.insert((hash(program), depth), Some(report));
    }

    /// Whether the budget of time or of compiles is spent.
    pub fn expired(&self) -> bool {
        self.most.is_some_and(|most| self.compiles >= most) || self.compile.expired()
    }

    /// The reports of these programs. Nothing for one whose compile did not come to its end.
    pub fn reports(&mut self, programs: &[Program], depth: Depth) -> Vec<Option<Arc<Report>>> {
        let depth = if self.compile.has_depth() { depth } else { Depth::Errors };
        let mut fresh: Vec<Program> = Vec::new();
        let mut hashes = Vec::new();
        for program in programs {
            let hash = hash(program);
            if !self.known.contains_key(&(hash, depth)) && !hashes.contains(&hash) {
                hashes.push(hash);
                fresh.push(program.clone());
            }
        }
        if !fresh.is_empty() {
            self.compiles += fresh.len();
            for (hash, result) in hashes.into_iter().zip(self.compile.compile(&fresh, depth)) {
                self.known.insert((hash, depth), result.ok().map(Arc::new));
            }
        }
        programs.iter().map(|p| self.known.get(&(hash(p), depth)).cloned().flatten()).collect()
    }
}

/// A candidate that was tried.
#[derive(Clone)]
pub(super) struct Tried {
    pub candidate: Candidate,
    pub program: Program,
    pub report: Arc<Report>,
    pub difference: Difference,
    /// The candidate's score and what the compile was worth.
    pub total: f64,
    /// Whether the compile spoke against it in any way.
    pub objection: bool,
}

/// What the candidates are tried against.
pub(super) struct Setting<'a, 'c> {
    pub program: &'a Program,
    pub text: &'a Text,
    pub gravity: Gravity,
    pub report: &'a Report,
    /// Index of the message to mend.
    pub target: usize,
    pub phase: Phase,
    pub diagnoser: &'a Diagnoser<'c>,
}

/// Tries candidates, best first, until nothing that is left could beat the best; gives those that
/// hold, the best first.
pub(super) fn try_all(
    setting: &Setting,
    candidates: Vec<Candidate>,
    memory: &mut Memory,
) -> Vec<Tried> {
    let mut held: Vec<Tried> = Vec::new();
    let best_score = candidates.first().map_or(0.0, |candidate| candidate.score);
    let mut queue = candidates.into_iter().take(w::TRIES).peekable();
    // Only the full check tells whether a warning that comes late is gone.
    let late = !setting.report.messages[setting.target].is_error();
    let depth = if late { Depth::Full } else { Depth::Errors };
    while let Some(next) = queue.peek() {
        if next.score < best_score - w::HOPELESS || memory.expired() {
            break;
        }
        if let Some(best) = held.iter().max_by(|a, b| a.total.total_cmp(&b.total)) {
            let bonus = best.total - best.candidate.score;
            let slack = if best.objection { 4.0 } else { 0.3 };
            if best.total >= next.score + bonus + slack {
                break;
            }
        }
        let batch: Vec<Candidate> = queue.by_ref().take(memory.compile.width().max(1)).collect();
        let applied: Vec<(Candidate, Program)> = batch
            .into_iter()
            .filter_map(|c| Some((c.clone(), edit::apply_all(setting.program, &c.sets()).ok()?)))
            .collect();
        let programs: Vec<Program> = applied.iter().map(|(_, program)| program.clone()).collect();
        let reports = memory.reports(&programs, depth);
        for ((candidate, program), report) in applied.into_iter().zip(reports) {
            if let Some(report) = report {
                held.extend(weigh(setting, candidate, program, report));
            }
        }
    }
    held.sort_by(|a, b| b.total.total_cmp(&a.total));
    // Two ways to the same text are one.
    let mut seen = HashSet::new();
    held.retain(|tried| seen.insert(hash(&tried.program)));
    held
}

/// What the compile says of a candidate; nothing if the fix does not hold.
pub(super) fn weigh(
    setting: &Setting,
    candidate: Candidate,
    program: Program,
    report: Arc<Report>,
) -> Option<Tried> {
    let old = &setting.report.messages;
    let sets = candidate.sets();
    let difference = compare(old, setting.program, &report.messages, &program, &sets);
    if !difference.gone.contains(&setting.target) {
        return None;
    }
    let target = &old[setting.target];
    let target_line = target.line().unwrap_or(u32::MAX);
    let changed = edit::changed_lines(&program, &sets);
    let mut worth = w::HELD;
    let mut objection = false;
    for &index in &difference.new {
        let message = &report.messages[index];
        let diagnosis = setting.diagnoser.diagnose(message);
        let phase = diagnosis.phase;
        let line = message.line().unwrap_or(0);
        let here = message
            .at
            .as_ref()
            .is_some_and(|at| changed.iter().any(|(file, l)| *file == at.file && *l == line));
        if !message.is_error() {
            let grave = setting.gravity.counts(message);
            if grave && here && undone(candidate.mistake, &diagnosis) {
                return None;
            }
            if grave && (here || !target.is_error()) {
                worth += w::NEW_WARNING * 2.0;
                objection = true;
            } else if here {
                worth += w::NEW_WARNING;
                objection = true;
            } else {
                worth -= 0.2;
            }
            continue;
        }
        if here && undone(candidate.mistake, &diagnosis) {
            return None;
        }
        if here && phase <= Phase::Syntax && setting.phase <= Phase::Syntax && adds_word(&sets) {
            // A word of our own that only moves the trouble on: nobody left it out.
            return None;
        }
        if !target.is_error() {
            // A warning must not be bought off with an error.
            return None;
        }
        // Behind the reported place, also on its line, is not before it.
        let place = |message: &Message, program: &Program, sets: &[&[Edit]]| {
            let at = message.at.as_ref()?;
            let offset = at.range(program.file(&at.file)?).0;
            Some((at.file.clone(), edit::back(&at.file, offset, sets)))
        };
        let before = match (place(message, &program, &sets), place(target, setting.program, &[])) {
            (Some((file, then)), Some((reported, offset))) if file == reported => then <= offset,
            _ => line <= target_line,
        };
        // Compilers read on from a change; what they find further up was hidden, or is in a part that
        // is read later, such as the arguments of a Rust macro.
        let first = message.at.as_ref().and_then(|at| first_change(&changed, &at.file));
        if phase <= setting.phase && before && first.is_none_or(|first| line >= first) {
            return None;
        }
        objection = true;
        worth += match () {
            () if here => w::NEW_HERE,
            () if phase <= setting.phase => w::NEW_BELOW,
            // Of a later phase and elsewhere: it was hidden.
            () => -0.05,
        };
    }
    let left = report.messages.iter().filter(|m| m.is_error()).count();
    let warned = report.messages.iter().filter(|m| setting.gravity.counts(m)).count();
    if left == 0 && (target.is_error() || warned == 0) {
        worth += w::ALL_GONE;
    }
    let gone = difference.gone.iter().filter(|i| setting.gravity.counts(&old[**i])).count();
    worth += gone.min(w::MANY_GONE) as f64 * w::EACH_GONE;
    // Several messages of one line that go together were one mistake.
    let here = difference.gone.iter().filter(|i| {
        **i != setting.target
            && setting.gravity.counts(&old[**i])
            && old[**i].line() == target.line()
    });
    worth += here.count().min(w::MANY_GONE) as f64 * w::GONE_HERE;
    if definitions_lost(setting, &program) {
        worth += w::LOST_DEFINITION;
        objection = true;
    }
    drop(sets);
    let total = candidate.score + worth;
    Some(Tried { candidate, program, report, difference, total, objection })
}

/// Whether a new message on the changed line says that the change itself is wrong: a value was added
/// to a call, and now there is one too many; a name became a text, and no text fits there.
fn undone(mistake: MistakeId, diagnosis: &Diagnosis) -> bool {
    match mistake {
        MistakeId::MissingArgument => diagnosis.shows(MistakeId::ExtraArgument),
        MistakeId::ExtraArgument => diagnosis.shows(MistakeId::MissingArgument),
        MistakeId::TextAsString => diagnosis.phase == Phase::Type,
        _ => false,
    }
}

/// Whether edits only put words where there were none.
fn adds_word(sets: &[&[Edit]]) -> bool {
    let mut edits = sets.iter().flat_map(|set| set.iter()).peekable();
    let word = |edit: &Edit| edit.start == edit.end && edit.text.contains(char::is_alphanumeric);
    edits.peek().is_some() && edits.all(word)
}

/// The first line of a file that was changed.
fn first_change(changed: &[(String, u32)], file: &str) -> Option<u32> {
    changed.iter().filter(|(name, _)| name == file).map(|(_, line)| *line).min()
}

/// Whether fewer functions and types are defined than before: something was swallowed.
fn definitions_lost(setting: &Setting, program: &Program) -> bool {
    let name = setting.text.lexed.source.name();
    let Some(now) = program.file(name) else { return false };
    let count = |lexed: &erratum_syntax::lex::Lexed, names: &erratum_syntax::names::Names| {
        let defined =
            names.declared.iter().filter(|d| matches!(d.kind, NameKind::Function | NameKind::Type));
        (defined.count(), lexed.code.len())
    };
    let lexed = erratum_syntax::lex::Lexed::new(now, setting.gravity.language);
    let pairs = erratum_syntax::pairs::Pairs::new(&lexed);
    let names = erratum_syntax::names::Names::new(&lexed, &pairs);
    let (before, tokens_before) = count(&setting.text.lexed, &setting.text.names);
    let (after, tokens_after) = count(&lexed, &names);
    after < before && tokens_after + 8 < tokens_before
}

/// Whether a message is of the kind that only warns.
pub(super) fn warns(message: &Message) -> bool {
    !message.is_error()
}
