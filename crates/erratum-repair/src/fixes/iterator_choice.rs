//! C++: a choice between no pointer and an iterator: `it == end ? nullptr : it` for `… : &*it`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// Beside no pointer stands one to what the iterator leads to.
const LEADS_TO: Factor = evidence("beside no pointer stands one to what is found", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "iterator-choice",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "#include <vector>\nconst int* find(const std::vector<int>& all) {\n    auto it = all.begin();\n    return it == all.end() <|>? nullptr : it;\n}\n",
        message: "operands to '?:' have different types 'std::nullptr_t' and '__gnu_cxx::__normal_iterator<const int*, std::vector<int> >'",
        after: "#include <vector>\nconst int* find(const std::vector<int>& all) {\n    auto it = all.begin();\n    return it == all.end() ? nullptr : &*it;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with g++ 12.
    let said = &case.message.text;
    let differ = said.starts_with("operands to '?:' have different types");
    if !differ || !said.contains("nullptr") || !said.contains("iterator") {
        return;
    }
    let mut line = lexed.on_line(lexed.code[case.token].line);
    let Some(question) = line.clone().find(|at| lexed.is(*at, "?")) else { return };
    let Some(colon) = line.find(|at| *at > question && lexed.is(*at, ":")) else { return };
    // The other of the two values.
    let value = if lexed.is(question + 1, "nullptr") { colon + 1 } else { question + 1 };
    let alone = matches!(lexed.word(value + 1), ";" | ":" | ")");
    if alone && lexed.kind(value) == Some(TokenKind::Name) {
        let edit = case.insert(lexed.code[value].start, "&*");
        all.push(Candidate::new(MistakeId::MissingAddress, LEADS_TO, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn a_text_is_no_iterator() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "const char* go(bool a, int b) {\n    return a <|>? nullptr : b;\n}\n",
            "operands to '?:' have different types 'std::nullptr_t' and 'int'",
        );
    }
}
