//! The end of a list of types that was lost: `map<string, int visits` for `map<string, int> visits`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// A list of types is open where a name is declared.
const OPEN: Factor = evidence("a list of types is open where a name is declared", 7.0);

pub(super) static FAMILY: Family = Family {
    id: "angles",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "#include <map>\nint main() {\n    std::map<int, int <|>visits;\n    return visits.size();\n}\n",
        message: "template argument 2 is invalid",
        after: "#include <map>\nint main() {\n    std::map<int, int> visits;\n    return visits.size();\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let language = case.language();
    if !matches!(language.type_arguments, Some(("<", ">"))) {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    // A list of types opens behind a name that looks like a type.
    let opens = |at: usize| {
        let name = lexed.before(at);
        let typed = case.language().is_type(name)
            || name.starts_with(char::is_uppercase) && name.contains(char::is_lowercase)
            || lexed.is(at.wrapping_sub(2), "::");
        lexed.is(at, "<") && typed
    };
    let mut open = Vec::new();
    for at in line.clone() {
        match lexed.word(at) {
            "<" if opens(at) => open.push(at),
            ">" => drop(open.pop()),
            ">>" => {
                open.pop();
                open.pop();
            }
            _ => {}
        }
    }
    let [start] = open[..] else { return };
    // Behind types with commas stands the name that is declared.
    let named = |at: usize| {
        let ends = matches!(lexed.kind(at), Some(TokenKind::Name | TokenKind::Keyword));
        (ends || matches!(lexed.word(at), ">" | "*"))
            && lexed.kind(at + 1) == Some(TokenKind::Name)
            && matches!(lexed.word(at + 2), ";" | "=" | "(" | "{" | ")" | ",")
    };
    let typed = |at: &usize| {
        matches!(lexed.kind(*at), Some(TokenKind::Name | TokenKind::Keyword))
            || matches!(lexed.word(*at), "," | "::" | "." | "<" | ">" | "*" | "&" | "?" | "[" | "]")
    };
    let last = (start + 1..line.end).take_while(typed).find(|at| named(*at));
    if let Some(last) = last {
        let edit = case.insert(lexed.code[last].end, ">");
        all.push(Candidate::new(MistakeId::MissingBracket, OPEN, vec![edit]));
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_list_within_a_list_is_closed() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    Map<String, List<Integer> <|>visits = null;\n}\n",
            "> or ',' expected",
            "class Quay {\n    Map<String, List<Integer>> visits = null;\n}\n",
        );
    }

    #[test]
    fn a_parameter_has_its_types_closed() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(List<String <|>names) {\n    }\n}\n",
            "> or ',' expected",
            "class Quay {\n    void go(List<String> names) {\n    }\n}\n",
        );
    }

    #[test]
    fn a_comparison_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    boolean go(int LIMIT, int tide) {\n        return LIMIT < tide <|>high;\n    }\n}\n",
            "';' expected",
        );
    }

    #[test]
    fn a_list_that_is_closed_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    List<String> names <|>other;\n}\n",
            "';' expected",
        );
    }
}
