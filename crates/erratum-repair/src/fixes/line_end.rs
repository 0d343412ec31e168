//! A line that ends without what ends its statement, in front of a line that starts another one.

use super::brackets::{doubles, ends_type};
use super::family::{Example, Family, Phases};
use super::{Candidate, Case, weights as w};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::pairs::{Odd, closing};

/// The next line starts another statement.
const NEXT_STARTS: Factor = evidence("the next line starts another statement", 5.0);

/// The next line, at whose start the compiler cannot read on, starts with a name.
const NEXT_NAMED: Factor = weight("the next line starts with a name", 1.5);

/// Each line between the place and the reported one.
const PER_LINE: Factor = weight("lines from the reported place", -0.3);

/// Two marks are seldom lost together.
const BOTH_MARKS: Factor = weight("both marks at the end are lost", -0.6);

/// Words that start a statement, whatever stands before them.
const STARTERS: &[&str] = &[
    "return", "if", "for", "while", "do", "switch", "break", "continue", "throw", "try", "case",
    "default", "const", "let", "var", "val", "def", "public", "private", "static", "foreach",
];

/// Words that start a part of a text whose variables stand in a part of their own.
const PARTS: &[&str] = &[
    "type",
    "const",
    "var",
    "label",
    "begin",
    "uses",
    "implementation",
    "procedure",
    "function",
    "constructor",
    "destructor",
];

pub(super) static FAMILY: Family = Family {
    id: "line-end",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "class Quay {\n    int Go(int n) {\n        if (n == 0)\n            return 0\n        <|>return n + 1;\n    }\n}\n",
        message: "[CS1525] Unexpected symbol `return'",
        after: "class Quay {\n    int Go(int n) {\n        if (n == 0)\n            return 0;\n        return n + 1;\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let next = match lexed.code[case.token].first && !named_before(case) {
        true => case.token,
        // A message at the end of a line is about the next one, too.
        false if !named_before(case) => lexed.on_line(lexed.code[case.token].line).end,
        false => case.token - 1,
    };
    ended_type(case, lexed.on_line(lexed.code[case.token].line).start, all);
    let starts = starts(case, next);
    if let Some(last) = next.checked_sub(1) {
        // Where the compiler lists what it wants, the end of a statement is among that.
        let said = &case.message.text;
        let lists = ["expected one of", "expected `", "expected '"];
        let other = lists.iter().any(|words| said.contains(words)) && !said.contains(';');
        let named = next == case.token && lexed.kind(next) == Some(TokenKind::Name) && !other;
        match starts {
            true => terminator(case, last, NEXT_STARTS, all),
            false if named && lexed.code[next].first => terminator(case, last, NEXT_NAMED, all),
            false => {}
        }
    }
    for odd in case.text.pairs.odd.iter().filter(|odd| odd.odd == Odd::Unclosed) {
        let open = odd.token;
        let line = lexed.code[open].line;
        let behind = lexed.on_line(line).end;
        let last = behind - 1;
        let near = behind == next && (starts || closes(case, next));
        if lexed.opens_block(open) || behind > next || !(near || another(case, last, behind)) {
            continue;
        }
        let place = if lexed.is(last, ";") { last } else { last + 1 };
        if place == open + 1 || doubles(case, open, place) || lexed.is(place - 1, ",") {
            continue;
        }
        let lines = lexed.code.get(next).map_or(0, |next| next.line.saturating_sub(line + 1));
        let score = w::INSERT + w::PAIRS_MENDED + NEXT_STARTS + PER_LINE * f64::from(lines);
        let bracket = closing(lexed, open);
        let edit = case.insert(case.end_before(place), bracket);
        // `show(tide` has lost both marks at its end.
        let head = matches!(
            lexed.word(case.statement_start(open)),
            "if" | "while" | "for" | "foreach" | "switch" | "catch" | "else" | "}"
        );
        // Elsewhere a line may end a statement by itself.
        let language = case.language();
        let needed = language.type_first && language.terminator == ";" && !language.line_ends;
        if place > last && bracket == ")" && needed && !head {
            let both = case.insert(case.end_before(place), ");");
            let score = score.clone() + BOTH_MARKS;
            all.push(Candidate::new(MistakeId::MissingBracket, score, vec![both]).guess());
        }
        all.push(Candidate::new(MistakeId::MissingBracket, score, vec![edit]));
    }
}

