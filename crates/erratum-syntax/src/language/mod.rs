//! One table per language: its marks, words and library names. Everything else in the core is
//! driven by these tables; a new language is a new table.

mod ada;
mod c;
mod cpp;
mod csharp;
mod fortran;
mod go;
mod haskell;
mod java;
mod kotlin;
mod pascal;
mod qml;
mod rust;
mod scala;
mod sourcepawn;
mod swift;
mod typescript;
mod vb;

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

/// How a declaration is written, beside what the words in [`Language::declares`] tell.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum DeclarationForm {
    /// `int hour`.
    TypeFirst,
    /// `hour: i32`, as in Rust.
    Rust,
    /// `hour: number`, as in TypeScript.
    TypeScript,
    /// `hour: Int`, as in Scala.
    Scala,
    /// `hour, minute: integer;`, in sections.
    Pascal,
    /// `hour As Integer`.
    Basic,
    /// `hour int` and `hour := 3`.
    Go,
    /// Equations and signatures.
    Haskell,
}

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

/// What most languages have in common: tables start from it.
const PLAIN: Language = Language {
    id: "",
    name: "",
    extensions: &[],
    line_comments: &["//"],
    block_comments: &[("/*", "*/")],
    nested_comments: false,
    multiline_strings: false,
    text_block: None,
    raw_strings: RawStrings::None,
    apostrophe: Apostrophe::Char,
    doubled_quotes: false,
    any_case: false,
    blocks: &[],
    dividers: &[],
    line_ends: false,
    name_marks: "",
    usual: Usual { truth: "bool", whole: "int", real: "double", text: "string" },
    directives: false,
    keywords: &[],
    types: &[],
    operators: &[],
    terminator: ";",
    form: DeclarationForm::TypeFirst,
    type_first: false,
    declares: &[],
    import: ImportForm { before: "import ", after: "" },
    library: &[],
    prelude: &[],
    foreign: &[],
    spelling: &[],
    called: &[],
    defaults: &[],
    never: "",
    grave_warnings: &[],
};

/// The table of one language.
#[derive(Debug)]
pub struct Language {
    /// Short name, as in `--language c`.
    pub id: &'static str,
    /// Name as people write it.
    pub name: &'static str,
    /// File name endings, without the dot.
    pub extensions: &'static [&'static str],
    /// Marks that start a comment to the end of the line; the one to write first.
    pub line_comments: &'static [&'static str],
    /// Marks that open and close a comment; the pair to write first.
    pub block_comments: &'static [(&'static str, &'static str)],
    /// Whether block comments nest.
    pub nested_comments: bool,
    /// Whether an ordinary string may run over a line end.
    pub multiline_strings: bool,
    /// A longer mark that opens and closes a string of several lines.
    pub text_block: Option<&'static str>,
    /// How raw strings are written.
    pub raw_strings: RawStrings,
    /// What a `'` starts.
    pub apostrophe: Apostrophe,
    /// Whether a quote inside a string is written twice, and `\\` means nothing.
    pub doubled_quotes: bool,
    /// Whether upper and lower case are the same in names and keywords.
    pub any_case: bool,
    /// Words that open a block, each with the one that closes it.
    pub blocks: &'static [(&'static str, &'static str)],
    /// Words that stand between two statements, beside those that open and close blocks.
    pub dividers: &'static [&'static str],
    /// Whether a statement ends with its line.
    pub line_ends: bool,
    /// Marks that may stand in names, beside letters, digits and `_`.
    pub name_marks: &'static str,
    /// The types that plain values usually have.
    pub usual: Usual,
    /// Whether lines that start with `#` are directives.
    pub directives: bool,
    /// Words that cannot be names.
    pub keywords: &'static [&'static str],
    /// Those keywords (and built-in names) that name a type.
    pub types: &'static [&'static str],
    /// Operators and separators of more than one character, longest first.
    pub operators: &'static [&'static str],
    /// What ends a statement.
    pub terminator: &'static str,
    /// How a declaration is written.
    pub form: DeclarationForm,
    /// Whether a declaration is written type first (`int x`), rather than after a keyword.
    pub type_first: bool,
    /// Keywords after which comes a name that is being declared.
    pub declares: &'static [(&'static str, NameKind)],
    /// How an import is written.
    pub import: ImportForm,
    /// Library names that need an import.
    pub library: &'static [LibraryGroup],
    /// Names that are there without an import.
    pub prelude: &'static [(NameKind, &'static [&'static str])],
    /// Words of other languages, and what is written here instead.
    pub foreign: &'static [(&'static str, &'static str)],
    /// Where case means nothing: how people write names of the library.
    pub spelling: &'static [&'static str],
    /// What the compiler calls a type, and what a program writes for it.
    pub called: &'static [(&'static str, &'static str)],
    /// A starting value for each built-in type.
    pub defaults: &'static [(&'static str, &'static str)],
    /// A statement that never ends, so that it may stand for any body; empty where a body returns a
    /// starting value instead.
    pub never: &'static str,
    /// Warnings that tell of a mistake (the language forbids it, or the program goes wrong): they
    /// are looked at like errors, after them.
    pub grave_warnings: &'static [&'static str],
}

