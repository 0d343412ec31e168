//! Java: objects are compared by the marks of numbers: `due < today` for `due.isBefore(today)`.

use super::family::{Example, Family, Phases};
use super::shape::{operand_end, operand_start, text_of};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;

/// A method says which of two objects comes first.
const BY_METHOD: Factor = evidence("a method says which of two objects comes first", 7.5);

pub(super) static FAMILY: Family = Family {
    id: "compared-objects",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    boolean late(LocalDate due, LocalDate today) { return due <|>< today; }\n}\n",
        message: "bad operand types for binary operator '<' first type: LocalDate second type: LocalDate",
        after: "class Quay {\n    boolean late(LocalDate due, LocalDate today) { return due.isBefore(today); }\n}\n",
    },
};

/// Types of time, which have methods of their own (as in the library of Java 17).
const TIMES: &[&str] = &["LocalDate", "LocalTime", "LocalDateTime", "ZonedDateTime", "Instant"];
/// Other types of the library that have an order.
const ORDERED: &[&str] = &["String", "BigDecimal", "BigInteger", "Duration"];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with javac 17.
    let said = &case.message.text;
    let Some(rest) = said.strip_prefix("bad operand types for binary operator '") else { return };
    let mark = rest.split('\'').next().unwrap_or_default();
    let notes = case.message.notes.iter().map(|note| note.text.as_str());
    let texts: Vec<&str> = notes.chain([said.as_str()]).collect();
    let typed = |which: &str| {
        let rest = texts.iter().find_map(|text| Some(text.split_once(which)?.1))?;
        rest.split_whitespace().next()
    };
    let (Some(left), Some(right)) = (typed("first type:"), typed("second type:")) else { return };
    let line = lexed.on_line(lexed.code[case.token].line);
    let mut marks = line.filter(|at| lexed.is(*at, mark));
    let (Some(at), None) = (marks.next(), marks.next()) else { return };
    if left != right || at == 0 {
        return;
    }
    // A text that is not the compiler's may end with the mark.
    let end = operand_end(case, at + 1).filter(|end| *end < lexed.code.len());
    let Some(end) = end else { return };
    let start = operand_start(case, at - 1);
    let (one, other) = (text_of(case, (start, at - 1)), text_of(case, (at + 1, end)));
    let text = match mark {
        "<" if TIMES.contains(&left) => format!("{one}.isBefore({other})"),
        ">" if TIMES.contains(&left) => format!("{one}.isAfter({other})"),
        "<=" if TIMES.contains(&left) => format!("!{one}.isAfter({other})"),
        ">=" if TIMES.contains(&left) => format!("!{one}.isBefore({other})"),
        "<" | ">" | "<=" | ">=" if ORDERED.contains(&left) => {
            format!("{one}.compareTo({other}) {mark} 0")
        }
        _ => return,
    };
    let edit = Edit::replace(case.file(), lexed.code[start].start, lexed.code[end].end, text);
    all.push(Candidate::new(MistakeId::OperatorRules, BY_METHOD, vec![edit]).guess());
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn texts_are_compared_by_their_order() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    boolean more(Boat a, Boat b) { return a.name() <|>> b.name(); }\n}\n",
            "bad operand types for binary operator '>' first type: String second type: String",
            "class Quay {\n    boolean more(Boat a, Boat b) { return a.name().compareTo(b.name()) > 0; }\n}\n",
        );
    }

    #[test]
    fn a_text_may_end_with_the_mark() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    boolean late = due <|><",
            "bad operand types for binary operator '<' first type: LocalDate second type: LocalDate",
        );
    }

    #[test]
    fn what_has_no_order_is_left() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    boolean more(Boat a, Boat b) { return a <|>> b; }\n}\n",
            "bad operand types for binary operator '>' first type: Boat second type: Boat",
        );
    }
}
