//! A line of a chain of calls without the dot that it begins with.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// The line before calls something of the same value, and begins with its dot.
const CHAIN: Factor = evidence("the line before is part of a chain, too", 6.0);
/// The line stands deeper than the start of the statement, behind a call.
const DEEPER: Factor = weight("the line goes on with what is above it", 3.0);

pub(super) static FAMILY: Family = Family {
    id: "chained",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "const names = [\"Nord\"]\n  .map(name => name.trim())\n  <|>join(\", \");\n",
        message: "[TS2304] Cannot find name 'join'.",
        after: "const names = [\"Nord\"]\n  .map(name => name.trim())\n  .join(\", \");\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if case.language().layout || case.phase > Phase::Name {
        return;
    }
    // Where a line ends no statement, the compiler stops at the word or behind the call before it.
    let here = lexed.code[case.token].line;
    for line in [here, here + 1] {
        let tokens = lexed.on_line(line);
        let first = tokens.start;
        let call = lexed.kind(first) == Some(TokenKind::Name) && lexed.is(first + 1, "(");
        // What the program declares, or the library has as a function, is called by itself.
        let word = lexed.word(first);
        let known = case.language().known_names();
        let by_itself = case.text.names.of(word).next().is_some()
            || known.into_iter().any(|(name, kind)| name == word && kind == NameKind::Function);
        if first == 0 || tokens.is_empty() || !call || by_itself || !lexed.is(first - 1, ")") {
            continue;
        }
        // Behind a condition stands a statement.
        let open = case.text.pairs.partner_of(first - 1);
        let headed = open.and_then(|open| lexed.kind(open.checked_sub(1)?));
        if headed != Some(TokenKind::Name) {
            continue;
        }
        let above = lexed.on_line(lexed.code[first - 1].line);
        let in_chain = matches!(lexed.word(above.start), "." | "?.");
        let source = &lexed.source;
        let deeper = source.indent(line) > source.indent(lexed.code[above.start].line);
        let score = match () {
            () if in_chain => CHAIN,
            () if deeper => DEEPER,
            () => continue,
        };
        let edit = case.insert(lexed.code[first].start, ".");
        all.push(Candidate::new(MistakeId::MissingMark, score, vec![edit]));
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_line_of_a_chain_of_java_begins_with_a_dot() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    long deep(List<Integer> tides) {\n        return tides.stream()\n            .filter(t -> t > 3)<|>\n            count();\n    }\n}\n",
            "';' expected",
            "class Quay {\n    long deep(List<Integer> tides) {\n        return tides.stream()\n            .filter(t -> t > 3)\n            .count();\n    }\n}\n",
        );
    }

    #[test]
    fn a_line_that_goes_on_with_a_call_may_be_a_chain() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  val deep = tides.toList\n    .filter(_ > 3)\n    <|>map(_ + 1)\n}\n",
            "not found: value map",
            "object Quay {\n  val deep = tides.toList\n    .filter(_ > 3)\n    .map(_ + 1)\n}\n",
        );
    }

    #[test]
    fn a_call_of_its_own_needs_no_dot() {
        for text in [
            "const tide = deep(3)\n<|>show(tide);\n",
            "function show(n: number) {}\nconst tide = [3]\n  .map(n => n)\n  <|>show(tide);\n",
        ] {
            check_no_fix(&FAMILY, "typescript", text, "[TS2304] Cannot find name 'show'.");
        }
        check_no_fix(
            &FAMILY,
            "c",
            "int go(int tide) {\n    if (tide > 3)\n        <|>shout(tide);\n    return 0;\n}\n",
            "'shout' undeclared (first use in this function)",
        );
    }
}
