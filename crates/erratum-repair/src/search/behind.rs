//! Whether a mistake that shows behind another may be the work of what was done about that one.

use super::lost::{self, Unsettled};
use super::report::{Draft, Teller};
use super::words::words;
use crate::effect;
use crate::message::{Message, Place};
use crate::verdict::{Change, Fix, Root};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::Lexed;
use erratum_syntax::names::NameKind;

impl Teller<'_, '_> {
    /// Whether a mistake stands on a line that another one changes, or on the line of one without a fix.
    pub(super) fn is_on_line(&self, root: &Root, draft: &Draft, before: &Root) -> bool {
        let on = |at: &Place, place: &Place| at.file == place.file && at.line == place.line;
        // What a change that is not likely leaves on its line may be told of another one.
        let unsure = !before.fixes.first().is_some_and(Fix::is_likely);
        let told = Some(self.reported_place(draft)).filter(|_| unsure);
        Self::places(before)
            .any(|place| on(&root.at, place) || told.as_ref().is_some_and(|told| on(told, place)))
    }

    /// The places that a mistake is about: what its fixes change, but for whole lines that are put in, or
    /// else where it stands.
    fn places(of: &Root) -> impl Iterator<Item = &Place> {
        let changes = of.choices().iter().flat_map(|fix| &fix.edits);
        // A change that is only possible does not tell where the mistake is.
        let unsure = !of.fixes.first().is_some_and(Fix::is_likely);
        let alone = (unsure || changes.clone().next().is_none()).then_some(&of.at);
        let within = changes.filter(|change| !change.text.contains('\n'));
        // A new name for what had none changes nothing where it is used.
        let renames = of.mistake == MistakeId::ReservedName.as_str();
        let within = within.take(if renames { 1 } else { usize::MAX });
        alone.into_iter().chain(within.map(|change| &change.at))
    }

    /// Whether a mistake that shows behind another speaks of what that one is about: its message names
    /// what a line declares which the other one changes, or a word that the other one puts in.
    pub(super) fn hangs_on(&self, draft: &Draft, before: &Root) -> bool {
        let message = draft.message();
        let said = words(&message.text);
        // Types may be told in remarks; what else these name is only around the place.
        let remarks = message.notes.iter().chain(&message.spans);
        let told: Vec<&str> =
            remarks.flat_map(|note| words(&note.text)).chain(said.iter().copied()).collect();
        let changes = before.choices().iter().flat_map(|fix| &fix.edits);
        let whole = |change: &&Change| change.text.contains('\n');
        // A message that names the type which a fix declares may come of that. A type of the language
        // is named everywhere: there its line must use what is declared, too.
        // A change that is not likely may bring about whatever names what it puts in.
        let typed = before
            .choices()
            .iter()
            .filter(|fix| fix.effect == effect::Effect::Redeclares || !fix.is_likely());
        let put_in = changes.filter(whole).chain(typed.flat_map(|fix| &fix.edits));
        let mut common = false;
        for word in put_in.flat_map(|change| words(&change.text)).filter(|word| told.contains(word))
        {
            match self.scene.policy.language.is_type(word) {
                true => common = true,
                false => return true,
            }
        }
        if common && self.uses_declared(draft, before) {
            return true;
        }
        Self::places(before).any(|place| {
            let Some(source) = self.original(&place.file) else { return false };
            let text = self.read(&source);
            // What the line only uses is what it was: only what it declares can have changed.
            let line = text.lexed.on_line(place.line);
            let declared = text.names.declared.iter().filter(|one| line.contains(&one.token));
            let mut declared = declared.map(|one| Unsettled::of(&text.lexed, one));
            declared.any(|one| said.iter().any(|word| one.is(word, message.line())))
        })
    }

