//! A guard that compares with one `=`: `| flag s = Red = True`.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// The line has two of them: the last one ends the guard.
const TWO_OF_THEM: Factor = evidence("the guard has its own `=` further on", 8.0);

/// A condition compares.
const IN_CONDITION: Factor = evidence("it stands between `if` and `then`", 8.0);

/// The line stands below a guard, in its column.
const BELOW_GUARD: Factor = evidence("it stands below a guard, in its column", 8.0);

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
        lost_bar(case, all);
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

/// `otherwise = b` below `| a > b = a`: each guard begins with its bar.
fn lost_bar(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, source) = (case.lexed(), &case.lexed().source);
    let reported = lexed.code[case.token].line;
    for line in reported.saturating_sub(1).max(2)..=reported {
        let (own, above) = (lexed.on_line(line), lexed.on_line(line - 1));
        let guard = lexed.is(above.start, "|") && source.indent(line) == source.indent(line - 1);
        if own.is_empty() || !guard || lexed.is(own.start, "|") {
            continue;
        }
        if own.clone().any(|at| lexed.is(at, "=") && case.text.pairs.inside_of(at).is_none()) {
            let edit = case.insert(lexed.code[own.start].start, "| ");
            all.push(Candidate::new(MistakeId::MissingMark, BELOW_GUARD, vec![edit]));
        }
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

    #[test]
    fn each_guard_begins_with_its_bar() {
        check_fix(
            &FAMILY,
            "haskell",
            "late :: Int -> Bool\nlate hour\n  | hour > 20 = True\n  otherwise <|>= False\n",
            "parse error on input '='",
            "late :: Int -> Bool\nlate hour\n  | hour > 20 = True\n  | otherwise = False\n",
        );
    }
}
