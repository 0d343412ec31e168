//! A signature whose result is wrapped otherwise than what its equations give: `Command` where they
//! give `Maybe Command`.

use super::of_result;
use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// What the equations give is told.
const GIVEN: Factor = weight("the equations give it", 2.0);
/// Each further message that says the same.
const AGREES: Factor = weight("further messages say the same", 1.5);

/// Two equations and more give it.
const EQUATIONS: Factor = weight("two equations give it", 2.8);

/// The type that is wanted has one constructor, and the value does not show it.
const LACKS_CONSTRUCTOR: Factor = evidence("the value lacks the constructor of its type", 5.0);

/// The value is the good one of two.
const GOOD_ONE: Factor = evidence("the value is the good one of the two", 4.5);

/// The value is what went wrong.
const WHAT_FAILED: Factor = evidence("the value is of the type of what goes wrong", 6.0);

/// A function of the same library gives the value itself.
const NEEDED: Factor = evidence("a like function gives the value itself", 8.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "answered",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "parse :: String -> Command\nparse \"wait\" = <|>Just Wait\nparse _ = Nothing\n",
        message: "Couldn't match expected type: Command with actual type: Maybe Command",
        after: "parse :: String -> Maybe Command\nparse \"wait\" = Just Wait\nparse _ = Nothing\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().applies_bare {
        return;
    }
    let lexed = case.lexed();
    let Some((expected, found)) = types(&case.message.text) else { return };
    constructed(case, expected, all);
    perhaps(case, expected, found, all);
    at_hand(case, expected, found, all);
    let around = case.text.names.declared.iter().rfind(|declared| {
        declared.kind == NameKind::Function
            && declared.token <= case.token
            && declared.typed.is_some()
    });
    let Some((first, last)) = around.and_then(|declared| declared.typed) else { return };
    let outer = |at: &usize| case.text.pairs.inside_of(*at) == case.text.pairs.inside_of(first);
    let arrow = (first..=last).filter(outer).rfind(|at| lexed.is(*at, "->"));
    let from = arrow.map_or(first, |arrow| arrow + 1);
    let (start, end) = (lexed.code[from].start, lexed.code[last].end);
    let result = lexed.source.slice(start, end).into_owned();
    let Some(given) = given(&result, expected, found) else { return };
    let agree = case.all.iter().filter(|message| {
        let told = types(&message.text);
        message.is_error()
            && told.is_some_and(|(e, f)| given_head(f) == given_head(found) && e == expected)
    });
    let more = (agree.count() as f64 - 1.0).clamp(0.0, 3.0);
    let name = around.map_or("", |declared| lexed.word(declared.token));
    let both = of_result(case, name).filter(|message| {
        types(&message.text)
            .is_some_and(|(wanted, f)| given_head(f) == given_head(found) && wanted == expected)
    });
    let edit = Edit::replace(case.file(), start, end, given);
    let score = GIVEN + AGREES * more + EQUATIONS.when(both.count() > 1);
    let candidate = Candidate::new(MistakeId::WrongReturnType, score, vec![edit]);
    all.push(candidate.guess());
}

/// A plain value where one in `Maybe` or `Either` is wanted: it is the good one of the two.
fn perhaps(case: &Case, expected: &str, found: &str, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let last = expected.rsplit(' ').next().unwrap_or(expected);
    let wrong = expected.strip_prefix("Either ").and_then(|sides| sides.split(' ').next());
    let failed = wrong == Some(found) && last != found;
    let constructor = match expected.split(' ').next() {
        Some("Maybe") => "Just",
        Some("Either") if failed => "Left",
        Some("Either") => "Right",
        _ => return,
    };
    let same = failed
        || last.trim_matches(')') == found.rsplit(' ').next().unwrap_or(found).trim_matches(')');
    if !same && alias(case, last).is_none_or(|meant| meant != found) {
        return;
    }
    let (from, (_, last), bare) = (case.range.0, value(case), is_bare(case));
    let mut edits =
        vec![case.insert(from, format!("{constructor} {}", if bare { "" } else { "(" }))];
    if !bare {
        edits.push(case.insert(lexed.code[last].end, ")"));
    }
    let why = if failed { WHAT_FAILED } else { GOOD_ONE };
    all.push(Candidate::new(MistakeId::BareValue, why, edits));
}

/// What a name of the program stands for: `type Stock = Map.Map String Int`.
fn alias(case: &Case, name: &str) -> Option<String> {
    let lexed = case.lexed();
    let head = |at: &usize| lexed.is(*at, name) && lexed.before(*at) == "type";
    let at = (1..lexed.code.len()).find(head).filter(|at| lexed.is(at + 1, "="))?;
    let last = lexed.on_line(lexed.code[at].line).end.checked_sub(1).filter(|last| *last > at)?;
    Some(lexed.source.slice(lexed.code[at + 1].end, lexed.code[last].end).trim().to_owned())
}

