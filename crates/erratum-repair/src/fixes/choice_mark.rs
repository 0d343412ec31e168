//! `deep ? "low" | "high"`, `deep ? "low" ; "high"`, `deep ? "low" "high"`: the two values of a choice with
//! another mark between them, or with none.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::lex::TokenKind;

/// A choice has a `:` between its values, and none stands there.
const BETWEEN: Factor = evidence("a choice has a `:` between its two values", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "choice-mark",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    String kind = depth > 3 ? \"low\" | \"high\"<|>;\n}\n",
        message: ": or -> expected",
        after: "class Quay {\n    String kind = depth > 3 ? \"low\" : \"high\";\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    let language = case.language();
    // Elsewhere `?` asks another question.
    let chooses = language.directives
        || language.object_required
        || language.type_first && !language.new_object.is_empty();
    if case.phase > Phase::Syntax || !chooses {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for mark in line.clone().filter(|at| lexed.is(*at, "?") && *at > line.start) {
        let level = pairs.inside_of(mark);
        let own = |at: &usize| pairs.inside_of(*at) == level;
        let closed = level.and_then(|open| pairs.partner_of(open));
        let end = closed.filter(|close| line.contains(close)).unwrap_or(line.end);
        let mut parts: Vec<usize> = (mark + 1..end).filter(own).collect();
        parts.pop_if(|last| lexed.is(*last, ";"));
        if parts.iter().any(|at| lexed.is(*at, ":")) {
            continue;
        }
        let value = |at: usize| lexed.kind(at).is_some_and(is_value);
        let beside = parts.windows(2).filter(|two| value(two[0]) && value(two[1]));
        let beside: Vec<usize> = beside.map(|two| two[0]).collect();
        let between = |at: &usize| BETWEEN_ELSEWHERE.contains(&lexed.word(*at));
        let marks: Vec<usize> = parts.iter().copied().filter(between).collect();
        let edit = match (&beside[..], &marks[..]) {
            ([first], _) => case.insert(lexed.code[*first].end, " :"),
            ([], [one]) if parts.first() != Some(one) && parts.last() != Some(one) => {
                case.replace_token(*one, ":")
            }
            _ => continue,
        };
        all.push(Candidate::new(MistakeId::WrongMark, BETWEEN, vec![edit]).guess());
    }
}

/// What is typed in the place of the mark between the two values.
const BETWEEN_ELSEWHERE: &[&str] = &["|", "||", ";", ",", "else"];

/// Whether a token is a value by itself.
fn is_value(kind: TokenKind) -> bool {
    matches!(kind, TokenKind::Name | TokenKind::Number | TokenKind::Str)
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_mark_that_ends_statements_stands_between_two_values() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    string Kind() { return deep ? low <|>; null; }\n}\n",
            "Unexpected symbol `;', expecting `:'",
            "class Quay {\n    string Kind() { return deep ? low : null; }\n}\n",
        );
    }

    #[test]
    fn two_values_have_no_mark_between_them() {
        check_fix(
            &FAMILY,
            "c",
            "void show(int open) {\n    print(open ? 1 <|>2, open);\n}\n",
            "expected ':' before numeric constant",
            "void show(int open) {\n    print(open ? 1 : 2, open);\n}\n",
        );
    }

    #[test]
    fn a_choice_that_is_whole_is_left() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int kind = a ? b | c : d<|>\n}\n",
            "';' expected",
        );
    }
}
