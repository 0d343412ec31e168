//! Comparisons and divisions whose operands stand without what their language wants around them.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::lex::TokenKind;

/// Comparisons without brackets beside a word that binds more tightly.
const BOUND_TIGHTER: Factor = weight("the word between them binds more tightly", 6.0);
/// A division of whole numbers where that is none.
const WHOLE_DIVIDED: Factor = weight("a whole number is divided", 5.0);
/// The mark stands in front of the name.
const BEHIND: Factor = evidence("the mark stands in front of a pointer", 6.0);
/// The other marks of the stream are written twice.
const STREAMED: Factor = evidence("the other marks of the stream are written twice", 5.0);
/// Both operands at once.
const BOTH: Factor = weight("both operands", -0.7);
/// The left operand is seldom the whole one.
const LEFT: Factor = weight("the left operand", -0.4);

pub(super) static FAMILY: Family = Family {
    id: "operands",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "pascal",
        before: "program quay;\nvar\n  tide, low: integer;\nbegin\n  tide := 3;\n  low := 2;\n  if tide > 2 <|>and low = 2 then\n    writeln('high');\nend.\n",
        message: "Incompatible types: got \"Boolean\" expected \"LongInt\"",
        after: "program quay;\nvar\n  tide, low: integer;\nbegin\n  tide := 3;\n  low := 2;\n  if (tide > 2) and (low = 2) then\n    writeln('high');\nend.\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if case.language().weak_comparisons {
        comparisons(case, all);
    }
    if case.language().applies_bare && case.message.text.contains("Fractional Int") {
        division(case, all);
    }
    if case.phase <= Phase::Syntax && case.language().type_first {
        behind_name(case, all);
    }
    if case.message.text.contains("operator<") || case.message.text.contains("operator>") {
        streamed(case, all);
    }
}

/// `head* == NULL`: what stands at a place is asked for in front of the name.
fn behind_name(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    for at in lexed.on_line(lexed.code[case.token].line).filter(|at| lexed.is(*at, "*")) {
        let Some(name) = at.checked_sub(1) else { continue };
        let declared = case.text.names.resolve(lexed, name);
        let pointer = declared.is_some_and(|declared| {
            let (first, last) = declared.typed.unwrap_or((declared.token, declared.token));
            (first..=last.max(declared.token)).any(|at| lexed.is(at, "*"))
        });
        let ends = matches!(
            lexed.word(at + 1),
            "==" | "!=" | "=" | "<" | ">" | "<=" | ">=" | ")" | ";" | "+" | "-" | ","
        );
        if pointer && ends {
            let edits = vec![case.insert(lexed.code[name].start, "*"), case.delete_token(at)];
            all.push(Candidate::new(MistakeId::WrongOrder, BEHIND, edits));
        }
    }
}

/// `cout < "low" << tide`: a mark of a stream that is written once, beside one that is written twice.
fn streamed(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let range = case.statement_start(case.token)..case.statement_end(case.token);
    for (once, twice) in [("<", "<<"), (">", ">>")] {
        let stream = range.clone().any(|at| lexed.is(at, twice));
        let single: Vec<usize> = range.clone().filter(|at| lexed.is(*at, once)).collect();
        if let ([at], true) = (&single[..], stream) {
            let edit = case.replace_token(*at, twice);
            all.push(Candidate::new(MistakeId::WrongMark, STREAMED, vec![edit]));
        }
    }
}

const COMPARES: &[&str] = &["=", "<>", "<", ">", "<=", ">="];

/// `a > 2 and b = 3` means `a > (2 and b) = 3`: each comparison gets brackets.
fn comparisons(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let ends = |at: usize| {
        let word = lexed.word(at);
        matches!(word, "if" | "while" | "until" | "then" | "do" | "and" | "or" | "not" | ":=" | ";")
    };
    if !line.clone().any(|at| matches!(lexed.word(at), "and" | "or")) {
        return;
    }
    let mut edits = Vec::new();
    let mut start = line.start;
    for at in line.start..=line.end {
        let over = at == line.end || ends(at);
        if !over {
            continue;
        }
        let part = inner(case, start..at);
        let compares = part.clone().any(|at| {
            COMPARES.contains(&lexed.word(at))
                && case.text.pairs.inside_of(at) == case.text.pairs.inside_of(part.start)
        });
        if compares && part.len() > 2 {
            edits.push(case.insert(lexed.code[part.start].start, "("));
            edits.push(case.insert(lexed.code[part.end - 1].end, ")"));
        }
        start = at + 1;
    }
    // With one comparison, what stands beside it must be no number.
    let one = edits.len() == 2 && case.message.text.to_lowercase().contains("boolean");
    if edits.len() > 2 || one {
        all.push(Candidate::new(MistakeId::MissingBracket, BOUND_TIGHTER, edits));
    }
}

/// A part of a condition without the brackets at its ends that hold more than it.
fn inner(case: &Case, mut part: std::ops::Range<usize>) -> std::ops::Range<usize> {
    let lexed = case.lexed();
    let within = |at: usize, part: &std::ops::Range<usize>| {
        case.text.pairs.partner_of(at).is_some_and(|other| part.contains(&other))
    };
    while part.len() > 1 && lexed.is(part.start, "(") && !within(part.start, &part) {
        part.start += 1;
    }
    while part.len() > 1 && lexed.is(part.end - 1, ")") && !within(part.end - 1, &part) {
        part.end -= 1;
    }
    part
}

