//! A value with a field that its type does not have, where the type has one that the value lacks.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// The one field that the value lacks stands in the place of one that nobody knows.
const THE_ONE_LEFT: Factor = weight("it is the only field of the type that is not given", 2.0);

pub(super) static FAMILY: Family = Family {
    id: "other-field",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "interface Boat { name: string; fare?: number }\nconst gull: Boat = { name: \"Gull\", <|>price: 3 };\n",
        message: "[TS2353] Object literal may only specify known properties, and 'price' does not exist in type 'Boat'.",
        after: "interface Boat { name: string; fare?: number }\nconst gull: Boat = { name: \"Gull\", fare: 3 };\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    let Some((_, rest)) = case.message.text.split_once("may only specify known properties") else {
        return;
    };
    let Some(owner) = rest.rsplit('\'').nth(1) else { return };
    let declared = case.text.names.of(owner).find(|one| one.kind == NameKind::Type);
    let fields = declared.and_then(|declared| {
        let open = (declared.token..lexed.code.len()).find(|at| lexed.is(*at, "{"))?;
        Some((open, pairs.partner_of(open)?))
    });
    let Some((open, close)) = fields else { return };
    let named = |open: usize, close: usize| {
        (open + 1..close).filter(move |at| {
            let name = lexed.kind(*at) == Some(TokenKind::Name);
            let own = pairs.inside_of(*at) == Some(open);
            name && own && matches!(lexed.word(at + 1), ":" | "?" | "," | "}")
        })
    };
    let starts = |at: &usize| matches!(lexed.before(*at), "{" | "," | ";") || lexed.code[*at].first;
    let Some(own) = pairs.inside_of(case.token).filter(|open| lexed.is(*open, "{")) else { return };
    let Some(end) = pairs.partner_of(own) else { return };
    let given: Vec<&str> = named(own, end).filter(starts).map(|at| lexed.word(at)).collect();
    let mut left = named(open, close).filter(starts).filter(|at| !given.contains(&lexed.word(*at)));
    if let (Some(one), None) = (left.next(), left.next()) {
        let edit = case.replace_token(case.token, lexed.word(one));
        all.push(Candidate::new(MistakeId::UnknownField, THE_ONE_LEFT, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn of_two_fields_nobody_knows_which() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "interface Boat { name: string; fare?: number; seats?: number }\nconst gull: Boat = { name: \"Gull\", <|>price: 3 };\n",
            "[TS2353] Object literal may only specify known properties, and 'price' does not exist in type 'Boat'.",
        );
    }
}
