//! A value within a text whose bracket is not closed: `$"{name"`, `s"${name"`, `` `${name` ``. The compilers
//! read on to the end of the line or of the file.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;

/// The text ends before the bracket around a value in it.
const OPEN: Factor = evidence("the text ends before the bracket around a value in it", 9.5);

/// One lost bracket is likelier than several.
const ALL_OF_THEM: Factor = weight("several texts lack theirs", -1.0);

/// What the compilers say there (seen with mcs 6.8, scalac 2.11 and tsc 5.9).
const SAID: &[&str] = &[
    "Missing close delimiter",
    "unclosed string literal",
    "Unterminated template literal",
    "'}' expected",
];

pub(super) static FAMILY: Family = Family {
    id: "hole-end",
    recipes: &[],
    phases: Phases::Early,
    within_text: true,
    propose,
    example: Example {
        language: "csharp",
        before: "class Quay {\n    string Tell(int n) { return <|>$\"{n} m, {n.ToString()\"; }\n}\n",
        message: "[CS8076] Missing close delimiter '}' for interpolated expression",
        after: "class Quay {\n    string Tell(int n) { return $\"{n} m, {n.ToString()}\"; }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let source = &case.lexed().source;
    if !SAID.iter().any(|said| case.message.text.contains(said)) {
        return;
    }
    let Some(reported) = case.message.line() else { return };
    let open = |line: u32| {
        let text = source.line_text(line);
        Some(source.line_start(line) + open_hole(&text)?)
    };
    // A text that goes over lines takes the rest of the file: the first one is at fault, or all of them are.
    let over_lines = case.message.text.contains("template");
    let edits: Vec<Edit> = match over_lines {
        true => (1..=reported).filter_map(open).map(|end| case.insert(end, "}")).collect(),
        false => (1..=reported)
            .rev()
            .find_map(open)
            .map(|end| case.insert(end, "}"))
            .into_iter()
            .collect(),
    };
    let Some(first) = edits.first().cloned() else { return };
    all.push(Candidate::new(MistakeId::MissingBracket, OPEN, vec![first]).guess());
    if edits.len() > 1 {
        all.push(Candidate::new(MistakeId::MissingBracket, OPEN + ALL_OF_THEM, edits).guess());
    }
}

/// Where the first value in a text of a line ends, in bytes, whose bracket is not closed.
fn open_hole(line: &str) -> Option<usize> {
    let (hole, quote) =
        [("${", '`'), ("${", '"'), ("{", '"')].into_iter().find(|(hole, quote)| {
            let starts = if *hole == "{" { "$\"" } else { hole };
            line.contains(starts) && line.contains(*quote)
        })?;
    let text = line.find(quote)?;
    for (at, _) in line[text..].match_indices(hole) {
        let start = text + at + hole.len();
        let end = start + value_end(&line[start..])?;
        // Up to the next value or the end of the text.
        let rest = &line[end..];
        let stop = rest.find(hole).unwrap_or(rest.len()).min(rest.find(quote)?);
        if end > start && !rest[..stop].contains('}') {
            return Some(end);
        }
    }
    None
}

/// Where the value ends with which a text starts: names, with their members and calls.
fn value_end(text: &str) -> Option<usize> {
    let mut deep = 0_i32;
    for (at, letter) in text.char_indices() {
        match letter {
            '(' | '[' => deep += 1,
            ')' | ']' => deep -= 1,
            _ if deep > 0 || letter.is_alphanumeric() || matches!(letter, '_' | '.') => {}
            _ => return Some(at),
        }
        if deep < 0 {
            return Some(at);
        }
    }
    None
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn the_text_goes_on_behind_the_value() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def tell(n: Int): String = <|>s\"${n + 1} and ${n kg\"\n}\n",
            "unclosed string literal",
            "object Quay {\n  def tell(n: Int): String = s\"${n + 1} and ${n} kg\"\n}\n",
        );
    }

    #[test]
    fn a_text_may_go_over_the_rest_of_the_file() {
        check_fix(
            &FAMILY,
            "typescript",
            "const a = `${name`;\nconst b = 3;\n<|>",
            "[TS1160] Unterminated template literal.",
            "const a = `${name}`;\nconst b = 3;\n",
        );
    }

    #[test]
    fn a_text_without_its_quote_is_for_others() {
        check_no_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def tell(n: Int): String = <|>s\"${n} and\n}\n",
            "unclosed string literal",
        );
    }
}
