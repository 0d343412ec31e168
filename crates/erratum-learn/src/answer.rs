//! Whether an answer is right.
//!
//! A line is right if the slip was made there, or if Erratum's own search finds a change there that
//! the compiler has no objection to and that keeps the meaning. A mended text is right if it is the
//! sound one, token by token, or if it compiles and what was changed keeps the meaning, or does at the
//! place of the slip what taking the slip back does.

use crate::exercise::Exercise;
use crate::{Error, kind};
use erratum_catalogue::MistakeId;
use erratum_look::Session;
use erratum_repair::effect::{self, Effect};
use erratum_repair::search::{Found, SeverityPolicy};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::{Lexed, TokenKind};
use erratum_syntax::source::{Program, Source};
use serde::Serialize;
use similar::{Algorithm, capture_diff_slices};

/// What an answer is worth.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Serialize)]
#[serde(rename_all = "lowercase")]
pub enum Worth {
    /// It is what was planted.
    Right,
    /// It is another one that holds as well.
    Fair,
    /// It is neither.
    Wrong,
}

impl Worth {
    /// Whether it counts as right.
    pub fn accepted(self) -> bool {
        self != Worth::Wrong
    }
}

/// How a mended text came out.
#[derive(Clone, Debug, PartialEq, Eq)]
pub enum Mended {
    /// It is the sound program again.
    Right,
    /// It compiles, and means what was meant.
    Fair,
    /// It compiles, but the change does something else.
    Otherwise(Effect),
    /// It does not compile.
    StillWrong {
        /// The line of the first error, from 1, if it names one.
        line: Option<u32>,
        /// What the compiler says.
        text: String,
    },
    /// Nothing was changed.
    Unchanged,
}

impl Mended {
    /// What it is worth.
    pub fn worth(&self) -> Worth {
        match self {
            Mended::Right => Worth::Right,
            Mended::Fair => Worth::Fair,
            Mended::Otherwise(_) | Mended::StillWrong { .. } | Mended::Unchanged => Worth::Wrong,
        }
    }
}

/// Holds answers against one exercise.
pub struct Judge<'a> {
    exercise: &'a Exercise,
    session: &'a mut Session,
    found: Option<Found>,
}

