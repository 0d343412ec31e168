//! From a repair to a verdict: its steps become roots, and every message of the first compile gets
//! its part.

mod compounds;
mod placing;

use super::belief;
use super::compare::compare;
use super::minimise::{Minimised, Unit};
use super::node::{Done, Node, Step};
use super::readings::changes;
use super::sound;
use super::sure;
use super::trial::Trial;
use super::undeclared::Unknown;
use super::walk::Texts;
use super::weights as w;
use super::{Compile, Found, Limits, Report, SeverityPolicy, Withheld};
use crate::describe::describe;
use crate::diagnose::{Diagnoser, Diagnosis};
use crate::effect;
use crate::evidence;
use crate::explain::{Explained, explain};
use crate::fixes::{Candidate, Case, Certainty};
use crate::message::{Message, Place};
use crate::verdict::{Change, Evidence, Fix, Role, Root, SCHEMA, Verdict};
use erratum_catalogue::{Captures, MistakeId};
use erratum_syntax::edit::{self, Edit};
use erratum_syntax::names::NameKind;
use erratum_syntax::newer;
use erratum_syntax::source::{Program, Source};
use erratum_syntax::text::Text;
use std::sync::Arc;

/// What telling needs to know beside the repair.
pub(super) struct Scene<'a, 'c> {
    pub original: &'a Program,
    pub policy: SeverityPolicy,
    pub limits: Limits,
    pub diagnoser: &'a Diagnoser<'c>,
    pub compile: &'a dyn Compile,
    pub compiles: usize,
    /// What the search has read already, and the files beside the program.
    pub texts: &'a Texts,
    pub beside: &'a [Arc<Text>],
}

/// A mistake that is to become a root.
pub(super) struct Draft<'a> {
    /// Which step found it, and that step.
    number: usize,
    pub(super) step: &'a Step,
    /// The part of the step's fix that mends it; nothing if it has no fix.
    part: Option<(usize, &'a Candidate)>,
    /// What taking the fix back from the mended text has shown.
    unit: Option<&'a Unit>,
    /// Whether its part was switched off, and need not be now that all the others are mended.
    spared: bool,
    /// Further fixes that mend the same slip.
    merged: Vec<&'a Unit>,
    /// What its fix and later ones, which change what that put in, do together: edits of the files as the
    /// learner has them.
    together: Option<Vec<Edit>>,
    /// Numbers of the messages that come from it.
    owned: Vec<usize>,
    /// Numbers of warnings, not looked at, that are gone once it is mended.
    quiets: Vec<usize>,
}

impl Draft<'_> {
    /// Whether the program does not compile without what its step did.
    fn is_needed(&self) -> bool {
        !self.spared && self.unit.is_none_or(|unit| unit.needed)
    }

    /// Index of the message that was looked at when it was found.
    fn target(&self) -> usize {
        self.part.and_then(|(_, candidate)| candidate.target).unwrap_or(self.step.target)
    }

    pub(super) fn message(&self) -> &Message {
        &self.step.report.messages[self.target()]
    }

    /// The edits of its fix: in places of the file before that, or, of several fixes together, as the
    /// learner has it.
    fn edits<'e>(&'e self, candidate: &'e Candidate) -> &'e [Edit] {
        self.together.as_deref().unwrap_or(&candidate.edits)
    }
}

/// Whether what can be done first about a mistake is the very change that is told of another one.
fn does_as(root: &Root, before: &Root) -> bool {
    match (root.choices().first(), before.choices().first()) {
        (Some(own), Some(other)) => !own.edits.is_empty() && own.edits == other.edits,
        _ => false,
    }
}

