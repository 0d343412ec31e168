//! One table per language: its marks, words and library names, and the few behaviours that no word
//! says. Everything else is driven by these tables: nothing outside of this folder asks which language
//! it has before it. A new language is a new table.

use crate::lex::Lexed;
use crate::names::forms;
use crate::newer::Newer;

mod ada;
mod ada_blocks;
mod c;
mod cpp;
mod csharp;
mod d;
mod fortran;
mod go;
mod haskell;
mod java;
mod kotlin;
mod later;
mod parts;
mod pascal;
mod projects;
mod qml;
mod rust;
mod scala;
mod sourcepawn;
mod swift;
mod typescript;
mod vb;

pub use parts::{
    Apostrophe, AtToken, Conversions, Declaration, Declaring, ImportForm, ImportList, LibraryGroup,
    ListType, NameKind, NamedEnd, Preference, RawStrings, Synonyms, Usual,
};
pub use projects::{Asks, Modules, Projects, Together};

/// What languages have in common that write `hour: i32`, and whose bodies give back a value.
const RUST_LIKE: Language = Language {
    declaration: forms::name_first,
    binding_changes: "mut ",
    declaring: Declaring::Words(&[
        ("let ", Preference::Usual),
        ("let mut ", Preference::LessUsual),
    ]),
    body_is_value: true,
    wraps_results: true,
    ..PLAIN
};

/// What languages have in common that write `hour: number` behind `let` and `const`.
const SCRIPT_LIKE: Language = Language {
    declaration: forms::typescript,
    fixed_words: &[("const", "let"), ("val", "var"), ("readonly", "")],
    declaring: Declaring::Words(&[
        ("let ", Preference::Usual),
        ("const ", Preference::NearlyAsUsual),
    ]),
    text_types: true,
    ..PLAIN
};

/// What languages have in common that write `hour: Int` behind `val` and `var`.
const SCALA_LIKE: Language = Language {
    declaration: forms::scala,
    calls_bare: true,
    declaring: Declaring::Words(&[
        ("val ", Preference::Usual),
        ("var ", Preference::NearlyAsUsual),
    ]),
    body_is_value: true,
    returns_unsaid: true,
    message_types_end: Some('('),
    ..PLAIN
};

