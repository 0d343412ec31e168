//! The verdict for people: one mistake at a time; where, then what, then what to do.
//!
//! Lines of the program are named in words ("at fault", "reported"), so that the view says the same
//! without colour and through a screen reader.

use super::area::area;
use super::links::Links;
use super::numbered::Numbered;
use super::{inset, listed, paragraph, plural, shown};
use anstyle::{AnsiColor, Style};
use erratum_repair::fixes::Certainty;
use erratum_repair::message::{Place, Severity};
use erratum_repair::verdict::{Evidence, Fix, Role, Root, Taken, Told, Verdict};
use erratum_syntax::edit::{self, Edit};
use erratum_syntax::source::{Program, Source};
use std::io::{self, Write};

pub(super) const HEAD: Style = Style::new().bold();
pub(super) const FAULT: Style = AnsiColor::Magenta.on_default().bold();
pub(super) const REPORTED: Style = AnsiColor::Cyan.on_default();
pub(super) const GOOD: Style = AnsiColor::Green.on_default();
pub(super) const QUIET: Style = Style::new().dimmed();

/// What to suggest at the end.
pub enum Next {
    /// The command that mends.
    Mend(String),
    /// Nothing can be mended: a saved log.
    Nothing,
}

/// Which mistakes are shown.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Which {
    /// The first, whole.
    First,
    /// A list of all.
    All,
    /// The one with this number, from 1, whole.
    Only(usize),
}

impl Which {
    /// What `--all` and `--only` ask for.
    pub fn asked(all: bool, only: Option<usize>) -> Which {
        match only {
            Some(number) => Which::Only(number),
            None if all => Which::All,
            None => Which::First,
        }
    }
}

/// How to show a verdict.
pub struct View<'a> {
    /// The program as it stands.
    pub program: &'a Program,
    /// Columns.
    pub width: usize,
    /// Which mistakes.
    pub which: Which,
    /// What was run, too.
    pub verbose: bool,
    /// What to suggest at the end.
    pub next: &'a Next,
    /// Makes links of places.
    pub links: &'a Links<'a>,
    /// Whether all warnings are handled like errors.
    pub warnings: bool,
    /// Long messages whole.
    pub whole: bool,
    /// What only follows from a mistake, too.
    pub unfold: bool,
}

