//! C++: texts in quotes are no objects, so they cannot be joined with each other or with numbers:
//! `"berth " + number + " free"`.

use super::family::{Example, Family, Phases};
use super::shape::{operand_end, type_of};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// A number is joined with texts.
const NUMBER_JOINED: Factor = evidence("a number is joined with texts", 6.0);
/// Two texts in quotes are joined.
const QUOTED_JOINED: Factor = evidence("two texts in quotes are joined", 6.0);

pub(super) static FAMILY: Family = Family {
    id: "text-sums",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "#include <string>\n\nstd::string label(int berth) {\n    return \"berth \" <|>+ berth + \" free\";\n}\n",
        message: "invalid operands of types 'const char*' and 'const char [6]' to binary 'operator+'",
        after: "#include <string>\n\nstd::string label(int berth) {\n    return \"berth \" + std::to_string(berth) + \" free\";\n}\n",
    },
};

/// What g++ 12 and clang 14 say of such a sum.
fn is_told(said: &str) -> bool {
    let quoted = said.contains("const char");
    let of_text = quoted || said.contains("basic_string") || said.contains("std::string");
    let sum = said.contains("no match for 'operator+'")
        || said.contains("to binary 'operator+'")
        || said.contains("invalid operands to binary expression");
    sum && of_text
}

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = case.message.text.replace(['‘', '’'], "'");
    if case.language().to_text.is_empty() || !is_told(&said) {
        return;
    }
    let Some(operands) = operands(case) else { return };
    let quoted = |&(first, last): &(usize, usize)| {
        first == last && lexed.kind(first) == Some(TokenKind::Str)
    };
    let mut edits: Vec<Edit> = Vec::new();
    for &(first, last) in &operands {
        // What counts its elements gives a number.
        let counts = last > first + 2
            && lexed.is(last, ")")
            && matches!(lexed.word(last - 2), "size" | "length" | "count");
        let number = counts || type_of(case, first, last).is_some_and(|typed| is_number(&typed));
        if let Some((before, behind)) = case.language().to_text.first().filter(|_| number) {
            edits.push(case.insert(lexed.code[first].start, *before));
            edits.push(case.insert(lexed.code[last].end, *behind));
        }
    }
    if !edits.is_empty() {
        all.push(Candidate::new(MistakeId::MissingToString, NUMBER_JOINED, edits).guess());
    } else if let [first, second, ..] = &operands[..]
        && quoted(first)
        && quoted(second)
    {
        let edits = vec![
            case.insert(lexed.code[first.0].start, "std::string("),
            case.insert(lexed.code[first.1].end, ")"),
        ];
        all.push(Candidate::new(MistakeId::MissingToString, QUOTED_JOINED, edits).guess());
    }
}

/// The operands of the sum that the message points into.
fn operands(case: &Case) -> Option<Vec<(usize, usize)>> {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let mut sums = line.clone().filter(|at| lexed.is(*at, "+"));
    let plus = sums.clone().find(|at| *at >= case.token).or_else(|| sums.next_back())?;
    let inside = case.text.pairs.inside_of(plus);
    let level = |at: &usize| case.text.pairs.inside_of(*at) == inside;
    let parts = |at: usize| {
        matches!(lexed.word(at), "," | ";" | "=" | "return" | "<<" | "+=" | "}" | "?" | ":")
    };
    let first = (0..plus).rev().filter(level).find(|at| parts(*at)).map_or(0, |at| at + 1);
    let first = inside.map_or(first, |open| first.max(open + 1));
    let mut all = Vec::new();
    let mut start = first;
    loop {
        let last = operand_end(case, start).filter(|last| *last < lexed.code.len())?;
        all.push((start, last));
        if !lexed.is(last + 1, "+") {
            break;
        }
        start = last + 2;
    }
    (all.len() > 1).then_some(all)
}

/// Whether a type is one of numbers.
fn is_number(typed: &str) -> bool {
    let plain = typed.trim_start_matches("const ").trim_end_matches(['&', ' ']);
    matches!(
        plain,
        "int"
            | "long"
            | "short"
            | "unsigned"
            | "unsigned int"
            | "size_t"
            | "std::size_t"
            | "double"
            | "float"
            | "long long"
    )
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn the_first_of_two_texts_in_quotes_becomes_an_object() {
        let text = "#include <string>\n\nstd::string label(std::string pier) {\n    return \"berth\" <|>+ \" \" + pier;\n}\n";
        let after = text.replace("\"berth\" <|>+", "std::string(\"berth\") +");
        let said =
            "invalid operands of types 'const char [6]' and 'const char [2]' to binary 'operator+'";
        check_fix(&FAMILY, "cpp", text, said, &after);
    }

    #[test]
    fn a_number_of_elements_is_one() {
        let text = "#include <string>\n\nstd::string label(const Pier &pier) {\n    return \"berths \" + pier.size() <|>+ \" in all\";\n}\n";
        let after = text.replace("pier.size() <|>+", "std::to_string(pier.size()) +");
        let said =
            "invalid operands of types 'const char*' and 'const char [8]' to binary 'operator+'";
        check_fix(&FAMILY, "cpp", text, said, &after);
    }

    #[test]
    fn a_value_of_another_class_is_no_number() {
        let text = "#include <string>\nstruct Pier {};\n\nstd::string label(Pier pier) {\n    return std::string(\"berth\") <|>+ pier;\n}\n";
        let said = "no match for 'operator+' (operand types are 'std::string' and 'Pier')";
        check_no_fix(&FAMILY, "cpp", text, said);
    }
}
