//! `if` without `else`, where it must give a value in both cases.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::shape::text_of;
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// One of two values that are compared is given: the other one is left.
const THE_OTHER: Factor = evidence("the other of two values that are compared is left", 8.0);
/// The line below gives the other value.
const BELOW: Factor = evidence("the line below gives the value of the other case", 8.5);
/// An action has nothing to do in the other case.
const NOTHING: Factor = evidence("an action has nothing to do in the other case", 8.0);
/// An empty value of the same kind.
const EMPTY: Factor = weight("an empty value of the kind that the other case gives", 0.5);

/// The names of actions that give nothing.
const ACTS: &[&str] = &["putStrLn", "putStr", "print", "mapM_", "forM_", "return", "pure"];

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "lost-else",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "pick :: Int -> Int -> Int\npick a b = if a > b then a\n\n<|>low :: Int\nlow = 3\n",
        message: "parse error (possibly incorrect indentation or mismatched brackets)",
        after: "pick :: Int -> Int -> Int\npick a b = if a > b then a else b\n\nlow :: Int\nlow = 3\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().applies_bare || !case.message.text.starts_with("parse error") {
        return;
    }
    // The last `then` before the place that has no `else` behind it.
    let end = case.token;
    let word = |at: &usize| matches!(lexed.word(*at), "then" | "else");
    let Some(then) = (0..end).rev().find(word).filter(|at| lexed.is(*at, "then")) else { return };
    on_next_line(case, then, all);
    below(case, then, all);
    let line = lexed.on_line(lexed.code[then].line);
    let Some(start) = (0..then).rev().find(|at| lexed.is(*at, "if")) else { return };
    let last = line.end - 1;
    // What goes on below the line is not known to end there, nor what stands in a bracket.
    let goes_on = last == then || line.end < end && !lexed.code[line.end].first;
    let bracket = case.text.pairs.inside_of(then) != case.text.pairs.inside_of(last);
    if goes_on
        || bracket
        || end > line.end
            && lexed.source.indent(lexed.code[line.end].line)
                > lexed.source.indent(lexed.code[start].line)
    {
        return;
    }
    let given = text_of(case, (then + 1, last));
    let (value, why) = match left(case, start, then, then + 1, last) {
        Some(other) => (other, THE_OTHER),
        None => {
            let Some(empty) = empty(case, then + 1, &given) else { return };
            (empty.to_owned(), EMPTY)
        }
    };
    let edit = case.insert(lexed.code[last].end, format!(" else {value}"));
    all.push(Candidate::new(MistakeId::LostElse, why, vec![edit]).guess());
}

/// The value of the other case stands on the line below, without the word.
fn on_next_line(case: &Case, then: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let last = case.token.checked_sub(1).filter(|last| *last > then);
    let Some(last) = last.filter(|_| lexed.code[case.token].first) else { return };
    let line = lexed.code[last].line;
    let first = lexed.on_line(line).start;
    let starts = matches!(
        lexed.kind(first),
        Some(TokenKind::Name | TokenKind::Number | TokenKind::Str | TokenKind::Open)
    );
    // What begins at the margin is a definition, and what has an `=` or an arrow a part of one.
    let part = (first..=last).any(|at| matches!(lexed.word(at), "=" | "<-" | "->" | "::" | "|"));
    let within = lexed.source.indent(line) > Some(0) && lexed.code[then].line < line;
    if starts && within && !part && then + 1 < first {
        let edit = case.insert(lexed.code[first].start, "else ");
        all.push(Candidate::new(MistakeId::LostElse, BELOW, vec![edit]).guess());
    }
}

/// `if late then` with its actions below it, and nothing for the other case.
fn below(case: &Case, then: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[then].line);
    let several = lexed.is(then + 1, "do");
    let (start, first) = (line.start, then + 1 + usize::from(several));
    let acts = several || ACTS.contains(&lexed.word(first));
    if !lexed.is(start, "if") || first < line.end || !acts {
        return;
    }
    let deep = lexed.source.indent(lexed.code[start].line);
    // What is set in deeper goes with it.
    let body = (first..lexed.code.len()).take_while(|at| {
        !lexed.code[*at].first || lexed.source.indent(lexed.code[*at].line) > deep
    });
    let Some(last) = body.last() else { return };
    let blanks = lexed.source.indent_text(lexed.code[start].line);
    let edit = case.insert(lexed.code[last].end, format!("\n{blanks}  else return ()"));
    all.push(Candidate::new(MistakeId::LostElse, NOTHING, vec![edit]).guess());
}

/// The other of two values that a condition compares, where one of them is given.
fn left(case: &Case, start: usize, then: usize, first: usize, last: usize) -> Option<String> {
    let lexed = case.lexed();
    let compares = |at: &usize| matches!(lexed.word(*at), "<" | ">" | "<=" | ">=");
    let mark = (start..then).find(compares)?;
    if first != last || lexed.kind(first) != Some(TokenKind::Name) {
        return None;
    }
    // `minutes a > minutes b`: the last name of each side is what is compared.
    let (one, other) = (lexed.word(mark - 1), lexed.word(then - 1));
    let name = |at: usize| lexed.kind(at) == Some(TokenKind::Name);
    match lexed.word(first) {
        word if word == one && name(then - 1) => Some(other.to_owned()),
        word if word == other && name(mark - 1) => Some(one.to_owned()),
        _ => None,
    }
}

/// An empty value of the kind that the other case gives.
fn empty(case: &Case, first: usize, given: &str) -> Option<&'static str> {
    let lexed = case.lexed();
    match lexed.kind(first) {
        Some(TokenKind::Str) => Some("\"\""),
        Some(TokenKind::Number) => Some("0"),
        _ if ACTS.contains(&lexed.word(first)) => Some("return ()"),
        _ if given.starts_with("Just ") => Some("Nothing"),
        _ if given == "True" => Some("False"),
        _ if given == "False" => Some("True"),
        _ if lexed.is(first, "[") => Some("[]"),
        _ => None,
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    const SAID: &str = "parse error (possibly incorrect indentation or mismatched brackets)";

    #[test]
    fn an_action_gives_nothing_else() {
        check_fix(
            &FAMILY,
            "haskell",
            "main :: IO ()\nmain = do\n  if 3 > 2 then putStrLn \"low\"\n  <|>print 3\n",
            SAID,
            "main :: IO ()\nmain = do\n  if 3 > 2 then putStrLn \"low\" else return ()\n  print 3\n",
        );
    }

    #[test]
    fn actions_below_the_condition() {
        check_fix(
            &FAMILY,
            "haskell",
            "main :: IO ()\nmain = do\n  if 3 > 2 then\n    putStrLn \"low\"\n  <|>print 3\n",
            SAID,
            "main :: IO ()\nmain = do\n  if 3 > 2 then\n    putStrLn \"low\"\n    else return ()\n  print 3\n",
        );
    }

    #[test]
    fn the_line_below_gives_the_other_value() {
        check_fix(
            &FAMILY,
            "haskell",
            "pick :: Int -> Int\npick a =\n  if a > 3 then a\n  else if a > 1 then 2\n  a + 1\n\n<|>low :: Int\nlow = 3\n",
            "parse error on input 'low'",
            "pick :: Int -> Int\npick a =\n  if a > 3 then a\n  else if a > 1 then 2\n  else a + 1\n\nlow :: Int\nlow = 3\n",
        );
    }

    #[test]
    fn a_choice_with_both_cases_is_left() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "pick :: Int -> Int -> Int\npick a b = if a > b then a else b\n\n<|>low = = 3\n",
            SAID,
        );
    }
}
