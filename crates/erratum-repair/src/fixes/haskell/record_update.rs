//! `s { years + 1 }`: a field that is set is named, and so is the value that it had. `ys, zs = f xs`: two names of
//! one value stand in brackets.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The field is computed from what it was.
const FROM_OLD: Factor = evidence("the field is computed from what it was", 9.0);
/// Several names are given the parts of one value.
const PARTS: Factor = evidence("several names are given the parts of one value", 9.0);
/// The marks of a comparison stand the other way round.
const TURNED: Factor = evidence("the marks of a comparison stand the other way round", 9.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "record-update",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "data Sailor = Sailor { years :: Int }\n\nolder :: Sailor -> Sailor\nolder s = s { years <|>+ 1 }\n",
        message: "parse error on input '+'",
        after: "data Sailor = Sailor { years :: Int }\n\nolder :: Sailor -> Sailor\nolder s = s { years = years s + 1 }\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().applies_bare || !case.message.text.starts_with("parse error") {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for open in line.clone().filter(|at| lexed.is(*at, "{") && *at > line.start) {
        let (object, field, mark) = (open - 1, open + 1, open + 2);
        let computes = matches!(lexed.word(mark), "+" | "-" | "*" | "++" | "/");
        let named = [object, field].iter().all(|at| lexed.kind(*at) == Some(TokenKind::Name));
        if computes && named {
            let text = format!("{0} = {0} {1}", lexed.word(field), lexed.word(object));
            let edit = case.replace_token(field, text);
            all.push(Candidate::new(MistakeId::MissingMark, FROM_OLD, vec![edit]).guess());
        }
    }
    if let Some(turned) = line.clone().find(|at| lexed.is(*at, "=>")) {
        let signature =
            line.clone().any(|at| matches!(lexed.word(at), "::" | "class" | "instance"));
        let value = matches!(lexed.kind(turned + 1), Some(TokenKind::Number | TokenKind::Name));
        if !signature && value {
            let edit = case.replace_token(turned, ">=");
            all.push(Candidate::new(MistakeId::ForeignMark, TURNED, vec![edit]).guess());
        }
    }
    // Behind `where` or `let`, or alone on its line.
    let mark = line.clone().find(|at| lexed.is(*at, "=") || lexed.is(*at, "<-"));
    let Some(mark) = mark else { return };
    let start = (line.start..mark).rev().find(|at| matches!(lexed.word(*at), "where" | "let"));
    let first = start.map_or(line.start, |word| word + 1);
    let names = (first..mark).all(|at| match (at - first) % 2 {
        0 => lexed.kind(at) == Some(TokenKind::Name),
        _ => lexed.is(at, ","),
    });
    if names && mark > first + 2 && (mark - first) % 2 == 1 {
        let edits = vec![
            case.insert(lexed.code[first].start, "("),
            case.insert(lexed.code[mark - 1].end, ")"),
        ];
        all.push(Candidate::new(MistakeId::MissingBracket, PARTS, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn the_parts_of_a_value_stand_in_brackets() {
        check_fix(
            &FAMILY,
            "haskell",
            "parts :: [Int] -> Int\nparts xs = length ys\n  where ys, zs <|>= splitAt 2 xs\n",
            "parse error on input '='",
            "parts :: [Int] -> Int\nparts xs = length ys\n  where (ys, zs) = splitAt 2 xs\n",
        );
    }

    #[test]
    fn a_comparison_is_turned() {
        check_fix(
            &FAMILY,
            "haskell",
            "old :: [Int] -> [Int]\nold xs = filter (\\y -> y <|>=> 3) xs\n",
            "parse error on input '=>'",
            "old :: [Int] -> [Int]\nold xs = filter (\\y -> y >= 3) xs\n",
        );
    }

    #[test]
    fn the_arrow_of_a_signature_is_left() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "old :: Ord a => [a] -> <|>= [a]\n",
            "parse error on input '='",
        );
    }
}
