//! A variable that is read before it has a value: it gets the starting value of its type where it is
//! declared.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::shape::text_of;
use crate::fixes::{Candidate, Case, weights as w};
use crate::score::{Factor, weight};
use erratum_catalogue::{MistakeId, Recipe};

/// The starting value of the declared type.
const START_OF_TYPE: Factor = weight("the starting value of the type", 1.5);
/// How likely a value is for a variable whose type is not known, as the language says.
const OF_ANY_TYPE: Factor = weight("a value for a variable of any type", 1.0);
/// An address that points at nothing.
const NO_ADDRESS: Factor = weight("no address", 1.0);
/// A type with parameters is a collection.
const NEW_COLLECTION: Factor = weight("a new empty collection", 0.8);
/// Which arguments an object needs is not known.
const NEW_OBJECT: Factor = weight("a new object", -3.0);
/// A name without an object.
const NO_OBJECT: Factor = weight("no object", 0.0);
/// Zero, where nothing else is known.
const PLAIN_ZERO: Factor = weight("zero", 0.5);
/// One, as a product starts.
const ONE: Factor = weight("one", -1.5);
/// A value given where a variable is declared.
const FIRST_GIVEN: Factor = weight("it is given where it is declared", 1.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "unset",
    recipes: &[Recipe::Initialise],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    int go() {\n        int tide;\n        return <|>tide;\n    }\n}\n",
        message: "variable tide might not have been initialized",
        after: "class Quay {\n    int go() {\n        int tide = 0;\n        return tide;\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if case.asks(Recipe::Initialise) {
        unset(case, all);
    }
}

/// A variable that is read before it has a value: give it one where it is declared.
fn unset(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let name = case.word("name").unwrap_or(lexed.word(case.token)).to_owned();
    let declared =
        case.text.names.resolve(lexed, case.token).filter(|d| lexed.word(d.token) == name);
    let declared =
        declared.or_else(|| case.text.names.of(&name).filter(|d| d.token <= case.token).last());
    let Some(declared) = declared.or_else(|| case.text.names.of(&name).next()) else {
        return;
    };
    let typed = declared.typed.map_or(String::new(), |typed| text_of(case, typed));
    let mut end = declared.token;
    if let Some((_, last)) = declared.typed.filter(|(first, _)| *first > declared.token) {
        end = last;
    }
    let ended = matches!(lexed.word(end + 1), ";" | ",") || case.starts_line(end + 1);
    if !ended {
        return;
    }
    let first = (case.language().first_values)(&typed);
    let empty = (case.language().empty_value)(&typed);
    let mut values: Vec<(String, Factor)> = Vec::new();
    match case.language().default_of(&typed) {
        Some(value) => values.push((value.to_owned(), START_OF_TYPE)),
        None if !first.is_empty() => {
            let values_of_any = first.iter().map(|(v, how)| ((*v).to_owned(), OF_ANY_TYPE * *how));
            values.extend(values_of_any);
        }
        None if !typed.is_empty() && !empty.is_empty() => values.push((empty, START_OF_TYPE)),
        None if typed.ends_with('*') => values.push(("NULL".to_owned(), NO_ADDRESS)),
        None if case.language().generic_objects && !typed.is_empty() => {
            let generic = typed.split('<').next().unwrap_or(&typed);
            values.push((
                format!("new {generic}<>()"),
                if typed.contains('<') { NEW_COLLECTION } else { NEW_OBJECT },
            ));
            values.push(("null".to_owned(), NO_OBJECT));
        }
        None => values.push(("0".to_owned(), PLAIN_ZERO)),
    }
    if [case.language().usual.whole, case.language().usual.real].contains(&typed.as_str()) {
        values.push(("1".to_owned(), ONE));
    }
    let at = lexed.code[end].end;
    for (value, score) in values {
        let edit = case.insert(at, format!(" = {value}"));
        all.push(
            Candidate::new(MistakeId::UnsetVariable, w::TYPE_FIX + FIRST_GIVEN + score, vec![edit])
                .guess(),
        );
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn a_text_starts_empty() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    String go() {\n        String name;\n        return <|>name;\n    }\n}\n",
            "variable name might not have been initialized",
            "class Quay {\n    String go() {\n        String name = \"\";\n        return name;\n    }\n}\n",
        );
    }

    #[test]
    fn an_unknown_name_is_given_no_value() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int go() {\n        return <|>tide;\n    }\n}\n",
            "cannot find symbol",
        );
    }

    #[test]
    fn a_whole_number_of_another_language_starts_as_zero() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    int Go() {\n        int tide;\n        return <|>tide;\n    }\n}\n",
            "[CS0165] Use of unassigned local variable 'tide'",
            "class Quay {\n    int Go() {\n        int tide = 0;\n        return tide;\n    }\n}\n",
        );
    }

    #[test]
    fn a_truth_starts_as_false() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    boolean go() {\n        boolean open;\n        return <|>open;\n    }\n}\n",
            "variable open might not have been initialized",
            "class Quay {\n    boolean go() {\n        boolean open = false;\n        return open;\n    }\n}\n",
        );
    }

    #[test]
    fn a_real_number_starts_as_one() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    double go() {\n        double fare;\n        return <|>fare;\n    }\n}\n",
            "variable fare might not have been initialized",
            "class Quay {\n    double go() {\n        double fare = 0.0;\n        return fare;\n    }\n}\n",
        );
    }

    #[test]
    fn a_variable_that_has_a_value_gets_no_other() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int go() {\n        int tide = 3;\n        return <|>tide;\n    }\n}\n",
            "missing return statement",
        );
    }
}
