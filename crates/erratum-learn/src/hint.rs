//! Hints, one at a time, each telling a little more than the one before.

use crate::exercise::Exercise;
use crate::kind;
use erratum_catalogue::Catalogue;
use erratum_repair::message::Message;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::text::Text;

/// How many hints there are at most.
pub const HINTS: usize = 5;

/// Returns the hints of an exercise, in order; those that say nothing here are left out.
pub fn all(exercise: &Exercise, catalogue: &Catalogue) -> Vec<String> {
    let text = Text::new(exercise.broken(), exercise.language);
    [
        stopped(exercise),
        odd(&text),
        beside(exercise, &text),
        meaning(exercise, catalogue),
        fix(exercise),
    ]
    .into_iter()
    .flatten()
    .collect()
}

/// Where the compiler stopped reading.
fn stopped(exercise: &Exercise) -> Option<String> {
    let line = exercise.errors().find_map(Message::line)?;
    Some(format!(
        "The compiler noticed it on line {line}. What is at fault stands there or before it."
    ))
}

/// What pairs with nothing.
fn odd(text: &Text) -> Option<String> {
    let lexed = &text.lexed;
    let Some(odd) = text.pairs.odd.first() else {
        return Some("All brackets pair.".to_owned());
    };
    let line = lexed.code.get(odd.token)?.line;
    Some(format!("`{}` on line {line} has no partner.", lexed.word(odd.token)))
}

/// A line of the same form as the one at fault, which is sound.
fn beside(exercise: &Exercise, text: &Text) -> Option<String> {
    let lines = exercise.lines();
    let lexed = &text.lexed;
    let first = *lines.first()?;
    let form = |line: u32| -> Vec<&str> {
        let tokens = lexed.on_line(line);
        let kinds = tokens.map(|at| match lexed.kind(at) {
            Some(TokenKind::Name) => "name",
            Some(TokenKind::Number) => "number",
            Some(TokenKind::Str) => "text",
            _ => lexed.word(at),
        });
        kinds.collect()
    };
    let wanted = form(first);
    let count = exercise.broken().line_count();
    let near = |line: u32| {
        let own = form(line);
        if own.len() < 3 || lines.contains(&line) {
            return None;
        }
        let same = wanted.iter().filter(|token| own.contains(token)).count();
        let share = same as f64 / wanted.len().max(own.len()) as f64;
        (share > 0.6).then_some((share, line))
    };
    let best = (1..=count).filter_map(near).max_by(|a, b| a.0.total_cmp(&b.0))?;
    let line = best.1;
    Some(format!(
        "Compare with line {line}, which is sound: {}",
        exercise.broken().line_text(line).trim()
    ))
}

/// What kind of mistake it is.
fn meaning(exercise: &Exercise, catalogue: &Catalogue) -> Option<String> {
    let mistake = kind::mistake(exercise.slips.first()?.kind)?;
    let entry = catalogue.entries().iter().find(|entry| entry.id.parse() == Ok(mistake))?;
    let said = entry.said(Some(exercise.language.id));
    Some(format!("{}.", said.general.trim_end_matches('.')))
}

/// The fix itself.
fn fix(exercise: &Exercise) -> Option<String> {
    let sound = &exercise.sound;
    let edit = exercise.slips.first()?.edits.first()?;
    let line = sound.line_of(edit.start);
    Some(format!("Line {line} was: {}", sound.line_text(line).trim()))
}
