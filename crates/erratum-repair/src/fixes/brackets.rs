//! Odd brackets: their partner where the layout says it was meant, or the odd one taken out.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case, weights as w};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::{MistakeId, Recipe};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::pairs::{Odd, OddBracket, closing};

/// Each place for a partner that the layout finds less likely than the first.
const PARTNER_RANK: Factor = weight("a later place for its partner", -1.0);
/// `} else` and its like: the bracket stands before what goes on with its statement.
const GOES_ON: Factor = weight("what follows goes on with the statement", 0.5);
/// A block whose lines are not indented was hardly opened on purpose.
const FLAT_BLOCK: Factor = weight("nothing is indented behind it", 2.0);
/// An indented block was opened on purpose.
const DEEP_BLOCK: Factor = weight("a block is indented behind it", -3.0);
/// What stands below the line is no deeper than it.
const WHOLE_BLOCK: Factor = weight("the lines below are not deeper", 4.0);
/// Lines beside it are lists, each on one line.
const LIST_OF_LINES: Factor = weight("lines beside it are lists of one line", 3.0);
/// A value in braces ends before the mark that ends its line.
const VALUE_ENDS: Factor = weight("a value ends before its statement", 1.5);
/// A list on one line without others beside it.
const NO_LIST: Factor = weight("no list of one line", -1.0);
/// The other groups of a list open at such a place.
const GROUPS: Factor = weight("the groups beside it open so", 1.0);
/// A block opens behind `then`, `do` and their like.
const BLOCK_WORD: Factor = weight("a word stands there after which blocks open", 2.0);
/// The line on which the compiler stops.
const REPORTED_LINE: Factor = weight("the compiler stops there", 1.5);
/// Each place for an opening word that is further up.
const EACH_START: Factor = weight("a further place for the opening", -0.5);
/// Parameters end before the arrow of their function.
const PARAMETERS: Factor = weight("the parameters end before the arrow", 2.0);
/// People forget to close rather than open by mistake.
const SURPLUS_OPENING: Factor = weight("an opening bracket is seldom surplus", -1.0);
/// Behind a bracket at the end of its line stands nothing that it could hold.
pub(super) const HOLDS_NOTHING: Factor = weight("the bracket holds nothing there", 3.0);
/// The lost opening of a bracket that starts its line may be far above.
const FAR_OPENING: Factor = weight("the opening may be many lines above", -0.5);
/// Of two brackets that do not fit, the first is the wrong one more seldom.
const MEETS_OTHER: Factor = weight("the other bracket of the two", -1.0);
/// A bracket is added where one of another kind closes.
const ADDED_BESIDE: Factor = weight("a bracket added beside the wrong one", -1.5);
/// Behind a comma that follows a closed call, that call was closed too early.
const CLOSED_EARLY: Factor = weight("it closes the call before its last argument", 2.5);
/// Where another bracket closes too early, this one is the right end.
const NOT_THE_EARLY_ONE: Factor = weight("another bracket closes too early", -1.0);
/// One of two brackets side by side was typed twice.
const SURPLUS_TWIN: Factor = weight("a bracket of its kind stands beside it", 2.0);
/// A bracket that closes nothing was typed by mistake.
const SURPLUS_ALONE: Factor = weight("it stands alone", 0.5);

/// What stands before the next value takes none.
const TAKES_NOTHING: Factor = weight("what stands before the value takes none", 4.0);

/// A bracket does not reach into the next part of a choice.
const NEXT_PART: Factor = evidence("a bracket does not reach into the next part of a choice", 2.0);

pub(super) static FAMILY: Family = Family {
    id: "brackets",
    recipes: &[Recipe::BraceLine],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "int tide(int h) {\n    if (h > 3) {\n        h = 3;\n    return h;\n}\n<|>",
        message: "expected declaration or statement at end of input",
        after: "int tide(int h) {\n    if (h > 3) {\n        h = 3;\n    }\n    return h;\n}\n",
    },
};

