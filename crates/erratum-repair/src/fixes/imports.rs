//! Names of the library whose import, include or use is not there, or is misspelt.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case, weights as w};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::{MistakeId, Recipe};
use erratum_syntax::edit::Edit;
use erratum_syntax::language::ImportList;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;
use erratum_syntax::spelling::edit_distance;

/// A name of the line that the message does not name.
const ELSEWHERE_ON_LINE: Factor = weight("the message names another word", -2.0);
/// An import of nearly this path stands there.
const NEARLY_THERE: Factor = weight("the import is there, nearly", 2.0);
/// Each name that lacks it, from three on, up to four.
const LACKING_NAMES: Factor = weight("names that lack the same line", 1.0);
/// One line for all names is more usual.
/// The file names what is in the namespace with it.
const HABIT: Factor = weight("the file writes so elsewhere", 3.0);
/// A file that names each thing whole opens no namespace.
const NAMED_WHOLE: Factor = weight("the file names each thing whole", -3.0);
const ONE_NAME: Factor = weight("only this name", -0.5);
/// An entry of the list is hardly anything else.
const LISTED: Factor = weight("it stands in the list of imports", 1.0);
/// It is used as a type, and the file brings in others from there.
const BESIDE_OTHERS: Factor = evidence("a type beside others that the file brings in", 0.3);
/// A path without its quotes.
const BARE_PATH: Factor = weight("a path without quotes", 4.0);

pub(super) static FAMILY: Family = Family {
    id: "imports",
    recipes: &[Recipe::Import],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    <|>List<String> names;\n}\n",
        message: "cannot find symbol",
        after: "import java.util.List;\n\nclass Quay {\n    List<String> names;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let mut names: Vec<&str> = Vec::new();
    names.extend(case.word("name"));
    names.push(lexed.word(case.token));
    if !case.asks(Recipe::Import) && case.phase > erratum_catalogue::Phase::Name {
        return;
    }
    for token in line.clone() {
        names.push(lexed.word(token));
    }
    for (rank, name) in names.iter().enumerate() {
        let name = name.trim_start_matches("std::");
        // What the text declares itself is not of the library, unless the message says that it lacks.
        // A function of the text that the compiler does not know here is a member of something.
        let member = case.text.names.of(name).any(|d| d.kind == NameKind::Function);
        let named = rank == 0 && case.asks(Recipe::Import) && !member;
        // What is asked of the library by its path is of the library, whatever the text declares.
        let space = case.language().namespace;
        let of_space = !space.is_empty()
            && line.clone().any(|at| {
                at > 1 && lexed.is(at, name) && lexed.is(at - 1, "::") && lexed.is(at - 2, space)
            });
        if !named && !of_space && case.text.names.of(name).next().is_some() {
            continue;
        }
        for (path, _) in case.language().imports_of(name) {
            if imported(case, path) {
                continue;
            }
            let score = w::IMPORT + ELSEWHERE_ON_LINE.when(rank >= 2);
            if let Some(edit) = written_nearly(case, path) {
                all.push(Candidate::new(
                    MistakeId::MisspeltImport,
                    score.clone() + NEARLY_THERE,
                    vec![edit],
                ));
            }
            // Haskell: only the name that is wanted, as people mostly write it.
            let one = case.language().imports_names && !path.contains(' ');
            let path = if one { format!("{path} ({name})") } else { path.to_owned() };
            let edit = import(case, &path);
            // A line that stands there may lack its short name only.
            let replaces = edit.start != edit.end;
            let listed = !edit.text.contains('\n') && !replaces;
            let kind = if listed { MistakeId::UnlistedImport } else { MistakeId::MissingImport };
            let score = score
                + w::TOLD_IMPORT.when(told(case, edit.text.trim()))
                + BESIDE_OTHERS.when(beside_others(case, name, &path));
            let brings = Candidate::new(kind, score, vec![edit]);
            all.push(if replaces { brings.guess() } else { brings });
        }
        // `std:cout` has the name of the place already.
        let halved = line.clone().any(|at| {
            lexed.is(at, case.language().namespace)
                && lexed.is(at + 1, ":")
                && lexed.is(at + 2, name)
        });
        let opened = rank < 2 && !of_space && standard_namespace(case, name) && !halved;
        if opened {
            let edit = using_line(case);
            let namespace = case.language().namespace;
            let habit = case.text.names.seen.get(namespace).is_some_and(|seen| seen.len() > 1);
            // One line for all of them, where several names lack it.
            let others = case
                .all
                .iter()
                .filter(|m| m.text.contains("std::") || m.text.contains("was not declared"))
                .count();
            all.push(Candidate::new(
                MistakeId::MissingImport,
                w::IMPORT
                    + LACKING_NAMES * (others as f64 - 2.0).clamp(-2.0, 2.0)
                    + NAMED_WHOLE.when(habit),
                vec![edit],
            ));
            let bare = |at: &usize| lexed.word(*at) == name && lexed.before(*at) != "::";
            if let Some(at) = line.clone().find(bare) {
                let edit = case.insert(lexed.code[at].start, "std::");
                all.push(Candidate::new(
                    MistakeId::MissingPrefix,
                    w::IMPORT + ONE_NAME + HABIT.when(habit),
                    vec![edit],
                ));
            }
        }
    }
    misspelt_path(case, all);
}

