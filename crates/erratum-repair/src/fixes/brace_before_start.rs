//! A block that is not closed before the function that a program starts from: no program has that one
//! within another block.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::lex::TokenKind;

/// The function that the program starts from stands in a block.
const WITHIN: Factor = evidence("the function that a program starts from stands in a block", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "brace-before-start",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "namespace quay {\nint depth() { return 3; }\n\nint main() {\n    return 0;\n}<|>\n",
        message: "expected '}' at end of input",
        after: "namespace quay {\nint depth() { return 3; }\n}\n\nint main() {\n    return 0;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with gcc 12, clang 14.
    if case.phase > Phase::Syntax || !case.message.text.starts_with("expected '}'") {
        return;
    }
    let starts = |at: &usize| {
        lexed.is(*at, "main")
            && lexed.is(at + 1, "(")
            && matches!(lexed.before(*at), "int" | "void")
    };
    let Some(main) = (1..lexed.code.len()).find(starts) else { return };
    let first = lexed.code[main - 1];
    let flush = first.first && lexed.source.indent(first.line) == Some(0);
    // What is odd is found by counting: which bracket it is does not matter here.
    let count = |kind: TokenKind, mark: &str| {
        let own = |at: &usize| lexed.kind(*at) == Some(kind) && lexed.is(*at, mark);
        (0..main).filter(own).count()
    };
    let odd = count(TokenKind::Open, "{") > count(TokenKind::Close, "}");
    if main < 3 || !flush || !odd || !case.language().directives {
        return;
    }
    let above = lexed.code[main - 2].line;
    let edit = case.insert(lexed.source.line_start(above + 1), "}\n");
    all.push(Candidate::new(MistakeId::MissingBracket, WITHIN, vec![edit]).guess());
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn where_every_block_is_closed_the_odd_one_is_its_own() {
        let text = "namespace quay {\n}\n\nint main() {\n    return 0;\n<|>\n";
        check_no_fix(&FAMILY, "cpp", text, "expected '}' at end of input");
    }
}
