//! How each real compiler words what a stand-in finds. The forms are those of their documentation.

use crate::check::Finding;

/// The compilers that have a stand-in.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Dialect {
    /// Visual Basic, as the .NET build prints it.
    VisualBasic,
    /// Delphi's command-line compiler.
    Delphi,
    /// MSVC, for C and C++.
    Msvc,
    /// SourcePawn.
    SourcePawn,
}

impl Dialect {
    /// The name of the real compiler, as the catalogue uses it.
    pub fn compiler(self) -> &'static str {
        match self {
            Dialect::VisualBasic => "vbc",
            Dialect::Delphi => "dcc32",
            Dialect::Msvc => "cl",
            Dialect::SourcePawn => "spcomp",
        }
    }

    /// Short name of the language.
    pub fn language(self) -> &'static str {
        match self {
            Dialect::VisualBasic => "vb",
            Dialect::Delphi => "pascal",
            Dialect::Msvc => "cpp",
            Dialect::SourcePawn => "sourcepawn",
        }
    }

    /// One line of output.
    pub(crate) fn line(self, file: &str, line: u32, column: u32, finding: &Finding) -> String {
        let (code, text) = self.wording(finding);
        match self {
            Dialect::VisualBasic => {
                format!("{file}({line},{column}): error {code}: {text} [Harbour.vbproj]\n")
            }
            Dialect::Delphi => format!("[dcc32 Error] {file}({line}): {code} {text}\n"),
            Dialect::Msvc => format!("{file}({line}): error {code}: {text}\n"),
            Dialect::SourcePawn => format!("{file}({line}) : error {code}: {text}\n"),
        }
    }

    fn wording(self, finding: &Finding) -> (&'static str, String) {
        use Dialect::{Delphi, Msvc, SourcePawn, VisualBasic};
        use Finding as F;
        match (self, finding) {
            (VisualBasic, F::OpenString) => {
                ("BC30648", "String constants must end with a double quote.".to_owned())
            }
            (Delphi, F::OpenString) => ("E2052", "Unterminated string".to_owned()),
            (Msvc, F::OpenString) => ("C2001", "newline in constant".to_owned()),
            (SourcePawn, F::OpenString) => {
                ("037", "invalid string (possibly non-terminated string)".to_owned())
            }
            (Delphi, F::OpenComment(line)) => {
                ("E2057", format!("Unexpected end of file in comment started on line {line}"))
            }
            (Msvc, F::OpenComment(_)) => {
                ("C1071", "unexpected end of file found in comment".to_owned())
            }
            (_, F::OpenComment(_)) => {
                ("030", "compound statement not closed at the end of file".to_owned())
            }
            (VisualBasic, F::Expected { wanted, .. }) => {
                ("BC30198", format!("'{wanted}' expected."))
            }
            (Delphi, F::Expected { wanted, found }) => {
                ("E2029", format!("'{wanted}' expected but '{found}' found"))
            }
            (Msvc, F::Expected { wanted, found }) => {
                ("C2143", format!("syntax error: missing '{wanted}' before '{found}'"))
            }
            (SourcePawn, F::Expected { wanted, found }) => {
                ("001", format!("expected token: \"{wanted}\", but found \"{found}\""))
            }
            (VisualBasic, F::Unclosed { word, end }) => {
                ("BC30081", format!("'{word}' must end with a matching '{end}'."))
            }
            (Delphi, F::Unclosed { .. }) => {
                ("E2029", "'END' expected but end of file found".to_owned())
            }
            (Msvc, F::Unclosed { .. }) => ("C1075", "'{': no matching token found".to_owned()),
            (SourcePawn, F::Unclosed { .. }) => {
                ("030", "compound statement not closed at the end of file".to_owned())
            }
            (VisualBasic, F::Unopened { word }) => {
                ("BC30087", format!("'{word}' must be preceded by a matching start."))
            }
            (Delphi, F::Unopened { .. }) => {
                ("E2029", "Declaration expected but 'END' found".to_owned())
            }
            (Msvc, F::Unopened { word }) => ("C2059", format!("syntax error: '{word}'")),
            (SourcePawn, F::Unopened { word }) => {
                ("054", format!("unmatched closing brace (\"{word}\")"))
            }
            (VisualBasic, F::Unended { .. }) => {
                ("BC30205", "End of statement expected.".to_owned())
            }
            (Delphi, F::Unended { .. }) => ("E2066", "Missing operator or semicolon".to_owned()),
            (Msvc, F::Unended { found }) => {
                ("C2146", format!("syntax error: missing ';' before identifier '{found}'"))
            }
            (SourcePawn, F::Unended { .. }) => {
                ("001", "expected token: \";\", but found \"-identifier-\"".to_owned())
            }
            (VisualBasic, F::Undeclared { name }) => (
                "BC30451",
                format!(
                    "'{name}' is not declared. It may be inaccessible due to its protection level."
                ),
            ),
            (Delphi, F::Undeclared { name }) => {
                ("E2003", format!("Undeclared identifier: '{name}'"))
            }
            (Msvc, F::Undeclared { name }) => ("C2065", format!("'{name}': undeclared identifier")),
            (SourcePawn, F::Undeclared { name }) => ("017", format!("undefined symbol \"{name}\"")),
            (VisualBasic, F::NoMember { name, object }) => {
                ("BC30456", format!("'{name}' is not a member of '{object}'."))
            }
            (Delphi, F::NoMember { name, .. }) => {
                ("E2003", format!("Undeclared identifier: '{name}'"))
            }
            (Msvc, F::NoMember { name, object }) => {
                ("C2039", format!("'{name}': is not a member of '{object}'"))
            }
            (SourcePawn, F::NoMember { name, object }) => {
                ("105", format!("cannot find member {name} in {object}"))
            }
            (VisualBasic, F::TooFew { function, .. }) => {
                ("BC30455", format!("Argument not specified for parameter of '{function}'."))
            }
            (Delphi, F::TooFew { .. }) => ("E2035", "Not enough actual parameters".to_owned()),
            (Msvc, F::TooFew { function }) => {
                ("C2198", format!("'{function}': too few arguments for call"))
            }
            (SourcePawn, F::TooFew { .. } | F::TooMany { .. }) => {
                ("092", "number of arguments does not match definition".to_owned())
            }
            (VisualBasic, F::TooMany { function }) => {
                ("BC30057", format!("Too many arguments to '{function}'."))
            }
            (Delphi, F::TooMany { .. }) => ("E2034", "Too many actual parameters".to_owned()),
            (Msvc, F::TooMany { function }) => {
                ("C2197", format!("'{function}': too many arguments for call"))
            }
            (Msvc, F::Nested { name }) => {
                ("C2601", format!("'{name}': local function definitions are illegal"))
            }
            (SourcePawn, F::Nested { .. }) => ("010", "invalid function or declaration".to_owned()),
            (Delphi, F::Nested { .. }) => ("E2029", "'END' expected".to_owned()),
            (VisualBasic, F::Nested { .. }) => (
                "BC30289",
                "Statement cannot appear within a method body. End of method assumed.".to_owned(),
            ),
            (VisualBasic, F::TextForNumber { wanted }) => (
                "BC30512",
                format!(
                    "Option Strict On disallows implicit conversions from 'String' to '{wanted}'."
                ),
            ),
            (Delphi, F::TextForNumber { wanted }) => {
                ("E2010", format!("Incompatible types: '{wanted}' and 'string'"))
            }
            (Msvc, F::TextForNumber { wanted }) => (
                "C2440",
                format!("'initializing': cannot convert from 'const char *' to '{wanted}'"),
            ),
            (SourcePawn, F::TextForNumber { .. }) => ("213", "tag mismatch".to_owned()),
        }
    }
}