impl Language {
    /// Whether a word is a keyword.
    pub fn is_keyword(&self, word: &str) -> bool {
        self.keywords.contains(&word)
            || (self.any_case && self.keywords.iter().any(|k| k.eq_ignore_ascii_case(word)))
    }

    /// Whether the indentation makes the blocks.
    pub fn blocks_by_indentation(&self) -> bool {
        self.form == DeclarationForm::Haskell
    }

    /// The word that closes the block which a word opens.
    pub fn block_end(&self, word: &str) -> Option<&'static str> {
        self.blocks.iter().find(|(open, _)| open.eq_ignore_ascii_case(word)).map(|(_, end)| *end)
    }

    /// Whether a word closes a block.
    pub fn ends_block(&self, word: &str) -> bool {
        self.blocks.iter().any(|(_, end)| end.eq_ignore_ascii_case(word))
    }

    /// Whether a word is a built-in type.
    pub fn is_type(&self, word: &str) -> bool {
        self.types.contains(&word)
            || (self.any_case && self.types.iter().any(|t| t.eq_ignore_ascii_case(word)))
    }

    /// The name that a program writes for what the compiler calls so.
    pub fn written<'a>(&self, name: &'a str) -> &'a str {
        let found = self.called.iter().find(|(compiler, _)| *compiler == name);
        found.map_or(name, |(_, written)| written)
    }

    /// The mark around a text.
    pub fn quote(&self) -> &'static str {
        let single = self.apostrophe == Apostrophe::Text && self.doubled_quotes;
        if single { "'" } else { "\"" }
    }

    /// The starting value of a built-in type, if there is one.
    pub fn default_of(&self, type_name: &str) -> Option<&'static str> {
        self.defaults.iter().find(|(name, _)| *name == type_name).map(|(_, value)| *value)
    }

    /// The imports that would bring a name, with what the name is there.
    pub fn imports_of(&self, name: &str) -> impl Iterator<Item = (&'static str, NameKind)> {
        self.library
            .iter()
            .filter(move |(_, _, names)| names.contains(&name))
            .map(|(path, kind, _)| (*path, *kind))
    }

    /// Every name of the library and the prelude, with its kind.
    pub fn known_names(&self) -> impl Iterator<Item = (&'static str, NameKind)> {
        let library =
            self.library.iter().flat_map(|(_, kind, names)| names.iter().map(|n| (*n, *kind)));
        let prelude =
            self.prelude.iter().flat_map(|(kind, names)| names.iter().map(|n| (*n, *kind)));
        library.chain(prelude)
    }
}

/// The tables of all languages.
pub const LANGUAGES: &[&Language] = &[
    &c::C,
    &cpp::CPP,
    &java::JAVA,
    &rust::RUST,
    &typescript::TYPESCRIPT,
    &haskell::HASKELL,
    &pascal::PASCAL,
    &csharp::CSHARP,
    &scala::SCALA,
    &go::GO,
    &vb::VB,
    &qml::QML,
    &sourcepawn::SOURCEPAWN,
    &kotlin::KOTLIN,
    &swift::SWIFT,
    &fortran::FORTRAN,
    &ada::ADA,
];

/// The table of the language with that short name.
pub fn by_id(id: &str) -> Option<&'static Language> {
    LANGUAGES.iter().copied().find(|language| language.id == id)
}

/// The table of the language that files with this ending are written in; letter case counts only
/// where endings differ in nothing else (`.C` is C++).
pub fn by_file_name(name: &str) -> Option<&'static Language> {
    let (_, extension) = name.rsplit_once('.')?;
    let exact = LANGUAGES.iter().find(|language| language.extensions.contains(&extension));
    let lower = extension.to_ascii_lowercase();
    exact.or_else(|| LANGUAGES.iter().find(|l| l.extensions.contains(&lower.as_str()))).copied()
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn files_are_known_by_their_ending() {
        assert_eq!(by_file_name("ferry.c").unwrap().id, "c");
        assert_eq!(by_file_name("a/Ferry.JAVA").unwrap().id, "java");
        assert_eq!(by_file_name("ferry.C").unwrap().id, "cpp");
        assert!(by_file_name("ferry").is_none());
    }

    #[test]
    fn operators_stand_longest_first() {
        for language in LANGUAGES {
            let lengths: Vec<_> = language.operators.iter().map(|o| o.len()).collect();
            assert!(lengths.is_sorted_by(|a, b| a >= b), "{}", language.id);
            assert!(language.types.iter().all(|t| !t.is_empty()));
        }
    }
}
