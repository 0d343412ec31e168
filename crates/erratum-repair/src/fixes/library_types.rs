//! A type of the library that another language calls otherwise: `ArrayList<Bell>` for `List<Bell>`,
//! `Dictionary<string, number>` for `Map<string, number>`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::names::NameKind;

/// The library has such a type under another name.
const CALLED_OTHERWISE: Factor = evidence("the library has such a type under another name", 6.0);

pub(super) static FAMILY: Family = Family {
    id: "library-types",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "class Quay {\n    <|>ArrayList<int> tides = new ArrayList<int>();\n}\n",
        message: "[CS0246] The type or namespace name 'ArrayList' could not be found. Are you missing an assembly reference?",
        after: "class Quay {\n    List<int> tides = new List<int>();\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    if case.phase != Phase::Name {
        return;
    }
    let name = lexed.word(case.token);
    let mut own = case.text.names.of(name);
    if own.any(|declared| declared.kind == NameKind::Type) {
        return;
    }
    let Some((open, _)) = language.type_arguments else { return };
    let seen = case.text.names.seen.get(name).map_or(&[][..], Vec::as_slice);
    // With the types that it takes it is the type of a library, wherever else it stands.
    if !seen.iter().any(|at| lexed.is(at + 1, open)) {
        return;
    }
    for (_, here) in language.types_elsewhere.iter().filter(|(there, _)| *there == name) {
        let here = case.written_here(case.token, here);
        let edits: Vec<Edit> = seen.iter().map(|at| case.replace_token(*at, here)).collect();
        all.push(Candidate::new(MistakeId::ForeignWord, CALLED_OTHERWISE, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn each_language_has_its_own_names() {
        check_fix(
            &FAMILY,
            "typescript",
            "const fares: <|>Dictionary<string, number> = new Dictionary();\n",
            "[TS2304] Cannot find name 'Dictionary'.",
            "const fares: Map<string, number> = new Map();\n",
        );
        check_fix(
            &FAMILY,
            "rust",
            "fn all(tides: <|>List<u32>) -> usize {\n    tides.len()\n}\n",
            "[E0412] cannot find type `List` in this scope",
            "fn all(tides: Vec<u32>) -> usize {\n    tides.len()\n}\n",
        );
    }

    #[test]
    fn a_type_of_the_text_keeps_its_name() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "class List<T> {}\nconst fares: <|>List<number> = 3;\n",
            "[TS2304] Cannot find name 'List'.",
        );
    }
}
