//! The questions of an exercise: they are asked until an answer is one, with a hint whenever the learner
//! wants one.

use crate::editor;
use crate::failure::Failure;
use crate::show::Out;
use erratum_learn::answer::{Judge, Mended, Worth};
use erratum_syntax::source::Source;
use erratum_syntax::visible::visible;
use std::fs;
use std::io::{self, BufRead, Write};
use std::path::Path;

/// The questions, with the hints that can be asked for.
pub struct Asked {
    /// What can be told, one after the other.
    pub hints: Vec<String>,
    /// How many were told.
    pub shown: usize,
    /// Where it is written.
    pub out: Out,
}

impl Asked {
    /// Asks until an answer is one; nothing if the learner stops.
    pub fn answer<T>(
        &mut self,
        question: &str,
        what: &str,
        read: impl Fn(&str) -> Option<T>,
    ) -> Result<Option<T>, Failure> {
        let bold = anstyle::Style::new().bold();
        let (first, rest) = question.split_once('\n').unwrap_or((question, ""));
        let gap = if rest.is_empty() { "" } else { "\n" };
        writeln!(self.out, "\n{bold}{first}{bold:#}{gap}{rest}")?;
        loop {
            write!(self.out, "({what}; h: a hint, q: stop) > ")?;
            self.out.flush()?;
            let Some(text) = line()? else { return Ok(None) };
            match text.as_str() {
                "q" => return Ok(None),
                "h" => self.hint()?,
                text => match read(text) {
                    Some(answer) => return Ok(Some(answer)),
                    None => writeln!(self.out, "That is no answer. Wanted is {what}.")?,
                },
            }
        }
    }

    fn hint(&mut self) -> Result<(), Failure> {
        match self.hints.get(self.shown) {
            Some(hint) => writeln!(self.out, "{}", visible(hint))?,
            None => writeln!(self.out, "There are no more hints.")?,
        }
        self.shown = (self.shown + 1).min(self.hints.len());
        Ok(())
    }

    /// Says what an answer is worth; returns whether it counts as right.
    pub fn tell(&mut self, worth: Worth, truth: &str, right: &str) -> Result<bool, Failure> {
        match worth {
            Worth::Right => writeln!(self.out, "{right}")?,
            Worth::Fair => writeln!(
                self.out,
                "It can be mended there as well. The slip was made here: {}",
                visible(truth)
            )?,
            Worth::Wrong => writeln!(self.out, "No. It is {}.", visible(truth))?,
        }
        Ok(worth.accepted())
    }

    /// Lets the learner mend the copy, as often as it takes.
    pub fn mend(
        &mut self,
        path: &Path,
        broken: &Source,
        judge: &mut Judge,
    ) -> Result<Option<Mended>, Failure> {
        writeln!(
            self.out,
            "\nMend it: type a line as `12: its text`, or press Enter to open your editor."
        )?;
        loop {
            write!(self.out, "(h: a hint, q: stop) > ")?;
            self.out.flush()?;
            let Some(text) = line()? else { return Ok(None) };
            let failed = |error: io::Error| Failure::said(format!("{}: {error}", path.display()));
            let now = broken.with_bytes(fs::read(path).map_err(failed)?);
            match text.as_str() {
                "q" => return Ok(None),
                "h" => {
                    self.hint()?;
                    continue;
                }
                "" => {
                    editor::open(path, 1, 1)?;
                }
                text => {
                    let Some(other) = replaced(&now, text) else {
                        writeln!(self.out, "Write the number of the line, `:` and its text.")?;
                        continue;
                    };
                    fs::write(path, other).map_err(failed)?;
                }
            }
            let now = broken.with_bytes(fs::read(path).map_err(failed)?);
            let mended = judge.text(&now)?;
            let said = match &mended {
                Mended::Right => "It compiles, and it is the program that it was.".to_owned(),
                Mended::Fair => {
                    "It compiles. The program was written otherwise, but this is as good."
                        .to_owned()
                }
                Mended::Otherwise(effect) => {
                    format!("It compiles, but your change {}. Try again.", effect.words())
                }
                Mended::StillWrong { line: Some(line), text } => {
                    format!("It does not compile yet: line {line}: {text}")
                }
                Mended::StillWrong { line: None, text } => {
                    format!("It does not compile yet: {text}")
                }
                Mended::Unchanged => "Nothing was changed.".to_owned(),
            };
            writeln!(self.out, "{}", visible(&said))?;
            if mended.worth().accepted() {
                return Ok(Some(mended));
            }
        }
    }

    /// Ends before the end.
    pub fn stopped(mut self) -> Result<u8, Failure> {
        writeln!(self.out, "\nStopped.")?;
        self.out.flush()?;
        Ok(1)
    }
}

/// The text in which one line is another.
fn replaced(source: &Source, typed: &str) -> Option<Vec<u8>> {
    let (number, text) = typed.split_once(':')?;
    let number: u32 = number.trim().parse().ok()?;
    if !(1..=source.line_count()).contains(&number) {
        return None;
    }
    let text = text.strip_prefix(' ').unwrap_or(text);
    // Who types no indentation means that of the line.
    let indent = match text.starts_with([' ', '\t']) {
        true => String::new(),
        false => source.indent_text(number),
    };
    let (start, end) = (source.line_start(number), source.line_end(number));
    let bytes = source.bytes();
    Some([&bytes[..start], indent.as_bytes(), text.as_bytes(), &bytes[end..]].concat())
}

/// The lines in words: "line 4", "line 4 or 9".
pub fn at_lines(lines: &[u32]) -> String {
    let all: Vec<String> = lines.iter().map(u32::to_string).collect();
    format!("line {}", all.join(" or "))
}

/// A line that was typed, without its end; nothing at the end of the input.
fn line() -> Result<Option<String>, Failure> {
    let mut text = String::new();
    let read = io::stdin().lock().read_line(&mut text)?;
    Ok((read > 0).then(|| text.trim_end_matches(['\n', '\r']).to_owned()))
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_line_is_typed_with_its_number_and_keeps_its_indentation() {
        let source = Source::new("quay.c", &b"int go(void) {\n    return 3\n}\n"[..]);
        let typed =
            |text: &str| replaced(&source, text).map(|bytes| String::from_utf8(bytes).unwrap());
        let wanted = "int go(void) {\n    return 3;\n}\n";
        assert_eq!(typed("2: return 3;").as_deref(), Some(wanted));
        assert_eq!(typed("2:     return 3;").as_deref(), Some(wanted));
        assert_eq!(typed("9: return 3;"), None);
        assert_eq!(typed("return 3;"), None);
    }

    #[test]
    fn lines_are_named_in_words() {
        assert_eq!(at_lines(&[4]), "line 4");
        assert_eq!(at_lines(&[4, 9]), "line 4 or 9");
    }
}
