//! A guard that compares with one `=`: `| flag s = Red = True`.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// The line has two of them: the last one ends the guard.
const TWO_OF_THEM: Factor = evidence("the guard has its own `=` further on", 8.0);

/// A condition compares.
const IN_CONDITION: Factor = evidence("it stands between `if` and `then`", 8.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "guards",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "late :: Int -> Bool\nlate hour\n  | hour = 20 <|>= True\n  | otherwise = False\n",
        message: "parse error on input '='",
        after: "late :: Int -> Bool\nlate hour\n  | hour == 20 = True\n  | otherwise = False\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    if case.language().applies_bare {
        condition(case, all);
    }
    if !case.language().applies_bare || !lexed.is(line.start, "|") {
        return;
    }
    let bare = |at: &usize| lexed.is(*at, "=") && case.text.pairs.inside_of(*at).is_none();
    let marks: Vec<usize> = line.filter(bare).collect();
    if let [first, _] = marks[..] {
        let edit = case.replace_token(first, "==");
        all.push(Candidate::new(MistakeId::AssignmentComparison, TWO_OF_THEM, vec![edit]));
    }
}

/// `if zone = 3 then`: a condition gives nothing a value.
fn condition(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(word) = line.clone().find(|at| lexed.is(*at, "if")) else { return };
    let Some(end) = (word..line.end).find(|at| lexed.is(*at, "then")) else { return };
    let own = case.text.pairs.inside_of(word);
    let mark = (word..end).find(|at| lexed.is(*at, "=") && case.text.pairs.inside_of(*at) == own);
    if let Some(mark) = mark {
        let edit = case.replace_token(mark, "==");
        all.push(Candidate::new(MistakeId::AssignmentComparison, IN_CONDITION, vec![edit]));
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn a_condition_compares() {
        check_fix(
            &FAMILY,
            "haskell",
            "near :: String -> Bool\nnear n = if n <|>= \"north\" then True else False\n",
            "parse error on input '='",
            "near :: String -> Bool\nnear n = if n == \"north\" then True else False\n",
        );
    }

    #[test]
    fn a_record_in_a_guard_has_marks_of_its_own() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "late s\n  | s == s { hour = 3 <|>= True\n",
            "parse error on input '='",
        );
    }
}
