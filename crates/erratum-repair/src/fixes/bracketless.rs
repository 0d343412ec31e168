//! C++: a method without the brackets of its parameters, told by the word behind it: `int size const {`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// Only a method has such a word behind its name.
const METHOD: Factor = evidence("only a method has such a word behind its name", 9.5);

pub(super) static FAMILY: Family = Family {
    id: "bracketless",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "class Quay {\n    int size <|>const { return 3; }\n};\n",
        message: "expected ';' at end of member declaration",
        after: "class Quay {\n    int size() const { return 3; }\n};\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().directives {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let mut words = line.skip(2).filter(|at| {
        matches!(lexed.word(*at), "const" | "override" | "noexcept" | "final")
            && lexed.kind(at - 1) == Some(TokenKind::Name)
            && matches!(lexed.kind(at - 2), Some(TokenKind::Name | TokenKind::Keyword))
            && matches!(lexed.word(at + 1), "{" | ";" | "override" | "=")
            && !matches!(lexed.word(at - 2), "class" | "struct")
    });
    if let Some(at) = words.next() {
        let edit = case.insert(lexed.code[at - 1].end, "()");
        all.push(Candidate::new(MistakeId::MissingBracket, METHOD, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn a_class_has_no_brackets() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "class Quay final {\n    int size<|>\n};\n",
            "expected ';' at end of member declaration",
        );
    }

    #[test]
    fn a_constant_has_none_either() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "class Quay {\n    static int const<|> size = 3\n};\n",
            "expected ';' at end of member declaration",
        );
    }
}
