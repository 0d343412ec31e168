//! Every entry of the catalogue, held against the real compilers: its wrong example must give a
//! message that a pattern of the entry fits, and its right example must compile.

mod support;

use erratum_catalogue::{Catalogue, Entry, Example};
use erratum_compilers::{Limits, Project, Session, Toolbox};
use erratum_repair::diagnose::Diagnoser;
use erratum_repair::message::Message;
use erratum_repair::search::{Compile, SeverityPolicy};
use erratum_syntax::language;
use support::have;

/// What a compiler says of an example. One that stays is handed on from example to example.
fn messages(
    language: &str,
    example: &Example,
    text: &str,
    before: &mut Option<Session>,
) -> (Vec<Message>, String) {
    let table = language::by_id(language).unwrap();
    let folder = tempfile::tempdir().unwrap();
    let name = example.file.clone().unwrap_or_else(|| match language {
        "java" => "Pier.java".to_owned(),
        _ => format!("pier.{}", table.extensions[0]),
    });
    let path = folder.path().join(name);
    std::fs::write(&path, text).unwrap();
    let project = Project::open(&[path], None).unwrap();
    let found = Toolbox::default().find(table, None).unwrap();
    let mut session = Session::new(project, found, Limits::default()).unwrap();
    if let Some(before) = before {
        session.adopt(before);
    }
    let report = session.first().unwrap();
    let compiler = session.compiler().to_owned();
    *before = Some(session);
    (report.messages, compiler)
}

fn check(language: &str) {
    if !have(language) {
        return;
    }
    let catalogue = Catalogue::shipped();
    let examples =
        catalogue.entries().iter().filter_map(|entry| Some((entry, entry.examples.get(language)?)));
    let policy = SeverityPolicy::usual(language::by_id(language).unwrap());
    let (mut wrong, mut before) = (Vec::new(), None);
    for (entry, example) in examples {
        let (said, compiler) = messages(language, example, &example.wrong, &mut before);
        let fits = |message: &Message| {
            let code = message.code.as_deref().unwrap_or("");
            let diagnoser = Diagnoser::new(&catalogue, &compiler);
            let diagnosis = diagnoser.diagnose(message);
            diagnosis.matches.iter().any(|found| found.entry.id == entry.id)
                || catalogue.by_code(code, &compiler).iter().any(|coded| coded.id == entry.id)
                || diagnoser.worded_by(message).is_some_and(|(by, _)| by.id == entry.id)
        };
        if !said.iter().any(fits) {
            wrong.push(format!(
                "{}: its wrong example gives {:?}",
                entry.id,
                said.iter().map(|m| (&m.text, &m.code)).collect::<Vec<_>>()
            ));
        }
        let (mut left, _) = messages(language, example, &example.right, &mut before);
        // Of warnings only those that tell of a mistake, and that of the entry itself.
        left.retain(|message| policy.counts(message) || fits(message));
        if !left.is_empty() {
            wrong.push(format!(
                "{}: its right example gives {:?}",
                entry.id,
                left.iter().map(|m| &m.text).collect::<Vec<_>>()
            ));
        }
    }
    assert!(wrong.is_empty(), "{}", wrong.join("\n"));
}

#[test]
fn examples_in_c() {
    check("c");
}

#[test]
fn examples_in_cpp() {
    check("cpp");
}

#[test]
fn examples_in_java() {
    check("java");
}

#[test]
fn examples_in_rust() {
    check("rust");
}

#[test]
fn examples_in_typescript() {
    check("typescript");
}

#[test]
fn examples_in_haskell() {
    check("haskell");
}

#[test]
fn examples_in_pascal() {
    check("pascal");
}

#[test]
fn examples_in_csharp() {
    check("csharp");
}

#[test]
fn examples_in_scala() {
    check("scala");
}

#[test]
fn examples_in_go() {
    check("go");
}

#[test]
fn examples_in_d() {
    check("d");
}

#[test]
fn examples_in_qml() {
    check("qml");
}

#[test]
fn every_entry_but_the_last_resort_has_an_example() {
    let catalogue = Catalogue::shipped();
    let without: Vec<&str> = catalogue
        .entries()
        .iter()
        .filter(|e: &&Entry| e.examples.is_empty())
        .map(|e| e.id.as_str())
        .collect();
    // No text of a program brings about trouble with files and linkers.
    assert_eq!(without, ["build-trouble", "other", "other-warning"]);
}