pub(super) fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if case.asks(Recipe::BraceLine) {
        brace_line(case, all);
    }
    // Only the first few matter: what follows an odd bracket is seen through it.
    for odd in case.odd().take(4) {
        one(case, odd, all);
    }
}

/// What to try for one odd bracket.
pub(super) fn one(case: &Case, odd: &OddBracket, all: &mut Vec<Candidate>) {
    let block = case.lexed().opens_block(odd.token) || case.lexed().closes_block(odd.token);
    match (block, odd.odd) {
        (true, Odd::Unclosed) => lost_close(case, odd, all),
        (true, Odd::Unopened) => surplus_close(case, odd, all),
        (false, Odd::Unclosed) => lost_parenthesis(case, odd, all),
        (false, Odd::Unopened) => surplus_parenthesis(case, odd, all),
    }
}

/// Go: a `{` on a line of its own goes to the end of the line before.
fn brace_line(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.code[case.token].line;
    let near = lexed.on_line(line.saturating_sub(1)).start..lexed.on_line(line + 1).end;
    for at in near.filter(|at| lexed.is(*at, "{") && lexed.code[*at].first && *at > 0) {
        let edit = Edit::replace(case.file(), lexed.code[at - 1].end, lexed.code[at].start, " ");
        all.push(Candidate::new(MistakeId::BraceOnNextLine, 2.0 * w::LAYOUT_PLACE, vec![edit]));
    }
    let at = case.token;
    if lexed.is(at, "else") && lexed.code[at].first && at > 0 && lexed.is(at - 1, "}") {
        let edit = Edit::replace(case.file(), lexed.code[at - 1].end, lexed.code[at].start, " ");
        all.push(Candidate::new(MistakeId::ElseOnNextLine, 4.0 * w::LAYOUT_PLACE, vec![edit]));
    }
}

/// Before the end of the file is no good place for a partner: it is only where nothing else fits.
fn place_weight(case: &Case, before: usize) -> Factor {
    if before < case.lexed().code.len() { w::LAYOUT_PLACE } else { w::LAYOUT_PLACE / 2.0 }
}

fn lost_close(case: &Case, odd: &OddBracket, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let open = lexed.code[odd.token];
    let mut places = odd.before.clone();
    places.push(lexed.code.len());
    for (rank, before) in places.into_iter().enumerate() {
        let score =
            w::INSERT + w::PAIRS_MENDED + place_weight(case, before) + PARTNER_RANK * rank as f64;
        all.push(Candidate::new(
            MistakeId::MissingBracket,
            score.clone(),
            vec![closing_line(case, odd.token, before)],
        ));
        let next = lexed.word(before);
        let goes_on =
            matches!(next, "else" | "catch" | "finally" | "while" | ";" | ")" | ",") && rank == 0;
        if goes_on && lexed.is(odd.token, "{") {
            let text = if matches!(next, ";" | ")" | ",") { "}" } else { "} " };
            let edit = case.insert(lexed.code[before].start, text);
            all.push(Candidate::new(MistakeId::MissingBracket, score + GOES_ON, vec![edit]));
        }
    }
    one_line(case, odd, all);
    ended_header(case, odd, all);
    let flat = lexed.code.get(odd.token + 1).is_none_or(|next| {
        next.line > open.line && lexed.source.indent(next.line) <= lexed.source.indent(open.line)
    });
    let score = w::DELETE + w::PAIRS_MENDED + if flat { FLAT_BLOCK } else { DEEP_BLOCK };
    all.push(Candidate::new(MistakeId::ExtraBracket, score, vec![case.delete_token(odd.token)]));
}

/// `for (int tide : tides; {`: the mark before a block stands in the place of the bracket.
fn ended_header(case: &Case, odd: &OddBracket, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[odd.token].line);
    let block = line.end - 1;
    let mark = block.wrapping_sub(1);
    if lexed.is(odd.token, "(")
        && lexed.opens_block(block)
        && matches!(lexed.word(mark), ";" | ":" | ",")
    {
        let edit = case.replace_token(mark, ")");
        let score = w::PAIRS_MENDED + w::LAYOUT_PLACE + w::MESSAGE_NAMES_IT;
        all.push(Candidate::new(MistakeId::WrongMark, score, vec![edit]));
    }
}

