//! Why mistakes are missed, counted without showing where: so that programs whose failures are not
//! read still tell which mechanism fails.

use super::marked::Marked;
use super::session;
use erratum_catalogue::Catalogue;
use erratum_compilers::Session;
use erratum_repair::message::Message;
use erratum_repair::search::{self, Because, Event, Left, Observer, Search, Withheld};
use erratum_repair::verdict::{Fix, Role, Root, Verdict};
use erratum_syntax::edit::Edit;
use erratum_syntax::language::Language;
use erratum_syntax::source::Program;
use std::collections::BTreeMap;
use std::error::Error;

/// How many lines beside a mistake a root is still near it.
const NEAR: u32 = 2;

/// How many mistakes were missed for each cause.
#[derive(Default)]
pub struct Causes(BTreeMap<String, usize>);

impl Causes {
    /// Adds those of another part.
    pub fn add(&mut self, other: &Causes) {
        for (cause, count) in &other.0 {
            *self.0.entry(cause.clone()).or_default() += count;
        }
    }

    /// Prints them, the most frequent first.
    pub fn print(&self) {
        let mut all: Vec<_> = self.0.iter().collect();
        all.sort_by_key(|(cause, count)| (std::cmp::Reverse(**count), cause.as_str()));
        println!("\n{:<64} {:>6}", "missed", "count");
        all.iter().for_each(|(cause, count)| println!("{cause:<64} {count:>6}"));
    }

    /// Counts a mistake that a look has missed, and returns its cause.
    ///
    /// # Errors
    /// When the compiler cannot be run.
    pub fn count(
        &mut self,
        program: &Marked,
        missed: usize,
        seen: &Seen,
        settings: (&'static Language, usize),
    ) -> Result<String, Box<dyn Error>> {
        let cause = match alone(program, missed, settings)? {
            Some(cause) => cause.to_owned(),
            None => seen.cause(program, missed),
        };
        *self.0.entry(cause.clone()).or_default() += 1;
        Ok(cause)
    }
}

/// Whether a mistake is missed as well where the program has no other; how, if it is.
fn alone(
    program: &Marked,
    mistake: usize,
    (language, compiles): (&'static Language, usize),
) -> Result<Option<&'static str>, Box<dyn Error>> {
    let single = program.alone(mistake);
    let text = Program::single(single.wrong());
    let mut session: Session = session(&single.wrong(), language)?;
    let report = session.first()?;
    if !report.messages.iter().any(Message::is_error) {
        return Ok(Some("alone: no error"));
    }
    let at = |lines: Vec<u32>| single.each_at(lines.into_iter()).iter().any(Option::is_some);
    let told = report.messages.iter().filter(|m| m.is_error()).filter_map(Message::line).collect();
    let limits = search::Limits { compiles: Some(compiles), ..search::Limits::default() };
    let catalogue = Catalogue::shipped();
    let found = Search::new(&catalogue, &text, language, &session).limits(limits).run(report);
    let roots = found.verdict.roots.iter().filter(|root| !root.warning);
    if at(roots.map(|root| root.at.line).collect()) {
        return Ok(None);
    }
    let on_line = at(told);
    Ok(Some(match (on_line, found.verdict.roots.iter().any(|root| !root.fixes.is_empty())) {
        (true, true) => "alone: told on its line, mended elsewhere",
        (true, false) => "alone: told on its line, and no root there",
        (false, true) => "alone: told elsewhere, mended elsewhere",
        (false, false) => "alone: told elsewhere, no fix",
    }))
}

/// What a look did, as far as a cause needs it.
#[derive(Default)]
pub struct Seen {
    /// The lines of the messages that were looked at, and the parts that were switched off or passed.
    targets: Vec<u32>,
    blanked: Vec<(u32, u32)>,
    passed: Vec<u32>,
    left: Vec<Left>,
    /// The roots' lines.
    roots: Vec<u32>,
    /// Lines of the first report's errors, with the line of the root that they are put down to.
    told: Vec<(u32, Role, Option<u32>)>,
    complete: bool,
}

impl Observer for Seen {
    fn notice(&mut self, event: Event) {
        match event {
            Event::Target { said, .. } => self.targets.push(said.line),
            Event::Blanked { line, last } => self.blanked.push((line, last)),
            Event::Finished { left, .. } => self.left = left,
            Event::Passed => self.passed.extend(self.targets.last()),
            _ => {}
        }
    }
}

impl Seen {
    /// Takes what a verdict says.
    pub fn judged(&mut self, verdict: &Verdict) {
        self.complete = verdict.complete;
        self.roots = verdict.roots.iter().map(|root| root.at.line).collect();
        let errors = verdict.messages.iter().filter_map(|told| {
            let line = told.at.as_ref()?.line;
            let root = told.root.and_then(|id| verdict.roots.get(id.checked_sub(1)?));
            Some((line, told.role, root.map(|root| root.at.line)))
        });
        self.told = errors.collect();
    }

