//! No text tells of a language with the words or marks of another: what stands in back quotes is looked
//! up in the language of which it is told.

use erratum_catalogue::{Catalogue, Entry};
use erratum_syntax::language::{LANGUAGES, Language};
use std::collections::{BTreeMap, BTreeSet};
use std::path::Path;

/// The languages that a table of messages or codes is about.
fn languages_of(compiler: &str) -> &'static [&'static str] {
    match compiler {
        "gcc" | "g++" | "clang" => &["c", "cpp"],
        "javac" => &["java"],
        "rustc" => &["rust"],
        "tsc" => &["typescript"],
        "ghc" => &["haskell"],
        "fpc" => &["pascal"],
        "mcs" | "csc" | "csharp" => &["csharp"],
        "scalac" => &["scala"],
        "go" => &["go"],
        "qmllint" => &["qml"],
        "gdc" | "dmd" => &["d"],
        _ => &[],
    }
}

/// Words that a language has in some places only, and names for which it has no table.
const BESIDE: &[(&str, &[&str])] = &[
    ("csharp", &["async", "await"]),
    ("c", &["include", "name"]),
    ("cpp", &["include", "name"]),
    ("pascal", &["asm", "Result", "Self", "exit"]),
];

/// For each entry, the languages whose messages it may be told of.
fn told(catalogue: &Catalogue) -> BTreeMap<&str, BTreeSet<&'static str>> {
    let mut all: BTreeMap<&str, BTreeSet<&'static str>> = BTreeMap::new();
    let id = |name: &str| catalogue.entry(name).map(|entry| entry.id.as_str());
    for entry in catalogue.entries() {
        let languages = all.entry(&entry.id).or_default();
        for pattern in &entry.patterns {
            languages.extend(languages_of(&pattern.compiler));
        }
        let examples = entry.examples.keys();
        languages
            .extend(examples.flat_map(|id| LANGUAGES.iter().find(|l| l.id == id)).map(|l| l.id));
    }
    let folder = Path::new(env!("CARGO_MANIFEST_DIR")).join("../../catalogue");
    for part in ["codes", "messages"] {
        for file in std::fs::read_dir(folder.join(part)).unwrap() {
            let path = file.unwrap().path();
            let compiler = path.file_stem().unwrap().to_str().unwrap();
            let table: toml::Table = std::fs::read_to_string(&path).unwrap().parse().unwrap();
            for (key, value) in &table {
                let kinds = if part == "codes" {
                    value.as_array().unwrap().iter().filter_map(|kind| kind.as_str()).collect()
                } else {
                    vec![key.as_str()]
                };
                for kind in kinds.into_iter().filter_map(id) {
                    all.entry(kind).or_default().extend(languages_of(compiler));
                }
            }
        }
    }
    all
}

/// What stands in back quotes in the texts of an entry.
fn spans(entry: &Entry, language: &str) -> Vec<String> {
    let said = entry.said(Some(language));
    let texts = [said.title, said.general, said.meaning, said.advice];
    let inside = texts.iter().flat_map(|text| text.split('`').skip(1).step_by(2));
    inside.filter(|span| !span.contains('{') || *span == "{").map(str::to_owned).collect()
}

/// The words and marks of a piece of code.
fn parts(span: &str) -> Vec<String> {
    let mut all: Vec<String> = Vec::new();
    let mut kind = ' ';
    for letter in span.chars() {
        let now = match letter {
            c if c.is_alphanumeric() || c == '_' => 'a',
            c if c.is_whitespace() => ' ',
            '(' | ')' | '[' | ']' | '{' | '}' | ',' => ',',
            _ => '+',
        };
        if now != ' ' && (now != kind || now == ',') {
            all.push(String::new());
        }
        if let Some(last) = all.last_mut().filter(|_| now != ' ') {
            last.push(letter);
        }
        kind = now;
    }
    all
}

/// Whether a language has a word or a mark that any language has.
fn has(language: &Language, part: &str) -> bool {
    let word = part.starts_with(|c: char| c.is_alphabetic());
    let owns = |l: &Language| {
        if word {
            l.is_keyword(part)
                || l.types.contains(&part)
                || l.known_names().any(|(name, _)| name == part)
        } else {
            l.operators.contains(&part) || l.terminator == part
        }
    };
    // A table of gcc's messages serves C and C++, and a name of one letter is any name.
    let shared = language.id == "c" && LANGUAGES.iter().any(|l| l.id == "cpp" && owns(l));
    let sample = part.chars().count() == 1 && word || part == ":";
    let comment = language.line_comments.contains(&part);
    let known = BESIDE.iter().any(|(id, words)| *id == language.id && words.contains(&part));
    owns(language) || shared || sample || comment || known || !LANGUAGES.iter().any(|l| owns(l))
}

#[test]
fn no_text_has_the_terms_of_another_language() {
    check(&Catalogue::shipped());
}

#[test]
fn no_translated_text_has_them() {
    let shipped = Catalogue::shipped();
    for language in shipped.human_languages() {
        let texts = shipped.texts_in(language).unwrap();
        check(&shipped.with_texts(std::slice::from_ref(texts)));
    }
}

fn check(catalogue: &Catalogue) {
    let mut strange: Vec<String> = Vec::new();
    for (id, languages) in told(catalogue) {
        let Some(entry) = catalogue.entry(id) else { continue };
        for language in languages {
            let Some(own) = LANGUAGES.iter().find(|l| l.id == language) else { continue };
            for span in spans(entry, language) {
                let wrong: Vec<String> =
                    parts(&span).into_iter().filter(|part| !has(own, part)).collect();
                if !wrong.is_empty() {
                    strange.push(format!("{id} in {language}: `{span}` has {wrong:?}"));
                }
            }
        }
    }
    assert!(strange.is_empty(), "{} texts:\n{}", strange.len(), strange.join("\n"));
}
