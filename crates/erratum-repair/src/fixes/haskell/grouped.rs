//! What belongs together: `print largest areas` for `print (largest areas)`, a value that a function
//! still lacks, and a function between its two values without its backquotes.

use super::application;
use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::{Declared, NameKind};
use std::ops::Range;

/// A function stands among the values of another, with its own values behind it.
const GROUP: Factor = weight("a function stands among the values of another", 3.0);
/// The function takes just as many values as are put together.
const TAKES: Factor = evidence("it takes as many values as stand there", 3.0);
/// It takes more values or less.
const TAKES_OTHERS: Factor = weight("it takes more values or less", -2.5);
/// The message says that a function is given too many values, or too few.
const COUNTED: Factor = weight("the message counts the values", 1.0);
/// The function takes one more value, and a name of the equation is used nowhere else.
const WAITS: Factor = weight("a name of the equation waits for this use", 4.0);
/// A name of the equation that is used elsewhere, too.
const AT_HAND: Factor = weight("a name of the equation is at hand", 1.5);
/// A function stands between two values, of which the first is no function.
const BETWEEN: Factor = evidence("a function stands between its two values", 5.5);

/// What is put together with a dot is handed on as one function.
const COMPOSED: Factor = evidence("what is put together is handed on as one function", 5.0);
/// A text or an action is no number.
const COMPUTED: Factor = evidence("with a text nothing can be computed", 6.0);
/// A text stands beside the mark.
const JOINED: Factor = evidence("a text stands beside the mark", 6.0);
/// A constructor stands before its values in a pattern.
const ONE_PATTERN: Factor = evidence("a constructor and its values are one pattern", 6.0);
/// The constructor takes no values, and its equation uses none of them.
const TAKES_NONE: Factor = evidence("the constructor takes no values", 5.0);
/// The word stands between two conditions, as in other languages.
const CONJUNCTION: Factor = evidence("the word stands between two values", 5.0);

/// A mark stands right before a number, and not beside what is before it.
const NEGATIVE: Factor = weight("a number below zero stands among the values", 7.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "grouped",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "rise :: Int -> Int\nrise t = t + 1\n\nmain :: IO ()\nmain = <|>print rise 3\n",
        message: "Couldn't match expected type 't0 -> IO ()' with actual type 'IO ()'",
        after: "rise :: Int -> Int\nrise t = t + 1\n\nmain :: IO ()\nmain = print (rise 3)\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().applies_bare {
        return;
    }
    patterns(case, all);
    conjunctions(case, all);
    if case.message.text.contains("Num ") || case.message.text.contains("[Char]") {
        joined(case, all);
    }
    let said = &case.message.text;
    if !said.contains("type") && !said.starts_with("No instance for (Num ") {
        return;
    }
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let mut at = line.start;
    while at < line.end {
        let applied = application(case, at, line.end);
        if applied.len() > 1 {
            groups(case, &applied, all);
            computed(case, &applied, line.end, all);
            negative(case, &applied, all);
            between(case, &applied, all);
            composed(case, &applied, line.end, all);
        }
        lacking(case, &applied, all);
        // In a bracket stand applications of their own.
        let bracket = lexed.kind(at) == Some(TokenKind::Open);
        let name = applied.first().filter(|_| !bracket);
        at = name.map_or(at, |first| first.end.saturating_sub(1)) + 1;
    }
}

/// The name of a part that may be a function.
fn function<'a>(case: &'a Case, part: &Range<usize>) -> Option<&'a str> {
    let lexed = case.lexed();
    let name = part.end.checked_sub(1)?;
    let word = lexed.word(name);
    let small = word.starts_with(|letter: char| letter.is_lowercase());
    // A field of a record is a function of it.
    let functions = [NameKind::Function, NameKind::Member];
    let own = case.text.names.of(word).any(|declared| functions.contains(&declared.kind));
    // The library lists its functions as values.
    let known = case.language().known_names().any(|(name, _)| name == word);
    let qualified = part.len() == 3;
    let imported = case.text.names.seen.get(word).is_some_and(|seen| {
        seen.iter().any(|at| {
            let line = lexed.on_line(lexed.code[*at].line);
            lexed.is(line.start, "import")
        })
    });
    let is_function = own || known || qualified || imported;
    (lexed.kind(name) == Some(TokenKind::Name) && small && is_function).then_some(word)
}

