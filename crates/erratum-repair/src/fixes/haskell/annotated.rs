//! The type of a value that is written behind the whole action: `total <- newIORef 0 :: Int` for
//! `newIORef (0 :: Int)`.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The compiler takes the type for that of the action.
const OF_VALUE: Factor = evidence("the type is that of the last value", 9.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "annotated",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "main :: IO ()\nmain = do\n  total <- <|>newIORef 0 :: Int\n  return ()\n",
        message: "Couldn't match expected type 'Int' with actual type 'IO (IORef a0)'",
        after: "main :: IO ()\nmain = do\n  total <- newIORef (0 :: Int)\n  return ()\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with ghc 9.0.
    let said = case.message.text.replace(['‘', '’'], "'");
    if !case.language().applies_bare || !said.contains("with actual type 'IO ") {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let bound = line.clone().find(|at| lexed.is(*at, "<-"));
    let typed = line.clone().rfind(|at| lexed.is(*at, "::"));
    let (Some(bound), Some(typed)) = (bound, typed.filter(|at| *at + 1 < line.end)) else { return };
    let first = case.text.pairs.partner_of(typed - 1).unwrap_or(typed - 1);
    let value = matches!(
        lexed.kind(first),
        Some(TokenKind::Number | TokenKind::Str | TokenKind::Name | TokenKind::Open)
    );
    if typed > bound + 2 && first > bound + 1 && value {
        let edits = vec![
            case.insert(lexed.code[first].start, "("),
            case.insert(lexed.code[line.end - 1].end, ")"),
        ];
        all.push(Candidate::new(MistakeId::MissingBracket, OF_VALUE, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::check_no_fix;

    #[test]
    fn a_name_alone_is_no_call() {
        let text = "main :: IO ()\nmain = do\n  total <- <|>counter :: Int\n  return ()\n";
        let said = "Couldn't match expected type 'Int' with actual type 'IO (IORef a0)'";
        check_no_fix(&FAMILY, "haskell", text, said);
    }
}
