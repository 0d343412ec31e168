//! Tries the candidates for one message, and keeps those that hold.

use super::accept::{Acceptance, Findings, NewMessage, Rejection, accept};
use super::belief;
use super::cache::{CompileCache, hash};
use super::compare::{Difference, compare};
use super::lost::Lost;
use super::observe::{Event, Outcome, Proposal, Said, Watch};
use super::weights as w;
use super::{Depth, Report, SeverityPolicy};
use crate::diagnose::{Diagnoser, Diagnosis};
use crate::fixes::Candidate;
use crate::fixes::weights::PAIRS_STILL_ODD;
use crate::manner;
use crate::message::Message;
use crate::score::Score;
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::{self, Edit};
use erratum_syntax::lex::Lexed;
use erratum_syntax::names::{NameKind, Names};
use erratum_syntax::pairs::Pairs;
use erratum_syntax::source::Program;
use erratum_syntax::text::Text;
use std::cmp::Ordering;
use std::collections::HashSet;
use std::sync::Arc;

/// A candidate that was compiled and holds.
#[derive(Clone)]
pub(super) struct Trial {
    pub candidate: Candidate,
    pub program: Program,
    pub report: Arc<Report>,
    pub difference: Difference,
    /// The candidate's score with what the compile was worth.
    pub total: f64,
    /// Whether the compile spoke against it in any way.
    pub objection: bool,
}

impl Trial {
    /// Returns the first and the last line that its first edit changes, in the program before it.
    pub fn lines(&self, before: &Program) -> (u32, u32) {
        let edit = self.candidate.edits.first();
        let lines = edit.and_then(|edit| {
            let file = before.file(&edit.file)?;
            Some((file.line_of(edit.start), file.line_of(edit.end)))
        });
        lines.unwrap_or_default()
    }
}

/// What the candidates are tried against.
pub(super) struct Setting<'a, 'c> {
    pub program: &'a Program,
    pub text: &'a Text,
    pub policy: SeverityPolicy,
    pub report: &'a Report,
    /// Index of the message to mend.
    pub target: usize,
    pub phase: Phase,
    pub diagnoser: &'a Diagnoser<'c>,
    /// What is lost with the parts that are switched off.
    pub lost: &'a [Arc<Lost>],
}

/// Tries candidates, best first, until nothing that is left could beat the best; returns those that
/// hold, the best first, each with the weight of the candidates that were not tried.
pub(super) fn try_all(
    setting: &Setting,
    candidates: Vec<Candidate>,
    cache: &mut CompileCache,
    watch: &mut Watch,
) -> Vec<Trial> {
    let mut held: Vec<Trial> = Vec::new();
    let best_score = candidates.first().map_or(0.0, |candidate| candidate.score.total());
    let mut queue = candidates.into_iter().take(w::TRIES).peekable();
    // Only the full check tells whether a warning that comes late is gone.
    let late = !setting.report.messages[setting.target].is_error();
    let depth = if late { Depth::Full } else { Depth::Errors };
    let mut faint_left =
        if setting.phase <= Phase::Syntax { w::FAINT_TEXT } else { w::FAINT_MEANING };
    while let Some(next) = queue.peek() {
        // Where no bracket helps, the odd one is another mistake, and costs this one nothing.
        let elsewhere = held.is_empty() && leaves_odd(next);
        let unlikely =
            if setting.phase <= Phase::Syntax { w::UNLIKELY_TEXT } else { w::UNLIKELY_MEANING };
        let least = (best_score - w::HOPELESS).max(unlikely)
            - if elsewhere { w::ODD_ELSEWHERE } else { 0.0 };
        let faint = next.score.total() < w::FAINT;
        if next.score.total() < least || faint && faint_left == 0 || cache.expired() {
            break;
        }
        if let Some(best) = held.iter().max_by(|a, b| a.total.total_cmp(&b.total))
            && cannot_beat(next, best)
        {
            break;
        }
        let mut applied: Vec<(Candidate, Program)> = Vec::new();
        for candidate in queue.by_ref().take(cache.width()) {
            if candidate.score.total() < w::FAINT {
                faint_left = faint_left.saturating_sub(1);
            }
            match edit::apply_all(setting.program, &candidate.sets()) {
                Ok(program) => applied.push((candidate, program)),
                Err(_) => note_rejection(setting, &candidate, Rejection::DoesNotApply, None, watch),
            }
        }
        let programs: Vec<Program> = applied.iter().map(|(_, program)| program.clone()).collect();
        let reports = cache.reports(&programs, depth);
        for ((candidate, program), report) in applied.into_iter().zip(reports) {
            match report {
                Some(report) => held.extend(judge(setting, candidate, program, report, watch)),
                None => note_rejection(setting, &candidate, Rejection::NotCompiled, None, watch),
            }
        }
    }
    let left: Vec<f64> = queue.map(|candidate| candidate.score.total()).collect();
    for trial in &mut held {
        let own = trial.candidate.score.total();
        trial.candidate.others = belief::weight(own, left.iter().copied());
    }
    held.sort_by(|a, b| b.total.total_cmp(&a.total));
    // Two ways to the same text are one.
    let mut seen = HashSet::new();
    held.retain(|trial| seen.insert(hash(&trial.program)));
    held
}

