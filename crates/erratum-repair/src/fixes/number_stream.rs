//! Java: `stays.stream().map(s -> s.cost()).sum()`: only a stream of numbers has a sum.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// A stream of numbers has a sum.
const OF_NUMBERS: Factor = evidence("only a stream of numbers has a sum", 8.5);
/// Real numbers hold whole ones, too.
const REAL: Factor = evidence("a stream of real numbers has a sum", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "number-stream",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Pier {\n    java.util.List<String> all;\n    int go() {\n        return all.stream().map(s -> s.length())<|>.sum();\n    }\n}\n",
        message: "cannot find symbol\n  symbol:   method sum()\n  location: interface java.util.stream.Stream<Integer>",
        after: "class Pier {\n    java.util.List<String> all;\n    int go() {\n        return all.stream().mapToInt(s -> s.length()).sum();\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let told = case.message.text.starts_with("cannot find symbol");
    let line = lexed.on_line(lexed.code[case.token].line);
    let first = line.start;
    let last = line.into_iter().find(|at| {
        matches!(lexed.word(*at), "sum" | "average") && lexed.is(at + 1, "(") && *at >= case.token
    });
    let Some(last) = last.filter(|last| told && case.language().arrow_parameters && *last > 2)
    else {
        return;
    };
    // `.map(…).sum()`.
    let close = last - 2;
    let open = case.text.pairs.partner_of(close).filter(|_| lexed.is(close, ")"));
    let map = open.and_then(|open| open.checked_sub(1)).filter(|map| lexed.is(*map, "map"));
    if let Some(map) = map.filter(|map| *map >= first.saturating_sub(60)) {
        for (name, why) in [("mapToInt", OF_NUMBERS), ("mapToDouble", REAL)] {
            let edit = case.replace_token(map, name);
            all.push(Candidate::new(MistakeId::WrongNumberType, why, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn a_list_has_no_sum() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Pier {\n    java.util.List<Integer> all;\n    int go() {\n        return all<|>.sum();\n    }\n}\n",
            "cannot find symbol\n  symbol:   method sum()\n  location: variable all of type java.util.List<Integer>",
        );
    }
}