/// `{1, 2,` on one line, as the elements of a list are written: the `}` belongs before what ends the
/// line.
fn one_line(case: &Case, odd: &OddBracket, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[odd.token].line);
    let last = line.end - 1;
    if last == odd.token {
        return;
    }
    let place = if matches!(lexed.word(last), "," | ";" | ")") { last } else { line.end };
    let sibling = (line.start.saturating_sub(1)..=line.end).any(|at| {
        let near = lexed
            .code
            .get(at)
            .is_some_and(|token| token.first && token.line != lexed.code[odd.token].line);
        near && lexed.word(at) == lexed.word(line.start)
    });
    let alone = lexed.is(line.start, "{");
    // `= {{"north", 4}, {"south", 7};`: a value ends before its statement does.
    let value = matches!(lexed.before(odd.token), "=" | "{" | "," | "]")
        && !lexed.code[odd.token].first
        && lexed.is(last, ";")
        && lexed.is(odd.token, "{");
    // `if (late) { ring();` with a line below that is no deeper: the whole block stands on the line.
    let indent = |line: u32| lexed.source.indent(line).unwrap_or(0);
    let own = lexed.code[odd.token].line;
    let below = lexed.code.get(line.end).map(|next| next.line);
    let whole = lexed.opens_block(odd.token)
        && lexed.is(odd.token, "{")
        && matches!(lexed.before(odd.token), ")" | "else" | "do" | "try")
        && below.is_some_and(|below| indent(below) <= indent(own));
    let place = if whole { line.end } else { place };
    let score = w::INSERT
        + w::PAIRS_MENDED
        + w::LAYOUT_PLACE
        + match () {
            () if whole => WHOLE_BLOCK,
            () if alone && sibling => LIST_OF_LINES,
            () if value => VALUE_ENDS,
            () => NO_LIST,
        };
    let spaced =
        lexed.code.get(odd.token + 1).is_some_and(|next| next.start > lexed.code[odd.token].end);
    let text = if spaced { " }" } else { "}" };
    all.push(Candidate::new(
        MistakeId::MissingBracket,
        score,
        vec![case.insert(case.end_before(place), text)],
    ));
}

/// A `}` on a line of its own after the last line of the block, indented as its header is.
fn closing_line(case: &Case, open: usize, before: usize) -> Edit {
    let source = &case.lexed().source;
    let last = case.lexed().code[before.max(1) - 1];
    let last_line = source.line_of(last.end.saturating_sub(1));
    let at = source.line_end(last_line);
    let indent = source.indent_text(header_line(case, open));
    let word = case.lexed().word(open);
    let spelt = case.lexed().text(&case.lexed().code[open]);
    let ends = case.language().named_end.filter(|ends| !ends.except.contains(&word));
    let named = ends.map(|ends| format!("{}{spelt}{}", ends.before, ends.after));
    let close = match (closing(case.lexed(), open), case.lexed().word(before)) {
        // These say which block they end.
        ("end", _) if named.is_some() => named.unwrap_or_default(),
        ("next", _) => "Next".to_owned(),
        ("loop", _) => "Loop".to_owned(),
        // A word ends a block and its statement; the program's last one has a dot.
        ("end", "else") => "end".to_owned(),
        ("end", "") if !case.lexed().is(case.lexed().code.len() - 1, ".") => "end.".to_owned(),
        (word @ ("end" | "until"), _) => format!("{word};"),
        ("}", _) if ends_type(case, open) => "};".to_owned(),
        (mark, _) => mark.to_owned(),
    };
    let text = format!("{}{indent}{close}", source.line_end_text());
    case.insert(at, text)
}

