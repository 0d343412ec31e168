//! A label that names its value with the type in front, where the type is known already:
//! `case Kind.FARE:`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// The compiler wants the plain name.
const PLAIN: Factor = evidence("the compiler wants the plain name", 8.0);

/// What javac 17 says of it; later ones take the long name.
const SAID: &str = "must be the unqualified name of an enumeration constant";

pub(super) static FAMILY: Family = Family {
    id: "case-label",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    enum Kind { FARE, FUEL }\n    int go(Kind kind) {\n        switch (kind) {\n            case <|>Kind.FARE: return 3;\n            default: return 4;\n        }\n    }\n}\n",
        message: "an enum switch case label must be the unqualified name of an enumeration constant",
        after: "class Quay {\n    enum Kind { FARE, FUEL }\n    int go(Kind kind) {\n        switch (kind) {\n            case FARE: return 3;\n            default: return 4;\n        }\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.message.text.contains(SAID) {
        return;
    }
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    // Each label of the switch that is written so is the same slip.
    let Some(block) = case.text.pairs.block_of(lexed, line.start) else { return };
    let end = case.text.pairs.partner_of(block).unwrap_or(line.end);
    let labels = (block..end)
        .filter(|at| lexed.is(*at, "case") && case.text.pairs.block_of(lexed, *at) == Some(block));
    let named = |at: usize| lexed.kind(at) == Some(TokenKind::Name);
    let edits = labels.filter_map(|label| {
        let mut last = label + 1;
        while named(last) && lexed.is(last + 1, ".") && named(last + 2) {
            last += 2;
        }
        let (from, to) = (lexed.code.get(label + 1)?.start, lexed.code.get(last)?.start);
        (from < to).then(|| Edit::delete(case.file(), from, to))
    });
    let edits: Vec<Edit> = edits.collect();
    if !edits.is_empty() {
        all.push(Candidate::new(MistakeId::ExtraWord, PLAIN, edits));
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_fix;
    use super::FAMILY;

    #[test]
    fn all_labels_of_the_switch_change_together() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    enum Kind { FARE, FUEL }\n    int go(Kind kind) {\n        switch (kind) {\n            case <|>Quay.Kind.FARE: return 3;\n            case Kind.FUEL: return 4;\n            default: return 5;\n        }\n    }\n}\n",
            "an enum switch case label must be the unqualified name of an enumeration constant",
            "class Quay {\n    enum Kind { FARE, FUEL }\n    int go(Kind kind) {\n        switch (kind) {\n            case FARE: return 3;\n            case FUEL: return 4;\n            default: return 5;\n        }\n    }\n}\n",
        );
    }
}
