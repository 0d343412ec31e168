//! Names of the library whose import, include or use is not there, or is misspelt.

use super::{Candidate, Case, respell::letters, weights as w};
use crate::edit::Edit;
use crate::lex::TokenKind;

pub(super) fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let mut names: Vec<&str> = Vec::new();
    names.extend(case.word("name"));
    names.push(lexed.word(case.token));
    if !case.asks("import") && case.phase > crate::catalogue::Phase::Name {
        return;
    }
    for token in line.clone() {
        names.push(lexed.word(token));
    }
    for (rank, name) in names.iter().enumerate() {
        let name = name.trim_start_matches("std::");
        for (path, _) in case.language().imports_of(name) {
            if imported(case, path) {
                continue;
            }
            let score = w::IMPORT - if rank < 2 { 0.0 } else { 2.0 };
            all.push(Candidate::new("missing-import", score, vec![import_line(case, path)]));
        }
        let opened = rank < 2 && standard_namespace(case, name);
        if opened {
            let edit = using_line(case);
            // One line for all of them, where several names lack it.
            let others = case
                .all
                .iter()
                .filter(|m| m.text.contains("std::") || m.text.contains("was not declared"))
                .count();
            all.push(Candidate::new(
                "missing-import",
                w::IMPORT + (others as f64 - 2.0).clamp(-2.0, 2.0),
                vec![edit],
            ));
            if let Some(at) = line.clone().find(|at| lexed.word(*at) == name) {
                let edit = case.insert(lexed.code[at].start, "std::");
                all.push(Candidate::new("missing-import", w::IMPORT - 0.5, vec![edit]));
            }
        }
    }
    misspelt_path(case, all);
}

fn imported(case: &Case, path: &str) -> bool {
    let lexed = case.lexed();
    let import = case.language().import;
    if case.language().directives {
        let wanted = format!("<{path}>");
        return lexed.code.iter().any(|token| {
            token.kind == TokenKind::Directive && lexed.text(token).contains(&wanted)
        });
    }
    let text = String::from_utf8_lossy(lexed.source.bytes());
    let (head, last) =
        path.rsplit_once("::").or_else(|| path.rsplit_once('.')).unwrap_or(("", path));
    let word = import.before;
    text.lines().map(str::trim).any(|line| {
        line.strip_prefix(word).is_some_and(|rest| {
            rest.starts_with(&format!("{path}{}", import.after))
                || rest.starts_with(&format!("{head}.*"))
                || (rest.starts_with(&format!("{head}::{{")) && rest.contains(last))
                || rest.starts_with(&format!("{head}::*"))
        })
    })
}

/// A new import goes among the others, in their order if they have one, else after the last; in a
/// file without any, after the opening comment.
fn import_line(case: &Case, path: &str) -> Edit {
    let import = case.language().import;
    let line = format!("{}{path}{}", import.before, import.after);
    insert_among(case, import.before, &line)
}

fn using_line(case: &Case) -> Edit {
    insert_among(case, "#include", "using namespace std;")
}

fn insert_among(case: &Case, start: &str, new: &str) -> Edit {
    let source = &case.lexed().source;
    let end = source.line_end_text();
    let others: Vec<u32> = (1..=source.line_count())
        .filter(|line| source.line_text(*line).trim_start().starts_with(start))
        .collect();
    if let Some(last) = others.last() {
        let texts: Vec<_> =
            others.iter().map(|line| source.line_text(*line).into_owned()).collect();
        // Includes have no order of their own; imports are mostly kept sorted.
        let few = if case.language().directives { 2 } else { 1 };
        let sorted = texts.len() >= few && texts.is_sorted();
        let before = others
            .iter()
            .zip(&texts)
            .find(|(_, text)| sorted && text.as_str() > new && new.starts_with(start));
        if let Some((line, _)) = before {
            return case.insert(source.line_start(*line), format!("{new}{end}"));
        }
        return case.insert(source.line_end(*last), format!("{end}{new}"));
    }
    let package = case.lexed().code.first().filter(|_| case.lexed().is(0, "package"));
    if let Some(package) = package {
        return case.insert(source.line_end(package.line), format!("{end}{end}{new}"));
    }
    let first = case.lexed().code.first().map_or(1, |token| token.line);
    if (1..first).all(|line| source.line_text(line).trim().is_empty()) && first > 1 {
        // The blank line that parted the imports from the rest is still there.
        return case.insert(source.text_start(), format!("{new}{end}"));
    }
    // A comment directly above the first definition belongs to it; one at the top to the file.
    case.insert(source.line_start(first), format!("{new}{end}{end}"))
}

/// C++ names of `std` that are used bare, in a file that does not open `std`.
fn standard_namespace(case: &Case, name: &str) -> bool {
    if case.language().id != "cpp" {
        return false;
    }
    let lexed = case.lexed();
    let opened = (0..lexed.code.len()).any(|at| {
        lexed.is(at, "using") && lexed.is(at + 1, "namespace") && lexed.is(at + 2, "std")
    });
    !opened
        && case
            .language()
            .imports_of(name)
            .any(|(path, _)| !path.starts_with('c') || path.len() < 2)
}

/// An import whose path is nearly one of the table's.
fn misspelt_path(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if case.language().directives {
        return;
    }
    let line = lexed.code[case.token].line;
    let range = lexed.on_line(line);
    let word = case.language().import.before.trim();
    if range.is_empty() || letters(lexed.word(range.start), word) > 2.0 {
        return;
    }
    let path_end = range.clone().rev().find(|at| lexed.kind(*at) == Some(TokenKind::Name));
    let (Some(first), Some(last)) = (range.clone().nth(1), path_end) else { return };
    if first > last {
        return;
    }
    let path: String = (first..=last).map(|at| lexed.word(at)).collect();
    let (start, end) = (lexed.code[first].start, lexed.code[last].end);
    for (known, _, _) in case.language().library {
        let apart = letters(&path, known);
        if known != &path && apart <= 3.0 {
            let edit = Edit::replace(case.file(), start, end, *known);
            all.push(Candidate::new(
                "misspelt-import",
                w::IMPORT + w::PER_LETTER * (apart - 1.0),
                vec![edit],
            ));
        }
    }
}
