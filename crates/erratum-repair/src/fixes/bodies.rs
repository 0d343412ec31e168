//! The body of a header that lies on several lines without the brackets around it: two statements between
//! `if` and `else`, and a body by its layout alone where every body stands in brackets.

use super::condition::may_loop;
use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::lex::TokenKind;

/// The lines between a header and its `else`, or below a header, are indented as one body.
const ONE_BODY: Factor = evidence("the lines are indented as one body", 8.5);

/// Behind the condition of one loop, another one starts.
const SECOND_LOOP: Factor = evidence("a second loop starts behind the condition of the first", 8.5);

pub(super) static FAMILY: Family = Family {
    id: "bodies",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "int go(int n) {\n    if (n > 3)\n        n++;\n        return n;\n    <|>else\n        return 0;\n}\n",
        message: "'else' without a previous 'if'",
        after: "int go(int n) {\n    if (n > 3) {\n        n++;\n        return n;\n    } else\n        return 0;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if case.phase > Phase::Syntax {
        return;
    }
    before_else(case, all);
    below_header(case, all);
    needless_do(case, all);
}

/// `while (deep) do {`: behind the condition a second loop starts, which wants a condition of its own.
fn needless_do(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    if !case.language().bracketed_conditions || !case.message.text.contains("while") {
        return;
    }
    let header = |at: &usize| {
        let condition = *at > 0 && lexed.is(at - 1, ")") && lexed.is(at + 1, "{");
        let open = pairs.partner_of(at - usize::from(*at > 0)).filter(|_| condition);
        open.is_some_and(|open| matches!(lexed.before(open), "while" | "for" | "if"))
    };
    let word = (0..case.token).rev().filter(|at| lexed.is(*at, "do")).find(header);
    if let Some(word) = word {
        let edit = case.delete_token(word);
        // Where no condition stands behind its block, it is the word of another language.
        let looped = may_loop(case, word);
        let mistake = if looped { MistakeId::ExtraWord } else { MistakeId::ForeignWord };
        all.push(Candidate::new(mistake, SECOND_LOOP, vec![edit]).guess());
    }
}

/// How far a line is indented, in columns.
fn indent(case: &Case, line: u32) -> usize {
    case.lexed().source.indent(line).unwrap_or(0) as usize
}

/// The blanks at the start of a line.
fn margin(case: &Case, line: u32) -> String {
    let text = case.lexed().source.line_text(line);
    text.chars().take_while(|letter| letter.is_whitespace()).collect()
}

/// The first token of the nearest line above that is indented no more than a token.
fn header_above(case: &Case, token: usize) -> Option<usize> {
    let lexed = case.lexed();
    let depth = indent(case, lexed.code[token].line);
    let outside = case.text.pairs.inside_of(token);
    (0..token)
        .rev()
        .filter(|at| lexed.code[*at].first && case.text.pairs.inside_of(*at) == outside)
        .find(|at| indent(case, lexed.code[*at].line) <= depth)
        .filter(|at| indent(case, lexed.code[*at].line) == depth)
}

/// `if (deep) a(); b(); else c();` on lines of their own.
fn before_else(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(word) = line.clone().find(|at| lexed.is(*at, "else") && lexed.code[*at].first) else {
        return;
    };
    let Some(start) = header_above(case, word) else { return };
    let head = lexed.on_line(lexed.code[start].line);
    if !head.clone().any(|at| lexed.is(at, "if")) || !matches!(lexed.word(start), "if" | "else") {
        return;
    }
    let (last, depth) = (head.end - 1, indent(case, lexed.code[start].line));
    let words = !lexed.language.variable_section.is_empty();
    let (open, close) = if words { (" begin", "end ") } else { (" {", "} ") };
    if !(if words { lexed.is(last, "then") } else { lexed.is(last, ")") }) {
        return;
    }
    // One statement needs no brackets, and what stands between them pairs by itself.
    let outside = case.text.pairs.inside_of(word);
    let starts = (head.end..word).filter(|at| {
        let first = lexed.code[*at].first && case.text.pairs.inside_of(*at) == outside;
        first && !lexed.closes_block(*at)
    });
    let starts: Vec<usize> = starts.collect();
    let deeper = starts.iter().all(|at| indent(case, lexed.code[*at].line) > depth);
    if starts.len() < 2 || !deeper {
        return;
    }
    let edits =
        vec![case.insert(lexed.code[last].end, open), case.insert(lexed.code[word].start, close)];
    all.push(Candidate::new(MistakeId::MissingBracket, ONE_BODY, edits).guess());
}

