//! A word that the compiler says it expected: where the line before ends without it (`if tide > 2` without its
//! `then`), or where the word of another statement stands (`if tide > 2 do`).

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The message names the word, and the statement before it takes one.
const TOLD: Factor = evidence("the message names the word that its statement takes", 7.0);

/// The message names both words, and the statement takes the one that belongs there.
const FOR_ANOTHER: Factor =
    evidence("the message names both words: the one of another statement", 10.0);

/// Which word each statement takes behind its condition, its range or its value.
const TAKES: &[(&str, &str)] =
    &[("if", "then"), ("while", "do"), ("for", "do"), ("with", "do"), ("case", "of")];

/// The words within statements that are taken for one another.
const WORDS: &[&str] = &["then", "do", "of", "to", "until"];

pub(super) static FAMILY: Family = Family {
    id: "told-word",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "pascal",
        before: "program Quay;\nvar\n  I: integer;\nbegin\n  if I > 2\n    <|>I := 2;\nend.\n",
        message: "Syntax error, \"THEN\" expected but \"identifier I\" found",
        after: "program Quay;\nvar\n  I: integer;\nbegin\n  if I > 2 then\n    I := 2;\nend.\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with fpc 3.2.
    let said = case.message.text.strip_prefix("Syntax error, \"");
    let Some((word, found)) = said.and_then(|said| said.split_once("\" expected but")) else {
        return;
    };
    let word = word.to_lowercase();
    let at = case.token;
    let other = WORDS.contains(&word.as_str()) && WORDS.contains(&lexed.word(at));
    if other && found.to_lowercase().contains(&format!("\"{}\"", lexed.word(at))) {
        let edit = case.replace_token(at, word);
        all.push(Candidate::new(MistakeId::WrongMark, FOR_ANOTHER, vec![edit]).guess());
        return;
    }
    let Some(last) = at.checked_sub(1) else { return };
    // In the middle of a line a value ends and a statement begins: `if low next := 3`.
    let value =
        matches!(lexed.kind(last), Some(TokenKind::Name | TokenKind::Number | TokenKind::Str))
            || matches!(lexed.word(last), ")" | "]" | "^" | "true" | "false" | "nil");
    let named = matches!(lexed.kind(at), Some(TokenKind::Name | TokenKind::Keyword));
    if !(lexed.code[at].first || value && named) {
        return;
    }
    // What the line before begins with is still open.
    let line = lexed.on_line(lexed.code[last].line);
    let head = line.rev().find(|at| TAKES.iter().any(|(head, _)| lexed.is(*at, head)));
    let takes = head.and_then(|head| TAKES.iter().find(|(word, _)| lexed.is(head, word)));
    if takes.is_some_and(|(_, takes)| *takes == word) {
        let edit = case.insert(lexed.code[last].end, format!(" {word}"));
        let candidate = Candidate::new(MistakeId::MissingWord, TOLD, vec![edit]);
        // At the end of a line the word stands where the statement breaks off.
        let clear = lexed.code[at].first;
        all.push(if clear { candidate } else { candidate.guess() });
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn another_statement_takes_another_word() {
        check_no_fix(
            &FAMILY,
            "pascal",
            "program Quay;\nvar\n  I: integer;\nbegin\n  while I > 2\n    <|>I := 2;\nend.\n",
            "Syntax error, \"THEN\" expected but \"identifier I\" found",
        );
    }

    #[test]
    fn the_word_of_another_statement_gives_way() {
        check_fix(
            &FAMILY,
            "pascal",
            "program Quay;\nvar\n  I: integer;\nbegin\n  if I = 0 <|>do\n    I := 2;\nend.\n",
            "Syntax error, \"THEN\" expected but \"DO\" found",
            "program Quay;\nvar\n  I: integer;\nbegin\n  if I = 0 then\n    I := 2;\nend.\n",
        );
    }

    #[test]
    fn a_statement_may_stand_on_the_same_line() {
        check_fix(
            &FAMILY,
            "pascal",
            "program Quay;\nvar\n  I: integer;\nbegin\n  if I = 0 <|>I := 2;\nend.\n",
            "Syntax error, \"THEN\" expected but \"identifier I\" found",
            "program Quay;\nvar\n  I: integer;\nbegin\n  if I = 0 then I := 2;\nend.\n",
        );
    }
}
