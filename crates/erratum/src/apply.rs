//! Shows a change, asks, writes it, and says what came of it: what `mend`, `demo` and the view with
//! keys have in common.

use crate::app::App;
use crate::arguments::{Color, Mend};
use crate::failure::Failure;
use crate::observing::Gap;
use crate::show::{self, links::Links, terminal};
use crate::{asking, files, journaled, preparing, undo};
use erratum_look::{Look, Plan, Session};
use erratum_repair::message::Message;
use erratum_repair::search::SeverityPolicy;
use erratum_repair::verdict::{Root, Verdict};
use erratum_syntax::edit::Edit;
use erratum_syntax::source::Program;
use std::io::{IsTerminal, Write};
use std::path::PathBuf;

/// Mends files of the learner's, where it can be taken back, or (not `own`) a sample.
pub fn mend(app: &App, mend: &Mend, own: bool) -> Result<u8, Failure> {
    if mend.build.is_empty() && mend.files.is_empty() {
        return Err(Failure::said("no file is named. `erratum mend FILE` mends a program."));
    }
    let (builder, story) = app.session(&mend.common, &mend.compile)?;
    let mut session = builder.files(&mend.files).build_command(&mend.build).open()?;
    let look = session.must_prove()?;
    let journal = if own { app.journal } else { Some(false) };
    journaled::look(&session, &look, journal);
    if mend.common.shown.json && !mend.yes && !mend.dry_run {
        return Err(Failure::said("with --json there is nobody to ask: add --yes or --dry-run."));
    }
    if let Some(story) = &story {
        story.tell(&mend.common, Gap::Below)?;
    }
    // Somebody who is asked about each change, or who picked it, has looked at it.
    let asks = !mend.yes && !mend.dry_run && !look.verdict.roots.is_empty();
    let somebody = std::io::stdin().is_terminal();
    let plan = if asks && somebody && mend.pick.is_none() {
        let plan = asking::walk(&mut session, &look, mend)?;
        if plan.steps.is_empty() {
            return nothing_written(&look, &plan, mend, "Nothing was changed.");
        }
        plan
    } else {
        let guesses = mend.guesses || mend.pick.is_some() || (mend.dry_run && !mend.all);
        let wanted = erratum_look::Mend { all: mend.all, pick: mend.pick, guesses };
        let mut plan = session.mend(&look, wanted)?;
        if mend.patch {
            let mut out = show::out(Color::Never);
            show::patch::show(&mut out, &look.program, &plan.after)?;
            out.flush()?;
            return Ok(show::status(&look.verdict, &mend.common));
        }
        if mend.common.shown.json && (plan.steps.is_empty() || mend.dry_run) {
            show_json(&look, mend)?;
        } else if !mend.common.shown.json {
            show_plan(&look, &plan, mend)?;
            plan.left.clear();
        }
        if plan.steps.is_empty() || mend.dry_run {
            return Ok(show::status(&look.verdict, &mend.common));
        }
        if asks && !somebody {
            let why =
                "Nothing was changed, since there is nobody to ask. --yes writes what is shown.";
            return nothing_written(&look, &Plan::nothing(&look.program), mend, why);
        }
        if !mend.yes && !confirmed("Make this change?") {
            return nothing_written(&look, &plan, mend, "Nothing was changed.");
        }
        plan
    };
    write(&look.program, &plan.after, &|name| session.path(name), own)?;
    journaled::mended(&session, &look, journal, |root| {
        !root.choices().is_empty() && (mend.all || root.id == 1)
    });
    let status = after(&mut session, &look, &plan, mend, own)?;
    preparing::afterwards(app.cache.as_ref(), &session, &mend.files, &mend.compile, &mend.common);
    Ok(status)
}

fn show_json(look: &Look, mend: &Mend) -> Result<(), Failure> {
    let (next, links) = (terminal::Next::Nothing, Links::none());
    show::verdict(&look.verdict, &look.program, &mend.common, terminal::Which::All, &next, &links)
}