impl View<'_> {
    /// Writes the whole view.
    pub fn show(&self, out: &mut impl Write, verdict: &Verdict) -> io::Result<()> {
        self.summary(out, verdict)?;
        let all = self.which == Which::All;
        if all {
            self.map(out, verdict)?;
        }
        // A list is for several; asked for whole, they are shown one after the other.
        let listed = all && verdict.roots.len() > 1 && !self.whole;
        if listed {
            self.list(out, verdict)?;
        } else {
            self.one_by_one(out, verdict)?;
        }
        let shown = if all { verdict.roots.len() } else { 1 };
        self.rest(out, verdict, shown)?;
        if self.verbose {
            self.details(out, verdict)?;
        }
        Ok(())
    }

    /// Shows mistakes whole.
    fn one_by_one(&self, out: &mut impl Write, verdict: &Verdict) -> io::Result<()> {
        let mut before = None;
        let (skipped, most) = match self.which {
            Which::First => (0, 1),
            Which::All => (0, verdict.roots.len()),
            Which::Only(number) => (number.saturating_sub(1), 1),
        };
        for root in verdict.roots.iter().skip(skipped).take(most) {
            writeln!(out)?;
            // What kind of error it is is said where it is another than before.
            let new = before != Some(root.area) && !root.warning;
            let area = new.then(|| area(verdict, root));
            self.root(out, verdict, root, area.as_deref())?;
            before = Some(root.area);
        }
        Ok(())
    }

    /// A text in lines of the width.
    pub fn paragraph(
        &self,
        out: &mut impl Write,
        first: &str,
        rest: &str,
        text: &str,
    ) -> io::Result<()> {
        paragraph(out, self.width, first, rest, text)
    }

    /// How many errors there are, and how many mistakes are behind them.
    pub fn summary(&self, out: &mut impl Write, verdict: &Verdict) -> io::Result<()> {
        let file = self.program.files.first().map_or("The program", |file| file.name());
        let compiler = if verdict.build.compiler.is_empty() {
            "the compiler"
        } else {
            &verdict.build.compiler
        };
        let errors = verdict.errors();
        let roots = verdict.roots.iter().filter(|root| !root.warning).count();
        let warnings = verdict.roots.len() - roots;
        let hidden = verdict.roots.iter().filter(|root| root.hidden && !root.warning).count();
        let text = if errors == 0 {
            let compiles = if verdict.build.compiler.is_empty() {
                "No errors are in this output".to_owned()
            } else {
                format!("{file} compiles")
            };
            match warnings {
                0 if verdict.build.language == "qml" => format!(
                    "{compiler} has nothing to say of {file}. QML is read when the program runs, so this proves little: run it."
                ),
                0 => format!("{compiles}."),
                n if self.warnings => {
                    format!("{compiles}, but {compiler} warns of {}.", plural(n, "thing", "things"))
                }
                n => format!(
                    "{compiles}, but {compiler} warns of {} that may go wrong when it runs.",
                    plural(n, "thing", "things")
                ),
            }
        } else {
            let reported = roots - hidden;
            let mut text = format!("{file} does not compile. ");
            if verdict.build.compiler.is_empty() {
                text = String::new();
            }
            text += &format!(
                "{} {compiler}; behind {}",
                given(errors),
                if errors == 1 { "it" } else { "them" }
            );
            text += &if reported == 1 {
                " is 1 mistake".to_owned()
            } else {
                format!(" are {}", plural(reported, "mistake", "mistakes"))
            };
            if hidden > 0 {
                text += &format!(
                    ", and {} not reported yet",
                    if hidden == 1 { "1 more is".to_owned() } else { format!("{hidden} more are") }
                );
            }
            text + &match warnings {
                0 => ".".to_owned(),
                n => format!(". It also warns of {}.", plural(n, "thing", "things")),
            }
        };
        write!(out, "{HEAD}")?;
        self.paragraph(out, "", "", &text)?;
        write!(out, "{HEAD:#}")?;
        if !verdict.complete {
            self.paragraph(out, "", "", "The time for the search is up: there may be more. A larger --budget lets it go on.")?;
        }
        for taken in verdict.build.taken.iter().take(TAKEN) {
            self.paragraph(out, "", "", &taken_for(taken))?;
        }
        Ok(())
    }

    fn root(
        &self,
        out: &mut impl Write,
        verdict: &Verdict,
        root: &Root,
        area: Option<&str>,
    ) -> io::Result<()> {
        self.head(out, verdict, root)?;
        writeln!(out)?;
        self.whole(out, verdict, root)?;
        if let Some(area) = area {
            write!(out, "{QUIET}")?;
            self.paragraph(out, "  Kind of error: ", "       ", area)?;
            write!(out, "{QUIET:#}")?;
        }
        Ok(())
    }

    /// A mistake below its heading: the lines, and all that is said of it.
    pub(super) fn whole(
        &self,
        out: &mut impl Write,
        verdict: &Verdict,
        root: &Root,
    ) -> io::Result<()> {
        let message = root.messages.first().and_then(|id| verdict.message(*id));
        self.excerpt(out, root, message.and_then(|m| m.at.as_ref()))?;
        writeln!(out)?;
        self.explanation(out, verdict, root)
    }

    /// Which mistake it is, and what is wrong.
    pub fn head(&self, out: &mut impl Write, verdict: &Verdict, root: &Root) -> io::Result<()> {
        let kind = if root.warning { "Warning" } else { "Mistake" };
        let alike = || verdict.roots.iter().filter(|other| other.warning == root.warning);
        let number = alike().filter(|other| other.id <= root.id).count();
        let count = match alike().count() {
            1 => String::new(),
            all => format!(" {number} of {all}"),
        };
        let head = format!("{kind}{count}: {}", root.title);
        write!(out, "{HEAD}")?;
        self.paragraph(out, "", "    ", &head)?;
        write!(out, "{HEAD:#}")
    }

    /// What the compiler says, why, what to do, and what only follows.
    pub fn explanation(
        &self,
        out: &mut impl Write,
        verdict: &Verdict,
        root: &Root,
    ) -> io::Result<()> {
        let message = root.messages.first().and_then(|id| verdict.message(*id));
        self.said(out, verdict, root, message)?;
        self.laid_out(out, root, &self.excerpt_lines(root, message.and_then(|m| m.at.as_ref())))?;
        if !root.meaning.is_empty() {
            self.paragraph(out, "  Why: ", "       ", &root.meaning)?;
        }
        self.beside(out, verdict, root)?;
        writeln!(out)?;
        match root.fixes.first() {
            Some(fix) => self.fix(out, root, fix)?,
            None => self.paragraph(out, "  What to try: ", "       ", &root.advice)?,
        }
        self.possible(out, root)?;
        self.alternatives(out, root)?;
        self.follows(out, verdict, root)
    }

    /// The lines that an excerpt shows; none if the file is not here.
    fn excerpt_lines(&self, root: &Root, reported: Option<&Place>) -> Vec<u32> {
        let Some(source) = self.program.file(&root.at.file) else { return Vec::new() };
        let (at, other) = (root.at.line, reported_line(root, reported));
        let near = at.abs_diff(other) <= 5;
        let (first, last) = if near { (at.min(other), at.max(other)) } else { (at, at) };
        let mut lines: Vec<u32> =
            (first.saturating_sub(1).max(1)..=(last + 1).min(source.line_count())).collect();
        if !near {
            if other < at {
                lines.insert(0, other);
            } else {
                lines.push(other);
            }
        }
        lines
    }

    /// The lines around the place at fault, and the reported one if it is another.
    fn excerpt(
        &self,
        out: &mut impl Write,
        root: &Root,
        reported: Option<&Place>,
    ) -> io::Result<()> {
        let Some(source) = self.program.file(&root.at.file) else {
            return self.paragraph(
                out,
                "  ",
                "  ",
                &format!("In {}, line {} (the file is not here).", root.at.file, root.at.line),
            );
        };
        let at = root.at.line;
        let other = reported_line(root, reported);
        let lines = self.excerpt_lines(root, reported);
        if self.program.files.len() > 1 || source.name().contains('/') {
            writeln!(out, "  In {}:", source.name())?;
        }
        let digits = lines.iter().max().map_or(1, |line| line.to_string().len());
        let mut before = None;
        for line in lines {
            if before.is_some_and(|before: u32| line > before + 1) {
                writeln!(out)?;
            }
            before = Some(line);
            self.line(out, source, line, digits, at, other)?;
        }
        Ok(())
    }

    fn line(
        &self,
        out: &mut impl Write,
        source: &Source,
        line: u32,
        digits: usize,
        at: u32,
        other: u32,
    ) -> io::Result<()> {
        let (label, style) = match (line == at, line == other) {
            (true, _) => ("at fault", FAULT),
            (_, true) => ("reported", REPORTED),
            _ => ("", QUIET),
        };
        let text = source.line_text(line);
        let numbered = Numbered { line, digits, label, style, text: &text };
        numbered.write(out, self.width, |text| self.links.line(source.name(), line, text))
    }

    fn fix(&self, out: &mut impl Write, root: &Root, fix: &Fix) -> io::Result<()> {
        self.paragraph(out, "  To mend it: ", "       ", &format!("{}.", fix.title))?;
        if !root.hidden {
            changed_lines(out, self.program, &fix.bytes, self.width)?;
        }
        let text = match (fix.evidence, fix.certainty) {
            (Evidence::Judged, _) => "Judged from the text; it was not compiled.".to_owned(),
            (Evidence::Proved, certainty) => {
                let gone = match root.follows.len() {
                    _ if root.hidden => "it is gone".to_owned(),
                    0 => "the message is gone".to_owned(),
                    n => {
                        format!("the message is gone, and {} with it", plural(n, "other", "others"))
                    }
                };
                let news = match fix.reveals {
                    0 => String::new(),
                    n => format!(
                        "; {} then visible that {} hidden",
                        if n == 1 { "1 more is".to_owned() } else { format!("{n} more are") },
                        if n == 1 { "was" } else { "were" }
                    ),
                };
                let doubt = match certainty {
                    Certainty::Sure => String::new(),
                    Certainty::Guess if fix.effect.keeps_meaning() => {
                        " But it is a guess: only you know what was meant here, so check it."
                            .to_owned()
                    }
                    Certainty::Guess => format!(
                        " But it is a guess: it {}, and only you know what was meant.",
                        fix.effect.words()
                    ),
                };
                format!("Proved on a copy: with this change {gone}{news}.{doubt}")
            }
        };
        let style = if fix.certainty == Certainty::Sure && fix.evidence == Evidence::Proved {
            GOOD
        } else {
            Style::new()
        };
        write!(out, "{style}")?;
        self.paragraph(out, "  ", "       ", &text)?;
        write!(out, "{style:#}")
    }

    /// What may have been meant, where nothing is likely enough to be called the fix.
    fn possible(&self, out: &mut impl Write, root: &Root) -> io::Result<()> {
        let head = match &root.possible[..] {
            [] => return Ok(()),
            [_] => {
                "One change makes the message go, but only you know whether it is what you mean:"
            }
            _ => "Each of these makes the message go; only you know which one you mean, if any:",
        };
        self.paragraph(out, "  ", "       ", head)?;
        for fix in &root.possible {
            let text = match fix.effect.keeps_meaning() {
                true => format!("{}.", fix.title),
                false => format!("{} (it {}).", fix.title, fix.effect.words()),
            };
            self.paragraph(out, &format!("       {}. ", fix.id), "          ", &text)?;
        }
        Ok(())
    }

    fn alternatives(&self, out: &mut impl Write, root: &Root) -> io::Result<()> {
        if root.fixes.len() < 2 {
            return Ok(());
        }
        self.paragraph(out, "  ", "  ", "Another change would do as well:")?;
        for fix in root.fixes.iter().skip(1) {
            self.paragraph(
                out,
                &format!("       {}. ", fix.id),
                "          ",
                &format!("{}.", fix.title),
            )?;
        }
        Ok(())
    }

    fn follows(&self, out: &mut impl Write, verdict: &Verdict, root: &Root) -> io::Result<()> {
        if root.follows.is_empty() {
            return Ok(());
        }
        let told: Vec<&Told> = root.follows.iter().filter_map(|id| verdict.message(*id)).collect();
        let mut lines: Vec<u32> =
            told.iter().filter_map(|m| m.at.as_ref()).map(|at| at.line).collect();
        lines.sort_unstable();
        lines.dedup();
        let lines: Vec<String> = lines.iter().map(u32::to_string).collect();
        let place =
            if lines.is_empty() { String::new() } else { format!(" (line {})", listed(&lines)) };
        let text = format!(
            "{} only from this mistake{place}. You need not read {}.",
            if told.len() == 1 {
                "1 message follows".to_owned()
            } else {
                format!("{} messages follow", told.len())
            },
            if told.len() == 1 { "it" } else { "them" }
        );
        write!(out, "{QUIET}")?;
        self.paragraph(out, "  ", "       ", &text)?;
        if self.unfold {
            for message in told {
                let line =
                    message.at.as_ref().map_or(String::new(), |at| format!("line {}: ", at.line));
                let text = format!("{line}{}", message.text);
                self.paragraph(out, "       ", "         ", &text)?;
            }
        }
        write!(out, "{QUIET:#}")
    }

    /// What is not shown, and what to do next.
    fn rest(&self, out: &mut impl Write, verdict: &Verdict, shown: usize) -> io::Result<()> {
        let more: Vec<&Root> = verdict.roots.iter().skip(shown).collect();
        if !more.is_empty() && self.which == Which::First {
            writeln!(out)?;
            let mut lines: Vec<u32> = more.iter().map(|root| root.at.line).collect();
            lines.sort_unstable();
            lines.dedup();
            let lines: Vec<String> = lines.iter().map(u32::to_string).collect();
            let where_ = if more.iter().all(|root| root.at.file == more[0].at.file) {
                format!(" ({} {})", if lines.len() == 1 { "line" } else { "lines" }, listed(&lines))
            } else {
                String::new()
            };
            let mistakes = more.iter().filter(|root| !root.warning).count();
            let warnings = more.len() - mistakes;
            let waiting: Vec<String> =
                [(mistakes, "mistake", "mistakes"), (warnings, "warning", "warnings")]
                    .into_iter()
                    .filter(|(count, ..)| *count > 0)
                    .map(|(count, one, many)| plural(count, one, many))
                    .collect();
            let text = format!(
                "{} {} after this one{where_}; --all shows {}.",
                listed(&waiting),
                if more.len() == 1 { "waits" } else { "wait" },
                if more.len() == 1 { "it" } else { "them" }
            );
            self.paragraph(out, "", "", &text)?;
        }
        self.left_warnings(out, verdict)?;
        let loose = verdict
            .messages
            .iter()
            .filter(|m| m.role == Role::Unsettled && m.severity == Severity::Error)
            .count();
        if loose > 0 {
            self.paragraph(
                out,
                "",
                "",
                &format!(
                    "{} could not be settled; mend the others first and look again.",
                    plural(loose, "message", "messages")
                ),
            )?;
        }
        if let (Next::Mend(command), true) =
            (self.next, verdict.roots.iter().any(|root| !root.fixes.is_empty()))
        {
            // It begins at the beginning, whichever is shown.
            let shown = verdict.roots.first().is_some_and(|root| !root.fixes.is_empty());
            let this = self.which == Which::First && shown;
            let which = if this { "this" } else { "the first" };
            writeln!(out)?;
            self.paragraph(
                out,
                "",
                "      ",
                &format!("Next: `{command}` shows {which} change and asks before it writes."),
            )?;
        }
        Ok(())
    }

    /// The warnings that were not looked at: not hidden, but apart.
    fn left_warnings(&self, out: &mut impl Write, verdict: &Verdict) -> io::Result<()> {
        let left: Vec<&Told> = verdict
            .messages
            .iter()
            .filter(|m| m.role == Role::Unsettled && m.severity == Severity::Warning)
            .collect();
        if left.is_empty() {
            return Ok(());
        }
        let mut lines: Vec<u32> =
            left.iter().filter_map(|m| m.at.as_ref()).map(|at| at.line).collect();
        lines.sort_unstable();
        lines.dedup();
        let lines: Vec<String> = lines.iter().take(12).map(u32::to_string).collect();
        let first = left.iter().find_map(|m| m.at.as_ref()).map(|at| &at.file);
        let one_file = left.iter().filter_map(|m| m.at.as_ref()).all(|at| Some(&at.file) == first);
        let place = match lines.len() {
            0 => String::new(),
            _ if !one_file => String::new(),
            1 => format!(" (line {})", lines[0]),
            _ => format!(" (lines {})", listed(&lines)),
        };
        let who = if verdict.build.compiler.is_empty() {
            "The compiler".to_owned()
        } else {
            verdict.build.compiler.clone()
        };
        let hint = match (self.warnings, left.len()) {
            (true, _) => "mend the mistakes first, then look again",
            (false, 1) => "--warnings looks at it",
            (false, _) => "--warnings looks at them",
        };
        writeln!(out)?;
        let text = format!(
            "{who} also gives {}{place}; {hint}.",
            plural(left.len(), "warning", "warnings")
        );
        self.paragraph(out, "", "", &text)
    }

    fn details(&self, out: &mut impl Write, verdict: &Verdict) -> io::Result<()> {
        writeln!(out)?;
        let build = &verdict.build;
        write!(out, "{QUIET}")?;
        self.paragraph(out, "", "     ", &format!("Run: {}", build.command.join(" ")))?;
        let (compiler, version) = (&build.compiler, &build.version);
        let copies = format!("{compiler} {version}; copies compiled: {}", verdict.compiles);
        self.paragraph(out, "", "     ", &copies)?;
        write!(out, "{QUIET:#}")
    }
}

