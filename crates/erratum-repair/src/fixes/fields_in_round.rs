//! A value with named fields in round brackets: `Log(station: name)` for `Log{station: name}`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// A type of the program stands before named values.
const NAMED: Factor = evidence("a type stands before values that are named", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "fields-in-round",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\ntype Log struct{ station string }\n\nfunc open(name string) *Log {\n\treturn &Log(station<|>: name)\n}\n",
        message: "syntax error: unexpected : in argument list; possibly missing comma or )",
        after: "package quay\n\ntype Log struct{ station string }\n\nfunc open(name string) *Log {\n\treturn &Log{station: name}\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    // Elsewhere a value with named fields is made by a call, or written without its type.
    if !case.language().receivers && !case.language().borrows {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for open in line.filter(|at| *at > 0 && lexed.is(*at, "(")) {
        let Some(close) = pairs.partner_of(open) else { continue };
        let typed = lexed.kind(open - 1) == Some(TokenKind::Name)
            && case.text.names.of(lexed.word(open - 1)).any(|one| one.kind == NameKind::Type);
        let own = |at: &usize| pairs.inside_of(*at) == Some(open);
        let starts = std::iter::once(open)
            .chain((open + 1..close).filter(|at| own(at) && lexed.is(*at, ",")))
            .map(|at| at + 1)
            .filter(|at| *at < close);
        let named = |at: usize| lexed.kind(at) == Some(TokenKind::Name) && lexed.is(at + 1, ":");
        let mut starts = starts.peekable();
        if !typed || starts.peek().is_none() || !starts.all(named) {
            continue;
        }
        let edits = vec![case.replace_token(open, "{"), case.replace_token(close, "}")];
        all.push(Candidate::new(MistakeId::MismatchedBracket, NAMED, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn several_values_in_rust() {
        check_fix(
            &FAMILY,
            "rust",
            "struct Boat { name: u8, seats: u8 }\nfn main() { let b = Boat(name<|>: 1, seats: 2); }\n",
            "invalid `struct` delimiters or `fn` call arguments",
            "struct Boat { name: u8, seats: u8 }\nfn main() { let b = Boat{name: 1, seats: 2}; }\n",
        );
    }

    #[test]
    fn what_is_no_type_of_the_program_may_be_called() {
        let text = "package quay\n\nfunc open(name string) {\n\tlog(station<|>: name)\n}\n";
        check_no_fix(&FAMILY, "go", text, "syntax error: unexpected : in argument list");
    }
}
