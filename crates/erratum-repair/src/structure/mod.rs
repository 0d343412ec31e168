//! The structure of a text, told without a compiler: what pairs with what, which bracket, block word,
//! quote or comment is odd and where its partner was most likely meant, and an outline of the blocks.

mod odd;
mod outline;
mod place;
mod tidy;

pub use odd::{Lack, OddMark};
pub use outline::{Block, Layout};
pub use tidy::tidy;

use crate::message::Place;
use erratum_syntax::language::Language;
use erratum_syntax::lex::{Lexed, Token, TokenKind};
use erratum_syntax::pairs::Pairs;
use erratum_syntax::source::Source;
use serde::Serialize;

/// The name and version of the JSON's form.
pub const SCHEMA: &str = "erratum/structure/1";

/// A bracket, block word, quote or comment mark, with its place.
#[derive(Clone, Debug, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Mark {
    /// As it is written.
    pub text: String,
    /// Where it stands.
    pub at: Place,
}

/// Two marks that belong together.
#[derive(Clone, Debug, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Couple {
    /// The one that opens.
    pub open: Mark,
    /// The one that closes.
    pub close: Mark,
    /// How many others are open around it.
    pub depth: usize,
}

/// How many marks of a kind there are.
#[derive(Clone, Debug, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Count {
    /// What opens.
    pub open: String,
    /// What closes.
    pub close: String,
    /// How many open.
    pub opening: usize,
    /// How many close.
    pub closing: usize,
}

/// What is known of the structure of a text.
#[derive(Clone, Debug, Serialize)]
#[cfg_attr(feature = "schema", derive(schemars::JsonSchema))]
pub struct Structure {
    /// The name and version of this form.
    #[cfg_attr(feature = "schema", schemars(extend("const" = SCHEMA)))]
    pub schema: &'static str,
    /// Name of the file.
    pub file: String,
    /// Short name of the language.
    pub language: &'static str,
    /// What has no partner, in order.
    pub odd: Vec<OddMark>,
    /// How many marks there are of each kind.
    pub counts: Vec<Count>,
    /// Every pair, in the order of what opens.
    pub couples: Vec<Couple>,
    /// The blocks, in order.
    pub blocks: Vec<Block>,
    /// How lines are indented.
    pub layout: Layout,
}

impl Structure {
    /// Reads the structure of a text.
    pub fn new(source: &Source, language: &'static Language) -> Structure {
        let lexed = Lexed::new(source, language);
        let pairs = Pairs::thorough(&lexed);
        let blocks = outline::blocks(&lexed, &pairs);
        Structure {
            schema: SCHEMA,
            file: source.name().to_owned(),
            language: language.id,
            odd: odd::odd_marks(&lexed, &pairs),
            counts: counts(&lexed),
            couples: couples(&lexed, &pairs),
            layout: outline::layout(&lexed, &pairs),
            blocks,
        }
    }

    /// Whether everything has its partner.
    pub fn sound(&self) -> bool {
        self.odd.is_empty()
    }
}

/// A token as a mark.
fn mark(lexed: &Lexed, token: &Token) -> Mark {
    piece(lexed, token.start, token.end)
}

fn piece(lexed: &Lexed, start: usize, end: usize) -> Mark {
    Mark {
        text: lexed.source.slice(start, end).into_owned(),
        at: Place::of(&lexed.source, start, end),
    }
}

/// The mark that starts a string, character or comment, in bytes.
fn opening_length(lexed: &Lexed, token: &Token) -> usize {
    let text = lexed.text(token);
    if token.kind == TokenKind::Comment {
        let blocks = lexed.language.block_comments.iter().map(|(open, _)| *open);
        let known = blocks.filter(|open| text.starts_with(open)).map(str::len).max();
        return known.unwrap_or(1);
    }
    let quote = text.find(['"', '\'', '`', '#']).map_or(0, |at| at + 1);
    let triple = ["\"\"\"", "'''"].iter().any(|three| text.starts_with(three));
    if triple { 3 } else { quote.max(1) }
}

/// Whether a comment reaches to the end of its line and needs no mark there.
fn is_line_comment(lexed: &Lexed, token: &Token) -> bool {
    let text = lexed.text(token);
    let block = lexed.language.block_comments.iter().any(|(open, _)| text.starts_with(open));
    !block
}

