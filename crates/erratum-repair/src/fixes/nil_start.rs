//! Go: a variable that starts as nothing has no type: `best := nil`.

use super::family::{Example, Family, Phases};
use super::shape::{function_around, simple_type, text_of};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// What the name is used as tells its type.
const USED_AS: Factor = evidence("its uses tell its type", 8.5);

pub(super) static FAMILY: Family = Family {
    id: "nil-start",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\nfunc first(all []*Boat) *Boat {\n\tbest := <|>nil\n\tfor _, b := range all {\n\t\tbest = b\n\t}\n\treturn best\n}\n",
        message: "use of untyped nil in assignment",
        after: "package quay\n\nfunc first(all []*Boat) *Boat {\n\tvar best *Boat\n\tfor _, b := range all {\n\t\tbest = b\n\t}\n\treturn best\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with go 1.19.
    if !case.language().receivers || !case.message.text.starts_with("use of untyped nil") {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let mark = line.clone().find(|at| lexed.is(*at, ":=") && lexed.is(at + 1, "nil"));
    let Some(mark) = mark.filter(|mark| *mark == line.start + 1) else { return };
    if let Some(typed) = used_as(case, mark - 1) {
        let (from, to) = (lexed.code[mark - 1].start, lexed.code[mark + 1].end);
        let text = format!("var {} {typed}", lexed.word(mark - 1));
        let edit = Edit::replace(case.file(), from, to, text);
        all.push(Candidate::new(MistakeId::CannotInfer, USED_AS, vec![edit]).guess());
    }
}

/// The type that the uses of a local name behind its declaration tell.
fn used_as(case: &Case, declared: usize) -> Option<String> {
    let lexed = case.lexed();
    let name = lexed.word(declared);
    let function = function_around(case, declared)?;
    let uses = (declared + 1..function.close?).filter(|at| lexed.is(*at, name));
    let mut known = None;
    for at in uses {
        let told = match lexed.before(at) {
            "return" => result(case, function.returns, 0),
            "," if lexed.is(case.statement_start(at), "return") => {
                let before = (case.statement_start(at)..at).filter(|at| lexed.is(*at, ",")).count();
                result(case, function.returns, before)
            }
            "[" => key(case, at - 2),
            _ if lexed.is(at + 1, "=") && lexed.kind(at + 2) != Some(TokenKind::Op) => {
                let alone = lexed.code.get(at + 3).is_none_or(|next| next.first);
                simple_type(case, at + 2).filter(|_| alone)
            }
            _ => None,
        };
        known = known.or(told);
    }
    known.filter(|typed| !typed.is_empty())
}

/// One of the results that a function says it gives back.
fn result(case: &Case, returns: Option<(usize, usize)>, place: usize) -> Option<String> {
    let lexed = case.lexed();
    let (mut first, mut last) = returns?;
    if lexed.is(first, "(") {
        (first, last) = (first + 1, last - 1);
    }
    let parts: Vec<usize> = (first..=last).filter(|at| lexed.is(*at, ",")).collect();
    let from = if place == 0 { first } else { parts.get(place - 1)? + 1 };
    let to = parts.get(place).map_or(last, |comma| comma - 1);
    (from <= to).then(|| text_of(case, (from, to)))
}

/// The type of the keys of a map whose name stands at a token.
fn key(case: &Case, map: usize) -> Option<String> {
    let lexed = case.lexed();
    let declared = case.text.names.of(lexed.word(map)).find_map(|one| one.typed)?;
    let typed = text_of(case, declared);
    Some(typed.strip_prefix("map[")?.split(']').next()?.to_owned())
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    const SAID: &str = "use of untyped nil in assignment";

    #[test]
    fn the_keys_of_a_map_tell_the_type() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc most(seen map[string]int) int {\n\tbest := <|>nil\n\treturn seen[best]\n}\n",
            SAID,
            "package quay\n\nfunc most(seen map[string]int) int {\n\tvar best string\n\treturn seen[best]\n}\n",
        );
    }

    #[test]
    fn what_is_never_used_has_no_type() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc most() int {\n\tbest := <|>nil\n\treturn 3\n}\n",
            SAID,
        );
    }
}
