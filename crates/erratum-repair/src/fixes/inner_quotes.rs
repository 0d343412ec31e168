//! A quote that belongs to a text and ends it: `"the "low" tide"`, and `'the pier's boats'` where texts stand
//! between single quotes.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::lex::TokenKind;

/// Words touch the quotes on both sides, as no code does.
const TOUCHED: Factor = evidence("words touch the quotes on both sides", 9.0);
/// A word goes on behind the quote, and the line has one quote too few.
const GOES_ON: Factor = evidence("a word goes on behind the quote", 10.5);

pub(super) static FAMILY: Family = Family {
    id: "inner-quotes",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    void go() {\n        show(\"the \"<|>low\" tide\");\n    }\n}\n",
        message: "')' or ',' expected",
        after: "class Quay {\n    void go() {\n        show(\"the \\\"low\\\" tide\");\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if case.phase > Phase::Name {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let text = |at: usize| lexed.kind(at) == Some(TokenKind::Str);
    let glued = |at: usize| lexed.code.get(at + 1).is_some_and(|n| n.start == lexed.code[at].end);
    let word = |at: usize| {
        matches!(lexed.kind(at), Some(TokenKind::Name | TokenKind::Keyword | TokenKind::Number))
    };
    let own = if lexed.language.doubled_quotes { None } else { Some("\\") };
    let ended = line.clone().find(|at| {
        let closed = text(*at) && lexed.code[*at].closed && lexed.text(&lexed.code[*at]).len() > 1;
        closed && glued(*at) && word(at + 1)
    });
    let Some(first) = ended else { return };
    let end = lexed.code[first].end - 1;
    let quote = lexed.source.slice(end, end + 1).into_owned();
    let mark = own.unwrap_or(&quote);
    let behind = first + 1..line.end;
    let Some(next) = behind.clone().find(|at| text(*at)) else { return };
    let words = behind.take_while(|at| *at < next).all(word);
    // Where a quote of the line is lost, the texts stand in the gaps.
    let lost = line.clone().any(|at| text(at) && !lexed.code[at].closed);
    let quoted = !lost && glued(next - 1) && word(next - 1) && lexed.code[next].closed && words;
    if quoted {
        let start = lexed.code[next].start;
        let edits = vec![case.insert(end, mark), case.insert(start, mark)];
        all.push(Candidate::new(MistakeId::InnerQuote, TOUCHED, edits).guess());
    } else if !lexed.code[next].closed && quote == "'" {
        let edit = case.insert(end, mark);
        all.push(Candidate::new(MistakeId::InnerQuote, GOES_ON, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn pascal_writes_the_quote_twice() {
        check_fix(
            &FAMILY,
            "pascal",
            "program quay;\nbegin\n  WriteLn('the pier'<|>s boats');\nend.\n",
            "Syntax error, \")\" expected but \"identifier S\" found",
            "program quay;\nbegin\n  WriteLn('the pier''s boats');\nend.\n",
        );
    }

    #[test]
    fn a_text_of_typescript_between_single_quotes() {
        check_fix(
            &FAMILY,
            "typescript",
            "console.log('the pier'<|>s boats');\n",
            "',' expected.",
            "console.log('the pier\\'s boats');\n",
        );
    }

    #[test]
    fn texts_side_by_side_are_left() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go() {\n        show(\"low\" <|>\"tide\");\n    }\n}\n",
            "')' or ',' expected",
        );
    }
}
