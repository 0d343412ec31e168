//! Tokens of a text that need not be sound: nothing is an error here. What is left open (a string,
//! a comment) is marked as open and ends where the language lets it end.

use crate::language::{Apostrophe, Language, RawStrings};
use crate::source::Source;
use std::sync::Arc;

/// What a token is.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Hash)]
pub enum TokenKind {
    /// A word that may be a name.
    Name,
    /// A word of the language.
    Keyword,
    /// A number.
    Number,
    /// A string, with its quotes.
    Str,
    /// A character with its quotes, or a regular expression with its slashes.
    Char,
    /// `(`, `[`, `{`, or a word that opens a block.
    Open,
    /// `)`, `]`, `}`, or a word that closes a block.
    Close,
    /// An operator or separator.
    Op,
    /// A comment, with its marks.
    Comment,
    /// A whole preprocessor line.
    Directive,
    /// A lifetime.
    Lifetime,
    /// A byte that starts no token.
    Unknown,
}

/// A token: bytes `start..end` of the text.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct Token {
    /// What it is.
    pub kind: TokenKind,
    /// First byte.
    pub start: usize,
    /// Byte after the last.
    pub end: usize,
    /// The line on which it starts, from 1.
    pub line: u32,
    /// Whether it is the first thing on its line.
    pub first: bool,
    /// Whether a string, character or comment has its end mark. True for everything else.
    pub closed: bool,
}

/// A text with its tokens.
#[derive(Clone, Debug)]
pub struct Lexed {
    /// The text.
    pub source: Source,
    /// Everything but comments, in order.
    pub code: Vec<Token>,
    /// The comments, in order.
    pub comments: Vec<Token>,
    /// The language it was read as.
    pub language: &'static Language,
    /// Where upper and lower case are the same: the text in lower case, byte for byte.
    folded: Option<Arc<[u8]>>,
}

impl Lexed {
    /// Reads a text.
    pub fn new(source: &Source, language: &'static Language) -> Lexed {
        let (mut code, mut comments) = (Vec::new(), Vec::new());
        let at = source.text_start();
        let mut lexer = Lexer { text: source.bytes(), at, language, after_value: false };
        let (mut line, mut counted, mut last_line) = (1, lexer.at, 0);
        while let Some((kind, start, end, closed)) = lexer.next() {
            line += memchr::memchr_iter(b'\n', &lexer.text[counted..start]).count() as u32;
            counted = start;
            let token = Token { kind, start, end, line, first: line != last_line, closed };
            let inside = memchr::memchr_iter(b'\n', &lexer.text[start..end]).count() as u32;
            last_line = line + inside;
            if kind == TokenKind::Comment {
                comments.push(token);
                continue;
            }
            lexer.after_value = match kind {
                TokenKind::Op | TokenKind::Open => false,
                TokenKind::Keyword => {
                    matches!(&lexer.text[start..end], b"this" | b"super" | b"null")
                }
                _ => true,
            };
            code.push(token);
        }
        let folded = language.any_case.then(|| source.bytes().to_ascii_lowercase().into());
        let mut lexed = Lexed { source: source.clone(), code, comments, language, folded };
        if !language.blocks.is_empty() {
            lexed.find_blocks();
        }
        lexed
    }

    /// Marks the words that open and close blocks as what they are.
    fn find_blocks(&mut self) {
        let listed = self.language.block_openers.map(|openers| openers(self));
        let mut listed = listed.as_deref().map(|all| all.iter().copied().peekable());
        for index in 0..self.code.len() {
            let named = listed.as_mut().map(|all| all.next_if_eq(&index).is_some());
            if self.code[index].kind != TokenKind::Keyword {
                continue;
            }
            let word = self.word(index);
            let closes =
                self.language.ends_block(word) && (self.language.closes_block)(self, index);
            let opens = named.unwrap_or_else(|| {
                self.language.block_end(word).is_some() && (self.language.opens_block)(self, index)
            });
            if opens {
                self.code[index].kind = TokenKind::Open;
            } else if closes {
                self.code[index].kind = TokenKind::Close;
            }
        }
    }

    /// The text of a token.
    pub fn text(&self, token: &Token) -> &str {
        std::str::from_utf8(&self.source.bytes()[token.start..token.end]).unwrap_or("\u{fffd}")
    }

    /// The text of the code token at that index, in lower case if case means nothing; empty past
    /// either end.
    pub fn word(&self, index: usize) -> &str {
        self.code.get(index).map_or("", |token| self.plain(token))
    }

