//! What the head of a declaration, a guard or a function without a name lacks or has in the form of
//! another language: `fare : Int`, `deriving Show Eq`, `| else = 3`, `\tide = tide`.

use super::items_near;
use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::{Lexed, TokenKind};
use std::ops::Range;

/// A name, one colon, and a type behind it.
const SIGNATURE: Factor = evidence("a type stands behind the mark", 6.0);
/// Several classes are derived.
const CLASSES: Factor = evidence("several classes stand in brackets", 6.0);
/// A guard that always holds.
const ALWAYS: Factor = evidence("a guard that always holds", 6.0);
/// A function without a name has an arrow before its value.
const FUNCTION: Factor = evidence("a function without a name has an arrow", 6.0);
/// A name, what it takes, and a word that only a value starts with.
const VALUE_STARTS: Factor = weight("a value starts there", 5.0);
/// An item of a list is drawn.
const DRAWN: Factor = evidence("an item is drawn from a list there", 7.0);
/// What a class or an instance has stands behind `where`.
const MEMBERS: Factor = evidence("the members of a class stand below", 8.5);
/// A comma in no bracket.
const PAIR: Factor = evidence("a comma stands in no bracket", 5.5);
/// The signature says that a pair is wrapped.
const WRAPPED_PAIR: Factor = evidence("the signature says that a pair is wrapped", 8.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "heads",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "class Paid a where\n  fare : a <|>-> Int\n",
        message: "parse error on input '->'",
        after: "class Paid a where\n  fare :: a -> Int\n",
    },
};

/// How many lines above the reported one are looked at.
const REACH: u32 = 2;

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().applies_bare {
        return;
    }
    for (item, far) in items_near(case, REACH) {
        signature(case, &item, far, all);
        derived(case, &item, far, all);
        guard(case, &item, far, all);
        function(case, &item, far, all);
        lost_mark(case, &item, far, all);
        bare_pair(case, &item, far, all);
        drawn(case, &item, far, all);
        lost_where(case, &item, far, all);
    }
}

/// `instance Signal Lamp`: deeper lines stand below the head of a class or an instance, and no `where`.
fn lost_where(case: &Case, item: &Range<usize>, far: Factor, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let indent = |at: usize| lexed.code.get(at).and_then(|one| lexed.source.indent(one.line));
    let head = matches!(lexed.word(item.start), "class" | "instance");
    let ended = item.clone().any(|at| matches!(lexed.word(at), "where" | "=" | "::"));
    let deeper = indent(item.end).is_some_and(|below| Some(below) > indent(item.start));
    let member = lexed.kind(item.end) == Some(TokenKind::Name) || lexed.is(item.end, "(");
    if head && !ended && deeper && member {
        let edit = case.insert(lexed.code[item.end - 1].end, " where");
        all.push(Candidate::new(MistakeId::MissingWord, MEMBERS + far, vec![edit]));
    }
}

/// `[low | low = tides]`: an item of a list is drawn by an arrow.
fn drawn(case: &Case, item: &Range<usize>, far: Factor, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    for mark in item.clone().filter(|at| matches!(lexed.word(*at), "=" | "in" | "->")) {
        let Some(open) = case.text.pairs.inside_of(mark).filter(|open| lexed.is(*open, "[")) else {
            continue;
        };
        let own = |at: &usize| case.text.pairs.inside_of(*at) == Some(open);
        let bar = (open + 1..mark).filter(own).any(|at| lexed.is(at, "|"));
        let named = (open + 1..mark).filter(own).any(|at| lexed.is(at, "let"));
        if bar && !named {
            let edit = case.replace_token(mark, "<-");
            all.push(Candidate::new(MistakeId::WrongMark, DRAWN + far, vec![edit]));
        }
    }
}

/// `print low, high`: values with a comma between them stand in brackets.
fn bare_pair(case: &Case, item: &Range<usize>, far: Factor, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let outer = |at: &usize| case.text.pairs.inside_of(*at).is_none();
    let comma = item.clone().find(|at| lexed.is(*at, ",") && outer(at));
    let Some(comma) = comma.filter(|at| *at > item.start && *at + 1 < item.end) else { return };
    // Guards and the members of a class have commas of their own.
    let other = |at: usize| matches!(lexed.word(at), "|" | "::" | "deriving" | "where" | "import");
    if item.clone().any(other) || !case.text.pairs.odd.is_empty() {
        return;
    }
    let marks = |at: &usize| outer(at) && matches!(lexed.word(*at), "=" | "->" | "<-" | "$");
    let start = (item.start..comma).rev().find(marks);
    // Without a mark before it, the first name is the function that takes the pair.
    let first = match start {
        Some(mark) => mark + 1,
        None if lexed.kind(item.start) == Some(TokenKind::Name) => item.start + 1,
        None => return,
    };
    // `Just x, rest` where the signature says `Maybe (Int, [Int])`: the pair is what is wrapped.
    let wraps = matches!(lexed.word(first), "Just" | "Right" | "Left" | "return" | "pure");
    if wraps && first + 1 < comma && gives_wrapped_pair(case, lexed.word(item.start)) {
        let open = case.insert(lexed.code[first + 1].start, "(");
        let close = case.insert(lexed.code[item.end - 1].end, ")");
        let edits = vec![open, close];
        all.push(Candidate::new(MistakeId::MissingBracket, WRAPPED_PAIR + far, edits).guess());
    }
    if first < comma {
        let open = case.insert(lexed.code[first].start, "(");
        let close = case.insert(lexed.code[item.end - 1].end, ")");
        all.push(Candidate::new(MistakeId::MissingBracket, PAIR + far, vec![open, close]).guess());
    }
}

