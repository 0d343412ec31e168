//! C: a `;` between the block of a `typedef` and the name that it gives: `typedef enum { LOW }; level;`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The type is given no name, and one stands behind it alone.
const NAME_BEHIND: Factor = evidence("the name of the type stands behind the mark", 9.0);

/// One type is given no name, and one name no type.
const NO_NAME: Factor = evidence("a type is given no name", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "typedef-name",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "typedef enum { LOW, HIGH }; level\n\n<|>typedef struct {\n    level now;\n} gauge;\n",
        message: "expected ';' before 'typedef'",
        after: "typedef enum { LOW, HIGH } level;\n\ntypedef struct {\n    level now;\n} gauge;\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().is_keyword("typedef") {
        return;
    }
    lacks_name(case, all);
    let names = (0..lexed.code.len()).filter(|at| lexed.kind(*at) == Some(TokenKind::Name));
    for name in names {
        // Behind a block that gives no name; the name stands alone.
        let Some(open) = name
            .checked_sub(2)
            .filter(|close| lexed.is(*close, "}") && lexed.is(name - 1, ";"))
            .and_then(|close| case.text.pairs.partner_of(close))
        else {
            continue;
        };
        let header = case.statement_start(open)..open;
        let typedef = header.into_iter().any(|at| lexed.is(at, "typedef"));
        let ended = lexed.is(name + 1, ";");
        let alone = ended || lexed.code.get(name + 1).is_none_or(|next| next.first);
        let near = lexed.code[name].line.abs_diff(lexed.code[case.token].line) <= 2;
        let told = case.message.text.contains(lexed.word(name));
        if !typedef || !alone || !near && !told {
            continue;
        }
        let mut edits = vec![case.delete_token(name - 1)];
        if !ended {
            edits.push(case.insert(lexed.code[name].end, ";"));
        }
        all.push(Candidate::new(MistakeId::WrongOrder, NAME_BEHIND, edits));
    }
}

/// `typedef struct { … };` that gives no name, where one type is known to nobody.
fn lacks_name(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    let Some((_, rest)) = said.split_once("unknown type name ") else { return };
    let name: String = rest
        .trim_start_matches(['\'', '‘'])
        .chars()
        .take_while(|letter| letter.is_alphanumeric() || *letter == '_')
        .collect();
    let nameless = (0..lexed.code.len()).filter(|at| {
        let open = case.text.pairs.partner_of(*at).filter(|_| lexed.is(*at, "}"));
        let header = open.map_or(0..0, |open| case.statement_start(open)..open);
        lexed.is(at + 1, ";") && header.into_iter().any(|at| lexed.is(at, "typedef"))
    });
    let nameless: Vec<usize> = nameless.collect();
    let [close] = nameless[..] else { return };
    if !name.is_empty() && close < case.token && case.text.names.of(&name).next().is_none() {
        let edit = case.insert(lexed.code[close].end, format!(" {name}"));
        all.push(Candidate::new(MistakeId::MissingDeclaration, NO_NAME, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn the_name_may_have_a_mark_of_its_own() {
        check_fix(
            &FAMILY,
            "c",
            "typedef struct {\n    int seats;\n}; boat;\n\n<|>boat tern;\n",
            "unknown type name 'boat'",
            "typedef struct {\n    int seats;\n} boat;\n\nboat tern;\n",
        );
    }

    #[test]
    fn a_type_without_a_name_gets_the_one_that_nobody_knows() {
        let text = "typedef struct {\n    int seats;\n};\n\n<|>Boat tern;\n";
        let after = text.replace("};", "} Boat;").replace("<|>", "");
        check_fix(&FAMILY, "c", text, "unknown type name 'Boat'", &after);
    }

    #[test]
    fn a_statement_behind_a_type_is_left() {
        check_no_fix(
            &FAMILY,
            "c",
            "struct boat {\n    int seats;\n}; <|>level\n",
            "unknown type name 'level'",
        );
    }
}
