//! The smallest part of a program that still gives a message: parts are switched off in copies until
//! nothing more can go.
//!
//! A copy holds if it still gives the message, of the same place, and no error that the program did not
//! give before. Declarations go first, then what blocks hold, then statements; what the message's part
//! needs, by the names in it, is kept until it is tried by itself.

mod units;

use crate::diagnose::Diagnoser;
use crate::message::Message;
use crate::search::{Compile, Depth, Report, SeverityPolicy};
use erratum_catalogue::{Catalogue, MistakeId};
use erratum_syntax::edit::{self, Edit, PositionMap};
use erratum_syntax::language::Language;
use erratum_syntax::lex::{Lexed, TokenKind};
use erratum_syntax::source::{Program, Source};
use erratum_syntax::text::Text;
use std::collections::hash_map::DefaultHasher;
use std::collections::{HashMap, HashSet};
use std::fmt;
use std::hash::{Hash, Hasher};
use units::Unit;

/// Why a program could not be narrowed.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum NarrowError {
    /// The message points at no file of the program.
    NoPlace,
    /// Compiled again, the program does not give the message.
    Gone,
    /// The budget was spent before anything could be compiled.
    NoTime,
}

impl fmt::Display for NarrowError {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        f.write_str(match self {
            NarrowError::NoPlace => "the message points at no line of the program",
            NarrowError::Gone => "compiled again, the program does not give the message any more",
            NarrowError::NoTime => {
                "the time was up before anything was tried; a larger --budget helps"
            }
        })
    }
}

impl std::error::Error for NarrowError {}

/// How far the narrowing is.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Progress {
    /// How many copies were compiled.
    pub compiles: usize,
    /// How many lines with code are left.
    pub lines: usize,
}

/// What is left.
#[derive(Clone, Debug)]
pub struct Narrowed {
    /// The small program; files beside the one that was narrowed are as they were.
    pub program: Program,
    /// The file that was narrowed, small.
    pub source: Source,
    /// For each line of the small file, the line of the whole one, from 1.
    pub lines: Vec<u32>,
    /// The message, as the small program gives it.
    pub message: Message,
    /// How many copies were compiled.
    pub compiles: usize,
    /// Whether no part more can go by itself; false if the budget ended it.
    pub complete: bool,
}

/// How many copies are compiled at most.
const MOST: usize = 400;

/// How often all is gone through.
const ROUNDS: usize = 3;

/// Finds the smallest part of a program that still gives a message of its first compile.
///
/// # Errors
/// When the message has no place in the program, or does not come again.
pub fn narrow(
    catalogue: &Catalogue,
    program: &Program,
    language: &'static Language,
    first: &Report,
    target: usize,
    compile: &dyn Compile,
    progress: &mut dyn FnMut(Progress),
) -> Result<Narrowed, NarrowError> {
    let message = first.messages.get(target).ok_or(NarrowError::NoPlace)?;
    let at = message.at.as_ref().ok_or(NarrowError::NoPlace)?;
    let source = program.file(&at.file).ok_or(NarrowError::NoPlace)?;
    let policy = SeverityPolicy::usual(language);
    let known =
        first.messages.iter().filter(|m| policy.counts(m)).map(|m| m.text.clone()).collect();
    let mut search = Search {
        diagnoser: Diagnoser::new(catalogue, compile.compiler()),
        program,
        language,
        source: source.clone(),
        byte: at.range(source).0,
        line: at.line,
        message,
        known,
        compile,
        progress,
        cuts: Vec::new(),
        tried: HashMap::new(),
        compiles: 0,
    };
    if !search.holds(&[Vec::new()])[0] {
        let untried = search.compiles == 0;
        return Err(if untried { NarrowError::NoTime } else { NarrowError::Gone });
    }
    let text = Text::new(source, language);
    search.comments(&text);
    if units::by_statements(&text.lexed) {
        // What only the gone parts needed can go the next time.
        for _ in 0..ROUNDS {
            let before = search.cuts.clone();
            search.level(&text, 0, text.lexed.code.len());
            search.unused();
            search.values(&text);
            if search.cuts == before || search.over() {
                break;
            }
        }
    } else {
        search.by_lines();
    }
    search.finish()
}

