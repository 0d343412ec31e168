//! Where a bracket or a text has no partner: a compiler that pairs them first reads nothing else, so they are
//! made even in the copy, or go with their line.

use super::items::items;
use super::stretch::{Stretch, head, statement};
use erratum_syntax::lex::{Lexed, TokenKind};
use erratum_syntax::pairs::{Odd, OddBracket, closing};
use erratum_syntax::text::Text;

/// The parts that go first: what a bracket that nothing closes takes with it, a text without its end, blocks
/// that are open at the end of the text.
pub(super) fn parts(text: &Text, token: usize) -> Vec<Stretch> {
    let lexed = &text.lexed;
    let mut unclosed = text.pairs.odd.iter().rev();
    let unclosed = unclosed.find(|odd| odd.odd == Odd::Unclosed && odd.token < token);
    let mut all = match unclosed.map(|odd| odd.token) {
        Some(at) if lexed.language.layout => items(text, at),
        Some(at) if !lexed.opens_block(at) => {
            let (first, last) = statement(lexed, at);
            odd_header(lexed, at).into_iter().chain([Stretch::of(first, last)]).collect()
        }
        _ => Vec::new(),
    };
    all.extend(open_text(lexed, token));
    all.extend(open_blocks(text, token));
    all
}

/// Whether a bracket that nothing closes was meant to be closed before a token at the start of a line: what
/// stands there is sound.
pub(super) fn ended_before(text: &Text, token: usize) -> bool {
    let meant_before = |odd: &OddBracket| {
        odd.odd == Odd::Unclosed && odd.before.first().is_some_and(|before| *before <= token)
    };
    text.pairs.odd.iter().any(meant_before) && text.lexed.starts_line(token)
}

/// The header of a loop or of a condition around a bracket that nothing closes: its block is taken for a
/// part of what stands in the bracket.
fn odd_header(lexed: &Lexed, bracket: usize) -> Option<Stretch> {
    let line = lexed.on_line(lexed.code[bracket].line);
    let first = line.start + usize::from(lexed.is(line.start, "}"));
    let open = line.end.checked_sub(1).filter(|last| lexed.is(*last, "{") && *last > bracket)?;
    head(lexed, first, open)
}

/// The first line of a text that does not end: what stands on the other lines is code, most likely.
fn open_text(lexed: &Lexed, token: usize) -> Option<Stretch> {
    let own = lexed.code.get(token).filter(|own| own.kind == TokenKind::Str && !own.closed)?;
    let text = lexed.text(own);
    let (line, _) = text.split_once('\n')?;
    let quote = text.chars().next()?;
    let by = format!("{quote}{quote}");
    let range = (own.start, own.start + line.len());
    Some(Stretch::of(token, token).with(by).over(range))
}

/// The end of the text, with what ends the blocks that are open there.
fn open_blocks(text: &Text, token: usize) -> Option<Stretch> {
    let lexed = &text.lexed;
    let last = lexed.code.len().checked_sub(1).filter(|last| *last == token)?;
    let odd = text.pairs.odd.iter().rev().filter(|odd| odd.odd == Odd::Unclosed);
    let blocks = odd.filter(|odd| lexed.is(odd.token, "{") && lexed.opens_block(odd.token));
    let ends = "}".repeat(blocks.count());
    (!ends.is_empty()).then(|| put_in(lexed, last + 1, &ends))
}

/// The brackets without a partner: one of them, then all, with a partner or left out.
pub(super) fn evened(text: &Text) -> Vec<Stretch> {
    let lexed = &text.lexed;
    let even = |odd: &OddBracket| match odd.odd {
        Odd::Unopened => Some(Stretch::of(odd.token, odd.token).over(bytes(lexed, odd.token))),
        Odd::Unclosed => Some(put_in(lexed, *odd.before.first()?, closing(lexed, odd.token))),
    };
    let mut all: Vec<Stretch> = text.pairs.odd.iter().rev().take(ODD).filter_map(even).collect();
    if all.len() > 1 {
        let mut together = text.pairs.odd.iter().filter_map(even);
        if let Some(first) = together.next() {
            let also = together.map(|one| one.edit(lexed)).collect();
            all.push(first.and(also));
        }
    }
    all
}

/// The line of a token, whatever its brackets pair with: one that is odd may have taken the partner of another.
pub(super) fn line_of(lexed: &Lexed, token: usize) -> Stretch {
    let line = lexed.on_line(lexed.code[token].line);
    let (first, last) = (line.start, line.end.saturating_sub(1).max(line.start));
    let range = (lexed.code[first].start, lexed.code[last].end);
    Stretch::of(first, last).over(range)
}

