//! Go: a list of values in braces without its type: `NewPier({"north", "south"})`.

use super::family::{Example, Family, Phases};
use super::shape::{call_at, function_around, parameters_of_call, text_of};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The text says which type is wanted there.
const WANTED: Factor = evidence("the type that is wanted there", 9.0);
/// All values are of one kind.
const OF_ONE_KIND: Factor = evidence("all values are of one kind", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "bare-list",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\nfunc start(names []string) {}\n\nfunc main() {\n\tstart(<|>{\"north\", \"south\"})\n}\n",
        message: "syntax error: unexpected {, expecting expression",
        after: "package quay\n\nfunc start(names []string) {}\n\nfunc main() {\n\tstart([]string{\"north\", \"south\"})\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with go 1.19.
    if !case.language().receivers || !case.message.text.contains("unexpected {, expecting") {
        return;
    }
    let open = [case.token, case.token + 1].into_iter().find(|at| lexed.is(*at, "{"));
    let Some(open) = open.filter(|open| *open > 0) else { return };
    let found = wanted(case, open).map(|typed| (typed, WANTED));
    let found = found.or_else(|| Some((held(case, open)?, OF_ONE_KIND)));
    if let Some((typed, why)) = found {
        let edit = case.insert(lexed.code[open].start, typed);
        all.push(Candidate::new(MistakeId::MissingType, why, vec![edit]).guess());
    }
}

/// The type of what is wanted where a brace stands: of a parameter, of a variable, of a result.
fn wanted(case: &Case, open: usize) -> Option<String> {
    let lexed = case.lexed();
    let typed = match lexed.word(open - 1) {
        "(" | "," => {
            let around = case.text.pairs.inside_of(open)?;
            let call = call_at(case, around)?;
            let at = call.arguments.iter().position(|(a, b)| (*a..=*b).contains(&open))?;
            parameters_of_call(case, &call)?.get(at)?.0.clone()
        }
        "=" => {
            let line = lexed.on_line(lexed.code[open].line);
            let names = case.text.names.declared.iter();
            let declared = names.filter(|one| line.contains(&one.token)).find_map(|one| one.typed);
            let set = || case.text.names.resolve(lexed, open.checked_sub(2)?)?.typed;
            text_of(case, declared.or_else(set)?)
        }
        "return" => text_of(case, function_around(case, open)?.returns?),
        _ => return None,
    };
    (!typed.is_empty() && !typed.starts_with(['*', '('])).then_some(typed)
}

/// The type of a list whose values are all of one kind.
fn held(case: &Case, open: usize) -> Option<String> {
    let lexed = case.lexed();
    let close = case.text.pairs.partner_of(open)?;
    let values: Vec<usize> = (open + 1..close).filter(|at| !lexed.is(*at, ",")).collect();
    let all = |kind: TokenKind| values.iter().all(|at| lexed.kind(*at) == Some(kind));
    let real = values.iter().any(|at| lexed.word(*at).contains('.'));
    let usual = case.language().usual;
    let one = match () {
        () if values.is_empty() => return None,
        () if all(TokenKind::Str) => usual.text,
        () if all(TokenKind::Number) && real => usual.real,
        () if all(TokenKind::Number) => usual.whole,
        () => return None,
    };
    Some(format!("[]{one}"))
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    const SAID: &str = "syntax error: unexpected {, expecting expression";

    #[test]
    fn a_variable_tells_its_type() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nvar tides []float64 = <|>{3, 4}\n",
            SAID,
            "package quay\n\nvar tides []float64 = []float64{3, 4}\n",
        );
    }

    #[test]
    fn the_values_tell_what_a_list_holds() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc main() {\n\ttides := <|>{3, 4.5}\n}\n",
            SAID,
            "package quay\n\nfunc main() {\n\ttides := []float64{3, 4.5}\n}\n",
        );
    }

    #[test]
    fn values_of_two_kinds_tell_nothing() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc main() {\n\ttides := <|>{3, \"low\"}\n}\n",
            SAID,
        );
    }
}
