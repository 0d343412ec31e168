//! Pascal: `Low: real := 0.4;` where something is declared: a first value stands behind `=`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// A declaration gives its first value by this mark.
const DECLARES: Factor = evidence("a declaration gives a first value by `=`", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "typed-constant",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "pascal",
        before: "program quay;\nconst\n  Low: real <|>:= 0.4;\nbegin\nend.\n",
        message: "Syntax error, \";\" expected but \":=\" found",
        after: "program quay;\nconst\n  Low: real = 0.4;\nbegin\nend.\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().returns_by_name {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(mark) = line.clone().find(|at| lexed.is(*at, ":=")) else { return };
    let start = line.start + usize::from(matches!(lexed.word(line.start), "const" | "var"));
    let typed = lexed.kind(start) == Some(TokenKind::Name) && lexed.is(start + 1, ":");
    let plain = lexed.kind(start) == Some(TokenKind::Name) && start + 1 == mark;
    // Before the first block, or behind the last one, nothing is set.
    let block = case.text.pairs.block_of(lexed, mark).is_some();
    if mark > start && !block && (typed || plain) {
        let edit = case.replace_token(mark, "=");
        all.push(Candidate::new(MistakeId::WrongMark, DECLARES, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn a_statement_sets() {
        check_no_fix(
            &FAMILY,
            "pascal",
            "program quay;\nvar\n  low: real;\nbegin\n  low <|>:= 0.4\nend.\n",
            "Syntax error, \";\" expected but \":=\" found",
        );
    }
}