/// What languages have in common that declare `hour, minute: integer;` in sections.
const PASCAL_LIKE: Language = Language {
    declaration: forms::pascal,
    scope: Some(forms::pascal_scope),
    qualified_names: true,
    parted_parameters: true,
    calls_bare: true,
    declaring: Declaring::Elsewhere,
    variable_section: "var",
    import_list: ImportList::Ended("uses"),
    else_unended: true,
    ..PLAIN
};

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
    patterns_in_slashes: false,
    raw_strings: RawStrings::None,
    apostrophe: Apostrophe::Char,
    doubled_quotes: false,
    any_case: false,
    blocks: &[],
    dividers: &[],
    line_ends: false,
    name_marks: "",
    type_arguments: None,
    usual: Usual { truth: "bool", whole: "int", real: "double", text: "string" },
    directives: false,
    keywords: &[],
    types: &[],
    operators: &[],
    terminator: ";",
    type_first: false,
    declares: &[],
    import: ImportForm { before: "import ", after: "" },
    library: &[],
    prelude: &[],
    foreign: &[],
    foreign_loose: &[],
    types_elsewhere: &[],
    foreign_marks: &[
        ("<>", "!="),
        ("=/=", "!="),
        ("=<", "<="),
        ("=>", ">="),
        (":=", "="),
        ("===", "=="),
        ("!==", "!="),
    ],
    member_arrow: ".",
    pointer_mark: "",
    each_loop: None,
    prints: &[],
    joins_texts: "",
    places_loop: None,
    item_word: "",
    made_by: ["", ""],
    ended_types: false,
    tagged_types: false,
    bracketed_conditions: false,
    calls_elements: false,
    synonyms: &[],
    hole_mark: "",
    lazy_twins: &[],
    scope_mark: "",
    owner_mark: "",
    member_label: "",
    conversions: Conversions { whole: "", real: "", text: "" },
    to_text: &[],
    from_text: &[],
    returns_by_name: false,
    result_mark: None,
    receivers: false,
    weak_comparisons: false,
    field_mark: "",
    spelling: &[],
    called: &[],
    defaults: &[],
    never: "",
    any_value: "",
    module_mark: "",
    typed_value: None,
    counting: None,
    grave_warnings: &[],
    family: "",
    codes: "",
    model: &[],
    beside: &[],
    deep: true,
    manifest: "",
    projects: Projects::NONE,
    newer: &[],
    declaration: forms::type_first,
    type_behind: forms::type_after_name,
    result: forms::result,
    result_marks: &[":"],
    scope: None,
    opens_block: |_, _| true,
    block_openers: None,
    closes_block: |_, _| true,
    qualified_names: false,
    arrow_parameters: false,
    layout: false,
    attributes: false,
    sized_lists: false,
    list_type: ListType::Any,
    list_around: None,
    package_clause: "",
    typed_variable: None,
    parted_parameters: false,
    macro_mark: "",
    named_end: None,
    applies_bare: false,
    calls_bare: false,
    object: "this.",
    object_required: false,
    new_object: "",
    generic_objects: false,
    binding_changes: "",
    fixed_words: &[("val", "var"), ("readonly", "")],
    declaring: Declaring::Type,
    variable_section: "",
    infers_locals: false,
    body_is_value: false,
    returns_unsaid: false,
    wraps_results: false,
    borrows: false,
    empty_value: |_| "0".to_owned(),
    first_values: |_| &[],
    braces_in_formats: false,
    letter_quotes: false,
    count_by_one: &[],
    member_functions: &[],
    exact_numbers: false,
    perhaps: None,
    narrowing: &[],
    text_types: false,
    import_list: ImportList::None,
    imports_names: false,
    imports_all: "",
    namespace: "",
    own_paths: &[],
    message_types_end: None,
    else_unended: false,
};

/// The type of a value that may be missing, and the two ways to the value itself.
#[derive(Clone, Copy, Debug)]
pub struct Perhaps {
    /// What stands before the type of the value, and behind it.
    pub around: (&'static str, &'static str),
    /// What is written behind the value to take it as there; empty if the language has no such mark.
    pub there: &'static str,
    /// What is written behind it in front of a value to use in its place, and behind that.
    pub instead: (&'static str, &'static str),
}

impl Perhaps {
    /// The type of the value, where `typed` is that of one that may be missing.
    pub fn inner<'a>(&self, typed: &'a str) -> Option<&'a str> {
        let (before, after) = self.around;
        typed.strip_prefix(before)?.strip_suffix(after).filter(|inner| !inner.is_empty())
    }

    /// The type of the value, where one is found that may be missing and the value itself is wanted. A type
    /// and the class that holds its values (`int` and `Integer`) are the same here.
    pub fn missing<'a>(&self, found: &'a str, wanted: &str) -> Option<&'a str> {
        let bare = |typed: &str| typed.trim_start_matches('&').to_lowercase();
        let same = |inner: &&str| !wanted.is_empty() && bare(inner).starts_with(&bare(wanted));
        self.inner(found).filter(same)
    }
}

