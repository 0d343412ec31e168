//! C and C++: the `*` of a declaration counts for one name only: `struct boat *first, last;` makes a pointer
//! and a whole `struct boat`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The name before it in the declaration is a pointer, and this one is used as one.
const USED_AS_POINTER: Factor =
    evidence("the name before it is a pointer, and it is used as one", 7.5);

pub(super) static FAMILY: Family = Family {
    id: "each-pointer",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "struct quay { int boats; };\n\nint go(struct quay *q) {\n    struct quay *a = q, b = q;\n    return b<|>->boats;\n}\n",
        message: "invalid type argument of '->' (have 'struct quay')",
        after: "struct quay { int boats; };\n\nint go(struct quay *q) {\n    struct quay *a = q, *b = q;\n    return b->boats;\n}\n",
    },
};

/// How many tokens a declaration may have before the name.
const DECLARATION: usize = 40;

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !lexed.language.directives {
        return;
    }
    for at in lexed.on_line(lexed.code[case.token].line) {
        if lexed.kind(at) != Some(TokenKind::Name) {
            continue;
        }
        let uses = case.text.names.seen.get(lexed.word(at)).map_or(&[][..], Vec::as_slice);
        let followed = |at: &&usize| lexed.is(**at + 1, "->");
        let Some(used) = uses.iter().find(followed) else { continue };
        let before = uses.iter().filter(|name| *name < used && *name <= &at);
        let Some(name) = before.copied().find(|name| further(case, *name)) else { continue };
        let edit = case.insert(lexed.code[name].start, "*");
        let candidate = Candidate::new(MistakeId::WrongType, USED_AS_POINTER, vec![edit]);
        all.push(candidate);
        return;
    }
}

/// Whether a name is declared behind a comma, without a `*`, where a name before it has one.
fn further(case: &Case, name: usize) -> bool {
    let lexed = case.lexed();
    let level = case.text.pairs.inside_of(name);
    if lexed.before(name) != "," || level.is_some_and(|open| !lexed.is(open, "{")) {
        return false;
    }
    let start = name.saturating_sub(DECLARATION);
    let same = |at: &usize| case.text.pairs.inside_of(*at) == level;
    let mut before = (start..name).rev().filter(same);
    let mut statement = Vec::new();
    for at in before.by_ref() {
        if matches!(lexed.word(at), ";" | "{" | "}" | ":") {
            break;
        }
        statement.push(at);
    }
    // A type stands before the mark: it is no product.
    let first = statement.last().copied();
    statement.iter().any(|at| {
        let type_before = first.is_some_and(|first| {
            (first..*at)
                .all(|at| matches!(lexed.kind(at), Some(TokenKind::Name | TokenKind::Keyword)))
        });
        lexed.is(*at, "*") && type_before && first < Some(*at)
    })
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn the_message_may_stand_at_its_value() {
        let text = |name: &str, at: &str| {
            format!(
                "struct quay {{ int boats; }};\n\nint go(const void *p, const void *q) {{\n    const struct quay *a = p, {name} = {at}q;\n    return a->boats - b->boats;\n}}\n"
            )
        };
        let said = "invalid initializer";
        check_fix(&FAMILY, "c", &text("b", "<|>"), said, &text("*b", ""));
    }

    #[test]
    fn what_is_used_as_a_whole_is_left() {
        check_no_fix(
            &FAMILY,
            "c",
            "struct quay { int boats; };\n\nint go(struct quay *q) {\n    struct quay *a = q, b = <|>q;\n    return a->boats - b.boats;\n}\n",
            "invalid initializer",
        );
    }

    #[test]
    fn a_product_is_no_declaration() {
        check_no_fix(
            &FAMILY,
            "c",
            "void go(int n, int m, struct quay b) {\n    n = 3 * m, b = 2;\n    b<|>->boats = n;\n}\n",
            "invalid type argument of '->' (have 'struct quay')",
        );
    }
}
