//! `max depths` for `maximum depths`: a function of two values is given one list of them.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The function takes two values, and is given a list.
const OF_LIST: Factor = evidence("it is given one list, and the type says so", 9.0);

/// Functions of two values, each with the one for a list.
const LISTS: &[(&str, &str)] = &[("max", "maximum"), ("min", "minimum")];

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "of-list",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "deepest :: [Double] -> Double\ndeepest depths = <|>max (map abs depths)\n",
        message: "Couldn't match expected type 'Double' with actual type '[Double] -> [Double]'",
        after: "deepest :: [Double] -> Double\ndeepest depths = maximum (map abs depths)\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with ghc 9.0.
    let said = case.message.text.replace(['‘', '’'], "'");
    if !case.language().applies_bare || !said.contains("'[") || !said.contains("] -> [") {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for at in line.clone() {
        let Some((_, of_list)) = LISTS.iter().find(|(two, _)| lexed.is(at, two)) else { continue };
        let last = case.text.pairs.partner_of(at + 1).unwrap_or(at + 1);
        let more = last + 1 < line.end
            && matches!(
                lexed.kind(last + 1),
                Some(TokenKind::Name | TokenKind::Number | TokenKind::Open)
            );
        if !more && last < line.end {
            let edit = case.replace_token(at, *of_list);
            all.push(Candidate::new(MistakeId::WrongArgument, OF_LIST, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::check_no_fix;

    #[test]
    fn two_values_are_two() {
        let text = "deepest :: Double -> Double\ndeepest depth = <|>max depth 3\n";
        let said = "Couldn't match expected type '[a]' with actual type '[Double] -> [Double]'";
        check_no_fix(&FAMILY, "haskell", text, said);
    }
}
