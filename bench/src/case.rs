//! One case: a program with planted mistakes, looked at, and held against the truth.

use crate::sample::Sample;
use crate::tally::Tally;
use erratum_catalogue::Catalogue;
use erratum_repair::message::Message;
use erratum_repair::plant::Planted;
use erratum_repair::search::{self, Budget, Compile, Depth, Found, Limits, Search, SeverityPolicy};
use erratum_repair::verdict::{Role, Verdict};
use erratum_syntax::edit;
use erratum_syntax::lex::Lexed;
use erratum_syntax::source::Program;
use std::error::Error;
use std::time::Instant;

/// How a case is looked at.
#[derive(Clone, Copy)]
pub struct How {
    /// By messages and text alone, without trying anything.
    pub judged: bool,
    /// How far the search may go.
    pub budget: Budget,
}

/// A case that was looked at.
pub struct Outcome {
    pub tally: Tally,
    pub verdict: Verdict,
    mended: Program,
    /// For each mistake, the root that is on its line.
    roots: Vec<Option<usize>>,
}

impl Outcome {
    /// Whether everything came out right.
    pub fn is_right(&self) -> bool {
        let t = &self.tally;
        t.found == t.mistakes && t.false_roots == 0 && t.restored == 1 && t.attributed == t.messages
    }
}

/// Looks at a case; nothing if the compiler has no objection to it.
pub fn look(
    sample: &mut Sample,
    set: &[Planted],
    how: How,
) -> Result<Option<Outcome>, Box<dyn Error>> {
    let mut session = sample.session(&set[0].source)?;
    sample.lend(&mut session, false);
    let started = Instant::now();
    let first = session.first().unwrap_or_default();
    let policy = SeverityPolicy::usual(sample.language);
    if !first.messages.iter().any(|message| policy.counts(message)) {
        sample.lend(&mut session, true);
        return Ok(None);
    }
    let mut limits = Limits::default();
    match how.budget {
        Budget::Time(time) => session.set_budget(time),
        Budget::Compiles(most) => limits.compiles = Some(most),
    }
    let program = Program::single(set[0].source.clone());
    let said = first.messages.clone();
    let catalogue = Catalogue::shipped();
    let found = if how.judged {
        let compiler = session.compiler();
        let verdict =
            search::judge(&catalogue, &program, Some(sample.language), &first, compiler, limits);
        Found { verdict, mended: program.clone(), withheld: Vec::new() }
    } else {
        Search::new(&catalogue, &program, sample.language, &session).limits(limits).run(first)
    };
    let time = started.elapsed();
    let Found { verdict, mended, .. } = found;
    session.lift_budget();
    let report = session.compile(std::slice::from_ref(&mended), Depth::Errors).remove(0);
    sample.lend(&mut session, true);
    let roots = matched(&verdict, set);
    let mut tally = Tally { cases: 1, mistakes: set.len(), ..Tally::default() };
    tally.times.push(time.as_secs_f64() / sample.check.as_secs_f64());
    tally.found = roots.iter().flatten().count();
    tally.roots = verdict.roots.len();
    tally.false_roots = tally.roots - tally.found;
    if let Some(root) = verdict.roots.first() {
        tally.line = usize::from(set.iter().any(|one| one.lines.contains(&root.at.line)));
        if let Some(fix) = root.choices().first() {
            tally.clears = 1;
            tally.first_exact = usize::from(takes_back_one(sample, &program, set, &fix.bytes));
        }
    }
    let errors: Vec<usize> = (0..said.len()).filter(|index| said[*index].is_error()).collect();
    let messages: Vec<&Message> = errors.iter().map(|index| &said[*index]).collect();
    for (index, owner) in errors.iter().zip(sample.owners(set, &messages)) {
        let Some(owner) = owner else { continue };
        tally.messages += 1;
        let told = &verdict.messages[*index];
        let root = told.root.filter(|_| told.role != Role::Unsettled);
        tally.attributed += usize::from(root.is_some() && root == roots[owner]);
    }
    if !how.judged {
        let sound = report.is_ok_and(|report| !report.messages.iter().any(Message::is_error));
        tally.compiles = usize::from(sound);
        tally.restored = usize::from(sample.is_restored(&mended.files[0]));
    }
    Ok(Some(Outcome { tally, verdict, mended, roots }))
}