/// Whether a candidate lost worth for a bracket that stays odd.
fn leaves_odd(candidate: &Candidate) -> bool {
    let mut factors = candidate.score.factors().iter();
    factors.any(|factor| factor.name == PAIRS_STILL_ODD.name && factor.value < 0.0)
}

/// Returns whether a candidate could not beat the best even if its compile were worth as much; a
/// best that something speaks against gives the next more room.
fn cannot_beat(next: &Candidate, best: &Trial) -> bool {
    let worth = best.total - best.candidate.score.total();
    let slack = if best.objection { w::SLACK_OBJECTED } else { w::SLACK };
    best.total >= next.score.total() + worth + slack
}

/// Holds a compiled candidate against the rule of acceptance; returns it if it holds.
pub(super) fn judge(
    setting: &Setting,
    candidate: Candidate,
    program: Program,
    report: Arc<Report>,
    watch: &mut Watch,
) -> Option<Trial> {
    let sets = candidate.sets();
    let old = &setting.report.messages;
    let difference = compare(old, setting.program, &report.messages, &program, &sets);
    let findings = findings(setting, &candidate, &program, &report, &difference);
    drop(sets);
    let Acceptance { worth, objection } = match accept(&findings) {
        Ok(accepted) => accepted,
        Err(rejection) => {
            note_rejection(setting, &candidate, rejection, Some(&report), watch);
            return None;
        }
    };
    let total = candidate.score.total() + worth.total();
    note_trial(setting, &candidate, total, &worth, objection, watch);
    Some(Trial { candidate, program, report, difference, total, objection })
}

fn note_trial(
    setting: &Setting,
    candidate: &Candidate,
    total: f64,
    worth: &Score,
    objection: bool,
    watch: &mut Watch,
) {
    watch.tell(|| Event::Tried {
        fix: Proposal::of(setting.program, candidate),
        outcome: Outcome::Held { total, worth: worth.factors().to_vec(), objection },
    });
}

/// Says why a candidate is not taken.
pub(super) fn note_rejection(
    setting: &Setting,
    candidate: &Candidate,
    rejection: Rejection,
    report: Option<&Report>,
    watch: &mut Watch,
) {
    watch.tell(|| {
        let against = rejection.message().and_then(|index| report?.messages.get(index));
        Event::Tried {
            fix: Proposal::of(setting.program, candidate),
            outcome: Outcome::Rejected { rejection, said: against.map(Said::of) },
        }
    });
}

