//! `throw Trouble("late")` without the word that makes an object, and Scala's case class that is matched without
//! its fields.

use super::family::{Example, Family, Phases};
use super::shape::call_at;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// An object is thrown, and none is made.
const NOT_MADE: Factor = evidence("an object is thrown, and none is made", 8.5);
/// What is told of an object that is thrown stands in brackets.
const TOLD_IN: Factor = evidence("what is told of it stands in brackets", 9.0);
/// The class has fields.
const HAS_FIELDS: Factor = evidence("the class is matched with its fields", 8.5);

pub(super) static FAMILY: Family = Family {
    id: "thrown",
    recipes: &[],
    phases: Phases::Any,
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
        if class && case.language().new_object == "new " && case.phase > Phase::Syntax {
            let edit = case.insert(lexed.code[name].start, "new ");
            all.push(Candidate::new(MistakeId::MissingWord, NOT_MADE, vec![edit]).guess());
        }
    }
    if case.phase <= Phase::Syntax {
        line.clone().filter(|at| lexed.is(*at, "throw")).for_each(|at| unbracketed(case, at, all));
    }
    if case.message.text.starts_with("pattern type is incompatible") {
        line.into_iter().for_each(|at| matched(case, at, all));
    }
}

/// `throw std::runtime_error "late"`: what is told stands in brackets.
fn unbracketed(case: &Case, word: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let mut at = word + 1 + usize::from(lexed.is(word + 1, "new"));
    while matches!(lexed.word(at + 1), "::" | ".") {
        at += 2;
    }
    let text = at + 1;
    let told = lexed.kind(at) == Some(TokenKind::Name) && lexed.kind(text) == Some(TokenKind::Str);
    if told && lexed.is(text + 1, ";") {
        let gap = Edit::replace(case.file(), lexed.code[at].end, lexed.code[text].start, "(");
        let edits = vec![gap, case.insert(lexed.code[text].end, ")")];
        all.push(Candidate::new(MistakeId::MissingBracket, TOLD_IN, edits).guess());
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
    fn what_is_told_stands_in_brackets() {
        check_fix(
            &FAMILY,
            "cpp",
            "void go() {\n    throw std::runtime_error <|>\"late\";\n}\n",
            "expected primary-expression before string constant",
            "void go() {\n    throw std::runtime_error(\"late\");\n}\n",
        );
    }

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