/// C and C++: a structure, a class or an enumeration that ends on the line before, without its mark.
fn ended_type(case: &Case, next: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let close = next.checked_sub(1).filter(|at| lexed.is(*at, "}"));
    let open = close.and_then(|close| case.text.pairs.partner_of(close));
    if let (Some(close), Some(open)) = (close, open)
        && ends_type(case, open)
        && lexed.kind(next) != Some(TokenKind::Op)
    {
        let edit = case.insert(lexed.code[close].end, ";");
        all.push(Candidate::new(MistakeId::MissingTerminator, NEXT_STARTS, vec![edit]));
    }
}

/// Whether a line starts with a word that starts a statement.
fn starts(case: &Case, next: usize) -> bool {
    let lexed = case.lexed();
    let typed = lexed.kind(next) == Some(TokenKind::Keyword)
        && lexed.language.types.contains(&lexed.word(next));
    let first = lexed.code.get(next).is_some_and(|token| token.first);
    let parts = !lexed.language.variable_section.is_empty();
    let part = parts && PARTS.contains(&lexed.word(next)) && wants_end(case);
    first && (typed || part || STARTERS.contains(&lexed.word(next)))
}

/// Whether the word that the message names is the one before its place: fpc 3.2 points behind it.
fn named_before(case: &Case) -> bool {
    let found = case.message.text.split_once(" but \"").and_then(|(_, rest)| rest.split_once('"'));
    let before = case.token.checked_sub(1).filter(|at| case.lexed().code[*at].first);
    before.is_some_and(|at| {
        found.is_some_and(|(word, _)| word.eq_ignore_ascii_case(case.lexed().word(at)))
    })
}

/// Whether the message asks for what ends a statement, as in `";" expected but "TYPE" found` (fpc 3.2).
fn wants_end(case: &Case) -> bool {
    let expected = case.message.text.split_once(" expected").map(|(before, _)| before);
    expected.is_some_and(|before| before.contains("\";\"") || before.contains("';'"))
}

/// Whether a line starts with what closes a block.
fn closes(case: &Case, next: usize) -> bool {
    let lexed = case.lexed();
    lexed.closes_block(next) && lexed.code[next].first
}

/// Whether a line ends with a value, and the next one, which stands no deeper, starts with a name or with
/// a word that starts a statement.
fn another(case: &Case, last: usize, next: usize) -> bool {
    let lexed = case.lexed();
    let Some(token) = lexed.code.get(next) else { return false };
    let value = ends_value(case, last) || lexed.is(last, ";");
    let indent = |line: u32| lexed.source.indent(line).unwrap_or(0);
    let deeper = indent(token.line) > indent(lexed.code[last].line);
    let named = lexed.kind(next) == Some(TokenKind::Name);
    value && !deeper && (named || starts(case, next))
}

/// Whether a token can be the last one of a value.
fn ends_value(case: &Case, last: usize) -> bool {
    matches!(
        case.lexed().kind(last),
        Some(TokenKind::Name | TokenKind::Number | TokenKind::Str | TokenKind::Char)
    ) || matches!(case.lexed().word(last), ")" | "]" | "++" | "--" | "true" | "false")
}

