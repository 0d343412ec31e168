//! The parts of a text that can be switched off: declarations and statements, each with its blocks.

use erratum_syntax::lex::{Lexed, TokenKind};
use erratum_syntax::names::NameKind;
use erratum_syntax::text::Text;

/// A declaration or statement, in bytes, with the lines that are its own.
#[derive(Clone, Debug)]
pub(super) struct Unit {
    /// First byte.
    pub start: usize,
    /// Byte after the last.
    pub end: usize,
    /// Its code tokens, first and last.
    pub tokens: (usize, usize),
    /// The blocks directly in it: the tokens that open and close each.
    pub blocks: Vec<(usize, usize)>,
}

impl Unit {
    pub fn holds(&self, byte: usize) -> bool {
        (self.start..self.end.max(self.start + 1)).contains(&byte)
    }
}

/// Whether statements of a language can be told by brackets and marks. Where words hold them together, or
/// the indentation does, a text is narrowed line by line.
pub(super) fn by_statements(lexed: &Lexed) -> bool {
    !lexed.language.blocks_by_indentation() && lexed.language.blocks.is_empty()
}

/// The units among the code tokens `from..to`, all of one level.
pub(super) fn split(text: &Text, from: usize, to: usize) -> Vec<Unit> {
    let lexed = &text.lexed;
    let mut units = Vec::new();
    let (mut start, mut at) = (from, from);
    let mut blocks = Vec::new();
    while at < to {
        let open = at;
        let mut closed_block = false;
        if lexed.kind(at) == Some(TokenKind::Open)
            && let Some(close) =
                text.pairs.partner_of(at).filter(|close| *close > at && *close < to)
        {
            if lexed.opens_block(at) {
                blocks.push((at, close));
                closed_block = true;
            }
            at = close;
        }
        if ends(lexed, at, closed_block, open) {
            units.push(unit(lexed, start, at, std::mem::take(&mut blocks)));
            start = at + 1;
        }
        at += 1;
    }
    if start < to {
        units.push(unit(lexed, start, to - 1, blocks));
    }
    units
}

/// Whether a unit ends with this token; `open` is where its last block opens, if it ends with one.
fn ends(lexed: &Lexed, at: usize, closed_block: bool, open: usize) -> bool {
    if lexed.kind(at) == Some(TokenKind::Directive) || lexed.is(at, lexed.language.terminator) {
        return true;
    }
    let next = at + 1;
    let starts = lexed.code.get(next).is_none_or(|token| token.first);
    if closed_block {
        let word = lexed.word(next);
        let goes_on = matches!(
            word,
            "else" | "catch" | "finally" | ";" | "," | ")" | "." | "?" | "=" | "=>" | ":"
        );
        let of_do = word == "while" && lexed.is(open.wrapping_sub(1), "do");
        return starts && !goes_on && !of_do;
    }
    lexed.language.line_ends && lexed.starts_line(next) && !lexed.opens_block(next)
}

/// A unit with the whole lines it fills.
fn unit(lexed: &Lexed, first: usize, last: usize, blocks: Vec<(usize, usize)>) -> Unit {
    let source = &lexed.source;
    let (mut start, mut end) = (lexed.code[first].start, lexed.code[last].end);
    let line_start = source.line_start(source.line_of(start));
    let line_end = source.line_end(source.line_of(end.saturating_sub(1).max(start)));
    let blank = |from: usize, to: usize| {
        source.bytes()[from.min(to)..to].iter().all(u8::is_ascii_whitespace)
    };
    if blank(line_start, start) && blank(end, line_end) {
        start = line_start;
        end = (line_end + 1).min(source.bytes().len());
    }
    Unit { start, end, tokens: (first, last), blocks }
}

/// The units that some others need, by the names they use: those that declare a name used in what is
/// kept, and what these need in turn. `cut` tells which bytes are gone already.
pub(super) fn needed(
    text: &Text,
    kept: &[Unit],
    others: &[Unit],
    cut: &dyn Fn(usize) -> bool,
) -> Vec<bool> {
    let lexed = &text.lexed;
    let names = |unit: &Unit| -> Vec<&str> {
        (unit.tokens.0..=unit.tokens.1)
            .filter(|at| lexed.kind(*at) == Some(TokenKind::Name))
            .filter(|at| !cut(lexed.code[*at].start))
            .map(|at| lexed.word(at))
            .collect()
    };
    let declares: Vec<Vec<&str>> = others
        .iter()
        .map(|unit| {
            let level = text.pairs.inside_of(unit.tokens.0);
            let within = text
                .names
                .declared
                .iter()
                .filter(|d| (unit.tokens.0..=unit.tokens.1).contains(&d.token));
            let outside = |token: usize| text.pairs.inside_of(token) == level;
            // Parameters and what a body declares are seen in the function alone.
            let function = within.clone().any(|d| d.kind == NameKind::Function && outside(d.token));
            within
                .filter(|d| !function || outside(d.token))
                .filter(|d| d.kind != NameKind::Member || unit.blocks.is_empty())
                .map(|d| lexed.word(d.token))
                .collect()
        })
        .collect();
    let mut used: std::collections::HashSet<&str> = kept.iter().flat_map(&names).collect();
    let mut wanted: Vec<bool> = others.iter().map(|unit| is_import(lexed, unit)).collect();
    loop {
        let mut grown = false;
        for (index, unit) in others.iter().enumerate() {
            if !wanted[index] && declares[index].iter().any(|name| used.contains(name)) {
                wanted[index] = true;
                used.extend(names(unit));
                grown = true;
            }
        }
        if !grown {
            return wanted;
        }
    }
}

/// Whether a unit brings names in from elsewhere: which ones, its text does not tell.
fn is_import(lexed: &Lexed, unit: &Unit) -> bool {
    lexed.kind(unit.tokens.0) == Some(TokenKind::Directive)
        || matches!(
            lexed.word(unit.tokens.0),
            "import" | "using" | "use" | "package" | "from" | "mod"
        )
}

/// Texts that may stand in the place of what a block holds, the shortest first.
pub(super) fn hollow(text: &Text, block: (usize, usize)) -> Vec<String> {
    let lexed = &text.lexed;
    let language = lexed.language;
    let mut all = vec![String::new()];
    if !language.never.is_empty() {
        all.push(format!(" {} ", language.never));
        return all;
    }
    let header = text.names.declared.iter().rev();
    let function = header
        .filter(|d| d.kind == NameKind::Function && d.token < block.0)
        .find(|d| lexed.code[d.token].line + HEADER >= lexed.code[block.0].line);
    let typed = function.and_then(|d| d.typed).map(|(first, last)| {
        lexed.source.slice(lexed.code[first].start, lexed.code[last].end).into_owned()
    });
    if typed.as_deref() != Some("void") {
        let value = typed.and_then(|typed| language.default_of(&typed));
        all.push(format!(" return {}; ", value.unwrap_or("0")));
    }
    all
}

/// How many lines the header of a function has at most.
const HEADER: u32 = 6;
