//! `erratum mend`: apply fixes to the learner's files, after showing them and asking.

use crate::arguments::Mend;
use crate::commands::build::Built;
use crate::examine::{Examined, examine};
use crate::failure::Failure;
use crate::show::{self, links::Links, terminal};
use crate::{files, undo};
use erratum_core::edit::{self, Edit};
use erratum_core::message::Message;
use erratum_core::propose::Certainty;
use erratum_core::prove::Gravity;
use erratum_core::source::Program;
use erratum_core::verdict::{Fix, Root, Verdict};
use std::io::{IsTerminal, Write};
use std::path::PathBuf;

/// What is to be done, and what of it is a guess.
pub struct Plan {
    /// The program afterwards.
    pub after: Program,
    /// What is done, in words, with the line it is about.
    pub steps: Vec<String>,
    /// Those steps that are guesses.
    pub guesses: Vec<String>,
    /// Mistakes that stay, each with its advice.
    pub left: Vec<String>,
}

/// Runs it.
pub fn run(mend: &Mend) -> Result<u8, Failure> {
    run_on(mend, true)
}

/// Runs it on a file of the learner's, where it can be taken back, or on a sample.
pub fn run_on(mend: &Mend, own: bool) -> Result<u8, Failure> {
    let mut examined = examined(mend)?;
    if mend.common.shown.json && !mend.yes && !mend.dry_run {
        return Err(Failure::said("with --json there is nobody to ask: add --yes or --dry-run."));
    }
    let mut plan = plan(&examined, mend)?;
    if mend.all {
        go_on(&mut examined, &mut plan, mend.sure)?;
    }
    if !mend.common.shown.json {
        show_plan(&examined, &plan, mend)?;
    }
    if plan.steps.is_empty() || mend.dry_run {
        if mend.common.shown.json {
            show::verdict(
                &examined.verdict,
                &examined.program,
                &mend.common,
                true,
                &terminal::Next::Nothing,
                &Links::none(),
            )?;
        }
        return Ok(show::status(&examined.verdict, &mend.common));
    }
    if !mend.yes && !agreed()? {
        println_out(mend, "Nothing was changed.")?;
        return Ok(show::status(&examined.verdict, &mend.common));
    }
    let path = |name: &str| examined.prover.path(name);
    write(&examined.program, &plan.after, &path, own)?;
    examined.prover.lift_budget();
    after(&examined, &plan, mend, own)
}

/// What is to be mended: the files that are named, or those that a build complains of.
fn examined(mend: &Mend) -> Result<Examined, Failure> {
    if mend.build.is_empty() {
        if mend.files.is_empty() {
            return Err(Failure::said("no file is named. `erratum mend FILE` mends a program."));
        }
        return examine(&mend.files, &mend.common, &mend.compile, true);
    }
    let built = Built::run(&mend.build, &mend.common)?;
    built.must_prove(&mend.common, &mend.compile)
}

/// Decides what to change.
pub fn plan(examined: &Examined, mend: &Mend) -> Result<Plan, Failure> {
    let verdict = &examined.verdict;
    if mend.all {
        return Ok(plan_all(verdict, &examined.program, &examined.mended, mend.sure));
    }
    let empty =
        || Plan { after: examined.program.clone(), steps: vec![], guesses: vec![], left: vec![] };
    let Some(root) = verdict.roots.first() else { return Ok(empty()) };
    let pick = mend.pick.unwrap_or(1);
    let fix = root
        .fixes
        .iter()
        .find(|fix| fix.id == pick && (!mend.sure || fix.certainty == Certainty::Sure));
    let Some(fix) = fix else {
        if mend.pick.is_some() {
            return Err(Failure::said(format!(
                "the first mistake has {} fixes, so --pick {pick} names none. `erratum look` lists them.",
                root.fixes.len()
            )));
        }
        let mut plan = empty();
        plan.left.push(advice(root));
        return Ok(plan);
    };
    let after = edit::apply(&examined.program, &fix.bytes)
        .map_err(|error| Failure::said(format!("the fix cannot be applied: {error}")))?;
    let guesses = if fix.certainty == Certainty::Guess { vec![fix.title.clone()] } else { vec![] };
    Ok(Plan { after, steps: vec![fix.title.clone()], guesses, left: vec![] })
}