/// Writes the verdict.
pub(super) fn report(
    scene: &Scene,
    first: &Report,
    node: &Node,
    minimised: Option<Minimised>,
    complete: bool,
) -> Found {
    let mut drafts = drafts(node, minimised.as_ref());
    attribute(scene, first, node, &mut drafts);
    compounds::join(scene, node, &mut drafts);
    drafts.retain(Draft::is_needed);
    drop_explained(node, &mut drafts);
    compounds::merge_neighbours(scene, &mut drafts);
    // Of several mistakes that were found together, the one that was reported comes first.
    drafts.sort_by_key(|draft| (draft.number, draft.owned.is_empty()));
    let mut told = super::judge::told(first);
    let teller = Teller { scene, node };
    let mut roots: Vec<Root> = Vec::with_capacity(drafts.len());
    // The step that found each.
    let mut found: Vec<usize> = Vec::with_capacity(drafts.len());
    // The name that each does not know, with the part of the text where it is looked for.
    let mut unknown: Vec<Option<Unknown>> = Vec::with_capacity(drafts.len());
    let mut withheld: Vec<Withheld> = Vec::new();
    // The step that found each of those.
    let mut withheld_at: Vec<usize> = Vec::new();
    for draft in &drafts {
        let mut root = teller.root(roots.len() + 1, draft);
        let lacks = teller.unknown(draft, &root);
        let same = unknown.iter().position(|one| lacks.is_some() && *one == lacks);
        if let Some(before) = same.or_else(|| roots.iter().position(|one| does_as(&root, one))) {
            // What declares it is lost once, however often it is used; and one change is one mistake.
            for number in root.messages.iter().chain(&root.follows) {
                let one = &mut told[number - 1];
                (one.role, one.root) = (Role::Cascade, Some(roots[before].id));
                roots[before].follows.push(*number);
            }
            continue;
        }
        let doubtful = || roots.iter().filter(|root| is_doubtful(root));
        let since = draft.step.since[draft.target()];
        // A message that was there when another mistake was found is not of what mended that.
        let earlier = roots.iter().zip(&found).filter(|(_, step)| **step < since);
        let mut changed = earlier.map(|(root, _)| root).filter(|root| changes_meaning(root));
        let has_fix = root.fixes.first().is_some_and(Fix::is_likely);
        let hangs = |before: &&Root| {
            teller.is_on_line(&root, draft, before)
                || teller.is_of_result(draft, before)
                || teller.is_unused_by(draft, before)
                || !(has_fix && before.fixes.first().is_none_or(Fix::is_likely))
                    && teller.hangs_on(draft, before)
                || teller.is_of_unlikely_type(draft, before)
        };
        let behind = changed.clone().find(|before| root.hidden && hangs(before)).map(|one| one.id);
        // What mended one that is withheld stands in the text all the same.
        let further = || {
            let mut all = withheld.iter().zip(&withheld_at).filter(|(_, step)| **step < since);
            let found =
                all.find(|(one, _)| root.hidden && changes_meaning(&one.root) && hangs(&&one.root));
            found.map(|(one, _)| one.behind)
        };
        if let Some(behind) = behind.or_else(further) {
            // Nobody reported it before a step that may be wrong, and it stands where that step is, or it
            // speaks of what that step is about and nothing mends it: it may be of our own making. What is
            // there shows once that step is decided.
            withheld.push(Withheld { behind, root });
            withheld_at.push(draft.number);
            continue;
        }
        // What shows behind a change of meaning may be the work of that change. What is unused may be
        // so only because its use is not mended yet.
        let unused = root.mistake == MistakeId::UnusedName.as_str() && doubtful().next().is_some();
        let spoken_of = |before: &Root| teller.hangs_on(draft, before);
        if unused || root.hidden && changed.any(|before| is_doubtful(before) || spoken_of(before)) {
            root.fixes.iter_mut().for_each(|fix| fix.certainty = Certainty::Guess);
        }
        for (role, numbers) in [(Role::Root, &root.messages), (Role::Cascade, &root.follows)] {
            for number in numbers {
                let one = &mut told[number - 1];
                (one.role, one.root) = (role, Some(root.id));
            }
        }
        for number in &draft.quiets {
            (told[number - 1].role, told[number - 1].root) = (Role::Cascade, Some(root.id));
        }
        root.weigh();
        unknown.push(lacks);
        roots.push(root);
        found.push(draft.number);
    }
    let mended = minimised.map_or_else(|| node.program.clone(), |minimised| minimised.mended);
    let compiles = !node.report.messages.iter().any(Message::is_error);
    let all = compiles
        && withheld.is_empty()
        && roots.iter().all(|root| root.warning || !root.fixes.is_empty());
    sound::add(
        &mut roots,
        &told,
        all,
        scene.diagnoser.catalogue,
        Some(scene.policy.language),
        |file| Some(teller.read(scene.original.file(file)?)),
    );
    let verdict = Verdict {
        schema: SCHEMA,
        build: Default::default(),
        messages: told,
        mended: all,
        roots,
        complete,
        compiles: scene.compiles,
        dropped: first.dropped,
    };
    Found { verdict, mended, withheld }
}

