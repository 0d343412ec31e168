//! A loop over the items of a list that does not declare the item, or lacks the mark behind it:
//! `foreach (berth in berths)`, `for (int tide tides)`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The item of the loop is not declared.
const UNDECLARED: Factor = evidence("the loop does not declare its item", 5.0);

/// An item is declared, and the list stands right behind it.
const NO_MARK: Factor = evidence("the list stands right behind the item", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "loop-item",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "class Quay {\n    void Go(Berth[] all) {\n        foreach (berth <|>in all) {\n        }\n    }\n}\n",
        message: "[CS1525] Unexpected symbol `in'",
        after: "class Quay {\n    void Go(Berth[] all) {\n        foreach (var berth in all) {\n        }\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let word = case.language().item_word;
    if word.is_empty() {
        return;
    }
    for at in lexed.on_line(lexed.code[case.token].line) {
        lost_mark(case, at, all);
        let header = matches!(lexed.word(at), "for" | "foreach") && lexed.is(at + 1, "(");
        let name = at + 2;
        if !header
            || lexed.kind(name) != Some(TokenKind::Name)
            || !matches!(lexed.word(name + 1), ":" | "in" | "of")
            || case.text.names.resolve(lexed, name).is_some_and(|before| before.token < name)
        {
            continue;
        }
        let edit = case.insert(lexed.code[name].start, format!("{word} "));
        all.push(Candidate::new(MistakeId::MissingDeclaration, UNDECLARED, vec![edit]));
    }
}

/// `for (int tide tides)`, `for (const [quay, tide] table)`.
fn lost_mark(case: &Case, word: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let open = word + 1;
    if !matches!(lexed.word(word), "for" | "foreach") || !lexed.is(open, "(") {
        return;
    }
    let Some(close) = case.text.pairs.partner_of(open) else { return };
    let marks = |at: usize| matches!(lexed.word(at), ";" | ":" | "=" | "in" | "of");
    let inside = |at: &usize| case.text.pairs.inside_of(*at) == Some(open);
    if (open + 1..close).filter(inside).any(marks) {
        return;
    }
    let name = |at: usize| lexed.kind(at) == Some(TokenKind::Name);
    let starts = |at: usize| name(at) || matches!(lexed.word(at), "this" | "[");
    let pattern = |at: usize| {
        let first = case.text.pairs.partner_of(at).filter(|_| matches!(lexed.word(at), "]" | "}"));
        first.is_some_and(|first| first == open + 2)
    };
    let item = (open + 2..close.saturating_sub(1)).filter(inside).rfind(|at| {
        (name(*at) || pattern(*at)) && (name(at + 1) || pattern(*at) && starts(at + 1))
    });
    if let Some(item) = item {
        let mark = match () {
            () if case.language().is_keyword("foreach") => " in",
            () if case.language().item_word == "const" => " of",
            () => " :",
        };
        let edit = case.insert(lexed.code[item].end, mark);
        let mistake = if mark == " :" { MistakeId::MissingMark } else { MistakeId::MissingWord };
        all.push(Candidate::new(mistake, NO_MARK, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn cpp_finds_the_type_out() {
        check_fix(
            &FAMILY,
            "cpp",
            "int sum(std::vector<int> tides) {\n    int all = 0;\n    for (<|>tide : tides)\n        all += tide;\n    return all;\n}\n",
            "'tide' was not declared in this scope; did you mean 'tides'?",
            "int sum(std::vector<int> tides) {\n    int all = 0;\n    for (auto tide : tides)\n        all += tide;\n    return all;\n}\n",
        );
    }

    #[test]
    fn a_name_of_another_function_is_not_the_item() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    static int Fee(Stay stay) { return 3; }\n    static void Go(Stay[] all) {\n        foreach (stay <|>in all) {\n        }\n    }\n}\n",
            "[CS1525] Unexpected symbol `in'",
            "class Quay {\n    static int Fee(Stay stay) { return 3; }\n    static void Go(Stay[] all) {\n        foreach (var stay in all) {\n        }\n    }\n}\n",
        );
    }

    #[test]
    fn typescript_declares_it_with_a_word() {
        check_fix(
            &FAMILY,
            "typescript",
            "for (<|>tide of [3, 4]) {\n  console.log(tide);\n}\n",
            "[TS2304] Cannot find name 'tide'.",
            "for (const tide of [3, 4]) {\n  console.log(tide);\n}\n",
        );
    }

    #[test]
    fn the_list_stands_behind_a_mark() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(int[] tides) {\n        for (int <|>tide tides) {\n        }\n    }\n}\n",
            "';' expected",
            "class Quay {\n    void go(int[] tides) {\n        for (int tide : tides) {\n        }\n    }\n}\n",
        );
        check_fix(
            &FAMILY,
            "typescript",
            "for (const [quay, tide] <|>Object.entries(all)) {\n  console.log(quay);\n}\n",
            "[TS1005] ',' expected.",
            "for (const [quay, tide] of Object.entries(all)) {\n  console.log(quay);\n}\n",
        );
    }

    #[test]
    fn java_finds_the_type_out() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(int[] tides) {\n        for (<|>tide : tides) {\n        }\n    }\n}\n",
            "bad initializer for for-loop",
            "class Quay {\n    void go(int[] tides) {\n        for (var tide : tides) {\n        }\n    }\n}\n",
        );
    }

    #[test]
    fn an_item_with_its_type_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(int[] tides) {\n        for (int tide : <|>tide) {\n        }\n    }\n}\n",
            "cannot find symbol",
        );
    }

    #[test]
    fn an_item_that_is_declared_above_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "let tide: number;\nfor (tide of <|>tides) {\n  console.log(tide);\n}\n",
            "[TS2304] Cannot find name 'tides'.",
        );
    }

    #[test]
    fn rust_declares_items_by_themselves() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn go(tides: &[i32]) {\n    for (a, b) in <|>tide {\n    }\n}\n",
            "[E0425] cannot find value `tide` in this scope",
        );
    }
}