/// The parts of the head of a loop that counts through a range, around the name, the start and the end.
#[derive(Clone, Copy, Debug)]
pub struct Counting {
    /// What stands before the name.
    pub before: &'static str,
    /// What stands between the name and the start.
    pub through: &'static str,
    /// What stands before an end that is not counted.
    pub below: &'static str,
    /// What stands before an end that is.
    pub up_to: &'static str,
    /// What stands behind the end.
    pub behind: &'static str,
}

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
    /// Whether a regular expression may stand between slashes, where a value can stand.
    pub patterns_in_slashes: bool,
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
    /// What encloses the types that an item takes behind its name, if they are written so.
    pub type_arguments: Option<(&'static str, &'static str)>,
    /// Words and marks of other languages, and names of members, for which another one of this language is as fair
    /// as what is written instead.
    pub foreign_loose: &'static [&'static str],
    /// Words of other languages, and what is written here instead: the likelier first where a word may
    /// stand for several.
    pub foreign: &'static [(&'static str, &'static str)],
    /// Types of the libraries of other languages, and what the like is called here.
    pub types_elsewhere: &'static [(&'static str, &'static str)],
    /// Marks of other languages, as they stand without a gap, and what is written here instead. Those
    /// that the language has itself do not count.
    pub foreign_marks: &'static [(&'static str, &'static str)],
    /// The mark of a pointer or of a reference, where it stands in front of its type; empty elsewhere.
    pub pointer_mark: &'static str,
    /// What is written here for the `->` by which other languages reach a member; empty where the
    /// language has that mark itself, or no members.
    pub member_arrow: &'static str,
    /// How a loop over the elements of something is written in brackets: its word, and what stands
    /// between the name and the elements.
    pub each_loop: Option<(&'static str, &'static str)>,
    /// Names of members that other languages or types have, and what they may be called here.
    pub synonyms: &'static [Synonyms],
    /// What stands in front of a text whose braces hold values; empty if no text has any, or each has.
    pub hole_mark: &'static str,
    /// Methods of the library that take a value, each with the one that takes a function in its place.
    pub lazy_twins: &'static [(&'static str, &'static str)],
    /// Functions that print a list of values of any type, one after the other.
    pub prints: &'static [&'static str],
    /// What joins a text with a value of any type; empty where it joins texts only.
    pub joins_texts: &'static str,
    /// What shows a loop over the places of a list, and what makes it one over its items: another
    /// word in its place, or something in front of the name.
    pub places_loop: Option<(&'static str, &'static str)>,
    /// What declares the item of a loop whose type the compiler finds out; empty if nothing must.
    pub item_word: &'static str,
    /// What stands before a class and behind it where other languages write `new`; empty if the
    /// language has that word, or nothing of the kind.
    pub made_by: [&'static str; 2],
    /// Whether the declaration of a type ends with a mark behind its brace.
    pub ended_types: bool,
    /// Whether a type is only known behind the word of its kind (`struct berth`), unless it is given a
    /// name of its own.
    pub tagged_types: bool,
    /// Whether a condition stands in brackets.
    pub bracketed_conditions: bool,
    /// Whether an element of a list is asked for as a function is called.
    pub calls_elements: bool,
    /// What stands between a type and what belongs to it; empty where values of an enumeration stand
    /// by themselves.
    pub scope_mark: &'static str,
    /// What stands between a class and its method where the body of the method stands outside of the
    /// class; empty where none does.
    pub owner_mark: &'static str,
    /// The label behind which the members of a class are visible, where they are hidden without one.
    pub member_label: &'static str,
    /// How a value is turned into one of another kind.
    pub conversions: Conversions,
    /// How a value is made a text, the commonest way first: what is put before it and behind it.
    pub to_text: &'static [(&'static str, &'static str)],
    /// How a number is read from a text: its type, and what is put before the text and behind it.
    pub from_text: &'static [(&'static str, &'static str, &'static str)],
    /// What stands between the parameters of a function and the type of its result, where that may be
    /// left out.
    pub result_mark: Option<&'static str>,
    /// Whether what a function gives back is assigned to its name.
    pub returns_by_name: bool,
    /// Whether `and` and `or` bind more tightly than comparisons.
    pub weak_comparisons: bool,
    /// The mark between a field and its value where an object is made in braces; empty where another form is used.
    pub field_mark: &'static str,
    /// Where case means nothing: how people write names of the library.
    pub spelling: &'static [&'static str],
    /// What the compiler calls a type, and what a program writes for it.
    pub called: &'static [(&'static str, &'static str)],
    /// A starting value for each built-in type.
    pub defaults: &'static [(&'static str, &'static str)],
    /// A statement that never ends, so that it may stand for any body; empty where a body returns a
    /// starting value instead.
    pub never: &'static str,
    /// The statement that makes a file a module of its own, where one without it shares its names with
    /// all others; empty if there is no such thing.
    pub module_mark: &'static str,
    /// An expression that has whatever type is wanted where it stands, and behind which the path goes on;
    /// empty if the language has none.
    pub any_value: &'static str,
    /// What stands before and behind the name of a type in an expression that has this type, where no
    /// expression has any.
    pub typed_value: Option<(&'static str, &'static str)>,
    /// How a value is declared that may be missing.
    pub perhaps: Option<Perhaps>,
    /// How a loop counts by one, where it goes through a range.
    pub counting: Option<Counting>,
    /// Warnings that tell of a mistake (the language forbids it, or the program goes wrong): they
    /// are looked at like errors, after them.
    pub grave_warnings: &'static [&'static str],
    /// What its code usually looks like, as [`crate::model::Model`] writes it; empty if no samples were
    /// counted.
    pub model: &'static [u8],
    /// Languages of one family can be compiled together; empty for a language by itself.
    pub family: &'static str,
    /// The compiler whose codes mean this language first, as the catalogue names it; empty if its
    /// compilers give none.
    pub codes: &'static str,
    /// How the names of files end that a compile may need beside the program; none for those of the
    /// language itself.
    pub beside: &'static [&'static str],
    /// Whether such files may lie in folders below the program.
    pub deep: bool,

    /// The file that makes a folder a project; empty if there is none.
    pub manifest: &'static str,
    /// How projects of several folders are laid out.
    pub projects: Projects,
    /// Forms that a compiler of some years ago does not know.
    pub newer: &'static [Newer],

    // How declarations look.
    /// What a token declares, if it stands behind no word of [`Language::declares`].
    pub declaration: AtToken<Option<Declaration>>,
    /// The type of a value that a word of [`Language::declares`] declares.
    pub type_behind: AtToken<Option<(usize, usize)>>,
    /// The type that a function gives back.
    pub result: AtToken<Option<(usize, usize)>>,
    /// Marks between the parameters of a function and the type it gives back.
    pub result_marks: &'static [&'static str],
    /// Where a value is visible, if blocks alone do not tell.
    pub scope: Option<AtToken<(usize, usize)>>,
    /// Whether a word that can open a block opens one here.
    pub opens_block: fn(&Lexed, usize) -> bool,
    /// Where one word alone does not tell it: every token that opens a block, in order, from all tokens.
    pub block_openers: Option<fn(&Lexed) -> Vec<usize>>,
    /// Whether a word that can close a block closes one here.
    pub closes_block: fn(&Lexed, usize) -> bool,
    /// Whether a name with a dot behind it belongs to what is declared further on.
    pub qualified_names: bool,
    /// Whether a name in front of `->` is a parameter.
    pub arrow_parameters: bool,

    // How texts are laid out.
    /// Whether the indentation makes the blocks, and lists may have their commas in front.
    pub layout: bool,
    /// Whether `#[…]` stands before a declaration.
    pub attributes: bool,
    /// Whether a list may hold one `;`, as in `[0; 8]`.
    pub sized_lists: bool,
    /// What a line starts with that names the package of a file, where the files of a folder that name
    /// the same one are compiled together; empty if they are not.
    pub package_clause: &'static str,
    /// How the type of a list is written.
    pub list_type: ListType,
    /// What stands before and behind the type of its elements in the type of a list that can grow.
    pub list_around: Option<(&'static str, &'static str)>,
    /// The word in front of a variable, and what stands between its name and its type, where the type
    /// stands behind the name.
    pub typed_variable: Option<(&'static str, &'static str)>,
    /// Whether terminators part the parameters of a function.
    pub parted_parameters: bool,
    /// The mark between a macro and what it is given; empty if there are none.
    pub macro_mark: &'static str,
    /// How the end of a block names it, if it does.
    pub named_end: Option<NamedEnd>,
    /// Whether the word before `else` ends nothing, so that no terminator may stand there.
    pub else_unended: bool,

    // Calls and objects.
    /// Whether a function is given its values without brackets.
    pub applies_bare: bool,
    /// Whether a call without values needs no brackets.
    pub calls_bare: bool,
    /// Whether methods stand outside of their type, each with its receiver.
    pub receivers: bool,
    /// What stands before a member of the own object.
    pub object: &'static str,
    /// Whether that must be written.
    pub object_required: bool,
    /// What makes an object, in front of its class; empty if nothing is written.
    pub new_object: &'static str,
    /// Whether a type with parameters is one whose objects start empty.
    pub generic_objects: bool,

    /// With what the path of a name starts that the program itself declares.
    pub own_paths: &'static [&'static str],

    // Variables.
    /// What a binding that changes is marked with; empty if all may change.
    pub binding_changes: &'static str,
    /// Words that forbid a change, and what allows it.
    pub fixed_words: &'static [(&'static str, &'static str)],
    /// How a name is declared where it is first given a value.
    pub declaring: Declaring,
    /// The word of the section in which variables are declared; empty if there is none.
    pub variable_section: &'static str,
    /// Whether a local variable without a type may have any.
    pub infers_locals: bool,

    // Values and types.
    /// Whether a body gives back what its last expression gives.
    pub body_is_value: bool,
    /// Whether a return need not be written to be meant.
    pub returns_unsaid: bool,
    /// Whether results are wrapped in `Ok` and `Some`.
    pub wraps_results: bool,
    /// Whether values are borrowed.
    pub borrows: bool,
    /// A value of a type that has no starting value in [`Language::defaults`]; empty if none is sure
    /// to be of the type.
    pub empty_value: fn(&str) -> String,
    /// What a variable may be given first whose type has no starting value, each with how likely
    /// that is as a natural logarithm.
    pub first_values: fn(&str) -> &'static [(&'static str, f64)],
    /// Whether the marks of formats are `{}`, rather than `%d` and its like.
    pub braces_in_formats: bool,
    /// Whether one letter stands between single quotes.
    pub letter_quotes: bool,
    /// What other languages ask of a list or a text as a member, and the function that does it here;
    /// one of a package stands behind its name: `strings.Split`.
    pub member_functions: &'static [(&'static str, &'static str)],
    /// Where the language has no mark that counts by one: such marks of other languages, and what is
    /// written here, with `{}` for what is counted.
    pub count_by_one: &'static [(&'static str, &'static str)],
    /// Whether a whole number is no real one.
    pub exact_numbers: bool,
    /// Types to which a cast narrows.
    pub narrowing: &'static [&'static str],
    /// Whether a type can list texts.
    pub text_types: bool,

    // Imports and messages.
    /// Where all that a file brings in is listed.
    pub import_list: ImportList,
    /// Whether an import lists the names that it brings.
    pub imports_names: bool,
    /// What stands in an import for all the names of a package; empty if each is brought in by itself, or
    /// all always are.
    pub imports_all: &'static str,
    /// The namespace of the library, which may be opened; empty if there is none.
    pub namespace: &'static str,
    /// Where a type ends as the compiler writes it.
    pub message_types_end: Option<char>,
}

impl Language {
    /// Whether a word is a keyword.
    pub fn is_keyword(&self, word: &str) -> bool {
        self.keywords.contains(&word)
            || (self.any_case && self.keywords.iter().any(|k| k.eq_ignore_ascii_case(word)))
    }

    /// Whether files of this language and another may be parts of one program.
    pub fn goes_with(&self, other: &Language) -> bool {
        self.id == other.id || (!self.family.is_empty() && self.family == other.family)
    }

    /// Whether the indentation makes the blocks.
    pub fn blocks_by_indentation(&self) -> bool {
        self.layout
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

    /// Returns whether two words are one name here.
    pub fn same_name(&self, one: &str, other: &str) -> bool {
        one == other || (self.any_case && one.eq_ignore_ascii_case(other))
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
    &d::D,
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
    fn languages_of_one_family_go_together_and_no_others() {
        let together =
            |one: &str, other: &str| by_id(one).unwrap().goes_with(by_id(other).unwrap());
        assert!(together("c", "cpp") && together("cpp", "c") && together("java", "java"));
        // Those by themselves are no family, though they all have none.
        assert!(!together("java", "scala") && !together("c", "d"));
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
