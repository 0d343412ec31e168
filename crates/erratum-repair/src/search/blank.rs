//! Where no fix holds: the smallest part of the text around a message is blanked out in the copy, so
//! that the search can go on behind it. What the text declares there is kept where it can be.

use super::brought::{Import, import_at};
use super::cache::CompileCache;
use super::compare::{Difference, compare};
use super::lost;
use super::stretch::{Stretch, stretches};
use super::trial::{Setting, Trial};
use super::words::words_of;
use super::{Depth, Report};
use crate::diagnose::Diagnosis;
use crate::fixes::promised::promised;
use crate::fixes::{Candidate, Case, Certainty};
use crate::message::Message;
use crate::score::Score;
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::{self, Edit};
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;
use erratum_syntax::source::Program;
use std::collections::VecDeque;

/// A part that is blanked out.
pub(super) struct Blanked {
    /// The text without it, and what the compiler says of that.
    pub trial: Trial,
    /// Whether it is more than one statement.
    pub wide: bool,
    /// Whether it is the head of a block that stays.
    heads: bool,
}

/// The smallest stretch without which the message is gone and nothing of its phase is new. Where the
/// text does not read as code, a compiler may have stopped there: then the stretch without which it
/// reads on furthest.
pub(super) fn blank_out(
    case: &Case,
    setting: &Setting,
    cache: &mut CompileCache,
) -> Option<Blanked> {
    let lexed = &case.text.lexed;
    let mut furthest: Option<(usize, Blanked)> = None;
    let mut without_names: Option<Blanked> = None;
    // A compiler that misses a part of the library stops there as at a text that is no code.
    let import = import_at(case).filter(|_| setting.phase == Phase::Name);
    let early = setting.phase <= Phase::Syntax || import.is_some();
    let own = import.iter().map(Import::stretch);
    let mut all = own.chain(stretches(case, setting.phase)).filter_map(|stretch| {
        let edits = stretch.edits(lexed);
        edit::apply(setting.program, &edits).ok().map(|program| (stretch, edits, program))
    });
    // As many as can be compiled at once are.
    let mut known = VecDeque::new();
    loop {
        if known.is_empty() {
            if cache.expired() {
                return None;
            }
            let next: Vec<_> = all.by_ref().take(cache.width_ahead()).collect();
            let programs: Vec<Program> =
                next.iter().map(|(_, _, program)| program.clone()).collect();
            known.extend(next.into_iter().zip(cache.reports(&programs, Depth::Errors)));
        }
        let Some(((stretch, edits, program), report)) = known.pop_front() else { break };
        let Some(report) = report else { continue };
        let old = &setting.report.messages;
        let difference = compare(old, setting.program, &report.messages, &program, &[&edits]);
        if !difference.gone.contains(&setting.target) {
            continue;
        }
        let copy = Copy { stretch: &stretch, edits: &edits, program: &program };
        let Some(left) = copy.left(case, setting, &report, &difference) else { continue };
        let reads_to = left.iter().map(|one| one.place).min();
        if stretch.alone && reads_to.is_some() {
            continue;
        }
        let end = lexed.code[stretch.last].end;
        let reads_on = early && (stretch.pairs(lexed) || lexed.language.layout);
        let beats = |to: usize| furthest.as_ref().is_none_or(|(best, _)| to > *best);
        // A compiler that stops at the first mistake tells of the next one once that is off: a whole
        // block would only take that one with it.
        let stops = old.iter().filter(|message| message.is_error()).count() == 1;
        let hides = |to: usize| stretch.wide && stops && to < end;
        if furthest.as_ref().is_some_and(|(to, _)| hides(*to)) {
            break;
        }
        // Where a part by itself lets the compiler read on for a while, what it says there is worth more
        // than a block without anything in it.
        let apart = |(to, own): &(usize, Blanked)| {
            let place = |at: usize| lexed.source.line_of(at);
            let last = own.trial.candidate.edits.iter().map(|edit| place(edit.end)).max();
            // Behind a head that went, the next line is the first of its block.
            last.is_some_and(|last| place(*to) > last + u32::from(!own.heads))
        };
        let holds =
            |to: usize| stretch.wide || (lexed.code[stretch.first].start..end).contains(&to);
        if furthest.as_ref().is_some_and(|one| holds(one.0) && apart(one)) {
            break;
        }
        // What only misses the names that stood there hides nothing, if something else is said now.
        let misses = setting.phase > Phase::Syntax
            && left.iter().all(|one| one.misses)
            && copy.reveals(case, setting, &report, &difference);
        let worth = reads_to.is_none_or(|to| to > end && reads_on && beats(to));
        let spare = misses && without_names.is_none();
        if !worth && !spare {
            continue;
        }
        let candidate = Candidate {
            edits,
            mistake: MistakeId::Other,
            certainty: Certainty::Guess,
            score: Score::default(),
            others: 0.0,
            target: None,
            then: Vec::new(),
        };
        let trial = Trial { candidate, program, report, difference, total: 0.0, objection: true };
        let blanked = Blanked { trial, wide: stretch.wide, heads: stretch.heads };
        match reads_to {
            None => return Some(blanked),
            Some(_) if !worth => without_names = Some(blanked),
            // Of a part of the library, nothing else is to be switched off.
            Some(_) if import.is_some() => return Some(blanked),
            Some(to) => furthest = Some((to, blanked)),
        }
    }
    furthest.map(|(_, blanked)| blanked).or(without_names)
}

