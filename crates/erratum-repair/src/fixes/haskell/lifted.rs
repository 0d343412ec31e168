//! A constructor that is given a call which may give nothing: `Lift readMaybe n` for `Lift <$> readMaybe n`.

use super::application;
use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The result is wrapped as what the call gives is.
const WRAPPED_ALIKE: Factor =
    evidence("what the call gives is wrapped, and so is what is wanted", 6.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "lifted",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "parse :: String -> Maybe Order\nparse n = <|>Lift readMaybe n\n",
        message: "Couldn't match expected type 'String -> Maybe Order' with actual type 'Order'",
        after: "parse :: String -> Maybe Order\nparse n = Lift <$> readMaybe n\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().applies_bare {
        return;
    }
    let Some((expected, found)) = super::answered::types(&case.message.text) else { return };
    let result = expected.rsplit("->").next().unwrap_or("").trim();
    let wraps = ["Maybe", "IO", "Either"].contains(&result.split(' ').next().unwrap_or(""));
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let made = lexed.kind(case.token) == Some(TokenKind::Name)
        && lexed.word(case.token).starts_with(char::is_uppercase);
    if !wraps || !made || found.contains("->") || !result.ends_with(found) {
        return;
    }
    let parts = application(case, case.token, line.end);
    // The constructor itself, and a call in brackets or without.
    let calls = match &parts[..] {
        [_, only] => lexed.is(only.start, "("),
        [_, first, ..] => lexed.word(first.start).starts_with(char::is_lowercase),
        _ => false,
    };
    if calls {
        let edit = case.insert(lexed.code[parts[0].end - 1].end, " <$>");
        all.push(Candidate::new(MistakeId::BareValue, WRAPPED_ALIKE, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn a_call_in_brackets_is_one_too() {
        check_fix(
            &FAMILY,
            "haskell",
            "parse :: String -> Maybe Order\nparse n = <|>Lift (readMaybe n)\n",
            "Couldn't match expected type 'Maybe Order' with actual type 'Order'",
            "parse :: String -> Maybe Order\nparse n = Lift <$> (readMaybe n)\n",
        );
    }

    #[test]
    fn a_plain_value_is_none() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "parse :: String -> Maybe Order\nparse n = <|>Lift 3\n",
            "Couldn't match expected type 'Maybe Order' with actual type 'Order'",
        );
    }
}
