//! A whole number beside a real one, in a language that converts neither by itself: `float64(crates)`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The message names both types, and which of the values is whole.
const MEETS_REAL: Factor = weight("a whole number meets a real one", 4.0);

const WHOLE: &[&str] = &["int", "int32", "int64", "uint", "uint8", "uint32", "uint64", "byte"];
const REAL: &[&str] = &["float64", "float32"];

pub(super) static FAMILY: Family = Family {
    id: "widened",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\nfunc fee(rate float64, days []int) float64 {\n\treturn <|>rate * len(days)\n}\n",
        message: "invalid operation: rate * len(days) (mismatched types float64 and int)",
        after: "package quay\n\nfunc fee(rate float64, days []int) float64 {\n\treturn rate * float64(len(days))\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    if let Some((left, right, (one, other))) = operands(&case.message.text) {
        let (whole, real, beside) = match (WHOLE.contains(&one), REAL.contains(&one)) {
            (true, false) if REAL.contains(&other) => (left, other, right),
            (false, true) if WHOLE.contains(&other) => (right, one, left),
            _ => return,
        };
        for at in line.filter(|at| lexed.kind(*at) == Some(TokenKind::Op)) {
            let (before, behind) = (value_before(case, at), value_behind(case, at));
            let (Some(before), Some(behind)) = (before, behind) else { continue };
            for (value, next) in [(before, behind), (behind, before)] {
                if written(case, value) == whole && written(case, next) == beside {
                    convert(case, value, real, all);
                }
            }
        }
    } else if let Some((value, real)) = assigned(&case.message.text) {
        let starts = line.filter(|at| written_from(case, *at).is_some());
        let values = starts.filter_map(|at| Some((at, value_behind(case, at.checked_sub(1)?)?)));
        for (at, range) in values {
            if range.0 == at && written(case, range) == value {
                convert(case, range, real, all);
            }
        }
    }
}

/// What stands on both sides of an operator, and the types of both (seen with go 1.19).
fn operands(said: &str) -> Option<(String, String, (&str, &str))> {
    let (text, types) =
        said.strip_prefix("invalid operation: ")?.split_once(" (mismatched types ")?;
    let types = types.strip_suffix(')')?.split_once(" and ")?;
    // Values within brackets have operators of their own.
    let mut depth = 0_i32;
    let mut mark = None;
    for (at, letter) in text.char_indices() {
        match letter {
            '(' | '[' | '{' => depth += 1,
            ')' | ']' | '}' => depth -= 1,
            ' ' if depth == 0 && mark.is_none() => mark = Some(at),
            _ => {}
        }
    }
    let (left, rest) = text.split_at(mark?);
    let (_, right) = rest.trim_start().split_once(' ')?;
    Some((close(left), close(right), types))
}

/// A whole value that is given to a real name, and the type of the name (seen with go 1.19; later
/// ones say `value` behind the type).
fn assigned(said: &str) -> Option<(String, &str)> {
    let (value, rest) = said.strip_prefix("cannot use ")?.split_once(" (")?;
    let (kind, rest) = rest.split_once(") as ")?;
    let typed = kind.rsplit(' ').next()?;
    let real = rest.trim_start_matches("type ").split(' ').next()?;
    (WHOLE.contains(&typed) && REAL.contains(&real)).then(|| (close(value), real))
}

/// A text without its gaps.
fn close(text: &str) -> String {
    text.split_whitespace().collect()
}

fn written(case: &Case, (first, last): (usize, usize)) -> String {
    let lexed = case.lexed();
    close(&lexed.source.slice(lexed.code[first].start, lexed.code[last].end))
}

/// A place at which a value may start: behind a mark, not in the middle of one.
fn written_from(case: &Case, at: usize) -> Option<usize> {
    let lexed = case.lexed();
    let before = at.checked_sub(1)?;
    let starts = matches!(lexed.word(before), "=" | ":=" | "(" | "," | "return" | "+=" | ":");
    starts.then_some(at)
}

/// The name with its members, indices and calls that ends before a token.
fn value_before(case: &Case, mark: usize) -> Option<(usize, usize)> {
    let lexed = case.lexed();
    let last = mark.checked_sub(1)?;
    let mut at = last;
    loop {
        while matches!(lexed.word(at), "]" | ")") {
            at = case.text.pairs.partner_of(at).filter(|open| *open < at)?.checked_sub(1)?;
        }
        if lexed.kind(at) != Some(TokenKind::Name) {
            return None;
        }
        if lexed.before(at) != "." {
            return Some((at, last));
        }
        at = at.checked_sub(2)?;
    }
}

/// The name with its members, indices and calls that starts behind a token.
fn value_behind(case: &Case, mark: usize) -> Option<(usize, usize)> {
    let lexed = case.lexed();
    let first = mark + 1;
    let mut at = first;
    if lexed.kind(at) != Some(TokenKind::Name) {
        return None;
    }
    loop {
        match lexed.word(at + 1) {
            "." if lexed.kind(at + 2) == Some(TokenKind::Name) => at += 2,
            "(" | "[" => at = case.text.pairs.partner_of(at + 1).filter(|close| *close > at)?,
            _ => return Some((first, at)),
        }
    }
}

fn convert(case: &Case, (first, last): (usize, usize), real: &str, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let edits = vec![
        case.insert(lexed.code[first].start, format!("{real}(")),
        case.insert(lexed.code[last].end, ")"),
    ];
    all.push(Candidate::new(MistakeId::WrongNumberType, MEETS_REAL, edits));
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_member_beside_a_real_one_is_converted() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc (c Crate) mass() float64 {\n\tt := 0.0\n\tt += <|>c.n * c.weight\n\treturn t\n}\n",
            "invalid operation: c.n * c.weight (mismatched types int and float64)",
            "package quay\n\nfunc (c Crate) mass() float64 {\n\tt := 0.0\n\tt += float64(c.n) * c.weight\n\treturn t\n}\n",
        );
    }

    #[test]
    fn what_a_real_name_is_given_is_converted() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc fee(n int) {\n\tvar f float64 = <|>n\n\t_ = f\n}\n",
            "cannot use n (variable of type int) as type float64 in variable declaration",
            "package quay\n\nfunc fee(n int) {\n\tvar f float64 = float64(n)\n\t_ = f\n}\n",
        );
    }

    #[test]
    fn what_would_lose_its_fraction_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc fee(rate float64) {\n\tvar n int = <|>rate\n\t_ = n\n}\n",
            "cannot use rate (variable of type float64) as type int in variable declaration",
        );
    }

    #[test]
    fn another_value_of_the_line_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc fee(rate float64, n int, days []int) float64 {\n\treturn <|>rate * f(n) * float64(len(days))\n}\n",
            "invalid operation: rate * n (mismatched types float64 and int)",
        );
    }
}
