//! Where no fix holds: the smallest statement or block around a message is blanked out in the copy,
//! so that the search can go on behind it.

use super::Depth;
use super::cache::CompileCache;
use super::compare::compare;
use super::trial::{Setting, Trial};
use crate::fixes::{Candidate, Case, Certainty};
use crate::score::Score;
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::{self, Edit};
use erratum_syntax::lex::TokenKind;

/// The smallest stretch without which the message is gone and nothing of its phase is new.
pub(super) fn blank_out(case: &Case, setting: &Setting, cache: &mut CompileCache) -> Option<Trial> {
    for edit in stretches(case) {
        if cache.expired() {
            return None;
        }
        let edits = vec![edit];
        let program = edit::apply(setting.program, &edits).ok()?;
        let Some(report) = cache.report(&program, Depth::Errors) else { continue };
        let old = &setting.report.messages;
        let difference = compare(old, setting.program, &report.messages, &program, &[&edits]);
        let worse = difference.new.iter().any(|index| {
            let message = &report.messages[*index];
            message.is_error() && setting.diagnoser.phase(message) <= setting.phase
        });
        if difference.gone.contains(&setting.target) && !worse {
            let candidate = Candidate {
                edits,
                mistake: MistakeId::Other,
                certainty: Certainty::Guess,
                score: Score::default(),
                others: 0.0,
                target: None,
                then: Vec::new(),
            };
            return Some(Trial {
                candidate,
                program,
                report,
                difference,
                total: 0.0,
                objection: true,
            });
        }
    }
    None
}

/// The statement around a message, then the blocks around it from the inside out, each blanked.
fn stretches(case: &Case) -> Vec<Edit> {
    let lexed = &case.text.lexed;
    let is_end = |at: usize| lexed.divides(at);
    let mut start = case.token;
    while start > 0 && !is_end(start - 1) && lexed.code[start - 1].kind != TokenKind::Directive {
        start -= 1;
    }
    let mut end = case.token;
    while end + 1 < lexed.code.len() && !is_end(end) {
        end += 1;
    }
    let mut all = vec![(start, end)];
    if lexed.opens_block(end)
        && let Some(close) = case.text.pairs.partner[end]
    {
        all.insert(0, (start, close));
    }
    let mut open = case.text.pairs.block_of(lexed, case.token);
    while let Some(at) = open {
        if let Some(close) = case.text.pairs.partner[at].filter(|close| *close > at + 1) {
            all.push((at + 1, close - 1));
        }
        open = case.text.pairs.block_of(lexed, at);
    }
    let blank = |(a, b): (usize, usize)| {
        let (from, to) = (lexed.code[a].start, lexed.code[b].end);
        // Line ends stay, so that places stay.
        let ends: String = lexed.source.slice(from, to).chars().filter(|c| *c == '\n').collect();
        Edit::replace(lexed.source.name(), from, to, ends)
    };
    all.into_iter().filter(|(a, b)| a <= b).map(blank).collect()
}