/// Whether a name is used as a type, and the file brings in others from the same library.
fn beside_others(case: &Case, name: &str, path: &str) -> bool {
    let lexed = case.lexed();
    let Some((library, _)) = path.split_once('.') else { return false };
    let others = format!("{}{library}", case.language().import.before);
    let typed = |at: usize| {
        lexed.is(at, name) && (lexed.is(at + 1, "<") || at > 0 && lexed.before(at) == "new")
    };
    (0..lexed.code.len()).any(typed)
        && memchr::memmem::find(lexed.source.bytes(), others.as_bytes()).is_some()
}

/// Whether the compiler says that this line brings in what is missing, and names no other.
pub(super) fn told(case: &Case, line: &str) -> bool {
    let suggestions = &case.message.suggestions;
    let suggested = |text: &String| text.trim() == line;
    let noted = case.message.notes.iter().any(|note| note.text.contains(line));
    !line.is_empty() && noted
        || suggestions.len() == 1 && suggestions[0].parts.iter().any(|(_, text)| suggested(text))
}

/// The tokens of the list in which this language names all it brings in: between `import (` and `)`
/// in Go, between `uses` and `;` in Pascal.
fn list(case: &Case) -> Option<(usize, usize)> {
    let lexed = case.lexed();
    match case.language().import_list {
        ImportList::Bracketed(word) => {
            let open =
                (0..lexed.code.len()).find(|at| lexed.is(*at, word) && lexed.is(at + 1, "("))? + 1;
            let close = case.text.pairs.partner_of(open);
            let end = (open..lexed.code.len()).find(|at| lexed.is(*at, ")"));
            Some((open, close.or(end)?))
        }
        ImportList::Ended(word) => {
            let open = (0..lexed.code.len()).find(|at| lexed.is(*at, word))?;
            Some((open, (open..lexed.code.len()).find(|at| lexed.is(*at, ";"))?))
        }
        ImportList::None => None,
    }
}

/// What brings a path in: an entry of the list, a name in the brackets of an import that is there,
/// or a line of its own.
pub(super) fn import(case: &Case, path: &str) -> Edit {
    let lexed = case.lexed();
    let source = &lexed.source;
    match (case.language().import_list, list(case)) {
        (ImportList::Bracketed(_), Some((open, close))) => {
            let new = format!("\"{path}\"");
            let mut entries =
                (open + 1..close).filter(|at| lexed.kind(*at) == Some(TokenKind::Str));
            let after = entries.clone().find(|at| lexed.word(*at) > new.as_str());
            let (line, end) = (lexed.code[after.unwrap_or(close)].line, source.line_end_text());
            let indent = entries
                .next_back()
                .map_or("\t".to_owned(), |at| source.indent_text(lexed.code[at].line));
            case.insert(source.line_start(line), format!("{indent}{new}{end}"))
        }
        (ImportList::Ended(_), Some((_, end))) => {
            case.insert(case.end_before(end), format!(", {path}"))
        }
        (ImportList::Ended(word), None) => {
            // Behind the program's name and what the compiler is told.
            let name = (0..lexed.code.len()).find(|at| lexed.is(*at, ";")).unwrap_or(0);
            let first = lexed.code.get(name + 1).map_or(1, |token| token.line);
            let end = source.line_end_text();
            let before = source.line_start(first);
            case.insert(before, format!("{word}{end}  {path};{end}{end}"))
        }
        _ if case.language().imports_names => haskell_import(case, path),
        _ => import_line(case, path),
    }
}