/// Whether the signature of a function says that a pair is wrapped in what it gives: `Maybe (Int, [Int])`.
fn gives_wrapped_pair(case: &Case, name: &str) -> bool {
    let lexed = case.lexed();
    let typed = case.text.names.of(name).find_map(|one| one.typed);
    let open = typed.and_then(|(_, last)| case.text.pairs.partner_of(last).filter(|at| *at < last));
    open.is_some_and(|open| lexed.before(open).starts_with(char::is_uppercase))
}

/// `fare : Int`: the type of a name stands behind two colons.
fn signature(case: &Case, item: &Range<usize>, far: Factor, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let field = usize::from(matches!(lexed.word(item.start), "{" | ","));
    let mark = item.start + field + 1;
    let name = lexed.kind(mark - 1) == Some(TokenKind::Name);
    if !name || !lexed.is(mark, ":") || mark + 1 >= item.end {
        return;
    }
    let behind = &lexed.code[mark + 1..item.end];
    let of_types = behind.iter().any(|token| {
        let word = lexed.text(token);
        word == "->" || word.starts_with(char::is_uppercase)
    });
    let binds = behind.iter().any(|token| matches!(lexed.text(token), "=" | "<-"));
    if of_types && !binds {
        let edit = case.replace_token(mark, "::");
        all.push(Candidate::new(MistakeId::WrongMark, SIGNATURE + far, vec![edit]));
    }
}

/// `deriving Show Eq`, `deriving Show, Eq`: several classes stand in brackets, with `,` between them.
fn derived(case: &Case, item: &Range<usize>, far: Factor, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(word) = item.clone().find(|at| lexed.is(*at, "deriving")) else { return };
    let classes = word + 1..item.end;
    let named = |at: usize| lexed.word(at).starts_with(char::is_uppercase);
    if !classes.clone().all(|at| named(at) || lexed.is(at, ",")) {
        return;
    }
    let names: Vec<usize> = classes.filter(|at| named(*at)).collect();
    let (Some(first), Some(last), true) = (names.first(), names.last(), names.len() > 1) else {
        return;
    };
    let mut edits = vec![case.insert(lexed.code[*first].start, "(")];
    for two in names.windows(2) {
        if two[0] + 1 == two[1] {
            edits.push(case.insert(lexed.code[two[0]].end, ","));
        }
    }
    edits.push(case.insert(lexed.code[*last].end, ")"));
    all.push(Candidate::new(MistakeId::MissingBracket, CLASSES + far, edits));
}

/// `| else = 3`: the guard that always holds is a name here.
fn guard(case: &Case, item: &Range<usize>, far: Factor, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let mark = (item.start..item.end).find(|at| lexed.is(*at, "|"));
    let Some(at) = mark.map(|mark| mark + 1) else { return };
    let value = lexed.is(at + 1, "=") || lexed.is(at + 1, "->");
    // What always holds is followed by its value.
    if lexed.is(at, "otherwise")
        && !value
        && at + 1 < item.end
        && lexed.code[at + 1].line == lexed.code[at].line
        && !lexed.is(at + 1, ",")
    {
        let edit = case.insert(lexed.code[at].end, " =");
        all.push(Candidate::new(MistakeId::MissingMark, ALWAYS + far, vec![edit]));
    }
    if value && matches!(lexed.word(at), "else" | "default" | "otherwize" | "_") {
        let edit = case.replace_token(at, "otherwise");
        all.push(Candidate::new(MistakeId::ForeignWord, ALWAYS + far, vec![edit]));
    }
}

/// `\tide = tide + 1`: a function without a name gives its value behind an arrow.
fn function(case: &Case, item: &Range<usize>, far: Factor, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    for start in item.clone().filter(|at| lexed.is(*at, "\\")) {
        let taken = |at: &usize| {
            matches!(lexed.kind(*at), Some(TokenKind::Name | TokenKind::Open | TokenKind::Close))
                || matches!(lexed.word(*at), "," | "_")
        };
        let mark = start + 1 + (start + 1..item.end).take_while(taken).count();
        if mark > start + 1 && matches!(lexed.word(mark), "=" | "=>" | ":" | ".") {
            let edit = case.replace_token(mark, "->");
            all.push(Candidate::new(MistakeId::WrongMark, FUNCTION + far, vec![edit]));
        }
    }
}

