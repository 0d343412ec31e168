//! A real number that starts with its dot: `.5` where the language wants `0.5`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::lex::TokenKind;

/// A dot stands right before a number, behind no value.
const DOT_FIRST: Factor = evidence("a number starts with its dot", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "leading-zero",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "weight :: Double\nweight = <|>.3\n",
        message: "parse error on input '.'",
        after: "weight :: Double\nweight = 0.3\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if case.phase > Phase::Syntax {
        return;
    }
    // Where the dot is read as a part of the number, the compiler points at it.
    let whole = lexed.kind(case.token) == Some(TokenKind::Number)
        && lexed.word(case.token).starts_with('.');
    if whole {
        lacks_digit(case, case.token, all);
        return;
    }
    let near = lexed.code[case.token].line;
    for dot in lexed.on_line(near).filter(|at| *at > 0 && lexed.is(*at, ".")) {
        let next = lexed.code.get(dot + 1);
        let digits = lexed.kind(dot + 1) == Some(TokenKind::Number)
            && next.is_some_and(|next| next.start == lexed.code[dot].end);
        let value = matches!(
            lexed.kind(dot - 1),
            Some(TokenKind::Name | TokenKind::Number | TokenKind::Str | TokenKind::Close)
        );
        let apart = lexed.code[dot - 1].end < lexed.code[dot].start;
        if digits && (!value || apart) {
            lacks_digit(case, dot, all);
        }
    }
}

fn lacks_digit(case: &Case, token: usize, all: &mut Vec<Candidate>) {
    let edit = case.insert(case.lexed().code[token].start, "0");
    all.push(Candidate::new(MistakeId::NumberForm, DOT_FIRST, vec![edit]).guess());
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn rust_and_pascal_want_the_digit_too() {
        check_fix(
            &FAMILY,
            "rust",
            "fn main() { let tide = <|>.5; }\n",
            "float literals must have an integer part",
            "fn main() { let tide = 0.5; }\n",
        );
        check_fix(
            &FAMILY,
            "pascal",
            "program quay;\nvar tide: real;\nbegin\n  tide := <|>.5;\nend.\n",
            "Illegal expression",
            "program quay;\nvar tide: real;\nbegin\n  tide := 0.5;\nend.\n",
        );
    }

    #[test]
    fn a_part_of_a_tuple_has_a_number() {
        check_no_fix(&FAMILY, "rust", "fn main() { let tide = pair<|>.0; }\n", "expected `;`");
    }
}