/// Haskell: a name in the brackets of an import of the same module, or a line of its own.
fn haskell_import(case: &Case, path: &str) -> Edit {
    let lexed = case.lexed();
    if let Some((module, name)) = path.strip_suffix(')').and_then(|path| path.split_once(" (")) {
        for line in 1..=lexed.source.line_count() {
            let text = lexed.source.line_text(line).into_owned();
            let here = text.strip_prefix("import ").and_then(|rest| rest.strip_prefix(module));
            if here.is_some_and(|rest| rest.starts_with(" (") && text.ends_with(')')) {
                let at = lexed.source.line_end(line) - 1;
                return case.insert(at, format!(", {name}"));
            }
        }
    }
    let source = &lexed.source;
    // `import Data.Map` above `M.empty`: the line that is there lacks the short name.
    if let Some((module, _)) =
        path.strip_prefix("qualified ").and_then(|path| path.split_once(" as "))
    {
        let plain = [format!("import {module}"), format!("import qualified {module}")];
        let there = (1..=source.line_count())
            .find(|line| plain.iter().any(|plain| source.line_text(*line).trim_end() == plain));
        if let Some(line) = there {
            let (start, end) = (source.line_start(line), source.line_end(line));
            return Edit::replace(case.file(), start, end, format!("import {path}"));
        }
    }
    let any = (1..=source.line_count()).any(|line| source.line_text(line).starts_with("import "));
    let header = (0..lexed.code.len()).find(|at| lexed.is(*at, "where"));
    match header.filter(|_| !any && lexed.is(0, "module")) {
        Some(at) => {
            let end = source.line_end_text();
            let line = lexed.code[at].line;
            case.insert(source.line_end(line), format!("{end}{end}import {path}"))
        }
        None => import_line(case, path),
    }
}

pub(super) fn imported(case: &Case, path: &str) -> bool {
    let lexed = case.lexed();
    let import = case.language().import;
    if let Some((open, close)) = list(case) {
        return (open..close).any(|at| lexed.word(at).trim_matches('"').eq_ignore_ascii_case(path));
    }
    if case.language().imports_names {
        let module = path.split(" (").next().unwrap_or(path);
        let text = String::from_utf8_lossy(lexed.source.bytes());
        return text.lines().any(|line| {
            let rest = line.strip_prefix("import ").and_then(|rest| rest.strip_prefix(module));
            // All of the module, without a list.
            rest.is_some_and(|rest| rest.trim().is_empty())
        });
    }
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
            let whole = rest.strip_prefix(path).is_some_and(|rest| {
                rest.starts_with(import.after)
                    && !(import.after.is_empty() && rest.starts_with(char::is_alphanumeric))
            });
            whole
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
        // `using System;` stands before `using System.Text;`.
        let bare = |text: &str| text.trim_end_matches(';').to_owned();
        let before = others
            .iter()
            .zip(&texts)
            .find(|(_, text)| sorted && bare(text) > bare(new) && new.starts_with(start));
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
    if first > 1 && source.line_text(1).trim().is_empty() {
        // The blank line that parted the imports from the rest is still there.
        return case.insert(source.text_start(), format!("{new}{end}"));
    }
    // A comment directly above the first definition belongs to it; one at the top to the file.
    case.insert(source.line_start(first), format!("{new}{end}{end}"))
}

/// C++ names of `std` that are used bare, in a file that does not open `std`.
pub(super) fn standard_namespace(case: &Case, name: &str) -> bool {
    let namespace = case.language().namespace;
    if namespace.is_empty() {
        return false;
    }
    let lexed = case.lexed();
    let opened = (0..lexed.code.len()).any(|at| {
        lexed.is(at, "using") && lexed.is(at + 1, "namespace") && lexed.is(at + 2, namespace)
    });
    !opened
        && case
            .language()
            .imports_of(name)
            .any(|(path, _)| !path.starts_with('c') || path.len() < 2)
}

