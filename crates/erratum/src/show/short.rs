//! A list of mistakes: of each, in a few lines, where it is, what to do and why. The whole of one is
//! shown by its number.

use super::terminal::{FAULT, GOOD, QUIET, REPORTED, View, reported_line};
use super::{numbered::Numbered, paragraph};
use erratum_repair::fixes::Certainty;
use erratum_repair::verdict::{Evidence, Fix, Root, Verdict};
use std::collections::HashSet;
use std::io::{self, Write};

/// How many readings of one mistake are listed.
const READINGS: usize = 3;

/// How much of a compiler's message is listed, in characters: two lines of a narrow terminal.
const WORDS: usize = 130;

impl View<'_> {
    /// Lists all mistakes of a verdict.
    pub(super) fn list(&self, out: &mut impl Write, verdict: &Verdict) -> io::Result<()> {
        let mut told: HashSet<&str> = HashSet::new();
        for root in &verdict.roots {
            writeln!(out)?;
            self.head(out, verdict, root)?;
            self.lines_of(out, verdict, root)?;
            self.what_to_do(out, verdict, root)?;
            // What was said under an earlier mistake of the kind is not said again.
            if told.insert(&root.mistake) {
                let why = first_sentence(&root.meaning);
                write!(out, "{QUIET}")?;
                paragraph(out, self.width, "  Why: ", "       ", why)?;
                write!(out, "{QUIET:#}")?;
            }
        }
        writeln!(out)?;
        let text = "With `look` or `read`, `--only 2` shows the second of them whole, with what the compiler says.";
        paragraph(out, self.width, "", "", text)
    }

    /// The line at fault, and the one that is reported if it is another.
    fn lines_of(&self, out: &mut impl Write, verdict: &Verdict, root: &Root) -> io::Result<()> {
        let Some(source) = self.program.file(&root.at.file) else { return Ok(()) };
        let message = root.messages.first().and_then(|id| verdict.message(*id));
        let reported = reported_line(root, message.and_then(|message| message.at.as_ref()));
        let at = root.at.line;
        let mut lines = vec![(at, "at fault", FAULT)];
        if reported != at {
            lines.push((reported, "reported", REPORTED));
        }
        lines.sort_by_key(|(line, ..)| *line);
        if self.program.files.len() > 1 {
            writeln!(out, "  In {}:", source.name())?;
        }
        let digits = at.max(reported).to_string().len();
        for (line, label, style) in lines {
            let text = source.line_text(line);
            let numbered = Numbered { line, digits, label, style, text: text.trim() };
            numbered.write(out, self.width, |text| self.links.line(source.name(), line, text))?;
        }
        Ok(())
    }

    /// The fix with how far it is to be trusted, the readings, or what to try.
    fn what_to_do(&self, out: &mut impl Write, verdict: &Verdict, root: &Root) -> io::Result<()> {
        if let Some(fix) = root.fixes.first() {
            let sure = fix.certainty == Certainty::Sure && fix.evidence == Evidence::Proved;
            let style = if sure { GOOD } else { anstyle::Style::new() };
            write!(out, "{style}")?;
            let text = format!("{}. {}", fix.title, trust(fix));
            paragraph(out, self.width, "  To mend it: ", "       ", &text)?;
            return write!(out, "{style:#}");
        }
        if root.possible.is_empty() {
            self.in_short(out, verdict, root)?;
            let advice = first_sentence(&root.advice);
            return paragraph(out, self.width, "  What to try: ", "       ", advice);
        }
        for (at, fix) in root.possible.iter().take(READINGS).enumerate() {
            let lead = if at == 0 { "  It may be: " } else { "         or: " };
            paragraph(out, self.width, lead, "             ", &format!("{}.", fix.title))?;
        }
        Ok(())
    }
}

impl View<'_> {
    /// Where there is no fix, the compiler's own words are the best hint: their first line.
    fn in_short(&self, out: &mut impl Write, verdict: &Verdict, root: &Root) -> io::Result<()> {
        let told = root.messages.first().and_then(|id| verdict.message(*id));
        let (says, text) = match (told, &root.will_say) {
            (Some(message), _) => ("says", &message.text),
            (None, Some(text)) => ("will say", text),
            (None, None) => return Ok(()),
        };
        let compiler = match verdict.build.compiler.as_str() {
            "" => "the compiler",
            name => name,
        };
        let mut first: String = text.lines().next().unwrap_or("").chars().take(WORDS).collect();
        if first.chars().count() == WORDS {
            first += " …";
        }
        paragraph(out, self.width, "  ", "       ", &format!("{compiler} {says}: {first}"))
    }
}

/// How far a fix is to be trusted, in a few words.
fn trust(fix: &Fix) -> String {
    match (fix.evidence, fix.certainty) {
        (Evidence::Judged, _) => "Judged from the text.".to_owned(),
        (Evidence::Proved, Certainty::Sure) => "Proved.".to_owned(),
        (Evidence::Proved, Certainty::Guess) if fix.effect.keeps_meaning() => {
            "Proved, but check that it is meant.".to_owned()
        }
        (Evidence::Proved, Certainty::Guess) => format!("A guess: it {}.", fix.effect.words()),
    }
}

/// The first sentence of a text. A full stop within a code span or a number ends none.
fn first_sentence(text: &str) -> &str {
    let mut code = false;
    let mut letters = text.char_indices().peekable();
    while let Some((at, letter)) = letters.next() {
        match letter {
            '`' => code = !code,
            '.' if !code && letters.peek().is_none_or(|(_, next)| next.is_whitespace()) => {
                return &text[..=at];
            }
            _ => {}
        }
    }
    text
}

#[cfg(test)]
mod tests {
    use super::first_sentence;

    #[test]
    fn a_sentence_ends_at_its_full_stop() {
        assert_eq!(first_sentence("Write `a. b` or 2.5. Then look."), "Write `a. b` or 2.5.");
        assert_eq!(first_sentence("No end"), "No end");
        assert_eq!(first_sentence(""), "");
    }
}