/// How many values a constructor takes that a `data` of the file declares.
fn constructor(case: &Case, part: &Range<usize>) -> Option<usize> {
    let lexed = case.lexed();
    let word = lexed.word(part.start);
    if part.len() != 1 || !word.starts_with(|letter: char| letter.is_uppercase()) {
        return None;
    }
    let seen = case.text.names.seen.get(word)?;
    let declared = seen.iter().copied().find(|at| {
        let head = lexed.code[..*at]
            .iter()
            .rposition(|token| token.first && lexed.source.indent(token.line) == Some(0));
        let of_data = head.is_some_and(|head| matches!(lexed.word(head), "data" | "newtype"));
        of_data && matches!(lexed.before(*at), "=" | "|")
    })?;
    if lexed.is(declared + 1, "{") {
        let close = case.text.pairs.partner_of(declared + 1)?;
        return Some((declared + 1..close).filter(|at| lexed.is(*at, "::")).count());
    }
    let ends = |at: &usize| {
        lexed.is(*at, "|")
            || lexed.is(*at, "deriving")
            || lexed.code[*at].first && lexed.source.indent(lexed.code[*at].line) == Some(0)
    };
    let end = (declared + 1..lexed.code.len()).find(ends).unwrap_or(lexed.code.len());
    Some(application(case, declared + 1, end).len())
}

/// How many values a function takes, if its signature stands in the file.
fn arity(case: &Case, name: &str) -> Option<usize> {
    let lexed = case.lexed();
    let typed = |declared: &Declared| Some((declared.typed?, declared.kind));
    let ((first, last), kind) = case.text.names.of(name).find_map(typed)?;
    let outer = |at: &usize| case.text.pairs.inside_of(*at) == case.text.pairs.inside_of(first);
    let record = usize::from(kind == NameKind::Member);
    Some(record + (first..=last).filter(outer).filter(|at| lexed.is(*at, "->")).count())
}

/// Brackets around a function and the values behind it.
fn groups(case: &Case, applied: &[Range<usize>], all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let counted = case.message.text.contains("applied to")
        || case.message.notes.iter().any(|note| note.text.contains("applied to"));
    for (index, part) in applied.iter().enumerate().skip(1) {
        let constructor = constructor(case, part);
        if constructor == Some(0) {
            continue;
        }
        let name = function(case, part);
        if name.is_none() && constructor.is_none() {
            continue;
        }
        let takes = constructor.or_else(|| arity(case, name?));
        for (last, end) in applied.iter().enumerate().skip(index + 1) {
            let fits = takes.map(|takes| takes == last - index);
            let score = GROUP
                + TAKES.when(fits == Some(true))
                + TAKES_OTHERS.when(fits == Some(false))
                + COUNTED.when(counted);
            let edits = vec![
                case.insert(lexed.code[part.start].start, "("),
                case.insert(lexed.code[end.end - 1].end, ")"),
            ];
            let group = Candidate::new(MistakeId::MissingBracket, score, edits);
            // Where neither a signature nor the message counts the values, others may belong together.
            let clear = fits == Some(true) && (constructor.is_none() || counted);
            all.push(if clear { group } else { group.guess() });
        }
    }
}

/// `Berth Ferry -1`: a number below zero among the values of a function stands in brackets. It is read as
/// a difference otherwise.
fn negative(case: &Case, applied: &[Range<usize>], all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(mark) = applied.last().map(|part| part.end).filter(|at| lexed.is(*at, "-")) else {
        return;
    };
    let (Some(token), Some(number)) = (lexed.code.get(mark), lexed.code.get(mark + 1)) else {
        return;
    };
    let before = lexed.code[mark - 1].end;
    let tight = token.end == number.start && token.start > before;
    if tight && lexed.kind(mark + 1) == Some(TokenKind::Number) {
        let edits = vec![case.insert(token.start, "("), case.insert(number.end, ")")];
        all.push(Candidate::new(MistakeId::MissingBracket, NEGATIVE, edits).guess());
    }
}

