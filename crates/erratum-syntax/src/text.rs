//! One text, read in every way that the layers above need.

use crate::language::Language;
use crate::lex::Lexed;
use crate::model::Model;
use crate::names::Names;
use crate::pairs::Pairs;
use crate::source::Source;

/// One text, read in every way the sources of candidates need.
#[derive(Clone, Debug)]
pub struct Text {
    /// The tokens.
    pub lexed: Lexed,
    /// The brackets.
    pub pairs: Pairs,
    /// The names.
    pub names: Names,
    /// What code looks like, here and in general.
    pub model: Model,
}

impl Text {
    /// Reads a text.
    pub fn new(source: &Source, language: &'static Language) -> Text {
        let lexed = Lexed::new(source, language);
        let pairs = Pairs::thorough(&lexed);
        let names = Names::new(&lexed, &pairs);
        let model = Model::with_own(&lexed);
        Text { lexed, pairs, names, model }
    }
}
