//! What the compiler says of a mistake: its words, their point, and what they are about.

use super::terminal::{QUIET, View};
use erratum_repair::explain::{Point, Side};
use erratum_repair::message::{Place, Severity};
use erratum_repair::verdict::{Root, Told, Verdict};
use std::io::{self, Write};

/// How many remarks of a short message are shown.
const REMARKS: usize = 4;

/// Remarks that tell nothing of the mistake (seen with gcc 12 and mcs 6.8); `--whole` shows them.
const EMPTY: &[&str] = &[
    "each undeclared identifier is reported only once",
    "(Location of the symbol related to previous error)",
];

impl View<'_> {
    /// The compiler's own words: whole if they are short, else their point.
    pub(super) fn said(
        &self,
        out: &mut impl Write,
        verdict: &Verdict,
        root: &Root,
        message: Option<&Told>,
    ) -> io::Result<()> {
        let compiler = if verdict.build.compiler.is_empty() {
            "The compiler"
        } else {
            &verdict.build.compiler
        };
        let point = &root.explained.point[..];
        let short = !point.is_empty() && !self.whole;
        let (head, text) = match (message, &root.will_say) {
            (Some(message), _) => {
                let place = message.at.as_ref().map_or(String::new(), |at| self.on(at, root));
                let kind = if message.severity == Severity::Warning { " (a warning)" } else { "" };
                (format!("{compiler} says{place}{kind}"), &message.text)
            }
            (None, Some(text)) => (
                format!(
                    "{compiler} does not report it yet. Once what comes before is mended, it will say"
                ),
                text,
            ),
            (None, None) => return Ok(()),
        };
        if short {
            self.paragraph(out, "  ", "       ", &format!("{head}, in short:"))?;
            return self.point(out, root, message, point);
        }
        let mut lines = text.lines();
        let first = lines.next().unwrap_or("");
        self.paragraph(out, "  ", "       ", &format!("{head}: {first}"))?;
        for line in lines {
            self.paragraph(out, "       ", "         ", line.trim_end())?;
        }
        let most = if self.whole { usize::MAX } else { REMARKS };
        let told = |text: &str| self.whole || !EMPTY.iter().any(|empty| text.starts_with(empty));
        let notes = message.iter().flat_map(|message| &message.notes);
        let notes = notes.filter(|note| !note.text.is_empty() && told(&note.text));
        for note in notes.take(most) {
            let place = note.at.as_ref().filter(|_| self.whole);
            let place = place.map_or(String::new(), |at| format!(" ({})", at_line(at)));
            let most = if self.whole { usize::MAX } else { 1 };
            for line in note.text.lines().take(most) {
                self.paragraph(out, "       ", "         ", &format!("{line}{place}"))?;
            }
        }
        Ok(())
    }

    fn point(
        &self,
        out: &mut impl Write,
        root: &Root,
        message: Option<&Told>,
        point: &[Point],
    ) -> io::Result<()> {
        for line in point {
            self.paragraph(out, "       ", "       ", &line.text)?;
            let own = line.at.as_ref().filter(|at| self.program.file(&at.file).is_some());
            let other = message.and_then(|message| message.at.as_ref());
            if let Some(at) = own.filter(|at| other.is_none_or(|place| place.line != at.line)) {
                let place = self.on(at, root);
                self.paragraph(
                    out,
                    "       ",
                    "       ",
                    &format!("It speaks of what stands{place}."),
                )?;
            }
        }
        let rest = message.map_or(0, |message| {
            message.notes.iter().map(|note| note.text.lines().count().max(1)).sum::<usize>()
        });
        if rest > 1 {
            write!(out, "{QUIET}")?;
            let text = format!("The whole message has {rest} more lines; --whole shows them.");
            self.paragraph(out, "       ", "       ", &text)?;
            write!(out, "{QUIET:#}")?;
        }
        Ok(())
    }

    /// " on line 4", with the file if it is another than that of the mistake.
    fn on(&self, at: &Place, root: &Root) -> String {
        let file = if at.file == root.at.file { String::new() } else { format!(" of {}", at.file) };
        format!(" on line {}{file}", at.line)
    }

    /// Expected and found, side by side, and the declarations that are not among the lines shown.
    pub(super) fn laid_out(
        &self,
        out: &mut impl Write,
        root: &Root,
        shown: &[u32],
    ) -> io::Result<()> {
        let hidden = |at: &Place| at.file != root.at.file || !shown.contains(&at.line);
        let explained = &root.explained;
        let declared: Vec<_> = explained.declared.iter().filter(|d| hidden(&d.at)).collect();
        if explained.clash.is_none() && declared.is_empty() && explained.members.is_none() {
            return Ok(());
        }
        writeln!(out)?;
        if let Some(clash) = &explained.clash {
            self.side(out, "Expected: ", &clash.expected, root)?;
            self.side(out, "Found:    ", &clash.found, root)?;
            if let Some((expected, found)) = &clash.differ {
                let text = format!("They differ in `{expected}` and `{found}`.");
                self.paragraph(out, "            ", "            ", &text)?;
            }
        }
        for declared in declared {
            let text = format!(
                "`{}` is declared{}: {}",
                declared.name,
                self.on(&declared.at, root),
                declared.text
            );
            self.paragraph(out, "  ", "       ", &text)?;
        }
        if let Some(members) = &explained.members {
            let text = format!("`{}` has: {}", members.of, members.names.join(", "));
            self.paragraph(out, "  ", "       ", &text)?;
        }
        writeln!(out)
    }

    fn side(&self, out: &mut impl Write, label: &str, side: &Side, root: &Root) -> io::Result<()> {
        let who = side.who.as_ref().map_or(String::new(), |who| {
            let place =
                side.at.as_ref().filter(|at| at.line != root.at.line || at.file != root.at.file);
            let place = place.map_or(String::new(), |at| format!(",{}", self.on(at, root)));
            format!(" ({who}{place})")
        });
        self.paragraph(out, &format!("  {label}"), "            ", &format!("{}{who}", side.text))
    }
}

fn at_line(at: &Place) -> String {
    format!("{}, line {}", at.file, at.line)
}
