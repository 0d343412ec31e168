//! A type parameter that is used and not declared: `class Fleet { items: T[] }` for
//! `class Fleet<T> { items: T[] }`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::lex::TokenKind;

/// The item is used with a type of its own.
const USED_SO: Factor = evidence("the item is used with a type behind its name", 6.5);
/// An item around names it.
const AROUND: Factor = evidence("an item around uses a type parameter", 4.0);

pub(super) static FAMILY: Family = Family {
    id: "type-parameter",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "class Fleet {\n  items: <|>T[] = [];\n}\nconst fleet = new Fleet<string>();\n",
        message: "[TS2304] Cannot find name 'T'.",
        after: "class Fleet<T> {\n  items: T[] = [];\n}\nconst fleet = new Fleet<string>();\n",
    },
};

/// Between the brackets behind `template` each type is named behind a word.
const NAMED_SO: Factor = evidence("a type of a template is named behind `typename`", 7.0);

/// Words of items that may have type parameters.
const TYPES: &[&str] = &["class", "struct", "interface", "trait", "enum", "record"];
const FUNCTIONS: &[&str] = &["fn", "function", "def"];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    word_before(case, all);
    let lexed = case.lexed();
    let name = lexed.word(case.token);
    let letter = name.len() == 1 && name.starts_with(|c: char| c.is_ascii_uppercase());
    if case.phase != Phase::Name || !letter || case.text.names.resolve(lexed, case.token).is_some()
    {
        return;
    }
    // Where templates are, the letter is declared in front.
    let templates = case.language().is_keyword("template");
    let Some((open, close)) = case.language().type_arguments.filter(|_| !templates) else {
        return;
    };
    let mut taken = false;
    for (start, block) in headers(case) {
        let header = start..block;
        if let Some(word) = header.clone().find(|at| lexed.is(*at, "impl")) {
            let stands = header.clone().any(|at| lexed.is(at, name) && lexed.before(at) == open);
            if stands && !lexed.is(word + 1, open) {
                let edit = case.insert(lexed.code[word].end, format!("{open}{name}{close}"));
                all.push(Candidate::new(MistakeId::MissingTypeParameter, USED_SO, vec![edit]));
            }
            return;
        }
        let typed = header.clone().find(|at| TYPES.contains(&lexed.word(*at)));
        let function = header.clone().find(|at| FUNCTIONS.contains(&lexed.word(*at)));
        let Some(named) = typed.or(function).map(|word| word + 1) else { continue };
        if lexed.kind(named) != Some(TokenKind::Name) || lexed.is(named + 1, open) {
            continue;
        }
        let uses = case.text.names.seen.get(lexed.word(named)).map_or(&[][..], Vec::as_slice);
        let used = typed.is_some()
            && uses.iter().any(|at| *at != named && lexed.is(at + 1, open) && *at != case.token);
        if used || !taken {
            let factor = if used { USED_SO } else { AROUND };
            let edit = case.insert(lexed.code[named].end, format!("{open}{name}{close}"));
            // What the type must be able to do, the declaration may have to say.
            let candidate = Candidate::new(MistakeId::MissingTypeParameter, factor, vec![edit]);
            all.push(candidate.guess());
            taken = true;
        }
    }
}

/// The headers of the items around the reported token, from within: each from its first token to the
/// bracket that opens its block.
fn headers(case: &Case) -> impl Iterator<Item = (usize, usize)> {
    let lexed = case.lexed();
    let next = (case.token..lexed.code.len()).find(|at| lexed.divides(*at));
    let own = next.filter(|at| lexed.opens_block(*at));
    let around = case.text.pairs.block_of(lexed, case.token);
    let outer = std::iter::successors(around, |open| case.text.pairs.block_of(lexed, *open));
    own.into_iter().chain(outer).map(|open| (case.statement_start(open), open))
}

/// `template <type T>`: the word before the name is another one.
fn word_before(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let at = case.token;
    let known = case.text.names.of(lexed.word(at)).next().is_some();
    let unknown = lexed.kind(at) == Some(TokenKind::Name) && !known;
    let names = lexed.kind(at + 1) == Some(TokenKind::Name)
        && matches!(lexed.word(at + 2), "," | ">" | "=");
    let header = (0..at).rev().take_while(|at| !matches!(lexed.word(*at), ";" | "{" | "}" | ">"));
    let template = header.into_iter().any(|at| lexed.is(at, "template"));
    if template && unknown && names && matches!(lexed.before(at), "<" | ",") {
        let edit = case.replace_token(at, "typename");
        all.push(Candidate::new(MistakeId::ForeignWord, NAMED_SO, vec![edit]));
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_type_of_a_template_is_named_behind_its_word() {
        check_fix(
            &FAMILY,
            "cpp",
            "template <<|>type T>\nT first(T a) {\n    return a;\n}\n",
            "'type' has not been declared",
            "template <typename T>\nT first(T a) {\n    return a;\n}\n",
        );
    }

    #[test]
    fn an_implementation_declares_what_its_type_takes() {
        check_fix(
            &FAMILY,
            "rust",
            "struct Gate<T> {\n    inside: Vec<T>,\n}\n\nimpl Gate<<|>T> {\n    fn enter(&mut self, one: T) {}\n}\n",
            "[E0412] cannot find type `T` in this scope",
            "struct Gate<T> {\n    inside: Vec<T>,\n}\n\nimpl<T> Gate<T> {\n    fn enter(&mut self, one: T) {}\n}\n",
        );
    }

    #[test]
    fn a_function_declares_its_own() {
        check_fix(
            &FAMILY,
            "typescript",
            "function last(all: <|>T[]): T {\n  return all[all.length - 1];\n}\n",
            "[TS2304] Cannot find name 'T'.",
            "function last<T>(all: T[]): T {\n  return all[all.length - 1];\n}\n",
        );
    }

    #[test]
    fn a_class_of_java_that_is_used_with_a_type_declares_it() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    private <|>T boat;\n    static Quay<String> first;\n}\n",
            "cannot find symbol",
            "class Quay<T> {\n    private T boat;\n    static Quay<String> first;\n}\n",
        );
    }

    #[test]
    fn a_word_is_no_type_parameter() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "class Fleet {\n  items: <|>Boat[] = [];\n}\n",
            "[TS2304] Cannot find name 'Boat'.",
        );
    }

    #[test]
    fn an_item_that_declares_another_is_left() {
        check_no_fix(
            &FAMILY,
            "rust",
            "struct Gate<S> {\n    inside: Vec<<|>T>,\n}\n",
            "[E0412] cannot find type `T` in this scope",
        );
    }
}