/// The mark that ends a statement, behind the last token of its line.
fn terminator(case: &Case, last: usize, why: Factor, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let language = case.language();
    let value = ends_value(case, last);
    let in_block =
        case.text.pairs.inside_of(last).is_none_or(|open| lexed.opens_block(open) || open == last);
    if language.line_ends || language.layout || language.terminator != ";" || !value || !in_block {
        return;
    }
    // A line that is indented more belongs to what stands before it.
    let indent = |line: u32| lexed.source.indent(line).unwrap_or(0);
    let next = lexed.code.get(last + 1).map_or(0, |next| indent(next.line));
    if next > indent(lexed.code[last].line) {
        return;
    }
    // `if (tide > 3)` goes on with its statement.
    let open = case.text.pairs.partner_of(last).filter(|_| lexed.is(last, ")"));
    let header = open.and_then(|open| open.checked_sub(1)).is_some_and(|word| {
        matches!(lexed.word(word), "if" | "for" | "while" | "switch" | "foreach" | "catch")
    });
    if !header {
        let edit = case.insert(lexed.code[last].end, ";");
        let candidate = Candidate::new(MistakeId::MissingTerminator, why, vec![edit]);
        // Of the parts of a text no data tells yet how often this is meant.
        let part = PARTS.contains(&lexed.word(last + 1)) && wants_end(case);
        all.push(if part { candidate.guess() } else { candidate });
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix, rated};
    use super::FAMILY;

    #[test]
    fn what_the_compiler_lists_without_it_ends_no_statement() {
        let text = |said| {
            let before = "fn go(n: u32) -> u32 {\n    match n {\n        0 => low(n)\n        <|>one => n,\n    }\n}\n";
            rated(&FAMILY, "rust", before, said).len()
        };
        assert_eq!(text("expected one of `,`, `.`, `?`, `}`, or an operator, found `one`"), 0);
        assert_eq!(text("expected `;`, found `one`"), 1);
    }

    #[test]
    fn a_bracket_above_the_reported_line_is_closed_where_its_own_line_ends() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def go(all: Seq[Pier]): Unit = {\n    all.foreach(p => p.book(3)\n    best(all) match {\n      case _ => ()\n    }\n    <|>val free = 3\n  }\n}\n",
            "')' expected but 'val' found.",
            "object Quay {\n  def go(all: Seq[Pier]): Unit = {\n    all.foreach(p => p.book(3))\n    best(all) match {\n      case _ => ()\n    }\n    val free = 3\n  }\n}\n",
        );
    }

    #[test]
    fn a_bracket_is_closed_before_the_next_case() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def go(x: Option[Int]) = x match {\n    case Some(n) => println(n.abs\n    <|>case None => println(\"none\")\n  }\n}\n",
            "')' expected but 'case' found.",
            "object Quay {\n  def go(x: Option[Int]) = x match {\n    case Some(n) => println(n.abs)\n    case None => println(\"none\")\n  }\n}\n",
        );
    }

    #[test]
    fn a_bracket_is_closed_before_the_mark_of_its_line() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int go(int n) {\n        call(n, sum(2);\n        <|>return n;\n    }\n}\n",
            "')' or ',' expected",
            "class Quay {\n    int go(int n) {\n        call(n, sum(2));\n        return n;\n    }\n}\n",
        );
    }

    #[test]
    fn a_type_ends_with_its_mark() {
        check_fix(
            &FAMILY,
            "c",
            "enum tide { LOW, HIGH }\n\ntypedef <|>struct quay {\n    int low;\n} Quay;\n",
            "expected ';', identifier or '(' before 'struct'",
            "enum tide { LOW, HIGH };\n\ntypedef struct quay {\n    int low;\n} Quay;\n",
        );
    }

    #[test]
    fn a_part_starts_another_one() {
        check_fix(
            &FAMILY,
            "pascal",
            "program quay;\n\nuses SysUtils\n\n<|>type\n  TTide = integer;\nbegin\nend.\n",
            "Syntax error, \";\" expected but \"TYPE\" found",
            "program quay;\n\nuses SysUtils;\n\ntype\n  TTide = integer;\nbegin\nend.\n",
        );
    }

    #[test]
    fn a_declaration_starts_a_statement() {
        check_fix(
            &FAMILY,
            "c",
            "int go(void) {\n    int low = 3\n    <|>int high = 4;\n    return low;\n}\n",
            "expected ',' or ';' before 'int'",
            "int go(void) {\n    int low = 3;\n    int high = 4;\n    return low;\n}\n",
        );
    }

    #[test]
    fn a_condition_goes_on_with_its_statement() {
        check_no_fix(
            &FAMILY,
            "c",
            "int go(int n) {\n    if (n > 3)\n        <|>return n;\n    return 0;\n}\n",
            "expected expression before 'return'",
        );
    }

    #[test]
    fn what_is_indented_more_belongs_to_the_line_above() {
        check_no_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    int Go(int n) {\n        elseif (n == 0)\n            <|>return 0;\n        return n;\n    }\n}\n",
            "[CS1525] Unexpected symbol `return'",
        );
    }

    #[test]
    fn a_list_goes_on_behind_its_comma() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go() {\n        call(2,\n        <|>return;\n    }\n}\n",
            "illegal start of expression",
        );
    }

    #[test]
    fn where_lines_end_statements_nothing_is_missing() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc go(n int) int {\n\tlow := n\n\t<|>return low\n}\n",
            "syntax error: unexpected return",
        );
    }
}
