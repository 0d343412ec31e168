//! Where no fix holds: the smallest part of the text around a message is blanked out in the copy, so
//! that the search can go on behind it. What the text declares there is kept where it can be.

use super::Depth;
use super::brought::{Import, import_at};
use super::cache::CompileCache;
use super::compare::{Difference, compare};
use super::lost;
use super::stretch::{Stretch, stretches};
use super::trial::{Setting, Trial};
use super::words::words_of;
use crate::diagnose::Diagnosis;
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
    // A compiler that misses a part of the library stops there as at a text that is no code.
    let import = import_at(case).filter(|_| setting.phase == Phase::Name);
    let early = setting.phase <= Phase::Syntax || import.is_some();
    let own = import.iter().map(Import::stretch);
    let mut all = own.chain(stretches(case, setting.phase)).map(|stretch| {
        let edits = vec![stretch.edit(lexed)];
        edit::apply(setting.program, &edits).ok().map(|program| (stretch, edits, program))
    });
    // As many as can be compiled at once are.
    let mut known = VecDeque::new();
    loop {
        if known.is_empty() {
            if cache.expired() {
                return None;
            }
            let next: Vec<_> = all.by_ref().take(cache.width_ahead()).collect::<Option<_>>()?;
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
        // What a header declared is not known in the block that stays.
        let lost = stretch.declares(&case.text);
        let tells_of_it = |message: &Message| {
            words_of(message)
                .into_iter()
                .any(|word| lost.iter().any(|one| lexed.language.same_name(one, word)))
        };
        let (told, new): (Vec<&Message>, Vec<&Message>) =
            difference.new.iter().map(|at| &report.messages[*at]).partition(|m| tells_of_it(m));
        if setting.phase > Phase::Syntax && takes_more(case, setting, &stretch, &difference, &told)
        {
            continue;
        }
        let of_value = |message: &&Message| {
            let lines = lexed.code[stretch.first].line..=lexed.code[stretch.last].line;
            message.is_error() && message.line().is_some_and(|line| lines.contains(&line))
        };
        if stretch.stands_in && new.iter().any(of_value) {
            continue;
        }
        let reads_to = new.into_iter().filter_map(|message| {
            let diagnosis = setting.diagnoser.diagnose(message);
            // What only the blanked part used is not used any more.
            let unused = diagnosis.shows(MistakeId::UnusedName);
            let worse = message.is_error() && diagnosis.phase <= setting.phase && !unused;
            let hangs = || {
                let lost = setting.lost.iter().flat_map(|lost| &lost.names);
                let words = words_of(message);
                lost.into_iter().any(|name| words.contains(&name.as_str()))
            };
            let worse = worse && !hangs();
            let worse = worse && !was_hidden(case, setting, &stretch, message, &diagnosis);
            worse.then(|| place_before(message, &program, lexed.source.name(), &edits))
        });
        let reads_to = reads_to.min();
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
            last.is_some_and(|last| place(*to) > last + 1)
        };
        if stretch.wide && furthest.as_ref().is_some_and(apart) {
            break;
        }
        if reads_to.is_some_and(|to| to <= end || !reads_on || !beats(to)) {
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
        let blanked = Blanked { trial, wide: stretch.wide };
        match reads_to {
            None => return Some(blanked),
            // Of a part of the library, nothing else is to be switched off.
            Some(_) if import.is_some() => return Some(blanked),
            Some(to) => furthest = Some((to, blanked)),
        }
    }
    furthest.map(|(_, blanked)| blanked)
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
    let declares = names.declared.iter().any(|declared| {
        (part.first..=part.last).contains(&declared.token)
            && matches!(declared.kind, NameKind::Function | NameKind::Type)
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
    if stage && lexed.language.layout {
        let above = |line: u32| line < own.0 && !message.text.contains("block");
        let at = message.at.as_ref().filter(|at| at.file == lexed.source.name());
        return at.is_some_and(|at| above(at.line));
    }
    // Where the columns make the blocks, an item with all that is in it is read by itself.
    let several = part.wide && !(lexed.language.layout && setting.phase == Phase::Name);
    // ghc 9.0 looks at what types are made of before it looks for the names in functions.
    let staged = lexed.language.layout && setting.phase == Phase::Type && !names_it();
    let apart = diagnosis.phase != setting.phase && !(staged && diagnosis.phase == Phase::Name);
    if several || depends || guessed || apart {
        return false;
    }
    // ghc 9.0 tells of a class that a type lacks only where all types fit, in the same function, too.
    let lacks = message.text.starts_with("No instance for") && !names_it();
    let around = lost::item_lines(&case.text, part.first);
    let around = around.filter(|_| !lacks).or(Some(own).filter(|_| lacks));
    let around = around.or(Some(own).filter(|_| setting.phase == Phase::Name));
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
