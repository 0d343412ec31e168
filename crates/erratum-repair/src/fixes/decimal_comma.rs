//! `0,9` for `0.9`: a comma in a number, as many countries write it.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// A comma between digits, where nothing is listed.
const IN_A_NUMBER: Factor = evidence("a comma stands in a number", 7.0);

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
        return;
    }
    for at in lexed.on_line(lexed.code[case.token].line).skip(1) {
        let whole = |at: usize| {
            let digits = |word: &str| word.bytes().all(|byte| byte.is_ascii_digit());
            lexed.kind(at) == Some(TokenKind::Number) && digits(lexed.word(at))
        };
        let touch = |at: usize| lexed.code[at].end == lexed.code[at + 1].start;
        if !lexed.is(at, ",") || !whole(at - 1) || !whole(at + 1) || !touch(at - 1) || !touch(at) {
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
            matches!(lexed.word(at), "=" | ":=" | "+=" | "-=" | "*=" | "return" | "<" | ">")
        });
        if !listed && gives {
            let edit = Edit::replace(case.file(), lexed.code[at].start, lexed.code[at].end, ".");
            all.push(Candidate::new(MistakeId::WrongMark, IN_A_NUMBER, vec![edit]).guess());
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
    fn two_values_of_a_call_stay() {
        let text = "int main(void) {\n    int a = low(2<|>,5;\n}\n";
        check_no_fix(&FAMILY, "c", text, "expected ')' before ';' token");
    }
}