    /// Whether a message is about what a function gives back whose header another mistake is about, or about
    /// the type that a change writes there.
    pub(super) fn is_of_result(&self, draft: &Draft, before: &Root) -> bool {
        let message = draft.message();
        let diagnosis = self.scene.diagnoser.diagnose(message);
        let of_result =
            [MistakeId::MissingReturn, MistakeId::WrongReturnType, MistakeId::ReturnCount];
        let told = of_result.into_iter().any(|one| diagnosis.shows(one))
            || names_declared_type(message, before);
        let Some(at) = message.at.as_ref().filter(|_| told) else { return false };
        let Some(source) = draft.step.before.file(&at.file) else { return false };
        let text = self.read(source);
        let here = text.lexed.at(at.range(source).0);
        let Some((first, last)) = lost::item_lines(&text, here) else { return false };
        // A header may stand on the line before its block.
        Self::places(before).any(|place| {
            // Where a signature stands apart, what it tells of starts with its name.
            let line = text.lexed.on_line(place.line);
            let head = text.lexed.on_line(first).start;
            let apart =
                text.lexed.language.layout && text.lexed.is(line.start, text.lexed.word(head));
            let mut declared = text.names.declared.iter();
            place.file == at.file
                && (apart
                    || (first..=last).contains(&place.line)
                        && declared
                            .any(|one| one.kind == NameKind::Function && line.contains(&one.token)))
        })
    }

    /// Whether a message speaks of a type that only a change which is not likely declares, on a line that uses
    /// what that change declares.
    pub(super) fn is_of_unlikely_type(&self, draft: &Draft, before: &Root) -> bool {
        let likely = before.choices().first().is_some_and(Fix::is_likely);
        !likely && names_declared_type(draft.message(), before) && self.uses_declared(draft, before)
    }

    /// Whether a message tells that something is not used which only a change takes out.
    pub(super) fn is_unused_by(&self, draft: &Draft, before: &Root) -> bool {
        let message = draft.message();
        if !self.scene.diagnoser.diagnose(message).shows(MistakeId::UnusedName) {
            return false;
        }
        // What stays unsolved may be what needs an import (seen with go 1.19).
        let solved = before.fixes.first().is_some_and(Fix::is_likely);
        if !solved && message.text.contains("imported and not used") {
            return true;
        }
        let named = words(&message.text);
        let changes = before.choices().iter().flat_map(|fix| &fix.edits);
        changes.into_iter().any(|change| {
            let old = self.original(&change.at.file).map(|source| {
                let (from, to) = change.at.range(&source);
                source.slice(from, to).into_owned()
            });
            let gone = |word: &str| !change.text.contains(word) && named.contains(&word);
            old.is_some_and(|old| old.split(|c: char| !c.is_alphanumeric()).any(gone))
        })
    }

    /// Whether the line of a message uses a name that a line declares which a mistake is about.
    fn uses_declared(&self, draft: &Draft, before: &Root) -> bool {
        let Some(at) = &draft.message().at else { return true };
        let Some(source) = draft.step.before.file(&at.file) else { return true };
        let lexed = Lexed::new(source, self.scene.policy.language);
        let line = lexed.on_line(at.line);
        Self::places(before).any(|place| {
            let Some(source) = self.original(&place.file) else { return false };
            let text = self.read(&source);
            let own = text.lexed.on_line(place.line);
            let declared = text.names.declared.iter().filter(|one| own.contains(&one.token));
            declared
                .map(|one| text.lexed.word(one.token))
                .any(|name| line.clone().any(|at| lexed.is(at, name)))
        })
    }
}

/// Whether a message speaks of a type that a change of what is declared writes.
fn names_declared_type(message: &Message, before: &Root) -> bool {
    let redeclared = |fix: &&Fix| fix.effect == effect::Effect::Redeclares;
    let edits = before.choices().iter().filter(redeclared).flat_map(|fix| &fix.edits);
    // rustc tells the types beside the places (seen with 1.95).
    let remarks = message.notes.iter().chain(&message.spans).map(|note| note.text.as_str());
    let said: Vec<&str> = remarks.chain([message.text.as_str()]).collect();
    let names = |word: &str| {
        let mut all =
            said.iter().flat_map(|text| text.split(|c: char| !c.is_alphanumeric() && c != '_'));
        all.any(|one| one == word)
    };
    edits.into_iter().any(|edit| !edit.text.is_empty() && names(edit.text.trim()))
}
