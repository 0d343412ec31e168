//! `all.filter(b => b.port = port)`: a function that is handed on to choose compares, and sets nothing.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// What chooses among values compares.
const CHOOSES: Factor = evidence("what chooses among values compares", 9.5);

pub(super) static FAMILY: Family = Family {
    id: "lambda-compares",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "scala",
        before: "case class Boat(port: String)\nobject Quay {\n  def from(all: List[Boat], port: String) = all.filter(b => b.port <|>= port)\n}\n",
        message: "reassignment to val",
        after: "case class Boat(port: String)\nobject Quay {\n  def from(all: List[Boat], port: String) = all.filter(b => b.port == port)\n}\n",
    },
};

/// Functions of the libraries that are handed one which chooses.
const CHOOSING: &[&str] = &[
    "filter",
    "filterNot",
    "find",
    "exists",
    "forall",
    "count",
    "takeWhile",
    "dropWhile",
    "partition",
    "some",
    "every",
    "findIndex",
    "anyMatch",
    "allMatch",
    "noneMatch",
    "removeIf",
    "Where",
    "Any",
    "All",
    "First",
    "FirstOrDefault",
    "Single",
    "SingleOrDefault",
    "Count",
    "Find",
    "FindAll",
    "FindIndex",
    "Exists",
    "RemoveAll",
    "find_if",
    "count_if",
    "Last",
    "LastOrDefault",
];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    for mark in line.filter(|at| lexed.is(*at, "=") && *at > 3) {
        let Some(open) = case.text.pairs.inside_of(mark).filter(|open| lexed.is(*open, "(")) else {
            continue;
        };
        let chooses = open.checked_sub(1).is_some_and(|name| CHOOSING.contains(&lexed.word(name)));
        // The body is `b.port = port`, with the name of the head in front.
        let arrow = (open + 1..mark).find(|at| matches!(lexed.word(*at), "=>" | "->"));
        let own = |arrow: usize| {
            let name = lexed.word(arrow - 1);
            let named = lexed.kind(arrow - 1) == Some(TokenKind::Name);
            let body = (arrow + 1..mark).any(|at| lexed.is(at, name));
            let plain = (arrow + 1..mark).all(|at| !lexed.is(at, "{"));
            named && body && plain
        };
        if chooses && arrow.is_some_and(own) {
            let edit = case.replace_token(mark, "==");
            all.push(Candidate::new(MistakeId::AssignmentComparison, CHOOSES, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_part_of_it_may_be_computed_first() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    void Go() { var even = all.Where(n => n % 2 <|>= 0); }\n}\n",
            "[CS1525] Unexpected symbol '='",
            "class Quay {\n    void Go() { var even = all.Where(n => n % 2 == 0); }\n}\n",
        );
    }

    #[test]
    fn what_is_done_with_each_may_set_something() {
        check_no_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    void Go() { all.ForEach(b => b.Port <|>= \"Vik\"); }\n}\n",
            "[CS0272] The property or indexer cannot be used in this context because the set accessor is inaccessible",
        );
    }
}
