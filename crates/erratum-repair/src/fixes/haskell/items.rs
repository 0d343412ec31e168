//! Marks and words that an item lacks or has otherwise than the items beside it: equations,
//! alternatives, constructors, steps; and brackets that must close before the next item.

use super::items_near;
use crate::fixes::brackets::doubles;
use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case, weights as w};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::{Lexed, TokenKind};
use erratum_syntax::pairs::{Odd, OddBracket, closing};
use std::ops::Range;

/// The item ends, and its bracket must close before that.
const ITEM_ENDS: Factor = evidence("the next item starts behind it", 5.0);
/// `$` takes the rest of the line without a bracket.
const BEFORE_REST: Factor = weight("what follows needs no bracket", 1.5);
/// The items beside it have another mark there.
const AS_BESIDE: Factor = evidence("the items beside it have that mark", 6.5);
/// Behind the mark of an equation stands no constraint.
const COMPARES: Factor = evidence("an equation compares there", 5.5);
/// A word opens a block of names, and nothing is named.
const NAMES_NOTHING: Factor = weight("nothing is named there", 5.5);
/// A step draws a value from an action.
const DRAWS: Factor = weight("a step draws a value", 4.0);
/// A step that names a value.
const NAMES: Factor = weight("a step names a value", 3.0);
/// The name of the action says that it reads or makes something.
const READS: Factor = weight("the action reads or makes something", 2.0);
/// What stands behind the mark is a plain value, or the signature of its function says so.
const PLAIN: Factor = weight("a plain value stands there", 4.0);
/// A branch without the word in front of it.
const LOST_ELSE: Factor = evidence("the other branch follows", 5.5);
/// Every `if` has two branches, and the first tells what the second gives.
const OTHER_BRANCH: Factor = weight("the first branch tells what the other gives", 4.5);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "items",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "low :: [Int] -> Int\nlow = sum . filter ((== 3) . abs\n\n<|>high :: Int\nhigh = 4\n",
        message: "parse error (possibly incorrect indentation or mismatched brackets)",
        after: "low :: [Int] -> Int\nlow = sum . filter ((== 3) . abs)\n\nhigh :: Int\nhigh = 4\n",
    },
};

/// How many lines above the reported one are looked at.
const REACH: u32 = 3;

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().applies_bare {
        return;
    }
    brackets(case, all);
    no_else(case, all);
    for (item, far) in items_near(case, REACH) {
        marks(case, &item, far, all);
        steps(case, &item, far, all);
        lost_else(case, &item, far, all);
    }
}

/// A bracket that is open where the next item starts closes at the end of its own.
fn brackets(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let indent = |at: usize| lexed.source.indent(lexed.code[at].line).unwrap_or(0);
    // What opens behind the place where the compiler stopped did not stop it.
    let before = |odd: &&OddBracket| odd.odd == Odd::Unclosed && odd.token <= case.token;
    for odd in case.text.pairs.odd.iter().filter(before).take(3) {
        let open = odd.token;
        let own = lexed.on_line(lexed.code[open].line).start;
        let next = (open + 1..lexed.code.len())
            .find(|at| lexed.code[*at].first && indent(*at) <= indent(own));
        let end = next.unwrap_or(lexed.code.len());
        // Names behind `where` are no part of what is in front of it.
        let end = (open + 1..end)
            .find(|at| lexed.code[*at].first && lexed.is(*at, "where"))
            .unwrap_or(end);
        if end == open + 1 || doubles(case, open, end) || lexed.opens_block(open) {
            continue;
        }
        let edit = case.insert(lexed.code[end - 1].end, closing(lexed, open));
        let score = w::INSERT + w::PAIRS_MENDED + ITEM_ENDS;
        // Of several values in the bracket, the last ones may stand behind it.
        let several = (open..end).any(|at| lexed.kind(at) == Some(TokenKind::Op));
        let close = Candidate::new(MistakeId::MissingBracket, score.clone(), vec![edit]);
        all.push(if several { close.guess() } else { close });
        // What stands in front of `$` is a value of its own: people write it to spare a bracket.
        let applied = (open + 1..end - 1)
            .find(|at| lexed.is(*at, "$") && case.text.pairs.inside_of(*at) == Some(open));
        if let Some(at) = applied.filter(|at| *at > open + 1 && !doubles(case, open, *at)) {
            let edit = case.insert(lexed.code[at - 1].end, closing(lexed, open));
            let score = score + BEFORE_REST;
            all.push(Candidate::new(MistakeId::MissingBracket, score, vec![edit]).guess());
        }
    }
}