/// What the compile of a candidate showed.
fn findings(
    setting: &Setting,
    candidate: &Candidate,
    program: &Program,
    report: &Report,
    difference: &Difference,
) -> Findings {
    let sets = candidate.sets();
    let old = &setting.report.messages;
    let target = &old[setting.target];
    let counts = |message: &Message| setting.policy.counts(message);
    let gone = || difference.gone.iter().filter(|index| counts(&old[**index]));
    let on_line =
        |index: &&usize| **index != setting.target && old[**index].line() == target.line();
    let changed = edit::changed_lines(program, &sets);
    let gone_lines = if evenly(setting, &sets) {
        let gone = difference.gone.iter().filter(|index| **index != setting.target);
        gone.filter_map(|index| old[*index].line()).collect()
    } else {
        Vec::new()
    };
    let place = Places {
        setting,
        target,
        program,
        sets: &sets,
        changed: &changed,
        gone_lines: &gone_lines,
    };
    // What a part of the library that is not there would have brought is unknown with any change.
    let of_change = |index: &&usize| {
        let message = &report.messages[**index];
        let diagnosis = setting.diagnoser.diagnose(message);
        !setting.lost.iter().any(|lost| lost.misses_import(message, &diagnosis, false))
    };
    let new = difference.new.iter().filter(of_change);
    let mut new: Vec<NewMessage> =
        new.map(|i| place.new_message(*i, &report.messages[*i], candidate.mistake)).collect();
    not_of_the_change(setting, report, &mut new);
    let target_gone = difference.gone.contains(&setting.target);
    Findings {
        mistake: candidate.mistake,
        adds_words: adds_words(&sets),
        // Where C does not know a type, the declaration was read no further.
        names_only: names_only(setting, &sets)
            || setting.report.messages[setting.target].text.starts_with("unknown type name '"),
        phase: setting.phase,
        for_error: target.is_error(),
        told: told(target, &sets),
        reads_well: reads_well(setting, candidate.mistake),
        target_gone,
        new,
        errors_left: report.messages.iter().filter(|m| m.is_error()).count(),
        mistakes_left: report.messages.iter().filter(|m| counts(m)).count(),
        gone: gone().count(),
        gone_on_line: gone().filter(on_line).count(),
        definitions_lost: target_gone && definitions_lost(setting, program),
    }
}

/// What a later phase says on a changed line, and in the same words elsewhere too, is not of the change: a
/// name that nothing declares is unknown at each of its uses.
fn not_of_the_change(setting: &Setting, report: &Report, new: &mut [NewMessage]) {
    let said = |one: &NewMessage| report.messages[one.index].text.as_str();
    let elsewhere: Vec<&str> =
        new.iter().filter(|one| one.is_error && !one.on_change).map(said).collect();
    for one in new.iter_mut().filter(|one| one.on_change && one.phase > setting.phase) {
        one.on_change = !elsewhere.contains(&report.messages[one.index].text.as_str());
    }
}

/// Returns whether a message names what a change puts in, as g++ 12 and clang 14 name the mark of a pointer.
fn told(target: &Message, sets: &[&[Edit]]) -> bool {
    let told = target.text.split_once("meant to use '");
    let told = told.and_then(|(_, rest)| rest.split_once('\'')).map(|(mark, _)| mark);
    let mut edits = sets.iter().copied().flatten();
    told.is_some_and(|mark| edits.all(|edit| edit.text == mark))
}

/// Returns whether the compiler has read the whole text without an error of syntax. Where a file is not
/// found, nothing behind it was read.
fn reads_well(setting: &Setting, mistake: MistakeId) -> bool {
    let unread = matches!(mistake, MistakeId::BrokenInclude | MistakeId::MisspeltImport);
    let syntax =
        |message: &Message| message.is_error() && setting.diagnoser.phase(message) <= Phase::Syntax;
    !unread && !setting.report.messages.iter().any(syntax)
}

/// Whether a fix of this kind puts in a value of a type, or a word that only values of some type have: one that
/// does not fit where it stands is not meant.
fn gives_a_value(mistake: MistakeId) -> bool {
    matches!(
        mistake,
        MistakeId::MissingArgument
            | MistakeId::MissingToString
            | MistakeId::MissingToNumber
            | MistakeId::QuotedValue
            | MistakeId::ForeignWord
    )
}

/// Where new messages stand, seen from the message to mend and from the change.
struct Places<'a, 's, 'c> {
    setting: &'a Setting<'s, 'c>,
    target: &'a Message,
    program: &'a Program,
    sets: &'a [&'a [Edit]],
    changed: &'a [(String, u32)],
    /// The lines of the messages that are gone beside the one to mend, in the text before the change.
    gone_lines: &'a [u32],
}