/// Whether a brace opens a type whose declaration ends with a mark.
pub(super) fn ends_type(case: &Case, open: usize) -> bool {
    let lexed = case.lexed();
    let header = case.statement_start(open)..open;
    let word = |at: usize| matches!(lexed.word(at), "struct" | "class" | "union" | "enum");
    case.language().ended_types
        && header.clone().any(word)
        && !header.into_iter().any(|at| lexed.is(at, "("))
}

/// The line on which the statement starts whose block opens here.
fn header_line(case: &Case, open: usize) -> u32 {
    let lexed = case.lexed();
    let before = open.checked_sub(1);
    let call = before.filter(|at| lexed.is(*at, ")")).and_then(|at| case.text.pairs.partner_of(at));
    lexed.code[call.unwrap_or(open)].line
}

fn surplus_close(case: &Case, odd: &OddBracket, all: &mut Vec<Candidate>) {
    lost_begin(case, odd.token, all);
    let delete = w::DELETE + w::PAIRS_MENDED + w::LAYOUT_PLACE.when(odd.before.is_empty());
    all.push(Candidate::new(MistakeId::ExtraBracket, delete, vec![case.delete_token(odd.token)]));
    // `{1, 2}, 3, 4}`: the elements of a list of groups.
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[odd.token].line);
    for at in line.clone().filter(|at| *at < odd.token && *at > line.start) {
        let groups = lexed.is(at, ",") && lexed.is(at - 1, "}") && !lexed.is(at + 1, "{");
        if groups {
            let edit = case.insert(lexed.code[at + 1].start, "{");
            let score = w::INSERT + w::PAIRS_MENDED + w::LAYOUT_PLACE + GROUPS;
            all.push(Candidate::new(MistakeId::MissingBracket, score, vec![edit]));
        }
    }
    for before in odd.before.iter().filter(|_| case.lexed().is(odd.token, "}")) {
        let edit = case.insert(case.end_before(*before), " {");
        let score = w::INSERT + w::PAIRS_MENDED + w::LAYOUT_PLACE;
        all.push(Candidate::new(MistakeId::MissingBracket, score, vec![edit]));
    }
}

/// `end` without its `begin`: a line of its own before the first line of the block, or behind the word
/// after which a block stands.
fn lost_begin(case: &Case, close: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let source = &lexed.source;
    if lexed.is(close, "}") {
        return;
    }
    // Elsewhere the words that open a block are more than an opening.
    let mut blocks = lexed.language.blocks.iter();
    let Some((word, _)) = blocks.find(|(open, end)| *open == "begin" && lexed.is(close, end))
    else {
        return;
    };
    let indent = source.indent(lexed.code[close].line).unwrap_or(0);
    let own = source.indent_text(lexed.code[close].line);
    let reported = lexed.code[case.token].line;
    let mut rank = 0;
    for at in (1..close).rev().filter(|at| lexed.code[*at].first).take(80) {
        let line = lexed.code[at].line;
        if source.indent(line).unwrap_or(0) <= indent {
            break;
        }
        let above = source.indent(lexed.code[at - 1].line).unwrap_or(0);
        let header = matches!(lexed.word(at - 1), "then" | "do" | "else" | "of");
        // The first line of the block: above it stands something that is not of the block.
        let starts = above <= indent || header;
        let told = line == reported;
        if !starts && !told {
            continue;
        }
        let text = format!("{own}{word}{}", source.line_end_text());
        let edit = case.insert(source.line_start(line), text);
        let score = w::INSERT
            + w::PAIRS_MENDED
            + w::LAYOUT_PLACE
            + EACH_START * f64::from(rank)
            + BLOCK_WORD.when(header && above <= indent)
            + REPORTED_LINE.when(told);
        all.push(Candidate::new(MistakeId::MissingBracket, score, vec![edit]));
        rank += 1;
    }
    // A block whose lines are not indented: directly where the compiler stops.
    let first = lexed.on_line(reported).start;
    if lexed.code.get(first).is_some() && source.indent(reported).unwrap_or(0) <= indent {
        let text = format!("{own}{word}{}", source.line_end_text());
        let edit = case.insert(source.line_start(reported), text);
        let score = w::INSERT + w::PAIRS_MENDED;
        all.push(Candidate::new(MistakeId::MissingBracket, score, vec![edit]));
    }
}

