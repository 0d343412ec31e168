//! Scala: `if` without `else` where a value is wanted: in the other case it gives nothing.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// In the other case it gives an empty value of the type.
const EMPTY: Factor = evidence("an empty value of the type is wanted", 0.5);

pub(super) static FAMILY: Family = Family {
    id: "if-value",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "scala",
        before: "object Quay {\n  def label(n: Int): String =\n    <|>if (n > 3) \"deep\"\n}\n",
        message: "type mismatch; found : Unit required: String",
        after: "object Quay {\n  def label(n: Int): String =\n    if (n > 3) \"deep\" else \"\"\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    let said = &case.message.text;
    let required = said.split_once("found : Unit required: ").map(|(_, required)| required.trim());
    let Some(required) = required.filter(|_| lexed.is(case.token, "if")) else { return };
    let condition = case.token + 1;
    let Some(close) = pairs.partner_of(condition).filter(|_| lexed.is(condition, "(")) else {
        return;
    };
    // The value ends with its block, or with its line.
    let block = pairs.partner_of(close + 1).filter(|_| lexed.is(close + 1, "{"));
    let line = lexed.on_line(lexed.code.get(close + 1).map_or(0, |next| next.line));
    let Some(last) = block.or(line.end.checked_sub(1)) else { return };
    if last <= close || lexed.is(last + 1, "else") {
        return;
    }
    let known = case.language().defaults.iter().find(|(typed, _)| *typed == required);
    let empty = known
        .map_or_else(|| (case.language().empty_value)(required), |(_, value)| (*value).to_owned());
    if !matches!(empty.as_str(), "" | "null") {
        let edit = case.insert(lexed.code[last].end, format!(" else {empty}"));
        all.push(Candidate::new(MistakeId::LostElse, EMPTY, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn an_else_on_the_next_line_is_seen() {
        check_no_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def label(n: Int): String =\n    <|>if (n > 3) \"deep\"\n    else print(n)\n}\n",
            "type mismatch; found : Unit required: String",
        );
    }
}
