//! Java: the difference of two real numbers where a comparison is given back: `return this.level - other.level;`.

use super::family::{Example, Family, Phases};
use super::shape::{operand_end, text_of};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;

/// A comparison gives a whole number, and the library compares real ones.
const COMPARES: Factor = evidence("a comparison of real numbers is given back", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "compared-reals",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Tide implements Comparable<Tide> {\n    double level;\n    public int compareTo(Tide other) {\n        return <|>level - other.level;\n    }\n}\n",
        message: "incompatible types: possible lossy conversion from double to int",
        after: "class Tide implements Comparable<Tide> {\n    double level;\n    public int compareTo(Tide other) {\n        return Double.compare(level, other.level);\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with javac 17; in a function without a name it speaks of the result of that.
    let told = case.message.text.contains("lossy conversion from double to int");
    if !told {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let arrow = line.clone().find(|at| lexed.is(*at, "->"));
    let start = line.clone().find(|at| lexed.is(*at, "return")).or(arrow);
    let named = (0..case.token)
        .rev()
        .take(40)
        .any(|at| lexed.is(at, "compareTo") || lexed.is(at, "compare"));
    let Some(first) = start.map(|at| at + 1).filter(|_| named || arrow.is_some()) else { return };
    let Some(last) = operand_end(case, first) else { return };
    let second = last + 2;
    let Some(end) = operand_end(case, second).filter(|_| lexed.is(last + 1, "-")) else { return };
    if end < line.end && matches!(lexed.word(end + 1), ";" | ")") {
        let text = format!(
            "Double.compare({}, {})",
            text_of(case, (first, last)),
            text_of(case, (second, end))
        );
        let edit = Edit::replace(case.file(), lexed.code[first].start, lexed.code[end].end, text);
        all.push(Candidate::new(MistakeId::WrongNumberType, COMPARES, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_function_without_a_name_compares() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(List<Tide> all) {\n        all.sort((a, b) -> a.level() <|>- b.level());\n    }\n}\n",
            "incompatible types: bad return type in lambda expression possible lossy conversion from double to int",
            "class Quay {\n    void go(List<Tide> all) {\n        all.sort((a, b) -> Double.compare(a.level(), b.level()));\n    }\n}\n",
        );
    }

    #[test]
    fn another_difference_is_left() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int left(double a, double b) {\n        return <|>a - b;\n    }\n}\n",
            "incompatible types: possible lossy conversion from double to int",
        );
    }
}
