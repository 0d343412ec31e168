//! C#: a word that is told where it lacks: the accessor behind `private` of a property, what a query gives.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// A word that hides an accessor stands before none.
const ACCESSOR: Factor = evidence("the word stands before an accessor", 9.5);
/// What asks ends with what it gives.
const GIVES: Factor = evidence("what asks a list ends with what it gives", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "cs-members",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "class Pan {\n    public string <|>Name { get; private }\n}\n",
        message: "[CS0548] `Pan.Name': property or indexer must have at least one accessor",
        after: "class Pan {\n    public string Name { get; private set; }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    // Seen with mcs 6.8.
    let said = &case.message.text;
    if said.contains("must have at least one accessor") {
        let hides = |at: &usize| matches!(lexed.word(*at), "private" | "protected" | "internal");
        let mut bare = line.clone().filter(|at| hides(at) && lexed.is(at + 1, "}"));
        if let Some(at) = bare.next() {
            let reads = line.clone().any(|at| lexed.is(at, "get"));
            let word = if reads { " set;" } else { " get;" };
            let edit = case.insert(lexed.code[at].end, word);
            all.push(Candidate::new(MistakeId::MissingWord, ACCESSOR, vec![edit]).guess());
        }
    }
    // `from pan in pans where pan.Mean() > 1;`
    if said.contains("A query body must end with select or group clause") {
        let word = line.clone().find(|at| lexed.is(*at, "from") && lexed.is(at + 2, "in"));
        let end = word.map(|word| case.statement_end(word)).filter(|end| lexed.is(*end, ";"));
        if let (Some(word), Some(end)) = (word, end) {
            let text = format!(" select {}", lexed.word(word + 1));
            let edit = case.insert(lexed.code[end - 1].end, text);
            all.push(Candidate::new(MistakeId::MissingWord, GIVES, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_fix;
    use super::FAMILY;

    #[test]
    fn a_question_says_what_it_gives() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    void Go(List<int> pans) {\n        var high = from p in pans where p > 1<|>;\n    }\n}\n",
            "[CS0742] Unexpected symbol `;'. A query body must end with select or group clause",
            "class Quay {\n    void Go(List<int> pans) {\n        var high = from p in pans where p > 1 select p;\n    }\n}\n",
        );
    }
}
