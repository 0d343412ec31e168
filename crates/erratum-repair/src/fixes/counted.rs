//! `i++` where the language has no such mark: `inc(i)`, `i += 1`.

use super::family::{Example, Family, Phases};
use super::shape::operand_end;
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// A statement that only counts, as other languages write it.
const COUNTS: Factor = evidence("another language counts so", 7.5);
/// Each line between the statement and the reported place.
const PER_LINE: Factor = weight("lines from the reported place", -0.5);

pub(super) static FAMILY: Family = Family {
    id: "counted",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "pascal",
        before: "begin\n  i++;<|>\nend.\n",
        message: "Illegal expression",
        after: "begin\n  inc(i);\nend.\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let ways = case.language().count_by_one;
    let reported = lexed.code[case.token].line;
    in_front(case, all);
    for line in reported.saturating_sub(1).max(1)..=reported {
        for first in lexed.on_line(line) {
            let (Some(last), true) = (name_from(case, first), starts(case, first)) else {
                continue;
            };
            let (mark, end) = match (lexed.word(last + 1), lexed.word(last + 2)) {
                (mark @ ("++" | "--"), _) => (mark, last + 1),
                ("+", "+") => ("++", last + 2),
                ("-", "-") => ("--", last + 2),
                _ => continue,
            };
            let next = lexed.code.get(end + 1);
            if next.is_some_and(|next| !next.first && !lexed.divides(end + 1)) {
                continue;
            }
            let Some((_, way)) = ways.iter().find(|(of, _)| *of == mark) else { continue };
            let (from, to) = (lexed.code[first].start, lexed.code[end].end);
            let name = lexed.source.slice(from, lexed.code[last].end);
            let edit = Edit::replace(case.file(), from, to, way.replace("{}", &name));
            let score = COUNTS + PER_LINE * f64::from(reported - line);
            all.push(Candidate::new(MistakeId::ForeignMark, score, vec![edit]));
        }
    }
}

/// `++rounds` where the mark stands behind the name, and only there (Go).
fn in_front(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let only_behind = case.language().receivers;
    let mark = lexed.on_line(lexed.code[case.token].line).start;
    if !only_behind || !matches!(lexed.word(mark), "++" | "--") {
        return;
    }
    if let Some(last) = name_from(case, mark + 1) {
        let out = Edit::delete(case.file(), lexed.code[mark].start, lexed.code[mark].end);
        let edits = vec![out, case.insert(lexed.code[last].end, lexed.word(mark))];
        all.push(Candidate::new(MistakeId::ForeignMark, COUNTS, edits));
    }
}

/// The last token of a name with its members and indices.
fn name_from(case: &Case, first: usize) -> Option<usize> {
    let lexed = case.lexed();
    let last = (lexed.kind(first) == Some(TokenKind::Name)).then(|| operand_end(case, first))??;
    // What a call gives cannot be counted on.
    (!lexed.is(last, ")")).then_some(last)
}

/// Whether a statement can start here.
fn starts(case: &Case, token: usize) -> bool {
    let lexed = case.lexed();
    let before = token.checked_sub(1);
    lexed.code[token].first
        || before.is_none_or(|at| {
            lexed.divides(at) || matches!(lexed.word(at), "then" | "else" | "do" | "begin" | ")")
        })
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn each_language_counts_in_its_own_way() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def up(): Unit = {\n    var i = 0\n    i<|>++\n  }\n}\n",
            "value ++ is not a member of Int",
            "object Quay {\n  def up(): Unit = {\n    var i = 0\n    i += 1\n  }\n}\n",
        );
        check_fix(
            &FAMILY,
            "rust",
            "fn up(tides: &mut [u32]) {\n    tides[0]<|>--;\n}\n",
            "Rust has no postfix decrement operator",
            "fn up(tides: &mut [u32]) {\n    tides[0] -= 1;\n}\n",
        );
    }

    #[test]
    fn the_message_may_stand_on_the_line_below() {
        check_fix(
            &FAMILY,
            "pascal",
            "begin\n  if low then boat.seats--;\n<|>end.\n",
            "Illegal expression",
            "begin\n  if low then dec(boat.seats);\nend.\n",
        );
    }

    #[test]
    fn go_has_the_mark_behind_the_name() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc up(n int) {\n\t<|>++n\n}\n",
            "syntax error: unexpected ++, expecting }",
            "package quay\n\nfunc up(n int) {\n\tn++\n}\n",
        );
    }

    #[test]
    fn a_part_of_a_value_is_left_alone() {
        check_no_fix(&FAMILY, "pascal", "begin\n  i := k++<|>;\nend.\n", "Illegal expression");
    }

    #[test]
    fn a_language_that_has_the_mark_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "c",
            "void up(int i) {\n    i++<|>\n}\n",
            "expected ';' before '}' token",
        );
    }
}
