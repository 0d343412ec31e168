//! Comments that do not end, or do not start.

use crate::fixes::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::language::Language;
use erratum_syntax::lex::{Lexed, Token};

/// A comment that holds the start of another.
const COMMENT_SWALLOWS: Factor = weight("it swallows the start of another", 5.0);
/// A comment that is never closed.
const COMMENT_OPEN: Factor = weight("the comment is never closed", 8.0);
/// Each line that is likelier to end the comment.
const COMMENT_LINE: Factor = weight("a line further off", -1.5);
/// The end of a comment without its start.
const COMMENT_START: Factor = weight("its opening mark is gone", 8.0);
/// Each line between the start and the end of a comment.
const LINE_FURTHER_UP: Factor = weight("a line further up", -1.0);

/// Comments that were left open, or that swallow the start of another one.
pub(super) fn comments(case: &Case, all: &mut Vec<Candidate>) {
    let Some((open, _)) = case.language().block_comments.first() else { return };
    let lexed = case.lexed();
    open_comments(lexed, all);
    lost_opening(case, open, all);
}

/// Comments that are not closed, or that hold the start of another one. The text may have nothing
/// but comments.
pub(in crate::fixes) fn open_comments(lexed: &Lexed, all: &mut Vec<Candidate>) {
    for token in &lexed.comments {
        let text = lexed.text(token);
        let mut pairs = lexed.language.block_comments.iter();
        let Some((open, close)) = pairs.find(|(open, _)| text.starts_with(open)) else { continue };
        let inner = text.get(2..).is_some_and(|rest| rest.contains(open));
        if !text.starts_with(open) || (token.closed && !inner) {
            continue;
        }
        let top = if token.closed { COMMENT_SWALLOWS } else { COMMENT_OPEN };
        for (rank, line) in comment_lines(lexed, token).into_iter().enumerate() {
            let at = lexed.source.line_end(line);
            let blank = lexed.source.line_text(line).ends_with(' ');
            let mark = if blank { (*close).to_owned() } else { format!(" {close}") };
            let edit = Edit::insert(lexed.source.name(), at, mark);
            all.push(Candidate::new(
                MistakeId::OpenComment,
                top + COMMENT_LINE * rank as f64,
                vec![edit],
            ));
        }
    }
}

/// `… */` whose opening mark was lost.
fn lost_opening(case: &Case, open: &str, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let end = lexed.code.windows(2).find(|pair| {
        pair[0].end == pair[1].start && lexed.text(&pair[0]) == "*" && lexed.text(&pair[1]) == "/"
    });
    if let Some(pair) = end {
        let mut line = pair[0].line;
        let start = |line: u32| lexed.on_line(line).start;
        for rank in 0..4 {
            let first = lexed.code[start(line)];
            let edit = case.insert(first.start, format!("{open} "));
            all.push(Candidate::new(
                MistakeId::OpenComment,
                COMMENT_START + LINE_FURTHER_UP * f64::from(rank),
                vec![edit],
            ));
            line = line.saturating_sub(1);
            if line == 0 || lexed.on_line(line).is_empty() {
                break;
            }
        }
    }
}

/// The lines at whose end an open comment may have been meant to end, the likeliest first: the last
/// before one that looks like code, then the first.
fn comment_lines(lexed: &Lexed, token: &Token) -> Vec<u32> {
    let source = &lexed.source;
    let last = source.line_of(token.end.saturating_sub(1)).min(token.line + 40);
    let mut line = token.line;
    while line < last && !looks_like_code(lexed.language, &source.line_text(line + 1)) {
        line += 1;
    }
    // A comment does not end with empty lines.
    while line > token.line && source.line_text(line).is_empty() {
        line -= 1;
    }
    let mut lines = vec![line];
    if line != token.line {
        lines.push(token.line);
    }
    lines
}

/// Whether a line inside of a comment reads like one of the program.
fn looks_like_code(language: &'static Language, line: &str) -> bool {
    let text = line.trim();
    let first = text.split(|c: char| !c.is_alphanumeric() && c != '_').next().unwrap_or("");
    let directive = language.directives && text.starts_with('#');
    let starts = language.is_keyword(first) || language.is_type(first);
    let code_marks = text.contains([';', '{', '}', '=', '(']);
    directive
        || language.block_comments.iter().any(|(open, _)| text.contains(open))
        || text.ends_with([';', '{', '}', '>'])
        || text.starts_with("#[")
        || (starts && code_marks)
}
