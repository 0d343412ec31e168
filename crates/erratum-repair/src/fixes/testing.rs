//! Tests of families, in one line each.

use super::{Case, Certainty, Family, ranked};
use crate::diagnose::Diagnoser;
use crate::message::{Message, Note, Place, Severity, Suggestion};
use erratum_catalogue::Catalogue;
use erratum_syntax::edit;
use erratum_syntax::language::by_id;
use erratum_syntax::source::{Program, Source};
use erratum_syntax::text::Text;
use std::sync::Arc;

/// The compiler whose messages a language's tests quote.
fn compiler_of(language: &str) -> &'static str {
    match language {
        "cpp" => "g++",
        "java" => "javac",
        "rust" => "rustc",
        "typescript" => "tsc",
        "haskell" => "ghc",
        "pascal" => "fpc",
        "csharp" => "mcs",
        "scala" => "scalac",
        "go" => "go",
        "d" => "gdc",
        "ada" => "gnatmake",
        "fortran" => "gfortran",
        "qml" => "qmllint",
        _ => "gcc",
    }
}

/// What a family makes of a message, the likeliest first, each with its certainty. `before` has `<|>` where the message
/// points, and another where that ends if it is no single token; `warning: ` in front of the message makes it one, `[E0308] ` gives its code, and what stands
/// behind ` <= ` is what the compiler suggests to put there, behind ` @ ` a file that a remark points into.
pub(super) fn rated(
    family: &Family,
    language: &str,
    before: &str,
    said: &str,
) -> Vec<(String, Certainty)> {
    let mut all = Vec::new();
    with_case(language, before, said, |case| {
        let mut found = Vec::new();
        if family.phases.contain(case.phase) {
            (family.propose)(case, &mut found);
        }
        let after = ranked(found).into_iter().map(|candidate| {
            let mended = edit::apply_all(case.program, &candidate.sets()).unwrap();
            let text = String::from_utf8_lossy(mended.files[0].bytes()).into_owned();
            (text, candidate.certainty)
        });
        all = after.collect();
    });
    all
}

/// Hands on the case of a message, written in the same way.
pub(crate) fn with_case(language: &str, before: &str, said: &str, act: impl FnOnce(&Case)) {
    let offset = before.find("<|>").expect("the text needs a <|> where the message points");
    let extension = by_id(language).unwrap().extensions[0];
    let name = format!("Quay.{extension}");
    let source = Source::new(name, before.replace("<|>", "").into_bytes());
    let program = Program::single(source.clone());
    let warning = said.strip_prefix("warning: ");
    let severity = if warning.is_some() { Severity::Warning } else { Severity::Error };
    let said = warning.unwrap_or(said);
    let (said, remark) = said.split_once(" @ ").map_or((said, None), |(s, f)| (s, Some(f)));
    let (said, suggestion) = said.split_once(" <= ").map_or((said, None), |(s, h)| (s, Some(h)));
    // The reader writes the quotes of mcs as those of others.
    let read = if language == "csharp" { said.replace('`', "'") } else { said.to_owned() };
    let said = read.as_str();
    let coded = said.strip_prefix('[').and_then(|rest| rest.split_once("] "));
    let mut message = Message::new(severity, coded.map_or(said, |(_, text)| text));
    message.code = coded.map(|(code, _)| code.to_owned());
    let text = Arc::new(Text::new(&source, by_id(language).unwrap()));
    let pointed = text.lexed.code.iter().find(|token| token.start == offset);
    let second = before[offset + 3..].find("<|>").map(|end| offset + end);
    let end = second.or(pointed.map(|token| token.end)).unwrap_or(offset);
    message.at = Some(Place::of(&source, offset, end));
    message.notes.extend(remark.map(|file| Note {
        text: "it was declared here, too".to_owned(),
        at: Some(Place::point(file, 1, 1)),
    }));
    message.suggestions.extend(suggestion.map(|text| Suggestion {
        text: String::new(),
        parts: vec![(Place::of(&source, offset, offset), text.to_owned())],
    }));
    let catalogue = Catalogue::shipped();
    let diagnosis = Diagnoser::new(&catalogue, compiler_of(language)).diagnose(&message);
    let all = [message.clone()];
    let case = Case::new(&program, text, &message, &all, &diagnosis).unwrap();
    let case = case.with_version(Some((0, 0)));
    act(&case);
}

/// The texts alone.
fn proposed(family: &Family, language: &str, before: &str, said: &str) -> Vec<String> {
    rated(family, language, before, said).into_iter().map(|(text, _)| text).collect()
}

/// Holds the best fix of a family against the text that is wanted.
#[track_caller]
pub(super) fn check_fix(family: &Family, language: &str, before: &str, said: &str, after: &str) {
    let found = proposed(family, language, before, said);
    let best = found.first().map(String::as_str);
    assert_eq!(best, Some(after), "{}: {} proposed", family.id, found.len());
}

/// The same where the fix is one of several that the compiler must tell apart.
#[track_caller]
pub(super) fn check_among(family: &Family, language: &str, before: &str, said: &str, after: &str) {
    let found = proposed(family, language, before, said);
    let among = found.iter().take(4).any(|text| text == after);
    assert!(among, "{}: {:#?}", family.id, found.iter().take(4).collect::<Vec<_>>());
}

/// Holds that a family proposes nothing.
#[track_caller]
pub(super) fn check_no_fix(family: &Family, language: &str, before: &str, said: &str) {
    let found = proposed(family, language, before, said);
    assert!(found.is_empty(), "{}: {:#?}", family.id, found.iter().take(3).collect::<Vec<_>>());
}