/// `fare tide if tide > 3 then 4 else 5`: an equation without its `=`.
fn lost_mark(case: &Case, item: &Range<usize>, far: Factor, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let starts = |at: &usize| matches!(lexed.word(*at), "if" | "case" | "do" | "let");
    let Some(value) = item.clone().skip(1).find(starts) else { return };
    let head = item.start..value;
    if lexed.kind(item.start) != Some(TokenKind::Name)
        || !is_head(lexed, &head)
        || !alone(lexed, item)
    {
        return;
    }
    let edit = case.insert(lexed.code[value - 1].end, " =");
    all.push(Candidate::new(MistakeId::MissingMark, VALUE_STARTS + far, vec![edit]));
}

/// Whether a name and what it takes may stand there: no operator, and no mark that parts them from a
/// value.
fn is_head(lexed: &Lexed, head: &Range<usize>) -> bool {
    let small = lexed.word(head.start).starts_with(char::is_lowercase);
    let taken = |at: usize| {
        matches!(
            lexed.kind(at),
            Some(TokenKind::Name | TokenKind::Number | TokenKind::Open | TokenKind::Close)
        ) || matches!(lexed.word(at), "_" | "," | ":")
    };
    small && head.clone().all(taken)
}

/// Whether an item is an equation: it stands at the left edge, or in a block of declarations.
fn alone(lexed: &Lexed, item: &Range<usize>) -> bool {
    let indent = |at: usize| lexed.source.indent(lexed.code[at].line).unwrap_or(0);
    let own = indent(item.start);
    let outer = (0..item.start).rev().find(|at| lexed.code[*at].first && indent(*at) < own);
    outer.is_none_or(|outer| {
        let line = lexed.on_line(lexed.code[outer].line);
        line.clone().next_back().is_some_and(|last| lexed.is(last, "where"))
    })
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_among, check_fix, check_no_fix};

    #[test]
    fn a_pair_that_is_wrapped_stands_in_its_own_brackets() {
        check_among(
            &FAMILY,
            "haskell",
            "pop :: [Int] -> Maybe (Int, [Int])\npop (x:xs) = Just x<|>, xs\n",
            "parse error on input ','",
            "pop :: [Int] -> Maybe (Int, [Int])\npop (x:xs) = Just (x, xs)\n",
        );
    }

    #[test]
    fn an_item_of_a_list_is_drawn() {
        check_fix(
            &FAMILY,
            "haskell",
            "all :: [(Int, Int)] -> [Int]\nall ts = [ a + b | (a, b) <|>= ts, a > b ]\n",
            "parse error on input '='",
            "all :: [(Int, Int)] -> [Int]\nall ts = [ a + b | (a, b) <- ts, a > b ]\n",
        );
    }

    #[test]
    fn a_comma_stands_in_brackets() {
        check_fix(
            &FAMILY,
            "haskell",
            "main :: IO ()\nmain = do\n  print length [3]<|>, 4\n",
            "parse error on input ','",
            "main :: IO ()\nmain = do\n  print (length [3], 4)\n",
        );
    }

    #[test]
    fn several_classes_are_derived_in_brackets() {
        check_fix(
            &FAMILY,
            "haskell",
            "data Berth = Outer | Inner\n  deriving Show <|>Eq\n",
            "parse error on input 'Eq'",
            "data Berth = Outer | Inner\n  deriving (Show, Eq)\n",
        );
    }

    #[test]
    fn classes_with_a_comma_lost_only_their_brackets() {
        check_fix(
            &FAMILY,
            "haskell",
            "data Berth = Outer | Inner deriving Show<|>, Eq\n",
            "parse error on input ','",
            "data Berth = Outer | Inner deriving (Show, Eq)\n",
        );
    }

    #[test]
    fn the_last_guard_always_holds() {
        check_fix(
            &FAMILY,
            "haskell",
            "rise :: Int -> Int\nrise t\n  | t > 3 = 4\n  | <|>else = 5\n",
            "parse error on input 'else'",
            "rise :: Int -> Int\nrise t\n  | t > 3 = 4\n  | otherwise = 5\n",
        );
    }

    #[test]
    fn a_function_without_a_name_has_an_arrow() {
        check_fix(
            &FAMILY,
            "haskell",
            "up :: [(Int, Int)] -> [Int]\nup = map (\\(low, high) <|>=> high - low)\n",
            "parse error on input '=>'",
            "up :: [(Int, Int)] -> [Int]\nup = map (\\(low, high) -> high - low)\n",
        );
    }

    #[test]
    fn an_equation_lost_its_mark() {
        check_fix(
            &FAMILY,
            "haskell",
            "rise :: Int -> Int\nrise t <|>if t > 3 then 4 else 5\n",
            "parse error on input 'if'",
            "rise :: Int -> Int\nrise t = if t > 3 then 4 else 5\n",
        );
    }

    #[test]
    fn a_step_is_no_equation() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "main :: IO ()\nmain = do\n  print <|>if True then 3\n",
            "parse error (possibly incorrect indentation or mismatched brackets)",
        );
    }

    #[test]
    fn what_joins_a_list_is_no_signature() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "all :: [Int] -> [Int]\nall t =\n  low : t <|>)\n",
            "parse error on input ')'",
        );
    }
}
