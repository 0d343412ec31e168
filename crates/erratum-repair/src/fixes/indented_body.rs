//! Scala: a body of several lines below a header without braces: only the first line belongs to it (up to Scala 2).

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;

/// The lines below the header are set in alike, and use what it declares.
const SET_IN: Factor = evidence("the lines below the header are set in alike", 9.5);

pub(super) static FAMILY: Family = Family {
    id: "indented-body",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "scala",
        before: "object Quay {\n  def add(item: String): Unit =\n    println(\"added\")\n    println(<|>item)\n}\n",
        message: "not found: value item",
        after: "object Quay {\n  def add(item: String): Unit = {\n    println(\"added\")\n    println(item)\n  }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let source = &lexed.source;
    // Seen with scalac 2.11.
    let Some(name) = case.message.text.strip_prefix("not found: value ") else { return };
    if !case.language().calls_elements {
        return;
    }
    let reported = lexed.code[case.token].line;
    let inner = source.indent(reported);
    // Lines set in alike, up to a header that ends with its mark.
    let header = (1..reported).rev().take(30).find(|line| source.indent(*line) != inner);
    let Some(header) = header.filter(|line| source.indent(*line) < inner && *line + 1 < reported)
    else {
        return;
    };
    let head = lexed.on_line(header);
    let Some(last) =
        head.end.checked_sub(1).filter(|last| !head.is_empty() && lexed.is(*last, "="))
    else {
        return;
    };
    let declares = head.clone().any(|at| lexed.is(at, "def"));
    let takes = head.clone().any(|at| lexed.is(at, name.trim()));
    if !declares || !takes {
        return;
    }
    let below = (reported..).take_while(|line| source.indent(*line) == inner);
    let end = below.last().unwrap_or(reported);
    let closing = format!("{}}}{}", source.indent_text(header), source.line_end_text());
    let edits = vec![
        case.insert(lexed.code[last].end, " {"),
        Edit::insert(case.file(), source.line_start(end + 1), closing),
    ];
    all.push(Candidate::new(MistakeId::MissingBracket, SET_IN, edits).guess());
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn a_name_that_the_header_does_not_take_is_left() {
        check_no_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def add(item: String): Unit =\n    println(\"added\")\n    println(<|>ship)\n}\n",
            "not found: value ship",
        );
    }
}
