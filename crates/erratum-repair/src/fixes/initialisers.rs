//! What a constructor hands on or sets, without the mark that goes before it: `Rope(int n) Item(n) {`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// Between the parameters of a constructor and its block stand values for members.
const HANDED_ON: Factor = evidence("values stand between the parameters and the block", 7.5);

/// How many tokens before the reported place the header may begin.
const REACH: usize = 60;

pub(super) static FAMILY: Family = Family {
    id: "initialisers",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "class Rope : public Item {\npublic:\n    Rope(int n)<|>\n        Item(n), metres_(n) {}\nprivate:\n    int metres_;\n};\n",
        message: "expected ';' at end of member declaration",
        after: "class Rope : public Item {\npublic:\n    Rope(int n)\n        : Item(n), metres_(n) {}\nprivate:\n    int metres_;\n};\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    for close in case.token.saturating_sub(REACH)..=case.token + 1 {
        if !lexed.is(close, ")") || lexed.kind(close + 1) != Some(TokenKind::Name) {
            continue;
        }
        let Some(open) = pairs.partner_of(close) else { continue };
        if !is_constructor(case, open) {
            continue;
        }
        if let Some(block) = behind_values(case, close + 1)
            && lexed.is(block, "{")
        {
            let edit = case.insert(lexed.code[close + 1].start, ": ");
            all.push(Candidate::new(MistakeId::MissingMark, HANDED_ON, vec![edit]));
        }
    }
}

/// Whether parameters that open there are those of a constructor: they follow the name of the class around
/// them, or of one that is named twice (`Rope::Rope(`).
fn is_constructor(case: &Case, open: usize) -> bool {
    let lexed = case.lexed();
    let Some(name) = open.checked_sub(1) else { return false };
    let word = lexed.word(name);
    if lexed.before(name) == "::" {
        return name > 1 && lexed.is(name - 2, word);
    }
    let Some(class) = case.text.pairs.block_of(lexed, name) else { return false };
    let head = case.statement_start(class)..class;
    let mut words = head.into_iter().filter(|at| matches!(lexed.word(*at), "class" | "struct"));
    words.any(|at| lexed.is(at + 1, word))
}

/// The token behind a list of values for members, `name(value), other{value}`, from its first name on.
fn behind_values(case: &Case, first: usize) -> Option<usize> {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    let mut at = first;
    loop {
        let named = matches!(lexed.kind(at), Some(TokenKind::Name))
            || matches!(lexed.word(at), "base" | "this");
        if !named || !matches!(lexed.word(at + 1), "(" | "{") {
            return None;
        }
        let end = pairs.partner_of(at + 1)? + 1;
        if !lexed.is(end, ",") {
            return Some(end);
        }
        at = end + 1;
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_constructor_outside_of_its_class_lacks_the_mark() {
        check_fix(
            &FAMILY,
            "cpp",
            "Rope::Rope(int n) <|>metres{n} {\n}\n",
            "expected initializer before 'metres'",
            "Rope::Rope(int n) : metres{n} {\n}\n",
        );
    }

    #[test]
    fn what_is_no_constructor_lacks_something_else() {
        for text in [
            "class Rope {\n    int of(int n)<|>\n        Item(n) {}\n};\n",
            "class Rope {\n    Rope(int n)<|>\n    int metres(int n) { return n; }\n};\n",
            "class Rope {\n    Rope(int n)<|>\n    Item(int n);\n};\n",
        ] {
            check_no_fix(&FAMILY, "cpp", text, "expected ';' at end of member declaration");
        }
    }
}