/// `/` divides real numbers: a whole one is made real first.
fn division(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    for mark in line.clone().filter(|at| lexed.is(*at, "/")) {
        let inside = case.text.pairs.inside_of(mark);
        let value = |at: &usize| {
            let word = lexed.word(*at);
            let ends =
                lexed.kind(*at) == Some(TokenKind::Op) || matches!(word, "=" | "then" | "else");
            let outer = case.text.pairs.inside_of(*at) == inside;
            !(outer && (ends || word == "," || Some(*at) == inside))
        };
        let right: Vec<usize> = (mark + 1..line.end).take_while(value).collect();
        let left: Vec<usize> = (line.start..mark).rev().take_while(value).collect();
        let wrap = |first: usize, last: usize| {
            let (from, to) = (lexed.code[first].start, lexed.code[last].end);
            let single = first == last || case.text.pairs.partner_of(first) == Some(last);
            if single {
                vec![case.insert(from, "fromIntegral ")]
            } else {
                vec![case.insert(from, "fromIntegral ("), case.insert(to, ")")]
            }
        };
        let converts = |at: Option<&usize>| at.is_some_and(|at| lexed.is(*at, "fromIntegral"));
        let right =
            right.first().copied().zip(right.last().copied()).filter(|(a, _)| !converts(Some(a)));
        let left =
            left.last().copied().zip(left.first().copied()).filter(|(a, _)| !converts(Some(a)));
        if let Some((first, last)) = right {
            let edits = wrap(first, last);
            all.push(Candidate::new(MistakeId::WrongNumberType, WHOLE_DIVIDED, edits));
        }
        if let Some((first, last)) = left {
            let mut edits = wrap(first, last);
            let score = WHOLE_DIVIDED + LEFT;
            all.push(Candidate::new(MistakeId::WrongNumberType, score, edits.clone()));
            if let Some((first, last)) = right {
                edits.extend(wrap(first, last));
                all.push(Candidate::new(MistakeId::WrongNumberType, WHOLE_DIVIDED + BOTH, edits));
            }
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn brackets_around_both_comparisons_stay() {
        check_fix(
            &FAMILY,
            "pascal",
            "program quay;\nvar\n  tide, low: integer;\nbegin\n  if (tide > 2 <|>and low = 2) then\n    writeln('high');\nend.\n",
            "Incompatible types: got \"Boolean\" expected \"Int64\"",
            "program quay;\nvar\n  tide, low: integer;\nbegin\n  if ((tide > 2) and (low = 2)) then\n    writeln('high');\nend.\n",
        );
    }

    #[test]
    fn what_stands_at_a_place_is_asked_for_in_front() {
        check_fix(
            &FAMILY,
            "c",
            "int is_empty(int **head) {\n    return head* <|>== 0;\n}\n",
            "expected expression before '==' token",
            "int is_empty(int **head) {\n    return *head == 0;\n}\n",
        );
    }

    #[test]
    fn a_mark_of_a_stream_is_written_twice() {
        check_fix(
            &FAMILY,
            "cpp",
            "#include <iostream>\nint main() {\n    std::cout < \"low \" <|><< 3 << '\\n';\n}\n",
            "no match for 'operator<<' (operand types are 'const char [5]' and 'int')",
            "#include <iostream>\nint main() {\n    std::cout << \"low \" << 3 << '\\n';\n}\n",
        );
    }

    #[test]
    fn a_comparison_beside_no_stream_is_left() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "struct T {};\nint main() {\n    T a, b;\n    bool low = a <|>< b;\n}\n",
            "no match for 'operator<' (operand types are 'T' and 'T')",
        );
    }

    #[test]
    fn a_length_is_made_real_before_it_divides() {
        check_fix(
            &FAMILY,
            "haskell",
            "mean :: [Double] -> Double\nmean tides = sum tides <|>/ length tides\n",
            "No instance for (Fractional Int) arising from a use of '/'",
            "mean :: [Double] -> Double\nmean tides = sum tides / fromIntegral (length tides)\n",
        );
    }

    #[test]
    fn a_number_that_is_real_already_is_left() {
        check_fix(
            &FAMILY,
            "haskell",
            "mean :: [Int] -> Double\nmean tides = sum tides <|>/ fromIntegral (length tides)\n",
            "No instance for (Fractional Int) arising from a use of '/'",
            "mean :: [Int] -> Double\nmean tides = fromIntegral (sum tides) / fromIntegral (length tides)\n",
        );
    }

    #[test]
    fn comparisons_of_a_loop_get_brackets_too() {
        check_fix(
            &FAMILY,
            "pascal",
            "program quay;\nvar\n  tide: integer;\nbegin\n  tide := 3;\n  while tide > 2 <|>or tide < 0 do\n    tide := 0;\nend.\n",
            "Incompatible types: got \"Boolean\" expected \"LongInt\"",
            "program quay;\nvar\n  tide: integer;\nbegin\n  tide := 3;\n  while (tide > 2) or (tide < 0) do\n    tide := 0;\nend.\n",
        );
    }

    #[test]
    fn comparisons_in_brackets_are_left() {
        check_no_fix(
            &FAMILY,
            "pascal",
            "program quay;\nvar\n  tide: integer;\nbegin\n  if (tide > 2) <|>and (tide < 9) then\n    tide := 0;\nend.\n",
            "Incompatible types: got \"Boolean\" expected \"LongInt\"",
        );
    }

    #[test]
    fn languages_that_compare_first_are_left() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    boolean go(int tide) {\n        return tide > 2 <|>&& tide;\n    }\n}\n",
            "bad operand types for binary operator '&&'",
        );
    }
}
