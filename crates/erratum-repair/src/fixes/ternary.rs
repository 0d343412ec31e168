//! `deep ? 3 : 4` where `if` itself gives a value, and loops of Go with the words of others.

use super::family::{Example, Family, Phases};
use super::shape::text_of;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// `if` gives a value here.
const IF_GIVES: Factor = evidence("`if` gives a value here", 7.0);
/// The words of another language go over a list.
const OVER_LIST: Factor =
    evidence("the loop goes over a list with the words of another language", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "ternary",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "fn main() {\n    let seats = 3;\n    let busy = seats > 2 <|>? 1 : 0;\n}\n",
        message: "expected one of `.`, `;`, `?`, `else`, or an operator, found `1`",
        after: "fn main() {\n    let seats = 3;\n    let busy = if seats > 2 { 1 } else { 0 };\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let (rust, scala) = (case.language().borrows, case.language().returns_unsaid);
    let line = lexed.on_line(lexed.code[case.token].line);
    if case.phase <= Phase::Syntax && (rust || scala) {
        let mark = line.clone().find(|at| lexed.is(*at, "?"));
        let parted = mark.and_then(|mark| (mark..line.end).find(|at| lexed.is(*at, ":")));
        let start = |mark: usize| {
            let before = (line.start..mark).rev();
            before.into_iter().find(|at| matches!(lexed.word(*at), "=" | "return" | "{" | "=>"))
        };
        if let (Some(mark), Some(parted)) = (mark, parted)
            && let Some(start) = start(mark)
        {
            let end = (parted..line.end).find(|at| lexed.is(*at, ";")).unwrap_or(line.end);
            let part = |first: usize, behind: usize| text_of(case, (first, behind - 1));
            if start + 1 == mark || mark + 1 == parted || parted + 1 >= end {
                return;
            }
            let (test, yes, no) =
                (part(start + 1, mark), part(mark + 1, parted), part(parted + 1, end));
            let text = match rust {
                true => format!("if {test} {{ {yes} }} else {{ {no} }}"),
                false => format!("if ({test}) {yes} else {no}"),
            };
            let (from, to) = (lexed.code[start + 1].start, lexed.code[end - 1].end);
            let edit = Edit::replace(case.file(), from, to, text);
            all.push(Candidate::new(MistakeId::ForeignMark, IF_GIVES, vec![edit]).guess());
        }
    }
    if case.language().receivers && case.phase <= Phase::Syntax {
        over_list(case, all);
        in_two_steps(case, all);
    }
}

/// Go: `busy := seats > 2 ? 1 : 0` in two steps: the second value, and the first one where the condition
/// holds.
fn in_two_steps(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(mark) = line.clone().find(|at| lexed.is(*at, "?")) else { return };
    let Some(parted) = (mark..line.end).find(|at| lexed.is(*at, ":")) else { return };
    let set = (line.start..mark).find(|at| matches!(lexed.word(*at), ":=" | "=" | "return"));
    let Some(set) = set.filter(|set| set + 1 < mark) else { return };
    let last = line.end - 1;
    if mark + 1 == parted || parted == last || lexed.code[last].kind == TokenKind::Open {
        return;
    }
    let part = |first: usize, last: usize| text_of(case, (first, last));
    let (test, yes, no) =
        (part(set + 1, mark - 1), part(mark + 1, parted - 1), part(parted + 1, last));
    let margin = lexed.source.indent_text(lexed.code[line.start].line);
    let text = if lexed.is(set, "return") {
        format!("if {test} {{\n{margin}\treturn {yes}\n{margin}}}\n{margin}return {no}")
    } else {
        let name = if lexed.is(line.start, "var") { line.start + 1 } else { line.start };
        let start = part(line.start, set);
        let name = lexed.word(name);
        format!("{start} {no}\n{margin}if {test} {{\n{margin}\t{name} = {yes}\n{margin}}}")
    };
    let (from, to) = (lexed.code[line.start].start, lexed.code[last].end);
    let edit = Edit::replace(case.file(), from, to, text);
    all.push(Candidate::new(MistakeId::ForeignMark, IF_GIVES, vec![edit]).guess());
}

/// Go: `for at, one in all {`, `for one in all {`.
fn over_list(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let words = ["in", "of", ":"];
    let mark = line.clone().find(|at| words.contains(&lexed.word(*at)));
    let Some(mark) = mark.filter(|_| lexed.is(line.start, "for")) else { return };
    let named = lexed.kind(line.start + 1) == Some(TokenKind::Name);
    let single = mark == line.start + 2;
    if named && (single || mark == line.start + 4 && lexed.is(line.start + 2, ",")) {
        let mut edits = vec![case.replace_token(mark, ":= range")];
        // Of a map the key comes first, and alone.
        let list = case.text.names.resolve(lexed, mark + 1);
        let map = list.is_some_and(|list| {
            let made = list.token + 2..list.token + 6;
            list.typed.is_some_and(|(first, _)| lexed.is(first, "map"))
                || made.into_iter().any(|at| lexed.is(at, "map"))
        });
        if single && !map {
            edits.insert(0, case.insert(lexed.code[line.start + 1].start, "_, "));
        }
        all.push(Candidate::new(MistakeId::ForeignWord, OVER_LIST, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn go_takes_two_steps() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc go(n int) int {\n\tbusy := n > 2 <|>? 1 : 0\n\treturn busy\n}\n",
            "invalid character U+003F '?'",
            "package quay\n\nfunc go(n int) int {\n\tbusy := 0\n\tif n > 2 {\n\t\tbusy = 1\n\t}\n\treturn busy\n}\n",
        );
    }

    #[test]
    fn scala_asks_in_brackets() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  val seats = 3\n  val busy = seats > 2 <|>? 1 : 0\n}\n",
            "';' expected but integer literal found.",
            "object Quay {\n  val seats = 3\n  val busy = if (seats > 2) 1 else 0\n}\n",
        );
    }

    #[test]
    fn the_keys_of_a_map_stand_alone() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc run(all map[string]int) {\n\tfor one <|>in all {\n\t}\n}\n",
            "syntax error: unexpected in, expecting {",
            "package quay\n\nfunc run(all map[string]int) {\n\tfor one := range all {\n\t}\n}\n",
        );
    }

    #[test]
    fn a_loop_of_go_ranges() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc go2(all []int) {\n\tfor one <|>in all {\n\t}\n}\n",
            "syntax error: unexpected in, expected for loop condition",
            "package quay\n\nfunc go2(all []int) {\n\tfor _, one := range all {\n\t}\n}\n",
        );
    }

    #[test]
    fn an_early_end_of_rust_is_left() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn go() -> Option<u32> {\n    let a = read()<|>?;\n    Some(a)\n}\n",
            "expected one of `.`, `;`, `?`, `else`, or an operator, found `1`",
        );
    }
}