/// Whether a mistake has no fix that is sure: what shows behind it may be the work of that fix.
fn is_doubtful(root: &Root) -> bool {
    root.fixes.first().is_none_or(|fix| fix.certainty == Certainty::Guess)
}

/// Whether what a mistake is mended with is more than a mark, a word or a name put right.
fn changes_meaning(root: &Root) -> bool {
    root.fixes.first().is_none_or(|fix| !fix.effect.keeps_meaning())
}

fn drafts<'a>(node: &'a Node, minimised: Option<&'a Minimised>) -> Vec<Draft<'a>> {
    let mut drafts = Vec::new();
    // What another part that is switched off may hide is not known to be mended.
    let mended = |unit: &Unit| matches!(node.steps[unit.step].done, Done::Mended { .. });
    let units = || minimised.into_iter().flat_map(|minimised| &minimised.units);
    let all_mended = units().filter(|unit| unit.needed).all(mended);
    for (number, step) in node.steps.iter().enumerate() {
        let mut push = |part: Option<(usize, &'a Candidate)>| {
            let same =
                |unit: &&Unit| Some((unit.step, unit.part)) == part.map(|(p, _)| (number, p));
            let unit = units().find(same);
            let unneeded = units().any(|unit| unit.step == number && !unit.needed);
            let spared = part.is_none() && all_mended && unneeded;
            drafts.push(Draft {
                number,
                step,
                part,
                unit,
                spared,
                merged: Vec::new(),
                together: None,
                owned: Vec::new(),
                quiets: Vec::new(),
            });
        };
        match &step.done {
            Done::Mended { held, pick } => {
                held[*pick].candidate.parts().enumerate().for_each(|part| push(Some(part)));
            }
            Done::Blanked { .. } | Done::Passed { .. } => push(None),
            Done::Cleared(_) => {}
        }
    }
    drafts
}

/// Whether a later fix took away what a message tells of, and not only a part that was switched off.
fn mended_later(node: &Node, draft: &Draft) -> bool {
    let text = &draft.message().text;
    let says = |report: &Report| report.messages.iter().any(|left| left.text == *text);
    let later = node.steps.iter().skip(draft.number + 1).map(|step| says(&step.report));
    let still: Vec<bool> = later.chain([says(&node.report)]).collect();
    let gone = still.iter().position(|says| !says);
    // The step behind which it is gone is the one before the text that does not give it.
    let step = gone.and_then(|at| node.steps.get(draft.number + at));
    step.is_some_and(|step| matches!(step.done, Done::Mended { .. } | Done::Passed { .. }))
}

/// A message that was passed over, and that a later fix took away, was no mistake of its own.
fn drop_explained(node: &Node, drafts: &mut Vec<Draft>) {
    drafts.retain(|draft| {
        let passed = matches!(draft.step.done, Done::Passed { .. });
        let reported = draft.step.origin[draft.target()].is_some();
        !passed || !draft.owned.is_empty() || (!reported && !mended_later(node, draft))
    });
}

