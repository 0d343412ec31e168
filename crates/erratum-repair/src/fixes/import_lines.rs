//! Several imports behind one word: `import "fmt", "strings"`, `import java.util.List, java.util.Map;`; and a
//! list of names that are parted by another mark: `import scala.util.{Try; Success}`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::language::ImportList;
use erratum_syntax::lex::TokenKind;

/// Each import has its own line.
const OWN_LINES: Factor = evidence("each import has its own line", 7.0);

/// The names of an import are parted by commas.
const PARTED: Factor = evidence("the names of an import are parted by commas", 9.5);

pub(super) static FAMILY: Family = Family {
    id: "import-lines",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "import java.util.List<|>, java.util.Map;\nclass Quay {}\n",
        message: "';' expected",
        after: "import java.util.List;\nimport java.util.Map;\nclass Quay {}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    let word = language.import.before.split_whitespace().next().unwrap_or_default();
    let line = lexed.on_line(lexed.code[case.token].line);
    if word.is_empty() || !lexed.is(line.start, word) {
        return;
    }
    parted(case, line.clone(), all);
    let end = language.import.after.trim();
    let last = line.end - usize::from(!end.is_empty() && lexed.is(line.end - 1, end));
    let commas: Vec<usize> = (line.start + 1..last).filter(|at| lexed.is(*at, ",")).collect();
    let path = |at: usize| {
        matches!(lexed.kind(at), Some(TokenKind::Name | TokenKind::Keyword | TokenKind::Str))
            || matches!(lexed.word(at), "." | "::" | "/" | "*" | ",")
    };
    if commas.is_empty() || !(line.start + 1..last).all(path) {
        return;
    }
    let newline = lexed.source.line_end_text();
    let starts = commas.iter().map(|comma| comma + 1);
    let starts: Vec<usize> = std::iter::once(line.start + 1).chain(starts).collect();
    let ends = commas.iter().copied().chain([last]);
    let paths: Option<Vec<String>> = starts
        .iter()
        .zip(ends)
        .map(|(from, to)| {
            let (from, to) = (lexed.code.get(*from)?, lexed.code.get(to.checked_sub(1)?)?);
            (from.start < to.end).then(|| lexed.source.slice(from.start, to.end).into_owned())
        })
        .collect();
    let Some(paths) = paths else { return };
    let text = match language.import_list {
        ImportList::Bracketed(word) => {
            let listed: String = paths.iter().map(|path| format!("\t{path}{newline}")).collect();
            format!("{word} ({newline}{listed})")
        }
        ImportList::None => {
            let lines = paths.iter().map(|path| format!("{word} {path}{end}"));
            lines.collect::<Vec<_>>().join(newline)
        }
        _ => return,
    };
    let (from, to) = (lexed.code[line.start].start, lexed.code[line.end - 1].end);
    let edit = Edit::replace(case.file(), from, to, text);
    all.push(Candidate::new(MistakeId::ForeignMark, OWN_LINES, vec![edit]));
}

/// The names in braces are parted by commas.
fn parted(case: &Case, line: std::ops::Range<usize>, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(open) = line.clone().find(|at| lexed.is(*at, "{")) else { return };
    let close = case.text.pairs.partner_of(open).or(line.clone().find(|at| lexed.is(*at, "}")));
    let Some(close) = close.filter(|close| line.contains(close)) else { return };
    let marks: Vec<Edit> = (open + 1..close)
        .filter(|at| lexed.is(*at, ";"))
        .map(|at| case.replace_token(at, ","))
        .collect();
    if !marks.is_empty() {
        all.push(Candidate::new(MistakeId::WrongMark, PARTED, marks).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn names_in_braces_are_parted_by_commas() {
        check_fix(
            &FAMILY,
            "scala",
            "import scala.util.{Try<|>; Success; Failure}\n",
            "'}' expected but ';' found.",
            "import scala.util.{Try, Success, Failure}\n",
        );
    }

    #[test]
    fn imports_in_one_list_stand_in_brackets() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nimport \"fmt\"<|>, \"strings\"\n",
            "syntax error: unexpected comma after top level declaration",
            "package quay\n\nimport (\n\t\"fmt\"\n\t\"strings\"\n)\n",
        );
    }

    #[test]
    fn names_of_one_module_stay_together() {
        check_no_fix(
            &FAMILY,
            "rust",
            "use std::fmt::{Debug, <|>Display};\n",
            "expected one of `,`, `::`, `as`, or `}`",
        );
    }
}