/// A copy of the program without a part.
struct Copy<'a> {
    stretch: &'a Stretch,
    edits: &'a [Edit],
    program: &'a Program,
}

/// An error of the same phase, or of an earlier one, which shows without a part.
struct Left {
    /// Where it stands in the text with the part, in bytes.
    place: usize,
    /// Whether it only misses a name that the part declares.
    misses: bool,
}

impl Copy<'_> {
    /// The errors that speak against leaving the part out; nothing if the part takes more with it than the
    /// message, or the value in its place does not fit.
    fn left(
        &self,
        case: &Case,
        setting: &Setting,
        report: &Report,
        difference: &Difference,
    ) -> Option<Vec<Left>> {
        let (lexed, stretch) = (&case.text.lexed, self.stretch);
        // What a header declared is not known in the block that stays.
        let tells_of_it = |message: &Message| stretch.heads && self.misses(case, message);
        let new = difference.new.iter().map(|at| &report.messages[*at]);
        let (told, new): (Vec<&Message>, Vec<&Message>) = new.partition(|m| tells_of_it(m));
        if setting.phase > Phase::Syntax && takes_more(case, setting, stretch, difference, &told) {
            return None;
        }
        let of_value = |message: &&Message| {
            let lines = lexed.code[stretch.first].line..=lexed.code[stretch.last].line;
            message.is_error() && message.line().is_some_and(|line| lines.contains(&line))
        };
        if stretch.stands_in && new.iter().any(of_value) {
            return None;
        }
        let left = new.into_iter().filter_map(|message| {
            let diagnosis = setting.diagnoser.diagnose(message);
            let worse = is_worse(setting, message, &diagnosis)
                && !hangs(setting, message)
                && !was_hidden(case, setting, stretch, message, &diagnosis);
            worse.then(|| Left {
                place: place_before(message, self.program, lexed.source.name(), self.edits),
                misses: (diagnosis.phase == Phase::Name || promised(&message.text).is_some())
                    && self.misses(case, message),
            })
        });
        Some(left.collect())
    }

    /// Whether a message names what the part declares.
    fn misses(&self, case: &Case, message: &Message) -> bool {
        let declares = self.stretch.declares(&case.text);
        let language = case.text.lexed.language;
        let is_one = |word: &str| declares.iter().any(|one| language.same_name(one, word));
        words_of(message).into_iter().any(is_one)
    }

    /// Whether something else is said without the part than that its names are missed.
    fn reveals(
        &self,
        case: &Case,
        setting: &Setting,
        report: &Report,
        difference: &Difference,
    ) -> bool {
        let mut new = difference.new.iter().map(|at| &report.messages[*at]);
        new.any(|message| {
            message.is_error() && !self.misses(case, message) && !hangs(setting, message)
        })
    }
}

/// Whether a new error is of the same phase as the message, or of an earlier one.
fn is_worse(setting: &Setting, message: &Message, diagnosis: &Diagnosis) -> bool {
    // What only the blanked part used is not used any more.
    let unused = diagnosis.shows(MistakeId::UnusedName);
    message.is_error() && diagnosis.phase <= setting.phase && !unused
}

/// Whether a message names what was lost before.
fn hangs(setting: &Setting, message: &Message) -> bool {
    let language = setting.text.lexed.language;
    let words = words_of(message);
    let mut lost = setting.lost.iter().flat_map(|lost| &lost.names);
    lost.any(|name| words.iter().any(|word| language.same_name(name, word)))
}

