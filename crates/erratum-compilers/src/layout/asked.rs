//! What a text asks for: the headers, modules and packages that it names.

use erratum_syntax::language::{Asks, Language, Modules};
use std::path::PathBuf;

/// One file that a text asks for.
#[derive(Clone, Debug, PartialEq, Eq)]
pub(super) struct Ask {
    /// Its path from somewhere, without its ending if it is named so.
    pub path: PathBuf,
    /// Whether the path is meant from the folder of the text.
    pub from_here: bool,
    /// Whether it is named by its path, with its ending.
    pub by_path: bool,
    /// Whether any file in this folder answers.
    pub folder: bool,
    /// Whether upper and lower case are the same.
    pub any_case: bool,
    /// Endings that the path may lack.
    pub endings: &'static [&'static str],
}

/// All that a text asks for.
pub(super) fn of(language: &Language, text: &str) -> Vec<Ask> {
    match language.projects.asks {
        Asks::Nothing | Asks::Below(..) => Vec::new(),
        Asks::Included(word) => included(text, word),
        Asks::Relative(endings) => relative(text, endings),
        Asks::Modules(modules) => named(text, modules, language.extensions),
    }
}

fn included(text: &str, word: &str) -> Vec<Ask> {
    let path = |line: &str| {
        let rest = line.trim_start().strip_prefix('#')?.trim_start().strip_prefix(word)?;
        let rest = rest.trim_start();
        let close = match rest.as_bytes().first()? {
            b'"' => '"',
            b'<' => '>',
            _ => return None,
        };
        let (path, _) = rest.get(1..)?.split_once(close)?;
        // A header of the library of C++ has no ending.
        (path.contains('.') && !path.starts_with('/')).then(|| path.to_owned())
    };
    let ask = |path: String| Ask {
        from_here: path.starts_with("../"),
        path: path.into(),
        by_path: true,
        folder: false,
        any_case: false,
        endings: &[],
    };
    text.lines().filter_map(path).map(ask).collect()
}

fn relative(text: &str, endings: &'static [&'static str]) -> Vec<Ask> {
    let mut all = Vec::new();
    for line in text.lines() {
        if !["from", "import", "require"].iter().any(|word| line.contains(word)) {
            continue;
        }
        for quote in ['"', '\''] {
            let Some(path) = line.split(quote).nth(1) else { continue };
            if path.starts_with("./") || path.starts_with("../") {
                all.push(Ask {
                    path: path.into(),
                    from_here: true,
                    by_path: false,
                    folder: false,
                    any_case: false,
                    endings,
                });
            }
        }
    }
    all
}

fn named(text: &str, modules: &Modules, endings: &'static [&'static str]) -> Vec<Ask> {
    let mut all = Vec::new();
    for name in names(text, modules) {
        let folder = name.ends_with('.');
        let parts: Vec<&str> = name.split('.').filter(|part| !part.is_empty()).collect();
        let fewest = parts.len().saturating_sub(modules.within).max(1);
        // `import static harbour.Tide.LOW` is answered by the file of `harbour.Tide`.
        for many in (fewest..=parts.len()).rev() {
            let path = PathBuf::from(parts[..many].join(modules.gap));
            all.push(Ask {
                path,
                from_here: false,
                by_path: false,
                folder: folder && many == parts.len(),
                any_case: modules.any_case,
                endings,
            });
        }
    }
    all
}

/// The names behind the word, with the dot in front of `*`.
fn names(text: &str, modules: &Modules) -> Vec<String> {
    let is_part = |c: char| c.is_alphanumeric() || matches!(c, '_' | '.' | '\'');
    let name = |text: &str| {
        let mut words = text.split_whitespace().skip_while(|word| modules.between.contains(word));
        let word = words.next().unwrap_or("");
        let end = word.find(|c| !is_part(c)).unwrap_or(word.len());
        word[..end].to_owned()
    };
    let mut all = Vec::new();
    let mut lines = text.lines();
    while let Some(line) = lines.next() {
        let Some(rest) = behind(line, modules.word, modules.any_case) else { continue };
        if !modules.list {
            all.push(name(rest));
            continue;
        }
        let mut list = rest.to_owned();
        while !list.contains(';') {
            let Some(next) = lines.next() else { break };
            list.push(' ');
            list.push_str(next);
        }
        let list = list.split(';').next().unwrap_or("");
        all.extend(list.split(',').map(name));
    }
    all.retain(|name| !name.is_empty());
    all
}

/// What stands behind a word with which a line starts.
fn behind<'a>(line: &'a str, word: &str, any_case: bool) -> Option<&'a str> {
    let line = line.trim_start();
    let (head, rest) = line.split_at_checked(word.len())?;
    let same = if any_case { head.eq_ignore_ascii_case(word) } else { head == word };
    (same && rest.chars().next().is_none_or(char::is_whitespace)).then_some(rest)
}

/// The parts of the package that a text says it belongs to.
pub(super) fn package(text: &str, word: &str) -> Vec<String> {
    let rest = text.lines().find_map(|line| behind(line, word, false)).unwrap_or("");
    let rest = rest.trim_start();
    let end =
        rest.find(|c: char| !(c.is_alphanumeric() || matches!(c, '_' | '.'))).unwrap_or(rest.len());
    rest[..end].split('.').filter(|part| !part.is_empty()).map(str::to_owned).collect()
}

/// Whether a text imports a package of its own module.
pub(super) fn below(text: &str, module: &str) -> bool {
    let own = |path: &str| path.strip_prefix(module).is_some_and(|rest| rest.starts_with('/'));
    text.lines().any(|line| {
        let path = line.split('"').nth(1);
        path.is_some_and(own) && !line.trim_start().starts_with("//")
    })
}