/// `for i := 0; i < n; i++` and its body below, where every body stands in brackets.
fn below_header(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Only Go and Rust want them everywhere: there a condition has no brackets of its own.
    let said = &case.message.text;
    let wants = said.contains("expecting {") || said.starts_with("expected `{`, found");
    if lexed.language.bracketed_conditions || !wants {
        return;
    }
    // go tells of the end of the header, rustc of what comes behind it.
    let here = lexed.on_line(lexed.code[case.token].line);
    let is_header = |at: usize| matches!(lexed.word(at), "if" | "for" | "while" | "else" | "loop");
    let line = match is_header(here.start) {
        true => here,
        false => match header_above_body(case, here.start) {
            Some(start) => lexed.on_line(lexed.code[start].line),
            None => return,
        },
    };
    let (start, last) = (line.start, line.end - 1);
    if !is_header(start) || lexed.kind(last) == Some(TokenKind::Open) || lexed.is(last, "{") {
        return;
    }
    let depth = indent(case, lexed.code[start].line);
    let outside = case.text.pairs.inside_of(start);
    let below = (line.end..lexed.code.len()).filter(|at| lexed.code[*at].first);
    let body = below.take_while(|at| indent(case, lexed.code[*at].line) > depth);
    let Some(end) = body.last().map(|at| lexed.on_line(lexed.code[at].line).end - 1) else {
        return;
    };
    if case.text.pairs.inside_of(end + 1) != outside && !lexed.closes_block(end + 1) {
        return;
    }
    let margin = margin(case, lexed.code[start].line);
    let mut edits = vec![case.insert(lexed.code[last].end, " {")];
    edits.push(match lexed.is(end + 1, "else") {
        true => case.insert(lexed.code[end + 1].start, "} "),
        false => case.insert(lexed.code[end].end, format!("\n{margin}}}")),
    });
    all.push(Candidate::new(MistakeId::MissingBracket, ONE_BODY, edits).guess());
}

/// The first token of the line right above, if it is indented less.
fn header_above_body(case: &Case, first: usize) -> Option<usize> {
    let lexed = case.lexed();
    let above = lexed.on_line(lexed.code[first.checked_sub(1)?].line);
    let less = indent(case, lexed.code[above.start].line) < indent(case, lexed.code[first].line);
    less.then_some(above.start)
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn two_statements_before_else_stand_in_a_block() {
        check_fix(
            &FAMILY,
            "pascal",
            "program quay;\nvar n: integer;\nbegin\n  n := 4;\n  if n > 3 then\n    n := 1;\n    n := 2;\n  <|>else\n    n := 3;\nend.\n",
            "Syntax error, \";\" expected but \"ELSE\" found",
            "program quay;\nvar n: integer;\nbegin\n  n := 4;\n  if n > 3 then begin\n    n := 1;\n    n := 2;\n  end else\n    n := 3;\nend.\n",
        );
    }

    #[test]
    fn a_loop_with_its_condition_in_front_has_no_do() {
        check_fix(
            &FAMILY,
            "c",
            "int go(int n) {\n    while (n > 3) do {\n        n--;\n    }\n    <|>return n;\n}\n",
            "expected 'while' before 'return'",
            "int go(int n) {\n    while (n > 3) {\n        n--;\n    }\n    return n;\n}\n",
        );
    }

    #[test]
    fn one_statement_needs_none() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(int n) {\n        if (n > 3)\n            go(n - 1);;\n        <|>else\n            go(3);\n    }\n}\n",
            "'else' without 'if'",
        );
    }

    #[test]
    fn a_loop_of_go_has_its_body_in_a_block() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc go(n int) int {\n\tfor i := 0; i < n; i++<|>\n\t\tn--\n\t\tn--\n\treturn n\n}\n",
            "syntax error: unexpected newline, expecting { after for clause",
            "package quay\n\nfunc go(n int) int {\n\tfor i := 0; i < n; i++ {\n\t\tn--\n\t\tn--\n\t}\n\treturn n\n}\n",
        );
    }

    #[test]
    fn a_condition_of_rust_has_its_body_in_a_block() {
        check_fix(
            &FAMILY,
            "rust",
            "fn go(n: i32) -> i32 {\n    if n > 3\n        <|>return 1;\n    2\n}\n",
            "expected `{`, found keyword `return`",
            "fn go(n: i32) -> i32 {\n    if n > 3 {\n        return 1;\n    }\n    2\n}\n",
        );
    }
}
