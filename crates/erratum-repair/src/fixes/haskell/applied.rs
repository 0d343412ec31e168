//! Functions that are given a value too few, too many, in another order or of another type: the call or
//! the signature changes.

use super::of_result;
use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::shape::text_of;
use crate::fixes::{Candidate, Case, weights as w};
use crate::message::Message;
use crate::score::{Factor, weight};
use erratum_catalogue::{MistakeId, Recipe};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// What a function gives back stands last in its signature.
const RESULT: Factor = weight("what is given back stands last", 0.5);
/// The signature of the function around the place.
const OWN_SIGNATURE: Factor = weight("the signature of the function around", 0.8);
/// The signature of a name on the line.
const OTHER_SIGNATURE: Factor = weight("a signature that is used there", 0.5);
/// Each error of the file, up to four.
const BLAMED: Factor = weight("errors that may come from it", 0.2);
/// Two equations and more give back the other type.
const EQUATIONS: Factor = weight("the equations give back the other type", 4.4);
/// A number where a text is wanted.
const SHOWN: Factor = weight("a text is wanted", 3.2);
/// Each token between a function and the reported place.
const AWAY: Factor = weight("tokens from the reported place", -0.15);
/// Each of two values fits where the other stands.
const CROSSED: Factor = weight("each fits where the other stands", 3.0);
/// An equation hands on what it was given, but for one value.
const OWN_PARAMETER: Factor = weight("its own value goes on as it came", 2.5);
/// Two neighbouring values in the wrong order.
const SWAPPED: Factor = weight("two neighbours in the wrong order", 0.8);
/// A value too many.
const EXTRA: Factor = weight("one value more than the signature takes", 1.5);
/// The same value twice in a row.
const SAME_AS_BEFORE: Factor = weight("it is the same as the one before", 1.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "applied",
    recipes: &[Recipe::Convert, Recipe::Arguments],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "rise :: Int -> Int\nrise t = t + 1\n\nmain :: IO ()\nmain = putStrLn (<|>rise 3)\n",
        message: "Couldn't match type 'Int' with '[Char]'",
        after: "rise :: Int -> Int\nrise t = t + 1\n\nmain :: IO ()\nmain = putStrLn (show rise 3)\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().applies_bare {
        return;
    }
    if case.asks(Recipe::Convert) {
        signature(case, all);
    }
    if case.asks(Recipe::Arguments) || case.asks(Recipe::Convert) {
        applied(case, all);
    }
}

/// A type in a signature or a field that does not fit: one of the two that the message names stands
/// there, and the other was meant.
fn signature(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let clean = |hole: &str| case.word(hole).map(|text| text.trim_matches(['(', ')']).to_owned());
    let (Some(from), Some(to)) = (clean("from"), clean("to")) else { return };
    let spelt = |name: &str| if name == "[Char]" { "String".to_owned() } else { name.to_owned() };
    let (from, to) = (spelt(&from), spelt(&to));
    let simple = |name: &str| {
        name.starts_with(char::is_uppercase)
            && name.chars().all(|c| c.is_alphanumeric() || c == '.')
    };
    if !simple(&from) || !simple(&to) {
        return;
    }
    let line = lexed.code[case.token].line;
    let near = lexed.on_line(line.saturating_sub(1)).start..lexed.on_line(line).end;
    let around = case
        .text
        .names
        .declared
        .iter()
        .rfind(|d| d.kind == NameKind::Function && d.token <= case.token && d.typed.is_some())
        .map(|d| d.token);
    for declared in &case.text.names.declared {
        let Some((first, last)) = declared.typed else { continue };
        let name = lexed.word(declared.token);
        let used = near.clone().any(|at| lexed.word(at) == name);
        let own = around == Some(declared.token);
        if !used && !own {
            continue;
        }
        for at in first..=last {
            for (old, new) in [(&from, &to), (&to, &from)] {
                // A type of the program is no slip for one of the library.
                let own_type = case.text.names.of(old).any(|d| d.kind == NameKind::Type);
                let as_good = case.text.names.of(new).any(|d| d.kind == NameKind::Type);
                if lexed.is(at, old) && (!own_type || as_good) {
                    // What a function gives back stands last.
                    let result = RESULT.when(at == last);
                    let blamed = case.all.iter().filter(|m| m.is_error()).count().min(4) as f64;
                    let owner = if own { OWN_SIGNATURE } else { OTHER_SIGNATURE };
                    let given = |said: &&Message| said.text == case.message.text;
                    let agree =
                        own && at == last && of_result(case, name).filter(given).count() > 1;
                    let agree = EQUATIONS.when(agree);
                    let score = w::TYPE_FIX + result + owner + BLAMED * blamed + agree;
                    let edit = case.replace_token(at, new.as_str());
                    all.push(Candidate::new(MistakeId::WrongType, score, vec![edit]));
                }
            }
        }
    }
    // A text is wanted: `show` makes one.
    let shown = matches!(from.as_str(), "Int" | "Integer" | "Double" | "Float" | "Bool")
        || case.text.names.of(&from).any(|declared| declared.kind == NameKind::Type);
    if to == "String" && shown {
        let (start, end) = case.range;
        let several = end > start && lexed.at(start) != lexed.at(end - 1);
        let edits = if several {
            vec![case.insert(start, "show ("), case.insert(end, ")")]
        } else {
            vec![case.insert(start, "show ")]
        };
        all.push(Candidate::new(MistakeId::MissingToString, SHOWN, edits));
    }
}