/// How many more searches `--all` may start where the budget ended the first.
const ROUNDS: usize = 4;

/// Where the budget ended the search, it starts again from what was mended so far.
fn go_on(examined: &mut Examined, plan: &mut Plan, sure: bool) -> Result<(), Failure> {
    let mut complete = examined.verdict.complete;
    for _ in 0..ROUNDS {
        if complete || plan.steps.is_empty() {
            break;
        }
        let found = examined.again(&plan.after)?;
        complete = found.verdict.complete;
        let more = plan_all(&found.verdict, &plan.after, &found.mended, sure);
        plan.left = more.left;
        if more.steps.is_empty() {
            break;
        }
        plan.after = more.after;
        plan.steps.extend(more.steps);
        plan.guesses.extend(more.guesses);
    }
    Ok(())
}

fn plan_all(verdict: &Verdict, program: &Program, mended: &Program, sure: bool) -> Plan {
    let wanted = |fix: &&Fix| !sure || fix.certainty == Certainty::Sure;
    let mut plan = Plan { after: program.clone(), steps: vec![], guesses: vec![], left: vec![] };
    let complete = verdict.roots.iter().all(|root| root.fixes.first().filter(wanted).is_some());
    let mut edits: Vec<Edit> = Vec::new();
    for root in &verdict.roots {
        let Some(fix) = root.fixes.first().filter(wanted) else {
            plan.left.push(advice(root));
            continue;
        };
        let mut more = edits.clone();
        more.extend(fix.bytes.iter().cloned());
        if !complete && edit::apply(program, &more).is_err() {
            plan.left.push(format!(
                "line {}: {} (it touches another change; run the command again)",
                root.at.line, root.title
            ));
            continue;
        }
        edits = more;
        plan.steps.push(fix.title.clone());
        if fix.certainty == Certainty::Guess {
            plan.guesses.push(fix.title.clone());
        }
    }
    plan.after = if complete {
        mended.clone()
    } else {
        edit::apply(program, &edits).unwrap_or_else(|_| program.clone())
    };
    plan
}

fn advice(root: &Root) -> String {
    format!("line {}: {}. {}", root.at.line, root.title, root.advice)
}

fn show_plan(examined: &Examined, plan: &Plan, mend: &Mend) -> Result<(), Failure> {
    let mut out = show::out(mend.common.shown.page.color);
    let width = show::width(mend.common.shown.page.width);
    let name = examined.program.files.first().map_or("", |file| file.name());
    if examined.verdict.roots.is_empty() {
        writeln!(out, "{name} compiles. There is nothing to mend.")?;
    } else if plan.steps.is_empty() {
        writeln!(out, "No fix was found that holds.")?;
    } else if !mend.common.quiet {
        for step in &plan.steps {
            for line in textwrap::wrap(step, width.saturating_sub(2)) {
                writeln!(out, "{line}")?;
            }
        }
        writeln!(out)?;
        let edits = whole_edits(&examined.program, &plan.after);
        terminal::changed_lines(&mut out, &examined.program, &edits, width)?;
        writeln!(out)?;
    }
    list(&mut out, "Left for you:", &plan.left, width)?;
    out.flush()?;
    Ok(())
}

/// The difference of two programs as one edit per file.
fn whole_edits(before: &Program, after: &Program) -> Vec<Edit> {
    let changed = before.files.iter().filter_map(|old| Some((old, after.file(old.name())?)));
    changed
        .filter(|(old, new)| old.bytes() != new.bytes())
        .map(|(old, new)| {
            Edit::replace(old.name(), 0, old.bytes().len(), String::from_utf8_lossy(new.bytes()))
        })
        .collect()
}

fn list(out: &mut impl Write, head: &str, items: &[String], width: usize) -> Result<(), Failure> {
    if !items.is_empty() {
        writeln!(out, "{head}")?;
    }
    for item in items {
        show::paragraph(out, width, "  - ", "    ", item)?;
    }
    Ok(())
}

