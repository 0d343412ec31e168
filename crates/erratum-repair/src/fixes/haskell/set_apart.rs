//! An action that stands behind what rules it without a mark between them: `when low` and `putStrLn …` below it.

use super::application;
use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// What rules an action takes it as its last value.
const RULED: Factor = evidence("what rules an action is to take it as one value", 8.0);

/// Functions whose last value is an action, or makes one, with how many values stand before it.
const RULES: &[(&str, usize)] = &[
    ("when", 1),
    ("unless", 1),
    ("forM_", 1),
    ("forM", 1),
    ("for_", 1),
    ("replicateM_", 1),
    ("forever", 0),
];

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "set-apart",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "main = do\n    when (tide < 2)\n        <|>putStrLn \"low\"\n",
        message: "Couldn't match type 'IO ()' with '()'",
        after: "main = do\n    when (tide < 2) $\n        putStrLn \"low\"\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().applies_bare {
        return;
    }
    let lexed = case.lexed();
    let here = lexed.on_line(lexed.code[case.token].line);
    let above = here.start.checked_sub(1).map(|at| lexed.on_line(lexed.code[at].line));
    for line in [Some(here.clone()), above].into_iter().flatten() {
        let rule = |at: &usize| RULES.iter().any(|(name, _)| lexed.is(*at, name));
        let Some(head) = line.clone().find(rule) else { continue };
        let before = RULES.iter().find(|(name, _)| lexed.is(head, name)).map_or(0, |(_, n)| *n);
        let parts = application(case, head, lexed.code.len());
        // An action of several words: one alone is a value already.
        let Some(action) = parts.get(before + 1).filter(|_| parts.len() > before + 2) else {
            continue;
        };
        let reached = (head..parts.last().map_or(head, |last| last.end)).contains(&case.token);
        if reached {
            let edit = case.insert(lexed.code[action.start - 1].end, " $");
            all.push(Candidate::new(MistakeId::MissingMark, RULED, vec![edit]).guess());
            return;
        }
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn an_action_on_the_same_line_is_ruled_too() {
        check_fix(
            &FAMILY,
            "haskell",
            "main = do\n    <|>unless late putStrLn \"in time\"\n",
            "Couldn't match expected type 'String -> IO ()' with actual type 'f0 ()'",
            "main = do\n    unless late $ putStrLn \"in time\"\n",
        );
    }

    #[test]
    fn one_that_is_set_apart_is_let_be() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "main = do\n    when late $\n        putStrLn <|>3\n",
            "Couldn't match expected type 'String' with actual type 'Int'",
        );
    }
}