/// Puts each message of the first compile down to the mistake it comes from: to the only one that
/// brings it about by itself, else to the one whose mending made it go.
fn attribute(scene: &Scene, first: &Report, node: &Node, drafts: &mut [Draft]) {
    let mut chain: Vec<Option<usize>> = vec![None; first.messages.len()];
    // What was passed over and went away with a later fix comes from what that one mends.
    let order = |passed: bool| {
        let steps = node.steps.iter().enumerate();
        steps.filter(move |(_, step)| step.taken().is_none() == passed)
    };
    for (number, step) in order(false).chain(order(true)) {
        let own: Vec<usize> = (0..drafts.len()).filter(|at| drafts[*at].number == number).collect();
        let gone = step.taken().map_or(&[][..], |taken| &taken.difference.gone[..]);
        for index in gone.iter().chain(step.hanging()).chain([&step.target]) {
            // Of several that were mended at once, the one whose message was nearest.
            let line = step.report.messages[*index].line().unwrap_or(0);
            let far = |at: &usize| drafts[*at].message().line().unwrap_or(0).abs_diff(line);
            let targets = own.iter().copied().find(|at| drafts[*at].target() == *index);
            let draft = targets.or_else(|| own.iter().copied().min_by_key(far));
            if let (Some(message), Some(draft)) = (step.origin[*index], draft) {
                chain[message - 1].get_or_insert(draft);
            }
        }
    }
    let gone = gone_at_the_end(scene, first, node);
    for (index, message) in first.messages.iter().enumerate() {
        if !scene.policy.counts(message) {
            if let Some(owner) = chain[index].filter(|_| gone.contains(&index)) {
                drafts[owner].quiets.push(index + 1);
            }
            continue;
        }
        let needed = |at: usize| drafts[at].is_needed();
        let claims: Vec<usize> = (0..drafts.len())
            .filter(|at| needed(*at) && drafts[*at].unit.is_some_and(|u| u.brings.contains(&index)))
            .collect();
        let by_chain = chain[index].filter(|at| needed(*at));
        let owner = match claims[..] {
            [only] => Some(only),
            [] => by_chain.or_else(|| nearest(message, drafts, chain[index].is_some())),
            [some, ..] => by_chain.filter(|at| claims.contains(at)).or(Some(some)),
        };
        if let Some(owner) = owner {
            drafts[owner].owned.push(index + 1);
        }
    }
}

/// The messages of the first compile that the last one, with all its warnings, does not give; nothing
/// if it still gives errors, behind which warnings may hide.
fn gone_at_the_end(scene: &Scene, first: &Report, node: &Node) -> Vec<usize> {
    if node.report.messages.iter().any(Message::is_error) {
        return Vec::new();
    }
    let (old, new) = (&first.messages, &node.report.messages);
    compare(old, scene.original, new, &node.program, &node.sets()).gone
}

/// For a message whose step turned out not to be needed: the mistake whose message was nearest.
fn nearest(message: &Message, drafts: &[Draft], lost: bool) -> Option<usize> {
    let line = message.line().unwrap_or(0);
    let far = |draft: &Draft| draft.message().line().unwrap_or(0).abs_diff(line);
    (0..drafts.len())
        .filter(|at| lost && drafts[*at].unit.is_some_and(|unit| unit.needed))
        .min_by_key(|at| far(&drafts[*at]))
}

/// What is moved is at fault where it stood: the edit that takes away what another puts in as a line.
fn moved_from<'a>(edits: &'a [Edit], before: &Program) -> Option<&'a Edit> {
    edits.iter().find(|edit| {
        let text = before.file(&edit.file).map(|file| file.slice(edit.start, edit.end));
        let gone = text.as_ref().map_or("", |text| text.trim());
        let moved = |other: &Edit| puts_in_line(other) && other.text.trim().starts_with(gone);
        edit.text.is_empty() && !gone.is_empty() && edits.iter().any(moved)
    })
}

/// Whether an edit only puts in a line of its own.
fn puts_in_line(edit: &Edit) -> bool {
    edit.start == edit.end && edit.text.ends_with('\n')
}

/// What a fix must be worth before it is tried to be likely together with one that changes it.
const EXPECTED_ALONE: f64 = 1.0;
/// How likely it is at most otherwise.
const HARDLY: f64 = 0.5;

pub(super) struct Teller<'a, 'c> {
    pub(super) scene: &'a Scene<'a, 'c>,
    node: &'a Node,
}

