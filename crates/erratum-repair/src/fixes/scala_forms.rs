//! Scala: small forms that are written as other languages or other parts of the language have them: `case
//! Staff()` of an object, `for (who, fare) <- booked`, `(a, b) -> a + b`, `sortBy((a, b) => a < b)`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// An object has nothing to be taken apart.
const ALONE: Factor = evidence("an object has nothing to be taken apart", 9.0);
/// What a loop goes over stands in its brackets.
const IN_LOOP: Factor = evidence("what a loop goes over stands in its brackets", 9.0);
/// Names that nothing declares stand before the arrow.
const HEAD: Factor = evidence("names that nothing declares stand before the arrow", 9.0);
/// One more element stands in front of the list.
const IN_FRONT: Factor = evidence("one more element stands in front of the list", 9.0);
/// The function compares two elements.
const COMPARES: Factor = evidence("the function compares two elements", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "scala-forms",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "scala",
        before: "object Quay {\n  def go(f: Fare): Int = f match {\n    case <|>Staff() => 0\n  }\n}\n",
        message: "object Staff is not a case class, nor does it have an unapply/unapplySeq member",
        after: "object Quay {\n  def go(f: Fare): Int = f match {\n    case Staff => 0\n  }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().calls_elements {
        return;
    }
    // Seen with scalac 2.11.
    let said = &case.message.text;
    if said.contains("is not a case class, nor does it have an unapply") {
        object_pattern(case, all);
    }
    if said.contains("illegal start of simple") || said.contains("expected but") {
        loop_over_pairs(case, all);
    }
    if said.starts_with("not found: value ") {
        function_head(case, all);
    }
    if said.starts_with("missing parameter type") {
        compares(case, all);
    }
    if said.starts_with("value :: is not a member of ") {
        turned_around(case, all);
    }
}

/// `case Staff() =>`.
fn object_pattern(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let open = line.into_iter().find(|at| {
        lexed.is(*at, "(") && lexed.is(at + 1, ")") && case.message.text.contains(lexed.before(*at))
    });
    if let Some(open) = open {
        let edit = Edit::delete(case.file(), lexed.code[open].start, lexed.code[open + 1].end);
        all.push(Candidate::new(MistakeId::ExtraBracket, ALONE, vec![edit]).guess());
    }
}

/// `for (who, fare) <- booked {`.
fn loop_over_pairs(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let (first, last) = (line.start, line.end - 1);
    if !lexed.is(first, "for") || !lexed.is(first + 1, "(") || !lexed.opens_block(last) {
        return;
    }
    let Some(close) = case.text.pairs.partner_of(first + 1) else { return };
    if close < last && lexed.is(close + 1, "<-") && close + 2 < last {
        let pair = (first + 1..close).any(|at| lexed.is(at, ","));
        let end = case.insert(lexed.code[last - 1].end, ")");
        let edits = match pair {
            true => vec![case.insert(lexed.code[first + 1].start, "("), end],
            false => {
                vec![Edit::delete(case.file(), lexed.code[close].start, lexed.code[close].end), end]
            }
        };
        all.push(Candidate::new(MistakeId::MissingBracket, IN_LOOP, edits).guess());
    }
}

/// `foldLeft(0)((a, b) -> a + b)`.
fn function_head(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let name = case.message.text.trim_start_matches("not found: value ");
    let line = lexed.on_line(lexed.code[case.token].line);
    for arrow in line.filter(|at| lexed.is(*at, "->") && *at > 0) {
        let open = match lexed.is(arrow - 1, ")") {
            true => case.text.pairs.partner_of(arrow - 1),
            false => arrow.checked_sub(2).filter(|at| lexed.is(*at, "(")),
        };
        let Some(open) = open else { continue };
        let heads = open + 1..arrow;
        let only = heads.clone().all(|at| {
            matches!(lexed.kind(at), Some(TokenKind::Name)) || matches!(lexed.word(at), "," | ")")
        });
        if only && heads.clone().any(|at| lexed.is(at, name)) {
            let edit = case.replace_token(arrow, "=>");
            all.push(Candidate::new(MistakeId::WrongMark, HEAD, vec![edit]).guess());
        }
    }
}

/// `readings :: one`: one more stands in front of the list.
fn turned_around(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let name = |at: usize| lexed.kind(at) == Some(TokenKind::Name);
    let mark = line.clone().find(|at| lexed.is(*at, "::") && *at > line.start);
    let Some(mark) = mark.filter(|mark| name(mark - 1) && name(mark + 1)) else { return };
    let edits = vec![
        case.replace_token(mark - 1, lexed.word(mark + 1)),
        case.replace_token(mark + 1, lexed.word(mark - 1)),
    ];
    all.push(Candidate::new(MistakeId::WrongOrder, IN_FRONT, edits).guess());
}

/// `sortBy((a, b) => a < b)`.
fn compares(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    for call in line.filter(|at| lexed.is(*at, "sortBy") && lexed.is(at + 1, "(")) {
        let two = lexed.is(call + 2, "(")
            && lexed.is(call + 4, ",")
            && lexed.is(call + 6, ")")
            && lexed.is(call + 7, "=>");
        if two {
            let edit = case.replace_token(call, "sortWith");
            all.push(Candidate::new(MistakeId::MisspeltName, COMPARES, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_loop_goes_over_pairs() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def go(all: Map[String, Int]): Unit = {\n    for (who, n) <|><- all {\n      println(who)\n    }\n  }\n}\n",
            "illegal start of simple expression",
            "object Quay {\n  def go(all: Map[String, Int]): Unit = {\n    for ((who, n) <- all) {\n      println(who)\n    }\n  }\n}\n",
        );
    }

    #[test]
    fn a_function_has_its_own_arrow() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  val sum = List(3).foldLeft(0)((<|>a, b) -> a + b)\n}\n",
            "not found: value a",
            "object Quay {\n  val sum = List(3).foldLeft(0)((a, b) => a + b)\n}\n",
        );
        check_no_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  val all = Map(<|>a -> 3)\n}\n",
            "not found: value b",
        );
    }

    #[test]
    fn one_more_stands_in_front() {
        check_fix(
            &FAMILY,
            "scala",
            "class Quay {\n  var all: List[Int] = List()\n  def add(one: Int): Unit = {\n    all = all <|>:: one\n  }\n}\n",
            "value :: is not a member of Int",
            "class Quay {\n  var all: List[Int] = List()\n  def add(one: Int): Unit = {\n    all = one :: all\n  }\n}\n",
        );
    }

    #[test]
    fn two_elements_are_compared() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  val up = List(3).sortBy((<|>a, b) => a < b)\n}\n",
            "missing parameter type",
            "object Quay {\n  val up = List(3).sortWith((a, b) => a < b)\n}\n",
        );
    }
}
