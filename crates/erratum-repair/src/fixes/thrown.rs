//! `throw Trouble("late")` without the word that makes an object, and Scala's case class that is matched without
//! its fields.

use super::family::{Example, Family, Phases};
use super::shape::call_at;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// An object is thrown, and none is made.
const NOT_MADE: Factor = evidence("an object is thrown, and none is made", 8.5);
/// The class has fields.
const HAS_FIELDS: Factor = evidence("the class is matched with its fields", 8.5);

pub(super) static FAMILY: Family = Family {
    id: "thrown",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "class Quay {\n    void Go() {\n        throw <|>Exception(\"late\");\n    }\n}\n",
        message: "[CS0119] Expression denotes a `type', where a `variable', `value' or `method group' was expected",
        after: "class Quay {\n    void Go() {\n        throw new Exception(\"late\");\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    for name in line.clone().filter(|at| *at > 0 && lexed.before(*at) == "throw") {
        let class = lexed.kind(name) == Some(TokenKind::Name)
            && lexed.word(name).starts_with(char::is_uppercase)
            && lexed.is(name + 1, "(");
        if class && case.language().new_object == "new " {
            let edit = case.insert(lexed.code[name].start, "new ");
            all.push(Candidate::new(MistakeId::MissingWord, NOT_MADE, vec![edit]).guess());
        }
    }
    if case.message.text.starts_with("pattern type is incompatible") {
        line.into_iter().for_each(|at| matched(case, at, all));
    }
}

/// Scala: `case High =>` of `case class High(level: Double)`.
fn matched(case: &Case, at: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if lexed.before(at) != "case" || !lexed.is(at + 1, "=>") {
        return;
    }
    let mut classes = case.text.names.of(lexed.word(at)).filter(|one| {
        one.token > 1 && lexed.before(one.token) == "class" && lexed.is(one.token - 2, "case")
    });
    let head = classes.next().and_then(|class| call_at(case, class.token + 1));
    if let Some(head) = head.filter(|head| !head.arguments.is_empty()) {
        let fields = vec!["_"; head.arguments.len()].join(", ");
        let edit = case.insert(lexed.code[at].end, format!("({fields})"));
        all.push(Candidate::new(MistakeId::MatchRules, HAS_FIELDS, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_case_class_is_matched_with_its_fields() {
        check_fix(
            &FAMILY,
            "scala",
            "sealed trait Tide\ncase class High(level: Double, at: Int) extends Tide\nobject Quay {\n  def go(t: Tide): Int = t match {\n    case <|>High => 1\n  }\n}\n",
            "pattern type is incompatible with expected type; found : High.type required: Tide",
            "sealed trait Tide\ncase class High(level: Double, at: Int) extends Tide\nobject Quay {\n  def go(t: Tide): Int = t match {\n    case High(_, _) => 1\n  }\n}\n",
        );
    }

    #[test]
    fn a_function_that_gives_what_is_thrown_is_left() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "function go(): never {\n  throw <|>late(3);\n}\n",
            "[TS2304] Cannot find name 'late'.",
        );
    }
}
