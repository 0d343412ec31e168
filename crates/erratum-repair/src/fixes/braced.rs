//! C++: a list of values in square brackets, and a structure that is made with round ones though it has no
//! constructor: both want braces. Java and C#: an array that is given values again wants its type.

use super::family::{Example, Family, Phases};
use super::shape::{call_at, text_of};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::names::NameKind;

/// A list of values stands in braces.
const LISTED: Factor = evidence("a list of values stands in braces", 9.0);
/// The structure has no constructor.
const PLAIN: Factor = evidence("a structure without a constructor is made with braces", 8.0);
/// The array is declared with its type.
const AGAIN: Factor = evidence("the array is declared with its type", 8.5);

pub(super) static FAMILY: Family = Family {
    id: "braced",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "#include <vector>\nstd::vector<int> tides = [<|>3, 5];\n",
        message: "expected identifier before numeric constant",
        after: "#include <vector>\nstd::vector<int> tides = {3, 5};\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, pairs, language) = (case.lexed(), &case.text.pairs, case.language());
    let line = lexed.on_line(lexed.code[case.token].line);
    if language.directives {
        let list = line.clone().find(|at| lexed.is(*at, "[") && lexed.before(*at) == "=");
        let close = list.and_then(|open| pairs.partner_of(open));
        // A function without a name has brackets behind these.
        if let (Some(open), Some(close)) = (list, close)
            && !matches!(lexed.word(close + 1), "(" | "{" | "<")
        {
            let edits = vec![case.replace_token(open, "{"), case.replace_token(close, "}")];
            all.push(Candidate::new(MistakeId::MismatchedBracket, LISTED, edits).guess());
        }
        // Seen with g++ 12 and clang 14.
        let said = &case.message.text;
        if said.contains("non-scalar type 'std::vector") || said.contains("to 'vector<") {
            let open = line.clone().find(|at| lexed.is(*at, "(") && lexed.before(*at) == "=");
            if let Some(open) = open
                && let Some(close) = pairs.partner_of(open)
            {
                let edits = vec![case.replace_token(open, "{"), case.replace_token(close, "}")];
                all.push(Candidate::new(MistakeId::MismatchedBracket, LISTED, edits).guess());
            }
        }
        if said.contains("no matching function for call to '") {
            line.clone().for_each(|at| made(case, at, all));
        }
    }
    if language.type_first && !language.new_object.is_empty() && !language.directives {
        let list = line.into_iter().find(|at| lexed.is(*at, "{") && lexed.before(*at) == "=");
        list.into_iter().for_each(|open| again(case, open, all));
    }
}

/// `Berth(name, depth)`.
fn made(case: &Case, at: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let (names, name) = (&case.text.names, lexed.word(at));
    let Some(typed) = names.of(name).find(|one| one.kind == NameKind::Type) else { return };
    let Some(call) = call_at(case, at + 1).filter(|_| typed.token != at) else { return };
    let block = (typed.token..lexed.code.len()).find(|at| lexed.opens_block(*at));
    let Some(close) = block.and_then(|open| case.text.pairs.partner_of(open)) else { return };
    let constructed =
        (typed.token + 1..close).any(|at| lexed.is(at, name) && lexed.is(at + 1, "("));
    let told = case.message.text.contains(&format!("{name}::{name}("));
    if told && !constructed && !call.arguments.is_empty() {
        let edits = vec![case.replace_token(call.open, "{"), case.replace_token(call.close, "}")];
        all.push(Candidate::new(MistakeId::MismatchedBracket, PLAIN, edits).guess());
    }
}

/// `depths = {1, 2};` of an array that is declared above.
fn again(case: &Case, open: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(name) = open.checked_sub(2).filter(|name| lexed.code[*name].first) else { return };
    let declared = case.text.names.resolve(lexed, name).and_then(|declared| declared.typed);
    let Some((first, last)) = declared.filter(|(_, last)| lexed.is(*last, "]")) else { return };
    let typed = text_of(case, (first, last));
    let edit: Edit = case.insert(lexed.code[open].start, format!("new {typed} "));
    all.push(Candidate::new(MistakeId::MissingType, AGAIN, vec![edit]).guess());
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn values_in_round_brackets_are_a_list() {
        check_fix(
            &FAMILY,
            "cpp",
            "#include <vector>\nstd::vector<int> tides = <|>(3, 5);\n",
            "conversion from 'int' to non-scalar type 'std::vector<int>' requested",
            "#include <vector>\nstd::vector<int> tides = {3, 5};\n",
        );
    }

    #[test]
    fn a_structure_without_a_constructor() {
        check_fix(
            &FAMILY,
            "cpp",
            "struct Berth { int a; int b; };\nvoid go(std::vector<Berth>& all) {\n    all.push_back(<|>Berth(1, 2));\n}\n",
            "no matching function for call to 'Berth::Berth(int, int)'",
            "struct Berth { int a; int b; };\nvoid go(std::vector<Berth>& all) {\n    all.push_back(Berth{1, 2});\n}\n",
        );
    }

    #[test]
    fn an_array_of_java_is_given_values_again() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go() {\n        int[] a = new int[3];\n        a = <|>{1, 2, 3};\n    }\n}\n",
            "illegal start of expression",
            "class Quay {\n    void go() {\n        int[] a = new int[3];\n        a = new int[] {1, 2, 3};\n    }\n}\n",
        );
    }

    #[test]
    fn a_function_without_a_name_is_left() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "auto f = [<|>](int n) { return n; };\n",
            "expected ']' before ')' token",
        );
    }
}