/// The marks that part what is matched from what is given, and the constructors of a type.
fn marks(case: &Case, item: &Range<usize>, far: Factor, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if lexed.is(item.start, ",") {
        let above = above(lexed, item);
        let type_starts =
            above.clone().any(|at| lexed.is(at, "data")) || lexed.is(above.start, "=");
        if type_starts || lexed.is(above.start, "|") {
            let edit = case.replace_token(item.start, "|");
            all.push(Candidate::new(MistakeId::WrongMark, AS_BESIDE + far, vec![edit]));
        }
        return;
    }
    if top(lexed, item, "::").is_some() {
        return;
    }
    // Behind its `=`, an equation compares.
    if let (Some(named), Some(arrow)) = (top(lexed, item, "="), top(lexed, item, "=>"))
        && arrow > named
    {
        let edit = case.replace_token(arrow, ">=");
        all.push(Candidate::new(MistakeId::WrongMark, COMPARES + far, vec![edit]));
    }
    // So does a guard, before its own.
    if lexed.is(item.start, "|")
        && let (Some(named), Some(arrow)) = (top(lexed, item, "="), top(lexed, item, "=>"))
        && arrow < named
    {
        let edit = case.replace_token(arrow, ">=");
        all.push(Candidate::new(MistakeId::WrongMark, COMPARES + far, vec![edit]));
    }
    // `| deep == 3 == "low"`: the last comparison of a guard is its mark.
    let equation = siblings(lexed, item).iter().any(|beside| top(lexed, beside, "=").is_some());
    if lexed.is(item.start, "|") && top(lexed, item, "=").is_none() && equation {
        let compared = item.clone().rev().find(|at| {
            lexed.is(*at, "==")
                && case.text.pairs.inside_of(*at) == case.text.pairs.inside_of(item.start)
        });
        if let Some(at) = compared {
            let edit = case.replace_token(at, "=");
            all.push(Candidate::new(MistakeId::WrongMark, AS_BESIDE + far, vec![edit]));
        }
    }
    for (old, new) in [("=", "->"), ("->", "=")] {
        let Some(at) = top(lexed, item, old) else { continue };
        if top(lexed, item, new).is_some() || lexed.is(item.start, "let") {
            continue;
        }
        let beside = siblings(lexed, item);
        let like = |mark: &str| beside.iter().filter(|b| top(lexed, b, mark).is_some()).count();
        if like(new) > 0 && like(old) == 0 {
            let edit = case.replace_token(at, new);
            all.push(Candidate::new(MistakeId::WrongMark, AS_BESIDE + far, vec![edit]));
        }
    }
}

/// Steps of a block: `let` that names nothing, `now = readIORef it` for `now <- readIORef it`.
fn steps(case: &Case, item: &Range<usize>, far: Factor, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if lexed.source.indent(lexed.code[item.start].line) == Some(0) {
        return;
    }
    let named = top(lexed, item, "=");
    if lexed.is(item.start, "let") && named.is_none() && item.len() > 1 {
        let edit = case.delete_token(item.start);
        all.push(Candidate::new(MistakeId::ExtraWord, NAMES_NOTHING + far, vec![edit]));
    }
    let Some(at) = named.filter(|at| *at == item.start + 1) else { return };
    if lexed.kind(item.start) != Some(TokenKind::Name) {
        return;
    }
    let action = lexed.word(at + 1);
    let acts = acts(case, at + 1..item.end);
    let reads = acts != Some(false)
        && ["read", "get", "new", "load", "open"].iter().any(|start| action.starts_with(start));
    let edit = case.replace_token(at, "<-");
    let score = DRAWS + READS.when(reads || acts == Some(true)) + far;
    all.push(Candidate::new(MistakeId::WrongMark, score, vec![edit]).guess());
    let edit = case.insert(lexed.code[item.start].start, "let ");
    let score = NAMES + PLAIN.when(acts == Some(false)) + far;
    all.push(Candidate::new(MistakeId::MissingWord, score, vec![edit]).guess());
}

/// Functions of the library whose result is a plain value.
const PURE: &[&str] = &[
    "map",
    "filter",
    "length",
    "sum",
    "product",
    "foldr",
    "foldl",
    "zip",
    "zipWith",
    "concat",
    "concatMap",
    "reverse",
    "sort",
    "sortBy",
    "sortOn",
    "show",
    "read",
    "fromIntegral",
    "words",
    "unwords",
    "lines",
    "unlines",
    "take",
    "drop",
    "head",
    "tail",
    "last",
    "maximum",
    "minimum",
    "replicate",
    "lookup",
    "fst",
    "snd",
    "not",
    "and",
    "or",
    "all",
    "any",
    "div",
    "mod",
    "round",
];