impl Places<'_, '_, '_> {
    /// Whether only what the file brings in has changed: what that uncovers may stand anywhere.
    fn brings_in(&self) -> bool {
        let source = &self.setting.text.lexed.source;
        let import = self.setting.text.lexed.language.import.before;
        let Some(word) = import.split_whitespace().next() else { return false };
        let brings = |edit: &Edit| {
            let own = edit.file == source.name();
            let line = source.line_of(edit.start);
            let there = source.line_text(line).trim_start().starts_with(word);
            own && (there || edit.start == edit.end && edit.text.trim_start().starts_with(word))
        };
        self.sets.iter().flat_map(|set| set.iter()).all(brings)
    }

    fn new_message(&self, index: usize, message: &Message, mistake: MistakeId) -> NewMessage {
        let diagnosis = self.setting.diagnoser.diagnose(message);
        let line = message.line().unwrap_or(0);
        let at = message.at.as_ref();
        let on_change = at
            .is_some_and(|at| self.changed.iter().any(|(file, l)| *file == at.file && *l == line));
        // What a later phase says of another value of the same call was hidden.
        // Each of these reads the text: only what stands on the change is asked.
        let hidden = || {
            diagnosis.phase > self.setting.phase && self.is_of_another_argument(message)
                || diagnosis.phase == Phase::Name && self.is_of_callee(message)
                || self.is_within_values(message, diagnosis.phase)
        };
        let on_change = on_change && !hidden();
        // The text was read up to types, and now a parser stops at the change.
        let spoils = diagnosis.phase == Phase::Syntax && self.setting.phase > Phase::Syntax;
        let first = at.and_then(|at| {
            let own = self.changed.iter().filter(|(name, _)| *name == at.file);
            own.map(|(_, line)| *line).min()
        });
        NewMessage {
            index,
            is_error: message.is_error(),
            counts: self.setting.policy.counts(message),
            phase: diagnosis.phase,
            on_change,
            contradicts: contradicts(mistake, self.setting.phase, &diagnosis)
                || (gives_a_value(mistake) && diagnosis.phase == Phase::Type
                    || spoils
                    || self.swaps_member_mark())
                    && self.points_at_put_in(message)
                || self.names_type_for_value() && is_no_value(&diagnosis)
                || self.respells_as_unknown(mistake, message, &diagnosis),
            // What stands nowhere, such as that no start of the program is found, stands before nothing.
            before_target: message.at.is_some() && self.reported(message).is_le(),
            in_its_place: self.reported(message).is_eq(),
            on_its_line: at.is_some() && self.line_before(message) == self.target.line(),
            hides_target: self.setting.phase == Phase::Flow
                && manner::hides(&self.setting.diagnoser.compiler, diagnosis.phase, Phase::Flow),
            above_change: first.is_some_and(|first| line < first) || self.brings_in(),
            was_left: self.was_left(message),
            moved: self.is_moved(message)
                || self.says_the_same(message)
                || self.breaks_override(message, &diagnosis),
        }
    }

    /// Whether a mark before a member takes the place of another one, in a text that was read well: what then
    /// stands at the mark is of the change.
    fn swaps_member_mark(&self) -> bool {
        let mark = |edit: &Edit| edit.end > edit.start && matches!(&*edit.text, "." | "->" | "::");
        self.setting.phase > Phase::Syntax && self.sets.iter().copied().flatten().any(mark)
    }

    /// Whether a name with a small letter gives way to one with a capital letter: to a type, as a rule.
    fn names_type_for_value(&self) -> bool {
        let capital = |text: &str| text.starts_with(char::is_uppercase);
        self.sets.iter().copied().flatten().any(|edit| {
            let file = self.setting.program.file(&edit.file);
            let old = file.map(|file| file.slice(edit.start, edit.end));
            old.is_some_and(|old| old.starts_with(char::is_lowercase) && capital(&edit.text))
        })
    }

    /// Whether a name is respelt as one that the compiler does not know either.
    fn respells_as_unknown(
        &self,
        mistake: MistakeId,
        message: &Message,
        diagnosis: &Diagnosis,
    ) -> bool {
        let respelt = matches!(mistake, MistakeId::WrongCase | MistakeId::MisspeltName);
        let unknown = diagnosis.phase == Phase::Name && diagnosis.shows(MistakeId::UnknownName);
        let quoted = |edit: &Edit| {
            let mut words = message.text.split(['\'', '`', '‘', '’', '"', ' ']);
            words.any(|word| word == edit.text)
        };
        // What the library has under that name may lack its import; what the message to mend does not name was
        // hardly meant by it.
        let language = self.setting.policy.language;
        let brought = |edit: &Edit| {
            let file = self.setting.program.file(&edit.file);
            let old = file.map(|file| file.slice(edit.start, edit.end).into_owned());
            old.is_some_and(|old| !old.is_empty() && self.target.text.contains(&old))
                && language.imports_of(&edit.text).next().is_some()
        };
        let mut edits = self.sets.iter().copied().flatten();
        respelt && unknown && edits.any(|edit| quoted(edit) && !brought(edit))
    }

    /// Whether a message says of the word that was put in what the message to mend says of the one before.
    fn says_the_same(&self, message: &Message) -> bool {
        let mut edits = self.sets.iter().copied().flatten();
        edits.any(|edit| {
            let file = self.setting.program.file(&edit.file);
            let old = file.map(|file| file.slice(edit.start, edit.end));
            old.is_some_and(|old| {
                let word = |text: &str| !text.is_empty() && text.chars().all(char::is_alphanumeric);
                word(&old)
                    && word(&edit.text)
                    && self.target.text.contains(old.as_ref())
                    && self.target.text.replace(old.as_ref(), &edit.text) == message.text
            })
        })
    }

    /// Whether a message tells of the two types of the message to mend, in quotes, of which one is put
    /// together: two plain types such as `int` and `String` meet at many places.
    fn is_moved(&self, message: &Message) -> bool {
        let diagnoser = self.setting.diagnoser;
        let clash = diagnoser.catalogue.clash_of(&self.target.text, &diagnoser.compiler);
        let types = clash.filter(|types| types.len() == 2);
        types.is_some_and(|types| {
            let together = |name: &String| name.contains([' ', '<', '[', '(']);
            let quoted = |name: &String| message.text.contains(&format!("'{name}'"));
            types.values().any(together) && types.values().all(quoted)
        })
    }

    /// Whether a message tells that what takes the place of the changed declaration does not agree with it any more.
    fn breaks_override(&self, message: &Message, diagnosis: &Diagnosis) -> bool {
        let target = self.setting.diagnoser.diagnose(self.target);
        let told = diagnosis.shows(MistakeId::WrongOverride);
        let text = &self.setting.text;
        let changed = |line: u32| {
            let file = text.lexed.source.name();
            self.changed.iter().any(|(name, own)| name == file && *own == line)
        };
        let mut declared = text.names.declared.iter().map(|one| one.token);
        told && !target.shows(MistakeId::WrongOverride)
            && declared.any(|at| {
                changed(text.lexed.code[at].line)
                    && super::words::words(&message.text).contains(&text.lexed.word(at))
            })
    }

    /// Whether another message is gone from the line of this one, seen in the text before the change.
    fn was_left(&self, message: &Message) -> bool {
        self.line_before(message).is_some_and(|line| self.gone_lines.contains(&line))
    }

    /// The line of a message in the text before the change.
    fn line_before(&self, message: &Message) -> Option<u32> {
        let at = message.at.as_ref()?;
        let offset = at.range(self.program.file(&at.file)?).0;
        let before = edit::back(&at.file, offset, self.sets);
        Some(self.setting.program.file(&at.file)?.line_of(before))
    }

    /// Whether a message points at what the change puts in.
    fn points_at_put_in(&self, message: &Message) -> bool {
        let Some(at) = &message.at else { return false };
        let Some(file) = self.program.file(&at.file) else { return false };
        let offset = at.range(file).0;
        self.put_in(&at.file).any(|(start, end)| (start..end).contains(&offset))
    }

    /// Whether a message points at the name of a call, and the change is in what it is given: javac 17 looks
    /// a method up only once its values are sound.
    fn is_of_callee(&self, message: &Message) -> bool {
        let Some(at) = &message.at else { return false };
        let Some(file) = self.program.file(&at.file) else { return false };
        let lexed = Lexed::new(file, self.setting.policy.language);
        let pairs = Pairs::new(&lexed);
        let mut name = lexed.at(at.range(file).0);
        // javac points at the dot before the name.
        name += usize::from(lexed.is(name, "."));
        let close = pairs.partner_of(name + 1).filter(|_| lexed.is(name + 1, "("));
        let mut put_in = self.put_in(&at.file).map(|(start, _)| lexed.at(start)).peekable();
        close.is_some_and(|close| {
            put_in.peek().is_some() && put_in.all(|changed| (name + 2..close).contains(&changed))
        })
    }

    /// Whether only the name of a call is another one now, and a message points at a part of what it is given:
    /// what an unknown name is given is not looked at.
    fn is_within_values(&self, message: &Message, phase: Phase) -> bool {
        let Some(at) = &message.at else { return false };
        let Some(file) = self.program.file(&at.file) else { return false };
        if !names_only(self.setting, self.sets) {
            return false;
        }
        let lexed = Lexed::new(file, self.setting.policy.language);
        let pairs = Pairs::new(&lexed);
        let pointed = lexed.at(at.range(file).0);
        self.put_in(&at.file).any(|(start, _)| {
            let name = lexed.at(start);
            let close = pairs.partner_of(name + 1).filter(|_| lexed.is(name + 1, "("));
            let within = close.is_some_and(|close| (name + 2..close).contains(&pointed));
            let deeper = pairs.inside_of(pointed) != Some(name + 1);
            within && (deeper || phase == Phase::Name)
        })
    }

    /// Whether a message points into one value of a list in brackets, and the change is in another.
    fn is_of_another_argument(&self, message: &Message) -> bool {
        let Some(at) = &message.at else { return false };
        let Some(file) = self.program.file(&at.file) else { return false };
        let lexed = Lexed::new(file, self.setting.policy.language);
        let pairs = Pairs::new(&lexed);
        let around = |token: usize| {
            std::iter::successors(pairs.inside_of(token), |open| pairs.inside_of(*open))
        };
        let pointed = lexed.at(at.range(file).0);
        let mut put_in = self.put_in(&at.file).map(|(start, _)| lexed.at(start)).peekable();
        put_in.peek().is_some()
            && put_in.all(|changed| {
                let common =
                    around(pointed).find(|open| around(changed).any(|other| other == *open));
                let Some(open) = common.filter(|open| lexed.is(*open, "(")) else { return false };
                let index = |token: usize| {
                    let own = |at: &usize| pairs.inside_of(*at) == Some(open);
                    (open..token).filter(own).filter(|at| lexed.is(*at, ",")).count()
                };
                index(pointed) != index(changed)
            })
    }

    /// Where a change of one step puts something into a file, in places of the text behind it.
    fn put_in(&self, file: &str) -> impl Iterator<Item = (usize, usize)> {
        let set: &[Edit] = if let [set] = self.sets { set } else { &[] };
        set.iter().filter(move |edit| edit.file == file).map(move |edit| {
            let before = set.iter().filter(|one| one.file == edit.file && one.start < edit.start);
            let (more, less) = before.fold((0, 0), |(more, less), one| {
                (more + one.text.len(), less + one.end - one.start)
            });
            let start = edit.start + more - less;
            (start, start + edit.text.len())
        })
    }

    /// Returns how a message stands to the one to mend, in the text before the change.
    fn reported(&self, message: &Message) -> Ordering {
        let place = |message: &Message, program: &Program, sets: &[&[Edit]]| {
            let at = message.at.as_ref()?;
            let offset = at.range(program.file(&at.file)?).0;
            Some((at.file.clone(), edit::back(&at.file, offset, sets)))
        };
        let then = place(message, self.program, self.sets);
        match (then, place(self.target, self.setting.program, &[])) {
            (Some((file, then)), Some((reported, offset))) if file == reported => then.cmp(&offset),
            _ => message.line().unwrap_or(0).cmp(&self.target.line().unwrap_or(u32::MAX)),
        }
    }
}