fn lost_parenthesis(case: &Case, odd: &OddBracket, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let close = closing(lexed, odd.token);
    let mut redundant = false;
    let hangs = hangs(case, odd);
    for before in &odd.before {
        let token = lexed.code.get(*before);
        // `push((a, b),`: a list does not end with a comma on its line.
        let comma = lexed.is(before.wrapping_sub(1), ",") && token.is_none_or(|token| token.first);
        let place = if comma { before - 1 } else { *before };
        // `];` on a line of its own keeps its place there.
        let own_line = token.filter(|token| token.first && lexed.is(*before, ";"));
        let at = own_line.map_or_else(|| case.end_before(place), |token| token.start);
        redundant |= doubles(case, odd.token, place);
        let score = w::INSERT
            + w::PAIRS_MENDED
            + w::LAYOUT_PLACE / 2.0
            + w::DOUBLED_PAIR.when(doubles(case, odd.token, place))
            - HOLDS_NOTHING.when(hangs);
        let edit = case.insert(at, close);
        all.push(Candidate::new(MistakeId::MissingBracket, score.clone(), vec![edit]));
        if lexed.is(odd.token.wrapping_sub(2), "fn")
            && let Some(arrow) = (odd.token..*before).find(|at| lexed.is(*at, "->"))
        {
            let edit = case.insert(case.end_before(arrow), close);
            all.push(Candidate::new(MistakeId::MissingBracket, score + PARAMETERS, vec![edit]));
        }
        // `f(a));` lost in the middle of a line: before an operator that follows a full operand.
        if lexed.is(*before, close) {
            all.push(Candidate::new(
                MistakeId::MismatchedBracket,
                w::REPLACE_LIKE,
                vec![case.replace_token(*before, close)],
            ));
        }
    }
    if let Some(part) = next_part(case, odd.token)
        && !odd.before.contains(&part)
    {
        let score = w::INSERT + w::PAIRS_MENDED + w::LAYOUT_PLACE + NEXT_PART;
        let edit = case.insert(case.end_before(part), close);
        all.push(Candidate::new(MistakeId::MissingBracket, score, vec![edit]).guess());
    }
    if let Some(last) = last_operand(case, odd.token) {
        let score = w::INSERT + w::PAIRS_MENDED + w::LAYOUT_PLACE / 2.0 + TAKES_NOTHING;
        let edit = case.insert(lexed.code[last].end, close);
        all.push(Candidate::new(MistakeId::MissingBracket, score, vec![edit]));
    }
    let score = w::DELETE + w::PAIRS_MENDED + SURPLUS_OPENING + HOLDS_NOTHING.when(hangs)
        - w::DOUBLED_PAIR.when(redundant);
    all.push(Candidate::new(MistakeId::ExtraBracket, score, vec![case.delete_token(odd.token)]));
}

/// Whether a bracket at the end of its line stands behind a whole statement, before what no value starts
/// with, or where it would hold nothing and calls nothing: `Port::new(); (`, `rate = 25 (`.
pub(super) fn hangs(case: &Case, odd: &OddBracket) -> bool {
    let lexed = case.lexed();
    if !matches!(lexed.word(odd.token), "(" | "[") {
        return false;
    }
    let open = odd.token;
    let last = lexed.code.get(open + 1).is_none_or(|next| next.first);
    let before = open.wrapping_sub(1);
    let behind_whole = open > 0
        && !lexed.code[open].first
        && (lexed.divides(before) || lexed.kind(before) == Some(TokenKind::Open));
    let goes_on = matches!(
        lexed.word(open + 1),
        "." | "," | ";" | "?." | "{" | "}" | "case" | "default" | "return" | "var" | "val" | "def"
    );
    let empty = odd.before.first() == Some(&(open + 1));
    let named = lexed.kind(before) == Some(TokenKind::Name) && !case.language().applies_bare;
    last && (behind_whole || goes_on || empty && !named)
}