impl Teller<'_, '_> {
    fn root(&self, id: usize, draft: &Draft) -> Root {
        let message = draft.message();
        let diagnoser = self.scene.diagnoser;
        let diagnosis = diagnoser.diagnose(message);
        let fixes = self.fixes(draft);
        let unknown = if message.is_error() { "other" } else { "other-warning" };
        let alone = diagnosis.unproved().map(|found| (found.entry, found.captures.clone()));
        let alone = alone.or_else(|| diagnoser.worded_by(message));
        let usual = alone.as_ref().map_or(unknown, |(entry, _)| entry.id.as_str());
        // Where no fix is likely enough, none says what the mistake is.
        let part = draft.part.filter(|_| fixes.first().is_some_and(Fix::is_likely));
        let explained = self.explained(draft, &diagnosis);
        let missing = explained.may_be_missing(self.scene.policy.language);
        let unknown_name = usual == MistakeId::UnknownName.as_str();
        let asked = unknown_name.then(|| self.asked_of_type(draft)).flatten();
        let newer = self.newer(draft).filter(|_| part.is_none());
        let usual = match () {
            () if newer.is_some() => MistakeId::NewerForm.as_str(),
            () if missing => MistakeId::MaybeNothing.as_str(),
            () if asked.is_some() => MistakeId::MissingStatic.as_str(),
            () => usual,
        };
        // That a choice has no second case shows in the text, whatever its value was to be.
        let shown = draft.part.filter(|(_, candidate)| candidate.mistake == MistakeId::LostElse);
        let kind = part.or(shown);
        let named = kind.filter(|(_, candidate)| candidate.mistake != MistakeId::Other);
        let mistake = named.map_or(usual, |(_, candidate)| candidate.mistake.as_str()).to_owned();
        let language = self.scene.policy.language;
        let placed = placing::told_there(draft, &fixes, usual, missing, diagnosis.phase, language);
        let at = match placed {
            Some((part, candidate)) => self.faulty_place(draft, part, draft.edits(candidate)),
            None => self.unfinished(draft).unwrap_or_else(|| self.reported_place(draft)),
        };
        // The message that was looked at, if it comes from this mistake; else its first.
        let target = draft.step.origin[draft.target()];
        let direct = target
            .filter(|number| draft.owned.contains(number))
            .or_else(|| draft.owned.first().copied());
        let follows = draft.owned.iter().copied().filter(|n| Some(*n) != direct).collect();
        let mut words = self.captures(draft, &at, &diagnosis, &mistake);
        if part.is_none() {
            // What the message itself names.
            words.extend(alone.into_iter().flat_map(|(_, words)| words));
            words.extend(asked.map(|member| ("name".to_owned(), member)));
        }
        if let Some(used) = newer.or_else(|| self.newer(draft)) {
            words.insert("form".to_owned(), used.text);
            words.insert("since".to_owned(), used.since.to_owned());
        }
        let texts = super::judge::texts(
            diagnoser.catalogue,
            &mistake,
            &words,
            message,
            Some(self.scene.policy.language),
        );
        Root {
            id,
            messages: direct.into_iter().collect(),
            hidden: direct.is_none(),
            warning: !message.is_error(),
            area: diagnosis.phase,
            mistake,
            at,
            evidence: Evidence::Proved,
            follows,
            title: texts.title,
            meaning: texts.meaning,
            advice: texts.advice,
            reading: texts.reading,
            explained,
            sound: None,
            will_say: direct.is_none().then(|| message.text.clone()),
            fixes,
            possible: Vec::new(),
        }
    }

    /// A text, as the search has read it if it has.
    pub(super) fn read(&self, source: &Source) -> Arc<Text> {
        let key = (source.name().to_owned(), Arc::from(source.bytes()));
        let known = self.scene.texts.get(&key).cloned();
        known.unwrap_or_else(|| Arc::new(Text::new(source, self.scene.policy.language)))
    }