/// A function with one value too few, too many, or two in the wrong order.
fn applied(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.code[case.token].line;
    let range = lexed.on_line(line);
    for head in range.clone().filter(|at| lexed.kind(*at) == Some(TokenKind::Name)) {
        let Some(typed) = case.text.names.of(lexed.word(head)).find_map(|d| d.typed) else {
            continue;
        };
        let wants = wanted_types(case, typed);
        let wanted = wants.len();
        let values = values(case, head, range.end);
        let near = AWAY * head.abs_diff(case.token) as f64;
        if wanted == 0 || values.is_empty() {
            continue;
        }
        for (index, pair) in values.windows(2).enumerate() {
            let (a, b) = (pair[0], pair[1]);
            let meets = |value, place: usize| {
                wants.get(place).is_some_and(|wanted| meets(case, value, wanted))
            };
            let crossed =
                meets(a, index + 1) && meets(b, index) && !meets(a, index) && !meets(b, index + 1);
            let (from, to) = (lexed.code[a.0].start, lexed.code[b.1].end);
            let between =
                lexed.source.slice(lexed.code[a.1].end, lexed.code[b.0].start).into_owned();
            let text = format!("{}{between}{}", text_of(case, b), text_of(case, a));
            let edit = Edit::replace(case.file(), from, to, text);
            all.push(Candidate::new(
                MistakeId::WrongArgumentOrder,
                SWAPPED + near + CROSSED.when(crossed),
                vec![edit],
            ));
        }
        if values.len() > wanted {
            for (index, (first, last)) in values.iter().enumerate() {
                let edit =
                    Edit::delete(case.file(), case.end_before(*first), lexed.code[*last].end);
                let doubled =
                    index > 0 && text_of(case, (*first, *last)) == text_of(case, values[index - 1]);
                let score = EXTRA + near + SAME_AS_BEFORE.when(doubled);
                all.push(Candidate::new(MistakeId::ExtraArgument, score, vec![edit]));
            }
        }
        if values.len() + 1 == wanted {
            own_parameter(case, head, &values, &wants, all);
        }
        if values.len() < wanted {
            for (first, _) in values.iter().copied().chain([(values[values.len() - 1].1 + 1, 0)]) {
                let edit = case.insert(case.end_before(first), " 0");
                let score = w::MADE_UP + near;
                all.push(Candidate::new(MistakeId::MissingArgument, score, vec![edit]).guess());
            }
        }
    }
}

/// `passes xs` in an equation `passes n (x:xs)`: what goes on as it came is left out easily.
fn own_parameter(
    case: &Case,
    head: usize,
    values: &[(usize, usize)],
    wants: &[String],
    all: &mut Vec<Candidate>,
) {
    let lexed = case.lexed();
    let word = lexed.word(head);
    let starts =
        |at: &usize| lexed.code[*at].first && lexed.source.indent(lexed.code[*at].line) == Some(0);
    let Some(equation) = (0..head).rev().find(starts).filter(|at| lexed.is(*at, word)) else {
        return;
    };
    let mut own = Vec::new();
    let mut at = equation + 1;
    while at < head && !matches!(lexed.word(at), "=" | "|") {
        own.push(at);
        // A bracket that was opened further up ends here.
        at = case.text.pairs.partner_of(at).filter(|end| *end > at).unwrap_or(at) + 1;
    }
    if own.len() != wants.len() {
        return;
    }
    // The rest of a list has the type of the list.
    let bound = |value: usize| {
        own.iter().position(|first| {
            let end = case.text.pairs.partner_of(*first);
            let last = end.map_or(*first, |end| end - 1);
            lexed.word(last) == lexed.word(value) && end.is_none_or(|_| lexed.before(last) == ":")
        })
    };
    for (index, &parameter) in own.iter().enumerate() {
        let fits = values.iter().enumerate().all(|(number, (first, last))| {
            let place = number + usize::from(number >= index);
            let known = bound(*first).filter(|_| first == last);
            known.is_none_or(|known| wants[known] == wants[place])
        });
        if lexed.kind(parameter) == Some(TokenKind::Name) && fits {
            let before = values.get(index).map_or(values[values.len() - 1].1 + 1, |value| value.0);
            let text = format!(" {}", lexed.word(parameter));
            let edit = case.insert(case.end_before(before), text);
            all.push(Candidate::new(MistakeId::MissingArgument, OWN_PARAMETER, vec![edit]).guess());
        }
    }
}

