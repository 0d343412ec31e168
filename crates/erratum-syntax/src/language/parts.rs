//! What the tables of the languages are made of.

use crate::lex::Lexed;
use crate::pairs::Pairs;

/// What a name of the library is, for fitting it to the place that asks for it.
#[derive(Clone, Copy, Debug, PartialEq, Eq, Hash)]
pub enum NameKind {
    /// A local variable, parameter, constant or global.
    Value,
    /// Something that is called.
    Function,
    /// A type.
    Type,
    /// A field or method, written after a dot or an arrow.
    Member,
    /// A macro written with `!`.
    Macro,
    /// A package, module or namespace.
    Module,
}

/// How raw strings are written.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum RawStrings {
    /// There are none.
    None,
    /// `R"mark( … )mark"`.
    Delimited,
    /// `r#" … "#` with any number of `#`.
    Hashed,
    /// Between two `` ` ``, with nothing in it that means anything.
    Backtick,
    /// Between two `` ` ``, with values in `${ … }`.
    Template,
    /// `s"… $name ${value} …"`: a word that touches its quote.
    Prefixed,
    /// `@" … ""quoted"" … "`, and `$" … {value} … "`.
    Verbatim,
}

/// What a `'` starts.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Apostrophe {
    /// A character.
    Char,
    /// A character; or a lifetime, in Rust.
    Lifetime,
    /// A string, as a `"` does.
    Text,
    /// A character; inside or behind a name it is a part of it.
    Prime,
    /// An attribute of a name (`Integer'Image`), or a character.
    Attribute,
}

/// How a name is declared where it is first given a value.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Declaring {
    /// By a word in front of it; the usual one first.
    Words(&'static [(&'static str, Preference)]),
    /// By another mark than an assignment has.
    Mark(&'static str),
    /// By its type in front of it.
    Type,
    /// Somewhere else.
    Elsewhere,
}

/// How usual one of several words is.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Preference {
    /// The one to try first.
    Usual,
    /// Nearly as usual.
    NearlyAsUsual,
    /// Less usual.
    LessUsual,
}

/// Where all that a file brings in is listed.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum ImportList {
    /// Nowhere: each import has a line of its own.
    None,
    /// Behind a word in brackets, each entry in quotes on a line of its own.
    Bracketed(&'static str),
    /// Behind a word up to the end of the statement, with commas between the entries.
    Ended(&'static str),
}

/// How the end of a block names it.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct NamedEnd {
    /// Text before the word that opened the block.
    pub before: &'static str,
    /// Text after it.
    pub after: &'static str,
    /// Words whose blocks end without a name.
    pub except: &'static [&'static str],
}

/// What a declaration declares, and the code tokens of its type from the first to the last.
pub type Declaration = (NameKind, Option<(usize, usize)>);

/// Answers a question about a token of a text.
pub type AtToken<T> = fn(&Lexed, &Pairs, usize) -> T;

/// The types that plain values usually have.
#[derive(Clone, Copy, Debug)]
pub struct Usual {
    /// Yes or no.
    pub truth: &'static str,
    /// Whole numbers.
    pub whole: &'static str,
    /// Real numbers.
    pub real: &'static str,
    /// Text.
    pub text: &'static str,
}

/// How a value is turned into one of another kind, with `{}` for the value; empty where a type does it, or
/// nothing.
#[derive(Clone, Copy, Debug)]
pub struct Conversions {
    /// Into a whole number.
    pub whole: &'static str,
    /// Into a real number.
    pub real: &'static str,
    /// Into a text.
    pub text: &'static str,
}

/// Members that do the same under other names.
#[derive(Debug)]
pub struct Synonyms {
    /// What it is called elsewhere, and here for other types.
    pub elsewhere: &'static [&'static str],
    /// What it may be called here, the commonest first; with `()` where it is called without values.
    pub here: &'static [&'static str],
}

impl Synonyms {
    /// Returns whether a name is one of them, here or elsewhere.
    pub fn is(&self, name: &str) -> bool {
        self.elsewhere.contains(&name)
            || self.here.iter().any(|here| here.trim_end_matches("()") == name)
    }
}

/// How the things a name needs are brought into a file.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub struct ImportForm {
    /// Text before the path.
    pub before: &'static str,
    /// Text after the path.
    pub after: &'static str,
}

/// Library names that one import brings: the import's path, what the names are, and the names.
pub type LibraryGroup = (&'static str, NameKind, &'static [&'static str]);

/// Where a type shows that it is a list of its elements.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum ListType {
    /// No one form is usual.
    Any,
    /// Brackets in front of the type of its elements: `[]int`.
    InFront,
    /// Brackets behind the name that is declared: `int depths[]`.
    BehindName,
    /// Brackets behind the type of its elements: `int[] depths`.
    BehindType,
    /// Words and marks around the type of its elements: `Array[Int]`.
    Around(&'static str, &'static str),
}
