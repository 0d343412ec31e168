//! Several messages that have nothing to do with each other are mended in one compile, where each
//! has a fix that stands out. If anything speaks against the whole, each is tried by itself.

use super::Depth;
use super::cache::CompileCache;
use super::node::Node;
use super::observe::{Event, Watch};
use super::trial::{Setting, Trial, judge};
use super::weights as w;
use crate::describe::describe;
use crate::fixes::Candidate;
use crate::message::Message;
use erratum_catalogue::Phase;
use erratum_syntax::edit::{self, Edit, PositionMap};
use erratum_syntax::names::NameKind;

/// The best fix of the message that is looked at, joined by those of others of its phase; nothing if
/// there are none, or it does not stand out itself.
pub(super) fn of_others(
    node: &Node,
    setting: &Setting,
    best: &Candidate,
    best_for: impl Fn(&Message, usize) -> Option<Candidate>,
) -> Option<Candidate> {
    if !best.then.is_empty() || best.score.total() <= 0.0 {
        return None;
    }
    let messages = &setting.report.messages;
    let file = messages[setting.target].at.as_ref().map(|at| at.file.as_str());
    let phase = |message: &Message| setting.diagnoser.phase(message);
    let mut parts: Vec<Candidate> = vec![best.clone()];
    let mut lines: Vec<u32> = lines_of(setting, best);
    lines.extend(messages[setting.target].line());
    let mut looked = 0;
    for (index, message) in messages.iter().enumerate() {
        if looked >= w::BATCH_LOOKS {
            break;
        }
        let apart = message
            .line()
            .is_some_and(|line| lines.iter().all(|other| line.abs_diff(*other) >= w::APART));
        if index == setting.target
            || !message.is_error()
            || !apart
            || node.passed.contains(&index)
            || message.at.as_ref().map(|at| at.file.as_str()) != file
            || phase(message) != setting.phase
            || setting.phase > Phase::Name && names_at_fault(setting, message)
        {
            continue;
        }
        looked += 1;
        let Some(candidate) = best_for(message, index).filter(|found| found.then.is_empty()) else {
            continue;
        };
        let changed = lines_of(setting, &candidate);
        let far =
            changed.iter().all(|line| lines.iter().all(|other| line.abs_diff(*other) >= w::APART));
        if far {
            lines.extend(changed);
            lines.extend(message.line());
            parts.push(candidate);
        }
        if parts.len() >= w::BATCH {
            break;
        }
    }
    (parts.len() > 1).then(|| chained(parts))
}

/// Whether a message points at a name that is declared on a line of which another error is told: what is
/// said of it may come of that.
fn names_at_fault(setting: &Setting, message: &Message) -> bool {
    let (lexed, names) = (&setting.text.lexed, &setting.text.names);
    let Some(at) = &message.at else { return false };
    let (start, end) = at.range(&lexed.source);
    let first = lexed.code.partition_point(|token| token.end <= start);
    let within = (first..lexed.code.len()).take(NAMES_ASKED);
    let within = within.take_while(|token| lexed.code[*token].start < end.max(start + 1));
    let at_fault = |line: u32| {
        let mut others = setting.report.messages.iter().filter(|other| other.is_error());
        line != at.line && others.any(|other| other.line() == Some(line))
    };
    let declared = within.filter_map(|token| names.resolve(lexed, token));
    declared.into_iter().any(|one| {
        let value = matches!(one.kind, NameKind::Value);
        value && lexed.code.get(one.token).is_some_and(|token| at_fault(token.line))
    })
}

/// How many tokens of what a message points at are looked at.
const NAMES_ASKED: usize = 12;

/// The lines that a candidate changes, in the text before it.
fn lines_of(setting: &Setting, candidate: &Candidate) -> Vec<u32> {
    let source = |edit: &Edit| setting.program.file(&edit.file);
    let lines = candidate.edits.iter().filter_map(|edit| Some((source(edit)?, edit)));
    lines
        .flat_map(|(source, edit)| [source.line_of(edit.start), source.line_of(edit.end)])
        .collect()
}

/// Parts that were all made for the same text, as a chain in which each is in places of the text
/// that the ones before left.
fn chained(parts: Vec<Candidate>) -> Candidate {
    let mut done: Vec<Candidate> = Vec::new();
    for mut part in parts {
        for edit in &mut part.edits {
            for before in &done {
                let map = PositionMap::new(&edit.file, &before.edits);
                (edit.start, edit.end) = (map.forward(edit.start), map.forward(edit.end));
            }
        }
        done.push(part);
    }
    let mut first = done.remove(0);
    first.then = done;
    first
}

/// Compiles a batch; returns it if every message that it is for goes and nothing speaks against it.
pub(super) fn hold(
    setting: &Setting,
    batch: Candidate,
    cache: &mut CompileCache,
    watch: &mut Watch,
) -> Option<Trial> {
    let program = edit::apply_all(setting.program, &batch.sets()).ok()?;
    // The first alone is compiled beside it: it is the next to be tried if the whole does not hold.
    let alone = edit::apply(setting.program, &batch.edits).ok()?;
    let report = cache.reports(&[program.clone(), alone], Depth::Errors).remove(0)?;
    let targets: Vec<usize> = batch.then.iter().filter_map(|part| part.target).collect();
    let titles = batch.parts().map(|part| describe(setting.program, &part.edits)).collect();
    // What the parts come to one by one is told once they are tried one by one.
    // What still stands on the line of a message may be of the same mistake: another fix may mend both.
    let messages = &setting.report.messages;
    let place = |index: usize| messages[index].at.as_ref().map(|at| (&at.file, at.line));
    let beside = |old: usize| {
        let mut all = targets.iter().chain([&setting.target]);
        messages[old].is_error() && all.any(|target| place(*target) == place(old))
    };
    let held = judge(setting, batch, program, report, &mut Watch::default()).filter(|trial| {
        !trial.objection
            && targets.iter().all(|target| trial.difference.gone.contains(target))
            && !trial.difference.stays.iter().any(|(old, _)| beside(*old))
    });
    watch.tell(|| Event::Batch { titles, held: held.is_some() });
    held
}