/// The word that starts the next part of a choice in whose part a bracket is open: `if (a) f(x else y`.
fn next_part(case: &Case, open: usize) -> Option<usize> {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[open].line);
    let part = (open + 1..line.end).find(|at| matches!(lexed.word(*at), "then" | "else" | "if"))?;
    let within = (line.start..open).any(|at| lexed.is(at, "if"));
    (within && !lexed.is(part, "if")).then_some(part)
}

/// Where values stand behind their function: the literal in an open bracket that is followed by a value,
/// which it cannot take. The bracket closes behind it.
fn last_operand(case: &Case, open: usize) -> Option<usize> {
    let lexed = case.lexed();
    if !case.language().applies_bare || !lexed.is(open, "(") {
        return None;
    }
    let line = lexed.on_line(lexed.code[open].line);
    let mut at = open + 1;
    while at + 1 < line.end {
        let closed = matches!(lexed.word(at), "(" | "[").then(|| case.text.pairs.partner_of(at));
        let list = lexed.is(at, "[");
        at = closed.map_or(Some(at), |partner| partner)?;
        let literal = list || matches!(lexed.kind(at), Some(TokenKind::Number | TokenKind::Str));
        let value = matches!(
            lexed.kind(at + 1),
            Some(TokenKind::Name | TokenKind::Number | TokenKind::Str | TokenKind::Char)
        );
        // A number may be one of the values of a function before it.
        let taken = matches!(
            lexed.kind(at.wrapping_sub(1)),
            Some(TokenKind::Name | TokenKind::Number | TokenKind::Str)
        );
        if literal && value && at + 1 < line.end && (list || !taken) {
            return Some(at);
        }
        at += 1;
    }
    None
}

/// Whether a bracket that closes before a token would make a second pair around a pair, as in
/// `((a))`, which nobody means to write.
pub(super) fn doubles(case: &Case, open: usize, before: usize) -> bool {
    let lexed = case.lexed();
    let again = |at: usize| lexed.word(at) == lexed.word(open);
    let partner = |at: usize| case.text.pairs.partner_of(at);
    let inner = partner(open + 1).filter(|_| again(open + 1));
    let outer = open.checked_sub(1).and_then(partner).filter(|_| again(open - 1));
    inner.is_some_and(|close| before == close || before == close + 1)
        || outer.is_some_and(|close| before == close)
}

/// A bracket that starts its line closes what ends a line above with the same indentation.
fn lost_opening_line(case: &Case, close: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let source = &lexed.source;
    if !lexed.code[close].first {
        return;
    }
    let indent = source.indent(lexed.code[close].line);
    for next in (1..close).rev().take(600).filter(|at| lexed.code[*at].first) {
        let last = lexed.code[next - 1];
        let ended = lexed.divides(next - 1) || lexed.is(next - 1, ",");
        let deeper = source.indent(lexed.code[next].line) > indent;
        if source.indent(last.line) == indent && deeper && !ended {
            let open = if lexed.is(close, "]") { "[" } else { "(" };
            let before = if lexed.kind(next - 1) == Some(TokenKind::Op) { " " } else { "" };
            let edit = case.insert(last.end, format!("{before}{open}"));
            let score = w::INSERT + w::PAIRS_MENDED + 2.0 * w::LAYOUT_PLACE + FAR_OPENING;
            all.push(Candidate::new(MistakeId::MissingBracket, score, vec![edit]));
            return;
        }
    }
}

