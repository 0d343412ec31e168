//! Go: marks and forms of other languages within a statement: `if tide, err := read(), err == nil {`, a `,` at the
//! end of a constant, `new(map[string]int)`, `[]string()`.

use super::family::{Example, Family, Phases};
use super::shape::operand_end;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// What is asked stands behind a `;` where something is declared first.
const ASKED: Factor = evidence("a name that the head declares is asked for behind the mark", 9.0);
/// Each constant has a line of its own.
const OWN_LINE: Factor = evidence("each constant has a line of its own", 9.5);
/// A type stands behind its name without a mark.
const TYPE_BEHIND: Factor = evidence("the type of a parameter stands behind its name", 9.5);
/// A map and a list are made by another word.
const MADE: Factor = evidence("a map is made by `make`", 9.0);
/// Braces make an empty list.
const EMPTY: Factor = evidence("braces make an empty list", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "go-marks",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\nfunc go3() {\n\tif tide, err := read()<|>, err == nil {\n\t\tshow(tide)\n\t}\n}\n",
        message: "syntax error: cannot use tide, err := read(), err == nil as value",
        after: "package quay\n\nfunc go3() {\n\tif tide, err := read(); err == nil {\n\t\tshow(tide)\n\t}\n}\n",
    },
};

/// Marks that compare two values.
const COMPARES: &[&str] = &["==", "!=", "<", ">", "<=", ">="];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().receivers {
        return;
    }
    if case.phase <= Phase::Syntax {
        head(case, all);
        parameter(case, all);
    }
    // Seen with go 1.19.
    let said = &case.message.text;
    if said.starts_with("extra init expr") {
        constant(case, all);
    }
    if said.starts_with("invalid operation: cannot index") || said.contains("*map[") {
        made(case, all);
    }
    if said.contains("in conversion to []") {
        empty(case, all);
    }
}

/// `if best := longest(), best != nil {`.
fn head(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(word) = line.clone().find(|at| matches!(lexed.word(*at), "if" | "switch")) else {
        return;
    };
    let Some(mark) = (word..line.end).find(|at| lexed.is(*at, ":=")) else { return };
    let declared: Vec<&str> =
        (word + 1..mark).map(|at| lexed.word(at)).filter(|word| *word != ",").collect();
    let mut at = mark + 1;
    while at < line.end && !lexed.is(at, "{") && !lexed.is(at, ";") {
        if lexed.is(at, ",") {
            let asked = (at + 1..line.end)
                .take_while(|at| !lexed.is(*at, "{"))
                .any(|at| COMPARES.contains(&lexed.word(at)));
            let names = lexed.word(at + 1).trim_start_matches('!');
            let own = declared.contains(&names)
                || lexed.is(at + 1, "!") && declared.contains(&lexed.word(at + 2));
            if own && (asked || lexed.is(at + 2, "{") || lexed.is(at + 1, "!")) {
                let edit = case.replace_token(at, ";");
                all.push(Candidate::new(MistakeId::WrongMark, ASKED, vec![edit]).guess());
            }
            return;
        }
        let partner = case.text.pairs.partner_of(at).filter(|end| *end > at);
        at = partner.unwrap_or(at) + 1;
    }
}

/// `func moor(metres: float64)`.
fn parameter(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    if !lexed.is(line.start, "func") {
        return;
    }
    let own = |at: usize| case.text.names.of(lexed.word(at)).any(|one| one.kind == NameKind::Type);
    let marks = line.skip(3).filter(|at| {
        lexed.is(*at, ":")
            && lexed.kind(at - 1) == Some(TokenKind::Name)
            && matches!(lexed.before(at - 1), "(" | ",")
            && (case.language().is_type(lexed.word(at + 1))
                || matches!(lexed.word(at + 1), "*" | "[" | "map" | "func")
                || own(at + 1))
    });
    let edits: Vec<Edit> = marks.map(|at| case.delete_token(at)).collect();
    if !edits.is_empty() {
        all.push(Candidate::new(MistakeId::ForeignMark, TYPE_BEHIND, edits).guess());
    }
}

