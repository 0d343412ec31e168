//! `forM_ xs \\x -> print x`: what stands behind a call as its last value, and reads to the end, wants a `$`.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// The compiler names the last value of the call.
const LAST_VALUE: Factor = evidence("a function or a block is the last value of a call", 9.5);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "block-value",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "main :: IO ()\nmain = mapM_ <|>\\x -> print x\n",
        message: "Unexpected lambda expression in function application: \\ x -> print x",
        after: "main :: IO ()\nmain = mapM_ $ \\x -> print x\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with ghc 9.0.
    let said = &case.message.text;
    if !case.language().applies_bare
        || !said.starts_with("Unexpected ")
        || !said.contains(" in function application")
    {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let starts = |at: &usize| matches!(lexed.word(*at), "\\" | "do" | "case" | "if" | "let");
    let block = Some(case.token).filter(starts).or_else(|| line.clone().find(starts));
    if let Some(block) = block.filter(|block| *block > line.start && lexed.before(*block) != "$") {
        let edit = case.insert(lexed.code[block].start, "$ ");
        all.push(Candidate::new(MistakeId::MissingMark, LAST_VALUE, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::check_fix;

    #[test]
    fn a_block_is_the_last_value() {
        check_fix(
            &FAMILY,
            "haskell",
            "main :: IO ()\nmain = when True <|>do\n  print 3\n",
            "Unexpected do block in function application: do print 3",
            "main :: IO ()\nmain = when True $ do\n  print 3\n",
        );
    }
}
