//! A comparison that is not written whole: `n > 3 && < 10`, `n == 3 || 5`.

use super::family::{Example, Family, Phases};
use super::shape::text_of;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::lex::TokenKind;

/// A mark that compares stands right behind one that joins two conditions.
const NO_LEFT_SIDE: Factor = evidence("the comparison has no left side", 9.5);
/// A bare value stands beside a comparison.
const ONLY_RIGHT_SIDE: Factor = evidence("a bare value stands beside a comparison", 8.0);

const JOINS: &[&str] = &["&&", "||", "and", "or", "And", "Or", "AndAlso", "OrElse", "andalso"];
const COMPARES: &[&str] = &["<", ">", "<=", ">=", "==", "!=", "===", "!==", "<>", "/=", "="];

pub(super) static FAMILY: Family = Family {
    id: "half-comparison",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "int fits(int n) {\n    return n > 3 && <|>< 10;\n}\n",
        message: "expected expression before '<' token",
        after: "int fits(int n) {\n    return n > 3 && n < 10;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let (mut lost, mut bare) = (Vec::new(), Vec::new());
    // `n == 2 || 4 || 6`: each value is compared as the first one is.
    let mut before = None;
    for join in line.clone().filter(|at| JOINS.contains(&lexed.word(*at))) {
        let next = join + 1 + usize::from(lexed.is(join + 1, "("));
        before = compared(case, line.start, join).or(before.filter(|_| !bare.is_empty()));
        let Some((left, mark)) = &before else { continue };
        if COMPARES.contains(&lexed.word(next)) && line.contains(&next) {
            lost.push(case.insert(lexed.code[next].start, format!("{left} ")));
        } else if case.phase > Phase::Syntax && is_bare(case, next, &line) {
            bare.push(case.insert(lexed.code[next].start, format!("{left} {mark} ")));
        }
    }
    for (edits, why) in [(lost, NO_LEFT_SIDE), (bare, ONLY_RIGHT_SIDE)] {
        if !edits.is_empty() {
            all.push(Candidate::new(MistakeId::HalfComparison, why, edits).guess());
        }
    }
}

/// The left side and the mark of the comparison that ends before a word that joins two.
fn compared(case: &Case, start: usize, join: usize) -> Option<(String, String)> {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    // `(n > 3) and (< 10)`: the comparison stands in brackets of its own.
    let last = join.checked_sub(1)?;
    let inner = pairs.partner_of(last).filter(|open| lexed.is(last, ")") && *open < last);
    let alone = inner.filter(|open| {
        let before = lexed.kind(open.wrapping_sub(1));
        !matches!(before, Some(TokenKind::Name | TokenKind::Close))
    });
    let (from, to) = alone.map_or((start, join), |open| (open + 1, last));
    let level = pairs.inside_of(to - 1).filter(|_| lexed.kind(to - 1) != Some(TokenKind::Close));
    let level = match lexed.kind(to - 1) {
        Some(TokenKind::Close) => pairs.inside_of(pairs.partner_of(to - 1)?),
        _ => level,
    };
    let own = |at: usize| pairs.inside_of(at) == level;
    let mark = (from..to)
        .rev()
        .filter(|at| own(*at))
        .find(|at| COMPARES.contains(&lexed.word(*at)) || JOINS.contains(&lexed.word(*at)))?;
    if JOINS.contains(&lexed.word(mark)) {
        return None;
    }
    // In C and C++ the arrow leads to a member.
    let arrow = |at: usize| lexed.is(at, "->") && !lexed.language.directives;
    let ends = |at: usize| {
        arrow(at)
            || JOINS.contains(&lexed.word(at))
            || matches!(lexed.word(at), "(" | "{" | "," | ";" | "=" | ":=" | "=>" | "|" | "?")
                && (!own(at) || !lexed.is(at, "("))
            || lexed.kind(at) == Some(TokenKind::Keyword)
                && !matches!(lexed.word(at), "this" | "self")
    };
    let first = (from..mark).rev().take_while(|at| !ends(*at)).last()?;
    let left = text_of(case, (first, mark - 1));
    (left.len() < 60).then(|| (left, lexed.word(mark).to_owned()))
}

/// Whether a single value stands at a token, and the condition ends behind it or goes on.
fn is_bare(case: &Case, at: usize, line: &std::ops::Range<usize>) -> bool {
    let lexed = case.lexed();
    let kinds = [TokenKind::Number, TokenKind::Str, TokenKind::Char];
    let value = lexed.kind(at).is_some_and(|kind| kinds.contains(&kind));
    let behind = lexed.word(at + 1);
    let ends = matches!(behind, ")" | "{" | "then" | ";" | ":" | "do" | "?" | "=>");
    value && (ends || JOINS.contains(&behind) || !line.contains(&(at + 1)))
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn the_whole_left_side_is_written_again() {
        check_fix(
            &FAMILY,
            "c",
            "int fits(const Rope *r) {\n    return r->metres >= 5 && <|>< 40;\n}\n",
            "expected expression before '<' token",
            "int fits(const Rope *r) {\n    return r->metres >= 5 && r->metres < 40;\n}\n",
        );
    }

    #[test]
    fn comparisons_in_brackets_of_their_own_have_both_sides() {
        check_fix(
            &FAMILY,
            "pascal",
            "program Quay;\nvar n: integer;\nbegin\n  if (n > 3) and (<|>< 10) then n := 0;\nend.\n",
            "Illegal expression",
            "program Quay;\nvar n: integer;\nbegin\n  if (n > 3) and (n < 10) then n := 0;\nend.\n",
        );
    }

    #[test]
    fn a_bare_value_is_compared_as_the_one_before() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    boolean open(Boat b) {\n        return b.kind() == 'a' <|>|| 'b';\n    }\n}\n",
            "bad operand types for binary operator '||'",
            "class Quay {\n    boolean open(Boat b) {\n        return b.kind() == 'a' || b.kind() == 'b';\n    }\n}\n",
        );
    }

    #[test]
    fn each_of_several_values_is_compared() {
        check_fix(
            &FAMILY,
            "rust",
            "fn go(n: u8) -> bool {\n    n == 2 <|>|| 4 || 6\n}\n",
            "[E0308] mismatched types",
            "fn go(n: u8) -> bool {\n    n == 2 || n == 4 || n == 6\n}\n",
        );
    }

    #[test]
    fn two_conditions_are_left() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    boolean open(int n, boolean low) {\n        return n == 2 <|>|| low;\n    }\n}\n",
            "bad operand types for binary operator '||'",
        );
    }
}
