//! A loop that counts, as C writes it, in a language that counts through a range:
//! `for (int i = 0; i < n; i++)` for `for i in 0..n`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// The language counts through a range.
const THROUGH_A_RANGE: Factor = evidence("the language counts through a range", 7.5);

pub(super) static FAMILY: Family = Family {
    id: "counting-loop",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "fn go(n: u32) {\n    for (int i = 0<|>; i < n; i++) {\n        tell(i);\n    }\n}\n",
        message: "expected one of `)`, `,`, `@`, or `|`, found `;`",
        after: "fn go(n: u32) {\n    for i in 0..n {\n        tell(i);\n    }\n}\n",
    },
};

/// Words that may stand before the name that counts.
const BEFORE: &[&str] = &["int", "let", "var", "mut", "val", "auto"];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(range) = case.language().counting else { return };
    if case.phase > Phase::Name {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(word) = line.clone().find(|at| lexed.is(*at, "for")) else { return };
    let end = (word..line.end).find(|at| lexed.is(*at, "{")).unwrap_or(line.end);
    let open = usize::from(lexed.is(word + 1, "("));
    let mut name = word + 1 + open;
    while BEFORE.contains(&lexed.word(name)) {
        name += 1;
    }
    if lexed.kind(name) != Some(TokenKind::Name) || !matches!(lexed.word(name + 1), "=" | ":=") {
        return;
    }
    let marks: Vec<usize> = (name..end).filter(|at| matches!(lexed.word(*at), ";" | ",")).collect();
    let [first, second] = marks[..] else { return };
    let counts = lexed.word(name);
    let compares = matches!(lexed.word(first + 2), "<" | "<=");
    if first <= name + 2 || !lexed.is(first + 1, counts) || !compares || first + 3 >= second {
        return;
    }
    // `i++`, `i += 1`, `i = i + 1`: by one, whichever way it is written.
    let step = second + 1..end;
    let named = step.clone().any(|at| lexed.is(at, counts));
    let number = step.clone().find(|at| lexed.kind(*at) == Some(TokenKind::Number));
    let up = step.clone().any(|at| lexed.word(at).starts_with('+'));
    if !named || !up || number.is_some_and(|at| !lexed.is(at, "1")) {
        return;
    }
    let close = (open == 1).then(|| (second..end).rev().find(|at| lexed.is(*at, ")"))).flatten();
    let last = if open == 1 { close.unwrap_or(end - 1) } else { end - 1 };
    let text = |from: usize, to: usize| {
        lexed.source.slice(lexed.code[from].start, lexed.code[to].end).into_owned()
    };
    let between = if lexed.is(first + 2, "<") { range.below } else { range.up_to };
    let (from, to) = (text(name + 2, first - 1), text(first + 3, second - 1));
    let loop_head =
        format!("{}{counts}{}{from}{between}{to}{}", range.before, range.through, range.behind);
    let (start, stop) = (lexed.code[word].start, lexed.code[last].end);
    let edit = Edit::replace(case.file(), start, stop, loop_head);
    all.push(Candidate::new(MistakeId::ForeignMark, THROUGH_A_RANGE, vec![edit]).guess());
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn the_end_may_be_within_the_range() {
        let text = "object Quay {\n  def go(n: Int): Unit = {\n    for (i = 1; i <= n; i++) <|>{\n      println(i)\n    }\n  }\n}\n";
        let after = text.replace("for (i = 1; i <= n; i++) <|>{", "for (i <- 1 to n) {");
        check_fix(&FAMILY, "scala", text, "illegal start of simple expression", &after);
    }

    #[test]
    fn a_loop_with_larger_steps_is_left() {
        let text = "fn go(n: u32) {\n    for (i = 0<|>; i < n; i += 2) {\n    }\n}\n";
        let said = "expected one of `)`, `,`, `@`, or `|`, found `;`";
        check_no_fix(&FAMILY, "rust", text, said);
        let text = "fn go(n: u32) {\n    for (i = <|>; i < n; i++) {\n    }\n}\n";
        check_no_fix(&FAMILY, "rust", text, said);
    }
}
