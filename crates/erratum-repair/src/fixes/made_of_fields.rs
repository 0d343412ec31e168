//! An object of the text's own type that is made like a call: `Time(8, 30)` for `Time{8, 30}`,
//! `Boat("Skiff", 3)` for `Boat { name: "Skiff", days: 3 }`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// As many values as the type has fields.
const ALL_FIELDS: Factor = evidence("there are as many values as the type has fields", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "made-of-fields",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\ntype Time struct{ hour, minute int }\n\nfunc noon() Time {\n\treturn <|>Time(12, 0)\n}\n",
        message: "too many arguments in conversion to Time",
        after: "package quay\n\ntype Time struct{ hour, minute int }\n\nfunc noon() Time {\n\treturn Time{12, 0}\n}\n",
    },
};

/// What compilers say where a type is called (seen with go 1.19 and rustc 1.95).
const SAID: &[&str] = &[
    "in conversion to ",
    "cannot convert ",
    "expected function, tuple struct or tuple variant, found struct `",
    "expected value, found struct variant `",
    "expected function, tuple struct or tuple variant, found struct variant `",
    "expected function, tuple struct or tuple variant, found variant `",
];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    // Fields without their names, or each behind its own.
    let named = language.borrows;
    if !(language.receivers || named) || !SAID.iter().any(|said| case.message.text.contains(said)) {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for open in line.skip(1).filter(|at| lexed.is(*at, "(")) {
        let name = open - 1;
        let mut own = case.text.names.of(lexed.word(name));
        let variant = case.message.text.contains("variant `");
        let declared = own.find(|one| one.kind == NameKind::Type || variant && one.token != name);
        let Some(declared) = declared else { continue };
        let Some(close) = case.text.pairs.partner_of(open) else { continue };
        let fields = fields(case, declared.token);
        let inside = |at: &usize| case.text.pairs.inside_of(*at) == Some(open);
        let commas = (open + 1..close).filter(inside).filter(|at| lexed.is(*at, ","));
        let starts: Vec<usize> = std::iter::once(open).chain(commas).map(|at| at + 1).collect();
        if fields.is_empty() || starts.len() != fields.len() || close == open + 1 {
            continue;
        }
        let mut edits = Vec::new();
        if named {
            let (from, to) = (lexed.code[open].start, lexed.code[open].end);
            edits.push(Edit::replace(case.file(), from, to, " { "));
            let labels = starts.iter().zip(&fields);
            edits.extend(
                labels.map(|(at, field)| case.insert(lexed.code[*at].start, format!("{field}: "))),
            );
            edits.push(case.replace_token(close, " }"));
        } else {
            edits = vec![case.replace_token(open, "{"), case.replace_token(close, "}")];
        }
        all.push(Candidate::new(MistakeId::ConstructorRules, ALL_FIELDS, edits).guess());
    }
}

/// The names of the fields that the block behind a type declares.
fn fields<'a>(case: &'a Case, name: usize) -> Vec<&'a str> {
    let lexed = case.lexed();
    let Some(open) = (name..name + 3).find(|at| lexed.opens_block(*at)) else { return Vec::new() };
    let Some(close) = case.text.pairs.partner_of(open) else { return Vec::new() };
    let declared = case.text.names.declared.iter().filter(|declared| {
        (open..close).contains(&declared.token)
            && declared.kind == NameKind::Member
            && lexed.kind(declared.token) == Some(TokenKind::Name)
    });
    let declared: Vec<&str> = declared.map(|declared| lexed.word(declared.token)).collect();
    if !declared.is_empty() {
        return declared;
    }
    // The fields of a variant: `Tug { power: u32 }`.
    let named = |at: &usize| {
        case.text.pairs.inside_of(*at) == Some(open)
            && lexed.kind(*at) == Some(TokenKind::Name)
            && lexed.is(at + 1, ":")
    };
    (open + 1..close).filter(named).map(|at| lexed.word(at)).collect()
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    const SAID: &str =
        "[E0423] expected function, tuple struct or tuple variant, found struct `Boat`";

    #[test]
    fn each_value_gets_the_name_of_its_field() {
        check_fix(
            &FAMILY,
            "rust",
            "struct Boat {\n    name: String,\n    days: u32,\n}\nfn go(name: String) -> Boat {\n    <|>Boat(name, 3)\n}\n",
            SAID,
            "struct Boat {\n    name: String,\n    days: u32,\n}\nfn go(name: String) -> Boat {\n    Boat { name: name, days: 3 }\n}\n",
        );
    }

    #[test]
    fn too_few_values_tell_no_fields() {
        check_no_fix(
            &FAMILY,
            "rust",
            "struct Boat {\n    name: String,\n    days: u32,\n}\nfn go(name: String) -> Boat {\n    <|>Boat(name)\n}\n",
            SAID,
        );
    }

    #[test]
    fn a_variant_has_fields_too() {
        check_fix(
            &FAMILY,
            "rust",
            "enum Boat {\n    Tug { power: u32 },\n    Ferry,\n}\nfn go() -> Boat {\n    Boat::<|>Tug(300)\n}\n",
            "[E0533] expected value, found struct variant `Boat::Tug`",
            "enum Boat {\n    Tug { power: u32 },\n    Ferry,\n}\nfn go() -> Boat {\n    Boat::Tug { power: 300 }\n}\n",
        );
    }
}