    /// The text of a token, in lower case if case means nothing in it.
    pub fn plain(&self, token: &Token) -> &str {
        match &self.folded {
            Some(folded) if !matches!(token.kind, TokenKind::Str | TokenKind::Char) => {
                std::str::from_utf8(&folded[token.start..token.end]).unwrap_or("\u{fffd}")
            }
            _ => self.text(token),
        }
    }

    /// Whether the code token at that index is exactly this text (and no string or comment).
    pub fn is(&self, index: usize, text: &str) -> bool {
        self.code.get(index).is_some_and(|token| {
            !matches!(token.kind, TokenKind::Str | TokenKind::Char) && self.plain(token) == text
        })
    }

    /// Returns the word or mark before a code token; an empty text before the first.
    pub fn before(&self, index: usize) -> &str {
        index.checked_sub(1).map_or("", |at| self.word(at))
    }

    /// Returns the last word or mark on the line of a code token.
    pub fn last_on_line(&self, index: usize) -> &str {
        let line = self.on_line(self.code[index].line);
        self.word(line.end.saturating_sub(1))
    }

    /// Whether the code token at that index opens a block: `{`, or a word that does.
    pub fn opens_block(&self, index: usize) -> bool {
        self.kind(index) == Some(TokenKind::Open) && !matches!(self.word(index), "(" | "[")
    }

    /// Whether the code token at that index closes a block: `}`, or a word that does.
    pub fn closes_block(&self, index: usize) -> bool {
        self.kind(index) == Some(TokenKind::Close) && !matches!(self.word(index), ")" | "]")
    }

    /// Whether the code token at that index stands between two statements.
    pub fn divides(&self, index: usize) -> bool {
        self.opens_block(index)
            || self.closes_block(index)
            || self.is(index, self.language.terminator)
            || (self.kind(index) == Some(TokenKind::Keyword)
                && self.language.dividers.contains(&self.word(index)))
    }

    /// Where statements end with their lines: whether a statement starts with this token, the first
    /// on its line. A line that ends or starts with an operator goes on.
    pub fn starts_line(&self, index: usize) -> bool {
        let Some(token) = self.code.get(index).filter(|token| token.first) else { return false };
        if !self.language.line_ends {
            return false;
        }
        let leads = match token.kind {
            TokenKind::Op => !matches!(self.word(index), "!" | "-" | "*" | "&" | "@"),
            TokenKind::Close => true,
            _ => matches!(
                self.word(index),
                "else" | "catch" | "finally" | "extends" | "with" | "yield" | "then"
            ),
        };
        let Some(before) = index.checked_sub(1) else { return true };
        let goes_on = match self.code[before].kind {
            TokenKind::Op => !matches!(self.word(before), "++" | "--" | ";" | "_"),
            TokenKind::Open => !self.opens_block(before),
            _ => false,
        };
        !leads && !goes_on
    }

    /// The kind of the code token at that index.
    pub fn kind(&self, index: usize) -> Option<TokenKind> {
        self.code.get(index).map(|token| token.kind)
    }

    /// The code token that holds a byte, or else the next one after it (or the last).
    pub fn at(&self, offset: usize) -> usize {
        let index = self.code.partition_point(|token| token.end <= offset);
        index.min(self.code.len().saturating_sub(1))
    }

    /// The code tokens that start on a line, as a range of indices.
    pub fn on_line(&self, line: u32) -> std::ops::Range<usize> {
        let start = self.code.partition_point(|token| token.line < line);
        let end = self.code.partition_point(|token| token.line <= line);
        start..end
    }

    /// The texts of all code tokens: two texts with the same ones differ only in layout and
    /// comments.
    pub fn words(&self) -> Vec<&str> {
        self.code.iter().map(|token| self.plain(token)).collect()
    }
}

struct Lexer<'a> {
    text: &'a [u8],
    at: usize,
    language: &'static Language,
    /// Whether a value ends before this place: a `/` behind one divides.
    after_value: bool,
}

type Raw = (TokenKind, usize, usize, bool);

