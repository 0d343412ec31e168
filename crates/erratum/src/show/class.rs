//! A class, as text and as a table.

use crate::show;
use erratum_catalogue::Catalogue;
use erratum_survey::{Mistake, Record, State, Summary};
use erratum_syntax::visible::visible;
use std::io::{self, Write};

/// How many of each list are shown.
const SHOWN: usize = 8;
/// How many names of a list are shown.
const NAMES: usize = 6;

/// The class as text.
pub fn text(
    out: &mut impl Write,
    catalogue: &Catalogue,
    summary: &Summary,
    width: usize,
) -> io::Result<()> {
    let bold = anstyle::Style::new().bold();
    let all = show::plural(summary.hand_ins, "hand-in", "hand-ins");
    writeln!(out, "{all}, {} of them compile.", summary.compile)?;
    if let Some(most) = summary.kinds.first() {
        let entry = catalogue.entry(&most.mistake);
        let learners = show::plural(most.learners.len(), "learner", "learners");
        let general = entry.map_or(most.mistake.as_str(), |entry| entry.general.as_str());
        writeln!(out, "\n{bold}What to explain first{bold:#}")?;
        let meaning =
            entry.map_or("", |entry| entry.meaning.split(" Without `{").next().unwrap_or(""));
        let meaning = if meaning.contains('{') { "" } else { meaning };
        let said = format!("{general} ({learners}). {meaning}");
        show::paragraph(out, width, "  ", "  ", &visible(said.trim()))?;
    }
    if !summary.kinds.is_empty() {
        writeln!(out, "\n{bold}Kinds, by learners{bold:#}")?;
    }
    for kind in summary.kinds.iter().take(SHOWN) {
        let entry = catalogue.entry(&kind.mistake);
        let general = entry.map_or(kind.mistake.as_str(), |entry| entry.general.as_str());
        let head = format!("{:4}  {general}", kind.learners.len());
        show::paragraph(out, width, "", "      ", &visible(&head))?;
        example(out, &kind.example, width)?;
    }
    more(out, summary.kinds.len(), "kind", "kinds")?;
    if !summary.same.is_empty() {
        writeln!(out, "\n{bold}The same line, wrong in the same way{bold:#}")?;
    }
    for same in summary.same.iter().take(SHOWN) {
        let head = format!("{:4}  {}", same.learners.len(), names(&same.learners));
        show::paragraph(out, width, "", "      ", &visible(&head))?;
        example(out, &same.example, width)?;
    }
    more(out, summary.same.len(), "line", "lines")?;
    if !summary.stuck.is_empty() {
        writeln!(out, "\n{bold}Stuck{bold:#}")?;
    }
    for stuck in summary.stuck.iter().take(SHOWN) {
        let phases = if stuck.phases > 1 {
            format!(", of {} kinds of error", stuck.phases)
        } else {
            String::new()
        };
        let mistakes = show::plural(stuck.mistakes, "mistake", "mistakes");
        let said = format!("{}: {mistakes}{phases}", stuck.learner);
        show::paragraph(out, width, "  ", "      ", &visible(&said))?;
    }
    more(out, summary.stuck.len(), "learner", "learners")?;
    if !summary.failed.is_empty() {
        writeln!(out, "\n{bold}Not looked at{bold:#}")?;
    }
    for (learner, why) in &summary.failed {
        show::paragraph(out, width, "  ", "      ", &visible(&format!("{learner}: {why}")))?;
    }
    Ok(())
}

fn example(out: &mut impl Write, example: &Mistake, width: usize) -> io::Result<()> {
    if example.text.is_empty() {
        return Ok(());
    }
    let room = width.saturating_sub(6).max(20);
    let text = visible(&example.text).into_owned();
    let text: String = text.chars().take(room).collect();
    writeln!(out, "      {text}")
}

fn more(out: &mut impl Write, count: usize, one: &str, many: &str) -> io::Result<()> {
    match count.saturating_sub(SHOWN) {
        0 => Ok(()),
        more => writeln!(out, "      and {}", show::plural(more, one, many)),
    }
}

fn names(all: &[String]) -> String {
    let mut text = all.iter().take(NAMES).cloned().collect::<Vec<_>>().join(", ");
    if all.len() > NAMES {
        text += &format!(" and {} more", all.len() - NAMES);
    }
    text
}

/// One line for each mistake, and one for each hand-in without any.
pub fn csv(out: &mut impl Write, records: &[Record]) -> io::Result<()> {
    writeln!(out, "learner,language,state,mistake,file,line,hidden,title")?;
    for record in records {
        let state = match record.state {
            State::Compiles => "compiles",
            State::Wrong => "wrong",
            State::Failed => "failed",
        };
        let head = format!("{},{},{state}", field(&record.learner), record.language);
        if record.mistakes.is_empty() {
            writeln!(out, "{head},,,,,{}", field(record.failed.as_deref().unwrap_or("")))?;
        }
        for one in &record.mistakes {
            writeln!(
                out,
                "{head},{},{},{},{},{}",
                one.mistake,
                field(&one.file),
                one.line,
                one.hidden,
                field(&one.title)
            )?;
        }
    }
    Ok(())
}

/// A field, in quotes where it needs them. What a table would take for a formula is text.
fn field(text: &str) -> String {
    let text = visible(text).into_owned();
    let formula = text.starts_with(['=', '+', '-', '@']);
    let text = if formula { format!("'{text}") } else { text };
    match text.contains([',', '"', '\n']) {
        true => format!("\"{}\"", text.replace('"', "\"\"")),
        false => text,
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_field_is_one_field_and_no_formula() {
        assert_eq!(field("ada"), "ada");
        assert_eq!(field("a, \"b\""), "\"a, \"\"b\"\"\"");
        assert_eq!(field("=1+2"), "'=1+2");
        assert_eq!(field("a\u{7}b"), "a\\u{7}b");
    }
}
