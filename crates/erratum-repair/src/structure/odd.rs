//! What has no partner, why that is said, and where the partner was most likely meant.

use super::{Mark, is_line_comment, mark, opening_length, piece, place};
use crate::fixes::{self};
use crate::message::Place;
use erratum_syntax::edit::{self, Edit};
use erratum_syntax::lex::{Lexed, Token, TokenKind};
use erratum_syntax::pairs::{Odd, OddBracket, Pairs, closing};
use erratum_syntax::source::Program;
use erratum_syntax::text::Text;
use serde::Serialize;
use std::sync::Arc;

/// What an odd mark lacks.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
#[serde(rename_all = "lowercase")]
pub enum Lack {
    /// It opens something that nothing closes.
    Close,
    /// It closes something that nothing opened.
    Open,
    /// It closes something of another kind.
    Kind,
}

/// A mark without its partner.
#[derive(Clone, Debug, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct OddMark {
    /// The mark.
    pub mark: Mark,
    /// What it lacks.
    pub lacks: Lack,
    /// What its partner looks like.
    pub partner: String,
    /// Where the partner was most likely meant, if there is a place for it.
    pub meant: Option<Place>,
    /// Whether the mark is more likely one too many.
    pub surplus: bool,
    /// Why.
    pub reason: String,
}

/// Texts of more bytes than this are told by pairing alone: reading names takes longer.
const LARGE: usize = 1 << 20;

/// How many odd marks are told: behind the first few, all is guesswork.
const TOLD: usize = 50;

pub(super) fn odd_marks(lexed: &Lexed, pairs: &Pairs) -> Vec<OddMark> {
    let mut all: Vec<OddMark> = Vec::new();
    let mut text = Reading::new(lexed, pairs);
    // What a quote or a comment leaves open swallows the marks behind it: those are told as they are
    // once it is closed.
    let mut closed: Vec<Vec<Edit>> = Vec::new();
    while let Some(token) = text.open_token() {
        let (mut odd, edit) = text.open_mark(&token);
        odd.places_mut().for_each(|place| text.back(place, lexed, &closed));
        all.push(odd);
        let Some(edit) = edit.filter(|_| closed.len() < ROUNDS) else { break };
        let Some(next) = text.with(&edit) else { break };
        closed.push(vec![edit]);
        text = next;
    }
    // The other one of two that meet is told with it.
    let met: Vec<usize> = text.pairs.odd.iter().filter_map(|odd| odd.meets).collect();
    for odd in text.pairs.odd.iter().filter(|odd| !met.contains(&odd.token)).take(TOLD) {
        let mut odd = bracket(&text.lexed, odd, text.text.as_ref());
        odd.places_mut().for_each(|place| text.back(place, lexed, &closed));
        all.push(odd);
    }
    all.sort_by_key(|odd| (odd.mark.at.line, odd.mark.at.column));
    all
}

/// How many open quotes and comments are closed in turn.
const ROUNDS: usize = 6;

/// A text as it is read: as it stands, or with open quotes closed.
struct Reading {
    lexed: Lexed,
    pairs: Pairs,
    text: Option<Arc<Text>>,
}

impl Reading {
    fn new(lexed: &Lexed, pairs: &Pairs) -> Reading {
        let odd = !pairs.sound() || lexed.code.iter().chain(&lexed.comments).any(|t| !t.closed);
        let read = odd && lexed.source.bytes().len() <= LARGE;
        let text = read.then(|| Arc::new(Text::new(&lexed.source, lexed.language)));
        Reading { lexed: lexed.clone(), pairs: pairs.clone(), text }
    }

    /// The first text or comment that is left open.
    fn open_token(&self) -> Option<Token> {
        let lexed = &self.lexed;
        let texts =
            lexed.code.iter().filter(|t| matches!(t.kind, TokenKind::Str | TokenKind::Char));
        let comments = lexed.comments.iter().filter(|token| !is_line_comment(lexed, token));
        let open =
            texts.clone().chain(comments).filter(|t| !t.closed).min_by_key(|token| token.start);
        // Where texts may run over lines, an odd quote turns all behind it inside out, and the last one
        // is left open. The first that runs over a line is the odd one.
        let raw = |token: &Token| lexed.text(token).starts_with(['r', '`', '@', '$', 'R']);
        let over = |token: &&Token| {
            let inner = &lexed.source.bytes()[token.start..token.end];
            inner.contains(&b'\n') && !inner.starts_with(b"\"\"\"") && !raw(token)
        };
        let text = open.filter(|token| token.kind == TokenKind::Str);
        text.and_then(|_| texts.clone().find(over)).or(open).copied()
    }