fn agreed() -> Result<bool, Failure> {
    if !std::io::stdin().is_terminal() {
        return Err(Failure::said(
            "there is nobody to ask. Add --yes to write the change, or --dry-run to only see it.",
        ));
    }
    let asked =
        dialoguer::Confirm::new().with_prompt("Make this change?").default(true).interact_opt();
    match asked {
        Ok(answer) => Ok(answer.unwrap_or(false)),
        Err(_) => Ok(false),
    }
}

/// Writes the files that changed, after noting how to take it back (if they are the learner's own).
/// `path` says where a file stands.
pub fn write(
    before: &Program,
    after: &Program,
    path: &dyn Fn(&str) -> PathBuf,
    own: bool,
) -> Result<(), Failure> {
    let mut changes = Vec::new();
    for old in &before.files {
        let Some(new) = after.file(old.name()).filter(|new| new.bytes() != old.bytes()) else {
            continue;
        };
        changes.push(undo::Change {
            path: files::target(&path(old.name()))?,
            before: old.bytes().to_vec(),
            after: new.bytes().to_vec(),
        });
    }
    if own {
        undo::note(&changes)?;
    }
    for change in &changes {
        files::replace(&change.path, &change.before, &change.after)?;
    }
    Ok(())
}

fn println_out(mend: &Mend, text: &str) -> Result<(), Failure> {
    let mut out = show::out(mend.common.shown.page.color);
    writeln!(out, "{text}")?;
    out.flush()?;
    Ok(())
}

/// Compiles what was written and says what changed.
fn after(examined: &Examined, plan: &Plan, mend: &Mend, own: bool) -> Result<u8, Failure> {
    let report = examined.prover.report(&plan.after).map_err(Failure::Said)?;
    let gravity =
        Gravity { language: examined.prover.language(), warnings: examined.limits.warnings };
    // Warnings count where they are handled like errors.
    let counts = |m: &&Message| m.is_error() || (mend.common.warnings && gravity.counts(m));
    let left = report.messages.iter().filter(counts).count();
    let status = u8::from(left > 0);
    if mend.common.shown.json {
        let common = &mend.common;
        let again = self::examined(mend)?;
        let (next, links) = (terminal::Next::Nothing, Links::none());
        show::verdict(&again.verdict, &again.program, common, true, &next, &links)?;
        return Ok(status);
    }
    let mut out = show::out(mend.common.shown.page.color);
    let width = show::width(mend.common.shown.page.width);
    let name = examined.program.files.first().map_or("", |file| file.name());
    writeln!(out, "{}", sentence(&examined.verdict, name, left, mend.common.warnings))?;
    list(&mut out, "A guess, so check it:", &plan.guesses, width)?;
    if left > 0
        && let Some(next) = report.messages.iter().find(counts)
    {
        let line = next.line().map_or(String::new(), |line| format!("line {line}: "));
        list(&mut out, "The next message:", &[format!("{line}{}", next.text)], width)?;
    }
    if own {
        writeln!(out, "`erratum undo` takes it back.")?;
    }
    out.flush()?;
    Ok(status)
}

fn sentence(verdict: &Verdict, name: &str, left: usize, warnings: bool) -> String {
    let before = verdict.errors() + if warnings { verdict.warnings() } else { 0 };
    let what = if verdict.errors() == before { "errors" } else { "messages" };
    match (before, left) {
        (_, 0) if verdict.errors() == 0 && before > 0 => {
            format!("Written. {name} compiles, and the compiler warns of nothing.")
        }
        (_, 0) => format!("Written. {name} compiles now."),
        (before, left) if left < before => {
            let verb = if left == 1 { "is" } else { "are" };
            format!(
                "Written. {} of {before} {what} {} gone; {left} {verb} left.",
                before - left,
                if before - left == 1 { "is" } else { "are" }
            )
        }
        (_, left) => format!(
            "Written. That mistake is gone, and {left} that {} hidden behind it can now be seen. That is progress.",
            if left == 1 { "was" } else { "were" }
        ),
    }
}
