//! A member that other languages, or other types of this one, call otherwise: `names.length()` for
//! `names.size()`.

use super::family::{Example, Family, Phases};
use super::shape::text_of;
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// The library calls it otherwise.
const CALLED_OTHERWISE: Factor = weight("the library calls it otherwise", 4.0);
/// Each name that is more usual.
const RARER: Factor = weight("another name is more usual", -0.3);
/// The name is right, and only its brackets are too many or lacking.
const ONLY_BRACKETS: Factor = weight("only the brackets differ", 1.0);
/// The program declares a member of this name itself.
const OWN: Factor = weight("the program has a member of this name", -5.0);
/// Each token between the member and the reported place.
const AWAY: Factor = weight("tokens from the reported place", -0.3);

pub(super) static FAMILY: Family = Family {
    id: "synonyms",
    recipes: &[],
    phases: Phases::Late,
    within_text: true,
    propose,
    example: Example {
        language: "java",
        before: "import java.util.List;\nclass Quay {\n    int boats(List<String> names) {\n        return names.<|>length;\n    }\n}\n",
        message: "cannot find symbol",
        after: "import java.util.List;\nclass Quay {\n    int boats(List<String> names) {\n        return names.size();\n    }\n}\n",
    },
};

/// How many tokens on each side of the reported place are looked at.
const REACH: usize = 4;

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let near = case.token.saturating_sub(REACH)..case.token + REACH + 1;
    for name in line.filter(|at| near.contains(at)) {
        let dotted = name.checked_sub(1).is_some_and(|at| matches!(lexed.word(at), "." | "->"));
        if !dotted || lexed.kind(name) != Some(TokenKind::Name) {
            continue;
        }
        let word = lexed.word(name);
        // Where the message names something, it is that which is unknown.
        let said = &case.message.text;
        let quotes = said.contains(['\'', '`', '"']);
        // Of a method of the language that takes other values mcs 6.8 speaks, where a map has none of this name.
        let other_values = said.starts_with("No overload for method '") && lexed.is(name + 1, "(");
        if (case.phase != Phase::Name && !other_values) || (quotes && !said.contains(word)) {
            continue;
        }
        // What the program declares is no word of another language where one of its own objects is asked.
        let declares = case.text.names.of(word).next().is_some();
        if declares && is_own_object(case, name) {
            continue;
        }
        for names in case.language().synonyms.iter().filter(|names| names.is(word)) {
            member(case, name, names.here, all);
        }
    }
}

/// Whether an object of the program is asked for a member.
fn is_own_object(case: &Case, member: usize) -> bool {
    let lexed = case.lexed();
    let Some(object) = member.checked_sub(2) else { return false };
    if matches!(lexed.word(object), "this" | "self" | "base" | "super") {
        return true;
    }
    let typed = case.text.names.resolve(lexed, object).and_then(|one| one.typed);
    typed.is_some_and(|(first, last)| {
        first == last && case.text.names.of(lexed.word(first)).any(|one| one.kind == NameKind::Type)
    })
}

fn member(case: &Case, name: usize, here: &[&str], all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let token = lexed.code[name];
    let called = lexed.is(name + 1, "(");
    // An array has its length as a plain member.
    let object = name.checked_sub(2).and_then(|at| case.text.names.resolve(lexed, at));
    let typed = object.and_then(|object| object.typed);
    let array = typed.is_some_and(|typed| text_of(case, typed).contains('['));
    let empty = called && lexed.is(name + 2, ")");
    let word = lexed.word(name);
    let own = case.text.names.of(lexed.word(name)).next().is_some();
    for (rank, new) in here.iter().enumerate() {
        let bare = new.trim_end_matches("()");
        let (end, text) = match (bare == *new, called) {
            // A method without values where there is none to call, or a name that is no method.
            (false, false) => (token.end, *new),
            (true, true) if empty => (lexed.code[name + 2].end, bare),
            _ => (token.end, bare),
        };
        if *lexed.source.slice(token.start, end) == *text {
            continue;
        }
        let score = CALLED_OTHERWISE
            + RARER * rank as f64
            + OWN.when(own)
            + ONLY_BRACKETS.when(bare == word && empty && bare == *new && array)
            + AWAY * name.abs_diff(case.token).saturating_sub(1) as f64;
        let edit = Edit::replace(case.file(), token.start, end, text);
        all.push(Candidate::new(MistakeId::ForeignWord, score, vec![edit]));
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_list_of_java_has_a_size() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int boats(java.util.List<String> names) {\n        return names.<|>length();\n    }\n}\n",
            "cannot find symbol",
            "class Quay {\n    int boats(java.util.List<String> names) {\n        return names.size();\n    }\n}\n",
        );
    }

    #[test]
    fn an_array_of_java_has_a_length_without_brackets() {
        check_among(
            &FAMILY,
            "java",
            "class Quay {\n    int boats(String[] names) {\n        return names.<|>length();\n    }\n}\n",
            "cannot find symbol",
            "class Quay {\n    int boats(String[] names) {\n        return names.length;\n    }\n}\n",
        );
    }

    #[test]
    fn what_is_added_keeps_its_values() {
        check_fix(
            &FAMILY,
            "cpp",
            "#include <vector>\nvoid go(std::vector<int> tides) {\n    tides.<|>push(3);\n}\n",
            "'class std::vector<int>' has no member named 'push'",
            "#include <vector>\nvoid go(std::vector<int> tides) {\n    tides.push_back(3);\n}\n",
        );
    }

    #[test]
    fn a_name_without_a_dot_is_no_member() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int boats() {\n        return <|>length;\n    }\n}\n",
            "cannot find symbol",
        );
    }

    #[test]
    fn a_method_that_takes_nothing_keeps_its_brackets() {
        check_fix(
            &FAMILY,
            "typescript",
            "const captain: string = \"a\";\nconsole.log(captain.<|>upper());\n",
            "[TS2339] Property 'upper' does not exist on type 'string'.",
            "const captain: string = \"a\";\nconsole.log(captain.toUpperCase());\n",
        );
    }

    #[test]
    fn a_member_that_nobody_calls_otherwise_is_left() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int boats(String names) {\n        return names.<|>berths();\n    }\n}\n",
            "cannot find symbol",
        );
    }
}