/// A value that may be missing where it is needed itself: `readMaybe n` for `read n`, and
/// `Map.lookup k m` for `Map.findWithDefault 0 k m`, where it stands or where its name is bound.
fn at_hand(case: &Case, expected: &str, found: &str, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let inner = found.strip_prefix("Maybe ").filter(|_| !expected.starts_with("Maybe"));
    let Some(inner) = inner else { return };
    let any = inner.starts_with(char::is_lowercase) && !inner.contains(' ');
    if !any && inner != expected {
        return;
    }
    let (first, last) = value(case);
    // A name stands for what it is bound to further on; of a computation, one part may.
    let bound = |at: usize| {
        let named = lexed.kind(at) == Some(TokenKind::Name);
        let binds = |other: &usize| {
            *other != at && lexed.is(*other, lexed.word(at)) && lexed.is(other + 1, "=")
        };
        let mut all = (0..lexed.code.len()).filter(binds);
        all.next().filter(|_| named && all.next().is_none()).map(|other| other + 2)
    };
    let call = (first..=last).find_map(bound).unwrap_or(first);
    let call = call + usize::from(lexed.is(call, "("));
    let start = match expected {
        "Int" | "Integer" | "Double" | "Float" => "0",
        "[Char]" | "String" => "\"\"",
        "Bool" => "False",
        typed if typed.starts_with('[') => "[]",
        _ => "",
    };
    let part = if lexed.is(call + 1, ".") { call + 2 } else { call };
    let edit = match lexed.word(part) {
        "readMaybe" => case.replace_token(part, "read"),
        "lookup" if part > call && !start.is_empty() => {
            case.replace_token(part, format!("findWithDefault {start}"))
        }
        _ => return,
    };
    all.push(Candidate::new(MistakeId::MaybeNothing, NEEDED, vec![edit]).guess());
}

/// The value lacks the constructor of the type that is wanted: `x : xs` for `Pile (x : xs)`.
fn constructed(case: &Case, expected: &str, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let head = expected.split(' ').next().unwrap_or(expected);
    let declared = case.text.names.of(head).find(|declared| declared.kind == NameKind::Type);
    let Some(declared) = declared else { return };
    let word = lexed.on_line(lexed.code[declared.token].line).start;
    if !lexed.is(word, "newtype") {
        return;
    }
    let Some(mark) = (declared.token..lexed.code.len()).find(|at| lexed.is(*at, "=")) else {
        return;
    };
    let constructor = lexed.word(mark + 1);
    let (from, (first, last), bare) = (case.range.0, value(case), is_bare(case));
    if lexed.is(first, constructor) {
        return;
    }
    // As one of several values it stands in brackets with its constructor.
    let applied = matches!(
        lexed.kind(first.wrapping_sub(1)),
        Some(TokenKind::Name | TokenKind::Number | TokenKind::Close)
    ) || matches!(lexed.kind(last + 1), Some(TokenKind::Name | TokenKind::Number));
    let (open, close) = match (bare, applied) {
        (true, false) => (format!("{constructor} "), String::new()),
        (true, true) => (format!("({constructor} "), ")".to_owned()),
        (false, false) => (format!("{constructor} ("), ")".to_owned()),
        (false, true) => (format!("({constructor} ("), "))".to_owned()),
    };
    let mut edits = vec![case.insert(from, open)];
    if !close.is_empty() {
        edits.push(case.insert(lexed.code[last].end, close));
    }
    all.push(Candidate::new(MistakeId::TypeClash, LACKS_CONSTRUCTOR, edits));
}

/// The value that the message points at, from its first token to its last.
fn value(case: &Case) -> (usize, usize) {
    let end = case.lexed().code.partition_point(|token| token.end <= case.range.1);
    (case.token, end.max(case.token + 1) - 1)
}

/// Whether that value needs no brackets: it is one token, or has them.
fn is_bare(case: &Case) -> bool {
    let (first, last) = value(case);
    first == last || case.lexed().is(first, "(") && case.text.pairs.partner_of(first) == Some(last)
}

/// The two types of a message, the expected one first.
pub(super) fn types(text: &str) -> Option<(&str, &str)> {
    let (_, rest) = text.split_once("expected type")?;
    let (expected, rest) = rest.split_once("with actual type")?;
    let clean = |part: &'_ str| -> Option<(usize, usize)> {
        let start = part.len() - part.trim_start_matches([' ', ':', '\'', '\n']).len();
        let line = part[start..].lines().next()?;
        Some((start, start + line.trim_end_matches(['\'', ' ']).len()))
    };
    let (a, b) = clean(expected)?;
    let (c, d) = clean(rest)?;
    let expected = expected.get(a..b)?.trim_end_matches(['\'', ' ', '\n']);
    Some((expected, rest.get(c..d)?))
}

/// What wraps a type: `Maybe` of `Maybe Command`, `[` of a list.
fn given_head(typed: &str) -> &str {
    if typed.starts_with('[') { "[" } else { typed.split(' ').next().unwrap_or(typed) }
}