/// Whether an error of the same phase, which shows without a part, was only not said before: it stands in
/// another function, to which the part makes no difference. ghc 9.0 tells of a class that a type lacks
/// only where all types fit; mcs 6.8 reads no body while a declaration names a type that is not there.
fn was_hidden(
    case: &Case,
    setting: &Setting,
    part: &Stretch,
    message: &Message,
    diagnosis: &Diagnosis,
) -> bool {
    let (lexed, names) = (&case.text.lexed, &case.text.names);
    // What a function is missed for names it.
    let declares = names.declared.iter().any(|declared| {
        let named = || words_of(message).contains(&lexed.word(declared.token));
        (part.first..=part.last).contains(&declared.token)
            && match declared.kind {
                NameKind::Type => true,
                NameKind::Function => lexed.language.layout || named(),
                _ => false,
            }
    });
    // What is put in the place of a value has any type.
    let guessed = diagnosis.shows(MistakeId::CannotInfer);
    // What names nothing that stood there does not miss it.
    let names_it = || {
        let name = |at: &usize| lexed.kind(*at) == Some(TokenKind::Name);
        let mut names = (part.first..=part.last).filter(name).map(|at| lexed.word(at));
        names.any(|name| {
            words_of(message).into_iter().any(|word| lexed.language.same_name(name, word))
        })
    };
    let depends = match setting.phase {
        Phase::Name => names_it(),
        phase => declares || phase < Phase::Name,
    };
    let own = (lexed.code[part.first].line, lexed.code[part.last].line);
    // A compiler that stops at the first place that is no code read past all that stands above it.
    let stage = setting.phase <= Phase::Syntax && diagnosis.phase <= Phase::Syntax;
    let at_end = part.last + 1 == lexed.code.len();
    if stage && (lexed.language.layout || at_end && part.first == part.last) {
        let above = |line: u32| line < own.0 && !message.text.contains("block");
        let at = message.at.as_ref().filter(|at| at.file == lexed.source.name());
        return at.is_some_and(|at| above(at.line));
    }
    // Where the columns make the blocks, an item with all that is in it is read by itself.
    let several = part.wide && !(lexed.language.layout && setting.phase == Phase::Name);
    // ghc 9.0 and mcs 6.8 look at what types are made of before they look for the names in functions.
    let staged = setting.phase == Phase::Type && !names_it();
    let apart = diagnosis.phase != setting.phase && !(staged && diagnosis.phase == Phase::Name);
    if several || depends || guessed || apart {
        return false;
    }
    // ghc 9.0 tells of a class that a type lacks only where all types fit, in the same function, too.
    let lacks = message.text.starts_with("No instance for") && !names_it();
    let around = lost::item_lines(&case.text, part.first);
    let around = around.filter(|_| !lacks).or(Some(own).filter(|_| lacks));
    // A routine of a class stands in no other one, and neither does a field.
    let whole = || {
        names.declared.iter().any(|declared| {
            let own = match declared.kind {
                NameKind::Function => true,
                NameKind::Member => !names_it(),
                _ => false,
            };
            own && (part.first..=part.last).contains(&declared.token)
        })
    };
    let around = around.or(Some(own).filter(|_| setting.phase == Phase::Name || whole()));
    let (Some((first, last)), Some(at)) = (around, &message.at) else { return false };
    at.file == lexed.source.name() && !(first..=last).contains(&at.line)
}

/// Whether a part takes messages with it that may tell of other mistakes: those that stand in more than
/// one statement, and those that stand outside and need a function or a type that it declares. Behind a
/// header, what is told of its names stands for what was said on that line.
fn takes_more(
    case: &Case,
    setting: &Setting,
    part: &Stretch,
    difference: &Difference,
    told: &[&Message],
) -> bool {
    let (lexed, names) = (&case.text.lexed, &case.text.names);
    let within = part.first..=part.last;
    let declares = names.declared.iter().any(|declared| {
        within.contains(&declared.token)
            && matches!(declared.kind, NameKind::Function | NameKind::Type)
    });
    let (from, to) = (lexed.code[part.first].line, lexed.code[part.last].line);
    let other =
        |index: &&usize| **index != setting.target && setting.report.messages[**index].is_error();
    let outside = |index: &usize| {
        let message = &setting.report.messages[*index];
        let line = message.at.as_ref().filter(|at| at.file == lexed.source.name());
        line.is_none_or(|at| !(from..=to).contains(&at.line))
    };
    let replaced = |index: &usize| {
        let line = setting.report.messages[*index].line();
        told.iter().any(|message| message.line() == line)
    };
    let mut gone = difference.gone.iter().filter(other);
    gone.any(|index| part.wide || (part.heads || declares) && outside(index) && !replaced(index))
}

/// Where a message points in a file before edits; 0 for one that points elsewhere.
fn place_before(message: &Message, program: &Program, name: &str, edits: &[Edit]) -> usize {
    let at = message.at.as_ref().filter(|at| at.file == name);
    let offset = at.and_then(|at| Some(at.range(program.file(name)?).0));
    offset.map_or(0, |offset| edit::back(name, offset, &[edits]))
}
