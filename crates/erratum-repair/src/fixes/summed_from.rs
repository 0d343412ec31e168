//! TypeScript: `boats.reduce((sum, boat) => sum + boat.metres)` sums objects up from the first of them: the
//! sum has no start.

use super::family::{Example, Family, Phases};
use super::shape::call_at;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// A member of each object is added to the sum.
const NO_START: Factor = evidence("a member of each is added to a sum without a start", 7.0);

pub(super) static FAMILY: Family = Family {
    id: "summed-from",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "interface Boat { metres: number }\nfunction all(boats: Boat[]): number {\n  <|>return boats.reduce((sum, boat) => sum + boat.metres);\n}\n",
        message: "[TS2322] Type 'Boat' is not assignable to type 'number'.",
        after: "interface Boat { metres: number }\nfunction all(boats: Boat[]): number {\n  return boats.reduce((sum, boat) => sum + boat.metres, 0);\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    for name in lexed.on_line(lexed.code[case.token].line).filter(|at| lexed.is(*at, "reduce")) {
        let Some(call) = call_at(case, name + 1).filter(|_| lexed.before(name) == ".") else {
            continue;
        };
        let [(first, last)] = call.arguments[..] else { continue };
        let arrow = (first..last).find(|at| lexed.is(*at, "=>"));
        let sums = arrow.is_some_and(|arrow| {
            lexed.kind(arrow + 1) == Some(TokenKind::Name)
                && matches!(lexed.word(arrow + 2), "+" | "*")
                && (arrow + 3..=last).any(|at| lexed.is(at, ".") || lexed.is(at, "("))
        });
        if sums {
            let edit = case.insert(lexed.code[last].end, ", 0");
            all.push(Candidate::new(MistakeId::MissingArgument, NO_START, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn numbers_are_summed_from_the_first() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "const all: string = <|>[1, 2].reduce((sum, one) => sum + one);\n",
            "[TS2322] Type 'number' is not assignable to type 'string'.",
        );
    }
}
