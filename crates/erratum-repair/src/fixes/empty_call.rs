//! `isdigit()` where a macro or an operator wants a value: a syntax error rather than one of types. And
//! an object that is made without the brackets: `new List<int>;`.

use super::calls::arguments;
use super::family::{Example, Family, Phases};
use super::shape::call_at;
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// A call without a value where the compiler stops at its end.
const EMPTY_CALL: Factor = weight("nothing is given where a value is wanted", 1.0);

pub(super) static FAMILY: Family = Family {
    id: "empty-call",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "int deep(int tide) {\n    return isdigit(<|>);\n}\n",
        message: "expected expression before ')' token",
        after: "int deep(int tide) {\n    return isdigit(tide);\n}\n",
    },
};

/// An object is made, and the brackets behind its class are lost.
const MADE: Factor = evidence("an object is made with brackets behind its class", 7.0);

/// C#, Java: `new List<int>;`.
fn made_bare(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let language = case.language();
    if !language.is_keyword("new") || !language.is_keyword("interface") || language.layout {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for new in line.clone().filter(|at| lexed.is(*at, "new")) {
        let mut end = new + 1;
        let mut open = 0_usize;
        while line.contains(&end) {
            match lexed.word(end) {
                "<" => open += 1,
                ">" => open = open.saturating_sub(1),
                ">>" => open = open.saturating_sub(2),
                "," | "[" | "]" | "?" if open > 0 => {}
                "." => {}
                _ if lexed.kind(end) == Some(TokenKind::Name) => {}
                word if open > 0 && language.is_type(word) => {}
                _ => break,
            }
            end += 1;
        }
        if end > new + 1 && open == 0 && matches!(lexed.word(end), ";" | ")" | ",") {
            let edit = case.insert(lexed.code[end - 1].end, "()");
            all.push(Candidate::new(MistakeId::Uncalled, MADE, vec![edit]));
        }
    }
}

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    made_bare(case, all);
    let lexed = case.lexed();
    let open = case.token.wrapping_sub(1);
    if lexed.is(case.token, ")")
        && lexed.is(open, "(")
        && let Some(call) = call_at(case, open)
    {
        arguments(case, &call, EMPTY_CALL, all);
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_fix, check_no_fix};
    use super::FAMILY;

    const SAID: &str = "expected expression before ')' token";

    #[test]
    fn an_object_is_made_with_brackets() {
        for (language, said) in [
            ("csharp", "[CS1526] Unexpected symbol `;', expecting `(', `[', or `{'"),
            ("java", "'(' or '[' expected"),
        ] {
            check_fix(
                &FAMILY,
                language,
                "class Quay {\n    Map<Berth, List<Boat>> all = new Map<Berth, List<Boat>><|>;\n}\n",
                said,
                "class Quay {\n    Map<Berth, List<Boat>> all = new Map<Berth, List<Boat>>();\n}\n",
            );
        }
    }

    #[test]
    fn a_value_that_is_at_hand_is_given() {
        check_fix(
            &FAMILY,
            "c",
            "int up(int tide) {\n    return rise(<|>) + 1;\n}\n",
            SAID,
            "int up(int tide) {\n    return rise(tide) + 1;\n}\n",
        );
    }

    #[test]
    fn the_nearest_of_several_is_among_them() {
        check_among(
            &FAMILY,
            "c",
            "int up(int tide, int berth) {\n    return rise(<|>);\n}\n",
            SAID,
            "int up(int tide, int berth) {\n    return rise(berth);\n}\n",
        );
    }

    #[test]
    fn a_call_with_a_value_is_left_alone() {
        check_no_fix(&FAMILY, "c", "int up(int t) {\n    return rise(t<|>);\n}\n", SAID);
    }

    #[test]
    fn brackets_that_call_nothing_are_left_alone() {
        check_no_fix(&FAMILY, "c", "int up(int t) {\n    return t + (<|>);\n}\n", SAID);
    }

    #[test]
    fn an_error_of_types_is_for_others() {
        let said = "too few arguments to function 'rise'";
        check_no_fix(&FAMILY, "c", "int up(int t) {\n    return rise(<|>);\n}\n", said);
    }

    #[test]
    fn where_the_message_points_elsewhere_nothing_is_given() {
        check_no_fix(&FAMILY, "c", "int up(int t) {\n    <|>return rise();\n}\n", SAID);
    }
}
