//! A parameter that must be given stands behind one that may be left out: `Sell(int count = 1, string note)`.

use super::family::{Example, Family, Phases};
use super::shape::{Call, call_at};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// Every call gives the value.
const ALWAYS_GIVEN: Factor = evidence("every call gives the value", 7.5);

pub(super) static FAMILY: Family = Family {
    id: "needed-behind",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "class Till {\n    void Sell(int zone, int count = 1<|>, string note) {}\n    void Go() { Sell(2, 3, \"late\"); all.Sell(2); }\n}\n",
        message: "[CS1737] Optional parameter cannot precede required parameters",
        after: "class Till {\n    void Sell(int zone, int count, string note) {}\n    void Go() { Sell(2, 3, \"late\"); all.Sell(2); }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with mcs 6.8 and tsc 5.9.
    let said = &case.message.text;
    if !said.starts_with("Optional parameter cannot precede required")
        && !said.starts_with("A required parameter cannot follow an optional")
    {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let heads = line.filter(|at| lexed.kind(*at) == Some(TokenKind::Name) && lexed.is(at + 1, "("));
    for name in heads {
        let Some(head) = call_at(case, name + 1) else { continue };
        let optional = head.arguments.iter().enumerate().find_map(|(place, (first, last))| {
            let mark = (*first..=*last).find(|at| matches!(lexed.word(*at), "=" | "?"))?;
            Some((place, mark, *last))
        });
        let Some((place, mark, last)) = optional else { continue };
        let optional = |(first, last): &&(usize, usize)| {
            (*first..=*last).any(|at| matches!(lexed.word(at), "=" | "?"))
        };
        let needed = head.arguments.len() - head.arguments.iter().filter(optional).count();
        // What gives less than must be given calls another function of that name.
        let call =
            |at: &usize| call_at(case, *at + 1).filter(|_| *at != name && lexed.is(*at + 1, "("));
        let seen = case.text.names.seen.get(lexed.word(name)).map_or(&[][..], Vec::as_slice);
        let calls = seen.iter().filter_map(call);
        let mut calls = calls.filter(|call| call.arguments.len() >= needed).peekable();
        let given = |call: Call| call.arguments.len() > place + 1;
        if calls.peek().is_some() && calls.all(given) {
            let end = if lexed.is(mark, "?") { mark } else { last };
            let from = lexed.code[mark - 1].end;
            let edit = Edit::delete(case.file(), from, lexed.code[end].end);
            all.push(Candidate::new(MistakeId::ParameterRules, ALWAYS_GIVEN, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_mark_behind_the_name_says_the_same() {
        check_fix(
            &FAMILY,
            "typescript",
            "function show(fare?: number, <|>label: string) {}\nshow(3, \"north\");\n",
            "[TS1016] A required parameter cannot follow an optional parameter.",
            "function show(fare: number, label: string) {}\nshow(3, \"north\");\n",
        );
    }

    #[test]
    fn a_call_without_the_value_needs_it_optional() {
        check_no_fix(
            &FAMILY,
            "csharp",
            "class Till {\n    void Sell(int zone, int count = 1<|>, string note) {}\n    void Go() { Sell(2, \"late\"); }\n}\n",
            "[CS1737] Optional parameter cannot precede required parameters",
        );
    }
}
