//! What came with a later version of the language, written in the way that an older compiler knows.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// The older form means the same.
const OLDER: Factor = weight("the compiler is older than this form", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "older-form",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "namespace Harbour<|>;\n\nclass Quay\n{\n}\n",
        message: "Unexpected symbol ';'",
        after: "namespace Harbour\n{\n\nclass Quay\n{\n}\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let Some(used) = &case.newer else { return };
    let lexed = case.lexed();
    let (first, last) = (used.first, used.last);
    let (start, end) = (lexed.code[first].start, lexed.code[last].end);
    let from = |at: usize| lexed.text(&lexed.code[at]).to_owned();
    let edits: Option<Vec<Edit>> = match lexed.word(first) {
        "namespace" => {
            let text = lexed.source.bytes();
            let close = if text.ends_with(b"\n") { "}\n" } else { "\n}\n" };
            Some(vec![
                Edit::replace(case.file(), lexed.code[last].start, end, "\n{"),
                case.insert(text.len(), close),
            ])
        }
        "init" => Some(vec![Edit::replace(case.file(), start, lexed.code[first].end, "set")]),
        "required" => Some(vec![Edit::replace(case.file(), start, lexed.code[last].start, "")]),
        "string" | "object" => {
            Some(vec![Edit::replace(case.file(), lexed.code[last].start, end, "")])
        }
        "is" => negated(case, first, last),
        "new" => typed(case, first),
        "??=" | "??" if lexed.kind(first.wrapping_sub(1)) == Some(TokenKind::Name) => {
            Some(vec![Edit::replace(case.file(), start, end, format!("= {} ??", from(first - 1)))])
        }
        "range" => counted(case, first, last),
        _ => None,
    };
    if let Some(edits) = edits {
        all.push(Candidate::new(MistakeId::NewerForm, OLDER, edits).guess());
    }
}

/// `if (o is not string)` as `if (!(o is string))`.
fn negated(case: &Case, first: usize, last: usize) -> Option<Vec<Edit>> {
    let lexed = case.lexed();
    let plain = first >= 2
        && lexed.is(first - 2, "(")
        && lexed.kind(first - 1) == Some(TokenKind::Name)
        && lexed.is(last + 2, ")");
    plain.then(|| {
        let not = &lexed.code[last];
        vec![
            case.insert(lexed.code[first - 1].start, "!("),
            Edit::replace(case.file(), not.start, lexed.code[last + 1].start, ""),
            case.insert(lexed.code[last + 1].end, ")"),
        ]
    })
}

/// `List<int> all = new()` as `List<int> all = new List<int>()`.
fn typed(case: &Case, new: usize) -> Option<Vec<Edit>> {
    let lexed = case.lexed();
    let name = new.checked_sub(2).filter(|_| lexed.is(new - 1, "="))?;
    let mut from = name.checked_sub(1)?;
    if lexed.is(from, ">") {
        from = (0..from).rev().find(|at| lexed.is(*at, "<"))?.checked_sub(1)?;
    }
    let of_type = lexed.kind(from) == Some(TokenKind::Name) && !lexed.is(from, "var");
    if !of_type || lexed.kind(name) != Some(TokenKind::Name) {
        return None;
    }
    let typed = lexed.source.slice(lexed.code[from].start, lexed.code[name - 1].end).into_owned();
    Some(vec![case.insert(lexed.code[new].end, format!(" {typed}"))])
}

/// `for i := range 3` as `for i := 0; i < 3; i++`.
fn counted(case: &Case, range: usize, last: usize) -> Option<Vec<Edit>> {
    let lexed = case.lexed();
    let count = lexed.source.slice(lexed.code[range + 1].start, lexed.code[last].end).into_owned();
    if lexed.before(range) == "for" {
        let text = format!("i := 0; i < {count}; i++");
        return Some(vec![Edit::replace(
            case.file(),
            lexed.code[range].start,
            lexed.code[last].end,
            text,
        )]);
    }
    // Two variables go over a list.
    let alone = |at: &usize| lexed.is(range - 1, ":=") && lexed.before(*at) == "for";
    let name = range.checked_sub(2).filter(alone)?;
    let counter = lexed.word(name);
    let text = match counter {
        "_" => format!("i := 0; i < {count}; i++"),
        counter => format!("{counter} := 0; {counter} < {count}; {counter}++"),
    };
    Some(vec![Edit::replace(case.file(), lexed.code[name].start, lexed.code[last].end, text)])
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn later_words_of_csharp() {
        let said = "Unexpected symbol 'x'";
        let fixes = [
            (
                "class Q\n{\n    int A { get; <|>init; }\n}\n",
                "class Q\n{\n    int A { get; set; }\n}\n",
            ),
            (
                "class Q\n{\n    public <|>required int A { get; set; }\n}\n",
                "class Q\n{\n    public int A { get; set; }\n}\n",
            ),
            (
                "class Q\n{\n    public string<|>? Name;\n}\n",
                "class Q\n{\n    public string Name;\n}\n",
            ),
            (
                "class Q\n{\n    bool F(object o) { if (o is not <|>string) { return true; } return false; }\n}\n",
                "class Q\n{\n    bool F(object o) { if (!(o is string)) { return true; } return false; }\n}\n",
            ),
            (
                "class Q\n{\n    private List<int> all = new(<|>);\n}\n",
                "class Q\n{\n    private List<int> all = new List<int>();\n}\n",
            ),
            (
                "class Q\n{\n    void F(string s) { s ??<|>= \"low\"; }\n}\n",
                "class Q\n{\n    void F(string s) { s = s ?? \"low\"; }\n}\n",
            ),
        ];
        for (before, after) in fixes {
            check_fix(&FAMILY, "csharp", before, said, after);
        }
        check_no_fix(&FAMILY, "csharp", "class Q\n{\n    var all = new(<|>);\n}\n", said);
    }

    #[test]
    fn loops_over_numbers_of_go() {
        let of = |head: &str| format!("package q\n\nfunc f(n int) {{\n\t{head} {{\n\t}}\n}}\n");
        let fixes = [
            ("for i := range <|>n", "variable n of type int)", "for i := 0; i < n; i++"),
            ("for _ = range <|>n", "variable n of type int)", ""),
            ("for range <|>3", "3 (untyped int constant)", "for i := 0; i < 3; i++"),
            ("for _, n := range <|>n", "variable n of type []int)", ""),
        ];
        for (before, kind, after) in fixes {
            let said = format!("cannot range over {kind}");
            match after {
                "" => check_no_fix(&FAMILY, "go", &of(before), &said),
                after => check_fix(&FAMILY, "go", &of(before), &said, &of(after)),
            }
        }
    }
}