/// `show low + high`: with a text or an action nothing can be computed, so the sum belongs together.
fn computed(case: &Case, applied: &[Range<usize>], end: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let [head, first, ..] = applied else { return };
    let shows = |at: usize| matches!(lexed.word(at), "show" | "print");
    if !shows(head.start) {
        return;
    }
    let mut last = applied.last().map_or(first.end, |part| part.end);
    let mut marks = 0;
    while last < end && matches!(lexed.word(last), "+" | "-" | "*" | "/" | "`div`" | "`mod`") {
        let behind = application(case, last + 1, end);
        let Some(part) = behind.last() else { return };
        last = part.end;
        marks += 1;
    }
    let sum = first.start..last;
    let text = sum.clone().any(|at| lexed.kind(at) == Some(TokenKind::Str) || shows(at));
    if marks > 0 && !text {
        let edits = vec![
            case.insert(lexed.code[sum.start].start, "("),
            case.insert(lexed.code[sum.end - 1].end, ")"),
        ];
        // Two texts may have been meant to be joined.
        all.push(Candidate::new(MistakeId::MissingBracket, COMPUTED, edits).guess());
    }
}

/// `"total " + show total`: two texts are joined by another mark than two numbers.
fn joined(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let text = |at: usize| lexed.kind(at) == Some(TokenKind::Str) || lexed.is(at, "show");
    let line = lexed.on_line(lexed.code[case.token].line);
    let sums = line
        .filter(|at| lexed.is(*at, "+") && (text(at + 1) || at.checked_sub(1).is_some_and(text)));
    let edits: Vec<Edit> = sums.map(|at| case.replace_token(at, "++")).collect();
    if !edits.is_empty() {
        all.push(Candidate::new(MistakeId::ForeignMark, JOINED, edits));
    }
}

/// `map trim . words text`: what is put together and handed on stands in brackets.
fn composed(case: &Case, applied: &[Range<usize>], end: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some((first, last)) = applied.get(1).zip(applied.last()) else { return };
    // The value comes behind what is put together: `mapM_ putStrLn . label cargo`.
    let dot = last.end;
    if !lexed.is(dot, ".") || applied.len() != 2 {
        return;
    }
    let behind = application(case, dot + 1, end);
    let [.., second, value] = &behind[..] else { return };
    if value.start == dot + 1 {
        return;
    }
    let edits = vec![
        case.insert(lexed.code[first.start].start, "("),
        case.insert(lexed.code[second.end - 1].end, ")"),
    ];
    all.push(Candidate::new(MistakeId::MissingBracket, COMPOSED, edits));
}

/// `step West Point x y = …`: a constructor and its values are one pattern.
fn patterns(case: &Case, all: &mut Vec<Candidate>) {
    if !case.message.text.contains("have different numbers of arguments") {
        return;
    }
    let lexed = case.lexed();
    let name = case.message.text.split('\'').nth(1).unwrap_or("");
    let heads = (0..lexed.code.len()).filter(|at| lexed.code[*at].first && lexed.is(*at, name));
    let equations = heads.filter_map(|head| {
        let line = lexed.on_line(lexed.code[head].line);
        // Guards may stand below the patterns.
        let below = Some(line.end).filter(|end| lexed.is(*end, "|"));
        let mark = line.into_iter().find(|at| matches!(lexed.word(*at), "=" | "|")).or(below)?;
        Some(application(case, head, mark))
    });
    let equations: Vec<Vec<Range<usize>>> = equations.collect();
    let fewest = equations.iter().map(Vec::len).min().unwrap_or(0);
    for parts in equations.iter().filter(|parts| parts.len() > fewest) {
        let constructor = |part: &Range<usize>| {
            part.len() == 1
                && lexed.word(part.start).starts_with(|letter: char| letter.is_uppercase())
        };
        let spare = parts.len() - fewest;
        for (index, part) in parts.iter().enumerate().skip(1).filter(|(_, p)| constructor(p)) {
            let Some(last) = parts.get(index + spare) else { continue };
            let spared = &parts[index + 1..=index + spare];
            if spared.iter().any(constructor) {
                continue;
            }
            let takes = self::constructor(case, part);
            if takes == Some(0) && !used(case, spared) {
                let end = lexed.code[last.end - 1].end;
                let gone = Edit::replace(case.file(), lexed.code[part.end - 1].end, end, "");
                all.push(Candidate::new(MistakeId::ExtraWord, TAKES_NONE, vec![gone]).guess());
            }
            if takes.is_some_and(|takes| takes != spare) {
                continue;
            }
            let edits = vec![
                case.insert(lexed.code[part.start].start, "("),
                case.insert(lexed.code[last.end - 1].end, ")"),
            ];
            all.push(Candidate::new(MistakeId::MissingBracket, ONE_PATTERN, edits));
        }
    }
}

