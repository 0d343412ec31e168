//! A type where the mark finds it out: `total int := 3` in Go.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::language::Declaring;
use erratum_syntax::lex::TokenKind;

/// The mark that declares finds the type out.
const FOUND_OUT: Factor = evidence("the mark finds the type out", 7.0);

pub(super) static FAMILY: Family = Family {
    id: "typed-mark",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\nfunc start() int {\n\ttotal <|>int := 3\n\treturn total\n}\n",
        message: "syntax error: unexpected int at end of statement",
        after: "package quay\n\nfunc start() int {\n\ttotal := 3\n\treturn total\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Declaring::Mark(mark) = case.language().declaring else { return };
    let line = lexed.on_line(lexed.code[case.token].line);
    let (name, typed) = (line.start, line.start + 1);
    if lexed.kind(name) != Some(TokenKind::Name) || line.len() < 4 {
        return;
    }
    // The type goes on to the mark: `[]string`, `map[string]int`, `*Boat`.
    let end = (typed..line.end).find(|at| lexed.is(*at, mark));
    let Some(end) = end.filter(|end| *end > typed) else { return };
    let of_type = |at: usize| {
        matches!(lexed.word(at), "[" | "]" | "*" | "." | "map")
            || case.language().is_type(lexed.word(at))
            || lexed.kind(at) == Some(TokenKind::Name)
    };
    if (typed..end).all(of_type) && !lexed.is(typed, ".") && !lexed.is(end - 1, "]") {
        let edit = Edit::delete(case.file(), lexed.code[name].end, lexed.code[end - 1].end);
        all.push(Candidate::new(MistakeId::ForeignMark, FOUND_OUT, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::check_no_fix;

    #[test]
    fn an_element_of_a_list_is_no_type() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc start(all []int) {\n\tall[0] <|>:= 3\n}\n",
            "non-name all[0] on left side of :=",
        );
    }
}