    /// What is to be told of it, and the change that closes it.
    fn open_mark(&self, token: &Token) -> (OddMark, Option<Edit>) {
        let text = self.text.as_ref();
        let best = match token.kind {
            TokenKind::Comment => {
                text.and_then(|text| fixes::candidates_without_code(text).into_iter().next())
            }
            _ => text.and_then(|text| fixes::for_open_text(text).into_iter().next()),
        };
        let edit = best.and_then(|best| best.edits.into_iter().next());
        let odd = match token.kind {
            TokenKind::Comment => open_comment(&self.lexed, token, edit.as_ref()),
            _ => open_text(&self.lexed, token, edit.as_ref()),
        };
        (odd, edit)
    }

    fn with(&self, edit: &Edit) -> Option<Reading> {
        let program = Program::single(self.lexed.source.clone());
        let program = edit::apply(&program, std::slice::from_ref(edit)).ok()?;
        let lexed = Lexed::new(program.files.first()?, self.lexed.language);
        let pairs = Pairs::thorough(&lexed);
        Some(Reading::new(&lexed, &pairs))
    }

    /// A place in this text as a place of the text as it stands.
    fn back(&self, place: &mut Place, original: &Lexed, closed: &[Vec<Edit>]) {
        if closed.is_empty() {
            return;
        }
        let sets: Vec<&[Edit]> = closed.iter().map(Vec::as_slice).collect();
        let (start, end) = place.range(&self.lexed.source);
        let name = original.source.name();
        let start = edit::back(name, start, &sets);
        let end = edit::back(name, end, &sets);
        *place = Place::of(&original.source, start, end.max(start));
    }
}

impl OddMark {
    fn places_mut(&mut self) -> impl Iterator<Item = &mut Place> {
        std::iter::once(&mut self.mark.at).chain(&mut self.meant)
    }
}

/// Where the likeliest change that adds a partner puts it, in bytes, and whether taking the mark out is
/// likelier still.
fn place_of_partner(lexed: &Lexed, odd: &OddBracket, text: &Arc<Text>) -> (Option<usize>, bool) {
    let partner = match lexed.word(odd.token) {
        "(" => Some(")"),
        "[" => Some("]"),
        ")" => Some("("),
        "]" => Some("["),
        _ => None,
    };
    if let Some((place, surplus)) = partner.and_then(|p| place::of_partner(text, odd, p)) {
        return (Some(place), surplus);
    }
    let own = lexed.code[odd.token];
    let candidates = fixes::for_odd_bracket(text, odd);
    let single = candidates.iter().filter_map(|candidate| candidate.edits.first());
    let takes_out =
        |edit: &Edit| edit.start <= own.start && edit.end >= own.end && edit.text.trim().is_empty();
    let surplus = single.clone().next().is_some_and(takes_out);
    let adds = single.clone().find(|edit| !edit.text.trim().is_empty());
    (adds.map(|edit| edit.start), surplus)
}

fn bracket(lexed: &Lexed, odd: &OddBracket, text: Option<&Arc<Text>>) -> OddMark {
    let token = &lexed.code[odd.token];
    let word = lexed.text(token).to_owned();
    let (guess, surplus) = text.map_or((None, false), |text| place_of_partner(lexed, odd, text));
    let by_layout = || odd.before.first().map(|before| end_before(lexed, *before));
    let meant = guess.or_else(by_layout);
    let surplus = surplus || meant.is_none();
    let place = meant.map(|at| Place::of(&lexed.source, at, at));
    if let Some(meets) = odd.meets {
        let other = &lexed.code[meets];
        let reason = format!(
            "It meets the `{}` of line {}, which is of another kind.",
            lexed.text(other),
            other.line
        );
        return OddMark {
            mark: mark(lexed, token),
            lacks: Lack::Kind,
            partner: closing(lexed, meets).to_owned(),
            meant: Some(Place::of(&lexed.source, token.start, token.end)),
            surplus: false,
            reason,
        };
    }
    let (lacks, partner, reason) = match odd.odd {
        Odd::Unclosed => {
            let partner = closing(lexed, odd.token).to_owned();
            let reason = unclosed(lexed, odd, surplus);
            (Lack::Close, partner, reason)
        }
        Odd::Unopened => {
            let partner = match word.as_str() {
                ")" => "(",
                "]" => "[",
                "}" => "{",
                _ => "the word that opens the block",
            };
            (Lack::Open, partner.to_owned(), unopened(lexed, odd, place.as_ref(), surplus))
        }
    };
    OddMark { mark: mark(lexed, token), lacks, partner, meant: place, surplus, reason }
}

/// The end of the code token before another one.
fn end_before(lexed: &Lexed, before: usize) -> usize {
    before.checked_sub(1).map_or(0, |at| lexed.code[at].end)
}