/// Rust: `vec! 1, 2]`: the bracket after the `!` was lost, maybe many lines further up.
fn lost_macro_bracket(case: &Case, close: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let mark = case.language().macro_mark;
    if mark.is_empty() {
        return;
    }
    let open = if lexed.is(close, "]") { "[" } else { "(" };
    let bare = (1..close).rev().take(600).find(|at| {
        lexed.is(*at, mark)
            && lexed.kind(at - 1) == Some(TokenKind::Name)
            && lexed.code[*at].start == lexed.code[at - 1].end
            && lexed.kind(at + 1) != Some(TokenKind::Open)
    });
    if let Some(at) = bare {
        let edit = case.insert(lexed.code[at].end, open);
        let score = w::INSERT + w::PAIRS_MENDED + 2.0 * w::LAYOUT_PLACE;
        all.push(Candidate::new(MistakeId::MissingBracket, score, vec![edit]));
    }
}

fn surplus_parenthesis(case: &Case, odd: &OddBracket, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if let Some(open) = odd.meets {
        let score = w::REPLACE_LIKE + w::PAIRS_MENDED + w::LAYOUT_PLACE;
        let wanted = closing(lexed, open);
        all.push(Candidate::new(
            MistakeId::MismatchedBracket,
            score.clone(),
            vec![case.replace_token(odd.token, wanted)],
        ));
        let partner = match lexed.word(odd.token) {
            ")" => "(",
            "]" => "[",
            _ => "{",
        };
        all.push(Candidate::new(
            MistakeId::MismatchedBracket,
            score.clone() + MEETS_OTHER,
            vec![case.replace_token(open, partner)],
        ));
        let edit = case.insert(case.end_before(odd.token), wanted);
        all.push(Candidate::new(MistakeId::MissingBracket, score + ADDED_BESIDE, vec![edit]));
        return;
    }
    lost_macro_bracket(case, odd.token, all);
    lost_opening_line(case, odd.token, all);
    // `)` alone on a line, where a block ends.
    let line = lexed.on_line(lexed.code[odd.token].line);
    let braces = case.text.pairs.odd.iter().any(|o| lexed.opens_block(o.token));
    let goes_on =
        matches!(lexed.word(line.start + 1), "else" | "catch" | "finally" | "while" | ";" | ",");
    let alone = odd.token == line.start && (line.len() == 1 || goes_on);
    if alone && braces {
        let edit = case.replace_token(odd.token, "}");
        let score = w::REPLACE_LIKE + w::PAIRS_MENDED + 2.0 * w::LAYOUT_PLACE;
        all.push(Candidate::new(MistakeId::MismatchedBracket, score, vec![edit]));
    }
    let early = closed_early(case, odd.token);
    if let Some(close) = early {
        let score = w::DELETE + w::PAIRS_MENDED + CLOSED_EARLY;
        all.push(Candidate::new(MistakeId::ExtraBracket, score, vec![case.delete_token(close)]));
    }
    let doubled = odd.token > 0 && lexed.word(odd.token - 1) == lexed.word(odd.token);
    let score = match (doubled, early.is_some()) {
        (_, true) => w::DELETE + w::PAIRS_MENDED + NOT_THE_EARLY_ONE,
        (true, _) => w::DELETE + w::PAIRS_MENDED + SURPLUS_TWIN,
        _ => w::DELETE + w::PAIRS_MENDED + SURPLUS_ALONE,
    };
    all.push(Candidate::new(MistakeId::ExtraBracket, score, vec![case.delete_token(odd.token)]));
}

