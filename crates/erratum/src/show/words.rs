//! The meaning of a word, a code or a message, for people.

use anstyle::Style;
use erratum_repair::means::{Answer, Subject};
use erratum_syntax::language;
use std::io::{self, Write};

const HEAD: Style = Style::new().bold();
const QUIET: Style = Style::new().dimmed();

/// Writes the answers, one below the other.
pub fn show(out: &mut impl Write, answers: &[Answer], width: usize) -> io::Result<()> {
    for (number, answer) in answers.iter().enumerate() {
        if number > 0 {
            writeln!(out)?;
        }
        one(out, answer, width)?;
    }
    Ok(())
}

fn one(out: &mut impl Write, answer: &Answer, width: usize) -> io::Result<()> {
    writeln!(out, "{HEAD}{}{HEAD:#}", answer.title)?;
    if !answer.also.is_empty() {
        write!(out, "{QUIET}")?;
        let label = if answer.subject == Subject::Word { "  also: " } else { "  It can also be: " };
        wrapped(out, width, label, &answer.also.join(", "))?;
        write!(out, "{QUIET:#}")?;
    }
    writeln!(out)?;
    if answer.subject == Subject::Form {
        wrapped(out, width, "  ", "Only the form of this message is known; it tells this much:")?;
    }
    wrapped(out, width, "  ", &answer.meaning)?;
    if !answer.why.is_empty() {
        wrapped(out, width, "  ", &answer.why)?;
    }
    if !answer.advice.is_empty() {
        wrapped(out, width, "  What to try: ", &answer.advice)?;
    }
    if let Some(example) = &answer.example {
        let name = language::by_id(&example.language).map_or("", |language| language.name);
        writeln!(out, "\n  Wrong, in {name}:")?;
        program(out, &example.wrong, &example.right)?;
        writeln!(out, "\n  Right:")?;
        program(out, &example.right, &example.wrong)?;
    }
    if !answer.related.is_empty() {
        writeln!(out)?;
        write!(out, "{QUIET}")?;
        wrapped(out, width, "  See also: ", &answer.related.join(", "))?;
        write!(out, "{QUIET:#}")?;
    }
    Ok(())
}

fn wrapped(out: &mut impl Write, width: usize, first: &str, text: &str) -> io::Result<()> {
    super::paragraph(out, width, first, "  ", text)
}

/// A program, line by line; those that the other one does not have are marked.
fn program(out: &mut impl Write, text: &str, other: &str) -> io::Result<()> {
    let changes = similar::TextDiff::from_lines(text, other);
    for change in changes.iter_all_changes() {
        let line = change.value().trim_end_matches(['\n', '\r']).replace('\t', "    ");
        match change.tag() {
            similar::ChangeTag::Equal if line.is_empty() => writeln!(out)?,
            similar::ChangeTag::Equal => writeln!(out, "      {line}")?,
            similar::ChangeTag::Delete => writeln!(out, "    {HEAD}> {line}{HEAD:#}")?,
            similar::ChangeTag::Insert => {}
        }
    }
    Ok(())
}
