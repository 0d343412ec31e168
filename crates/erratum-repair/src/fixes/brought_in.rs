//! What a fix writes may have to be brought in, too: `IntToStr(count)` wants `SysUtils`, `strconv.Itoa(n)` wants
//! its import.

use super::imports::{import, imported};
use super::{Candidate, Case, Certainty};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::names::NameKind;

/// Adds the import that a name of the library needs which a fix writes and the text does not have.
///
/// A name that is only spelt anew is not completed: that it is of the library would be a second guess.
pub(super) fn complete(case: &Case, fix: &mut Candidate) {
    let spelt = matches!(fix.mistake, MistakeId::MisspeltName | MistakeId::WrongCase);
    let imports = matches!(
        fix.mistake,
        MistakeId::MissingImport
            | MistakeId::UnlistedImport
            | MistakeId::MisspeltImport
            | MistakeId::MissingPrefix
            | MistakeId::PastedText
    );
    // A header of C brings in others, and what it brings in is not told.
    let headers = case.language().directives;
    if spelt || imports || headers || !fix.then.is_empty() {
        return;
    }
    let mut wanted: Vec<Edit> = Vec::new();
    for edit in fix.edits.iter().filter(|edit| edit.file == case.file()) {
        let text = match case.language().any_case {
            true => edit.text.to_ascii_lowercase(),
            false => edit.text.clone(),
        };
        for (name, called) in names(&text) {
            let known = case.text.names.of(name).next().is_some()
                || case.text.names.seen.contains_key(name);
            let mut paths = case.language().imports_of(name);
            // Of several libraries nobody can tell which one is meant. A type is brought in wherever it stands.
            let one = paths.next().filter(|(_, kind)| called || *kind == NameKind::Type);
            let path = one.map(|(path, _)| path).filter(|_| !known && paths.next().is_none());
            if let Some(path) = path.filter(|path| !imported(case, path)) {
                let one = import(case, path);
                if !wanted.contains(&one) && !fix.edits.contains(&one) {
                    wanted.push(one);
                }
            }
        }
    }
    if let [one] = &wanted[..] {
        fix.edits.push(one.clone());
        // No data tells yet how often the library was meant.
        fix.certainty = Certainty::Guess;
    }
}

/// The names of a text, each with whether it is called or asked for something.
fn names(text: &str) -> impl Iterator<Item = (&str, bool)> {
    let letter = |c: char| c.is_alphanumeric() || c == '_';
    let starts = text.char_indices().filter(move |(at, c)| {
        let before = text[..*at].chars().next_back();
        (c.is_alphabetic() || *c == '_') && !before.is_some_and(|b| letter(b) || b == '.')
    });
    starts.map(move |(at, _)| {
        let rest = &text[at..];
        let end = rest.find(|c: char| !letter(c)).unwrap_or(rest.len());
        (&rest[..end], rest[end..].starts_with(['(', '.', '<']))
    })
}

#[cfg(test)]
mod tests {
    use super::super::testing::with_case;
    use super::*;

    /// A fix that writes a text in front of the reported place, and what is brought in with it.
    fn brought(language: &str, text: &str, written: &str, mistake: MistakeId) -> Vec<String> {
        let mut texts = Vec::new();
        with_case(language, text, "it does not fit", |case| {
            let edit = case.insert(case.lexed().code[case.token].start, written);
            let score = crate::score::weight("it is tried", 1.0);
            let mut fix = Candidate::new(mistake, score, vec![edit]);
            complete(case, &mut fix);
            texts = fix.edits[1..].iter().map(|edit| edit.text.trim().to_owned()).collect();
        });
        texts
    }

    #[test]
    fn a_function_that_a_fix_writes_is_brought_in() {
        let text = "program quay;\nuses Classes;\nbegin\n  writeln(<|>3);\nend.\n";
        let made = |mistake| brought("pascal", text, "IntToStr(", mistake);
        assert_eq!(made(MistakeId::MissingToString), [", SysUtils"]);
        assert!(made(MistakeId::MisspeltName).is_empty());
    }

    #[test]
    fn a_type_that_is_announced_is_brought_in() {
        let text = "class Quay {\n    void go() <|>{\n    }\n}\n";
        let made = brought("java", text, "throws IOException ", MistakeId::MissingThrows);
        assert_eq!(made, ["import java.io.IOException;"]);
    }

    #[test]
    fn what_is_there_already_is_not_brought_in_again() {
        let text = "package quay\n\nimport \"strconv\"\n\nfunc go() {\n\tshow(<|>n)\n}\n";
        assert!(brought("go", text, "strconv.Itoa(", MistakeId::MissingToString).is_empty());
    }
}