fn unclosed(lexed: &Lexed, odd: &OddBracket, surplus: bool) -> String {
    let own = lexed.code[odd.token];
    if surplus && lexed.opens_block(odd.token) {
        return "Nothing after it is indented as its block would be.".to_owned();
    }
    let Some(next) = odd.before.first().and_then(|before| lexed.code.get(*before)) else {
        return "Up to the end of the file nothing closes it.".to_owned();
    };
    if lexed.opens_block(odd.token) {
        return format!(
            "Line {} is indented no deeper than line {}, so the block ends before it.",
            next.line, own.line
        );
    }
    match next.line == own.line {
        true => "The statement ends on this line, and it is still open.".to_owned(),
        false => format!("A new statement starts on line {}.", next.line),
    }
}

fn unopened(lexed: &Lexed, odd: &OddBracket, meant: Option<&Place>, surplus: bool) -> String {
    let block = lexed.closes_block(odd.token);
    match (meant.filter(|_| !surplus), block) {
        (Some(place), true) => {
            format!("Line {} looks like the start of its block, and opens none.", place.line)
        }
        (_, true) => "Every block before it is closed already.".to_owned(),
        (_, false) => "Every bracket before it is closed already.".to_owned(),
    }
}

fn open_text(lexed: &Lexed, token: &Token, edit: Option<&Edit>) -> OddMark {
    let length = opening_length(lexed, token);
    let open = piece(lexed, token.start, (token.start + length).min(token.end));
    let quote = open.text.trim_start_matches(|c: char| c.is_alphanumeric()).to_owned();
    let on_line = |at: usize| lexed.source.line_of(at) == token.line;
    let edit = edit.filter(|edit| on_line(edit.start));
    let surplus = edit.is_some_and(|edit| edit.text.is_empty());
    let at = edit.map_or_else(|| lexed.source.line_end(token.line), |edit| edit.start);
    let meant = (!surplus).then(|| Place::of(&lexed.source, at, at));
    let reason = match (surplus, lexed.language.multiline_strings) {
        (true, _) => "Without it, the line reads as code.",
        (_, true) => "The text goes on and does not end.",
        (_, false) => "A text ends on its own line, and this one does not.",
    };
    let reason = reason.to_owned();
    OddMark { mark: open, lacks: Lack::Close, partner: quote, meant, surplus, reason }
}

fn open_comment(lexed: &Lexed, token: &Token, edit: Option<&Edit>) -> OddMark {
    let length = opening_length(lexed, token);
    let open = piece(lexed, token.start, (token.start + length).min(token.end));
    let known = lexed.language.block_comments.iter().find(|(start, _)| *start == open.text);
    let partner = known.map_or("*/", |(_, close)| close).to_owned();
    let at = edit.map_or_else(|| lexed.source.line_end(token.line), |edit| edit.start);
    let meant = Place::of(&lexed.source, at, at);
    let reason = if meant.line < lexed.source.line_of(token.end) {
        format!("What follows line {} looks like code again.", meant.line)
    } else {
        "Up to the end of the file nothing closes it.".to_owned()
    };
    let meant = Some(meant);
    OddMark { mark: open, lacks: Lack::Close, partner, meant, surplus: false, reason }
}

#[cfg(test)]
mod tests {
    use super::*;
    use erratum_syntax::language::by_id;
    use erratum_syntax::source::Source;

    /// For each odd mark: its line, its text, and the line of its partner.
    fn odd(language: &str, text: &str) -> Vec<(u32, String, Option<u32>)> {
        let lexed = Lexed::new(&Source::new("t", text.as_bytes()), by_id(language).unwrap());
        let pairs = Pairs::thorough(&lexed);
        odd_marks(&lexed, &pairs)
            .into_iter()
            .map(|odd| (odd.mark.at.line, odd.mark.text, odd.meant.map(|at| at.line)))
            .collect()
    }

    #[test]
    fn odd_marks_are_named_with_the_line_of_their_partner() {
        let c = "int f() {\n    g(a, b;\n    return 1;\n}\n";
        assert_eq!(odd("c", c), [(2, "(".into(), Some(2))]);
        let java = "class T {\n    void f() {\n        puts(\"high);\n    }\n}\n";
        assert_eq!(odd("java", java)[0], (3, "\"".into(), Some(3)));
        let comment = "int a; /* tide\nint b = 3;\nint c = b;\n";
        assert_eq!(odd("c", comment)[0].0, 1);
        let pascal = "program p;\nbegin\n  if a then\n  begin\n    b;\n  c;\nend.\n";
        assert_eq!(odd("pascal", pascal)[0].0, 4);
    }

    #[test]
    fn brackets_of_two_kinds_are_told_once() {
        let found = odd("c", "int f() {\n    g(a];\n}\n");
        assert_eq!(found, [(2, "]".into(), Some(2))]);
    }
}
