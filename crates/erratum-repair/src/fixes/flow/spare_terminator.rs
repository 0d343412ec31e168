//! A mark that ends a header before its block, so that the block runs whatever the header says.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::{MistakeId, Phase, Recipe};

/// A mark between a header and its block.
const ENDED_HEADER: Factor = weight("the mark ends a header before its block", 2.0);

/// The block below uses the counter of the loop that ends before it.
const ENDED_LOOP: Factor = evidence("the block uses the counter of the loop above it", 9.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "spare_terminator",
    recipes: &[Recipe::Return, Recipe::Declare],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    int up(int t) {\n        while (t > 3); {\n            return t;\n        }\n    <|>}\n}\n",
        message: "missing return statement",
        after: "class Quay {\n    int up(int t) {\n        while (t > 3) {\n            return t;\n        }\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if case.phase == Phase::Flow && case.asks(Recipe::Return) {
        spare_terminator(case, all);
    } else if case.asks(Recipe::Declare) {
        ended_loop(case, all);
    }
}

/// `for (int i = 0; …);` above the block that uses `i`.
fn ended_loop(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    let name = lexed.word(case.token);
    let mut block = pairs.block_of(lexed, case.token);
    while let Some(open) = block {
        let ended = open >= 2 && lexed.is(open - 1, ";") && lexed.is(open - 2, ")");
        let head = ended.then(|| pairs.partner_of(open - 2)).flatten();
        if let Some(head) = head.filter(|head| lexed.before(*head) == "for")
            && case.text.names.of(name).any(|declared| (head..open).contains(&declared.token))
        {
            let edit = case.delete_token(open - 1);
            all.push(Candidate::new(MistakeId::ExtraMark, ENDED_LOOP, vec![edit]).guess());
        }
        block = pairs.block_of(lexed, open);
    }
}

/// `if (…);` ends the statement before its block.
fn spare_terminator(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    for at in 1..lexed.code.len() {
        if lexed.is(at, ";") && lexed.is(at - 1, ")") && lexed.is(at + 1, "{") {
            all.push(Candidate::new(
                MistakeId::ExtraMark,
                ENDED_HEADER,
                vec![case.delete_token(at)],
            ));
        }
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn an_if_is_ended_in_the_same_way() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int up(int t) {\n        if (t > 3); {\n            t = 3;\n        }\n    <|>}\n}\n",
            "missing return statement",
            "class Quay {\n    int up(int t) {\n        if (t > 3) {\n            t = 3;\n        }\n    }\n}\n",
        );
    }

    #[test]
    fn a_loop_with_a_counter_is_ended_in_the_same_way() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int up(int t) {\n        for (int i = 0; i < t; i++); {\n            return i;\n        }\n    <|>}\n}\n",
            "missing return statement",
            "class Quay {\n    int up(int t) {\n        for (int i = 0; i < t; i++) {\n            return i;\n        }\n    }\n}\n",
        );
    }

    #[test]
    fn a_loop_goes_on_with_the_block_that_uses_its_counter() {
        check_fix(
            &FAMILY,
            "cpp",
            "int sum(int n) {\n    int all = 0;\n    for (int i = 0; i < n; i++);\n    {\n        all += <|>i;\n    }\n    return all;\n}\n",
            "'i' was not declared in this scope",
            "int sum(int n) {\n    int all = 0;\n    for (int i = 0; i < n; i++)\n    {\n        all += i;\n    }\n    return all;\n}\n",
        );
    }

    #[test]
    fn a_call_before_a_block_is_ended_rightly() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int up(int t) {\n        if (t > 3) {\n            t = 3;\n        }\n    <|>}\n}\n",
            "missing return statement",
        );
    }

    #[test]
    fn an_unknown_name_ends_no_header() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int up(int t) {\n        while (t > <|>depth); {\n            t = 3;\n        }\n        return t;\n    }\n}\n",
            "cannot find symbol\n  symbol:   variable depth",
        );
    }

    #[test]
    fn a_wrong_type_ends_no_header() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int up(int t) {\n        while (t > 3); {\n            t = <|>\"low\";\n        }\n        return t;\n    }\n}\n",
            "incompatible types: String cannot be converted to int",
        );
    }
}
