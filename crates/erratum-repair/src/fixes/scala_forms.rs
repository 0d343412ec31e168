//! Scala: small forms that are written as other languages or other parts of the language have them: `case
//! Staff()` of an object, `for (who, fare) <- booked`, `(a, b) -> a + b`, `sortBy((a, b) => a < b)`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// An object has nothing to be taken apart.
const ALONE: Factor = evidence("an object has nothing to be taken apart", 9.0);
/// What a loop goes over stands in its brackets.
const IN_LOOP: Factor = evidence("what a loop goes over stands in its brackets", 9.0);
/// Names that nothing declares stand before the arrow.
const HEAD: Factor = evidence("names that nothing declares stand before the arrow", 9.0);
/// One more element stands in front of the list.
const IN_FRONT: Factor = evidence("one more element stands in front of the list", 9.0);
/// The elements are pairs.
const IN_PAIRS: Factor = evidence("the elements are pairs, which a case takes apart", 10.0);
/// An empty list is made by a call.
const MADE_EMPTY: Factor = evidence("an empty list is made by a call", 9.0);
/// One more element stands behind the list.
const AT_END: Factor = evidence("one more element stands behind the list", 8.0);
/// The function compares two elements.
const COMPARES: Factor = evidence("the function compares two elements", 9.0);

/// A case with values outside of a choice is a class.
/// Between what a case looks for and what it gives stands one mark.
const CASE_ARROW: Factor = evidence("what a case gives stands behind its own arrow", 9.5);