/// How many files of another machine are told.
const TAKEN: usize = 3;

/// What is taken for a file that a log names as it lies on another machine.
fn taken_for(taken: &Taken) -> String {
    match &taken.files[..] {
        [file] => format!("The log names {}: {file} is taken for it.", taken.named),
        files => format!(
            "The log names {}: that may be {}, so none is taken. Name its folder with --root.",
            taken.named,
            files.iter().take(4).cloned().collect::<Vec<_>>().join(" or ")
        ),
    }
}

/// The line that is reported, if it is in the file at fault; else the line at fault.
pub(super) fn reported_line(root: &Root, reported: Option<&Place>) -> u32 {
    reported.filter(|place| place.file == root.at.file).map_or(root.at.line, |place| place.line)
}

fn given(errors: usize) -> String {
    if errors == 1 { "1 error comes from".to_owned() } else { format!("{errors} errors come from") }
}

/// The lines that edits change: as they are now, and as they would be.
pub fn changed_lines(
    out: &mut impl Write,
    program: &Program,
    edits: &[Edit],
    width: usize,
) -> io::Result<()> {
    let Ok(after) = edit::apply(program, edits) else { return Ok(()) };
    let changed: Vec<_> = program
        .files
        .iter()
        .filter_map(|old| {
            Some((old, after.file(old.name()).filter(|new| new.bytes() != old.bytes())?))
        })
        .collect();
    for (old, new) in &changed {
        if changed.len() > 1 {
            writeln!(out, "  In {}:", old.name())?;
        }
        let texts = (String::from_utf8_lossy(old.bytes()), String::from_utf8_lossy(new.bytes()));
        let diff = similar::TextDiff::from_lines(texts.0.as_ref(), texts.1.as_ref());
        for change in diff.iter_all_changes() {
            let (mark, style, line) = match change.tag() {
                similar::ChangeTag::Equal => continue,
                similar::ChangeTag::Delete => ("-", FAULT, change.old_index()),
                similar::ChangeTag::Insert => ("+", GOOD, change.new_index()),
            };
            let number = line.map_or(0, |line| line + 1);
            let inset = inset(width);
            let room = width.saturating_sub(inset.len() + 7);
            let text = shown(change.value().trim_end_matches(['\n', '\r']), room);
            writeln!(out, "{inset}{style}{mark} {number:>3}  {text}{style:#}")?;
        }
    }
    Ok(())
}
