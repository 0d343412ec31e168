//! What is told several times, and was lost once: the declaration of a name, or what a type cannot do.

use super::lost;
use super::report::{Draft, Teller};
use crate::verdict::{Fix, Root};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::names::{NameKind, asked_kind};

/// A name that nothing declares: the file, the lines of the function that uses it, and the name.
pub(super) type Unknown = (String, (u32, u32), String);

impl Teller<'_, '_> {
    /// The name that a mistake without a fix does not know, if the text declares it nowhere.
    pub(super) fn unknown(&self, draft: &Draft, root: &Root) -> Option<Unknown> {
        if root.fixes.first().is_some_and(Fix::is_likely) {
            return None;
        }
        // What a type cannot do is told wherever it is used.
        if root.mistake == MistakeId::MissingInstance.as_str() {
            return Some((String::new(), (0, 0), draft.message().text.clone()));
        }
        if root.area != Phase::Name {
            return None;
        }
        let diagnosis = self.scene.diagnoser.diagnose(draft.message());
        let words = self.captures(draft, &root.at, &diagnosis, &root.mistake);
        let name = words.get("name")?.clone();
        let text = self.read(&self.original(&root.at.file)?);
        let (lexed, names) = (&text.lexed, &text.names);
        // A member of something may be another one each time.
        let here = lexed.on_line(root.at.line).find(|at| lexed.is(*at, &name))?;
        let member = matches!(lexed.before(here), "." | "->" | "::");
        if member || names.of(&name).next().is_some() {
            return None;
        }
        // A type is declared for all functions at once.
        if asked_kind(lexed, here) == NameKind::Type {
            return Some((root.at.file.clone(), (0, 0), name));
        }
        Some((root.at.file.clone(), lost::item_lines(&text, here)?, name))
    }
}
