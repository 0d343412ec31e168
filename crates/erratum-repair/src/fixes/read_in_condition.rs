//! Java, C#: a value that is read and asked in one condition: `while (line = in.readLine() != null)` sets
//! `line` to true or false.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// What is read is set first, and asked then.
const SET_FIRST: Factor = evidence("what is read is set first, and asked then", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "read-in-condition",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    void go(Reader in) {\n        String line;\n        while (line = in.readLine() <|>!= null) {\n        }\n    }\n}\n",
        message: "incompatible types: boolean cannot be converted to String",
        after: "class Quay {\n    void go(Reader in) {\n        String line;\n        while ((line = in.readLine()) != null) {\n        }\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(mark) = line.clone().find(|at| lexed.is(*at, "=")) else { return };
    let Some(open) = case.text.pairs.inside_of(mark).filter(|open| lexed.is(*open, "(")) else {
        return;
    };
    let own = |at: &usize| case.text.pairs.inside_of(*at) == Some(open);
    let asked = (mark..line.end)
        .filter(own)
        .find(|at| matches!(lexed.word(*at), "!=" | "==" | ">" | "<" | ">=" | "<="));
    let set = open + 2 == mark && lexed.kind(open + 1) == Some(TokenKind::Name);
    let condition = open > 0 && matches!(lexed.word(open - 1), "while" | "if");
    if let Some(asked) = asked.filter(|_| set && condition) {
        let edits = vec![
            case.insert(lexed.code[open + 1].start, "("),
            case.insert(lexed.code[asked - 1].end, ")"),
        ];
        all.push(Candidate::new(MistakeId::MissingBracket, SET_FIRST, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn what_is_set_in_brackets_is_left() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(Reader in) {\n        while ((line = in.readLine()) <|>!= null) {\n        }\n    }\n}\n",
            "incompatible types: boolean cannot be converted to String",
        );
    }
}