/// For each mistake, the first root on one of its lines that no other mistake has. A single
/// mistake's messages may be put down to any root on its line.
fn matched(verdict: &Verdict, set: &[Planted]) -> Vec<Option<usize>> {
    let mut free: Vec<(usize, u32)> = verdict.roots.iter().map(|r| (r.id, r.at.line)).collect();
    let mut matched = vec![None; set.len()];
    // Mistakes with few lines choose first.
    let mut order: Vec<usize> = (0..set.len()).collect();
    order.sort_by_key(|index| set[*index].lines.len());
    for index in order {
        let found = free.iter().position(|(_, line)| set[index].lines.contains(line));
        matched[index] = found.map(|at| free.remove(at).0);
    }
    matched
}

/// Whether a fix of the first root gives back the text without one of the mistakes.
fn takes_back_one(sample: &Sample, program: &Program, set: &[Planted], fix: &[edit::Edit]) -> bool {
    let Ok(mended) = edit::apply(program, fix) else { return false };
    set.iter().any(|one| {
        let Ok(wanted) = edit::apply(program, &one.reverse) else { return false };
        let lexed = |program: &Program| Lexed::new(&program.files[0], sample.language);
        lexed(&wanted).words() == lexed(&mended).words()
    })
}

/// Prints a case for people to read.
pub fn show(sample: &Sample, set: &[Planted], outcome: &Outcome) {
    let tally = &outcome.tally;
    println!(
        "--- {}: found {}/{}, false {}, attributed {}/{}, compiles {}, restored {} ({} compiles, {})",
        sample.source.name(),
        tally.found,
        tally.mistakes,
        tally.false_roots,
        tally.attributed,
        tally.messages,
        tally.compiles,
        tally.restored,
        outcome.verdict.compiles,
        if outcome.verdict.complete { "to the end" } else { "budget spent" }
    );
    for (one, root) in set.iter().zip(&outcome.roots) {
        for edit in &one.edits {
            println!(
                "  planted {} on {:?}: {:?} -> {:?}{}",
                one.kind,
                one.lines,
                sample.source.slice(edit.start, edit.end),
                edit.text,
                if root.is_none() { "   NOT FOUND" } else { "" }
            );
        }
        let line = one.lines.first().copied().unwrap_or(1);
        println!("    text: {}", one.source.line_text(line).trim());
    }
    for message in outcome.verdict.messages.iter().take(12) {
        println!(
            "  says {}: {} [{:?} {:?}]",
            message.at.as_ref().map_or(0, |at| at.line),
            message.text,
            message.role,
            message.root
        );
    }
    for root in &outcome.verdict.roots {
        let named = outcome.roots.contains(&Some(root.id));
        println!(
            "  root {} line {}: {} [{}]{}{}",
            root.id,
            root.at.line,
            root.title,
            root.mistake,
            if root.hidden { " hidden" } else { "" },
            if named { "" } else { "   FALSE" }
        );
        for fix in root.fixes.iter().take(3) {
            println!("     fix: {} {:?}", fix.title, fix.certainty);
        }
    }
    let lines = |text: &str| text.lines().map(str::to_owned).collect::<Vec<_>>();
    let sound = lines(&String::from_utf8_lossy(sample.source.bytes()));
    let mended = lines(&String::from_utf8_lossy(outcome.mended.files[0].bytes()));
    if tally.restored == 0 {
        for line in mended.iter().filter(|line| !sound.contains(line)).take(12) {
            println!("  mended has: {}", line.trim());
        }
    }
}
