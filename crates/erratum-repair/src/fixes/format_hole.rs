//! A hole of a format that has lost one of its two braces: `"{", depth` for `"{}", depth`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// The message says which brace the format lacks.
const TOLD: Factor = evidence("the message says which brace the format lacks", 8.0);
/// The form of a value stands behind a colon.
const FORM: Factor = evidence("the form of a value stands behind a colon", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "format-hole",
    recipes: &[],
    phases: Phases::Any,
    within_text: true,
    propose,
    example: Example {
        language: "rust",
        before: "fn main() {\n    println!(<|>\"low {:.1 m\", 2.5);\n}\n",
        message: "invalid format string: expected `}`, found `m`",
        after: "fn main() {\n    println!(\"low {:.1} m\", 2.5);\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    // Seen with rustc 1.95 and mcs 6.8.
    let open_hole = |text: &str| text.starts_with("Missing close delimiter '}'");
    let beside = case.all.iter().filter(|other| other.line() == case.message.line());
    let interpolated = beside.chain([case.message]).any(|message| open_hole(&message.text));
    if !said.starts_with("invalid format string: ") && !interpolated {
        return;
    }
    let opened = interpolated || said.contains("expected `}`");
    if !opened && !said.contains("unmatched `}` found") {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    if said.ends_with("found `.`") {
        for at in line.clone().filter(|at| lexed.kind(*at) == Some(TokenKind::Str)) {
            let edits: Vec<Edit> = bare_forms(lexed.word(at))
                .into_iter()
                .map(|(from, to, form)| {
                    let start = lexed.code[at].start;
                    Edit::replace(case.file(), start + from, start + to, form)
                })
                .collect();
            if !edits.is_empty() {
                all.push(Candidate::new(MistakeId::WrongFormat, FORM, edits).guess());
                return;
            }
        }
    }
    for at in line.filter(|at| lexed.kind(*at) == Some(TokenKind::Str)) {
        let (start, text) = (lexed.code[at].start, lexed.word(at));
        let edit = match (odd_brace(text), opened) {
            (Some((open, true)), true) => case.insert(start + hole_end(text, open), "}"),
            (Some((close, false)), false) => case.insert(start + close, "{"),
            _ => continue,
        };
        all.push(Candidate::new(MistakeId::MissingBracket, TOLD, vec![edit]));
    }
}

/// Forms without their colon, as another language writes them: `{.1f}` and `{.2}`, each with what stands inside
/// here.
fn bare_forms(text: &str) -> Vec<(usize, usize, String)> {
    let mut found = Vec::new();
    for (open, _) in text.match_indices("{.") {
        let Some(close) = text[open..].find('}').map(|close| open + close) else { continue };
        let digits = text[open + 2..close].trim_end_matches('f');
        if !digits.is_empty() && digits.bytes().all(|byte| byte.is_ascii_digit()) {
            found.push((open + 1, close, format!(":.{digits}")));
        }
    }
    found
}

/// The byte of the first brace without a partner, and whether it opens. Two of one kind stand for the
/// brace itself.
fn odd_brace(text: &str) -> Option<(usize, bool)> {
    let mut open = None;
    let mut marks = text.char_indices().peekable();
    while let Some((at, mark)) = marks.next() {
        let doubled = marks.peek().is_some_and(|(_, next)| *next == mark);
        match (mark, open) {
            ('{' | '}', None) if doubled => {
                marks.next();
            }
            ('{', None) => open = Some(at),
            ('{', Some(before)) => return Some((before, true)),
            ('}', None) => return Some((at, false)),
            ('}', Some(_)) => open = None,
            _ => {}
        }
    }
    open.map(|at| (at, true))
}

/// Where a hole ends that opens at a byte: behind its name, and its form behind a colon.
fn hole_end(text: &str, open: usize) -> usize {
    let rest = &text[open + 1..];
    // C# writes an expression there: `{boat.Name is moored`.
    let stops = |c: char| !c.is_alphanumeric() && c != '_' && c != '.';
    let name = rest.find(stops).unwrap_or(rest.len());
    let form = rest[name..].strip_prefix(':').map_or(0, |form| {
        let stop = |c: char| c.is_whitespace() || matches!(c, '"' | ',' | ')' | '(' | '{' | '}');
        1 + form.find(stop).unwrap_or(form.len())
    });
    open + 1 + name + form
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_hole_ends_where_it_opens() {
        check_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    println!(<|>\"holds {\", 3);\n}\n",
            "invalid format string: expected `}` but string was terminated",
            "fn main() {\n    println!(\"holds {}\", 3);\n}\n",
        );
        check_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    println!(<|>\"{} of { m\", 3, 4);\n}\n",
            "invalid format string: expected `}`, found `m`",
            "fn main() {\n    println!(\"{} of {} m\", 3, 4);\n}\n",
        );
    }

    #[test]
    fn a_hole_that_only_ends_is_opened() {
        check_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    println!(<|>\"holds }\", 3);\n}\n",
            "invalid format string: unmatched `}` found",
            "fn main() {\n    println!(\"holds {}\", 3);\n}\n",
        );
    }

    #[test]
    fn doubled_braces_are_text() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    println!(<|>\"{{}}\");\n}\n",
            "invalid format string: expected `}` but string was terminated",
        );
    }

    #[test]
    fn a_form_stands_behind_a_colon() {
        check_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    println!(<|>\"{.1f} of {.2}\", 2.5, 3.5);\n}\n",
            "invalid format string: expected `}`, found `.`",
            "fn main() {\n    println!(\"{:.1} of {:.2}\", 2.5, 3.5);\n}\n",
        );
    }
}