/// The types of the values that a function takes, from its signature.
fn wanted_types(case: &Case, (first, last): (usize, usize)) -> Vec<String> {
    let lexed = case.lexed();
    let outer = (first..=last).filter(|at| in_no_bracket(case, first, *at));
    let mut all = Vec::new();
    let mut start = first;
    for at in outer {
        match lexed.word(at) {
            "=>" => start = at + 1,
            "->" => {
                all.push(text_of(case, (start, at - 1)));
                start = at + 1;
            }
            _ => {}
        }
    }
    all
}

/// Returns whether a value that is a single token surely has the type: a literal of it, or a name
/// whose signature says so.
fn meets(case: &Case, (first, last): (usize, usize), wanted: &str) -> bool {
    let lexed = case.lexed();
    if first != last {
        return false;
    }
    match lexed.kind(first) {
        Some(TokenKind::Str) => matches!(wanted, "String" | "[Char]"),
        Some(TokenKind::Char) => wanted == "Char",
        Some(TokenKind::Number) if lexed.word(first).contains('.') => {
            matches!(wanted, "Double" | "Float")
        }
        Some(TokenKind::Number) => matches!(wanted, "Int" | "Integer" | "Double" | "Float"),
        Some(TokenKind::Name) => {
            let mut declared = case.text.names.of(lexed.word(first));
            declared.any(|name| name.typed.is_some_and(|typed| text_of(case, typed) == wanted))
        }
        _ => false,
    }
}

/// Returns whether two tokens stand in the same bracket, or in none.
fn in_no_bracket(case: &Case, first: usize, at: usize) -> bool {
    case.text.pairs.inside_of(at) == case.text.pairs.inside_of(first)
}

/// The values that follow a function's name, each a token or a bracket.
fn values(case: &Case, head: usize, end: usize) -> Vec<(usize, usize)> {
    let lexed = case.lexed();
    let mut all = Vec::new();
    let mut at = head + 1;
    while at < end {
        let last = match lexed.kind(at) {
            Some(TokenKind::Name | TokenKind::Number | TokenKind::Str | TokenKind::Char) => at,
            Some(TokenKind::Open) if !lexed.is(at, "{") => match case.text.pairs.partner_of(at) {
                Some(close) if close < end => close,
                _ => break,
            },
            _ => break,
        };
        all.push((at, last));
        at = last + 1;
    }
    all
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_among, check_no_fix};

    #[test]
    fn an_equation_hands_on_what_it_was_given() {
        check_among(
            &FAMILY,
            "haskell",
            "passes :: Int -> [Lock] -> Int\npasses _ [] = 0\npasses n (x:xs) = 1 + <|>passes xs\n",
            "Couldn't match expected type 'Int' with actual type '[Lock] -> Int'",
            "passes :: Int -> [Lock] -> Int\npasses _ [] = 0\npasses n (x:xs) = 1 + passes n xs\n",
        );
    }

    #[test]
    fn a_bracket_that_was_opened_further_up_ends_in_an_equation() {
        let text = |call: &str| format!("deep :: Int -> Int -> Int\nlow = (3\ndeep ) n = {call}\n");
        check_among(
            &FAMILY,
            "haskell",
            &text("<|>deep n"),
            "Couldn't match expected type 'Int' with actual type 'Int -> Int'",
            &text("deep n n"),
        );
    }

    #[test]
    fn a_value_too_many_goes() {
        check_among(
            &FAMILY,
            "haskell",
            "rise :: Int -> Int\nrise t = t + 1\n\ntwice :: Int -> Int\ntwice t = <|>rise t t\n",
            "Couldn't match expected type 't0 -> Int' with actual type 'Int'",
            "rise :: Int -> Int\nrise t = t + 1\n\ntwice :: Int -> Int\ntwice t = rise t\n",
        );
    }

    #[test]
    fn a_result_type_that_does_not_fit_changes() {
        check_among(
            &FAMILY,
            "haskell",
            "name :: Int -> Int\nname t = <|>\"East\"\n",
            "Couldn't match expected type 'Int' with actual type '[Char]'",
            "name :: Int -> String\nname t = \"East\"\n",
        );
    }

    #[test]
    fn two_values_change_places() {
        check_among(
            &FAMILY,
            "haskell",
            "book :: String -> Int -> String\nbook name t = name\n\ngo :: String\ngo = book <|>3 \"East\"\n",
            "Couldn't match expected type 'Int' with actual type '[Char]'",
            "book :: String -> Int -> String\nbook name t = name\n\ngo :: String\ngo = book \"East\" 3\n",
        );
    }

    #[test]
    fn an_unknown_name_changes_no_signature() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "rise :: Int -> Int\nrise t = <|>depth\n",
            "Variable not in scope: depth :: Int",
        );
    }

    #[test]
    fn another_language_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int deep = <|>\"East\";\n}\n",
            "incompatible types: String cannot be converted to int",
        );
    }
}