/// Whether the equation behind its values uses one of some of them.
fn used(case: &Case, values: &[Range<usize>]) -> bool {
    let lexed = case.lexed();
    let Some(last) = values.last() else { return false };
    let ends = |at: &usize| {
        let token = &lexed.code[*at];
        token.first && lexed.source.indent(token.line) == Some(0)
    };
    let end = (last.end..lexed.code.len()).find(ends).unwrap_or(lexed.code.len());
    let named = |word: &str| (last.end..end).any(|at| lexed.is(at, word));
    values.iter().flat_map(Clone::clone).any(|at| named(lexed.word(at)))
}

/// `low tide and calm wind`: the words of other languages between two conditions.
fn conjunctions(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    for at in lexed.on_line(lexed.code[case.token].line) {
        let mark = match lexed.word(at) {
            "and" => "&&",
            "or" => "||",
            _ => continue,
        };
        let value = |at: usize| {
            matches!(
                lexed.kind(at),
                Some(TokenKind::Name | TokenKind::Number | TokenKind::Str | TokenKind::Char)
            )
        };
        let Some(before) = at.checked_sub(1) else { continue };
        let behind = value(at + 1) || lexed.is(at + 1, "(");
        // As a function it takes one list.
        let list = lexed.is(at + 1, "[");
        if (value(before) || lexed.is(before, ")")) && behind && !list {
            let edit = case.replace_token(at, mark);
            all.push(Candidate::new(MistakeId::ForeignWord, CONJUNCTION, vec![edit]));
        }
    }
}

/// `"FAIL" isPrefixOf line`: the name of a function as an operator stands in backquotes.
fn between(case: &Case, applied: &[Range<usize>], all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let [first, name, _] = applied else { return };
    let literal = matches!(
        lexed.kind(first.start),
        Some(TokenKind::Str | TokenKind::Number | TokenKind::Char | TokenKind::Open)
    );
    if literal && function(case, name).is_some() {
        let edits = vec![
            case.insert(lexed.code[name.start].start, "`"),
            case.insert(lexed.code[name.end - 1].end, "`"),
        ];
        all.push(Candidate::new(MistakeId::MissingMark, BETWEEN, edits));
    }
}

/// Whether a message finds a function where a plain value is wanted.
fn finds_function(text: &str) -> bool {
    let types = text.split_once("with actual type");
    types.is_some_and(|(expected, found)| found.contains("->") && !expected.contains("->"))
}