/// An import that names nearly this path, and no path that is known: the path is written right.
fn written_nearly(case: &Case, path: &str) -> Option<Edit> {
    let source = &case.lexed().source;
    let import = case.language().import;
    if case.language().directives || import.before.is_empty() {
        return None;
    }
    let known = |written: &str| case.language().library.iter().any(|(path, ..)| *path == written);
    (1..=source.line_count()).find_map(|line| {
        let text = source.line_text(line).into_owned();
        let rest = text.strip_prefix(import.before)?;
        let ends = |c: char| c.is_whitespace() || matches!(c, ';' | '"' | '(');
        let written = rest.split(ends).next()?;
        let near = written != path && edit_distance(written, path) <= 2.5 && !known(written);
        let start = source.line_start(line) + import.before.len();
        near.then(|| Edit::replace(case.file(), start, start + written.len(), path))
    })
}

/// An import whose path is nearly one of the table's.
fn misspelt_path(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if case.language().directives {
        return;
    }
    let line = lexed.code[case.token].line;
    let range = lexed.on_line(line);
    let word = case.language().import.before.trim_matches([' ', '"']);
    let listed = list(case).is_some_and(|(open, close)| (open..=close).contains(&case.token));
    if range.is_empty() || (edit_distance(lexed.word(range.start), word) > 2.0 && !listed) {
        return;
    }
    if misspelt_entry(case, all) {
        return;
    }
    let path_end = range.clone().rev().find(|at| lexed.kind(*at) == Some(TokenKind::Name));
    let (Some(first), Some(last)) = (range.clone().nth(1), path_end) else { return };
    if first > last {
        return;
    }
    let path: String = (first..=last).map(|at| lexed.word(at)).collect();
    // `import qualified Data.Map as Map`, `import Data.List (sort)`: the path ends before the rest.
    let haskell = case.language().imports_names;
    let first = if haskell && lexed.is(first, "qualified") { first + 1 } else { first };
    let last = (first..=last)
        .take_while(|at| {
            !haskell || lexed.is(*at, ".") || lexed.word(*at).starts_with(char::is_uppercase)
        })
        .last()
        .unwrap_or(first);
    let path: String =
        if haskell { (first..=last).map(|at| lexed.word(at)).collect() } else { path };
    // Half of a list is no path.
    if path.contains('{') {
        return;
    }
    let (start, end) = (lexed.code[first].start, lexed.code[last].end);
    let mut seen: Vec<&str> = Vec::new();
    for (known, _, _) in case.language().library {
        let known = known.trim_start_matches("qualified ");
        let known = if haskell { known.split(' ').next().unwrap_or(known) } else { known };
        if seen.contains(&known) {
            continue;
        }
        seen.push(known);
        let apart = edit_distance(&path, known);
        if known != path && apart <= 3.0 {
            let edit = Edit::replace(case.file(), start, end, known);
            all.push(Candidate::new(
                MistakeId::MisspeltImport,
                w::IMPORT + w::PER_LETTER * (apart - 1.0),
                vec![edit],
            ));
        }
    }
}

