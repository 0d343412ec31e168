//! TypeScript: a loop over the values of an object that has keys: `for (const name of lanes)` for `in`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// Its keys are looked up in the loop.
const LOOKED_UP: Factor = evidence("what the loop finds is looked up by its key", 9.5);
/// A key and its value are taken in each round.
const BOTH: Factor = evidence("a key and its value are taken in each round", 9.5);

pub(super) static FAMILY: Family = Family {
    id: "keys-of",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "function best(lanes: Lanes, counts: Counts) {\n    for (const name of <|>lanes) {\n        show(counts[name]);\n    }\n}\n",
        message: "[TS2488] Type 'Lanes' must have a '[Symbol.iterator]()' method that returns an iterator.",
        after: "function best(lanes: Lanes, counts: Counts) {\n    for (const name in lanes) {\n        show(counts[name]);\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    // Seen with tsc 5.9.
    if !case.message.text.contains("must have a '[Symbol.iterator]()' method") {
        return;
    }
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(mark) = line.clone().find(|at| lexed.is(*at, "of") && *at < case.token) else {
        return;
    };
    let Some(close) =
        case.text.pairs.inside_of(mark).and_then(|open| case.text.pairs.partner_of(open))
    else {
        return;
    };
    if lexed.before(mark) == "]" {
        let (from, to) = (lexed.code[mark + 1].start, lexed.code[close].start);
        let edits = vec![case.insert(from, "Object.entries("), case.insert(to, ")")];
        all.push(Candidate::new(MistakeId::NotIterable, BOTH, edits).guess());
        return;
    }
    let name = lexed.before(mark);
    let body = close + 1;
    let end = case.text.pairs.partner_of(body).unwrap_or_else(|| case.statement_end(body));
    let key = |at: usize| lexed.is(at, "[") && lexed.is(at + 1, name) && lexed.is(at + 2, "]");
    if (body..=end).any(key) {
        let edit = case.replace_token(mark, "in");
        all.push(Candidate::new(MistakeId::NotIterable, LOOKED_UP, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    const SAID: &str =
        "[TS2488] Type 'Lanes' must have a '[Symbol.iterator]()' method that returns an iterator.";

    #[test]
    fn keys_and_values_are_entries() {
        check_fix(
            &FAMILY,
            "typescript",
            "for (const [name, lane] of <|>lanes) {\n    show(name, lane);\n}\n",
            SAID,
            "for (const [name, lane] of Object.entries(lanes)) {\n    show(name, lane);\n}\n",
        );
    }

    #[test]
    fn what_is_no_key_leaves_it_open() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "for (const lane of <|>lanes) {\n    show(lane.kind);\n}\n",
            SAID,
        );
    }
}
