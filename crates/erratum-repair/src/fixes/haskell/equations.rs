//! Signatures, equations and types that are written under another name than was meant.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;
use erratum_syntax::spelling::edit_distance;

/// A signature and its equations have nearly the same name.
const NEAR_EQUATION: Factor = weight("an equation is written under a near name", 5.0);
/// Each letter that differs.
const LETTERS: Factor = weight("letters that differ", -1.0);
/// Each use of a name, up to three: the rest of the file knows it.
const USED_SO: Factor = weight("uses of that name", 1.0);
/// A name with a signature of its own is another function.
const SIGNED: Factor = weight("the other name has a signature of its own", -1.5);
/// A type in small letters is a variable to the compiler.
const SMALL_TYPE: Factor = weight("a type in small letters", 5.0);

/// The equation below the signature lacks one.
const EQUATION_BELOW: Factor = weight("the equation below it has no signature", 6.5);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "equations",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "<|>rise :: Int -> Int\nrize t = t + 1\n\nmain :: IO ()\nmain = print (rise 3)\n",
        message: "The type signature for 'rise' lacks an accompanying binding",
        after: "rise :: Int -> Int\nrise t = t + 1\n\nmain :: IO ()\nmain = print (rise 3)\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().applies_bare {
        return;
    }
    unbound(case, all);
    clause(case, all);
    type_variable(case, all);
}

/// A signature whose equations are written under a near name.
fn unbound(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.message.text.contains("lacks an accompanying binding") {
        return;
    }
    let name = lexed.word(case.token).to_owned();
    let line = lexed.code[case.token].line;
    let below = lexed.code.iter().enumerate().filter(|(_, token)| token.first && token.line > line);
    // The equation right below has no signature of its own: it is that of this one.
    let next = lexed.on_line(line).end;
    if let Some(token) = lexed.code.get(next).filter(|token| token.line == line + 1) {
        let bound = lexed.text(token);
        let unsigned = case.text.names.of(bound).all(|one| one.typed.is_none());
        let equation = lexed.on_line(line + 1).any(|at| matches!(lexed.word(at), "=" | "|"));
        let far = edit_distance(bound, &name) > 3.0;
        if unsigned && far && lexed.kind(next) == Some(TokenKind::Name) && equation {
            let edit = case.replace_token(case.token, bound);
            all.push(Candidate::new(MistakeId::MisspeltName, EQUATION_BELOW, vec![edit]).guess());
        }
    }
    for (at, _) in below.take(3) {
        let apart = edit_distance(lexed.word(at), &name);
        if apart > 0.0 && apart <= 3.0 {
            // The name that the rest of the file uses is the right one.
            let bound = lexed.word(at).to_owned();
            let uses = |name: &str| {
                let own = case.text.names.seen.get(name).map_or(&[][..], Vec::as_slice);
                own.iter().filter(|seen| !lexed.code[**seen].first).count().min(3) as f64 * USED_SO
            };
            let score = NEAR_EQUATION + LETTERS * apart + uses(&name) - uses(&bound);
            let edit = case.replace_token(at, name.as_str());
            all.push(Candidate::new(MistakeId::MisspeltName, score, vec![edit]));
            let score = NEAR_EQUATION + LETTERS * apart + uses(&bound) - uses(&name);
            let edit = case.replace_token(case.token, bound);
            all.push(Candidate::new(MistakeId::MisspeltName, score, vec![edit]));
        }
    }
}

/// An equation of a function that is written under a near name, beside the others.
fn clause(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.message.text.contains("non-exhaustive") {
        return;
    }
    let name = lexed.word(case.token).to_owned();
    let line = lexed.code[case.token].line;
    let starts = lexed.code.iter().enumerate().filter(|(_, token)| {
        token.first && token.line.abs_diff(line) <= 6 && lexed.source.indent(token.line) == Some(0)
    });
    for (at, _) in starts {
        let other = lexed.word(at);
        let apart = edit_distance(other, &name);
        let signed = case.text.names.of(other).any(|d| d.typed.is_some());
        if apart > 0.0 && apart <= 2.5 && lexed.kind(at) == Some(TokenKind::Name) {
            let score = NEAR_EQUATION + LETTERS * apart + SIGNED.when(signed);
            let edit = case.replace_token(at, name.as_str());
            all.push(Candidate::new(MistakeId::MisspeltName, score, vec![edit]));
        }
    }
}

/// A type in small letters is a variable to the compiler: the type of that name is written with a
/// capital letter.
fn type_variable(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.message.text.contains("rigid type variable") {
        return;
    }
    let text = &case.message.text;
    for declared in &case.text.names.declared {
        let Some((first, last)) = declared.typed else { continue };
        for at in first..=last {
            let word = lexed.word(at);
            if !word.starts_with(char::is_lowercase) || !text.contains(&format!("'{word}'")) {
                continue;
            }
            let mut letters = word.chars();
            let capital: String = letters
                .next()
                .map(char::to_uppercase)
                .into_iter()
                .flatten()
                .chain(letters)
                .collect();
            let known = case.language().is_type(&capital)
                || case.text.names.of(&capital).any(|d| d.kind == NameKind::Type)
                || case.language().known_names().any(|(name, _)| name == capital);
            if known {
                let edits = (first..=last)
                    .filter(|at| lexed.is(*at, word))
                    .map(|at| case.replace_token(at, capital.as_str()))
                    .collect();
                all.push(Candidate::new(MistakeId::WrongCase, SMALL_TYPE, edits));
            }
        }
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn the_signature_is_the_misspelt_one() {
        check_fix(
            &FAMILY,
            "haskell",
            "<|>rize :: Int -> Int\nrise t = t + 1\n\nmain :: IO ()\nmain = print (rise 3)\n",
            "The type signature for 'rize' lacks an accompanying binding",
            "rise :: Int -> Int\nrise t = t + 1\n\nmain :: IO ()\nmain = print (rise 3)\n",
        );
    }

    #[test]
    fn an_equation_beside_the_others_is_misspelt() {
        check_fix(
            &FAMILY,
            "haskell",
            "rise :: Int -> Int\n<|>rise 0 = 1\nrize t = t + 1\n",
            "warning: [-Wincomplete-patterns] Pattern match(es) are non-exhaustive",
            "rise :: Int -> Int\nrise 0 = 1\nrise t = t + 1\n",
        );
    }

    #[test]
    fn a_type_in_small_letters_gets_its_capital() {
        check_fix(
            &FAMILY,
            "haskell",
            "rise :: int -> Int\nrise t = <|>t + 1\n",
            "Couldn't match expected type 'Int' with actual type 'int'\n'int' is a rigid type variable bound by",
            "rise :: Int -> Int\nrise t = t + 1\n",
        );
    }

    #[test]
    fn an_equation_with_a_signature_of_its_own_is_not_meant() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "mooring :: Int -> Int\n<|>rise :: Int -> Int\nmooring t = t + 1\n",
            "The type signature for 'rise' lacks an accompanying binding",
        );
    }

    #[test]
    fn the_equation_below_names_its_signature() {
        check_fix(
            &FAMILY,
            "haskell",
            "<|>rise :: Int -> Int\nmooring t = t + 1\n",
            "The type signature for 'rise' lacks an accompanying binding",
            "mooring :: Int -> Int\nmooring t = t + 1\n",
        );
    }

    #[test]
    fn an_unknown_name_renames_no_equation() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "rise :: Int -> Int\nrise t = <|>rize\n",
            "Variable not in scope: rize :: Int",
        );
    }
}