/// Whether what stands behind a mark is an action: what its own signature or the library says of it.
fn acts(case: &Case, value: Range<usize>) -> Option<bool> {
    let lexed = case.lexed();
    let head = value.start;
    let outer = |at: &usize| case.text.pairs.inside_of(*at) == case.text.pairs.inside_of(head);
    let computed = value
        .clone()
        .filter(outer)
        .any(|at| matches!(lexed.word(at), "+" | "-" | "*" | "/" | "++" | "&&" | "||"));
    let literal =
        matches!(lexed.kind(head), Some(TokenKind::Number | TokenKind::Str | TokenKind::Char))
            || lexed.is(head, "[");
    if computed || literal || PURE.contains(&lexed.word(head)) {
        return Some(false);
    }
    let (first, last) = case.text.names.of(lexed.word(head)).find_map(|own| own.typed)?;
    let depth = case.text.pairs.inside_of(first);
    let mut arrows =
        (first..=last).filter(|at| lexed.is(*at, "->") && case.text.pairs.inside_of(*at) == depth);
    let result = arrows.next_back().map_or(first, |arrow| arrow + 1);
    // Any other type with a value may be that of an action, too.
    match lexed.word(result) {
        "IO" => Some(true),
        "Maybe" | "Either" | "State" | "Reader" | "Writer" => None,
        word if word.starts_with(char::is_lowercase) => None,
        _ => Some(false),
    }
}

/// `then` on one line, and the other branch on the next without its `else`.
fn lost_else(case: &Case, item: &Range<usize>, far: Factor, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let before = above(lexed, item);
    let same = lexed.source.indent(lexed.code[item.start].line)
        == before.clone().next().and_then(|at| lexed.source.indent(lexed.code[at].line));
    if same && lexed.is(before.start, "then") && !lexed.is(item.start, "else") {
        let edit = case.insert(lexed.code[item.start].start, "else ");
        all.push(Candidate::new(MistakeId::MissingWord, LOST_ELSE + far, vec![edit]));
    }
}

/// An `if` without its `else`, where what stands behind `then` tells what the other branch gives.
fn no_else(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // The item ends before the reported place.
    let Some(last) = case.token.checked_sub(1) else { return };
    let column = |at: usize| lexed.source.indent(lexed.code[at].line).unwrap_or(0);
    let start = (0..=last).rev().find(|at| lexed.code[*at].first && column(*at) == 0);
    let item = start.unwrap_or(0)..last + 1;
    let Some(then) = item.clone().rev().find(|at| lexed.is(*at, "then")) else { return };
    let ended = (then..item.end).any(|at| lexed.is(at, "else"));
    let value = match lexed.word(then + 1) {
        "True" => "False",
        "False" => "True",
        "print" | "putStrLn" | "putStr" | "return" => "return ()",
        _ => return,
    };
    if !ended && lexed.code.get(last + 1).is_some_and(|next| next.first) {
        let edit = case.insert(lexed.code[last].end, format!(" else {value}"));
        all.push(Candidate::new(MistakeId::MissingWord, OTHER_BRANCH, vec![edit]).guess());
    }
}

/// The tokens of the line of code above an item.
fn above(lexed: &Lexed, item: &Range<usize>) -> Range<usize> {
    match item.start.checked_sub(1) {
        Some(last) => lexed.on_line(lexed.code[last].line),
        None => 0..0,
    }
}

/// A mark of an item that stands in no bracket.
fn top(lexed: &Lexed, item: &Range<usize>, mark: &str) -> Option<usize> {
    let mut depth = 0;
    item.clone().find(|at| {
        match lexed.kind(*at) {
            Some(TokenKind::Open) => depth += 1,
            Some(TokenKind::Close) => depth -= 1,
            _ => {}
        }
        depth == 0 && lexed.is(*at, mark)
    })
}

