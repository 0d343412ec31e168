//! C++: members that a constructor is to start, called in its body like functions: `Gate(int deep) { deep_(deep) }`
//! for `Gate(int deep) : deep_(deep) {}`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// Members get their first values in front of the body.
const IN_FRONT: Factor = evidence("members get their first values in front of the body", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "member-starts",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "class Gate {\npublic:\n    Gate(int deep) { deep_(deep)<|>; }\nprivate:\n    int deep_;\n};\n",
        message: "expression cannot be used as a function",
        after: "class Gate {\npublic:\n    Gate(int deep) : deep_(deep) {}\nprivate:\n    int deep_;\n};\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with g++ 12.
    if !case.message.text.contains("cannot be used as a function") || !lexed.language.directives {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let body = case.text.pairs.block_of(lexed, case.token);
    let body = body.or_else(|| line.into_iter().find(|at| lexed.is(*at, "{")));
    let Some(open) = body.filter(|open| lexed.before(*open) == ")") else { return };
    let Some(close) = case.text.pairs.partner_of(open).filter(|close| *close > open + 1) else {
        return;
    };
    let Some(starts) = starts(case, open, close) else { return };
    let (from, to) = (lexed.code[open].start, lexed.code[close].end);
    let edit = Edit::replace(case.file(), from, to, format!(": {} {{}}", starts.join(", ")));
    all.push(Candidate::new(MistakeId::ConstructorRules, IN_FRONT, vec![edit]).guess());
}

/// What a body consists of, if it is nothing but names with their values.
fn starts(case: &Case, open: usize, close: usize) -> Option<Vec<String>> {
    let lexed = case.lexed();
    let mut found = Vec::new();
    let mut at = open + 1;
    while at < close {
        let end = case.text.pairs.partner_of(at + 1).filter(|_| lexed.is(at + 1, "("))?;
        if lexed.kind(at) != Some(TokenKind::Name) || end >= close {
            return None;
        }
        found.push(lexed.source.slice(lexed.code[at].start, lexed.code[end].end).into_owned());
        at = end + 1 + usize::from(matches!(lexed.word(end + 1), "," | ";"));
    }
    Some(found).filter(|found| !found.is_empty())
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn several_members() {
        check_fix(
            &FAMILY,
            "cpp",
            "class Gate {\n    Gate(int a, int b) { a_(a), b_(<|>b); }\n    int a_, b_;\n};\n",
            "expression cannot be used as a function",
            "class Gate {\n    Gate(int a, int b) : a_(a), b_(b) {}\n    int a_, b_;\n};\n",
        );
    }

    #[test]
    fn a_body_with_more_in_it_stays() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "class Gate {\n    Gate(int a) { a_(<|>a); open = true; }\n    int a_;\n};\n",
            "expression cannot be used as a function",
        );
    }
}
