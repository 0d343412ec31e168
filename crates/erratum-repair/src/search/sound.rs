//! A sound example beside a faulty line: people do not see the comma they forgot until they see a
//! line that has it.
//!
//! The example is the line of the same file that is most like the mended line, and that has what
//! the fix puts there; else the one that the catalogue has for the mistake. Nothing is shown that
//! would not show the difference.

use crate::message::Place;
use crate::verdict::{Part, Root, Sound, Told};
use erratum_catalogue::{Catalogue, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::language::Language;
use erratum_syntax::lex::{Lexed, Token, TokenKind};
use erratum_syntax::source::Source;
use erratum_syntax::text::Text;
use similar::{Algorithm, DiffOp, capture_diff_slices};
use std::collections::BTreeSet;
use std::sync::Arc;

/// How much of both lines must be alike, from 0 to 1.
const ALIKE: f64 = 0.6;
/// The same where no fix says what matters.
const VERY_ALIKE: f64 = 0.75;
/// How many lines above and below are looked at: further away nobody looks either.
const REACH: u32 = 1000;
/// Longer lines, in tokens, are no examples: nobody sees a comma in them.
const LONGEST: usize = 40;

/// Finds an example for each root. `read` gives the text of a file as it stands now; `mended` says
/// whether every line that no fix changes is proved to be right.
pub(super) fn add(
    roots: &mut [Root],
    messages: &[Told],
    mended: bool,
    catalogue: &Catalogue,
    language: Option<&'static Language>,
    mut read: impl FnMut(&str) -> Option<Arc<Text>>,
) {
    let Some(language) = language else { return };
    let spoilt = spoilt(roots, messages);
    for root in roots {
        let text = read(&root.at.file);
        let own = text.and_then(|text| {
            let doubtful = |line: u32| {
                let unseen = !mended && root.area <= Phase::Syntax && line >= root.at.line;
                unseen || spoilt.contains(&(root.at.file.clone(), line))
            };
            in_file(&text.lexed, root, &doubtful)
        });
        root.sound = own.or_else(|| in_catalogue(catalogue, root, language));
    }
}

/// The lines that something is said of, or that a fix changes.
fn spoilt(roots: &[Root], messages: &[Told]) -> BTreeSet<(String, u32)> {
    let places = messages.iter().filter_map(|message| message.at.as_ref());
    let fixes = roots.iter().flat_map(|root| root.choices());
    let edits = fixes.flat_map(|fix| fix.edits.iter().map(|edit| &edit.at));
    let faulty = roots.iter().map(|root| &root.at);
    let lines = |place: &Place| {
        let last = place.end_line.clamp(place.line, place.line.saturating_add(50));
        (place.line..=last).map(|line| (place.file.clone(), line)).collect::<Vec<_>>()
    };
    places.chain(edits).chain(faulty).flat_map(lines).collect()
}

/// A token as it is compared: by what it is where any name or value would do, else by its text.
#[derive(Clone, Debug)]
struct Cell {
    key: String,
    text: String,
    start: usize,
    end: usize,
    apart: bool,
    /// Whether it is a text, a character or a number.
    value: bool,
    /// Whether it is a name or a keyword.
    word: bool,
}

/// The line that is at fault, what mends it, and where.
struct Faulty {
    cells: Vec<Cell>,
    mended: Vec<Cell>,
    /// The stretches of the mended line that the fix wrote, as bytes of it.
    written: Vec<(usize, usize)>,
    /// What the fix takes away.
    gone: Vec<Cell>,
}

fn in_file(lexed: &Lexed, root: &Root, doubtful: &dyn Fn(u32) -> bool) -> Option<Sound> {
    let source = &lexed.source;
    let fix = root.fixes.first();
    let faulty = match fix {
        Some(fix) => mended_line(lexed, root.at.line, &fix.bytes)?,
        None if root.area <= Phase::Syntax => {
            let cells = cells_of(lexed, root.at.line);
            Faulty { mended: cells.clone(), cells, written: Vec::new(), gone: Vec::new() }
        }
        None => return None,
    };
    if faulty.mended.len() < 2 || faulty.mended.len() > LONGEST {
        return None;
    }
    let mut best: Option<(f64, u32, Vec<Cell>, BTreeSet<usize>)> = None;
    let first = root.at.line.saturating_sub(REACH).max(1);
    for line in first..=source.line_count().min(root.at.line.saturating_add(REACH)) {
        if line == root.at.line || doubtful(line) {
            continue;
        }
        let range = lexed.on_line(line);
        let directive = lexed.kind(range.start) == Some(TokenKind::Directive);
        let fits = range.len() * 3 >= faulty.mended.len() && range.len() <= LONGEST;
        if range.is_empty() || !(fits || directive) || continues(lexed, range.end) {
            continue;
        }
        let cells = cells_of(lexed, line);
        let Some((alike, shows)) = compare(&faulty, &cells, fix.is_some()) else { continue };
        // Of lines that are equally like it, the nearest.
        let far = f64::from(line.abs_diff(root.at.line)) / f64::from(REACH);
        let score = alike - far * 0.5;
        if best.as_ref().is_none_or(|(old, ..)| score > *old) {
            best = Some((score, line, cells, shows));
        }
    }
    let (_, _, cells, shows) = best?;
    let (start, end) = (cells.first()?.start, cells.last()?.end);
    let text = |cells: &[Cell], source: &Source| match (cells.first(), cells.last()) {
        (Some(first), Some(last)) => source.slice(first.start, last.end).into_owned(),
        _ => String::new(),
    };
    let parts = parts(&faulty.cells, &cells, &shows, &faulty.gone);
    if !parts.iter().any(|part| part.differs) {
        return None;
    }
    Some(Sound {
        at: Some(Place::of(source, start, end)),
        faulty: text(&faulty.cells, source),
        right: text(&cells, source),
        parts,
    })
}

/// Whether the token before that index is the last of a line and cannot be the last of a
/// statement: an operator, a comma, an open bracket that is no block.
fn continues(lexed: &Lexed, end: usize) -> bool {
    let Some(last) = end.checked_sub(1) else { return false };
    match lexed.kind(last) {
        Some(TokenKind::Op) => {
            !lexed.divides(last) && lexed.word(last) != lexed.language.terminator
        }
        Some(TokenKind::Open) => !lexed.opens_block(last),
        _ => false,
    }
}

/// The faulty line and what a fix makes of it, if the fix changes this line only.
fn mended_line(lexed: &Lexed, line: u32, edits: &[Edit]) -> Option<Faulty> {
    let source = &lexed.source;
    let (start, end) = (source.line_start(line), source.line_end(line));
    let mut edits: Vec<&Edit> = edits.iter().collect();
    edits.sort_by_key(|edit| edit.start);
    let mut text = String::new();
    let (mut written, mut gone) = (Vec::new(), Vec::new());
    let cells = cells_of(lexed, line);
    let mut at = start;
    for edit in edits {
        let here = edit.file == source.name() && edit.start >= at && edit.end <= end;
        if !here || edit.text.contains('\n') {
            return None;
        }
        text.push_str(&source.slice(at, edit.start));
        written.push((text.len(), text.len() + edit.text.len()));
        text.push_str(&edit.text);
        let taken = |cell: &&Cell| cell.start >= edit.start && cell.end <= edit.end;
        gone.extend(cells.iter().filter(taken).cloned());
        at = edit.end;
    }
    text.push_str(&source.slice(at, end));
    let alone = Lexed::new(&Source::new("", text.into_bytes()), lexed.language);
    Some(Faulty { cells, mended: cells_of(&alone, 1), written, gone })
}

fn cells_of(lexed: &Lexed, line: u32) -> Vec<Cell> {
    let mut cells: Vec<Cell> = Vec::new();
    for index in lexed.on_line(line) {
        let token = &lexed.code[index];
        if token.kind == TokenKind::Directive {
            cells.extend(directive(lexed, token));
        } else {
            cells.push(cell(lexed, token));
        }
    }
    for index in 0..cells.len() {
        cells[index].apart = index > 0 && cells[index].start > cells[index - 1].end;
    }
    cells
}

fn cell(lexed: &Lexed, token: &Token) -> Cell {
    let word = lexed.plain(token);
    let open = if token.closed { "" } else { "open " };
    let (key, value) = match token.kind {
        TokenKind::Name => ("a name".to_owned(), false),
        TokenKind::Keyword if lexed.language.is_type(word) => ("a name".to_owned(), false),
        TokenKind::Number => ("a number".to_owned(), true),
        TokenKind::Str => (format!("{open}text"), true),
        TokenKind::Char => (format!("{open}character"), true),
        _ => (word.to_owned(), false),
    };
    let (start, end) = (token.start, token.end);
    let word = matches!(token.kind, TokenKind::Name | TokenKind::Keyword);
    Cell { key, text: lexed.text(token).to_owned(), start, end, apart: false, value, word }
}

/// The words and marks of a preprocessor line.
fn directive(lexed: &Lexed, token: &Token) -> Vec<Cell> {
    let text = lexed.text(token);
    let mut cells: Vec<Cell> = Vec::new();
    let mut glued = false;
    for (at, letter) in text.char_indices() {
        let word = letter.is_alphanumeric() || letter == '_';
        if letter.is_whitespace() {
            glued = false;
            continue;
        }
        let start = token.start + at;
        let end = start + letter.len_utf8();
        match cells.last_mut().filter(|_| word && glued) {
            Some(last) => {
                last.text.push(letter);
                last.end = end;
            }
            None => cells.push(Cell {
                key: String::new(),
                text: letter.to_string(),
                start,
                end,
                apart: false,
                value: false,
                word,
            }),
        }
        glued = word;
    }
    for (index, cell) in cells.iter_mut().enumerate() {
        let name = index > 1 && cell.text.starts_with(|c: char| c.is_alphanumeric());
        cell.key = if name { "a name".to_owned() } else { cell.text.clone() };
    }
    cells
}

fn keys(cells: &[Cell]) -> Vec<&str> {
    cells.iter().map(|cell| cell.key.as_str()).collect()
}

/// How much a line is like the mended one, and which of its tokens show what the fix is about;
/// nothing if they are not alike, or if nothing shows.
fn compare(faulty: &Faulty, right: &[Cell], fixed: bool) -> Option<(f64, BTreeSet<usize>)> {
    let (first, head) = (faulty.mended.first()?, right.first()?);
    let wanted = if fixed { ALIKE } else { VERY_ALIKE };
    let total = (faulty.mended.len() + right.len()) as f64;
    let most = 2.0 * faulty.mended.len().min(right.len()) as f64 / total;
    if first.key != head.key || most < wanted {
        return None;
    }
    let ops = capture_diff_slices(Algorithm::Myers, &keys(&faulty.mended), &keys(right));
    let mut partner = vec![None; faulty.mended.len()];
    let (mut same, mut exact) = (0, 0);
    for op in &ops {
        if let DiffOp::Equal { old_index, new_index, len } = *op {
            same += len;
            for step in 0..len {
                partner[old_index + step] = Some(new_index + step);
                let texts = (&faulty.mended[old_index + step].text, &right[new_index + step].text);
                exact += usize::from(texts.0 == texts.1);
            }
        }
    }
    let alike = 2.0 * same as f64 / total;
    if alike < wanted {
        return None;
    }
    let shows = if fixed { shown(faulty, right, &partner)? } else { one_difference(&ops)? };
    Some((alike + 0.2 * exact as f64 / faulty.mended.len() as f64, shows))
}

/// The tokens of a right line that stand where the fix writes; nothing if it has others there.
fn shown(faulty: &Faulty, right: &[Cell], partner: &[Option<usize>]) -> Option<BTreeSet<usize>> {
    // A fix inside a value shows in no other line's value.
    let inside = keys(&faulty.cells) == keys(&faulty.mended);
    let mut shows = BTreeSet::new();
    for (start, end) in &faulty.written {
        let touched: Vec<usize> = (0..faulty.mended.len())
            .filter(|at| faulty.mended[*at].start < *end && faulty.mended[*at].end > *start)
            .collect();
        for at in &touched {
            let here = partner[*at]?;
            let (mended, right) = (&faulty.mended[*at], &right[here]);
            // That a word is spelt otherwise elsewhere shows nothing that the fix does not say.
            if mended.word && faulty.gone.iter().any(|gone| gone.word) {
                return None;
            }
            let fits = if mended.value { !inside } else { mended.text == right.text };
            if !fits {
                return None;
            }
            shows.insert(here);
        }
        if touched.is_empty() {
            // Something goes: what stood on both sides of it must stand side by side.
            let next = faulty.mended.iter().position(|cell| cell.start >= *start);
            let next = next.filter(|next| *next > 0)?;
            let (before, after) = (partner[next - 1]?, partner[next]?);
            if after != before + 1 {
                return None;
            }
        }
    }
    Some(shows)
}

/// Where no fix says what matters: the one short stretch that another line has more, less, or
/// otherwise.
fn one_difference(ops: &[DiffOp]) -> Option<BTreeSet<usize>> {
    let mut others = ops.iter().filter(|op| !matches!(op, DiffOp::Equal { .. }));
    let (one, none) = (others.next()?, others.next());
    let (old, new) = (one.old_range(), one.new_range());
    (none.is_none() && old.len() <= 2 && new.len() <= 2).then(|| new.collect())
}

/// Both lines piece by piece. `gone` is what the fix takes away.
fn parts(faulty: &[Cell], right: &[Cell], shows: &BTreeSet<usize>, gone: &[Cell]) -> Vec<Part> {
    let mut parts = Vec::new();
    for op in capture_diff_slices(Algorithm::Myers, &keys(faulty), &keys(right)) {
        let (old, new) = (op.old_range(), op.new_range());
        for step in 0..old.len().max(new.len()) {
            let left = old.clone().nth(step).map(|at| &faulty[at]);
            let at = new.clone().nth(step);
            let other = at.map(|at| &right[at]);
            let text = |cell: Option<&Cell>| cell.map_or(String::new(), |cell| cell.text.clone());
            let taken = other.is_none()
                && left.is_some_and(|cell| gone.iter().any(|gone| gone.key == cell.key));
            let written = at.is_some_and(|at| shows.contains(&at)) && text(left) != text(other);
            parts.push(Part {
                faulty: text(left),
                right: text(other),
                apart: [left, other].into_iter().flatten().any(|cell| cell.apart),
                differs: taken || written,
            });
        }
    }
    parts
}

/// The wrong and the right line that the catalogue has for a mistake, if they differ in one line.
fn in_catalogue(catalogue: &Catalogue, root: &Root, language: &'static Language) -> Option<Sound> {
    let example = catalogue.entry(&root.mistake)?.examples.get(language.id)?;
    let (wrong, right): (Vec<&str>, Vec<&str>) =
        (example.wrong.lines().collect(), example.right.lines().collect());
    let ops = capture_diff_slices(Algorithm::Myers, &wrong, &right);
    let mut others = ops.iter().filter(|op| !matches!(op, DiffOp::Equal { .. }));
    let (one, none) = (others.next()?, others.next());
    let (old, new) = (one.old_range(), one.new_range());
    if none.is_some() || old.len() != 1 || new.len() != 1 {
        return None;
    }
    let (faulty, right) = (wrong[old.start].trim(), right[new.start].trim());
    let cells = |line: &str| cells_of(&Lexed::new(&Source::new("", line.as_bytes()), language), 1);
    let (left, other) = (cells(faulty), cells(right));
    let all: BTreeSet<usize> = (0..other.len()).collect();
    let parts = parts(&left, &other, &all, &left);
    let shows = parts.iter().any(|part| part.differs);
    shows.then(|| Sound { at: None, faulty: faulty.to_owned(), right: right.to_owned(), parts })
}