/// The lines next to an item that start in the same column, up to where its block ends.
fn siblings(lexed: &Lexed, item: &Range<usize>) -> Vec<Range<usize>> {
    let line = lexed.code[item.start].line;
    let column = lexed.source.indent(line);
    let mut all = Vec::new();
    let mut look = |lines: &mut dyn Iterator<Item = u32>| {
        for line in lines {
            let other = lexed.on_line(line);
            let Some(indent) = lexed.source.indent(line).filter(|_| !other.is_empty()) else {
                continue;
            };
            match Some(indent).cmp(&column) {
                std::cmp::Ordering::Less => break,
                std::cmp::Ordering::Equal if column == Some(0) => {
                    // At the left edge only the equations of one name belong together.
                    if lexed.word(other.start) != lexed.word(item.start) {
                        break;
                    }
                    if top(lexed, &other, "::").is_none() {
                        all.push(other);
                    }
                }
                std::cmp::Ordering::Equal => all.push(other),
                std::cmp::Ordering::Greater => {}
            }
        }
    };
    look(&mut (1..line).rev().take(12));
    look(&mut (line + 1..=lexed.source.line_count()).take(12));
    all
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    const STOPS: &str = "parse error on input '='";

    #[test]
    fn a_bracket_closes_before_what_needs_none() {
        check_fix(
            &FAMILY,
            "haskell",
            "import Control.Monad\nmain :: IO ()\nmain = do\n  when (length \"a\" > 3 $ putStrLn \"low\"\n  <|>print 3\n",
            "parse error (possibly incorrect indentation or mismatched brackets)",
            "import Control.Monad\nmain :: IO ()\nmain = do\n  when (length \"a\" > 3) $ putStrLn \"low\"\n  print 3\n",
        );
    }

    #[test]
    fn a_guard_compares_before_its_mark() {
        check_fix(
            &FAMILY,
            "haskell",
            "rise :: Int -> Int\nrise t\n  | t <|>=> 3 = 4\n  | otherwise = 5\n",
            "parse error on input '=>'",
            "rise :: Int -> Int\nrise t\n  | t >= 3 = 4\n  | otherwise = 5\n",
        );
    }

    #[test]
    fn an_alternative_has_an_arrow_as_those_beside_it() {
        check_fix(
            &FAMILY,
            "haskell",
            "low :: Int -> Int\nlow t = case t of\n  0 -> 1\n  1 <|>= 2\n  _ -> t\n",
            STOPS,
            "low :: Int -> Int\nlow t = case t of\n  0 -> 1\n  1 -> 2\n  _ -> t\n",
        );
    }

    #[test]
    fn an_equation_has_its_mark_as_those_beside_it() {
        check_fix(
            &FAMILY,
            "haskell",
            "low :: Int -> Int\nlow 0 = 1\nlow t <|>-> t\n",
            "parse error on input '->'",
            "low :: Int -> Int\nlow 0 = 1\nlow t = t\n",
        );
    }

    #[test]
    fn the_last_comparison_of_a_guard_is_its_mark() {
        check_fix(
            &FAMILY,
            "haskell",
            "low :: Int -> String\nlow t\n  | t > 3 == \"deep\"\n  <|>| otherwise = \"low\"\n",
            "parse error on input '|'",
            "low :: Int -> String\nlow t\n  | t > 3 = \"deep\"\n  | otherwise = \"low\"\n",
        );
    }

    #[test]
    fn constructors_are_parted_by_bars() {
        check_fix(
            &FAMILY,
            "haskell",
            "data Area\n  = Pier Double\n  <|>, Basin Double\n",
            "parse error on input ','",
            "data Area\n  = Pier Double\n  | Basin Double\n",
        );
    }

    #[test]
    fn a_step_draws_its_value() {
        check_fix(
            &FAMILY,
            "haskell",
            "main :: IO ()\nmain = do\n  now <|>= getLine\n  putStrLn now\n",
            STOPS,
            "main :: IO ()\nmain = do\n  now <- getLine\n  putStrLn now\n",
        );
    }

    #[test]
    fn a_word_that_names_nothing_goes() {
        check_fix(
            &FAMILY,
            "haskell",
            "main :: IO ()\nmain = do\n  let putStrLn \"low\"\n  <|>print 3\n",
            "parse error (possibly incorrect indentation or mismatched brackets)",
            "main :: IO ()\nmain = do\n  putStrLn \"low\"\n  print 3\n",
        );
    }

    #[test]
    fn the_other_branch_has_its_word() {
        check_fix(
            &FAMILY,
            "haskell",
            "low :: Int -> Int\nlow t =\n  if t < 3\n    then 0\n    <|>t\n",
            "parse error (possibly incorrect indentation or mismatched brackets)",
            "low :: Int -> Int\nlow t =\n  if t < 3\n    then 0\n    else t\n",
        );
    }

    #[test]
    fn every_if_has_two_branches() {
        check_fix(
            &FAMILY,
            "haskell",
            "low :: Int -> Bool\nlow t = if t < 3 then True\n\n<|>high :: Int\nhigh = 4\n",
            "parse error (possibly incorrect indentation or mismatched brackets)",
            "low :: Int -> Bool\nlow t = if t < 3 then True else False\n\nhigh :: Int\nhigh = 4\n",
        );
    }

    #[test]
    fn what_the_other_branch_gives_is_not_made_up() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "low :: Int -> Int\nlow t = if t < 3 then t\n\n<|>high :: Int\nhigh = 4\n",
            "parse error (possibly incorrect indentation or mismatched brackets)",
        );
    }

    #[test]
    fn an_alternative_among_others_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "low :: Int -> Int\nlow t = case t of\n  0 -> 1\n  <|>_ -> t)\n",
            "parse error on input ')'",
        );
    }

    #[test]
    fn a_type_error_is_for_others() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "low :: Int -> Int\nlow t = <|>\"t\"\n",
            "Couldn't match expected type 'Int' with actual type '[Char]'",
        );
    }
}
