//! Two values of a function in each other's place: `Map.insert boat (code boat) fleet`.

use super::application;
use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::shape::text_of;
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;

/// Two values that stand side by side.
const NEIGHBOURS: Factor = weight("two values side by side", 2.5);
/// Two values with others between them.
const APART: Factor = weight("two values with others between them", 1.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "swapped",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "low :: Int -> String -> String\nlow n t = t ++ show n\n\nmain :: IO ()\nmain = putStrLn (low <|>\"tide\" 3)\n",
        message: "Couldn't match expected type 'Int' with actual type '[Char]'",
        after: "low :: Int -> String -> String\nlow n t = t ++ show n\n\nmain :: IO ()\nmain = putStrLn (low 3 \"tide\")\n",
    },
};

/// More values than this are not told apart by trying.
const MOST: usize = 4;

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let clash = case.message.text.starts_with("Couldn't match");
    if !case.language().applies_bare || !clash {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    // The application that holds the reported place, the smallest one.
    let starts = (line.start..=case.token).rev().filter(|at| {
        let before = at.checked_sub(1).filter(|before| line.contains(before));
        before.is_none_or(|before| {
            matches!(lexed.word(before), "(" | "=" | "->" | "$" | "<-" | "," | "[")
        })
    });
    let found = starts.map(|at| application(case, at, line.end)).find(|applied| {
        let holds = applied.first().zip(applied.last());
        applied.len() > 2
            && holds.is_some_and(|(first, last)| (first.start..last.end).contains(&case.token))
    });
    let Some(applied) = found.filter(|applied| applied.len() <= MOST + 1) else { return };
    // What is defined stands before the mark.
    let ends = applied.last().map_or(0, |last| last.end);
    if matches!(lexed.word(ends), "=" | "|" | "::") {
        return;
    }
    for left in 1..applied.len() {
        for right in left + 1..applied.len() {
            let (a, b) = (applied[left].clone(), applied[right].clone());
            let (first, second) =
                (text_of(case, (a.start, a.end - 1)), text_of(case, (b.start, b.end - 1)));
            if first == second {
                continue;
            }
            let middle = lexed.source.slice(lexed.code[a.end - 1].end, lexed.code[b.start].start);
            let (from, to) = (lexed.code[a.start].start, lexed.code[b.end - 1].end);
            let text = format!("{second}{middle}{first}");
            let edit = erratum_syntax::edit::Edit::replace(case.file(), from, to, text);
            let score = if right == left + 1 { NEIGHBOURS } else { APART };
            all.push(Candidate::new(MistakeId::WrongArgumentOrder, score, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_among, check_no_fix};

    #[test]
    fn a_bracket_is_one_value() {
        check_among(
            &FAMILY,
            "haskell",
            "add b fleet = <|>Map.insert b (code b) fleet\n",
            "Couldn't match type 'Boat' with '[Char]'",
            "add b fleet = Map.insert (code b) b fleet\n",
        );
    }

    #[test]
    fn the_names_of_an_equation_stay() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "<|>add b fleet = b\n",
            "Couldn't match type 'Boat' with '[Char]'",
        );
    }
}
