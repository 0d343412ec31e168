//! TypeScript: a parameter that is any text, where only some are wanted: `rank: string` for `"mate" | "master"`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// What it is given to takes some texts only.
const SOME_ONLY: Factor = evidence("what it is given to takes some texts only", 7.0);

pub(super) static FAMILY: Family = Family {
    id: "one-of-words",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "interface Sailor { rank: \"mate\" | \"master\" }\nfunction make(rank: string): Sailor {\n  return { <|>rank };\n}\n",
        message: "[TS2322] Type 'string' is not assignable to type '\"mate\" | \"master\"'.",
        after: "interface Sailor { rank: \"mate\" | \"master\" }\nfunction make(rank: \"mate\" | \"master\"): Sailor {\n  return { rank };\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with tsc 5.9.
    let said = &case.message.text;
    let wanted = ["Type 'string' is not assignable to type '", "parameter of type '"];
    let wanted = wanted.iter().find_map(|start| said.split_once(start)).map(|(_, rest)| rest);
    let wanted = wanted.map(|rest| rest.trim_end_matches(['.', '\'']));
    let given =
        said.starts_with("Type 'string' ") || said.starts_with("Argument of type 'string' ");
    let Some(wanted) = wanted.filter(|_| given && case.language().object_required) else { return };
    let alias = case.text.names.of(wanted).next().is_some();
    if !wanted.starts_with('"') && !alias {
        return;
    }
    // The message may stand at the field that is set.
    let near = [case.token, case.token + 2].into_iter();
    let names = near.filter(|at| lexed.kind(*at) == Some(TokenKind::Name));
    let declared = names.filter_map(|at| case.text.names.resolve(lexed, at));
    let typed = declared.filter_map(|declared| declared.typed);
    let mut texts = typed.filter(|(first, last)| first == last && lexed.is(*first, "string"));
    if let Some((first, _)) = texts.next() {
        let edit = case.replace_token(first, wanted);
        all.push(Candidate::new(MistakeId::WrongType, SOME_ONLY, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_type_of_the_program_is_named() {
        check_fix(
            &FAMILY,
            "typescript",
            "type Rank = \"mate\" | \"master\";\nfunction set(rank: Rank) {}\nfunction go(name: string) {\n  set(<|>name);\n}\n",
            "[TS2345] Argument of type 'string' is not assignable to parameter of type 'Rank'.",
            "type Rank = \"mate\" | \"master\";\nfunction set(rank: Rank) {}\nfunction go(name: Rank) {\n  set(name);\n}\n",
        );
    }

    #[test]
    fn a_number_is_no_such_text() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "function set(n: number) {}\nfunction go(name: string) {\n  set(<|>name);\n}\n",
            "[TS2345] Argument of type 'string' is not assignable to parameter of type 'number'.",
        );
    }
}
