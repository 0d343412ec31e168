//! Where the indentation makes the blocks: which parts of a text may be switched off, the smallest first.

use super::stretch::Stretch;
use crate::fixes::Case;
use erratum_syntax::lex::{Lexed, TokenKind};
use erratum_syntax::names::NameKind;
use erratum_syntax::text::Text;
use std::borrow::Cow;

/// Where the indentation makes the blocks: the items that a token stands in, from the inside out.
/// Of what is bound, the value is blanked out before the whole.
pub(super) fn items(text: &Text, token: usize) -> Vec<Stretch> {
    let lexed = &text.lexed;
    let mut never = lexed.language.never;
    let indent = |at: usize| lexed.source.indent(lexed.code[at].line).unwrap_or(0);
    // `let north = 3`: behind the word, the first of several items may stand.
    let behind = |at: usize| {
        let opens = |at: usize| matches!(lexed.word(at), "let" | "where" | "of" | "do");
        at.checked_sub(1).is_some_and(|before| !lexed.code[at].first && opens(before))
    };
    let starts: Vec<usize> =
        (0..lexed.code.len()).filter(|at| lexed.code[*at].first || behind(*at)).collect();
    let column = |at: usize| match lexed.code[at].first {
        true => indent(at),
        false => lexed.source.position(lexed.code[at].start).column.saturating_sub(1),
    };
    let several = |first: usize, last: usize| {
        let within = || starts.iter().copied().filter(|at| (first..=last).contains(at));
        let least = within().map(column).min();
        within().filter(|at| Some(column(*at)) == least).count() > 1
    };
    let mut row = starts.partition_point(|start| *start <= token).saturating_sub(1);
    // In the declaration of a type stands no value.
    let edge = starts.get(..=row).unwrap_or_default().iter().rev();
    let item = edge.copied().find(|at| column(*at) == 0);
    let of_type = |item: &usize| {
        let mut declared = text.names.declared.iter();
        lexed.kind(*item) == Some(TokenKind::Keyword)
            && declared.any(|d| d.kind == NameKind::Type && d.token == item + 1)
    };
    if item.as_ref().is_some_and(of_type) && !lexed.is(item.unwrap_or(0), "instance") {
        never = "";
    }
    let mut all = Vec::new();
    loop {
        let Some(first) = starts.get(row).copied() else { return all };
        let own = column(first);
        let next = starts[row + 1..].iter().find(|at| column(**at) <= own);
        let last = next.map_or(lexed.code.len(), |next| *next).saturating_sub(1);
        // What a signature says, the compiler finds by itself; no value stands in it.
        if is_signature(lexed, first, last) {
            all.push(Stretch::of(first, last));
            if own == 0 {
                return all;
            }
        }
        let mut depth = 0;
        let bound = (first..token).find(|at| {
            match lexed.kind(*at) {
                Some(TokenKind::Open) => depth += 1,
                Some(TokenKind::Close) => depth -= 1,
                _ => {}
            }
            depth <= 0 && matches!(lexed.word(*at), "=" | "->" | "<-")
        });
        if let Some(bound) = bound.filter(|_| !never.is_empty()) {
            let value = Stretch::of(bound + 1, last).with(never);
            all.push(value.wide(several(bound + 1, last)));
        }
        if own > 0 && !never.is_empty() {
            let put = in_place(lexed, first, never).into_iter();
            all.extend(put.map(|put| Stretch::of(first, last).with(put)));
        }
        if own == 0
            && !never.is_empty()
            && let Some(name) = only_equation(lexed, first, last)
        {
            let kept = Stretch::of(first, last).with(format!("{name} = {never}"));
            all.push(kept.wide(true));
        }
        all.push(Stretch::of(first, last).wide(own == 0));
        if own == 0 {
            return all;
        }
        let Some(outer) = (0..row).rev().find(|row| column(starts[*row]) < own) else {
            return all;
        };
        row = outer;
    }
}

/// Whether an item says of which type names are: `low, high :: Int`.
fn is_signature(lexed: &Lexed, first: usize, last: usize) -> bool {
    let small =
        |at: usize| lexed.word(at).starts_with(|one: char| one.is_lowercase() || one == '_');
    let name = |at: usize| lexed.kind(at) == Some(TokenKind::Name) && small(at);
    let mut at = first;
    while name(at) && lexed.is(at + 1, ",") {
        at += 2;
    }
    lexed.language.applies_bare && name(at) && at < last && lexed.is(at + 1, "::")
}