/// Returns whether a new message says that a change of some kind is wrong itself.
fn contradicts(mistake: MistakeId, target: Phase, diagnosis: &Diagnosis) -> bool {
    match mistake {
        MistakeId::MissingArgument => diagnosis.shows(MistakeId::ExtraArgument),
        MistakeId::ExtraArgument => diagnosis.shows(MistakeId::MissingArgument),
        // What is called with nothing must take nothing.
        MistakeId::Uncalled => {
            diagnosis.shows(MistakeId::MissingArgument) || diagnosis.shows(MistakeId::NotCallable)
        }
        MistakeId::TextAsString => diagnosis.phase == Phase::Type,
        // In the right order each value fits its place.
        MistakeId::WrongArgumentOrder => diagnosis.phase >= Phase::Type,
        // Where the types were wrong before, two values in the place of one must fit.
        MistakeId::MissingSeparator => target == Phase::Type && diagnosis.phase == Phase::Type,
        _ => false,
    }
}

/// Whether a message says that a type stands where a value is wanted.
fn is_no_value(diagnosis: &Diagnosis) -> bool {
    diagnosis.shows(MistakeId::OtherKind) || diagnosis.shows(MistakeId::MissingStatic)
}

/// Returns whether edits only put words where there were none.
fn adds_words(sets: &[&[Edit]]) -> bool {
    let mut edits = sets.iter().flat_map(|set| set.iter()).peekable();
    let word = |edit: &Edit| edit.start == edit.end && edit.text.contains(char::is_alphanumeric);
    edits.peek().is_some() && edits.all(word)
}

