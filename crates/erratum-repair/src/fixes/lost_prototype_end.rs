//! C: a prototype without its `;` above a function: gcc reads the function as a part of it, and stops at its `{`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// Two heads stand one behind the other, and only the second has a body.
const TWO_HEADS: Factor = evidence("two heads of functions stand one behind the other", 10.0);

pub(super) static FAMILY: Family = Family {
    id: "lost-prototype-end",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "int deepest(int *tides, int n)\n\nint rise(int tide)\n<|>{\n    return tide + 1;\n}\n",
        message: "expected '=', ',', ';', 'asm' or '__attribute__' before '{' token",
        after: "int deepest(int *tides, int n);\n\nint rise(int tide)\n{\n    return tide + 1;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().directives {
        return;
    }
    // The message stands at the brace, at the end of the head before it, or at the start of the second head.
    let near = case.token.saturating_sub(1)..(case.token + 30).min(lexed.code.len());
    let Some(open) = near.into_iter().find(|at| lexed.opens_block(*at)) else { return };
    let Some(second) = head(case, open) else { return };
    let Some(close) = second.checked_sub(1).filter(|at| lexed.is(*at, ")")) else { return };
    if head(case, close + 1).is_some() && lexed.code[second].first {
        let edit = case.insert(lexed.code[close].end, ";");
        all.push(Candidate::new(MistakeId::MissingTerminator, TWO_HEADS, vec![edit]).guess());
    }
}

/// Where the head of a function starts that ends right before a token: `int rise(int tide)`, outside of any
/// bracket.
fn head(case: &Case, end: usize) -> Option<usize> {
    let lexed = case.lexed();
    let pairs = &case.text.pairs;
    let close = end.checked_sub(1).filter(|at| lexed.is(*at, ")"))?;
    let open = pairs.partner_of(close).filter(|open| pairs.inside_of(*open).is_none())?;
    let name = open.checked_sub(1).filter(|at| lexed.kind(*at) == Some(TokenKind::Name))?;
    // The type and what belongs to it stand in front, on the same line.
    let mut start = name;
    while start > 0
        && lexed.code[start - 1].line == lexed.code[name].line
        && (matches!(lexed.kind(start - 1), Some(TokenKind::Name | TokenKind::Keyword))
            || lexed.is(start - 1, "*"))
    {
        start -= 1;
    }
    (start < name).then_some(start)
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn one_head_is_not_ended() {
        check_no_fix(
            &FAMILY,
            "c",
            "int deepest(int *tides, int n);\n\nint rise(int tide)\n<|>{\n    return tide + 1;\n}\n",
            "expected '=', ',', ';', 'asm' or '__attribute__' before '{' token",
        );
    }
}