/// `sail(tide(1)), 2);`: nobody writes a comma between two statements, so the bracket before it
/// closes the call too early.
fn closed_early(case: &Case, odd: usize) -> Option<usize> {
    let lexed = case.lexed();
    let start = case.statement_start(odd);
    let call = lexed.kind(start) == Some(TokenKind::Name)
        && matches!(lexed.word(start + 1), "(" | "." | "::" | "->" | "!");
    let inside = &case.text.pairs.inside;
    let comma = (start..odd).find(|at| lexed.is(*at, ",") && inside[*at] == inside[start])?;
    let close = comma.checked_sub(1)?;
    (call && lexed.is(odd, ")") && lexed.is(close, ")")).then_some(close)
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_bracket_closes_before_the_next_part_of_a_choice() {
        check_among(
            &FAMILY,
            "scala",
            "object Quay {\n  def go(n: Int) = if (n > 3) deep(n<|> else 4\n}\n",
            "')' expected but 'else' found.",
            "object Quay {\n  def go(n: Int) = if (n > 3) deep(n) else 4\n}\n",
        );
    }

    #[test]
    fn a_parenthesis_closes_before_the_terminator() {
        check_fix(
            &FAMILY,
            "c",
            "int up(int t) {\n    return rise(t<|>;\n}\n",
            "expected ')' before ';' token",
            "int up(int t) {\n    return rise(t);\n}\n",
        );
    }

    #[test]
    fn a_bracket_behind_a_whole_statement_goes() {
        check_fix(
            &FAMILY,
            "rust",
            "fn moor() {\n    let port = Port::new();(\n    port.low(3);\n<|>}\n",
            "mismatched closing delimiter: `}`",
            "fn moor() {\n    let port = Port::new();\n    port.low(3);\n}\n",
        );
        check_fix(
            &FAMILY,
            "rust",
            "fn moor() {\n    quay(\n        .low(3);\n<|>}\n",
            "mismatched closing delimiter: `}`",
            "fn moor() {\n    quay\n        .low(3);\n}\n",
        );
        check_fix(
            &FAMILY,
            "haskell",
            "rate :: Int(\n<|>rate = 25\n",
            "parse error (possibly incorrect indentation or mismatched brackets)",
            "rate :: Int\nrate = 25\n",
        );
    }

    #[test]
    fn a_number_takes_no_value() {
        check_fix(
            &FAMILY,
            "haskell",
            "east :: Int -> Int -> P\neast x y = P (x + 1 y\n<|>west = 3\n",
            "parse error (possibly incorrect indentation or mismatched brackets)",
            "east :: Int -> Int -> P\neast x y = P (x + 1) y\nwest = 3\n",
        );
    }

    #[test]
    fn a_surplus_parenthesis_goes() {
        check_fix(
            &FAMILY,
            "c",
            "int up(int t) {\n    return rise(t))<|>;\n}\n",
            "expected ';' before ')' token",
            "int up(int t) {\n    return rise(t);\n}\n",
        );
    }

    #[test]
    fn a_surplus_brace_at_the_end_goes() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go() {\n    }\n}\n<|>}\n",
            "class, interface, enum, or record expected",
            "class Quay {\n    void go() {\n    }\n}\n",
        );
    }

    #[test]
    fn a_bracket_of_another_kind_is_exchanged() {
        check_among(
            &FAMILY,
            "c",
            "int up(int *t) {\n    return t[0<|>);\n}\n",
            "expected ']' before ')' token",
            "int up(int *t) {\n    return t[0];\n}\n",
        );
    }

    #[test]
    fn a_block_word_ends_where_the_layout_says() {
        check_fix(
            &FAMILY,
            "pascal",
            "program quay;\nvar t: integer;\nbegin\n  if t > 3 then\n  begin\n    t := 3;\n  writeln(t);\n<|>end.\n",
            "Syntax error, \";\" expected but \".\" found",
            "program quay;\nvar t: integer;\nbegin\n  if t > 3 then\n  begin\n    t := 3;\n  end;\n  writeln(t);\nend.\n",
        );
    }

    #[test]
    fn go_wants_the_brace_on_the_line_of_its_header() {
        check_fix(
            &FAMILY,
            "go",
            "package main\n\nfunc main()\n<|>{\n}\n",
            "syntax error: unexpected semicolon or newline before {",
            "package main\n\nfunc main() {\n}\n",
        );
    }

    #[test]
    fn brackets_that_pair_are_left_alone() {
        check_no_fix(
            &FAMILY,
            "c",
            "int up(int t) {\n    return rise(t)\n<|>}\n",
            "expected ';' before '}' token",
        );
    }
}
