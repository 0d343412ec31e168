//! An action that is given only the first part of what it should show: `putStrLn "low " ++ show tide`.

use super::application;
use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// An action cannot be joined to anything.
const ACTION: Factor = evidence("an action is no part of a text or a sum", 7.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "gathered",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "main :: IO ()\nmain = <|>putStrLn \"low \" ++ show 3\n",
        message: "Couldn't match expected type: [Char] with actual type: IO ()",
        after: "main :: IO ()\nmain = putStrLn (\"low \" ++ show 3)\n",
    },
};

/// The actions of the library that take what they show or give back as their last value.
const ACTIONS: &[&str] = &["putStrLn", "putStr", "print", "return", "pure", "fail", "hPutStrLn"];

/// Marks between two values that no action stands beside.
const MARKS: &[&str] =
    &["++", "+", "-", "*", "/", "==", "/=", "<", ">", "<=", ">=", "&&", "||", ":"];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().applies_bare {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for head in line.clone().filter(|at| ACTIONS.contains(&lexed.word(*at))) {
        let applied = application(case, head, line.end);
        let Some(first) = applied.last() else { continue };
        let given = if lexed.is(head, "hPutStrLn") { 3 } else { 2 };
        if applied.len() != given {
            continue;
        }
        let mut end = first.end;
        while end < line.end && MARKS.contains(&lexed.word(end)) {
            let behind = application(case, end + 1, line.end);
            let Some(part) = behind.last() else { break };
            end = part.end;
        }
        if end > first.end && (end == line.end || !MARKS.contains(&lexed.word(end))) {
            let edits = vec![
                case.insert(lexed.code[first.start].start, "("),
                case.insert(lexed.code[end - 1].end, ")"),
            ];
            all.push(Candidate::new(MistakeId::MissingBracket, ACTION, edits).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::check_no_fix;

    #[test]
    fn one_value_needs_no_bracket() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "main :: IO ()\nmain = <|>putStrLn low >> print 3\n",
            "Couldn't match expected type: [Char] with actual type: Int",
        );
    }
}