/// A function that is given too few values, and the names of its equation that may be meant.
fn lacking(case: &Case, applied: &[Range<usize>], all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(name) = applied.first().and_then(|head| function(case, head)) else { return };
    let told = |text: &str| text.contains("too few arguments") && text.contains(name);
    let counted = told(&case.message.text) || case.message.notes.iter().any(|n| told(&n.text));
    if !counted && !finds_function(&case.message.text) {
        return;
    }
    let Some(last) = applied.last() else { return };
    // The equation starts at the left edge.
    let start = (0..=applied[0].start)
        .rev()
        .find(|at| lexed.code[*at].first && lexed.source.indent(lexed.code[*at].line) == Some(0));
    let Some(start) = start else { return };
    let end = (applied[0].start..lexed.code.len())
        .find(|at| lexed.code[*at].first && lexed.source.indent(lexed.code[*at].line) == Some(0))
        .unwrap_or(lexed.code.len());
    let Some(marked) = (start..end).find(|at| lexed.is(*at, "=")) else { return };
    for at in start + 1..marked {
        let word = lexed.word(at);
        if lexed.kind(at) != Some(TokenKind::Name)
            || !word.starts_with(|letter: char| letter.is_lowercase())
        {
            continue;
        }
        let used = (marked..end).any(|at| lexed.word(at) == word);
        let score = if used { AT_HAND } else { WAITS };
        if used && !counted {
            continue;
        }
        let edit = case.insert(lexed.code[last.end - 1].end, format!(" {word}"));
        all.push(Candidate::new(MistakeId::MissingArgument, score, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_among, check_fix, check_no_fix};

    const TOO_MANY: &str = "Couldn't match expected type 'T -> Int' with actual type 'Int'";

    #[test]
    fn a_constructor_stands_with_its_values() {
        let head = "data Kind = Ferry | Tug Int\ndata Berth = Berth { name :: String, kind :: Kind, days :: Int }\n\nsouth = ";
        check_fix(
            &FAMILY,
            "haskell",
            &format!("{head}<|>Berth \"south\" Tug 9 1\n"),
            "Couldn't match expected type 't0 -> Berth' with actual type 'Berth' The function 'Berth' is applied to four value arguments",
            &format!("{head}Berth \"south\" (Tug 9) 1\n"),
        );
        check_fix(
            &FAMILY,
            "haskell",
            &format!("{head}<|>Berth \"south\" Ferry -1\n"),
            "Couldn't match expected type 'Berth' with actual type 'Int -> Berth'",
            &format!("{head}Berth \"south\" Ferry (-1)\n"),
        );
    }

    #[test]
    fn what_is_computed_is_shown_as_a_whole() {
        check_fix(
            &FAMILY,
            "haskell",
            "note :: Int -> Int -> String\nnote low high = \"sum \" ++ show <|>low + high * 2\n",
            "No instance for (Num String) arising from a use of '+'",
            "note :: Int -> Int -> String\nnote low high = \"sum \" ++ show (low + high * 2)\n",
        );
    }

    #[test]
    fn two_texts_are_joined() {
        check_fix(
            &FAMILY,
            "haskell",
            "note :: Int -> String\nnote low = \"sum \" <|>+ show low + \"!\"\n",
            "No instance for (Num [Char]) arising from a use of '+'",
            "note :: Int -> String\nnote low = \"sum \" ++ show low ++ \"!\"\n",
        );
    }

    #[test]
    fn an_application_in_brackets_is_looked_into() {
        check_fix(
            &FAMILY,
            "haskell",
            "name :: Int -> String\nname n = show n\n\nbest :: [Int] -> Int\nbest all = maximum all\n\nmain :: IO ()\nmain = putStrLn (\"best \" ++ <|>name best [3])\n",
            "Couldn't match expected type 'Int' with actual type '[Int] -> Int'",
            "name :: Int -> String\nname n = show n\n\nbest :: [Int] -> Int\nbest all = maximum all\n\nmain :: IO ()\nmain = putStrLn (\"best \" ++ name (best [3]))\n",
        );
    }

    #[test]
    fn a_function_takes_its_own_values() {
        check_fix(
            &FAMILY,
            "haskell",
            "deep :: T -> Int\ndeep (N l r) = 1 + <|>max (deep l) deep r\n",
            TOO_MANY,
            "deep :: T -> Int\ndeep (N l r) = 1 + max (deep l) (deep r)\n",
        );
    }

    #[test]
    fn a_pattern_with_a_constructor_stands_in_brackets() {
        check_fix(
            &FAMILY,
            "haskell",
            "<|>step North (P x y) = P x (y + 1)\nstep West P x y = P (x - 1) y\n",
            "Equations for 'step' have different numbers of arguments",
            "step North (P x y) = P x (y + 1)\nstep West (P x y) = P (x - 1) y\n",
        );
    }

    #[test]
    fn guards_may_stand_below_a_pattern() {
        check_fix(
            &FAMILY,
            "haskell",
            "data T = L | N T Int T\n<|>put x L = N L x L\nput x N l y r\n  | x < y = N (put x l) y r\n",
            "Equations for 'put' have different numbers of arguments",
            "data T = L | N T Int T\nput x L = N L x L\nput x (N l y r)\n  | x < y = N (put x l) y r\n",
        );
    }

    #[test]
    fn a_function_waits_for_a_name_that_nothing_uses() {
        check_among(
            &FAMILY,
            "haskell",
            "share :: Int -> Int -> Double\nshare a b = <|>fromIntegral a / fromIntegral\n",
            "Couldn't match expected type 'Double' with actual type 'a0 -> b0'",
            "share :: Int -> Int -> Double\nshare a b = fromIntegral a / fromIntegral b\n",
        );
    }

    #[test]
    fn functions_that_are_put_together_are_handed_on_as_one() {
        check_among(
            &FAMILY,
            "haskell",
            "main :: IO ()\nmain = <|>mapM_ putStrLn . label cargo\n",
            "Couldn't match expected type: IO () with actual type: a0 -> IO ()",
            "main :: IO ()\nmain = mapM_ (putStrLn . label) cargo\n",
        );
    }

    #[test]
    fn a_word_between_conditions_is_a_mark() {
        check_among(
            &FAMILY,
            "haskell",
            "calm :: Int -> Bool\ncalm t = low t <|>and not (t == 3)\n",
            "Couldn't match expected type 'Bool' with actual type 't0 -> Bool'",
            "calm :: Int -> Bool\ncalm t = low t && not (t == 3)\n",
        );
    }

    #[test]
    fn a_function_of_the_library_takes_its_values() {
        check_among(
            &FAMILY,
            "haskell",
            "report :: [Int] -> String\nreport fogs = <|>intercalate \", \" map show fogs\n",
            "Couldn't match expected type: (a1 -> String) -> [Int] -> String with actual type: [Char]",
            "report :: [Int] -> String\nreport fogs = intercalate \", \" (map show fogs)\n",
        );
    }

    #[test]
    fn a_name_of_a_module_is_one_name() {
        check_among(
            &FAMILY,
            "haskell",
            "free :: Int -> Quay -> Bool\nfree n quay = not <|>Map.member n quay\n",
            "Couldn't match expected type 'Bool' with actual type 'Int -> Quay -> Bool'",
            "free :: Int -> Quay -> Bool\nfree n quay = not (Map.member n quay)\n",
        );
    }

    #[test]
    fn a_function_between_two_values_is_an_operator() {
        check_fix(
            &FAMILY,
            "haskell",
            "import Data.List (isPrefixOf)\n\nwarn :: String -> Bool\nwarn line = \"WARN\" <|>isPrefixOf line\n",
            "Couldn't match expected type '([a0] -> [a0] -> Bool) -> String -> Bool' with actual type '[Char]'",
            "import Data.List (isPrefixOf)\n\nwarn :: String -> Bool\nwarn line = \"WARN\" `isPrefixOf` line\n",
        );
    }

    #[test]
    fn a_value_that_waits_is_given() {
        check_fix(
            &FAMILY,
            "haskell",
            "have :: String -> Stock -> Maybe Int\nhave good stock = <|>Map.lookup good\n",
            "Couldn't match expected type 'Maybe Int' with actual type 'Stock -> Maybe Int' Probable cause: 'Map.lookup' is applied to too few arguments",
            "have :: String -> Stock -> Maybe Int\nhave good stock = Map.lookup good stock\n",
        );
    }

    #[test]
    fn plain_values_are_left_alone() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "low :: Int -> Int\nlow t = <|>rise t 3\n",
            "Couldn't match expected type 'Int -> Int' with actual type 'Int'",
        );
    }

    #[test]
    fn what_stands_in_brackets_already_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "rise :: Int -> Int\nrise t = t\n\nmain :: IO ()\nmain = <|>print (rise 3)\n",
            "No instance for (Show Int) arising from a use of type 'print'",
        );
    }
}
