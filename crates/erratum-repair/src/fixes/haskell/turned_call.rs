//! A value that stands before the function it is given to: `tide level` for `level tide`.

use super::application;
use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// What stands first is no function, and what follows it is one.
const NO_FUNCTION: Factor = evidence("what stands first is no function", 7.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "turned-call",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "rising :: Tide -> Tide -> Bool\nrising a b = level b > <|>a level\n",
        message: "Couldn't match expected type '(Tide -> Level) -> Level' with actual type 'Tide'",
        after: "rising :: Tide -> Tide -> Bool\nrising a b = level b > level a\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().applies_bare {
        return;
    }
    let Some((expected, found)) = super::answered::types(&case.message.text) else { return };
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let parts = application(case, case.token, line.end);
    let [first, second] = &parts[..] else { return };
    let named = |at: usize| {
        lexed.kind(at) == Some(TokenKind::Name) && lexed.word(at).starts_with(char::is_lowercase)
    };
    // A function is wanted that takes one, and a plain value stands there.
    let wanted = expected.starts_with('(') && expected.contains("->");
    if !wanted || found.contains("->") || !named(second.start) || second.len() > 1 {
        return;
    }
    let (from, to) = (lexed.code[first.start].start, lexed.code[second.end - 1].end);
    let value = lexed.source.slice(from, lexed.code[first.end - 1].end);
    let text = format!("{} {value}", lexed.word(second.start));
    let edit = Edit::replace(case.file(), from, to, text);
    all.push(Candidate::new(MistakeId::WrongArgumentOrder, NO_FUNCTION, vec![edit]).guess());
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::check_no_fix;

    #[test]
    fn a_function_that_is_given_one_is_let_be() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "rise :: Tide -> Level\nrise a = <|>apply level\n",
            "Couldn't match expected type '(Tide -> Level) -> Level' with actual type 'Int -> Level'",
        );
    }
}