impl Lexer<'_> {
    fn rest(&self) -> &[u8] {
        &self.text[self.at.min(self.text.len())..]
    }

    fn starts(&self, mark: &str) -> bool {
        self.rest().starts_with(mark.as_bytes())
    }

    fn line_end(&self, from: usize) -> usize {
        memchr::memchr(b'\n', &self.text[from..]).map_or(self.text.len(), |at| from + at)
    }

    /// The end of the line's text: without a carriage return.
    fn text_end(&self, from: usize) -> usize {
        let end = self.line_end(from);
        if end > from && self.text[end - 1] == b'\r' { end - 1 } else { end }
    }

    fn first_on_line(&self) -> bool {
        self.text[..self.at]
            .iter()
            .rev()
            .take_while(|byte| **byte != b'\n')
            .all(|byte| byte.is_ascii_whitespace() || *byte >= 0xbb)
    }

    fn next(&mut self) -> Option<Raw> {
        while self.rest().first().is_some_and(|b| b.is_ascii_whitespace() || *b == 0) {
            self.at += 1;
        }
        let start = self.at;
        let first = *self.rest().first()?;
        let (kind, end, closed) = self.token(first);
        self.at = end.max(start + 1).min(self.text.len());
        Some((kind, start, self.at, closed))
    }

    fn token(&self, first: u8) -> (TokenKind, usize, bool) {
        let language = self.language;
        let start = self.at;
        if language.line_comments.iter().any(|mark| self.starts(mark)) {
            return (TokenKind::Comment, self.text_end(start), true);
        }
        if let Some((open, close)) =
            language.block_comments.iter().find(|(open, _)| self.starts(open))
        {
            let (end, closed) = self.block_comment(open, close);
            return (TokenKind::Comment, end, closed);
        }
        if first == b'/'
            && language.patterns_in_slashes
            && !self.after_value
            && let Some(end) = self.pattern()
        {
            return (TokenKind::Char, end, true);
        }
        if first == b'#' && language.directives && self.first_on_line() {
            return (TokenKind::Directive, self.directive(), true);
        }
        if let Some((end, closed)) = self.raw_string() {
            return (TokenKind::Str, end, closed);
        }
        if let Some(mark) = language.text_block
            && self.starts(mark)
        {
            let (end, closed) = self.until(start + mark.len(), mark.as_bytes());
            return (TokenKind::Str, end, closed);
        }
        let lifetimes = language.apostrophe == Apostrophe::Lifetime;
        let prefixed = lifetimes && (self.starts("b\"") || self.starts("c\""));
        if first == b'"' || prefixed {
            let open = if prefixed { 2 } else { 1 };
            let (end, closed) = self.quoted(start + open, b'"', language.multiline_strings);
            return (TokenKind::Str, end, closed);
        }
        if first == b'\'' && language.apostrophe == Apostrophe::Text {
            let (end, closed) = self.quoted(start + 1, b'\'', false);
            return (TokenKind::Str, end, closed);
        }
        if first == b'\'' && language.apostrophe == Apostrophe::Attribute {
            let closed = self.rest().get(2) == Some(&b'\'');
            let kind = if closed { TokenKind::Char } else { TokenKind::Op };
            return (kind, start + if closed { 3 } else { 1 }, true);
        }
        if first == b'\'' || (first == b'b' && lifetimes && self.starts("b'")) {
            return self.character(if first == b'b' { 2 } else { 1 });
        }
        if first.is_ascii_digit()
            || (first == b'.' && self.rest().get(1).is_some_and(u8::is_ascii_digit) && !lifetimes)
        {
            return (TokenKind::Number, self.number(), true);
        }
        if is_name_start(first) || self.is_name_mark(first) {
            let part = |b: &&u8| is_name_byte(**b) || self.is_name_mark(**b);
            let length = self.rest().iter().take_while(part).count();
            let word = std::str::from_utf8(&self.rest()[..length]).unwrap_or("");
            let kind = if language.is_keyword(word) { TokenKind::Keyword } else { TokenKind::Name };
            return (kind, start + length, true);
        }
        match first {
            b'(' | b'[' | b'{' => return (TokenKind::Open, start + 1, true),
            b')' | b']' | b'}' => return (TokenKind::Close, start + 1, true),
            _ => {}
        }
        if let Some(operator) = language.operators.iter().find(|operator| self.starts(operator)) {
            return (TokenKind::Op, start + operator.len(), true);
        }
        let kind = if first.is_ascii_punctuation() && !matches!(first, b'\\' | b'`' | b'$') {
            TokenKind::Op
        } else {
            TokenKind::Unknown
        };
        (kind, start + 1, true)
    }

    /// A mark that the language lets names have. A `'` is none at the start of one.
    fn is_name_mark(&self, byte: u8) -> bool {
        self.language.name_marks.as_bytes().contains(&byte)
    }

    fn until(&self, from: usize, mark: &[u8]) -> (usize, bool) {
        match memchr::memmem::find(&self.text[from.min(self.text.len())..], mark) {
            Some(at) => (from + at + mark.len(), true),
            None => (self.text.len(), false),
        }
    }

    fn block_comment(&self, open: &str, close: &str) -> (usize, bool) {
        if !self.language.nested_comments {
            return self.until(self.at + open.len(), close.as_bytes());
        }
        let (mut at, mut depth) = (self.at + open.len(), 1);
        while at < self.text.len() {
            let rest = &self.text[at..];
            if rest.starts_with(close.as_bytes()) {
                depth -= 1;
                at += close.len();
                if depth == 0 {
                    return (at, true);
                }
            } else if rest.starts_with(open.as_bytes()) {
                depth += 1;
                at += open.len();
            } else {
                at += 1;
            }
        }
        (self.text.len(), false)
    }

    /// A preprocessor line, with the lines it goes on to, without a comment at its end.
    fn directive(&self) -> usize {
        let mut end = self.text_end(self.at);
        while end > self.at && self.text[end - 1] == b'\\' && end < self.text.len() {
            end = self.text_end(self.line_end(end) + 1);
        }
        let body = &self.text[self.at..end];
        let body = &body[..trailing_comment(body).unwrap_or(body.len())];
        self.at + body.len() - body.iter().rev().take_while(|b| b.is_ascii_whitespace()).count()
    }

    /// The end of a regular expression between slashes; nothing if its line does not end it.
    fn pattern(&self) -> Option<usize> {
        let end = self.text_end(self.at);
        let (mut at, mut listed) = (self.at + 1, false);
        while at < end {
            match self.text[at] {
                b'\\' => at += 1,
                // In a list of letters a slash is one of them.
                b'[' => listed = true,
                b']' => listed = false,
                b'/' if !listed => {
                    let flags = self.text[at + 1..end].iter();
                    return Some(at + 1 + flags.take_while(|b| b.is_ascii_lowercase()).count());
                }
                _ => {}
            }
            at += 1;
        }
        None
    }

    fn raw_string(&self) -> Option<(usize, bool)> {
        let rest = self.rest();
        match self.language.raw_strings {
            RawStrings::None => None,
            RawStrings::Delimited => {
                let mark = rest.strip_prefix(b"R\"")?;
                let open = mark.iter().take(17).position(|byte| *byte == b'(')?;
                let close = [b")", &mark[..open], b"\""].concat();
                Some(self.until(self.at + 2 + open + 1, &close))
            }
            RawStrings::Backtick => {
                let inside = rest.strip_prefix(b"`")?;
                Some(self.until(self.at + 1, b"`")).filter(|_| !inside.is_empty())
            }
            RawStrings::Template => rest.starts_with(b"`").then(|| self.template(self.at + 1)),
            RawStrings::Prefixed => {
                let letters = rest.iter().take_while(|byte| byte.is_ascii_alphabetic()).count();
                let quotes = &rest[letters..];
                if letters == 0 || !quotes.starts_with(b"\"") {
                    return None;
                }
                let from = self.at + letters + 1;
                Some(if quotes.starts_with(b"\"\"\"") {
                    self.until(from + 2, b"\"\"\"")
                } else {
                    self.quoted(from, b'"', false)
                })
            }
            RawStrings::Verbatim => {
                let marks = rest.iter().take_while(|byte| matches!(byte, b'@' | b'$')).count();
                if marks == 0 || rest.get(marks) != Some(&b'"') {
                    return None;
                }
                let from = self.at + marks + 1;
                let verbatim = rest[..marks].contains(&b'@');
                Some(if verbatim {
                    self.doubled(from, b'"', true)
                } else {
                    self.quoted(from, b'"', false)
                })
            }
            RawStrings::Hashed => {
                let two = rest.starts_with(b"br") || rest.starts_with(b"cr");
                let skip = if two { 2 } else { usize::from(rest[0] == b'r') };
                let hashes = rest[skip..].iter().take_while(|byte| **byte == b'#').count();
                if skip == 0 || rest.get(skip + hashes) != Some(&b'"') {
                    return None;
                }
                let close = [b"\"", &rest[skip..skip + hashes]].concat();
                Some(self.until(self.at + skip + hashes + 1, &close))
            }
        }
    }

    /// A template string up to its end; a value in it may hold strings of its own.
    fn template(&self, from: usize) -> (usize, bool) {
        let (mut at, mut depth) = (from, 0u32);
        while at < self.text.len() {
            match self.text[at] {
                b'\\' => at += 1,
                b'`' if depth == 0 => return (at + 1, true),
                b'$' if depth == 0 && self.text.get(at + 1) == Some(&b'{') => {
                    depth = 1;
                    at += 1;
                }
                b'{' if depth > 0 => depth += 1,
                b'}' if depth > 0 => depth -= 1,
                quote @ (b'"' | b'\'') if depth > 0 => {
                    at = self.quoted(at + 1, quote, false).0.saturating_sub(1);
                }
                b'`' => {
                    // One inside a value of this one.
                    at = self.template(at + 1).0.saturating_sub(1);
                }
                _ => {}
            }
            at += 1;
        }
        (self.text.len(), false)
    }

    /// A string in which a quote is written twice.
    fn doubled(&self, from: usize, quote: u8, multiline: bool) -> (usize, bool) {
        let mut at = from;
        while at < self.text.len() {
            match self.text[at] {
                b'\n' if !multiline => return (self.text_end(from), false),
                byte if byte == quote && self.text.get(at + 1) == Some(&quote) => at += 2,
                byte if byte == quote => return (at + 1, true),
                _ => at += 1,
            }
        }
        (self.text.len(), false)
    }

    fn quoted(&self, from: usize, quote: u8, multiline: bool) -> (usize, bool) {
        if self.language.doubled_quotes {
            return self.doubled(from, quote, multiline);
        }
        let mut at = from;
        while at < self.text.len() {
            match self.text[at] {
                b'\\' if self.text.get(at + 1) == Some(&b'\r') => at += 3,
                b'\\' => at += 2,
                b'\n' if !multiline => return (self.text_end(from), false),
                byte if byte == quote => return (at + 1, true),
                _ => at += 1,
            }
        }
        (self.text.len(), false)
    }

    fn character(&self, open: usize) -> (TokenKind, usize, bool) {
        let from = self.at + open;
        if self.language.apostrophe == Apostrophe::Lifetime {
            let word = self.text[from..].iter().take_while(|b| is_name_byte(**b)).count();
            let next = self.text.get(from + word);
            let wide = self.text[from..].first().is_some_and(|byte| *byte >= 0x80);
            if word > 0 && next != Some(&b'\'') && !wide {
                return (TokenKind::Lifetime, from + word, true);
            }
        }
        let (end, closed) = self.quoted(from, b'\'', false);
        (TokenKind::Char, end, closed)
    }

    fn number(&self) -> usize {
        let mut at = self.at;
        let hex = self.starts("0x") || self.starts("0X");
        while let Some(&byte) = self.text.get(at) {
            let next = self.text.get(at + 1);
            let exponent = matches!(byte, b'+' | b'-')
                && !hex
                && at > self.at
                && matches!(self.text[at - 1], b'e' | b'E')
                && next.is_some_and(u8::is_ascii_digit);
            // `1..n` is a range and `1.max(2)` a call, but `1.5` and `1.` are numbers.
            let point = byte == b'.'
                && next != Some(&b'.')
                && !next.is_some_and(|b| is_name_start(*b) && !matches!(b, b'e' | b'E' | b'f'));
            let separator =
                byte == b'\'' && next.is_some_and(u8::is_ascii_digit) && self.language.directives;
            if is_name_byte(byte) || exponent || point || separator {
                at += 1;
            } else {
                break;
            }
        }
        at
    }
}

