//! A list is wanted, and a text stands there: `""` for `[]`, `"low " ++ name : rest` without its brackets.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// An empty text stands where an empty list is wanted.
const EMPTY: Factor = weight("an empty text stands for an empty list", 9.0);
/// Texts are put together in front of the list.
const FIRST: Factor = weight("the first of the list is put together", 9.0);
/// Steps are taken for each, and what they give is not used.
const EACH: Factor = weight("what the steps give is not used", 9.0);
/// The compiler says which name is meant.
const TOLD: Factor = weight("the compiler names one with a small letter", 9.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "list-meant",
    recipes: &[],
    phases: Phases::Late,
    within_text: true,
    propose,
    example: Example {
        language: "haskell",
        before: "data Boat = Boat String [String]\n\nstart :: Boat\nstart = Boat \"Quay\" <|>\"\"\n",
        message: "Couldn't match type 'Char' with '[Char]' Expected: [String] Actual: String",
        after: "data Boat = Boat String [String]\n\nstart :: Boat\nstart = Boat \"Quay\" []\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().applies_bare {
        return;
    }
    // Seen with ghc 9.0.
    let said = &case.message.text;
    if said.contains("Expected: [") && said.contains("Actual: ") {
        of_texts(case, said.contains("Expected: [String]"), all);
    }
    if said.contains("Expected: IO ()") && said.contains("Actual: IO [") {
        each(case, all);
    }
    small(case, all);
}

fn of_texts(case: &Case, texts: bool, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let here = case.token;
    if lexed.kind(here) == Some(TokenKind::Str) && lexed.text(&lexed.code[here]) == "\"\"" {
        let edit = case.replace_token(here, "[]");
        all.push(Candidate::new(MistakeId::TypeClash, EMPTY, vec![edit]).guess());
    }
    // `log = "waited " ++ show n : log boat`: `:` binds as `++` does, from the right.
    let line = lexed.on_line(lexed.code[here].line);
    let outer = |at: &usize| case.text.pairs.inside_of(*at) == case.text.pairs.inside_of(here);
    let joins = (here..line.end).filter(outer).find(|at| lexed.is(*at, "++"));
    let colon = joins.and_then(|joins| {
        let mut behind = (joins..line.end).filter(outer);
        behind.find(|at| lexed.is(*at, ":"))
    });
    let starts = lexed.is(here.wrapping_sub(1), "=") || lexed.is(here.wrapping_sub(1), "(");
    if let Some(colon) = colon.filter(|_| starts && texts) {
        let edits = vec![
            case.insert(lexed.code[here].start, "("),
            case.insert(lexed.code[colon - 1].end, ")"),
        ];
        all.push(Candidate::new(MistakeId::MissingBracket, FIRST, edits).guess());
    }
}

/// `mapM putStrLn names` as a step: `mapM_` gives nothing back.
fn each(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let word = line.into_iter().find(|at| matches!(lexed.word(*at), "mapM" | "sequence"));
    if let Some(word) = word {
        let edit = case.insert(lexed.code[word].end, "_");
        all.push(Candidate::new(MistakeId::MissingMark, EACH, vec![edit]).guess());
    }
}

/// `M.Empty` where ghc names `M.empty`.
fn small(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let notes = case.message.notes.iter().map(|note| note.text.as_str());
    let told = std::iter::once(case.message.text.as_str()).chain(notes).find_map(|text| {
        let (_, rest) = text.split_once("Perhaps you meant variable '")?;
        rest.split_once('\'')
    });
    let Some((module, meant)) = told.and_then(|(name, _)| name.split_once('.')) else { return };
    let mut line = lexed.on_line(lexed.code[case.token].line);
    let place = line.find(|at| {
        lexed.is(*at, module)
            && lexed.is(at + 1, ".")
            && lexed.word(at + 2) != meant
            && lexed.word(at + 2).to_lowercase() == meant.to_lowercase()
    });
    if let Some(at) = place {
        let edit = case.replace_token(at + 2, meant);
        all.push(Candidate::new(MistakeId::WrongCase, TOLD, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    const TEXT: &str = "Couldn't match type 'Char' with '[Char]' Expected: [String] Actual: String";

    #[test]
    fn the_first_of_a_list_stands_in_brackets() {
        check_fix(
            &FAMILY,
            "haskell",
            "run :: Int -> [String] -> [String]\nrun n log = <|>\"waited \" ++ show n : log\n",
            TEXT,
            "run :: Int -> [String] -> [String]\nrun n log = (\"waited \" ++ show n) : log\n",
        );
    }

    #[test]
    fn steps_for_each_give_nothing() {
        check_fix(
            &FAMILY,
            "haskell",
            "main :: IO ()\nmain = do\n  <|>mapM putStrLn [\"quay\"]\n",
            "Couldn't match type '[()]' with '()' Expected: IO () Actual: IO [()]",
            "main :: IO ()\nmain = do\n  mapM_ putStrLn [\"quay\"]\n",
        );
    }

    #[test]
    fn a_text_with_letters_is_left() {
        check_no_fix(&FAMILY, "haskell", "names :: [String]\nnames = <|>\"quay\"\n", TEXT);
    }
}