    /// What the message says, with its places in the file as the learner has it.
    fn explained(&self, draft: &Draft, diagnosis: &Diagnosis) -> Explained {
        let message = draft.message();
        let before = &draft.step.before;
        let read = |source: &Source| self.read(source);
        let file = message.at.as_ref().and_then(|at| before.file(&at.file));
        let others = before
            .files
            .iter()
            .filter(|other| file.is_some_and(|file| file.name() != other.name()));
        let all = &draft.step.report.messages;
        let case = file
            .and_then(|file| Case::new(before, read(file), message, all, diagnosis))
            .map(|case| {
                let others = others.map(read).chain(self.scene.beside.iter().cloned());
                case.with_others(others.collect())
            });
        let mut explained = explain(message, self.scene.diagnoser, case.as_ref());
        for place in explained.places_mut() {
            if let (Some(now), Some(original)) =
                (before.file(&place.file), self.original(&place.file))
            {
                let (start, end) = place.range(now);
                let start = self.node.back(&place.file, start, draft.number);
                let end = self.node.back(&place.file, end, draft.number);
                *place = Place::of(&original, start, end.max(start));
            }
        }
        explained
    }

    pub(super) fn captures(
        &self,
        draft: &Draft,
        at: &Place,
        diagnosis: &Diagnosis,
        mistake: &str,
    ) -> Captures {
        let matches = &diagnosis.matches;
        let captured = matches.iter().find(|m| m.entry.id == mistake).or(matches.first());
        let mut words = captured.map(|m| m.captures.clone()).unwrap_or_default();
        words.insert("line".into(), at.line.to_string());
        words.insert("file".into(), at.file.clone());
        if draft.message().at.is_some() {
            // What was not finished is told where it ends, not where the compiler noticed.
            let unfinished = draft.part.is_none() && self.unfinished(draft).is_some();
            let line = if unfinished { at.line } else { self.reported_place(draft).line };
            words.insert("reported".into(), line.to_string());
        }
        // A change that shows another kind of mistake has no words for this one.
        if let Some((part, candidate)) = draft.part
            && candidate.mistake.as_str() == mistake
            && let Some(edit) = draft.edits(candidate).first()
            && let Some(program) = self.before(draft, part)
            && let Some(source) = program.file(&edit.file)
        {
            let old = source.slice(edit.start, edit.end).trim().to_owned();
            let new = edit.text.trim().trim_start_matches(", ").to_owned();
            for (name, text) in [("old", old), ("new", new)] {
                if !text.is_empty() && !text.contains('\n') {
                    words.insert(name.into(), text);
                }
            }
        }
        words
    }

    /// The program before a part of a step's fix.
    fn before(&self, draft: &Draft, part: usize) -> Option<Program> {
        if draft.together.is_some() {
            return Some(self.scene.original.clone());
        }
        let sets = draft.step.taken().map(|taken| taken.candidate.sets()).unwrap_or_default();
        edit::apply_all(&draft.step.before, &sets[..part.min(sets.len())]).ok()
    }

    pub(super) fn original(&self, name: &str) -> Option<Source> {
        self.scene.original.file(name).cloned().or_else(|| self.scene.compile.source(name))
    }

    /// A byte before a part of a step's fix, as a byte of the file as the learner has it.
    fn back(&self, draft: &Draft, part: usize, file: &str, offset: usize) -> usize {
        if draft.together.is_some() {
            return offset;
        }
        let sets = draft.step.taken().map(|taken| taken.candidate.sets()).unwrap_or_default();
        let within = edit::back(file, offset, &sets[..part.min(sets.len())]);
        self.node.back(file, within, draft.number)
    }

    /// The member that a type of the program is asked for, where no value of that name is known: `land` of
    /// `Quay.land(4)`.
    fn asked_of_type(&self, draft: &Draft) -> Option<String> {
        let place = draft.message().at.as_ref()?;
        let text = self.read(draft.step.before.file(&place.file)?);
        let at = text.lexed.at(place.range(&text.lexed.source).0);
        let own = text.names.of(text.lexed.word(at)).any(|one| one.kind == NameKind::Type);
        (own && text.lexed.is(at + 1, ".")).then(|| text.lexed.word(at + 2).to_owned())
    }

    /// The form of a later version of the language that a message is about.
    fn newer(&self, draft: &Draft) -> Option<newer::Used> {
        let language = self.scene.policy.language;
        let knows = language.newer.first().and_then(|_| self.scene.compile.language_version())?;
        let place = draft.message().at.as_ref()?;
        let text = self.read(draft.step.before.file(&place.file)?);
        let token = text.lexed.at(place.range(&text.lexed.source).0);
        newer::at(&text.lexed, token, &draft.message().text, knows)
    }

