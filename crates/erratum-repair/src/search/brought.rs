//! Parts of the library that are asked for and not there. Most compilers stop at one, so it is switched off to see
//! what stands behind it; what it would have brought is unknown then, and nothing of the program is wrong there.

use super::stretch::Stretch;
use crate::fixes::Case;
use erratum_syntax::language::ImportList;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::spelling::edit_distance_within;
use erratum_syntax::text::Text;

/// How many tokens before the reported place an import may begin.
const REACH: usize = 40;

/// What an import would have brought.
pub(super) enum Brought {
    /// These names.
    Names(Vec<String>),
    /// Names that the import does not tell, and the names that are known without it.
    Any(Vec<String>),
}

/// Where an import stands.
pub(super) struct Import {
    /// The tokens that may be switched off: one entry of a list, with its comma, or the whole.
    pub first: usize,
    pub last: usize,
    /// The tokens that name what is asked for.
    named: (usize, usize),
}

/// The import that a message points into.
pub(super) fn import_at(case: &Case) -> Option<Import> {
    let lexed = &case.text.lexed;
    let line = case.message.line()?;
    let tokens = lexed.on_line(line);
    let there = tokens.is_empty() || tokens.contains(&case.token);
    let token = if there { case.token } else { tokens.start };
    if lexed.kind(token) == Some(TokenKind::Directive) {
        let text = lexed.text(&lexed.code[token]);
        let include = text.trim_start_matches(['#', ' ']).starts_with("include");
        return include.then_some(Import { first: token, last: token, named: (token, token) });
    }
    if let ImportList::Ended(list) = lexed.language.import_list
        && let Some(head) = (0..=token).rev().take(REACH).find(|at| lexed.is(*at, list))
    {
        return listed(case, head, token);
    }
    // Entries in brackets stand on lines of their own.
    if let ImportList::Bracketed(list) = lexed.language.import_list
        && let Some(open) = case.text.pairs.inside_of(token)
        && lexed.before(open) == list
    {
        let last = tokens.end.checked_sub(1)?;
        return Some(Import { first: tokens.start, last, named: (tokens.start, last) });
    }
    let before = lexed.language.import.before.split(' ').next().unwrap_or("");
    let is_import =
        |at: usize| lexed.is(at, "import") || !before.is_empty() && lexed.is(at, before);
    // From a line of a list to the line on which its bracket opens.
    let (mut at, mut end) = (token, token);
    loop {
        let line = lexed.on_line(lexed.code.get(at)?.line);
        if is_import(line.start) {
            let last = lexed.on_line(lexed.code.get(end)?.line).end.checked_sub(1)?;
            return Some(Import { first: line.start, last, named: (line.start + 1, last) });
        }
        let closes = case.text.pairs.partner_of(line.start).filter(|open| *open < line.start);
        let open = closes.or_else(|| case.text.pairs.inside_of(at)).filter(|open| *open < at)?;
        end = end.max(case.text.pairs.partner_of(open)?);
        at = open;
    }
}

/// The entry of a list around a token, with the comma that parts it from another.
fn listed(case: &Case, head: usize, token: usize) -> Option<Import> {
    let lexed = &case.text.lexed;
    let end = (head..lexed.code.len()).find(|at| lexed.is(*at, lexed.language.terminator))?;
    // A compiler may point at the end of the statement: the entry that it names counts.
    let named = (head + 1..end).find(|at| {
        let word = lexed.word(*at);
        word.len() > 1
            && case
                .message
                .text
                .split(|c: char| !c.is_alphanumeric() && c != '_')
                .any(|said| lexed.language.same_name(said, word))
    });
    let at = named.or((head < token && token < end).then_some(token))?;
    let (first, last) = match () {
        () if lexed.is(at - 1, ",") => (at - 1, at),
        () if lexed.is(at + 1, ",") => (at, at + 1),
        () => (head, end),
    };
    Some(Import { first, last, named: (at, at) })
}

impl Import {
    /// The part of the text to switch off.
    pub fn stretch(&self) -> Stretch {
        Stretch::of(self.first, self.last)
    }