struct Search<'a> {
    diagnoser: Diagnoser<'a>,
    program: &'a Program,
    language: &'static Language,
    source: Source,
    /// Where the message points, and its line.
    byte: usize,
    line: u32,
    message: &'a Message,
    /// What the program gave at first: errors, and warnings that tell of a mistake.
    known: HashSet<String>,
    compile: &'a dyn Compile,
    progress: &'a mut dyn FnMut(Progress),
    /// What is switched off so far: edits of the text as it stands, none within another.
    cuts: Vec<Edit>,
    /// For each text that was compiled, the message as it gives it.
    tried: HashMap<u64, Option<Message>>,
    compiles: usize,
}

impl Search<'_> {
    fn over(&self) -> bool {
        self.compiles >= MOST || self.compile.expired()
    }

    /// The cuts so far with some more; a larger one takes the place of those within it.
    fn with(&self, more: &[Edit]) -> Vec<Edit> {
        let within =
            |inner: &Edit, outer: &Edit| outer.start <= inner.start && inner.end <= outer.end;
        let mut all: Vec<Edit> = self
            .cuts
            .iter()
            .filter(|cut| !more.iter().any(|new| within(cut, new)))
            .cloned()
            .collect();
        // What is gone already need not go again.
        let fresh = more.iter().filter(|new| !all.iter().any(|cut| within(new, cut)));
        let fresh: Vec<Edit> = fresh.cloned().collect();
        all.extend(fresh);
        all.sort_by_key(|edit| (edit.start, edit.end));
        all
    }

    fn apply(&self, cuts: &[Edit]) -> Option<Program> {
        edit::apply(self.program, cuts).ok()
    }

    /// Whether each set of cuts leaves the message as it is.
    fn holds(&mut self, sets: &[Vec<Edit>]) -> Vec<bool> {
        let programs: Vec<Option<Program>> = sets.iter().map(|cuts| self.apply(cuts)).collect();
        let hashes: Vec<Option<u64>> = programs
            .iter()
            .map(|program| Some(hash(program.as_ref()?.file(self.source.name())?)))
            .collect();
        let mut fresh: Vec<(u64, usize)> = Vec::new();
        for (index, hash) in hashes.iter().enumerate() {
            if let Some(hash) = hash
                && !self.tried.contains_key(hash)
                && fresh.iter().all(|(known, _)| known != hash)
            {
                fresh.push((*hash, index));
            }
        }
        let batch: Vec<Program> =
            fresh.iter().filter_map(|(_, index)| programs[*index].clone()).collect();
        if !batch.is_empty() && !self.over() {
            let reports = self.compile.compile(&batch, self.depth());
            self.compiles += batch.len();
            for ((hash, index), report) in fresh.into_iter().zip(reports) {
                let report = report.ok();
                let message = report.and_then(|report| self.gives(&report, &sets[index]).cloned());
                self.tried.insert(hash, message);
            }
        }
        hashes
            .iter()
            .map(|hash| hash.is_some_and(|hash| matches!(self.tried.get(&hash), Some(Some(_)))))
            .collect()
    }

    /// A warning that comes late needs the full check.
    fn depth(&self) -> Depth {
        if self.message.is_error() { Depth::Errors } else { Depth::Full }
    }

    /// The message, if a report still has it and has no error that was not there at first.
    fn gives<'r>(&self, report: &'r Report, cuts: &[Edit]) -> Option<&'r Message> {
        let policy = SeverityPolicy::usual(self.language);
        let mut errors = report.messages.iter().filter(|message| policy.counts(message));
        let fits = |message: &Message| self.known.contains(&message.text) || self.is_idle(message);
        if !errors.all(fits) {
            return None;
        }
        let map = PositionMap::new(self.source.name(), cuts);
        let small = self.apply(cuts)?;
        let small = small.file(self.source.name())?;
        report.messages.iter().find(|message| {
            let same = message.text == self.message.text
                && message.code == self.message.code
                && message.severity == self.message.severity;
            let line =
                message.at.as_ref().map(|at| self.source.line_of(map.back(at.range(small).0)));
            same && line == Some(self.line)
        })
    }

    /// Whether a message says that a name is not used, which in Go is an error: parts that are gone
    /// leave such names behind.
    fn is_idle(&self, message: &Message) -> bool {
        self.diagnoser.diagnose(message).shows(MistakeId::UnusedName)
    }

    /// Takes out the lines of names that the gone parts have left without a use.
    fn unused(&mut self) {
        for _ in 0..ROUNDS {
            let Some(program) = self.apply(&self.cuts).filter(|_| !self.over()) else { return };
            let Some(small) = program.file(self.source.name()) else { return };
            let report =
                self.compile.compile(std::slice::from_ref(&program), self.depth()).remove(0);
            self.compiles += 1;
            let Ok(report) = report else { return };
            let map = PositionMap::new(self.source.name(), &self.cuts);
            let new = report
                .messages
                .iter()
                .filter(|message| message.is_error() && !self.known.contains(&message.text));
            let mut lines: Vec<u32> = new
                .filter_map(|message| message.at.as_ref())
                .map(|at| self.source.line_of(map.back(at.range(small).0)))
                .collect();
            lines.dedup();
            let edits: Vec<Edit> = lines
                .into_iter()
                .map(|line| {
                    let start = self.source.line_start(line);
                    Edit::delete(self.source.name(), start, self.source.line_start(line + 1))
                })
                .filter(|edit| edit.end > edit.start)
                .collect();
            if edits.is_empty() || !self.together(&edits) {
                return;
            }
        }
    }

    fn keep(&mut self, more: &[Edit]) {
        self.cuts = self.with(more);
        let lines = self
            .apply(&self.cuts)
            .map_or(0, |program| program.file(self.source.name()).map_or(0, Source::filled_lines));
        (self.progress)(Progress { compiles: self.compiles, lines });
    }

    /// Switches the edits off together if that holds.
    fn attempt(&mut self, more: &[Edit]) -> bool {
        if more.is_empty() || self.over() {
            return false;
        }
        let set = self.with(more);
        let holds = self.holds(&[set])[0];
        if holds {
            self.keep(more);
        }
        holds
    }

    fn gone(&self, unit: &Unit) -> Edit {
        Edit::delete(self.source.name(), unit.start, unit.end)
    }

    fn is_gone(&self, unit: &Unit) -> bool {
        self.cuts.iter().any(|cut| cut.start <= unit.start && unit.end <= cut.end)
    }

    /// Comments go all at once.
    fn comments(&mut self, text: &Text) {
        let all: Vec<Edit> = text
            .lexed
            .comments
            .iter()
            .filter(|token| token.closed && !(token.start..token.end).contains(&self.byte))
            .map(|token| Edit::delete(self.source.name(), token.start, token.end))
            .collect();
        self.attempt(&all);
    }

    /// Narrows the units of one level, then what is inside of those that stay.
    fn level(&mut self, text: &Text, from: usize, to: usize) {
        let units = units::split(text, from, to);
        let (own, others): (Vec<Unit>, Vec<Unit>) =
            units.into_iter().partition(|unit| unit.holds(self.byte));
        self.spare(text, &own, &others);
        self.hollow_all(text, &others);
        // The less is left around the message, the less it needs.
        self.blocks(text, &own);
        self.spare(text, &own, &others);
        self.reduce(&others);
        self.blocks(text, &others);
    }

    /// Takes out what, by the names in it, is not needed.
    fn spare(&mut self, text: &Text, own: &[Unit], others: &[Unit]) {
        let cut = |byte: usize| self.cuts.iter().any(|cut| (cut.start..cut.end).contains(&byte));
        let wanted = units::needed(text, own, others, &cut);
        let spare: Vec<Edit> = others
            .iter()
            .zip(&wanted)
            .filter(|(unit, wanted)| !**wanted && !self.is_gone(unit))
            .map(|(unit, _)| self.gone(unit))
            .collect();
        self.attempt(&spare);
    }

    /// Narrows what the blocks of units hold.
    fn blocks(&mut self, text: &Text, units: &[Unit]) {
        for unit in units {
            for block in &unit.blocks {
                if !self.is_gone(unit) {
                    self.block(text, *block);
                }
            }
        }
    }

    /// Empties the blocks of all units at once: what only they needed can go then.
    fn hollow_all(&mut self, text: &Text, units: &[Unit]) {
        let left: Vec<&Unit> = units.iter().filter(|unit| !self.is_gone(unit)).collect();
        if left.len() < 2 {
            return;
        }
        for variant in 0..2 {
            let blocks = left.iter().flat_map(|unit| &unit.blocks);
            let edits: Vec<Edit> = blocks
                .filter_map(|block| {
                    let inner = units::hollow(text, *block);
                    let inner = inner.get(variant).or(inner.last())?.clone();
                    let lexed = &text.lexed;
                    let (start, end) = (lexed.code[block.0].end, lexed.code[block.1].start);
                    Some(Edit::replace(self.source.name(), start, end, inner))
                })
                .collect();
            if self.attempt(&edits) {
                return;
            }
        }
    }

    /// Empties a block, or narrows what it holds.
    fn block(&mut self, text: &Text, block: (usize, usize)) {
        let lexed = &text.lexed;
        let (start, end) = (lexed.code[block.0].end, lexed.code[block.1].start);
        let holds_place = (start..end).contains(&self.byte);
        if !holds_place {
            for inner in units::hollow(text, block) {
                let edit = Edit::replace(self.source.name(), start, end, inner);
                if self.attempt(&[edit]) {
                    return;
                }
            }
        }
        if !self.over() {
            self.level(text, block.0 + 1, block.1);
        }
    }

    /// Takes out as many units as can go.
    fn reduce(&mut self, units: &[Unit]) {
        for _ in 0..ROUNDS {
            let left: Vec<Edit> = units
                .iter()
                .filter(|unit| !self.is_gone(unit))
                .map(|unit| self.gone(unit))
                .collect();
            if left.is_empty() || self.attempt(&left) || !self.some(&left) {
                return;
            }
        }
    }

    /// Takes out those edits that can go by themselves, together where they can; whether any could.
    fn some(&mut self, edits: &[Edit]) -> bool {
        if self.over() {
            return false;
        }
        let sets: Vec<Vec<Edit>> =
            edits.iter().map(|edit| self.with(std::slice::from_ref(edit))).collect();
        let held = self.holds(&sets);
        let alone: Vec<Edit> = edits
            .iter()
            .zip(held)
            .filter(|(_, holds)| *holds)
            .map(|(edit, _)| edit.clone())
            .collect();
        self.together(&alone)
    }

    /// Edits of which each could go alone: all at once, else in halves.
    fn together(&mut self, edits: &[Edit]) -> bool {
        if edits.is_empty() {
            return false;
        }
        if self.attempt(edits) {
            return true;
        }
        if edits.len() == 1 {
            return false;
        }
        let (one, other) = edits.split_at(edits.len() / 2);
        let first = self.together(one);
        self.together(other) || first
    }

    /// What is given to a name in a statement that stays: a plain value instead.
    fn values(&mut self, text: &Text) {
        let lexed = &text.lexed;
        let mut all = Vec::new();
        for at in 0..lexed.code.len() {
            let equals = lexed.is(at, "=") && lexed.code[at].line != self.line;
            let Some(declared) = text.names.declared.iter().find(|d| equals && d.token + 1 == at)
            else {
                continue;
            };
            let typed = declared.typed.map(|(first, last)| {
                lexed.source.slice(lexed.code[first].start, lexed.code[last].end).into_owned()
            });
            let value = typed.and_then(|typed| lexed.language.default_of(&typed));
            let end = (at + 1..lexed.code.len()).find(|end| {
                text.pairs.inside_of(*end) == text.pairs.inside_of(at)
                    && (lexed.is(*end, lexed.language.terminator) || lexed.starts_line(*end))
            });
            if let (Some(value), Some(end)) = (value, end)
                && end > at + 2
            {
                let (start, stop) = (lexed.code[at + 1].start, lexed.code[end - 1].end);
                all.push(Edit::replace(self.source.name(), start, stop, value));
            }
        }
        all.retain(|edit| {
            !self.cuts.iter().any(|cut| cut.start <= edit.start && edit.end <= cut.end)
        });
        self.some(&all);
    }

    /// Line by line, in ever smaller runs.
    fn by_lines(&mut self) {
        let mut lines: Vec<Edit> = (1..=self.source.line_count())
            .filter(|line| *line != self.line)
            .filter(|line| !self.source.line_bytes(*line).trim_ascii().is_empty())
            .map(|line| {
                let next = self.source.line_start(line + 1).max(self.source.line_end(line));
                Edit::delete(self.source.name(), self.source.line_start(line), next)
            })
            .collect();
        let mut size = lines.len().div_ceil(2).max(1);
        while !lines.is_empty() && !self.over() {
            let mut kept = Vec::new();
            let mut any = false;
            for run in lines.chunks(size) {
                if self.attempt(run) {
                    any = true;
                } else {
                    kept.extend_from_slice(run);
                }
            }
            lines = kept;
            if size == 1 && !any {
                break;
            }
            size = if size == 1 { 1 } else { size.div_ceil(2) };
        }
    }

    fn finish(mut self) -> Result<Narrowed, NarrowError> {
        let complete = !self.over();
        self.blank_lines();
        let program = self.apply(&self.cuts).ok_or(NarrowError::Gone)?;
        let source = program.file(self.source.name()).cloned().ok_or(NarrowError::Gone)?;
        // Nothing is kept that was not compiled.
        let message = self.tried.get(&hash(&source)).cloned().flatten().ok_or(NarrowError::Gone)?;
        let map = PositionMap::new(self.source.name(), &self.cuts);
        let lexed = Lexed::new(&source, self.language);
        let lines = (1..=source.line_count())
            .map(|line| {
                // The place of its first token: what stands before that may have been cut.
                let first = lexed.on_line(line).start;
                let token = lexed.code.get(first).filter(|token| token.line == line);
                let byte = token.map_or(source.line_start(line), |token| token.start);
                self.source.line_of(map.back(byte))
            })
            .collect();
        let compiles = self.compiles;
        Ok(Narrowed { program, source, lines, message, compiles, complete })
    }

    /// Lines that the cuts have left empty go, where the language lets them.
    fn blank_lines(&mut self) {
        let Some(program) = self.apply(&self.cuts) else { return };
        let Some(small) = program.file(self.source.name()) else { return };
        let map = PositionMap::new(self.source.name(), &self.cuts);
        let lexed = Lexed::new(small, self.language);
        let in_text = |start: usize| {
            lexed
                .code
                .iter()
                .any(|t| t.kind == TokenKind::Str && (t.start + 1..t.end).contains(&start))
        };
        let blank: Vec<Edit> = (1..=small.line_count())
            .filter(|line| small.line_bytes(*line).trim_ascii().is_empty())
            .map(|line| (small.line_start(line), small.line_start(line + 1)))
            .filter(|(start, end)| end > start && !in_text(*start))
            .map(|(start, end)| (map.back(start), map.back(end - 1) + 1))
            .filter(|(start, end)| end > start)
            .map(|(start, end)| Edit::delete(self.source.name(), start, end))
            .collect();
        self.attempt(&blank);
    }
}

fn hash(source: &Source) -> u64 {
    let mut hasher = DefaultHasher::new();
    source.bytes().hash(&mut hasher);
    hasher.finish()
}
