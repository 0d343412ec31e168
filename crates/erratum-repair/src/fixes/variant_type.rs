//! What a variant holds, written as the type of a field: `Special: u8` in an `enum`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// The compiler wants what a variant can have, and a type stands behind `:`.
const TYPED: Factor = evidence("a variant is written as a field is", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "variant-type",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "enum Mark {\n    Cardinal,\n    Special<|>: u8,\n}\n",
        message: "expected one of `(`, `,`, `=`, `{`, or `}`, found `:`",
        after: "enum Mark {\n    Cardinal,\n    Special(u8),\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let mark = case.token;
    // Seen with rustc 1.95.
    let said =
        case.message.text.starts_with("expected one of `(`, `,`, `=`, `{`, or `}`, found `:`");
    if !said || !lexed.is(mark, ":") {
        return;
    }
    let open = case.text.pairs.inside_of(mark);
    let named = open.and_then(|open| open.checked_sub(2));
    if named.is_none_or(|word| !lexed.is(word, "enum")) || lexed.is(mark + 1, "{") {
        return;
    }
    let own = |at: &usize| case.text.pairs.inside_of(*at) == open;
    let deep = |at: usize| {
        (mark + 1..at).filter(|at| lexed.is(*at, "<")).count()
            > (mark + 1..at).filter(|at| lexed.is(*at, ">")).count()
    };
    let ends = |at: &usize| {
        own(at) && lexed.is(*at, ",") && !deep(*at)
            || Some(*at) == open.and_then(|open| case.text.pairs.partner_of(open))
    };
    let Some(end) = (mark + 1..lexed.code.len()).find(ends) else { return };
    let types = (mark + 1..end).all(|at| {
        matches!(lexed.kind(at), Some(TokenKind::Name | TokenKind::Keyword | TokenKind::Op))
            || matches!(lexed.word(at), "<" | ">" | "::" | "," | "&" | "(" | ")" | "[" | "]")
    });
    if end > mark + 1 && types {
        let last = lexed.code[end - 1].end;
        let held = lexed.source.slice(lexed.code[mark + 1].start, last).into_owned();
        let edit = Edit::replace(case.file(), lexed.code[mark].start, last, format!("({held})"));
        all.push(Candidate::new(MistakeId::WrongMark, TYPED, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    const SAID: &str = "expected one of `(`, `,`, `=`, `{`, or `}`, found `:`";

    #[test]
    fn a_type_may_have_types_of_its_own() {
        check_fix(
            &FAMILY,
            "rust",
            "enum Load {\n    Crates<|>: Vec<(u8, String)>\n}\n",
            SAID,
            "enum Load {\n    Crates(Vec<(u8, String)>)\n}\n",
        );
    }

    #[test]
    fn elsewhere_a_type_stands_behind_that_mark() {
        let text = "struct Quay {\n    name<|>: String,\n}\n";
        check_no_fix(&FAMILY, "rust", text, SAID);
    }
}