/// The result as the equations give it; `None` if the message is about another type, or nothing but a
/// wrapping would tell it.
fn given(result: &str, expected: &str, found: &str) -> Option<String> {
    let (result, expected) = (result.trim(), expected.trim());
    let same = |typed: &str| typed.trim_matches(['(', ')']) == result.trim_matches(['(', ')']);
    if !same(expected) {
        return None;
    }
    let inner = result
        .strip_prefix("Maybe ")
        .or_else(|| result.strip_prefix('[').and_then(|inner| inner.strip_suffix(']')));
    let wrapped =
        |typed: &str| if typed.contains(' ') { format!("({typed})") } else { typed.to_owned() };
    match given_head(found) {
        // `Maybe` of what was said, or of the elements of the list that was said.
        "Maybe" if result.starts_with('[') => {
            inner.map(|inner| format!("Maybe {}", wrapped(inner)))
        }
        "Maybe" => Some(format!("Maybe {}", wrapped(result))),
        "[" if found != "[Char]" && result.starts_with("Maybe ") => {
            inner.map(|inner| format!("[{inner}]"))
        }
        "[" if found != "[Char]" => Some(format!("[{result}]")),
        _ => None,
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_among, check_fix, check_no_fix};

    #[test]
    fn a_value_that_is_needed_is_looked_up_with_another() {
        check_fix(
            &FAMILY,
            "haskell",
            "import qualified Data.Map as Map\n\nleft :: Map.Map String Int -> String -> Int\nleft stock name = <|>have - 1\n  where have = Map.lookup name stock\n",
            "Couldn't match expected type 'Int' with actual type 'Maybe Int'",
            "import qualified Data.Map as Map\n\nleft :: Map.Map String Int -> String -> Int\nleft stock name = have - 1\n  where have = Map.findWithDefault 0 name stock\n",
        );
    }

    #[test]
    fn what_a_type_stands_for_is_the_good_one_of_two() {
        check_fix(
            &FAMILY,
            "haskell",
            "type Fees = Map.Map String Int\n\nadd :: Fees -> Either String Fees\nadd fees = <|>fees\n",
            "Couldn't match expected type: Either String Fees with actual type: Map.Map String Int",
            "type Fees = Map.Map String Int\n\nadd :: Fees -> Either String Fees\nadd fees = Right fees\n",
        );
    }

    #[test]
    fn a_value_gets_the_constructor_of_its_type() {
        check_fix(
            &FAMILY,
            "haskell",
            "newtype Pile = Pile [Int]\n\nempty :: Pile\nempty = <|>[]\n",
            "Couldn't match expected type 'Pile' with actual type '[a0]'",
            "newtype Pile = Pile [Int]\n\nempty :: Pile\nempty = Pile []\n",
        );
    }

    #[test]
    fn a_value_is_the_good_one_of_two() {
        check_among(
            &FAMILY,
            "haskell",
            "parse :: String -> Either String Tide\nparse t = <|>(Tide 3)\n",
            "Couldn't match expected type 'Either String Tide' with actual type 'Tide'",
            "parse :: String -> Either String Tide\nparse t = Right (Tide 3)\n",
        );
    }

    #[test]
    fn a_list_becomes_perhaps_one_of_its_elements() {
        check_fix(
            &FAMILY,
            "haskell",
            "low :: [Tide] -> [Tide]\nlow [] = <|>Nothing\nlow (t:_) = Just t\n",
            "Couldn't match expected type '[Tide]' with actual type 'Maybe a0'",
            "low :: [Tide] -> Maybe Tide\nlow [] = Nothing\nlow (t:_) = Just t\n",
        );
    }

    #[test]
    fn one_value_becomes_a_list() {
        check_fix(
            &FAMILY,
            "haskell",
            "low :: [Tide] -> Tide\nlow ts = <|>filter deep ts\n",
            "Couldn't match expected type: Tide with actual type: [Tide]",
            "low :: [Tide] -> [Tide]\nlow ts = filter deep ts\n",
        );
    }

    #[test]
    fn a_type_of_two_words_stands_in_brackets() {
        check_fix(
            &FAMILY,
            "haskell",
            "low :: Int -> Either Int Tide\nlow n = <|>Just (Left n)\n",
            "Couldn't match expected type: Either Int Tide with actual type: Maybe (Either Int b)",
            "low :: Int -> Maybe (Either Int Tide)\nlow n = Just (Left n)\n",
        );
    }

    #[test]
    fn a_value_within_the_equation_is_for_others() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "low :: Int -> Tide\nlow n = rise (<|>Just n)\n",
            "Couldn't match expected type: Int with actual type: Maybe Int",
        );
    }

    #[test]
    fn a_text_is_no_list_of_results() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "low :: Int -> Tide\nlow n = <|>\"low\"\n",
            "Couldn't match expected type 'Tide' with actual type '[Char]'",
        );
    }

    #[test]
    fn a_function_without_a_signature_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "low n = <|>Just n\n",
            "Couldn't match expected type: Tide with actual type: Maybe Tide",
        );
    }

    #[test]
    fn what_goes_wrong_stands_on_the_left() {
        check_fix(
            &FAMILY,
            "haskell",
            "deep :: Int -> Either Problem Double\ndeep n = <|>Dry\n",
            "Couldn't match expected type 'Either Problem Double' with actual type 'Problem'",
            "deep :: Int -> Either Problem Double\ndeep n = Left Dry\n",
        );
    }
}
