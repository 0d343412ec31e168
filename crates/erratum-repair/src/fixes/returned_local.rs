//! `return keepers;` where another variable of the function has the type that it promises: `return sorted;`.

use super::family::{Example, Family, Phases};
use super::shape::{routine_around, text_of};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// One variable of the function has just the type of its result, and is never given back.
const JUST_THAT_TYPE: Factor = evidence("one variable has the type of the result", 6.5);

pub(super) static FAMILY: Family = Family {
    id: "returned-local",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    static List<Boat> sorted(Boat[] boats) {\n        List<Boat> all = new ArrayList<>(Arrays.asList(boats));\n        return <|>boats;\n    }\n}\n",
        message: "incompatible types: Boat[] cannot be converted to List<Boat>",
        after: "class Quay {\n    static List<Boat> sorted(Boat[] boats) {\n        List<Boat> all = new ArrayList<>(Arrays.asList(boats));\n        return all;\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if case.phase < Phase::Type {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let given = line.clone().find(|at| lexed.is(*at, "return")).map(|at| at + 1);
    let Some(given) = given.filter(|at| lexed.kind(*at) == Some(TokenKind::Name)) else { return };
    let whole = given + 1 == line.end || lexed.is(given + 1, ";");
    let Some(function) = routine_around(case, given).filter(|_| whole) else { return };
    let Some(close) = function.close else { return };
    let Some(result) = function.returns.map(|typed| text_of(case, typed)) else { return };
    // Of numbers and texts there are many in a function.
    if case.language().is_type(&result) || result.is_empty() {
        return;
    }
    let inside = function.open..close;
    let returned =
        |name: &str| inside.clone().any(|at| lexed.is(at, "return") && lexed.is(at + 1, name));
    let same = |typed: (usize, usize)| {
        text_of(case, typed).replace(char::is_whitespace, "")
            == result.replace(char::is_whitespace, "")
    };
    let locals = case.text.names.declared.iter().filter(|one| {
        inside.contains(&one.token)
            && one.token < given
            && one.kind == NameKind::Value
            && one.typed.is_some_and(same)
            && !lexed.is(one.token, lexed.word(given))
            && !returned(lexed.word(one.token))
    });
    let locals: Vec<_> = locals.collect();
    if let [one] = locals[..] {
        let edit = case.replace_token(given, lexed.word(one.token));
        all.push(Candidate::new(MistakeId::TypeClash, JUST_THAT_TYPE, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn one_of_two_is_left_open() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    static Boat first(Boat[] boats) {\n        Boat a = boats[0];\n        Boat b = boats[1];\n        return <|>boats;\n    }\n}\n",
            "incompatible types: Boat[] cannot be converted to Boat",
        );
    }

    #[test]
    fn a_plain_number_is_not_looked_for() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    static int sum(double total) {\n        int at = 0;\n        return <|>total;\n    }\n}\n",
            "incompatible types: possible lossy conversion from double to int",
        );
    }
}
