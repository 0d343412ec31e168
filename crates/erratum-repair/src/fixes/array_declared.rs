//! A list of values for what is declared as a single one: `int depths = {4, 7, 2};`. Java: an array with a length
//! and empty brackets: `new Boat[2]()`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// The name is set to several values, and numbered further on.
const SEVERAL: Factor = evidence("it is set to several values and numbered", 9.0);
/// An array is made without a call.
const NO_CALL: Factor = evidence("an array is made with its length alone", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "array-declared",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "int main(void) {\n    int depths = {4, 7, 2};\n    return <|>depths[1];\n}\n",
        message: "subscripted value is neither array nor pointer nor vector",
        after: "int main(void) {\n    int depths[] = {4, 7, 2};\n    return depths[1];\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().type_first {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let mut seen = Vec::new();
    for at in line.clone().filter(|at| lexed.kind(*at) == Some(TokenKind::Name)) {
        let Some(declared) = case.text.names.resolve(lexed, at) else { continue };
        let name = declared.token;
        // Elsewhere a structure is set so, too.
        let numbered = case
            .text
            .names
            .seen
            .get(lexed.word(name))
            .is_some_and(|seen| seen.iter().any(|at| lexed.is(at + 1, "[")));
        let listed = lexed.is(name + 1, "=") && lexed.is(name + 2, "{");
        // One value alone may stand in braces, too.
        let close = case.text.pairs.partner_of(name + 2);
        let several = close.is_some_and(|close| (name + 3..close).any(|at| lexed.is(at, ",")));
        let numbered = numbered || several;
        let plain = declared.typed.is_some_and(|(first, last)| {
            first == last && case.language().is_type(lexed.word(first))
        });
        if !(listed && numbered && plain) || seen.contains(&name) {
            continue;
        }
        seen.push(name);
        // Where the brackets stand: behind the name, or behind the type.
        let behind = match case.language().directives {
            true => lexed.code[name].end,
            false => lexed.code[declared.typed.map_or(name, |(_, last)| last)].end,
        };
        let edit = case.insert(behind, "[]");
        all.push(Candidate::new(MistakeId::MissingBracket, SEVERAL, vec![edit]).guess());
    }
    for open in line.filter(|at| lexed.is(*at, "(") && lexed.is(at + 1, ")")) {
        let array =
            case.text.pairs.partner_of(open.wrapping_sub(1)).filter(|at| lexed.is(*at, "["));
        let made = array.is_some_and(|at| at > 1 && lexed.is(at - 2, "new"));
        if made && !case.language().directives {
            let edit = Edit::delete(case.file(), lexed.code[open].start, lexed.code[open + 1].end);
            all.push(Candidate::new(MistakeId::ExtraBracket, NO_CALL, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn an_array_is_made_with_its_length_alone() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    Boat[] all = new Boat[2]<|>();\n}\n",
            "';' expected",
            "class Quay {\n    Boat[] all = new Boat[2];\n}\n",
        );
    }

    #[test]
    fn the_type_of_java_says_that_it_is_an_array() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go() {\n        int depths = <|>{4, 7};\n        int d = depths[0];\n    }\n}\n",
            "illegal initializer for int",
            "class Quay {\n    void go() {\n        int[] depths = {4, 7};\n        int d = depths[0];\n    }\n}\n",
        );
    }

    #[test]
    fn a_single_value_is_left() {
        check_no_fix(
            &FAMILY,
            "c",
            "int main(void) {\n    int depth = {4};\n    return <|>depth;\n}\n",
            "expected expression before 'return'",
        );
    }
}