impl<'a> Judge<'a> {
    /// Starts with the session that made the exercise, or one for the same file.
    pub fn new(exercise: &'a Exercise, session: &'a mut Session) -> Judge<'a> {
        Judge { exercise, session, found: None }
    }

    /// Whether the slip is on a line, from 1.
    ///
    /// # Errors
    /// What the search fails with.
    pub fn line(&mut self, line: u32) -> Result<Worth, Error> {
        if self.exercise.lines().contains(&line) {
            return Ok(Worth::Right);
        }
        let fair = self.fair_fixes()?.into_iter().any(|(_, lines)| lines.contains(&line));
        Ok(if fair { Worth::Fair } else { Worth::Wrong })
    }

    /// Whether the slip is of a kind, named by the id of its mistake.
    ///
    /// # Errors
    /// What the search fails with.
    pub fn kind(&mut self, mistake: &str) -> Result<Worth, Error> {
        let Ok(named) = mistake.parse::<MistakeId>() else { return Ok(Worth::Wrong) };
        if self.kinds().contains(&named) {
            return Ok(Worth::Right);
        }
        let fair = self.fair_fixes()?.into_iter().any(|(mistake, _)| mistake == named);
        Ok(if fair { Worth::Fair } else { Worth::Wrong })
    }

    /// The mistakes that were made on purpose.
    pub fn kinds(&self) -> Vec<MistakeId> {
        self.exercise.slips.iter().filter_map(|one| kind::mistake(one.kind)).collect()
    }

    /// Whether a text that the learner has changed is the program as it was meant.
    ///
    /// # Errors
    /// When the compiler does not come to its end.
    pub fn text(&mut self, text: &Source) -> Result<Mended, Error> {
        let language = self.exercise.language;
        let words = |source: &Source| Lexed::new(source, language).words().join("\u{0}");
        let broken = self.exercise.broken();
        if text.bytes() == broken.bytes() {
            return Ok(Mended::Unchanged);
        }
        let report = self.session.report(&Program::single(text.clone()))?;
        let policy = SeverityPolicy::usual(language);
        let first = report.messages.iter().find(|one| one.is_error() && policy.counts(one));
        if let Some(message) = first {
            return Ok(Mended::StillWrong { line: message.line(), text: message.text.clone() });
        }
        // The layout is part of the text where blocks are told by it.
        if words(text) == words(&self.exercise.sound) {
            return Ok(Mended::Right);
        }
        let edits = between(broken, text, &|source| Lexed::new(source, language));
        // Some compilers do not miss an import: who takes one out has taken out what was right.
        let named = |source: &Source| {
            let lexed = Lexed::new(source, language);
            let marks = [TokenKind::Op, TokenKind::Open, TokenKind::Close, TokenKind::Unknown];
            lexed.code.iter().filter(|token| !marks.contains(&token.kind)).count()
        };
        let only_out = edits.iter().all(|edit| edit.text.trim().is_empty());
        if only_out && named(text) < named(&self.exercise.sound) {
            return Ok(Mended::Otherwise(Effect::Removes));
        }
        let done = effect::of_change(broken, &edits, language);
        if done.keeps_meaning() || done == Effect::Reorders || self.takes_back(&edits, done) {
            return Ok(Mended::Fair);
        }
        Ok(Mended::Otherwise(done))
    }

    /// Whether a change does, on the lines of the slips and on no others, what taking them back does.
    fn takes_back(&self, edits: &[Edit], done: Effect) -> bool {
        let exercise = self.exercise;
        let back: Vec<Edit> = exercise.slips.iter().flat_map(|one| one.reverse.clone()).collect();
        let broken = exercise.broken();
        let lines = exercise.lines();
        let inside = edits.iter().all(|edit| lines.contains(&broken.line_of(edit.start)));
        // What is too much is one thing: who takes out another takes out what was right.
        let known = done == Effect::Removes;
        inside && !known && done == effect::of_change(broken, &back, exercise.language)
    }

    /// The mistakes and the lines of the changes, found by searching, after which nothing is wrong any
    /// more, and which keep the meaning.
    fn fair_fixes(&mut self) -> Result<Vec<(MistakeId, Vec<u32>)>, Error> {
        // Of several slips, no single change mends all.
        if self.exercise.slips.len() > 1 {
            return Ok(Vec::new());
        }
        if self.found.is_none() {
            let program = Program::single(self.exercise.broken().clone());
            self.found = Some(self.session.again(&program)?);
        }
        let roots = self.found.iter().flat_map(|found| &found.verdict.roots);
        let choices: Vec<_> = roots.flat_map(|root| root.choices().to_vec()).collect();
        let mut fair = Vec::new();
        let program = Program::single(self.exercise.broken().clone());
        for fix in choices.into_iter().filter(|fix| fix.effect.keeps_meaning()) {
            let Ok(mended) = erratum_syntax::edit::apply(&program, &fix.bytes) else { continue };
            let report = self.session.report(&mended)?;
            if !report.messages.iter().any(erratum_repair::message::Message::is_error) {
                let lines = fix.edits.iter().map(|change| change.at.line).collect();
                fair.push((fix.mistake, lines));
            }
        }
        Ok(fair)
    }
}

/// The edits, token by token, that make one text of another.
fn between(old: &Source, new: &Source, lexed: &dyn Fn(&Source) -> Lexed) -> Vec<Edit> {
    let (before, after) = (lexed(old), lexed(new));
    let ops = capture_diff_slices(Algorithm::Myers, &before.words(), &after.words());
    let start_of = |lexed: &Lexed, at: usize, source: &Source| {
        lexed.code.get(at).map_or(source.bytes().len(), |token| token.start)
    };
    let end_of = |lexed: &Lexed, at: usize| {
        at.checked_sub(1).and_then(|at| lexed.code.get(at)).map_or(0, |token| token.end)
    };
    let mut edits = Vec::new();
    for op in ops {
        let (tag, old_range, new_range) = op.as_tag_tuple();
        if tag == similar::DiffTag::Equal {
            continue;
        }
        let (start, end) = match old_range.is_empty() {
            true => (end_of(&before, old_range.start), end_of(&before, old_range.start)),
            false => (start_of(&before, old_range.start, old), end_of(&before, old_range.end)),
        };
        let text = match new_range.is_empty() {
            true => String::new(),
            false => {
                let from = start_of(&after, new_range.start, new);
                let to = end_of(&after, new_range.end);
                let gap = if old_range.is_empty() && start > 0 { " " } else { "" };
                format!("{gap}{}", new.slice(from, to))
            }
        };
        edits.push(Edit::replace(old.name(), start, end, text));
    }
    edits
}
