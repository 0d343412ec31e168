//! `mapM_ putStrLn describe crates`: two functions where what goes through a list takes one.

use super::application;
use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The first takes what the second gives.
const ONE_AFTER_THE_OTHER: Factor = evidence("one function takes what the other gives", 9.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "each-of",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "main :: IO ()\nmain = do\n  <|>mapM_ putStrLn describe crates\n",
        message: "Couldn't match expected type: [Crate] -> IO a3 with actual type: IO ()",
        after: "main :: IO ()\nmain = do\n  mapM_ (putStrLn . describe) crates\n",
    },
};

/// What takes one function and one list.
const THROUGH: &[&str] =
    &["map", "mapM_", "mapM", "filter", "concatMap", "traverse_", "any", "all", "fmap"];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    if !case.language().applies_bare || !said.starts_with("Couldn't match") || !said.contains("->")
    {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for word in line.clone().filter(|at| THROUGH.contains(&lexed.word(*at))) {
        let parts = application(case, word, line.end);
        let [_, first, second, _] = &parts[..] else { continue };
        let named = |part: &std::ops::Range<usize>| {
            part.len() == 1 && lexed.kind(part.start) == Some(TokenKind::Name)
        };
        if named(first) && named(second) {
            let edits = vec![
                case.insert(lexed.code[first.start].start, "("),
                case.insert(lexed.code[first.start].end, " ."),
                case.insert(lexed.code[second.start].end, ")"),
            ];
            all.push(Candidate::new(MistakeId::MissingBracket, ONE_AFTER_THE_OTHER, edits).guess());
            return;
        }
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::check_no_fix;

    #[test]
    fn one_function_is_enough() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "main :: IO ()\nmain = do\n  <|>mapM_ describe crates\n",
            "Couldn't match type: [Crate] -> IO a3 with actual type: IO ()",
        );
    }
}
