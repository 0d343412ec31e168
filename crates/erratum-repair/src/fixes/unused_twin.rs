//! An unknown name beside a declared one that nothing uses and that shares a word with it: `compareLevel` and
//! `byLevel`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::{Declared, NameKind};

/// It is declared for some use, and there is none.
const UNUSED_TWIN: Factor = evidence("a name that nothing uses shares a word with it", 7.0);

/// How many letters a shared word has at least: shorter ones are in many names.
const LETTERS: usize = 4;

pub(super) static FAMILY: Family = Family {
    id: "unused-twin",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "peak :: [Tide] -> Tide\npeak = maximumBy <|>compareLevel\n  where byLevel a b = compare (level a) (level b)\n",
        message: "Variable not in scope: compareLevel :: Tide -> Tide -> Ordering",
        after: "peak :: [Tide] -> Tide\npeak = maximumBy byLevel\n  where byLevel a b = compare (level a) (level b)\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if case.phase != Phase::Name || lexed.kind(case.token) != Some(TokenKind::Name) {
        return;
    }
    let name = lexed.word(case.token);
    // The message names it, and nothing declares it.
    if !case.message.text.contains(name) || case.text.names.of(name).next().is_some() {
        return;
    }
    let words = words(name);
    let seen = |word: &str| case.text.names.seen.get(word).map_or(0, Vec::len);
    let twin = |one: &&Declared| {
        let other = lexed.word(one.token);
        matches!(one.kind, NameKind::Value | NameKind::Function)
            && seen(other) == 1
            && other != "main"
            && self::words(other).iter().any(|word| words.contains(word))
    };
    let mut twins = case.text.names.declared.iter().filter(twin);
    if let (Some(one), None) = (twins.next(), twins.next()) {
        let edit = case.replace_token(case.token, lexed.word(one.token));
        all.push(Candidate::new(MistakeId::MisspeltName, UNUSED_TWIN, vec![edit]).guess());
    }
}

/// The words of a name that are long enough to say something, in small letters.
fn words(name: &str) -> Vec<String> {
    let mut all = vec![String::new()];
    for letter in name.chars() {
        if letter == '_' || letter.is_uppercase() {
            all.push(String::new());
        }
        if letter != '_'
            && let Some(word) = all.last_mut()
        {
            word.extend(letter.to_lowercase());
        }
    }
    all.retain(|word| word.chars().count() >= LETTERS);
    all
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn words_are_parted_by_a_stroke_too() {
        check_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    let open_berths = 3;\n    println!(\"{}\", <|>berths);\n}\n",
            "[E0425] cannot find value `berths` in this scope",
            "fn main() {\n    let open_berths = 3;\n    println!(\"{}\", open_berths);\n}\n",
        );
    }

    #[test]
    fn a_name_that_is_used_was_meant_where_it_stands() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    let open_berths = 3;\n    show(open_berths);\n    println!(\"{}\", <|>berths);\n}\n",
            "[E0425] cannot find value `berths` in this scope",
        );
    }

    #[test]
    fn one_of_two_is_left_open() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    let open_berths = 3;\n    let all_berths = 5;\n    println!(\"{}\", <|>berths);\n}\n",
            "[E0425] cannot find value `berths` in this scope",
        );
    }
}
