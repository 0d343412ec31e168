//! `0,9` for `0.9`: a comma in a number, as many countries write it.

use super::family::{Example, Family, Phases};
use super::shape::call_at;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// A comma between digits, where nothing is listed.
const IN_A_NUMBER: Factor = evidence("a comma stands in a number", 7.0);

/// The call has a value too many, and two of its numbers touch.
const IN_A_CALL: Factor = evidence("a comma stands between two numbers without a blank", 8.5);

pub(super) static FAMILY: Family = Family {
    id: "decimal-comma",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    double fare = 2<|>,5;\n}\n",
        message: "<identifier> expected",
        after: "class Quay {\n    double fare = 2.5;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // In C a comma between two numbers computes nothing (seen with gcc 12 and clang 14).
    let said = &case.message.text;
    let idle = said.contains("comma operator") || said.contains("value computed is not used");
    if case.phase > Phase::Syntax && !idle {
        in_call(case, all);
        return;
    }
    for at in lexed.on_line(lexed.code[case.token].line).skip(1) {
        if !in_number(case, at) {
            continue;
        }
        // In brackets that list something, the comma may part two numbers.
        let listed = case.text.pairs.inside_of(at).is_some_and(|open| {
            let name = open.checked_sub(1).and_then(|before| lexed.kind(before));
            !lexed.opens_block(open)
                && (!lexed.is(open, "(") || matches!(name, Some(TokenKind::Name)))
        });
        let given = lexed.on_line(lexed.code[at].line).take_while(|before| *before < at);
        let gives = given.into_iter().any(|at| {
            let sets = ["=", ":=", "+=", "-=", "*=", "return", "<", ">", "=>"];
            sets.contains(&lexed.word(at))
        });
        if !listed && gives {
            let edit = Edit::replace(case.file(), lexed.code[at].start, lexed.code[at].end, ".");
            all.push(Candidate::new(MistakeId::WrongMark, IN_A_NUMBER, vec![edit]).guess());
        }
    }
}

/// Whether a comma stands between two whole numbers, without a blank.
fn in_number(case: &Case, at: usize) -> bool {
    let lexed = case.lexed();
    let whole = |at: usize| {
        let digits = |word: &str| word.bytes().all(|byte| byte.is_ascii_digit());
        lexed.kind(at) == Some(TokenKind::Number) && digits(lexed.word(at))
    };
    let touch = |at: usize| lexed.code[at].end == lexed.code[at + 1].start;
    lexed.is(at, ",") && whole(at - 1) && whole(at + 1) && touch(at - 1) && touch(at)
}

/// `pay("Tern", 25,50)` where the function takes one value less: only this comma has no blank behind it.
fn in_call(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let count = [MistakeId::ExtraArgument, MistakeId::CallMismatch, MistakeId::WrongArgument];
    if !count.into_iter().any(|kind| case.diagnosis.shows(kind)) {
        return;
    }
    for at in lexed.on_line(lexed.code[case.token].line).skip(1).filter(|at| in_number(case, *at)) {
        let call = case.text.pairs.inside_of(at).and_then(|open| call_at(case, open));
        let Some(call) = call.filter(|call| call.arguments.len() > 1) else { continue };
        let apart = call.arguments.windows(2).all(|two| {
            let comma = two[0].1 + 1;
            comma == at || lexed.code[comma].end < lexed.code[comma + 1].start
        });
        if apart {
            let edit = Edit::replace(case.file(), lexed.code[at].start, lexed.code[at].end, ".");
            all.push(Candidate::new(MistakeId::WrongMark, IN_A_CALL, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_number_has_a_point() {
        let text = "double fare(int zones) {\n    return zones * 0<|>,9;\n}\n";
        let after = text.replace("<|>,", ".");
        check_fix(&FAMILY, "c", text, "expected ';' before ',' token", &after);
    }

    #[test]
    fn one_value_of_a_call_has_a_point() {
        let text = |numbers: &str| {
            format!(
                "class Till {{\n    void pay(String boat, double fee) {{}}\n    void go() {{ <|>pay(\"Tern\", {numbers}); }}\n}}\n"
            )
        };
        let said = "method pay in class Till cannot be applied to given types;";
        check_fix(&FAMILY, "java", &text("25,50"), said, &text("25.50").replace("<|>", ""));
        check_no_fix(&FAMILY, "java", &text("25, 50"), said);
    }

    #[test]
    fn two_values_of_a_call_stay() {
        let text = "int main(void) {\n    int a = low(2<|>,5;\n}\n";
        check_no_fix(&FAMILY, "c", text, "expected ')' before ';' token");
    }
}
