//! The labels of a `switch` as other languages write them: `case 3 =>`, `else:`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::{Lexed, TokenKind};
use std::ops::Range;

/// A label ends with a colon.
const ENDS_LABEL: Factor = evidence("a label ends with a colon", 7.0);
/// The other labels around it end so.
const AS_BESIDE: Factor = evidence("the other labels end so", 2.0);
/// The branch for all other values has a word of its own.
const OTHER_VALUES: Factor = evidence("the branch for all other values", 7.0);
/// Each line between the label and the reported place.
const LINES: Factor = weight("lines from the reported place", -0.5);

pub(super) static FAMILY: Family = Family {
    id: "labels",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\nfunc rise(t int) int {\n\tswitch t {\n\tcase 1 =<|>>\n\t\treturn 2\n\tcase 3:\n\t\treturn 4\n\t}\n\treturn 5\n}\n",
        message: "syntax error: unexpected =, expecting :",
        after: "package quay\n\nfunc rise(t int) int {\n\tswitch t {\n\tcase 1:\n\t\treturn 2\n\tcase 3:\n\t\treturn 4\n\t}\n\treturn 5\n}\n",
    },
};

/// How many lines above the reported one are looked at.
const REACH: u32 = 1;

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    if language.is_keyword("of") && language.block_end("case").is_some() {
        bare(case, all);
    }
    if !language.is_keyword("switch") || !language.is_keyword("default") {
        return;
    }
    let reported = lexed.code[case.token].line;
    for line in reported.saturating_sub(REACH).max(1)..=reported {
        let label = lexed.on_line(line);
        if !in_switch(case, label.start) {
            continue;
        }
        let far = LINES * f64::from(reported - line);
        if lexed.is(label.start, "case") {
            mark(case, label, far, all);
        } else if matches!(lexed.word(label.start), "else" | "otherwise" | "other" | "_")
            && (lexed.is(label.start + 1, ":") || arrow_end(lexed, label.start + 1).is_some())
        {
            let mut edits = vec![case.replace_token(label.start, "default")];
            if let Some(last) = arrow_end(lexed, label.start + 1) {
                edits.push(colon(case, label.start + 1, last));
            }
            let score = OTHER_VALUES + far;
            all.push(Candidate::new(MistakeId::ForeignWord, score, edits));
        }
    }
}

/// `3 => writeln(tide)`: a label without a word before it, in a `case`.
fn bare(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let label = lexed.on_line(lexed.code[case.token].line);
    let Some(open) = case.text.pairs.block_of(lexed, label.start) else { return };
    let value = |at: usize| {
        matches!(lexed.kind(at), Some(TokenKind::Number | TokenKind::Str | TokenKind::Name))
            || matches!(lexed.word(at), "," | "..")
    };
    let mark = label.start + label.clone().take_while(|at| value(*at)).count();
    let arrow = arrow_end(lexed, mark).filter(|_| mark > label.start);
    if let Some(last) = arrow.filter(|_| lexed.is(open, "case")) {
        all.push(Candidate::new(MistakeId::ForeignMark, ENDS_LABEL, vec![colon(case, mark, last)]));
    }
}

/// Whether a line stands in the block of a `switch`.
fn in_switch(case: &Case, at: usize) -> bool {
    let lexed = case.lexed();
    let Some(open) = case.text.pairs.block_of(lexed, at) else { return false };
    let line = lexed.on_line(lexed.code[open].line);
    line.into_iter().any(|at| lexed.is(at, "switch"))
}

/// `case 3 =>`: a mark of another language at the end of a label.
fn mark(case: &Case, label: Range<usize>, far: Factor, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Where no other label is marked so, it is the mark of another language.
    let own = |mark: &str| {
        let labels = (0..lexed.code.len())
            .filter(|at| lexed.code[*at].first && !label.contains(at) && lexed.is(*at, "case"));
        labels.filter(|at| lexed.on_line(lexed.code[*at].line).any(|at| lexed.is(at, mark))).count()
    };
    let (arrows, colons) = (own("->"), own(":"));
    if arrows > 0 && colons == 0 {
        return;
    }
    ended(case, label.clone(), colons, far, all);
    let arrow = label.clone().skip(2).find_map(|at| Some((at, arrow_end(lexed, at)?)));
    let Some((first, last)) = arrow else { return };
    // What stands behind the mark on the same line may be the value of a branch.
    let ends = last + 1 == label.end;
    let in_bracket = case.text.pairs.inside_of(first) != case.text.pairs.inside_of(label.start);
    if !in_bracket && (ends || lexed.kind(last + 1) == Some(TokenKind::Keyword)) {
        let score = ENDS_LABEL + AS_BESIDE.when(colons > 0) + far;
        all.push(Candidate::new(MistakeId::ForeignMark, score, vec![colon(case, first, last)]));
    }
}

