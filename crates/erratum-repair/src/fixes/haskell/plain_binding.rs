//! A value that is named as what an action gives: `tides <- [3, 4]` for `let tides = [3, 4]`, `plan <- book days`.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// In a block of actions, a list is named with the mark of actions.
const LIST: Factor = evidence("a list is named as what an action gives", 8.5);
/// The same with another value.
const VALUE: Factor = evidence("a value is named as what an action gives", 8.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "plain-binding",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "main :: IO ()\nmain = do\n  tides <- <|>[3, 4]\n  print (sum tides)\n",
        message: "Couldn't match type '[]' with 'IO' Expected: IO (t0 a0) Actual: [t0 a0]",
        after: "main :: IO ()\nmain = do\n  let tides = [3, 4]\n  print (sum tides)\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with ghc 9.0.
    let said = case.message.text.replace(['‘', '’'], "'");
    let list_told = said.contains("'[]' with 'IO'") || said.contains("with actual type '[");
    // A map, a number and the like are no actions.
    let action = ["with 'IO'", "expected type 'IO ", "expected type: IO "];
    let found = said.rsplit_once("ctual").map_or("", |(_, found)| found);
    let value_told = action.iter().any(|told| said.contains(told)) && !found.contains("IO");
    if !list_told && !value_told {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let name = line.start;
    let named = lexed.kind(name) == Some(TokenKind::Name) && lexed.code[name].first;
    let drawn = lexed.is(name + 1, "<-");
    let list = drawn && lexed.is(name + 2, "[");
    let plain = drawn && value_told && !list_told && case.token >= name + 2;
    if named && (list || plain) && case.language().applies_bare {
        let edits =
            vec![case.replace_token(name + 1, "="), case.insert(lexed.code[name].start, "let ")];
        let why = if list { LIST } else { VALUE };
        all.push(Candidate::new(MistakeId::WrongMark, why, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn what_an_action_gives_is_let_be() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "main :: IO ()\nmain = do\n  tides <- <|>readTides\n  print (sum tides)\n",
            "Couldn't match type '[]' with 'IO' Expected: IO (t0 a0) Actual: [t0 a0]",
        );
    }

    #[test]
    fn a_map_is_no_action() {
        check_fix(
            &FAMILY,
            "haskell",
            "main :: IO ()\nmain = do\n  plan <- <|>book days\n  print (size plan)\n",
            "Couldn't match type 'Map.Map Int' with 'IO' Expected: IO [String] Actual: Plan",
            "main :: IO ()\nmain = do\n  let plan = book days\n  print (size plan)\n",
        );
    }
}
