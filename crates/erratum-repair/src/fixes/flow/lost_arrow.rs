//! TypeScript: a function with `=>` whose block gives nothing back: `boats.map(b => { b.name })`, and
//! `b => { name: b.name }`, whose braces are a block and no object.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The value that the block computes is missed later.
const MISSED: Factor = evidence("the block computes a value that is missed elsewhere", 8.0);
/// The block is written as an object is.
const OBJECT: Factor = evidence("the block is written as an object is", 8.5);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "lost-arrow",
    recipes: &[],
    phases: Phases::Late,
    within_text: true,
    propose,
    example: Example {
        language: "typescript",
        before: "const rows = [1, 2].map(n => { n.toFixed(1) });\nconst all: string[] = <|>rows;\n",
        message: "Type 'void[]' is not assignable to type 'string[]'.",
        after: "const rows = [1, 2].map(n => { return n.toFixed(1) });\nconst all: string[] = rows;\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with tsc 5.9.
    let said = &case.message.text;
    let missed = ["'void'", "'void[]'", "'void | undefined'", "from type '[void"];
    if !case.language().object_required || !missed.iter().any(|words| said.contains(words)) {
        return;
    }
    // What stands on the line, and what its names are declared to be: two steps, for the name of a loop.
    let mut lines = vec![lexed.code[case.token].line];
    for _ in 0..2 {
        for line in lines.clone() {
            let names = lexed.on_line(line).filter(|at| lexed.kind(*at) == Some(TokenKind::Name));
            let declared = names.filter_map(|at| case.text.names.resolve(lexed, at));
            let further: Vec<u32> = declared.map(|one| lexed.code[one.token].line).collect();
            lines.extend(further);
        }
        lines.sort_unstable();
        lines.dedup();
    }
    for line in lines {
        let opens =
            lexed.on_line(line).filter(|at| lexed.is(*at, "{") && lexed.before(*at) == "=>");
        for open in opens {
            block(case, open, all);
        }
    }
}

/// A block of a single value, or of one that is written as an object.
fn block(case: &Case, open: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(close) = case.text.pairs.partner_of(open).filter(|close| *close > open + 1) else {
        return;
    };
    let first = open + 1;
    if lexed.kind(first) == Some(TokenKind::Name) && lexed.is(first + 1, ":") {
        let edits =
            vec![case.insert(lexed.code[open].start, "("), case.insert(lexed.code[close].end, ")")];
        all.push(Candidate::new(MistakeId::MissingBracket, OBJECT, edits).guess());
        return;
    }
    let marks = (first..close).filter(|at| lexed.is(*at, ";")).count();
    let single = marks == 0 || marks == 1 && lexed.is(close - 1, ";");
    let sets = (first..close).any(|at| matches!(lexed.word(at), "=" | "++" | "--" | "+=" | "-="));
    let value = lexed.kind(first) != Some(TokenKind::Keyword)
        || matches!(lexed.word(first), "new" | "await" | "this" | "typeof");
    if single && value && !sets {
        let edit = case.insert(lexed.code[first].start, "return ");
        all.push(Candidate::new(MistakeId::MissingReturn, MISSED, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn braces_behind_the_arrow_are_a_block() {
        check_fix(
            &FAMILY,
            "typescript",
            "const rows = [1, 2].map(n => { tide: n });\nfor (const row of rows) {\n  console.log(row.<|>tide);\n}\n",
            "Property 'tide' does not exist on type 'void'.",
            "const rows = [1, 2].map(n => ({ tide: n }));\nfor (const row of rows) {\n  console.log(row.tide);\n}\n",
        );
    }

    #[test]
    fn a_block_that_sets_something_is_left() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "let sum = 0;\nconst rows = [1, 2].map(n => { sum += n; });\nconst all: number[] = <|>rows;\n",
            "Type 'void[]' is not assignable to type 'number[]'.",
        );
    }
}