    /// Where the message of a mistake points, in the file as the learner has it.
    pub(super) fn reported_place(&self, draft: &Draft) -> Place {
        let (step, number, message) = (draft.step, draft.number, draft.message());
        let Some(place) = &message.at else {
            let first = step.before.files.first().map_or("", |file| file.name());
            return Place::point(first, 1, 1);
        };
        let (Some(now), Some(original)) =
            (step.before.file(&place.file), self.original(&place.file))
        else {
            return place.clone();
        };
        let (start, end) = place.range(now);
        let start = self.node.back(&place.file, start, number);
        let end = self.node.back(&place.file, end, number);
        Place::of(&original, start, end.max(start))
    }

    /// The end of what stands before the reported place, where the message is gone without that: it was
    /// not finished, and the compiler only noticed behind it.
    fn unfinished(&self, draft: &Draft) -> Option<Place> {
        let Done::Blanked { off, .. } = &draft.step.done else { return None };
        let [edit] = &off.candidate.edits[..] else { return None };
        let place = draft.message().at.as_ref().filter(|at| at.file == edit.file)?;
        let now = draft.step.before.file(&edit.file)?;
        if edit.end > place.range(now).0 {
            return None;
        }
        let text = self.read(now);
        let last = text.lexed.code.iter().rev().find(|token| token.end <= edit.end)?;
        let original = self.original(&edit.file)?;
        let back = |offset| self.node.back(&edit.file, offset, draft.number);
        Some(Place::of(&original, back(last.start), back(last.end)))
    }

    fn faulty_place(&self, draft: &Draft, part: usize, edits: &[Edit]) -> Place {
        // What is brought in for a change stands elsewhere: a line, or a name in a list of them.
        let brought = |edit: &Edit| {
            let unit = edit
                .text
                .strip_prefix(", ")
                .is_some_and(|unit| unit.starts_with(char::is_uppercase));
            let beside = edits.len() > 1 && (unit || edit.text.starts_with('\n'));
            puts_in_line(edit) || edit.start == edit.end && beside
        };
        let before =
            if draft.together.is_some() { self.scene.original } else { &draft.step.before };
        let Some(edit) = moved_from(edits, before)
            .or_else(|| edits.iter().min_by_key(|edit| (brought(edit), &edit.file, edit.start)))
        else {
            return Place::point("", 1, 1);
        };
        let Some(original) = self.original(&edit.file) else {
            return Place::point(&edit.file, 1, 1);
        };
        let mut start = self.back(draft, part, &edit.file, edit.start);
        let mut end = self.back(draft, part, &edit.file, edit.end);
        // A line that is added after another one: the place is where it will stand.
        let bytes = original.bytes();
        let whole =
            |from: usize, to: usize| from < to && bytes[from..to.min(bytes.len())].ends_with(b"\n");
        if edit.start != edit.end && whole(start, end) {
            end -= 1;
        }
        while start < end && bytes[start].is_ascii_whitespace() {
            start += 1;
        }
        Place::of(&original, start, end)
    }