    /// What it would have brought.
    pub fn brings(&self, text: &Text) -> Brought {
        let (lexed, (from, to)) = (&text.lexed, self.named);
        let name = |at: &usize| lexed.kind(*at) == Some(TokenKind::Name);
        let word = |at: usize| lexed.word(at).to_owned();
        let list = (from..=to).find(|at| matches!(lexed.word(*at), "(" | "{"));
        if let Some(open) = list {
            return Brought::Names((open..=to).filter(name).map(word).collect());
        }
        let all = (from..=to).any(|at| matches!(lexed.word(at), "*" | "_"));
        let last = (from..=to)
            .rev()
            .find(name)
            .or(((from..=to).rev()).find(|at| lexed.kind(*at) == Some(TokenKind::Str)));
        // A package of Java, a path of Rust, a package of Go bring what they end with.
        let language = lexed.language;
        let by_name = !language.imports_all.is_empty() || language.borrows;
        let by_name = by_name && !all || language.receivers;
        if let Some(last) = last.filter(|_| by_name) {
            let end = lexed.word(last).trim_matches(['"', '`']);
            return Brought::Names(vec![end.rsplit('/').next().unwrap_or(end).to_owned()]);
        }
        let own = text.names.declared.iter().map(|declared| word(declared.token));
        let known = lexed.language.known_names().map(|(name, _)| name.to_owned());
        Brought::Any(own.chain(known).collect())
    }
}

impl Brought {
    /// Whether an unknown name may be one that it would have brought.
    pub fn may_bring(&self, name: &str) -> bool {
        match self {
            // The import may misspell what is spelt right where it is used.
            Brought::Names(names) => {
                names.iter().any(|one| one.eq_ignore_ascii_case(name) || is_nearly(name, one))
            }
            // What is nearly a known name is rather a slip.
            Brought::Any(known) => !known.iter().any(|one| is_nearly(name, one)),
        }
    }
}

/// Whether two names are one, or one is probably a slip of the other.
fn is_nearly(name: &str, other: &str) -> bool {
    let most = match name.len() {
        0..3 => 0.0,
        3..=5 => 1.0,
        _ => 2.0,
    };
    name == other || edit_distance_within(name, other, most).is_some()
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::fixes::testing::with_case;

    fn import(language: &str, marked: &str) -> Option<String> {
        let mut found = None;
        with_case(language, marked, "could not find it", |case| {
            let lexed = &case.text.lexed;
            found = import_at(case).map(|import| {
                let (from, to) = (lexed.code[import.first].start, lexed.code[import.last].end);
                lexed.source.slice(from, to).into_owned()
            });
        });
        found
    }

    #[test]
    fn an_import_is_the_one_that_is_pointed_at() {
        let text = "import { moor,\n  tie\n} from <|>\"harbour\";\nconst berth = 3;\n";
        assert_eq!(
            import("typescript", text).unwrap(),
            "import { moor,\n  tie\n} from \"harbour\";"
        );
        let text = "use harbour::{\n    <|>Moor,\n    Tie,\n};\nfn main() {}\n";
        assert_eq!(import("rust", text).unwrap(), "use harbour::{\n    Moor,\n    Tie,\n};");
        let text = "package quay\n\nimport (\n\t\"fmt\"\n\t<|>\"harbour/tools\"\n)\n";
        assert_eq!(import("go", text).unwrap(), "\"harbour/tools\"");
        let text = "program quay;\nuses SysUtils, <|>HarbourTools;\nbegin\nend.\n";
        assert_eq!(import("pascal", text).unwrap(), ", HarbourTools");
    }

    #[test]
    fn what_follows_an_import_is_none() {
        for (language, text) in [
            ("haskell", "module Quay where\nimport Data.List\n\nberth :: Int\nberth = <|>low\n"),
            ("scala", "import harbour.Moor\nobject Quay {\n  val berth = <|>low\n}\n"),
            ("go", "package quay\n\nimport \"fmt\"\n\nfunc go() {\n\tfmt.Println(<|>low)\n}\n"),
            ("typescript", "import { moor } from \"harbour\"\nmoor(<|>low)\n"),
            ("c", "#include <stdio.h>\nint berth = <|>low;\n"),
            ("pascal", "program quay;\nuses SysUtils;\nbegin\n  writeln(<|>low);\nend.\n"),
        ] {
            assert_eq!(import(language, text), None, "{language}");
        }
    }

    #[test]
    fn what_is_brought_is_told_by_the_import_or_not() {
        let brings = |language: &str, marked: &str, name: &str| {
            let mut told = false;
            with_case(language, marked, "could not find it", |case| {
                told = import_at(case).is_some_and(|one| one.brings(&case.text).may_bring(name));
            });
            told
        };
        let java = "import harbour.<|>tools.Moor;\nclass Quay {\n    int berth;\n}\n";
        assert!(brings("java", java, "Moor") && !brings("java", java, "Tie"));
        let all = "import harbour.<|>tools.*;\nclass Quay {\n    int berth;\n}\n";
        assert!(brings("java", all, "Moor") && !brings("java", all, "bertj"));
        assert!(brings("go", "package quay\n\nimport <|>\"harbour/tools\"\n", "tools"));
        let listed = "module Quay where\nimport <|>Harbour (moor, tieup)\n";
        assert!(["moor", "tieUp", "Moor"].iter().all(|name| brings("haskell", listed, name)));
        assert!(!brings("haskell", listed, "sail"));
    }
}
