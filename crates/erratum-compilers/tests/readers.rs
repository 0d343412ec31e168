//! The readers of text, held against what real compilers print on planted mistakes: every line that
//! starts a message is read as one, in order, with its place; and where a compiler has an interface
//! for machines, both say the same.

mod support;

use erratum_compilers::{Kind, Limits, Project, Session, Toolbox};
use erratum_repair::message::{Message, Severity};
use erratum_repair::plant::{KINDS, plant};
use erratum_repair::read;
use erratum_repair::search::{Compile, Depth};
use erratum_syntax::language;
use erratum_syntax::source::{Program, Source};
use std::path::{Path, PathBuf};
use std::process::Command;
use support::have;

/// At least this many outputs are read for each compiler.
const OUTPUTS: usize = 25;

/// Some programs with one planted mistake each.
fn wrong_programs(id: &str, file: &str) -> Vec<Source> {
    let language = language::by_id(id).unwrap();
    let samples = Path::new(env!("CARGO_MANIFEST_DIR")).join("../erratum-learn/programs").join(id);
    let text = std::fs::read(samples.join(file)).unwrap();
    let source = Source::new(file, text);
    let slips = KINDS.iter().filter(|slip| slip.fits(language));
    slips
        .flat_map(|slip| (0..2).filter_map(|seed| plant(&source, language, slip, seed)))
        .map(|planted| planted.source)
        .collect()
}

/// What a compiler prints on a program, on both outputs.
fn printed(id: &str, source: &Source) -> String {
    let folder = tempfile::tempdir().unwrap();
    std::fs::write(folder.path().join(source.name()), source.bytes()).unwrap();
    let table = language::by_id(id).unwrap();
    let found = Toolbox::default().find(table, None).unwrap();
    let kind: &Kind = found.kind;
    let mut arguments = kind.arguments(Depth::Full, Path::new("."));
    if kind.name == "mcs" {
        arguments.push("-target:exe".to_owned());
    }
    let output = Command::new(&found.path)
        .args(arguments)
        .arg(source.name())
        .current_dir(folder.path())
        .env("LC_ALL", "C.UTF-8")
        .output()
        .unwrap();
    let text = [output.stdout, b"\n".to_vec(), output.stderr].concat();
    String::from_utf8_lossy(&text).into_owned()
}

/// Holds what is read against the lines that `starts` takes for the start of a message: it gives
/// the line's number and column.
fn check(id: &str, file: &str, starts: fn(&str, &str) -> Option<(u32, u32)>) {
    if !have(id) {
        return;
    }
    let mut outputs = 0;
    for source in wrong_programs(id, file) {
        let text = printed(id, &source);
        let wanted: Vec<(u32, u32)> =
            text.lines().filter_map(|line| starts(line, source.name())).collect();
        let read = read::read(text.as_bytes()).messages;
        let places = |m: &Message| m.at.as_ref().map(|at| (at.line, at.column));
        let mut found = Vec::new();
        for message in &read {
            found.extend(vec![places(message).unwrap_or((0, 0)); 1]);
        }
        let mut once = wanted.clone();
        once.dedup();
        found.dedup();
        assert_eq!(found, once, "{id}:\n{text}");
        assert!(read.iter().all(|m| !m.text.trim().is_empty()), "{id}:\n{text}");
        outputs += usize::from(!wanted.is_empty());
    }
    assert!(outputs >= OUTPUTS, "{id}: only {outputs} outputs");
}

fn two(text: &str, between: char) -> Option<(u32, u32)> {
    let (line, column) = text.split_once(between)?;
    Some((line.parse().ok()?, column.parse().ok()?))
}

#[test]
fn lines_of_fpc() {
    check("pascal", "berths.pas", |line, file| {
        let rest = line.strip_prefix(file)?.strip_prefix('(')?;
        let (numbers, rest) = rest.split_once(") ")?;
        let word = rest.split(':').next()?;
        let graded = matches!(word, "Error" | "Fatal" | "Warning" | "Hint" | "Note");
        let remark = rest.contains("Found declaration") || rest.contains("already defined in");
        let count = rest.contains("errors compiling module");
        if graded && !remark && !count { two(numbers, ',') } else { None }
    });
}

#[test]
fn lines_of_mcs() {
    check("csharp", "Bookings.cs", |line, file| {
        let (numbers, rest) = line.strip_prefix(file)?.strip_prefix('(')?.split_once("): ")?;
        if rest.starts_with("error") || rest.starts_with("warning") {
            // The end of the file stands in column 0; places count from 1.
            two(numbers, ',').map(|(line, column)| (line, column.max(1)))
        } else {
            None
        }
    });
}

#[test]
fn lines_of_ghc() {
    check("haskell", "Bookings.hs", |line, file| {
        let rest = line.strip_prefix(file)?.strip_prefix(':')?;
        if let Some(span) = rest.strip_prefix('(') {
            return two(span.split_once(')')?.0, ',');
        }
        let mut numbers = rest.split([':', '-']);
        Some((numbers.next()?.parse().ok()?, numbers.next()?.parse().ok()?))
    });
}

#[test]
fn lines_of_go() {
    check("go", "bookings.go", |line, file| {
        let rest = line.strip_prefix("./").unwrap_or(line).strip_prefix(file)?.strip_prefix(':')?;
        let mut numbers = rest.splitn(3, ':');
        let place = (numbers.next()?.parse().ok()?, numbers.next()?.parse().ok()?);
        (!numbers.next()?.contains("too many errors")).then_some(place)
    });
}

/// The text of a compiler against its interface for machines.
fn same(id: &str, file: &str) {
    if !have(id) {
        return;
    }
    let table = language::by_id(id).unwrap();
    let (mut outputs, mut before): (usize, Option<Session>) = (0, None);
    // Starting the compiler again and again takes long: every third is enough.
    for source in wrong_programs(id, file).into_iter().step_by(3).take(OUTPUTS + 3) {
        let text = printed(id, &source);
        let from_text = read::read(text.as_bytes()).messages;
        let folder = tempfile::tempdir().unwrap();
        let path = folder.path().join(source.name());
        std::fs::write(&path, source.bytes()).unwrap();
        let project = Project::open(std::slice::from_ref(&path), None).unwrap();
        let found = Toolbox::default().find(table, None).unwrap();
        let mut session = Session::new(project, found, Limits::default()).unwrap();
        if let Some(before) = &mut before {
            session.adopt(before);
        }
        let program = Program::single(Source::new(path_name(&path), source.bytes()));
        let report = session.compile(&[program], Depth::Full).remove(0).unwrap();
        let key = |m: &Message| {
            (m.severity, m.text.clone(), m.at.as_ref().map(|at| (at.line, at.column)))
        };
        let errors = |all: &[Message]| -> Vec<_> {
            all.iter().filter(|m| m.severity == Severity::Error).map(key).collect()
        };
        assert_eq!(errors(&from_text), errors(&report.messages), "{id}:\n{text}");
        outputs += usize::from(!from_text.is_empty());
        before = Some(session);
    }
    assert!(outputs >= 12, "{id}: only {outputs} outputs");
}

fn path_name(path: &Path) -> String {
    let name: PathBuf = path.file_name().map(PathBuf::from).unwrap_or_default();
    name.display().to_string()
}

#[test]
fn text_and_interface_of_tsc_agree() {
    same("typescript", "bookings.ts");
}
