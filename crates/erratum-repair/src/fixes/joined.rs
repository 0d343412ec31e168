//! A text that is joined with a value of another type: `"berth " + number`.

use super::family::{Example, Family, Phases};
use super::shape::operand_end;
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// What prints the text takes a list of values.
const LISTED: Factor = evidence("what prints it takes a list of values", 5.0);
/// The value is made a text by what the program uses already.
const AT_HAND: Factor = weight("the program has what makes it a text", 4.0);
/// The value is made a text.
const CONVERTED: Factor = weight("it is made a text", 2.5);

pub(super) static FAMILY: Family = Family {
    id: "joined",
    recipes: &[],
    phases: Phases::Late,
    within_text: true,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\nimport \"fmt\"\n\nfunc show(n int) {\n\tfmt.Println(<|>\"berth \" + n)\n}\n",
        message: "invalid operation: \"berth \" + n (mismatched types untyped string and int)",
        after: "package quay\n\nimport \"fmt\"\n\nfunc show(n int) {\n\tfmt.Println(\"berth \", n)\n}\n",
    },
};

/// What compilers say where a text meets another type (seen with go 1.19 and fpc 3.2.2).
fn is_told(text: &str) -> bool {
    let texts = ["string", "\"ShortString\"", "\"AnsiString\""];
    let meets = text.contains("mismatched types") || text.starts_with("Incompatible types: got");
    // go takes a text in quotes for the type of the other side, too.
    let converts = text.starts_with("cannot convert \"");
    converts || meets && texts.iter().any(|word| text.contains(word))
}

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    if language.prints.is_empty() || !is_told(&case.message.text) {
        return;
    }
    for plus in lexed.on_line(lexed.code[case.token].line).filter(|at| lexed.is(*at, "+")) {
        let text_before = plus > 0 && is_text(case, plus - 1);
        let text_behind = is_text(case, plus + 1);
        if text_before == text_behind {
            continue;
        }
        let open = case.text.pairs.inside_of(plus);
        let printed = open.is_some_and(|open| {
            lexed.is(open, "(") && language.prints.contains(&lexed.before(open))
        });
        if printed {
            let before = lexed.code[plus - 1].end;
            let edit = Edit::replace(case.file(), before, lexed.code[plus].end, ",");
            all.push(Candidate::new(MistakeId::WrongMark, LISTED, vec![edit]));
        }
        let operand = if text_before { behind(case, plus) } else { before(case, plus) };
        let Some((first, last)) = operand else { continue };
        for (start, end) in language.to_text {
            let owner = start.split(['.', '(']).next().unwrap_or(start);
            let used = start.contains('.') && case.text.names.seen.contains_key(owner);
            let score = if used { AT_HAND } else { CONVERTED };
            let edits = vec![
                case.insert(lexed.code[first].start, *start),
                case.insert(lexed.code[last].end, *end),
            ];
            all.push(Candidate::new(MistakeId::MissingToString, score, edits));
        }
    }
}

/// Whether a token is a text in quotes.
fn is_text(case: &Case, at: usize) -> bool {
    matches!(case.lexed().kind(at), Some(TokenKind::Str | TokenKind::Char))
}

/// The operand behind a mark: a name or a number with its members and calls.
fn behind(case: &Case, mark: usize) -> Option<(usize, usize)> {
    let lexed = case.lexed();
    let first = mark + 1;
    if !matches!(lexed.kind(first)?, TokenKind::Name | TokenKind::Number) {
        return None;
    }
    Some((first, operand_end(case, first)?))
}

/// The operand before a mark, in the same way.
fn before(case: &Case, mark: usize) -> Option<(usize, usize)> {
    let lexed = case.lexed();
    let last = mark.checked_sub(1)?;
    let mut first = last;
    loop {
        if matches!(lexed.word(first), ")" | "]") {
            first = case.text.pairs.partner_of(first)?.checked_sub(1)?;
        }
        if !matches!(lexed.kind(first)?, TokenKind::Name | TokenKind::Number) {
            return None;
        }
        if lexed.before(first) != "." {
            return Some((first, last));
        }
        first = first.checked_sub(2)?;
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn what_prints_takes_a_list() {
        check_fix(
            &FAMILY,
            "pascal",
            "program quay;\nvar\n  tides: integer;\nbegin\n  writeln(<|>'tides: ' + tides);\nend.\n",
            "Incompatible types: got \"LongInt\" expected \"ShortString\"",
            "program quay;\nvar\n  tides: integer;\nbegin\n  writeln('tides: ', tides);\nend.\n",
        );
    }

    #[test]
    fn a_value_is_made_a_text_by_what_is_used_already() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nimport \"strconv\"\n\nfunc show(n int) string {\n\t_, _ = strconv.Atoi(\"3\")\n\treturn <|>\"berth \" + low(n)\n}\n",
            "invalid operation: \"berth \" + low(n) (mismatched types untyped string and int)",
            "package quay\n\nimport \"strconv\"\n\nfunc show(n int) string {\n\t_, _ = strconv.Atoi(\"3\")\n\treturn \"berth \" + strconv.Itoa(low(n))\n}\n",
        );
    }

    #[test]
    fn the_value_may_stand_before_the_text() {
        check_among(
            &FAMILY,
            "go",
            "package quay\n\nfunc show(b berth) string {\n\treturn <|>b.n + \" boats\"\n}\n",
            "invalid operation: b.n + \" boats\" (mismatched types int and untyped string)",
            "package quay\n\nfunc show(b berth) string {\n\treturn strconv.Itoa(b.n) + \" boats\"\n}\n",
        );
    }

    #[test]
    fn two_texts_join_well() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc show() string {\n\treturn <|>\"low\" + \"tide\"\n}\n",
            "invalid operation: \"low\" + \"tide\" (mismatched types untyped string and int)",
        );
    }

    #[test]
    fn numbers_are_for_others() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc rise(n int, x float64) float64 {\n\treturn <|>x + n\n}\n",
            "invalid operation: x + n (mismatched types float64 and int)",
        );
    }

    #[test]
    fn an_operand_in_brackets_is_left() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc show(n int) string {\n\treturn <|>\"berth \" + (n)\n}\n",
            "invalid operation: \"berth \" + (n) (mismatched types untyped string and int)",
        );
    }
}
