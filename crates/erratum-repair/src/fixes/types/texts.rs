//! A value that is no text where a text is wanted: it is made one.

use crate::fixes::shape::operand_end;
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// A text is wanted where a value stands.
const TEXT_WANTED: Factor = weight("a text is wanted", 3.0);
/// Each way that is more usual.
const RARER_WAY: Factor = weight("another way is more usual", -0.5);

/// An object of the program whose class writes no text.
const NO_TEXT: Factor = weight("its class says nothing of its text", -4.0);

/// Whether the value is an object of the program whose class does not say how it is written as a text.
fn is_plain_object(case: &Case) -> bool {
    let from = case.word("from").or(case.word("found")).unwrap_or("");
    let class = from.rsplit('.').next().unwrap_or(from);
    let own = case.text.names.of(class).any(|declared| declared.kind == NameKind::Type);
    own && !["toString", "ToString", "to_string", "fmt"]
        .iter()
        .any(|name| case.text.names.of(name).next().is_some())
}

/// The conversions of the language around the value that the message points at.
pub(super) fn texts(case: &Case, all: &mut Vec<Candidate>) {
    let ways = case.language().to_text;
    let wants = |hole: &str| case.word(hole).is_some_and(|typed| is_text(case, typed));
    if ways.is_empty() || !(wants("to") || wants("expected")) || wants("from") || wants("found") {
        return;
    }
    // A list is not meant as one text: rather one of its elements. Nor is what may be missing.
    let list =
        |hole: &str| case.word(hole).is_some_and(|typed| is_list(typed) || is_perhaps(typed));
    if list("from") || list("found") {
        return;
    }
    let Some((first, last)) = value(case) else { return };
    let lexed = case.lexed();
    let plain =
        matches!(lexed.kind(first), Some(TokenKind::Number | TokenKind::Str | TokenKind::Char));
    if plain && first == last {
        // A literal is written as a text, or was meant as what it is.
        return;
    }
    let (from, to) = (lexed.code[first].start, lexed.code[last].end);
    let operators =
        (first..=last).any(|at| lexed.kind(at) == Some(TokenKind::Op) && !lexed.is(at, "."));
    for (rank, (before, after)) in ways.iter().enumerate() {
        let bracket = operators && before.is_empty();
        let (open, close) = if bracket { ("(", ")") } else { ("", "") };
        let mut edits: Vec<Edit> = Vec::new();
        let put = [(from, format!("{before}{open}")), (to, format!("{close}{after}"))];
        edits.extend(
            put.into_iter()
                .filter(|(_, text)| !text.is_empty())
                .map(|(at, text)| case.insert(at, text)),
        );
        let score = TEXT_WANTED + RARER_WAY * rank as f64 + NO_TEXT.when(is_plain_object(case));
        all.push(Candidate::new(MistakeId::MissingToString, score, edits));
    }
}

/// Whether values of a type may be missing, as compilers write it.
fn is_perhaps(typed: &str) -> bool {
    let outer = typed.split(['<', '[', ' ']).next().unwrap_or(typed);
    let bare = outer.rsplit(['.', ':']).next().unwrap_or(outer);
    ["Option", "Optional", "Some", "Maybe", "optional"].contains(&bare) && outer.len() < typed.len()
}

/// Whether a type is that of a list, as compilers write it.
fn is_list(typed: &str) -> bool {
    let outer = typed.split(['<', '[']).next().unwrap_or(typed);
    let bare = outer.rsplit(['.', ':']).next().unwrap_or(outer);
    let holds = LISTS.contains(&bare);
    typed.starts_with('[') || typed.ends_with("[]") || holds && outer.len() < typed.len()
}

/// Types of the libraries that hold several values.
const LISTS: &[&str] = &[
    "List",
    "ArrayList",
    "Vec",
    "Array",
    "Seq",
    "Set",
    "Map",
    "IEnumerable",
    "IOrderedEnumerable",
    "IList",
    "IReadOnlyList",
    "HashSet",
    "Dictionary",
    "Queue",
    "Stack",
    "Collection",
    "ListBuffer",
];

/// Returns whether a type is the one that texts have.
pub(super) fn is_text(case: &Case, typed: &str) -> bool {
    let bare = typed.rsplit(['.', ':']).next().unwrap_or(typed);
    bare == case.language().usual.text
        || matches!(
            bare,
            "String" | "string" | "str" | "basic_string<char>" | "AnsiString" | "ShortString"
        )
}

/// The expression that the message points at: its range, or what starts there and goes on to the end of
/// its operand.
fn value(case: &Case) -> Option<(usize, usize)> {
    let lexed = case.lexed();
    let first = case.token;
    if !matches!(
        lexed.kind(first)?,
        TokenKind::Name | TokenKind::Keyword | TokenKind::Open | TokenKind::Number
    ) {
        return None;
    }
    let covered = lexed.code[first..].iter().take_while(|token| token.end <= case.range.1).count();
    if covered > 1 {
        return Some((first, first + covered - 1));
    }
    Some((first, operand_end(case, first)?))
}