/// `Low = iota,` in a list of constants.
fn constant(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let ends =
        |at: usize| lexed.is(at, ",") && lexed.code.get(at + 1).is_some_and(|next| next.first);
    // The message stands at the constant behind the mark.
    let Some(mark) = case.token.checked_sub(1).filter(|at| ends(*at)) else { return };
    let open =
        case.text.pairs.block_of(lexed, mark).or_else(|| {
            (0..mark).rev().find(|at| lexed.is(*at, "(") && lexed.before(*at) == "const")
        });
    let Some(close) = open.and_then(|open| case.text.pairs.partner_of(open)) else { return };
    let marks = (mark..close).filter(|at| ends(*at));
    let edits: Vec<Edit> = marks.map(|at| case.delete_token(at)).collect();
    if !edits.is_empty() {
        all.push(Candidate::new(MistakeId::ExtraMark, OWN_LINE, edits).guess());
    }
}

/// `rope := new(map[string]int)`: what it points at is nil, and the pointer has no elements.
fn made(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let of_map = |at: &usize| {
        lexed.is(*at, "new")
            && lexed.is(at + 1, "(")
            && lexed.is(at + 2, "map")
            && lexed.before(*at) != "."
    };
    let here = line.clone().find(of_map);
    let declared = || {
        let names = line.clone().filter(|at| lexed.kind(*at) == Some(TokenKind::Name));
        let mut told = names.filter_map(|at| case.text.names.resolve(lexed, at));
        told.find_map(|one| lexed.on_line(lexed.code[one.token].line).find(of_map))
    };
    if let Some(at) = here.or_else(declared) {
        let edit = case.replace_token(at, "make");
        all.push(Candidate::new(MistakeId::ForeignWord, MADE, vec![edit]).guess());
    }
}

/// `names := []string()`.
fn empty(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let list = |at: &usize| {
        lexed.is(*at, "[") && lexed.is(at + 1, "]") && lexed.kind(at + 2) == Some(TokenKind::Name)
    };
    for at in line.filter(list) {
        let end = operand_end(case, at + 2).unwrap_or(at + 2);
        let open = (at + 3..=end + 1).find(|at| lexed.is(*at, "(") && lexed.is(at + 1, ")"));
        if let Some(open) = open {
            let range = (lexed.code[open].start, lexed.code[open + 1].end);
            let edit = Edit::replace(case.file(), range.0, range.1, "{}");
            all.push(Candidate::new(MistakeId::MismatchedBracket, EMPTY, vec![edit]).guess());
            return;
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn what_is_asked_is_declared_in_the_head() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc go3(n int) {\n\tif tide := read()<|>, n == 3 {\n\t}\n}\n",
            "syntax error: cannot use tide := read(), n == 3 as value",
        );
    }

    #[test]
    fn a_type_follows_its_name() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc moor(boat string, metres<|>: float64, deep bool) {\n}\n",
            "syntax error: unexpected : in parameter list; possibly missing comma or )",
            "package quay\n\nfunc moor(boat string, metres float64, deep bool) {\n}\n",
        );
    }

    #[test]
    fn constants_have_lines() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nconst (\n\tLow = iota,\n\t<|>Mid,\n\tHigh\n)\n",
            "extra init expr Mid",
            "package quay\n\nconst (\n\tLow = iota\n\tMid\n\tHigh\n)\n",
        );
    }

    #[test]
    fn a_map_is_made() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc go3() {\n\tm := new(map[string]int)\n\t<|>m[\"a\"] = 3\n}\n",
            "invalid operation: cannot index m (variable of type *map[string]int)",
            "package quay\n\nfunc go3() {\n\tm := make(map[string]int)\n\tm[\"a\"] = 3\n}\n",
        );
    }

    #[test]
    fn braces_make_a_list() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc go3() []string {\n\treturn []string(<|>)\n}\n",
            "missing argument in conversion to []string",
            "package quay\n\nfunc go3() []string {\n\treturn []string{}\n}\n",
        );
    }
}
