//! A macro that is called without its mark: `vec[1, 2]` for `vec![1, 2]`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// Only a macro has this name.
const ONLY_MACRO: Factor = evidence("only a macro has this name", 7.5);

pub(super) static FAMILY: Family = Family {
    id: "macro-call",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "fn main() {\n    let tides = vec[1<|>, 2];\n}\n",
        message: "expected one of `.`, `?`, `]`, or an operator, found `,`",
        after: "fn main() {\n    let tides = vec![1, 2];\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let mark = case.language().macro_mark;
    if mark.is_empty() {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    // The brackets may begin on a line further up.
    let around = case.text.pairs.inside_of(case.token).and_then(|open| open.checked_sub(1));
    for at in line.chain(around) {
        let name = lexed.word(at);
        let called = matches!(lexed.word(at + 1), "(" | "[")
            && !matches!(lexed.before(at), "." | "::" | "fn" | "!" | "#");
        let only = case.language().known_names().filter(|(known, _)| *known == name);
        let mut kinds = only.map(|(_, kind)| kind).peekable();
        let only = kinds.peek().is_some() && kinds.all(|kind| kind == NameKind::Macro);
        let own = case.text.names.of(name).next().is_some();
        if lexed.kind(at) == Some(TokenKind::Name) && called && only && !own {
            let edit = case.insert(lexed.code[at].end, mark);
            all.push(Candidate::new(MistakeId::MissingMark, ONLY_MACRO, vec![edit]));
            return;
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    const SAID: &str = "expected one of `.`, `?`, `]`, or an operator, found `,`";

    #[test]
    fn the_list_may_begin_further_up() {
        let text = |mark: &str, at: &str| {
            format!(
                "fn main() {{\n    let tides = vec{mark}[\n        up(3){at},\n        up(4),\n    ];\n}}\n"
            )
        };
        check_fix(&FAMILY, "rust", &text("", "<|>"), SAID, &text("!", ""));
    }

    #[test]
    fn a_list_of_the_program_has_its_name() {
        let text = "fn main() {\n    let vec = [1, 2];\n    show(vec[1<|>, 2]);\n}\n";
        check_no_fix(&FAMILY, "rust", text, SAID);
    }
}
