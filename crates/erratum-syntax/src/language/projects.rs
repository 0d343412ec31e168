//! How projects are laid out in folders, and how a text names the files that it needs.

/// How the projects of a language are laid out.
#[derive(Clone, Copy, Debug)]
pub struct Projects {
    /// The files that say how one is built, by their names; `*.csproj` is any that ends so.
    pub built_by: &'static [&'static str],
    /// How a text names other files of its project.
    pub asks: Asks,
    /// Which files are compiled together though no text names them.
    pub together: Together,
    /// How the name of the package ends the folder of a file: the word in front of it, and how many of its
    /// last parts are no folders.
    pub package: Option<(&'static str, usize)>,
}

/// How a text names the files that it needs.
#[derive(Clone, Copy, Debug)]
pub enum Asks {
    /// Not at all.
    Nothing,
    /// By a path behind a word of the preprocessor: `#include "tide.h"`.
    Included(&'static str),
    /// By a path that starts at the folder of the text: `from "../tide"`. These endings may be left out.
    Relative(&'static [&'static str]),
    /// By the name of a module, whose parts are folders: `import Harbour.Tide`.
    Modules(&'static Modules),
    /// By folders below that of this file, whose first line of this word names them all: `go.mod`, `module`.
    Below(&'static str, &'static str),
}

/// How a module is named, and its file.
#[derive(Clone, Copy, Debug)]
pub struct Modules {
    /// The word in front of its name.
    pub word: &'static str,
    /// Words that may stand between the two.
    pub between: &'static [&'static str],
    /// Whether several may stand behind one word, with commas, up to a `;`.
    pub list: bool,
    /// What stands between the parts of its name in the path of its file.
    pub gap: &'static str,
    /// Whether upper and lower case are the same in the name of its file.
    pub any_case: bool,
    /// How many of the last parts may name something within the file.
    pub within: usize,
}

/// Which files are compiled together.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Together {
    /// Those that are named.
    Named,
    /// All below the file that says how the project is built.
    Project,
    /// All below the same folder of sources (`src/main`), and below the main one.
    Sources,
}

impl Projects {
    /// A language whose texts are compiled one by one.
    pub const NONE: Projects =
        Projects { built_by: &[], asks: Asks::Nothing, together: Together::Named, package: None };
}