const CASE_CLASS: Factor = evidence("a case with values outside of a choice is a class", 9.5);

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
    if said.starts_with("expected class or object definition") {
        case_class(case, all);
    }
    if said.contains("illegal start of simple") || said.contains("expected but") {
        loop_over_pairs(case, all);
    }
    if said.starts_with("'=>' expected but") {
        case_arrow(case, all);
    }
    if said.starts_with("not found: value ") {
        function_head(case, all);
    }
    if said.starts_with("missing parameter type") {
        compares(case, all);
        pairs(case, all);
    }
    if said.starts_with("not found: type ") {
        in_front(case, all);
    }
    if said.starts_with("type mismatch") && said.contains(".type") {
        empty_list(case, all);
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

/// `case (ship, all) -> ship -> all.size`: the first mark is that of the case.
fn case_arrow(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let reported = case.token;
    for word in line.clone().filter(|at| lexed.is(*at, "case") && *at < reported) {
        let level = case.text.pairs.inside_of(word);
        let own = |at: &usize| case.text.pairs.inside_of(*at) == level;
        let mut marks = (word..line.end).filter(own);
        let mark = marks.find(|at| matches!(lexed.word(*at), "->" | "=>"));
        if let Some(mark) = mark.filter(|at| lexed.is(*at, "->")) {
            let edit = case.replace_token(mark, "=>");
            all.push(Candidate::new(MistakeId::WrongMark, CASE_ARROW, vec![edit]).guess());
        }
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

/// `counts.map { (ship, n) => n + 1 }` over pairs.
fn pairs(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.message.text.contains("pattern matching anonymous function") {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for open in line.filter(|at| matches!(lexed.word(*at), "{" | "(") && lexed.is(at + 1, "(")) {
        let (Some(close), Some(end)) =
            (case.text.pairs.partner_of(open + 1), case.text.pairs.partner_of(open))
        else {
            continue;
        };
        if !lexed.is(close + 1, "=>") {
            continue;
        }
        let mut edits = vec![case.insert(lexed.code[open + 1].start, "case ")];
        // Only braces may hold cases.
        if lexed.is(open, "(") {
            edits.insert(0, case.replace_token(open, " { "));
            edits.push(case.replace_token(end, " }"));
        }
        all.push(Candidate::new(MistakeId::MissingWord, IN_PAIRS, edits).guess());
    }
}

/// `one : all`: a name in front of a list is no type.
fn in_front(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let value = case.text.names.of(lexed.word(case.token)).any(|one| one.kind != NameKind::Type);
    let mark = case.token.checked_sub(1).filter(|at| *at > 0 && lexed.is(*at, ":") && value);
    // What a declaration says of its type is another matter.
    let set = mark.is_some_and(|mark| {
        let start = case.statement_start(mark);
        let declares = matches!(lexed.word(start), "val" | "var" | "def" | "class" | "case");
        let body = (start..mark).any(|at| lexed.is(at, "="));
        (!declares || body) && !lexed.code[mark - 1].first
    });
    if let Some(mark) = mark.filter(|_| set) {
        // In front of a list, or behind one.
        for (operator, why) in [("::", IN_FRONT), (":+", AT_END)] {
            let edit = case.replace_token(mark, operator);
            all.push(Candidate::new(MistakeId::WrongMark, why, vec![edit]).guess());
        }
    }
}

/// `var waiting: List[String] = List`.
fn empty_list(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let near = [case.token, case.token.saturating_sub(1)];
    let (before, _) = case.message.text.split_once(".type").unwrap_or(("", ""));
    let name = before.rsplit('.').next().unwrap_or("");
    let alone = |at: &usize| {
        lexed.is(*at, name)
            && !matches!(lexed.word(at + 1), "." | "(" | "[")
            && matches!(lexed.before(*at), "=" | "," | "(" | "else" | "=>")
    };
    if let Some(at) = near.into_iter().find(alone) {
        let edit = case.insert(lexed.code[at].end, "()");
        all.push(Candidate::new(MistakeId::Uncalled, MADE_EMPTY, vec![edit]).guess());
    }
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

/// `case Blend(parts: Int) extends Fibre` for `case class Blend(parts: Int) extends Fibre`.
fn case_class(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let word = lexed.on_line(lexed.code[case.token].line).start;
    let named = lexed.kind(word + 1) == Some(TokenKind::Name);
    if lexed.is(word, "case") && named && lexed.is(word + 2, "(") {
        let edit = case.insert(lexed.code[word + 1].start, "class ");
        all.push(Candidate::new(MistakeId::MissingWord, CASE_CLASS, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_case_with_values_is_a_class() {
        check_fix(
            &FAMILY,
            "scala",
            "abstract class Fibre\n<|>case Blend(parts: Int) extends Fibre\n",
            "expected class or object definition",
            "abstract class Fibre\ncase class Blend(parts: Int) extends Fibre\n",
        );
    }

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
    fn pairs_are_taken_apart_by_a_case() {
        let said = "missing parameter type\nNote: The expected type requires a one-argument function accepting a 2-Tuple.\n      Consider a pattern matching anonymous function, `{ case (who, n) =>  ... }`";
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def go(all: Map[String, Int]) = all.map { (<|>who, n) => n + 1 }\n}\n",
            said,
            "object Quay {\n  def go(all: Map[String, Int]) = all.map { case (who, n) => n + 1 }\n}\n",
        );
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def go(all: Map[String, Int]) = all.map((<|>who, n) => n + 1)\n}\n",
            said,
            "object Quay {\n  def go(all: Map[String, Int]) = all.map { case (who, n) => n + 1 }\n}\n",
        );
    }

    #[test]
    fn one_more_stands_in_front_of_a_list() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  var all: List[Int] = Nil\n  def add(one: Int): Unit = {\n    all = one : <|>all\n  }\n}\n",
            "not found: type all",
            "object Quay {\n  var all: List[Int] = Nil\n  def add(one: Int): Unit = {\n    all = one :: all\n  }\n}\n",
        );
    }

    #[test]
    fn an_empty_list_is_made() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  var all: List[Int] = <|>List\n}\n",
            "type mismatch;\n found   : scala.collection.immutable.List.type\n required: List[Int]",
            "object Quay {\n  var all: List[Int] = List()\n}\n",
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

    #[test]
    fn a_case_has_its_own_arrow() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  val all = Map(1 -> 2).map { case (ship, n) -> ship -> n <|>}\n}\n",
            "'=>' expected but '}' found.",
            "object Quay {\n  val all = Map(1 -> 2).map { case (ship, n) => ship -> n }\n}\n",
        );
    }
}