/// `case 3; return tide`: the label ends as a statement does.
fn ended(case: &Case, label: Range<usize>, colons: usize, far: Factor, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let beside =
        |at: &usize| case.text.pairs.inside_of(*at) == case.text.pairs.inside_of(label.start);
    let marks = ["->", "=>", ":", ";"];
    let first = label.clone().skip(2).filter(beside).find(|at| marks.contains(&lexed.word(*at)));
    if let Some(end) = first.filter(|at| lexed.is(*at, ";")) {
        let score = ENDS_LABEL + AS_BESIDE.when(colons > 0) + far;
        all.push(Candidate::new(MistakeId::WrongMark, score, vec![case.replace_token(end, ":")]));
    }
}

/// The last token of an arrow that starts at a token; it is two where the language has no such mark.
fn arrow_end(lexed: &Lexed, at: usize) -> Option<usize> {
    if matches!(lexed.word(at), "=>" | "->") {
        return Some(at);
    }
    let adjoins = lexed.code.get(at + 1).is_some_and(|next| next.start == lexed.code[at].end);
    let two = matches!(lexed.word(at), "=" | "-") && adjoins && lexed.is(at + 1, ">");
    two.then_some(at + 1)
}

/// A colon in the place of a mark, without the blank before it.
fn colon(case: &Case, first: usize, last: usize) -> Edit {
    let lexed = case.lexed();
    Edit::replace(case.file(), case.end_before(first), lexed.code[last].end, ":")
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_label_does_not_end_as_a_statement_does() {
        check_fix(
            &FAMILY,
            "cpp",
            "int rise(int t) {\n    switch (t) {\n        case 1: return 2;\n        case 3<|>; return 4;\n    }\n    return 5;\n}\n",
            "expected ':' before ';' token",
            "int rise(int t) {\n    switch (t) {\n        case 1: return 2;\n        case 3: return 4;\n    }\n    return 5;\n}\n",
        );
    }

    #[test]
    fn a_label_of_pascal_ends_with_a_colon() {
        check_fix(
            &FAMILY,
            "pascal",
            "program quay;\nvar\n  t: integer;\nbegin\n  t := 3;\n  case t of\n    1: writeln('low');\n    3 <|>=> writeln('high');\n  end;\nend.\n",
            "Syntax error, \":\" expected but \"=\" found",
            "program quay;\nvar\n  t: integer;\nbegin\n  t := 3;\n  case t of\n    1: writeln('low');\n    3: writeln('high');\n  end;\nend.\n",
        );
    }

    #[test]
    fn an_arrow_behind_a_label_is_a_colon() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    int Rise(int t) {\n        switch (t) {\n            case 1 <|>->\n                return 2;\n            case 3:\n                return 4;\n        }\n        return 5;\n    }\n}\n",
            "[CS1525] Unexpected symbol '->'",
            "class Quay {\n    int Rise(int t) {\n        switch (t) {\n            case 1:\n                return 2;\n            case 3:\n                return 4;\n        }\n        return 5;\n    }\n}\n",
        );
    }

    #[test]
    fn all_other_values_have_a_word_of_their_own() {
        check_fix(
            &FAMILY,
            "typescript",
            "function rise(t: number): number {\n  switch (t) {\n    case 1:\n      return 2;\n    <|>else:\n      return 3;\n  }\n}\n",
            "Statement expected.",
            "function rise(t: number): number {\n  switch (t) {\n    case 1:\n      return 2;\n    default:\n      return 3;\n  }\n}\n",
        );
    }

    #[test]
    fn the_word_and_its_mark_change_together() {
        check_fix(
            &FAMILY,
            "c",
            "int rise(int t) {\n    switch (t) {\n    case 1:\n        return 2;\n    <|>_ =>\n        return 3;\n    }\n}\n",
            "expected ':' before '=' token",
            "int rise(int t) {\n    switch (t) {\n    case 1:\n        return 2;\n    default:\n        return 3;\n    }\n}\n",
        );
    }

    #[test]
    fn arrows_of_java_are_left() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int rise(int t) {\n        switch (t) {\n            case 1 -> <|>return 2;\n            case 3 -> { return 4; }\n        }\n        return 5;\n    }\n}\n",
            "unexpected statement in case, expected is an expression, a block or a throw statement",
        );
    }

    #[test]
    fn a_branch_outside_of_a_switch_is_left() {
        check_no_fix(
            &FAMILY,
            "c",
            "int rise(int t) {\n    if (t > 1)\n        return 2;\n    else<|>:\n        return 3;\n}\n",
            "expected expression before ':' token",
        );
    }

    #[test]
    fn a_language_without_such_labels_is_left() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn rise(t: i32) -> i32 {\n    match t {\n        case 1 <|>=> 2,\n        _ => 3,\n    }\n}\n",
            "expected one of `=>`, `if`, or `|`, found `1`",
        );
    }
}