/// What may stand in the place of a line: a value, unless the line goes on with what stands above it.
fn in_place(lexed: &Lexed, first: usize, never: &'static str) -> Vec<Cow<'static, str>> {
    match lexed.word(first) {
        "|" => ["=", "->"].map(|mark| format!("| False {mark} {never}").into()).to_vec(),
        word @ ("," | "then" | "else") => vec![format!("{word} {never}").into()],
        ")" | "]" | "}" | "where" | "of" | "in" | "deriving" => Vec::new(),
        _ if lexed.kind(first) == Some(TokenKind::Op) => Vec::new(),
        _ => vec![never.into()],
    }
}

/// The parts of the declaration of a type around a token that may be switched off alone: its makers take as
/// many values as before, and it has its other classes.
pub(super) fn of_type(text: &Text, token: usize) -> Vec<Stretch> {
    let lexed = &text.lexed;
    let Some(head) =
        head_of(text, token).filter(|head| matches!(lexed.word(*head), "data" | "newtype"))
    else {
        return Vec::new();
    };
    derived(text, head, token).or_else(|| field(text, head, token)).into_iter().collect()
}

/// The token that the item around a token begins with, at the left edge.
fn head_of(text: &Text, token: usize) -> Option<usize> {
    (0..=token).rev().find(|at| is_edge(&text.lexed, *at))
}

/// The token that the next item begins with, or the number of tokens.
fn end_of(text: &Text, token: usize) -> usize {
    let all = text.lexed.code.len();
    (token + 1..all).find(|at| is_edge(&text.lexed, *at)).unwrap_or(all)
}

fn is_edge(lexed: &Lexed, at: usize) -> bool {
    lexed.code[at].first && lexed.source.indent(lexed.code[at].line) == Some(0)
}

/// One class of those that a type has without an `instance`, with its comma.
fn derived(text: &Text, head: usize, token: usize) -> Option<Stretch> {
    let lexed = &text.lexed;
    let word = (head..=token).rev().find(|at| lexed.is(*at, "deriving"))?;
    if !lexed.is(word + 1, "(") {
        return (token == word + 1).then(|| Stretch::of(token, token).with(NO_TYPE));
    }
    let Some(close) = text.pairs.partner_of(word + 1) else {
        return Some(Stretch::of(word, end_of(text, token) - 1));
    };
    if !(word + 2..close).contains(&token) {
        return None;
    }
    let before = (word + 2..token).rev().find(|at| lexed.is(*at, ","));
    let behind = (token..close).find(|at| lexed.is(*at, ","));
    Some(match (before, behind) {
        (None, Some(comma)) => Stretch::of(word + 2, comma),
        (before, behind) => Stretch::of(before.unwrap_or(word + 2), behind.unwrap_or(close) - 1),
    })
}

/// A field of a record, which keeps its name.
fn field(text: &Text, head: usize, token: usize) -> Option<Stretch> {
    let lexed = &text.lexed;
    let open = (head..token).rev().find(|at| matches!(lexed.word(*at), "{" | "}"))?;
    if !lexed.is(open, "{") {
        return None;
    }
    // A list of fields does not end with a comma.
    if let Some(end) = (token..=token + 1).find(|at| lexed.is(*at, "}") && lexed.is(at - 1, ",")) {
        return Some(Stretch::of(end - 1, end - 1));
    }
    let own = |at: &usize| text.pairs.inside_of(*at) == Some(open);
    let before = (open..=token).rev().find(|at| *at == open || own(at) && lexed.is(*at, ","))?;
    let ends = |at: &usize| lexed.is(*at, "}") || own(at) && lexed.is(*at, ",");
    let end = end_of(text, token);
    let last = (before + 1..end).find(ends).unwrap_or(end) - 1;
    let name = (before + 1..=last).find(|at| lexed.kind(*at) == Some(TokenKind::Name))?;
    let mut letters = lexed.word(name).chars();
    let first = letters.next()?.to_lowercase();
    let kept = format!("{}{} :: {NO_TYPE}", first, letters.as_str());
    Some(Stretch::of(before + 1, last).with(kept))
}

/// The types that lose a class with what a part switches off: by a `deriving` or by an `instance`.
pub(super) fn derives(text: &Text, covered: impl Fn(usize) -> bool) -> Vec<&str> {
    let lexed = &text.lexed;
    if !lexed.language.applies_bare {
        return Vec::new();
    }
    let mut types = Vec::new();
    for at in (0..lexed.code.len()).filter(|at| matches!(lexed.word(*at), "instance" | "deriving"))
    {
        let line = lexed.on_line(lexed.code[at].line);
        let named = |at: &usize| lexed.kind(*at) == Some(TokenKind::Name);
        match (lexed.word(at), head_of(text, at)) {
            ("instance", _) if covered(at) => {
                let of = (at + 1..line.end).take_while(|at| !lexed.is(*at, "where")).filter(named);
                types.extend(of.map(|at| lexed.word(at)));
            }
            ("deriving", Some(head)) if head < at => {
                let mut listed = at..end_of(text, at);
                types.extend(listed.any(&covered).then(|| lexed.word(head + 1)));
            }
            _ => {}
        }
    }
    types
}

/// Haskell: the name of a type that nothing declares, in whose place the type of no value stands.
pub(super) fn unknown_type(case: &Case, token: usize) -> Option<Stretch> {
    let said = &case.message.text;
    // Seen with ghc 9.0.
    let told = ["Not in scope: type variable", "Not in scope: type constructor"];
    let lexed = &case.text.lexed;
    let bare = lexed.language.applies_bare && told.iter().any(|words| said.contains(words));
    let name = |at: usize| lexed.kind(at) == Some(TokenKind::Name);
    // `M.Map`
    let qualified = |at: usize| name(at) && lexed.is(at + 1, ".") && name(at + 2);
    let (first, mut last) = match token {
        at if qualified(at) => (at, at + 2),
        at if at > 0 && qualified(at - 1) => (at - 1, at + 1),
        at if at > 1 && qualified(at - 2) => (at - 2, at),
        at if name(at) => (at, at),
        _ => return None,
    };
    // What it is applied to goes with it; behind the name of a maker stand types of their own.
    if first > 0 && matches!(lexed.word(first - 1), "::" | "->" | "=" | "(" | "[" | ",") {
        let line = lexed.code[first].line;
        while let Some(next) = lexed.code.get(last + 1).filter(|next| next.line == line) {
            last = match next.kind {
                TokenKind::Name => last + 1,
                TokenKind::Op if lexed.is(last + 1, ".") => last + 1,
                TokenKind::Open if !lexed.is(last + 1, "{") => {
                    case.text.pairs.partner_of(last + 1)?
                }
                _ => break,
            };
        }
    }
    bare.then(|| Stretch::by(first, last, NO_TYPE.to_owned()))
}

/// A type that is known everywhere, and of which nothing is computed.
pub(super) const NO_TYPE: &str = "()";

/// The name of a function of which an item is the only equation, and which has a signature: without any
/// equation, that would be a mistake.
fn only_equation(lexed: &Lexed, first: usize, last: usize) -> Option<&str> {
    let name = lexed.word(first);
    let small = name.starts_with(|one: char| one.is_lowercase() || one == '_');
    let flush = |at: &usize| lexed.code[*at].first && lexed.is(*at, name);
    let signature = |at: &usize| matches!(lexed.word(at + 1), "::" | ":");
    let mut heads = (0..lexed.code.len()).filter(flush).filter(|at| {
        lexed.source.indent(lexed.code[*at].line) == Some(0) && !(first + 1..=last).contains(at)
    });
    let (signed, own) = (heads.next()?, heads.next()?);
    let only = signature(&signed) && own == first && heads.next().is_none();
    (small && lexed.kind(first) == Some(TokenKind::Name) && only).then_some(name)
}

#[cfg(test)]
mod tests {
    use super::super::stretch::each_without;
    use super::*;
    use crate::fixes::testing::with_case;
    use erratum_syntax::language::by_id;
    use erratum_syntax::source::Source;

    fn blanked(language: &str, text: &str, at: &str) -> Vec<String> {
        each_without(language, text, at, items)
    }

    #[test]
    fn a_signature_keeps_an_equation() {
        let text = "tide :: Int -> Int\ntide n take n\n\nlow :: Int -> Int\nlow 1 = 2\nlow n n\n";
        let kept = text.replace("tide n take n", "tide = undefined");
        assert_eq!(blanked("haskell", text, "take")[0], kept);
        // Where another equation is left, the signature has one.
        let none = text.replace("low n n", "");
        assert_eq!(blanked("haskell", text, "n n\n"), [none]);
    }

    #[test]
    fn a_value_is_blanked_before_what_it_is_bound_to() {
        let text = "low :: Int\nlow = deep\n  where\n    deep = tide 3\n\nhigh = 4\n";
        let all = blanked("haskell", text, "tide");
        assert_eq!(all[0], text.replace("tide 3", "undefined"));
        assert_eq!(all[1], text.replace("deep = tide 3", "undefined"));
        assert!(all.contains(&text.replace("deep\n  where\n    deep = tide 3", "undefined\n\n")));
    }

    #[test]
    fn a_step_is_blanked_before_the_steps_around_it() {
        let text = "main = do\n  print tide\n  print 3\n";
        let all = blanked("haskell", text, "tide");
        assert_eq!(all[0], text.replace("print tide", "undefined"));
    }

    #[test]
    fn a_binding_behind_a_word_stands_by_itself() {
        let text = "main = do\n  let low = tide 3\n      high = 4\n  print high\n";
        let all = blanked("haskell", text, "tide");
        assert_eq!(all[0], text.replace("tide 3", "undefined"));
    }

    #[test]
    fn a_line_that_goes_on_from_the_one_before_stays_one() {
        let text = "low n\n  | n < 3 -> tide\n  | otherwise = [ 3\n    , 4 ]\n";
        assert_eq!(
            blanked("haskell", text, "tide")[1],
            text.replace("| n < 3 -> tide", "| False = undefined")
        );
        let text = "low = [ 3\n      , tide 4\n      ]\n";
        assert_eq!(blanked("haskell", text, "4")[0], text.replace(", tide 4", ", undefined"));
        let text = "low = deep\n  ++ tide 4\n";
        assert!(blanked("haskell", text, "4").contains(&text.replace("++ tide 4", "")));
    }

    fn of_types(text: &str, at: &str) -> Vec<String> {
        each_without("haskell", text, at, of_type)
    }

    #[test]
    fn a_type_keeps_its_other_classes() {
        let text = "data Tide = Low | High\n  deriving (Show, eq, Ord)\n";
        assert_eq!(of_types(text, "eq"), [text.replace(", eq", "")]);
        assert_eq!(of_types(text, "Show"), [text.replace("Show,", "")]);
        let text = "newtype Tide = Tide Int deriving show\n";
        assert_eq!(of_types(text, "show"), [text.replace("show", "()")]);
        // Without its end, nothing of the list is known.
        let text = "data Tide = Low deriving (Show, Eq\n\nlow = 3\n";
        assert_eq!(of_types(text, "Eq"), [text.replace(" deriving (Show, Eq", " ")]);
        // A value has no classes.
        assert!(of_types("low = (Low, deep)\n", "deep").is_empty());
    }

    #[test]
    fn what_is_switched_off_takes_classes_from_types() {
        let source = Source::new(
            "tide",
            b"data Tide = Low deriving (Show, Eq)\n\ninstance Ord Tide".to_vec(),
        );
        let text = Text::new(&source, by_id("haskell").unwrap());
        let at =
            |word: &str| (0..text.lexed.code.len()).find(|at| text.lexed.is(*at, word)).unwrap();
        assert_eq!(derives(&text, |one| one == at("Eq")), ["Tide"]);
        assert_eq!(derives(&text, |one| one >= at("instance")), ["Ord", "Tide"]);
        assert!(derives(&text, |one| one == at("Low")).is_empty());
    }

    #[test]
    fn a_record_keeps_as_many_fields() {
        let text = "data Pier = Pier\n  { name :: String\n  , Slips : Int\n  }\n";
        assert_eq!(of_types(text, "Int"), [text.replace(" Slips : Int", " slips :: ()")]);
        let text = "data Pier = Pier { slips :: Int, deck :: (Int, Int,) } deriving Show\n";
        assert_eq!(of_types(text, "Int, Int"), [text.replace("deck :: (Int, Int,)", "deck :: ()")]);
        let text = "data Pier = Pier\n  { name :: String,\n  }\n";
        assert_eq!(of_types(text, "}"), [text.replace("String,", "String")]);
    }

    #[test]
    fn an_unknown_type_goes_with_what_it_is_applied_to() {
        let put = |marked: &str, said: &str| {
            let mut put = Vec::new();
            with_case("haskell", marked, said, |case| {
                let lexed = &case.text.lexed;
                put.extend(unknown_type(case, case.token).map(|part| part.edit(lexed)));
            });
            let text = marked.replace("<|>", "");
            put.iter()
                .map(|edit| format!("{}{}{}", &text[..edit.start], edit.text, &text[edit.end..]))
                .collect::<Vec<_>>()
        };
        let said =
            "Not in scope: type constructor or class 'M.Chart' No module named 'M' is imported.";
        let signed = put("low :: <|>M.Chart Int (Maybe Int) -> Int\n", said);
        assert_eq!(signed, ["low :: () -> Int\n"]);
        let held = put("data Pier = Pier <|>string Int\n", "Not in scope: type variable 'string'");
        assert_eq!(held, ["data Pier = Pier () Int\n"]);
    }

    #[test]
    fn in_a_type_no_value_is_put() {
        let text = "data Tide\n  = Low Int\n  | High\n  deriving Show Eq\n\nlow = 3\n";
        let all = blanked("haskell", text, "Eq");
        assert_eq!(all[0], text.replace("deriving Show Eq", ""));
        assert!(all.iter().all(|blanked| !blanked.contains("undefined")));
    }
}
