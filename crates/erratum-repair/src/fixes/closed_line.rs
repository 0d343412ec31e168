//! A list that is not closed at the end of its line, where the compiler says that it goes on or ends
//! there: `return Berth{name: name` above the `}` of the function.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::pairs::closing;

/// The next line belongs to something outside.
const ENDS_HERE: Factor = evidence("the next line does not belong to the list", 7.0);

/// What go 1.19 says of a list that its line does not end.
const SAID: [&str; 2] = ["unexpected newline in ", "; possibly missing comma or "];

pub(super) static FAMILY: Family = Family {
    id: "closed-line",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\nfunc next(name string) Berth {\n\treturn Berth{name: name<|>\n}\n",
        message: "syntax error: unexpected newline in composite literal; possibly missing comma or }",
        after: "package quay\n\nfunc next(name string) Berth {\n\treturn Berth{name: name}\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, source) = (case.lexed(), &case.lexed().source);
    if !SAID.iter().all(|words| case.message.text.contains(words)) {
        return;
    }
    let Some(number) = case.message.line() else { return };
    let line = lexed.on_line(number);
    let Some(next) = lexed.code.get(line.end) else { return };
    // What goes on stands deeper than the line, or ends as deep with its closing bracket.
    let indent = |line: u32| source.indent(line).unwrap_or(0);
    if line.is_empty() || indent(next.line) > indent(number) {
        return;
    }
    if indent(next.line) == indent(number) && next.kind == TokenKind::Close {
        return;
    }
    let mut open = Vec::new();
    for at in line.clone() {
        match lexed.kind(at) {
            Some(TokenKind::Open) => open.push(at),
            Some(TokenKind::Close) => drop(open.pop()),
            _ => {}
        }
    }
    let missing: String = open.iter().rev().map(|at| closing(lexed, *at)).collect();
    if !missing.is_empty() {
        let edit = case.insert(lexed.code[line.end - 1].end, missing);
        all.push(Candidate::new(MistakeId::MissingBracket, ENDS_HERE, vec![edit]));
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    const SAID: &str =
        "syntax error: unexpected newline in argument list; possibly missing comma or )";

    #[test]
    fn everything_that_the_line_opened_ends_with_it() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc go() {\n\tput(Berth{3<|>\n\tshow()\n}\n",
            SAID,
            "package quay\n\nfunc go() {\n\tput(Berth{3})\n\tshow()\n}\n",
        );
    }

    #[test]
    fn a_list_over_several_lines_lacks_a_comma() {
        for text in [
            "package quay\n\nfunc go() {\n\tput(\n\t\t3,\n\t\t4<|>\n\t)\n}\n",
            "package quay\n\nfunc go() {\n\tput(3<|>\n\t\t4)\n}\n",
            "package quay\n\nfunc go() {\n\tput(3<|>\n\t)\n}\n",
        ] {
            check_no_fix(&FAMILY, "go", text, SAID);
        }
    }
}