/// Whether the text of an `#include` line up to here is inside the path, where `//` is no comment.
/// Where the comment starts with which a directive ends; one that has code of it behind is a part of it.
fn trailing_comment(body: &[u8]) -> Option<usize> {
    let mut from = 0;
    loop {
        let marks = ["//", "/*"].iter();
        let found =
            marks.flat_map(|mark| memchr::memmem::find_iter(&body[from..], mark.as_bytes()));
        let at = found.map(|at| from + at).filter(|at| !in_path(&body[..*at])).min()?;
        let closes = memchr::memmem::find(&body[at + 2..], b"*/").filter(|_| body[at + 1] == b'*');
        let Some(closes) = closes else { return Some(at) };
        from = at + 2 + closes + 2;
        if body[from..].trim_ascii().is_empty() {
            return Some(at);
        }
    }
}

fn in_path(text: &[u8]) -> bool {
    let opened = text.contains(&b'<') && !text.contains(&b'>');
    opened || text.iter().filter(|byte| **byte == b'"').count() % 2 == 1
}

fn is_name_start(byte: u8) -> bool {
    byte.is_ascii_alphabetic() || byte == b'_' || byte >= 0x80
}

fn is_name_byte(byte: u8) -> bool {
    is_name_start(byte) || byte.is_ascii_digit()
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::language::by_id;

    fn kinds(language: &str, text: &str) -> Vec<(TokenKind, String, bool)> {
        let source = Source::new("t", text.as_bytes());
        let lexed = Lexed::new(&source, by_id(language).unwrap());
        let mut all: Vec<_> = lexed.code.iter().chain(&lexed.comments).collect();
        all.sort_by_key(|token| token.start);
        all.iter().map(|t| (t.kind, lexed.text(t).to_owned(), t.closed)).collect()
    }

    fn words(language: &str, text: &str) -> Vec<String> {
        kinds(language, text).into_iter().map(|(_, word, _)| word).collect()
    }

    #[test]
    fn operators_and_numbers_are_cut_at_their_longest() {
        assert_eq!(
            words("c", "a->b<<=1.5e-3+x++"),
            ["a", "->", "b", "<<=", "1.5e-3", "+", "x", "++"]
        );
        assert_eq!(
            words("rust", "1..n 1.max(2) 0.5"),
            ["1", "..", "n", "1", ".", "max", "(", "2", ")", "0.5"]
        );
        assert_eq!(words("cpp", "1'000 a::b"), ["1'000", "a", "::", "b"]);
    }

    #[test]
    fn open_strings_end_with_the_line_unless_the_language_lets_them_go_on() {
        let c = kinds("c", "puts(\"tide);\nx");
        assert_eq!(c[2], (TokenKind::Str, "\"tide);".to_owned(), false));
        assert_eq!(c[3].1, "x");
        assert_eq!(words("rust", "\"a\nb\" c"), ["\"a\nb\"", "c"]);
        assert_eq!(words("java", "\"\"\"\na \"q\"\n\"\"\" c"), ["\"\"\"\na \"q\"\n\"\"\"", "c"]);
    }

    #[test]
    fn raw_strings_lifetimes_and_nested_comments() {
        assert_eq!(
            words("rust", "r#\"a\"b\"# 'x' 'a /* 1 /* 2 */ 3 */ z"),
            ["r#\"a\"b\"#", "'x'", "'a", "/* 1 /* 2 */ 3 */", "z"]
        );
        assert_eq!(words("cpp", "R\"q(a)\")q\" b"), ["R\"q(a)\")q\"", "b"]);
        assert_eq!(words("scala", "s\"a $b\" c"), ["s\"a $b\"", "c"]);
        assert_eq!(
            words("scala", "f\"\"\"a\"b\"\"\" s (\"c\")"),
            ["f\"\"\"a\"b\"\"\"", "s", "(", "\"c\"", ")"]
        );
        assert_eq!(words("c", "/* 1 /* 2 */ 3"), ["/* 1 /* 2 */", "3"]);
        assert!(!kinds("c", "a /* b").last().unwrap().2);
    }

    #[test]
    fn directives_are_one_token_and_keep_no_comment() {
        let text = "#include <a//b.h> // why\n#define F(x) \\\n  x\nint # y";
        assert_eq!(
            words("c", text),
            ["#include <a//b.h>", "// why", "#define F(x) \\\n  x", "int", "#", "y"]
        );
        let text = "#define B {      /* one */ \\\n  int a; /* two */ }   /* three */\nint b;";
        assert_eq!(words("c", text)[1..], ["/* three */", "int", "b", ";"]);
    }

    #[test]
    fn what_stands_in_a_pattern_pairs_with_nothing() {
        let text =
            "let odd = text.replace(/(?:,[\\w/]+)\\]$/g, \"]\"); let half = (a + b) / 2 / c;";
        let words = words("typescript", text);
        assert_eq!(words[7..10], ["/(?:,[\\w/]+)\\]$/g", ",", "\"]\""]);
        assert_eq!(words[words.len() - 6..], [")", "/", "2", "/", "c", ";"]);
    }

    #[test]
    fn any_bytes_give_tokens_that_cover_no_byte_twice() {
        for language in crate::language::LANGUAGES {
            for seed in 0..200 {
                let mut random = fastrand::Rng::with_seed(seed);
                let text: Vec<u8> =
                    (0..200).map(|_| b"\"'/*\\\n{}()#rR\xffx0.\r "[random.usize(..19)]).collect();
                let lexed = Lexed::new(&Source::new("t", text), language);
                assert!(lexed.code.windows(2).all(|pair| pair[0].end <= pair[1].start));
            }
        }
    }
}