    /// The fix that was taken, and those worth showing beside it.
    fn fixes(&self, draft: &Draft) -> Vec<Fix> {
        let Done::Mended { held, pick } = &draft.step.done else { return Vec::new() };
        let Some((part, candidate)) = draft.part else { return Vec::new() };
        let best = &held[*pick];
        let mut first = self.fix(draft, part, 1, best, candidate);
        // The search went on with the ones before it, and they led into trouble.
        let rivals = held[pick + 1..].iter();
        let read = |file: &str| Some(self.read(draft.step.before.file(file)?));
        let own = changes(best, read).get(part).cloned().unwrap_or_default();
        // In whatever way a value is written as a text, it is.
        let as_text = |other: &Trial| {
            candidate.mistake == MistakeId::MissingToString
                && other.candidate.mistake == candidate.mistake
        };
        let same = |other: &Trial| as_text(other) || changes(other, read).contains(&own);
        let rivals = belief::rivals(best, candidate, rivals, same);
        first.probability = belief::probability(first.effect, rivals, candidate);
        // Two steps that each are hardly meant are not meant together.
        if draft.together.is_some() && candidate.score.total() < EXPECTED_ALONE {
            first.probability = first.probability.min(HARDLY);
        }
        // A fix that was merged with this one is shown by its own evidence.
        let own_edits = candidate.edits.len().min(first.bytes.len());
        let end = sure::AtEnd { original: self.scene.original, node: self.node };
        if rivals > sure::RIVALS
            || candidate.score.total() < sure::EXPECTED
            || !end.settled(&first.bytes, draft.number)
            || draft.together.is_some()
            || end.of_several(candidate.mistake, &first.bytes, self.scene.policy.language)
            || !self.shown(candidate, &first.bytes[..own_edits])
        {
            first.certainty = Certainty::Guess;
        }
        let mut fixes = vec![first];
        if best.candidate.then.is_empty() && draft.merged.is_empty() && draft.together.is_none() {
            let fair = held.iter().enumerate().skip(pick + 1).filter(|(_, tried)| {
                !tried.objection
                    && tried.total > best.total - w::ALTERNATIVE
                    && tried.candidate.then.is_empty()
            });
            for (at, tried) in fair.take(self.scene.limits.alternatives) {
                let mut fix = self.fix(draft, 0, fixes.len() + 1, tried, &tried.candidate);
                let others = (*pick..held.len()).filter(|other| *other != at).map(|at| &held[at]);
                let rivals = belief::rivals(tried, &tried.candidate, others, |_| false);
                fix.probability = belief::probability(fix.effect, rivals, &tried.candidate);
                // Beside another fix none is sure.
                fix.certainty = Certainty::Guess;
                fixes.push(fix);
            }
        }
        fixes
    }

    /// Whether the text as the learner has it shows that a fix is what was meant.
    fn shown(&self, candidate: &Candidate, edits: &[Edit]) -> bool {
        let source = edits.first().and_then(|edit| self.original(&edit.file));
        source.is_some_and(|source| {
            evidence::shows(&self.read(&source), candidate.mistake, edits, &candidate.score)
        })
    }

    fn fix(
        &self,
        draft: &Draft,
        part: usize,
        id: usize,
        tried: &Trial,
        candidate: &Candidate,
    ) -> Fix {
        let back = |edit: &Edit| Edit {
            start: self.back(draft, part, &edit.file, edit.start),
            end: self.back(draft, part, &edit.file, edit.end),
            ..edit.clone()
        };
        let mut bytes: Vec<Edit> = draft.edits(candidate).iter().map(back).collect();
        if id == 1 {
            bytes.extend(draft.merged.iter().flat_map(|unit| unit.edits.iter().cloned()));
        }
        let changes = bytes.iter().filter_map(|edit| {
            let source = self.original(&edit.file)?;
            Some(Change { at: Place::of(&source, edit.start, edit.end), text: edit.text.clone() })
        });
        let mut original = self.scene.original.clone();
        for edit in &bytes {
            if original.file(&edit.file).is_none()
                && let Some(source) = self.scene.compile.source(&edit.file)
            {
                original.set(source);
            }
        }
        let policy = self.scene.policy;
        let old = &draft.step.report.messages;
        let mut clears: Vec<usize> = (tried.difference.gone.iter())
            .filter(|index| policy.counts(&old[**index]))
            .filter_map(|index| draft.step.origin[*index])
            .collect();
        if draft.unit.is_some() && id == 1 {
            clears.clone_from(&draft.owned);
        }
        let new = tried.difference.new.iter();
        let effect = effect::of_edits(&original, candidate.mistake, &bytes, |one| self.read(one));
        Fix {
            id,
            title: describe(&original, &bytes),
            mistake: candidate.mistake,
            evidence: Evidence::Proved,
            effect,
            probability: belief::probability(effect, 1.0, candidate),
            certainty: candidate.certainty.within(effect),
            edits: changes.collect(),
            clears,
            reveals: new.filter(|i| policy.counts(&tried.report.messages[**i])).count(),
            bytes,
        }
    }
}
