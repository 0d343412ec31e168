//! A value that is turned into another kind as another language does it: `(double) sum` in Go, `int(fare)` in
//! Scala, `str(hour)` in Pascal.

use super::family::{Example, Family, Phases};
use super::imports::{import, imported};
use super::shape::{operand_end, type_of};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// A type stands where another language turns a value into it.
const TURNED: Factor =
    evidence("a value is turned into another kind as another language does it", 9.5);

/// What whole numbers, real numbers and texts are called somewhere.
const WHOLE: &[&str] = &[
    "int", "Int", "Integer", "integer", "long", "Long", "i32", "i64", "u32", "u64", "usize",
    "int64",
];
const REAL: &[&str] = &[
    "double", "Double", "float", "Float", "f64", "f32", "float64", "float32", "real", "Real",
    "number",
];
const TEXT: &[&str] = &["string", "String", "str", "Str"];

pub(super) static FAMILY: Family = Family {
    id: "foreign-cast",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\nfunc mean(sum, n int) float64 {\n\treturn (float64) <|>sum / 2\n}\n",
        message: "syntax error: unexpected name sum at end of statement",
        after: "package quay\n\nfunc mean(sum, n int) float64 {\n\treturn float64(sum) / 2\n}\n",
    },
};

/// A conversion: the place of its type, the first and the last token of what is turned, and all it spans.
pub(super) struct Cast {
    typed: usize,
    value: (usize, usize),
    whole: (usize, usize),
}

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    for at in lexed.on_line(lexed.code[case.token].line) {
        let Some(cast) = cast_at(case, at) else { continue };
        if let Some(way) = way(case, &cast) {
            written(case, &cast, way, all);
        }
    }
}

/// The conversion whose type stands at a token, if it is no form of this language.
pub(super) fn cast_at(case: &Case, typed: usize) -> Option<Cast> {
    let (lexed, language) = (case.lexed(), case.language());
    let word = lexed.word(typed);
    let known = [WHOLE, REAL, TEXT].iter().any(|list| list.contains(&word));
    if !known || way_of(case, word).is_none() || case.text.names.of(word).next().is_some() {
        return None;
    }
    let before = typed.checked_sub(1);
    if before.is_some_and(|at| lexed.is(at, "(")) && lexed.is(typed + 1, ")") {
        let (open, value) = (typed - 1, typed + 2);
        // Behind a name stands what is handed to it.
        let called = open.checked_sub(1).is_some_and(|at| {
            lexed.kind(at) == Some(TokenKind::Name) && !language.applies_bare
                || matches!(lexed.word(at), ")" | "]")
        });
        let starts = matches!(lexed.kind(value), Some(TokenKind::Name | TokenKind::Number))
            || lexed.is(value, "(");
        let same_line = lexed.code.get(value).is_some_and(|one| !one.first);
        if called || !starts || !same_line || language.type_first {
            return None;
        }
        let last = match lexed.word(value) {
            "(" => case.text.pairs.partner_of(value)?,
            _ if language.applies_bare => value,
            _ => operand_end(case, value)?,
        };
        return Some(Cast { typed, value: (value, last), whole: (open, last) });
    }
    // What makes an object is no conversion, nor is what a package of that name has.
    let wanted = before.is_none_or(|at| {
        lexed.kind(at) == Some(TokenKind::Op) && !matches!(lexed.word(at), "." | "::" | "->" | ":")
            || matches!(lexed.word(at), "return" | "(" | "," | "[" | "{" | ":=")
    });
    let own = language.is_type(word)
        && (language.conversions.whole.starts_with(word) || language.type_first)
        || language.conversions.real.starts_with(word)
        || language.conversions.text.starts_with(word);
    if !wanted || own || !lexed.is(typed + 1, "(") {
        return None;
    }
    let close = case.text.pairs.partner_of(typed + 1).filter(|close| *close > typed + 2)?;
    let several = (typed + 2..close)
        .any(|at| lexed.is(at, ",") && case.text.pairs.inside_of(at) == Some(typed + 1));
    (!several).then_some(Cast { typed, value: (typed + 2, close - 1), whole: (typed, close) })
}

