//! C++: what stands behind the brackets of a method in another order or form than the language wants:
//! `int depth() override const`, and a constructor whose list of values ends with `;`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::lex::TokenKind;

/// `const` belongs in front of the other words.
const CONST_FIRST: Factor = evidence("`const` belongs in front of these words", 9.0);
/// Behind the values of the fields, a constructor has a block.
const NO_BLOCK: Factor = evidence("behind the values of its fields a constructor has a block", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "method-ends",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "struct Spar : Buoy {\n    int depth() override <|>const { return 3; }\n};\n",
        message: "expected ';' at end of member declaration",
        after: "struct Spar : Buoy {\n    int depth() const override { return 3; }\n};\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    if case.phase > Phase::Syntax || !case.language().directives {
        return;
    }
    let near = lexed.code[case.token].line;
    for line in near.saturating_sub(1)..=near {
        let line = lexed.on_line(line);
        for at in line.clone().filter(|at| *at > 1 && lexed.is(*at, "const")) {
            let word = matches!(lexed.word(at - 1), "override" | "final" | "noexcept");
            if word && lexed.is(at - 2, ")") {
                let edits = vec![
                    case.replace_token(at - 1, "const"),
                    case.replace_token(at, lexed.word(at - 1)),
                ];
                all.push(Candidate::new(MistakeId::WrongOrder, CONST_FIRST, edits).guess());
            }
        }
        let Some(end) = line.clone().last().filter(|at| lexed.is(*at, ";")) else { continue };
        let list = line.clone().find(|at| {
            *at > 1
                && lexed.is(*at, ":")
                && lexed.is(*at - 1, ")")
                && lexed.kind(at + 1) == Some(TokenKind::Name)
                && matches!(lexed.word(at + 2), "(" | "{")
        });
        // In a choice, the mark stands between two values; in a loop, within the brackets of its head.
        let Some(mark) = list.filter(|at| {
            let choice = line.clone().any(|other| other < *at && lexed.is(other, "?"));
            let inside = pairs.inside_of(*at).is_some_and(|open| lexed.is(open, "("));
            !choice && !inside
        }) else {
            continue;
        };
        // The name of the class, in front of the parameters.
        let named = pairs.partner_of(mark - 1).and_then(|open| open.checked_sub(1));
        let named = named.filter(|at| lexed.kind(*at) == Some(TokenKind::Name));
        let values = (mark + 1..end).all(|at| {
            pairs.inside_of(at) != pairs.inside_of(mark)
                || matches!(lexed.word(at), "," | "(" | ")" | "{" | "}")
                || lexed.kind(at) == Some(TokenKind::Name)
        });
        if named.is_some() && values {
            let edit = case.replace_token(end, " {}");
            all.push(Candidate::new(MistakeId::ConstructorRules, NO_BLOCK, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_constructor_with_values_has_a_block() {
        check_fix(
            &FAMILY,
            "cpp",
            "struct Buoy {\n    Buoy(int depth) : depth_(depth), lit_{false}<|>;\n    int depth_;\n    bool lit_;\n};\n",
            "expected '{' at end of input",
            "struct Buoy {\n    Buoy(int depth) : depth_(depth), lit_{false} {}\n    int depth_;\n    bool lit_;\n};\n",
        );
    }

    #[test]
    fn other_lines_have_that_mark_too() {
        for text in [
            "int main() {\n    int n = f(3) ? g(2) : h(1)<|>;\n}\n",
            "int main() {\n    for (auto b : all(3)) f(b)<|>;\n}\n",
        ] {
            check_no_fix(&FAMILY, "cpp", text, "expected '{' at end of input");
        }
    }
}