fn couples(lexed: &Lexed, pairs: &Pairs) -> Vec<Couple> {
    let mut all = Vec::new();
    let mut depths: Vec<usize> = vec![0; lexed.code.len()];
    for (index, token) in lexed.code.iter().enumerate() {
        // What stands around it comes before it.
        depths[index] = pairs.inside_of(index).map_or(0, |open| depths[open] + 1);
        if token.kind == TokenKind::Open
            && let Some(close) = pairs.partner_of(index)
        {
            all.push(Couple {
                open: mark(lexed, token),
                close: mark(lexed, &lexed.code[close]),
                depth: depths[index],
            });
        }
    }
    let texts = lexed.code.iter().filter(|t| matches!(t.kind, TokenKind::Str | TokenKind::Char));
    let comments = lexed.comments.iter().filter(|token| !is_line_comment(lexed, token));
    for token in texts.chain(comments).filter(|token| token.closed) {
        let open = opening_length(lexed, token);
        let end = closing_length(lexed, token).min((token.end - token.start).saturating_sub(open));
        all.push(Couple {
            open: piece(lexed, token.start, token.start + open),
            close: piece(lexed, token.end - end, token.end),
            depth: pairs_depth(lexed, pairs, &depths, token),
        });
    }
    all.sort_by_key(|couple| (couple.open.at.line, couple.open.at.column));
    all
}

fn pairs_depth(lexed: &Lexed, pairs: &Pairs, depths: &[usize], token: &Token) -> usize {
    if lexed.code.is_empty() {
        return 0;
    }
    let at = lexed.at(token.start);
    pairs.inside_of(at).map_or(0, |open| depths[open] + 1)
}

fn closing_length(lexed: &Lexed, token: &Token) -> usize {
    let text = lexed.text(token);
    if token.kind == TokenKind::Comment {
        let blocks = lexed.language.block_comments.iter();
        let known = blocks.filter(|(open, _)| text.starts_with(open)).map(|(_, close)| close.len());
        return known.max().unwrap_or(0);
    }
    if ["\"\"\"", "'''"].iter().any(|three| text.starts_with(three)) { 3 } else { 1 }
}

fn counts(lexed: &Lexed) -> Vec<Count> {
    let mut all: Vec<Count> = Vec::new();
    let mut add = |open: &str, close: &str, opens: bool, closes: bool| {
        let known = all.iter().position(|count| count.open == open && count.close == close);
        let at = known.unwrap_or_else(|| {
            let (open, close) = (open.to_owned(), close.to_owned());
            all.push(Count { open, close, opening: 0, closing: 0 });
            all.len() - 1
        });
        all[at].opening += usize::from(opens);
        all[at].closing += usize::from(closes);
    };
    for (index, token) in lexed.code.iter().enumerate() {
        match token.kind {
            TokenKind::Open => match lexed.word(index) {
                "(" => add("(", ")", true, false),
                "[" => add("[", "]", true, false),
                "{" => add("{", "}", true, false),
                // Words that open are of many kinds and close alike.
                _ => add("block words", "their ends", true, false),
            },
            TokenKind::Close => match lexed.word(index) {
                ")" => add("(", ")", false, true),
                "]" => add("[", "]", false, true),
                "}" => add("{", "}", false, true),
                _ => add("block words", "their ends", false, true),
            },
            TokenKind::Str | TokenKind::Char => {
                let start = token.start + opening_length(lexed, token).saturating_sub(1);
                let quote = lexed.source.slice(start, start + 1).into_owned();
                add(&quote, &quote, true, token.closed);
            }
            _ => {}
        }
    }
    for token in lexed.comments.iter().filter(|token| !is_line_comment(lexed, token)) {
        let text = lexed.text(token);
        let known = lexed.language.block_comments.iter();
        if let Some((open, close)) =
            known.filter(|(open, _)| text.starts_with(open)).max_by_key(|(open, _)| open.len())
        {
            add(open, close, true, token.closed);
        }
    }
    all.sort_by(|a, b| a.open.cmp(&b.open));
    all
}

#[cfg(test)]
mod tests {
    use super::*;
    use erratum_syntax::language::by_id;

    fn structure(language: &str, text: &str) -> Structure {
        Structure::new(&Source::new("t", text.as_bytes()), by_id(language).unwrap())
    }

    #[test]
    fn everything_that_opens_has_its_partner_in_sound_text() {
        let found = structure(
            "c",
            "int f(void) {\n    /* tide */\n    puts(\"a(\"); // (\n    return b[1];\n}\n",
        );
        assert!(found.sound());
        let pairs: Vec<(String, String, usize)> = found
            .couples
            .iter()
            .map(|c| (c.open.text.clone(), c.close.text.clone(), c.depth))
            .collect();
        let pair = |open: &str, close: &str, depth| (open.to_owned(), close.to_owned(), depth);
        assert_eq!(
            pairs,
            [
                pair("(", ")", 0),
                pair("{", "}", 0),
                pair("/*", "*/", 1),
                pair("(", ")", 1),
                pair("\"", "\"", 2),
                pair("[", "]", 1),
            ]
        );
        let count = |open: &str| {
            let count = found.counts.iter().find(|count| count.open == open).unwrap();
            (count.opening, count.closing)
        };
        assert_eq!((count("("), count("{"), count("/*")), ((2, 2), (1, 1), (1, 1)));
    }

    #[test]
    fn an_empty_text_and_one_of_comments_have_no_structure() {
        assert!(structure("java", "").sound());
        let only = structure("java", "/* tide");
        assert_eq!(only.odd.len(), 1);
        assert_eq!(only.counts[0].closing, 0);
    }
}
