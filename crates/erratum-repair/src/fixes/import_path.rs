//! What an import brings in, without its quotes: `fmt` for `"fmt"`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case, weights as w};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::language::ImportList;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::spelling::edit_distance;

/// What is brought in stands in quotes.
const IN_QUOTES: Factor = evidence("what is brought in stands in quotes", 7.0);

/// The library has nothing of that path.
const NOT_KNOWN: Factor = weight("the library has no such path", -2.0);

pub(super) static FAMILY: Family = Family {
    id: "import-path",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\nimport (\n\t\"fmt\"\n\tsort<|>\n)\n",
        message: "syntax error: missing import path",
        after: "package quay\n\nimport (\n\t\"fmt\"\n\t\"sort\"\n)\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !matches!(case.language().import_list, ImportList::Bracketed(_))
        || !case.message.text.contains("import path")
    {
        return;
    }
    // The compiler points behind the line.
    let line = case.message.line().unwrap_or(lexed.code[case.token].line);
    let item = lexed.on_line(line);
    let import = case.language().import.before.split_whitespace().next().unwrap_or("");
    let start = item.start + usize::from(lexed.is(item.start, import));
    let names = start..item.end;
    let path = names
        .clone()
        .all(|at| lexed.kind(at) == Some(TokenKind::Name) || matches!(lexed.word(at), "/" | "."));
    if names.is_empty() || !path {
        return;
    }
    let (from, to) = (lexed.code[names.start].start, lexed.code[names.end - 1].end);
    let written = lexed.source.slice(from, to).into_owned();
    let mut paths = vec![(written.clone(), 0.0)];
    let used = |name: &str| {
        let seen = case.text.names.seen.get(name);
        seen.is_some_and(|seen| seen.iter().any(|at| lexed.is(at + 1, ".")))
    };
    for (path, _, _) in case.language().library {
        let apart = edit_distance(&written, path);
        let name = path.rsplit('/').next().unwrap_or(path);
        let own = path.rsplit('/').next() == Some(written.as_str());
        if *path != written && (own || apart <= 1.5) && used(name) {
            paths.push(((*path).to_owned(), if own { 0.0 } else { apart }));
        }
    }
    let known = |path: &str| case.language().library.iter().any(|(known, _, _)| *known == path);
    for (path, apart) in paths {
        let name = path.rsplit('/').next().unwrap_or(&path);
        let score = IN_QUOTES
            + w::PER_LETTER * apart
            + w::SEEN.when(used(name))
            + NOT_KNOWN.when(!known(&path));
        let edit = Edit::replace(case.file(), from, to, format!("\"{path}\""));
        let quoted = Candidate::new(MistakeId::OpenString, score, vec![edit]);
        all.push(if path == written { quoted } else { quoted.guess() });
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    const SAID: &str = "syntax error: missing import path";

    #[test]
    fn a_path_that_stands_alone_gets_its_quotes() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nimport fmt<|>\n\nfunc go() {\n\tfmt.Println(3)\n}\n",
            SAID,
            "package quay\n\nimport \"fmt\"\n\nfunc go() {\n\tfmt.Println(3)\n}\n",
        );
    }

    #[test]
    fn the_name_that_the_text_uses_is_meant() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nimport (\n\tstring<|>\n)\n\nfunc go() string {\n\treturn strings.ToUpper(\"a\")\n}\n",
            SAID,
            "package quay\n\nimport (\n\t\"strings\"\n)\n\nfunc go() string {\n\treturn strings.ToUpper(\"a\")\n}\n",
        );
    }

    #[test]
    fn a_path_of_two_parts_stands_in_one_text() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nimport (\n\tmath/rand<|>\n)\n\nfunc go() int {\n\treturn rand.Intn(3)\n}\n",
            SAID,
            "package quay\n\nimport (\n\t\"math/rand\"\n)\n\nfunc go() int {\n\treturn rand.Intn(3)\n}\n",
        );
    }

    #[test]
    fn a_part_of_a_path_brings_the_whole() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nimport (\n\trand<|>\n)\n\nfunc go() int {\n\treturn rand.Intn(3)\n}\n",
            SAID,
            "package quay\n\nimport (\n\t\"math/rand\"\n)\n\nfunc go() int {\n\treturn rand.Intn(3)\n}\n",
        );
    }

    #[test]
    fn another_language_is_left() {
        check_no_fix(&FAMILY, "java", "import <|>java.util;\nclass Quay {}\n", "';' expected");
    }

    #[test]
    fn a_path_in_quotes_is_left() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nimport (\n\t\"fmt\"<|>;;\n)\n",
            "syntax error: missing import path; require quoted string",
        );
    }
}
