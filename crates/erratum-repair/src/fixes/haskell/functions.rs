//! Functions that are handed on: an operator without its brackets, `return` without its value, and
//! classes written like functions.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// A function that takes a function stands in front of the operator.
const HANDED_ON: Factor = evidence("the function in front takes a function", 5.0);
/// `return` without a value gives nothing back.
const GIVES_NOTHING: Factor = evidence("nothing stands behind it", 5.0);
/// A class starts with a capital letter.
const CLASS: Factor = evidence("a class starts with a capital letter", 5.0);
/// A list draws its elements from another.
const DRAWN: Factor = evidence("the list draws its elements there", 5.5);
/// Each token between the change and the reported place.
const AWAY: Factor = weight("tokens from the reported place", -0.1);

/// Functions of the library that take another one first.
const TAKERS: &[&str] = &[
    "map",
    "filter",
    "foldr",
    "foldl",
    "foldr1",
    "foldl1",
    "zipWith",
    "insertWith",
    "sortBy",
    "maximumBy",
    "minimumBy",
    "unionWith",
    "fromListWith",
    "adjust",
    "any",
    "all",
    "scanl",
];

/// Classes that a type may derive.
const CLASSES: &[&str] = &["Show", "Eq", "Ord", "Read", "Enum", "Bounded"];

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "functions",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "main :: IO ()\nmain = print (foldr <|>+ 0 [1, 2])\n",
        message: "Couldn't match expected type 'Int' with actual type '[a0]'",
        after: "main :: IO ()\nmain = print (foldr (+) 0 [1, 2])\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().applies_bare {
        return;
    }
    let lexed = case.lexed();
    for at in lexed.on_line(lexed.code[case.token].line) {
        let far = AWAY * at.abs_diff(case.token) as f64;
        let handed = at.checked_sub(1).is_some_and(|before| TAKERS.contains(&lexed.word(before)));
        if lexed.kind(at) == Some(TokenKind::Op)
            && handed
            && !matches!(lexed.word(at), "$" | "." | "\\" | "=" | "::" | "`" | "<$>" | "->" | ",")
        {
            let edit = case.replace_token(at, format!("({})", lexed.word(at)));
            all.push(Candidate::new(MistakeId::MissingBracket, HANDED_ON + far, vec![edit]));
        }
        if matches!(lexed.word(at), "<=" | "<") && generates(case, at) {
            let edit = case.replace_token(at, "<-");
            all.push(Candidate::new(MistakeId::WrongMark, DRAWN + far, vec![edit]));
        }
        let last = lexed.code.get(at + 1).is_none_or(|next| next.first);
        if lexed.is(at, "return") && last && case.message.text.contains("type") {
            let edit = case.insert(lexed.code[at].end, " ()");
            all.push(Candidate::new(MistakeId::MissingArgument, GIVES_NOTHING + far, vec![edit]));
        }
        let derives = lexed.on_line(lexed.code[at].line).start..at;
        if derives.into_iter().any(|word| lexed.is(word, "deriving"))
            && let Some(class) = CLASSES.iter().find(|class| {
                class.eq_ignore_ascii_case(lexed.word(at)) && **class != lexed.word(at)
            })
        {
            let edit = case.replace_token(at, *class);
            all.push(Candidate::new(MistakeId::WrongCase, CLASS + far, vec![edit]));
        }
    }
}

/// Whether a list with `|` draws its elements here, from a pattern whose names nothing else binds.
fn generates(case: &Case, at: usize) -> bool {
    let lexed = case.lexed();
    let Some(open) = case.text.pairs.inside_of(at).filter(|open| lexed.is(*open, "[")) else {
        return false;
    };
    let part = (open..at).rev().find(|mark| matches!(lexed.word(*mark), "|" | ","));
    part.is_some_and(|part| {
        let has_bar = (open..=part).any(|mark| lexed.is(mark, "|"));
        let mut names = (part + 1..at).filter(|name| {
            lexed.kind(*name) == Some(TokenKind::Name)
                && lexed.word(*name).starts_with(|c: char| c.is_lowercase())
        });
        has_bar
            && names.any(|name| {
                case.text
                    .names
                    .seen
                    .get(lexed.word(name))
                    .is_none_or(|seen| seen.iter().all(|seen| *seen >= open))
                    || case.message.text.contains(lexed.word(name))
            })
    })
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn an_action_that_gives_nothing_back_returns_the_empty_pair() {
        check_fix(
            &FAMILY,
            "haskell",
            "main :: IO ()\nmain = case Just 3 of\n  Just n -> print n\n  Nothing -> <|>return\n",
            "Couldn't match expected type: IO () with actual type: a0 -> m0 a0",
            "main :: IO ()\nmain = case Just 3 of\n  Just n -> print n\n  Nothing -> return ()\n",
        );
    }

    #[test]
    fn a_class_is_written_with_a_capital_letter() {
        check_fix(
            &FAMILY,
            "haskell",
            "data Berth = East | West deriving <|>show\n",
            "parse error on input 'show'",
            "data Berth = East | West deriving Show\n",
        );
    }

    #[test]
    fn each_class_of_a_list_is_looked_at() {
        check_fix(
            &FAMILY,
            "haskell",
            "data Berth = East | West deriving (Eq, <|>ord)\n",
            "parse error on input 'ord'",
            "data Berth = East | West deriving (Eq, Ord)\n",
        );
    }

    #[test]
    fn a_list_draws_its_elements() {
        check_fix(
            &FAMILY,
            "haskell",
            "low :: [Int] -> [Int]\nlow tides = [<|>t | t <= tides, t < 3]\n",
            "Variable not in scope: t :: Int",
            "low :: [Int] -> [Int]\nlow tides = [t | t <- tides, t < 3]\n",
        );
    }

    #[test]
    fn an_operator_between_two_values_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "rise :: Int -> Int\nrise t = t <|>+ \"2\"\n",
            "Couldn't match expected type 'Int' with actual type '[Char]'",
        );
    }

    #[test]
    fn an_operator_in_brackets_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "main :: IO ()\nmain = print (foldr (<|>+) [] [1, 2])\n",
            "Couldn't match expected type 'Int' with actual type '[a0]'",
        );
    }

    #[test]
    fn a_return_with_a_value_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "main :: IO ()\nmain = <|>return 3\n",
            "Couldn't match type 'Integer' with '()'",
        );
    }
}
