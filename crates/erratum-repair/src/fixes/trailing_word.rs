//! C++: a misspelt word behind the head of a method: `int deep() const overide {`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::spelling;

/// Only a few words may stand there, and one of them is written nearly so.
const FEW_WORDS: Factor = evidence("only a few words may stand there", 7.0);

/// The words that may stand behind the head of a method.
const WORDS: &[&str] = &["override", "final", "noexcept", "const"];

pub(super) static FAMILY: Family = Family {
    id: "trailing-word",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "struct Lock { virtual int deep() const; };\nstruct Gate : Lock {\n    int deep() <|>const overide { return 3; }\n};\n",
        message: "expected ';' at end of member declaration",
        after: "struct Lock { virtual int deep() const; };\nstruct Gate : Lock {\n    int deep() const override { return 3; }\n};\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with g++ 12.
    if !lexed.language.directives || !lexed.language.is_keyword("class") {
        return;
    }
    for at in lexed.on_line(lexed.code[case.token].line) {
        let behind_head = lexed.before(at) == ")" || WORDS.contains(&lexed.before(at));
        let ends =
            matches!(lexed.word(at + 1), "{" | ";" | "=") || WORDS.contains(&lexed.word(at + 1));
        let word = lexed.word(at);
        if lexed.kind(at) != Some(TokenKind::Name) || !behind_head || !ends || WORDS.contains(&word)
        {
            continue;
        }
        let near = |one: &&&str| {
            let most = if one.len() > 5 { 2.0 } else { 1.0 };
            spelling::edit_distance(word, one) <= most
        };
        if let Some(meant) = WORDS.iter().find(near) {
            let edit = case.replace_token(at, *meant);
            all.push(Candidate::new(MistakeId::MisspeltKeyword, FEW_WORDS, vec![edit]));
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_word_behind_the_brackets() {
        check_fix(
            &FAMILY,
            "cpp",
            "struct Gate {\n    int deep() <|>cosnt { return 3; }\n};\n",
            "expected ';' at end of member declaration",
            "struct Gate {\n    int deep() const { return 3; }\n};\n",
        );
    }

    #[test]
    fn another_word_is_left() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "struct Gate {\n    int deep() <|>quietly { return 3; }\n};\n",
            "expected ';' at end of member declaration",
        );
    }
}