/// What stands on the line of a token from there on, behind more than a value, up to what ends the statement or
/// opens a block: what stands before it may be whole. Nothing that is whole ends with marks: those may go with
/// it. Whatever its brackets pair with, nothing may be left to say without it.
pub(super) fn rest_of_line(lexed: &Lexed, token: usize) -> Vec<Stretch> {
    let line = lexed.on_line(lexed.code[token].line);
    let ends = |at: usize| {
        let terminator = lexed.language.terminator;
        lexed.opens_block(at) || !terminator.is_empty() && lexed.is(at, terminator)
    };
    let Some(last) = (token..line.end).rev().find(|at| !ends(*at)) else { return Vec::new() };
    let mark = |at: &usize| lexed.kind(*at) == Some(TokenKind::Op) && !ends(*at);
    let marks = (line.start..token).rev().take_while(mark).count();
    let mut firsts = vec![token, token - marks];
    firsts.dedup();
    let part = |first: usize| {
        let range = (lexed.code[first].start, lexed.code[last].end);
        Stretch::of(first, last).over(range).alone()
    };
    // A name that is left alone would be a value that does nothing.
    let value = |first: usize| {
        let before = statement(lexed, first - 1).0..first;
        before.clone().all(|at| lexed.is(at, ".") || lexed.kind(at) == Some(TokenKind::Name))
            && before
                .filter(|at| !lexed.is(*at, "."))
                .all(|at| at + 1 == first || lexed.is(at + 1, "."))
    };
    let fits = |first: &usize| *first > line.start && !value(*first);
    firsts.into_iter().filter(fits).map(part).collect()
}

/// How many brackets without a partner are tried one by one.
const ODD: usize = 3;

/// Something before a token, or at the end of the text.
fn put_in(lexed: &Lexed, before: usize, mark: &str) -> Stretch {
    let last = lexed.code.len().saturating_sub(1);
    let at = match lexed.code.get(before) {
        Some(token) => token.start,
        None => lexed.code[last].end,
    };
    let own = before.min(last);
    Stretch::of(own, own).with(format!(" {mark} ")).over((at, at))
}

fn bytes(lexed: &Lexed, token: usize) -> (usize, usize) {
    (lexed.code[token].start, lexed.code[token].end)
}

#[cfg(test)]
mod tests {
    use super::super::stretch::each_without;
    use super::*;

    #[test]
    fn an_odd_bracket_does_not_take_the_block_behind_it() {
        let text = "for (let tide of tides: {\n  low();\n}\n";
        let all = each_without("typescript", text, "(let", |text, at| {
            odd_header(&text.lexed, at).into_iter().collect()
        });
        assert_eq!(all, [text.replace("for (let tide of tides:", "while (false)")]);
    }

    #[test]
    fn a_text_without_its_end_ends_with_its_line() {
        let text = "const low = `tide;\nconst high = 4;\n";
        let all = each_without("typescript", text, "`", |text, at| {
            open_text(&text.lexed, at).into_iter().collect()
        });
        assert_eq!(all, [text.replace("`tide;", "``")]);
    }

    #[test]
    fn blocks_that_are_open_at_the_end_are_closed_there() {
        let text = "class Pier {\n  moor() {\n    tide();\n}\n";
        let all = each_without("typescript", text, "}\n", |text, _| {
            open_blocks(text, text.lexed.code.len() - 1).into_iter().collect()
        });
        assert_eq!(all, ["class Pier {\n  moor() {\n    tide();\n} } \n"]);
    }

    #[test]
    fn a_line_goes_whatever_its_brackets_pair_with() {
        let text = "func low() {\n\ttides := []Tide{{3}, {4}\n\tdeep()\n}\n";
        let all = each_without("go", text, "{4", |text, at| vec![line_of(&text.lexed, at)]);
        assert_eq!(all, [text.replace("tides := []Tide{{3}, {4}", "")]);
    }

    #[test]
    fn odd_brackets_are_made_even() {
        let text = "fn low() {\n    tide(3;\n}\n\nfn high() {\n    deep(4;\n}\n";
        let all = each_without("rust", text, "tide", |text, _| evened(text));
        assert_eq!(all[0], text.replace("deep(4;", "deep(4 ) ;"));
        assert_eq!(all[1], text.replace("tide(3;", "tide(3 ) ;"));
        assert_eq!(all.len(), 3);
        let text = "fn low() {\n    tide(3));\n}\n";
        let all = each_without("rust", text, "tide", |text, _| evened(text));
        assert_eq!(all, [text.replace("3))", "3)")]);
    }
}