/// Go and Pascal: an entry of the list, or a path in quotes, that is nearly one of the library's.
fn misspelt_entry(case: &Case, all: &mut Vec<Candidate>) -> bool {
    let lexed = case.lexed();
    let go = matches!(case.language().import_list, ImportList::Bracketed(_));
    if case.language().import_list == ImportList::None {
        return false;
    }
    // The compiler may point at the end of the list.
    let (from, to) = list(case).unwrap_or((case.token, case.token));
    let wanted = if go { TokenKind::Str } else { TokenKind::Name };
    let line = lexed.on_line(lexed.code[case.token].line);
    let entries = (from.min(line.start)..=to.max(line.end.saturating_sub(1)))
        .filter(|at| lexed.kind(*at) == Some(wanted));
    let named = case.word("name").map(|name| name.trim_matches('"').to_owned());
    for at in entries {
        let text = lexed.text(&lexed.code[at]);
        let path = text.trim_matches('"');
        if named.as_ref().is_some_and(|named| !named.eq_ignore_ascii_case(path)) {
            continue;
        }
        let mut known: Vec<&str> =
            case.language().library.iter().map(|(path, _, _)| *path).collect();
        known.dedup();
        for known in known.into_iter().filter(|known| !known.eq_ignore_ascii_case(path)) {
            let apart = edit_distance(&path.to_lowercase(), &known.to_lowercase());
            if apart <= 2.5 {
                let new = if go { format!("\"{known}\"") } else { known.to_owned() };
                let score = w::IMPORT + LISTED + w::PER_LETTER * (apart - 1.0);
                all.push(Candidate::new(
                    MistakeId::MisspeltImport,
                    score,
                    vec![case.replace_token(at, new)],
                ));
            }
        }
    }
    // A path that lost its quotes.
    if go && lexed.kind(case.token) == Some(TokenKind::Name) {
        let (first, last) = (line.start, line.end.saturating_sub(1));
        let start = if lexed.is(first, "import") { first + 1 } else { first };
        if start <= last && !(start..=last).any(|at| lexed.kind(at) == Some(TokenKind::Str)) {
            let edits = vec![
                case.insert(lexed.code[start].start, "\""),
                case.insert(lexed.code[last].end, "\""),
            ];
            all.push(Candidate::new(MistakeId::TextAsString, BARE_PATH, edits));
        }
    }
    true
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn rust_brings_a_type_in() {
        check_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    let t: <|>HashMap<i32, i32>;\n}\n",
            "[E0412] cannot find type `HashMap` in this scope",
            "use std::collections::HashMap;\n\nfn main() {\n    let t: HashMap<i32, i32>;\n}\n",
        );
    }

    #[test]
    fn go_adds_an_entry_to_its_list() {
        check_fix(
            &FAMILY,
            "go",
            "package main\n\nimport (\n	\"fmt\"\n)\n\nfunc main() {\n	fmt.Println(<|>strings.ToUpper(\"a\"))\n}\n",
            "undefined: strings",
            "package main\n\nimport (\n	\"fmt\"\n	\"strings\"\n)\n\nfunc main() {\n	fmt.Println(strings.ToUpper(\"a\"))\n}\n",
        );
    }

    #[test]
    fn pascal_adds_a_unit_to_its_list() {
        check_fix(
            &FAMILY,
            "pascal",
            "program quay;\nuses Math;\nbegin\n  writeln(<|>IntToStr(3));\nend.\n",
            "Identifier not found \"IntToStr\"",
            "program quay;\nuses Math, SysUtils;\nbegin\n  writeln(IntToStr(3));\nend.\n",
        );
    }

    #[test]
    fn haskell_imports_the_name_that_is_wanted() {
        check_fix(
            &FAMILY,
            "haskell",
            "main :: IO ()\nmain = print (<|>sort [2, 1])\n",
            "Variable not in scope: sort :: [a0] -> t0",
            "import Data.List (sort)\n\nmain :: IO ()\nmain = print (sort [2, 1])\n",
        );
    }

    #[test]
    fn a_misspelt_path_is_written_right() {
        check_fix(
            &FAMILY,
            "java",
            "import java.utl.<|>List;\nclass Quay {\n    List<String> names;\n}\n",
            "package java.utl does not exist",
            "import java.util.List;\nclass Quay {\n    List<String> names;\n}\n",
        );
    }

    #[test]
    fn an_import_that_is_there_is_not_made_again() {
        check_no_fix(
            &FAMILY,
            "java",
            "import java.util.List;\nclass Quay {\n    <|>List<String> names;\n}\n",
            "cannot find symbol",
        );
    }

    #[test]
    fn a_name_that_the_text_declares_is_not_of_the_library() {
        check_no_fix(
            &FAMILY,
            "c",
            "int berths(int quays) {\n    int free = quays * 4\n    <|>return free;\n}\n",
            "expected ',' or ';' before 'return'",
        );
        check_no_fix(
            &FAMILY,
            "c",
            "int berths(int quays) {\n    int free = quays *<|>;\n    return free;\n}\n",
            "expected expression before ';' token",
        );
    }

    #[test]
    fn what_is_asked_by_its_path_is_of_the_library() {
        check_fix(
            &FAMILY,
            "cpp",
            "#include <vector>\nstruct Plan {\n    std::vector<int> all;\n    void sort() { std::<|>sort(all.begin(), all.end()); }\n};\n",
            "'sort' is not a member of 'std'; did you mean 'qsort'?",
            "#include <vector>\n#include <algorithm>\nstruct Plan {\n    std::vector<int> all;\n    void sort() { std::sort(all.begin(), all.end()); }\n};\n",
        );
    }

    #[test]
    fn a_name_that_no_library_has_brings_nothing() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    <|>Lighthouse beam;\n}\n",
            "cannot find symbol",
        );
    }
}