/// How this language turns a value into what a word stands for.
fn way_of(case: &Case, word: &str) -> Option<&'static str> {
    let turned = &case.language().conversions;
    let way = match () {
        () if WHOLE.contains(&word) => turned.whole,
        () if REAL.contains(&word) => turned.real,
        () => turned.text,
    };
    Some(way).filter(|way| !way.is_empty())
}

/// How the value of a conversion is turned; a text is read, not turned.
fn way(case: &Case, cast: &Cast) -> Option<String> {
    let (lexed, language) = (case.lexed(), case.language());
    let word = lexed.word(cast.typed);
    let usual = match WHOLE.contains(&word) {
        true => language.usual.whole,
        false => language.usual.real,
    };
    let text = lexed.kind(cast.value.0) == Some(TokenKind::Str) && cast.value.0 == cast.value.1
        || type_of(case, cast.value.0, cast.value.1)
            .is_some_and(|typed| language.same_name(&typed, language.usual.text));
    let read = language.from_text.iter().find(|(typed, _, _)| language.same_name(typed, usual));
    if let Some((_, before, behind)) = read.filter(|_| text && !TEXT.contains(&word)) {
        return Some(format!("{before}{{}}{behind}"));
    }
    // `u64` and its like say themselves which type they are.
    let own = language.is_type(word) && !TEXT.contains(&word);
    let way = way_of(case, word)?;
    Some(if own { way.replace(usual, word) } else { way.to_owned() })
}

fn written(case: &Case, cast: &Cast, way: String, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let (first, last) = cast.value;
    // A value in brackets of its own brings them along.
    let bracketed = lexed.is(first, "(") && case.text.pairs.partner_of(first) == Some(last);
    let (first, last) = if bracketed { (first + 1, last - 1) } else { (first, last) };
    let Some(to) = lexed.code.get(last).filter(|_| first <= last).map(|one| one.end) else {
        return;
    };
    let value = lexed.source.slice(lexed.code[first].start, to).into_owned();
    let single =
        operand_end(case, first) == Some(last) && !(case.language().applies_bare && last > first);
    let enclosed = way.contains("({})") || single;
    let value = if enclosed { value } else { format!("({value})") };
    let text = way.replace("{}", &value);
    let (from, to) = (lexed.code[cast.whole.0].start, lexed.code[cast.whole.1].end);
    let mut edits = vec![Edit::replace(case.file(), from, to, text)];
    if let Some((package, _)) = way.split_once('.').filter(|(package, _)| {
        case.language().receivers && !package.is_empty() && !imported(case, package)
    }) {
        edits.insert(0, import(case, package));
    }
    all.push(Candidate::new(MistakeId::ForeignMark, TURNED, edits).guess());
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_value_has_its_conversion_behind_it() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def mean(sum: Int, n: Int): Double = (<|>double) sum / n\n}\n",
            "not found: value double",
            "object Quay {\n  def mean(sum: Int, n: Int): Double = sum.toDouble / n\n}\n",
        );
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def read(parts: Array[String]): Int = <|>Integer(parts(0))\n}\n",
            "object java.lang.Integer is not a value",
            "object Quay {\n  def read(parts: Array[String]): Int = parts(0).toInt\n}\n",
        );
    }

    #[test]
    fn a_type_of_the_language_stays_the_one_that_is_wanted() {
        check_fix(
            &FAMILY,
            "rust",
            "fn mean(sum: u32, n: u32) -> u64 {\n    (u64) <|>sum / 2\n}\n",
            "expected one of `.`, `;`, found `sum`",
            "fn mean(sum: u32, n: u32) -> u64 {\n    sum as u64 / 2\n}\n",
        );
    }

    #[test]
    fn what_is_computed_is_turned_as_a_whole() {
        check_fix(
            &FAMILY,
            "haskell",
            "half :: Double -> Int\nhalf x = <|>int (x / 2)\n",
            "Variable not in scope: int :: Double -> Int",
            "half :: Double -> Int\nhalf x = truncate (x / 2)\n",
        );
    }

    #[test]
    fn a_function_of_the_program_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "function int(n: number): number { return n; }\nconst a: string = <|>int(3);\n",
            "[TS2322] Type 'number' is not assignable to type 'string'.",
        );
    }
}