fn show_plan(look: &Look, plan: &Plan, mend: &Mend) -> Result<(), Failure> {
    let mut out = show::out(mend.common.shown.page.color);
    let width = show::width(mend.common.shown.page.width);
    let name = look.program.files.first().map_or("", |file| file.name());
    if look.verdict.roots.is_empty() {
        writeln!(out, "{name} compiles. There is nothing to mend.")?;
    } else if plan.steps.is_empty() {
        let any = |some: fn(&Root) -> bool| look.verdict.roots.iter().any(some);
        let text = if any(|root| !root.fixes.is_empty()) {
            "No fix is sure, so nothing is changed; --guesses takes guesses, too."
        } else if any(|root| !root.possible.is_empty()) {
            "Only you know which change is meant, so nothing is changed. --pick N takes one of those of the first mistake."
        } else {
            "No fix was found that holds."
        };
        show::paragraph(&mut out, width, "", "", text)?;
    } else if !mend.common.quiet {
        show_steps(&mut out, &plan.steps, &look.program, &plan.after, width)?;
    }
    list(&mut out, "Left for you:", &plan.left, width)?;
    out.flush()?;
    Ok(())
}

/// Shows what is done in words, and the lines that it changes.
///
/// # Errors
/// When it cannot be written.
pub fn show_steps(
    out: &mut impl Write,
    steps: &[String],
    before: &Program,
    after: &Program,
    width: usize,
) -> Result<(), Failure> {
    for step in steps {
        show::paragraph(out, width.saturating_sub(2), "", "", step)?;
    }
    writeln!(out)?;
    terminal::changed_lines(out, before, &whole_edits(before, after), width)?;
    Ok(writeln!(out)?)
}

/// Returns the difference of two programs as one edit per file.
pub fn whole_edits(before: &Program, after: &Program) -> Vec<Edit> {
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

/// Asks at the terminal. Whoever turns away has not agreed.
pub fn confirmed(question: &str) -> bool {
    let asked = dialoguer::Confirm::new().with_prompt(question).default(true).interact_opt();
    matches!(asked, Ok(Some(true)))
}

/// Ends without a change: says so, and what is left.
fn nothing_written(look: &Look, plan: &Plan, mend: &Mend, why: &str) -> Result<u8, Failure> {
    let mut out = show::out(mend.common.shown.page.color);
    let width = show::width(mend.common.shown.page.width);
    show::paragraph(&mut out, width, "", "", why)?;
    list(&mut out, "Left for you:", &plan.left, width)?;
    out.flush()?;
    Ok(show::status(&look.verdict, &mend.common))
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

/// Compiles what was written and says what changed.
fn after(
    session: &mut Session,
    look: &Look,
    plan: &Plan,
    mend: &Mend,
    own: bool,
) -> Result<u8, Failure> {
    let report = match session.report(&plan.after) {
        Ok(report) => report,
        Err(error) => return cannot_tell(&error, mend, own),
    };
    let warnings = session.limits().warnings;
    let policy = session.language().map(|language| SeverityPolicy { language, warnings });
    // Warnings count where they are handled like errors.
    let warns = |m: &Message| mend.common.warnings && policy.is_some_and(|g| g.counts(m));
    let counts = |m: &&Message| m.is_error() || warns(m);
    let left = report.messages.iter().filter(counts).count();
    let status = u8::from(left > 0);
    if mend.common.shown.json {
        show_json(&session.must_prove()?, mend)?;
        return Ok(status);
    }
    let mut out = show::out(mend.common.shown.page.color);
    let width = show::width(mend.common.shown.page.width);
    let name = look.program.files.first().map_or("", |file| file.name());
    writeln!(out, "{}", sentence(&look.verdict, name, left, mend.common.warnings))?;
    list(&mut out, "A guess, so check it:", &plan.guesses, width)?;
    list(&mut out, "Left for you:", &plan.left, width)?;
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

/// What is said where the compiler fails after the change is written.
fn cannot_tell(error: &erratum_look::Error, mend: &Mend, own: bool) -> Result<u8, Failure> {
    let back = if own { " `erratum undo` takes it back." } else { "" };
    let text = format!("The change is written, but could not be compiled: {error}{back}");
    if mend.common.shown.json {
        return Err(Failure::said(text));
    }
    let mut out = show::out(mend.common.shown.page.color);
    show::paragraph(&mut out, show::width(mend.common.shown.page.width), "", "", &text)?;
    out.flush()?;
    Ok(2)
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
