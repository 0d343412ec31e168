//! A member that is asked of one of two like values, and lost at the other:
//! `all[k].holes > all[best]` for `all[k].holes > all[best].holes`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The other value of the comparison is asked for a member.
const OTHER_ASKED: Factor = evidence("the other value is asked for this member", 6.5);

pub(super) static FAMILY: Family = Family {
    id: "mirrored",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "pascal",
        before: "type\n  TNet = record\n    holes: integer;\n  end;\nfunction worse(const all: array of TNet; k, best: integer): boolean;\nbegin\n  worse := all[k].holes <|>> all[best];\nend;\n",
        message: "Operator is not overloaded: \"LongInt\" > \"TNet\"",
        after: "type\n  TNet = record\n    holes: integer;\n  end;\nfunction worse(const all: array of TNet; k, best: integer): boolean;\nbegin\n  worse := all[k].holes > all[best].holes;\nend;\n",
    },
};

/// Marks between two values of the same kind.
const BETWEEN: &[&str] = &["<", ">", "<=", ">=", "==", "!=", "<>", "===", "!==", "-", "+", "="];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // fpc points to the token behind the comparison.
    let reported = lexed.code[case.token].line;
    for line in reported.saturating_sub(1).max(1)..=reported {
        for at in lexed.on_line(line).filter(|at| BETWEEN.contains(&lexed.word(*at))) {
            let (Some(left), Some(right)) = (Value::before(case, at), Value::behind(case, at))
            else {
                continue;
            };
            lost(case, &left, &right, all);
            lost(case, &right, &left, all);
        }
    }
}

/// Proposes the member of one value for another that has none.
fn lost(case: &Case, asked: &Value, bare: &Value, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let (Some(member), None) = (asked.member, bare.member) else { return };
    // A name and an element of it, or two elements of one list, are like values; two other names are,
    // if they are declared with the same type.
    let one_list = lexed.word(asked.first) == lexed.word(bare.first)
        && lexed.is(asked.first + 1, "[")
        && lexed.is(bare.first + 1, "[");
    let typed = |value: &Value| {
        let declared = case.text.names.resolve(lexed, value.first)?;
        let plain = value.first + 1 == value.end;
        Some(super::shape::text_of(case, declared.typed?)).filter(|_| plain)
    };
    let head = Value { end: member - 1, member: None, ..*asked };
    let same_type = typed(&head).is_some_and(|own| typed(bare) == Some(own));
    if !one_list && !same_type {
        return;
    }
    let (from, to) = (lexed.code[member - 1].start, lexed.code[asked.end - 1].end);
    let text = lexed.source.slice(from, to).into_owned();
    let edit = case.insert(lexed.code[bare.end - 1].end, text);
    all.push(Candidate::new(MistakeId::TypeClash, OTHER_ASKED, vec![edit]).guess());
}

/// A name with its indices, and perhaps a member behind it.
#[derive(Clone, Copy)]
struct Value {
    first: usize,
    /// Behind the last token.
    end: usize,
    /// The member's name.
    member: Option<usize>,
}

impl Value {
    /// The value that ends before a mark.
    fn before(case: &Case, mark: usize) -> Option<Value> {
        let lexed = case.lexed();
        let line = lexed.on_line(lexed.code[mark].line);
        let inside = case.text.pairs.inside_of(mark);
        let own = |at: &usize| case.text.pairs.inside_of(*at) == inside;
        let starts = line.clone().take_while(|at| *at < mark).filter(own);
        let found = starts.filter_map(|at| Value::at(case, at));
        found.filter(|value| value.end == mark).min_by_key(|value| value.first)
    }

    /// The value that starts behind a mark.
    fn behind(case: &Case, mark: usize) -> Option<Value> {
        Value::at(case, mark + 1)
    }

    fn at(case: &Case, first: usize) -> Option<Value> {
        let lexed = case.lexed();
        let joined = first.checked_sub(1).is_some_and(|at| matches!(lexed.word(at), "." | "->"));
        if lexed.kind(first) != Some(TokenKind::Name) || joined {
            return None;
        }
        let mut at = first + 1;
        while lexed.is(at, "[") {
            at = case.text.pairs.partner_of(at)? + 1;
        }
        let member = Some(at + 1).filter(|name| {
            matches!(lexed.word(at), "." | "->") && lexed.kind(*name) == Some(TokenKind::Name)
        });
        let Some(name) = member else { return Some(Value { first, end: at, member }) };
        let mut end = name + 1;
        if lexed.is(end, "(") && lexed.is(end + 1, ")") {
            end += 2;
        }
        Some(Value { first, end, member })
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_member_that_is_called_is_called_there_too() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc worse(all []Hand, i, j int) bool {\n\treturn <|>all[i].Total() > all[j]\n}\n",
            "invalid operation: all[i].Total() > all[j] (mismatched types int and Hand)",
            "package quay\n\nfunc worse(all []Hand, i, j int) bool {\n\treturn all[i].Total() > all[j].Total()\n}\n",
        );
    }

    #[test]
    fn the_member_may_be_lost_on_the_left() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    boolean longer(Boat a, Boat b) {\n        return a <|>> b.length;\n    }\n}\n",
            "bad operand types for binary operator '>'",
            "class Quay {\n    boolean longer(Boat a, Boat b) {\n        return a.length > b.length;\n    }\n}\n",
        );
    }

    #[test]
    fn values_of_other_types_are_left_alone() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    boolean longer(int a, Boat b) {\n        return a <|>> b.name;\n    }\n}\n",
            "bad operand types for binary operator '>'",
        );
    }

    #[test]
    fn two_values_with_members_are_left_alone() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    boolean longer(Boat a, Boat b) {\n        return a.name <|>> b.length;\n    }\n}\n",
            "bad operand types for binary operator '>'",
        );
    }
}
