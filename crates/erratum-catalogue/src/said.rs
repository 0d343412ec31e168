//! The texts of an entry, as they are true in a language of programs.

use crate::entry::{Entry, Wording};

/// The texts of an entry, as they are said in a language.
#[derive(Clone, Copy, Debug)]
pub struct Said<'a> {
    /// One line that says what is wrong, with holes.
    pub title: &'a str,
    /// The same without any name in it.
    pub general: &'a str,
    /// Why, in plain words.
    pub meaning: &'a str,
    /// What to try where no fix was found.
    pub advice: &'a str,
}

impl Entry {
    /// Returns the texts as they are true in a language, given by its short name.
    pub fn said(&self, language: Option<&str>) -> Said<'_> {
        let own = language.and_then(|language| self.within.get(language));
        Said {
            title: chosen(own, |own| &own.title, &self.title),
            general: chosen(own, |own| &own.general, &self.general),
            meaning: chosen(own, |own| &own.meaning, &self.meaning),
            advice: chosen(own, |own| &own.advice, &self.advice),
        }
    }
}

fn chosen<'a>(
    own: Option<&'a Wording>,
    text: fn(&Wording) -> &Option<String>,
    common: &'a str,
) -> &'a str {
    own.and_then(|own| text(own).as_deref()).unwrap_or(common)
}