    fn cause(&self, program: &Marked, missed: usize) -> String {
        let (first, last) = program.mistakes[missed].lines;
        let holds = |line: &u32| (first..=last).contains(line);
        let near = |line: &u32| (first.saturating_sub(NEAR)..=last + NEAR).contains(line);
        let others = |line: &u32| {
            let mut all = program.mistakes.iter().enumerate();
            all.any(|(at, one)| at != missed && (one.lines.0..=one.lines.1).contains(line))
        };
        let beside = self.roots.iter().any(|line| near(line) && !others(line));
        let what = if let Some((_, role, root)) = self.told.iter().find(|(line, ..)| holds(line)) {
            match (role, root) {
                (Role::Unsettled, _) => "reported, unsettled",
                (_, Some(root)) if others(root) => "reported, put down to another mistake",
                (_, Some(_)) => "reported, put down to no mistake",
                (_, None) => "reported, put down to nothing",
            }
        } else if self.targets.iter().any(holds) {
            "seen later, looked at"
        } else if let Some(left) = self.left.iter().find(|left| holds(&left.said.line)) {
            match left.because {
                Because::Passed => "seen at the end, put down to one that was passed over",
                Because::NamesBlanked => "seen at the end, names what was switched off",
                Because::TellsOfLoss => "seen at the end, put down to a loss",
                Because::End => "seen at the end",
            }
        } else if self.blanked.iter().any(|part| part.0 <= last && first <= part.1) {
            "never seen, within a part that was switched off"
        } else if self.passed.iter().any(near) {
            "never seen, one near it was passed over"
        } else if self.left.is_empty() {
            "never seen, and no error is left"
        } else {
            "never seen, and others are left"
        };
        let end = if self.complete { "" } else { ", budget spent" };
        let beside = if beside { ", a false root near it" } else { "" };
        format!("among others: {what}{beside}{end}")
    }
}

/// In which ways a sure change was found, to see which of them are wrong.
pub fn ways(
    root: &Root,
    fix: &Fix,
    on_mistake: bool,
    program: &Program,
    language: &'static Language,
) -> [String; 3] {
    let told = if root.hidden { "hidden" } else { "reported" };
    let placed = if on_mistake { "on a mistake" } else { "on no mistake" };
    let written = written(&fix.bytes, program, language);
    [told.to_owned(), placed.to_owned(), format!("{}: {written}", fix.mistake.as_str())]
}

/// What a change writes, in a few words: what it puts in, and what it takes away.
fn written(edits: &[Edit], program: &Program, language: &'static Language) -> String {
    let [edit] = edits else { return format!("{} edits", edits.len()) };
    let old = program.file(&edit.file).map(|file| file.slice(edit.start, edit.end));
    let is_word = |text: &str| text.chars().all(|c| c.is_alphanumeric() || c == '_');
    let class = |text: &str| match text.trim() {
        "" => "nothing",
        word if language.is_keyword(word) => "a keyword",
        word if language.is_type(word) => "a type",
        word if is_word(word) => "a word",
        other if other.contains(char::is_alphabetic) => "words and marks",
        _ => "marks",
    };
    format!("{} for {}", class(&edit.text), class(&old.unwrap_or_default()))
}

/// How a root came to be told, to see which of them are no mistake: whether the compiler reported it, whether
/// it has a fix, and how many before it have none.
pub fn standing(roots: &[&Root], at: usize) -> String {
    let root = roots[at];
    let told = if root.hidden { "hidden" } else { "reported" };
    let mended = |root: &Root| match (root.fixes.is_empty(), root.possible.is_empty()) {
        (false, _) => "a fix",
        (true, false) => "possible ones",
        (true, true) => "no fix",
    };
    let open = roots[..at].iter().filter(|before| before.fixes.is_empty()).count();
    let behind = ["none", "one", "two or more"][open.min(2)];
    format!("root, {told}, {}, {} without a fix before it", mended(root), behind)
}

/// Whether a root without a fix stands on a mistake, and whether the first that is possible would.
pub fn placed(root: &Root, is_mistake: impl Fn(u32) -> bool) -> String {
    let possible = root.possible.first().and_then(|fix| fix.edits.first());
    let possible = match possible.map(|edit| is_mistake(edit.at.line)) {
        Some(true) => "on one",
        Some(false) => "on none",
        None => "nothing",
    };
    let own = if is_mistake(root.at.line) { "on a mistake" } else { "on none" };
    format!("without a fix, {own}; possible: {possible}")
}

/// How what is withheld stands to the root that it may come of.
pub fn withheld(one: &Withheld, verdict: &Verdict) -> &'static str {
    let Some(before) = one.behind.checked_sub(1).and_then(|at| verdict.roots.get(at)) else {
        return "withheld";
    };
    let fixes = before.choices();
    let line = one.root.at.line;
    let same = fixes.iter().flat_map(|fix| &fix.edits).any(|edit| edit.at.line == line);
    match (same || before.at.line == line, before.fixes.first(), one.root.fixes.first()) {
        (true, _, _) => "withheld, on its line",
        (false, None, _) => "withheld, behind one without a fix",
        (false, _, None) => "withheld, behind a fix, and without one",
        (false, Some(_), Some(_)) => "withheld, behind a fix, with one",
    }
}