/// Whether edits leave how the lines around them read: brackets go or come in pairs, and no quotes do.
fn evenly(setting: &Setting, sets: &[&[Edit]]) -> bool {
    let even = |text: &str| {
        let deep = text.chars().try_fold(0_i32, |deep, letter| match letter {
            '(' | '[' | '{' => Some(deep + 1),
            ')' | ']' | '}' => Some(deep - 1).filter(|deep| *deep >= 0),
            '"' | '\'' | '`' | '/' => None,
            _ => Some(deep),
        });
        deep == Some(0)
    };
    let lexed = &setting.text.lexed;
    sets.len() == 1
        && sets[0]
            .iter()
            .all(|edit| even(&edit.text) && even(&lexed.source.slice(edit.start, edit.end)))
}

/// Whether edits only write another name, or say whose it is: no line then reads otherwise.
fn names_only(setting: &Setting, sets: &[&[Edit]]) -> bool {
    let lexed = &setting.text.lexed;
    let language = lexed.language;
    let named = |text: &str| {
        let letters = text.chars().all(|letter| letter.is_alphanumeric() || letter == '_');
        letters && !text.is_empty() && !language.is_keyword(text)
    };
    let marks = [language.scope_mark, "."].into_iter().filter(|mark| !mark.is_empty());
    let owner =
        |text: &str| marks.clone().find_map(|mark| text.strip_suffix(mark)).is_some_and(named);
    let mut edits = sets.iter().flat_map(|set| set.iter()).peekable();
    let only = |edit: &Edit| {
        let old = lexed.source.slice(edit.start, edit.end);
        let bare = edit.text.rfind(['.', ':']).map_or(0, |at| at + 1);
        let (before, name) = edit.text.split_at(bare);
        let renamed = named(&old) && named(name) && (before.is_empty() || owner(before));
        // C: `struct berth` names the type that `berth` alone does not.
        let tag = language.tagged_types && matches!(edit.text.trim(), "struct" | "union" | "enum");
        renamed || old.is_empty() && (owner(&edit.text) || tag)
    };
    edits.peek().is_some() && edits.all(only)
}

/// How many tokens fewer a text has at least that has lost a definition: a header that is respelt
/// may be read as no definition, too.
const LOST_TOKENS: usize = 8;

/// Returns whether fewer functions and types are defined than before: something was swallowed.
fn definitions_lost(setting: &Setting, program: &Program) -> bool {
    let name = setting.text.lexed.source.name();
    let Some(now) = program.file(name) else { return false };
    let count = |lexed: &Lexed, names: &Names| {
        let defined =
            names.declared.iter().filter(|d| matches!(d.kind, NameKind::Function | NameKind::Type));
        (defined.count(), lexed.code.len())
    };
    let lexed = Lexed::new(now, setting.policy.language);
    let names = Names::new(&lexed, &Pairs::new(&lexed));
    let (before, tokens_before) = count(&setting.text.lexed, &setting.text.names);
    let (after, tokens_after) = count(&lexed, &names);
    after < before && tokens_after + LOST_TOKENS < tokens_before
}
