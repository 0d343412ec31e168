//! TypeScript: an object that is asked by any text: `fares[key]` where only some keys are there.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The parameter is only asked as a key.
const OF_KEYS: Factor = evidence("the parameter is one of the keys", 8.0);
/// The text is one of the keys.
const ONE_OF_KEYS: Factor = evidence("the text is one of the keys", 7.0);

pub(super) static FAMILY: Family = Family {
    id: "key-type",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "const fares = { north: 1, south: 2 };\nfunction pick(key: string) {\n  return <|>fares[key];\n}\n",
        message: "[TS7053] Element implicitly has an 'any' type because expression of type 'string' can't be used to index type '{ north: number; south: number; }'.",
        after: "const fares = { north: 1, south: 2 };\nfunction pick(key: keyof typeof fares) {\n  return fares[key];\n}\n",
    },
};

/// `Zone[row[0]]` where `Zone` is an enumeration: the text is one of its names.
fn of_enumeration(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with tsc 5.9.
    let said = &case.message.text;
    let told = said.contains("because index expression is not of type 'number'")
        || said.contains("can't be used to index type 'typeof ");
    let line = lexed.on_line(lexed.code[case.token].line);
    let asked = line.into_iter().find(|at| {
        let name = at.checked_sub(1);
        let declared = name.and_then(|name| case.text.names.resolve(lexed, name));
        lexed.is(*at, "[") && declared.is_some_and(|one| lexed.before(one.token) == "enum")
    });
    let Some(open) = asked.filter(|_| told && case.language().object_required) else { return };
    let Some(close) = case.text.pairs.partner_of(open).filter(|close| *close > open + 1) else {
        return;
    };
    let keys = format!(" as keyof typeof {}", lexed.word(open - 1));
    let edit = case.insert(lexed.code[close - 1].end, keys);
    all.push(Candidate::new(MistakeId::TypeClash, ONE_OF_KEYS, vec![edit]).guess());
}

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    of_enumeration(case, all);
    // Seen with tsc 5.9.
    let said = &case.message.text;
    let told = said.contains("expression of type 'string' can't be used to index type '{ ");
    if !told || !case.language().object_required {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let asked = line.clone().find(|at| {
        lexed.is(*at, "[")
            && *at > line.start
            && lexed.kind(at - 1) == Some(TokenKind::Name)
            && !matches!(lexed.word(at.saturating_sub(2)), "." | "?.")
            && lexed.kind(at + 1) == Some(TokenKind::Name)
            && lexed.is(at + 2, "]")
    });
    let Some(open) = asked else { return };
    let keys = format!("keyof typeof {}", lexed.word(open - 1));
    let declared = case.text.names.resolve(lexed, open + 1);
    let typed = declared.and_then(|declared| declared.typed);
    let text = typed.filter(|(first, last)| first == last && lexed.is(*first, "string"));
    match text {
        Some((first, _)) => {
            let edit = case.replace_token(first, keys);
            all.push(Candidate::new(MistakeId::WrongType, OF_KEYS, vec![edit]).guess());
        }
        None => {
            let edit = case.insert(lexed.code[open + 1].end, format!(" as {keys}"));
            all.push(Candidate::new(MistakeId::TypeClash, ONE_OF_KEYS, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_text_of_a_function_is_one_of_the_keys() {
        check_fix(
            &FAMILY,
            "typescript",
            "const fares = { north: 1 };\nconst all = Object.keys(fares).map(k => <|>fares[k]);\n",
            "[TS7053] Element implicitly has an 'any' type because expression of type 'string' can't be used to index type '{ north: number; }'.",
            "const fares = { north: 1 };\nconst all = Object.keys(fares).map(k => fares[k as keyof typeof fares]);\n",
        );
    }

    #[test]
    fn a_text_is_one_of_the_names_of_an_enumeration() {
        check_fix(
            &FAMILY,
            "typescript",
            "enum Zone { Inner, Outer }\nfunction read(row: string[]) {\n  return <|>Zone[row[0]];\n}\n",
            "[TS7015] Element implicitly has an 'any' type because index expression is not of type 'number'.",
            "enum Zone { Inner, Outer }\nfunction read(row: string[]) {\n  return Zone[row[0] as keyof typeof Zone];\n}\n",
        );
    }

    #[test]
    fn an_empty_object_is_for_others() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "const fares = {};\nfunction pick(key: string) {\n  return <|>fares[key];\n}\n",
            "[TS7053] Element implicitly has an 'any' type because expression of type 'string' can't be used to index type '{}'.",
        );
    }
}
