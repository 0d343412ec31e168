//! A pair of brackets of the wrong kind, where the word before it wants another one: `berths{2}` of a list,
//! Go's `map(string)int`, Pascal's `class[TBoat]`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// An element is asked for with square brackets.
const ELEMENT: Factor = evidence("an element is asked for with square brackets", 9.0);
/// The word wants brackets of another kind behind it.
const WANTED: Factor = evidence("the word before it wants brackets of another kind", 10.0);

pub(super) static FAMILY: Family = Family {
    id: "bracket-kind",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "class Quay {\n    int Deep(int[] depths) {\n        return depths<|>{2} + 1;\n    }\n}\n",
        message: "[CS1525] Unexpected symbol '{'",
        after: "class Quay {\n    int Deep(int[] depths) {\n        return depths[2] + 1;\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    for open in lexed.on_line(lexed.code[case.token].line) {
        let Some(close) = pairs.partner_of(open).filter(|close| open + 1 < *close) else {
            continue;
        };
        if open == 0 || lexed.code[open].line != lexed.code[close].line {
            continue;
        }
        let Some((kinds, why)) = wanted(case, open, close) else { continue };
        let element = lexed.is(open, "{");
        let mistake = if element { MistakeId::ElementForm } else { MistakeId::WrongMark };
        let edits = vec![case.replace_token(open, kinds.0), case.replace_token(close, kinds.1)];
        all.push(Candidate::new(mistake, why, edits).guess());
    }
}

/// The brackets that the word before a pair wants, where these are others, and why.
fn wanted(
    case: &Case,
    open: usize,
    close: usize,
) -> Option<((&'static str, &'static str), Factor)> {
    let (lexed, language) = (case.lexed(), case.language());
    let (word, is) = (open - 1, lexed.word(open));
    if language.receivers && is == "(" && lexed.is(word, "map") {
        return Some((("[", "]"), WANTED));
    }
    let heads = is == "[" && lexed.is(word, "class") && lexed.before(word) == "=";
    if language.returns_by_name && heads {
        return Some((("(", ")"), WANTED));
    }
    // C++: the parts of what a loop goes over, `for (auto& (port, fare) : fares)`.
    let parts =
        (open + 1..close).all(|at| lexed.is(at, ",") || lexed.kind(at) == Some(TokenKind::Name));
    let bound = matches!(lexed.word(word), "auto" | "&" | "const") && lexed.is(close + 1, ":");
    if language.directives && is == "(" && bound && parts {
        return Some((("[", "]"), WANTED));
    }
    // The braces of a list of values stand behind a type, or behind nothing.
    let tight = lexed.code[word].end == lexed.code[open].start;
    let value = || {
        let names = &case.text.names;
        let declared = names.of(lexed.word(word)).next().filter(|one| one.token != word);
        declared.is_some_and(|one| matches!(one.kind, NameKind::Value | NameKind::Member))
    };
    let one = (open + 1..close).all(|at| !matches!(lexed.word(at), ";" | "," | ":" | "=" | "{"));
    let name = lexed.kind(word) == Some(TokenKind::Name);
    (is == "{" && tight && name && one && value()).then_some((("[", "]"), ELEMENT))
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn the_parts_of_an_element_stand_in_square_brackets() {
        check_fix(
            &FAMILY,
            "cpp",
            "void show(std::map<std::string, int>& all) {\n    for (auto const& <|>(port, fare) : all) { }\n}\n",
            "expected primary-expression before 'auto'",
            "void show(std::map<std::string, int>& all) {\n    for (auto const& [port, fare] : all) { }\n}\n",
        );
    }

    #[test]
    fn the_key_of_a_map_stands_in_square_brackets() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nvar fares map<|>(string)int\n",
            "syntax error: unexpected (, expecting [",
            "package quay\n\nvar fares map[string]int\n",
        );
    }

    #[test]
    fn an_ancestor_stands_in_round_brackets() {
        check_fix(
            &FAMILY,
            "pascal",
            "type\n  TTug = class<|>[TBoat]\n    Power: Integer;\n  end;\n",
            "Syntax error, \"identifier\" expected but \"[\" found",
            "type\n  TTug = class(TBoat)\n    Power: Integer;\n  end;\n",
        );
    }

    #[test]
    fn the_braces_of_a_block_are_left_alone() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int depth(boolean low){ return low<|> 3 }\n}\n",
            "[compiler.err.expected] ';' expected",
        );
    }
}
