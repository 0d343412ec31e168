//! Scala: a function that calls itself says what it gives back.

use super::family::{Example, Family, Phases};
use super::shape::{simple_type, text_of};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// One way gives a plain value back.
const PLAIN_WAY: Factor = evidence("one way gives a plain value back", 9.0);
/// It may give back what it is given.
const AS_GIVEN: Factor = evidence("it may give back what it is given", 7.0);

pub(super) static FAMILY: Family = Family {
    id: "recursive-result",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "scala",
        before: "object Quay {\n  def sum(n: Int) = if (n < 2) n else n + <|>sum(n - 1)\n}\n",
        message: "recursive method sum needs result type",
        after: "object Quay {\n  def sum(n: Int): Int = if (n < 2) n else n + sum(n - 1)\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with scalac 2.11.
    let told = case.message.text.strip_prefix("recursive method ");
    let Some(name) = told.and_then(|told| told.split(' ').next()) else { return };
    let head = |at: &usize| lexed.is(*at, name) && lexed.before(*at) == "def";
    let Some(at) = (1..lexed.code.len()).find(head).filter(|at| lexed.is(at + 1, "(")) else {
        return;
    };
    let Some(close) = case.text.pairs.partner_of(at + 1).filter(|close| lexed.is(close + 1, "="))
    else {
        return;
    };
    let body = close + 2..(close + 40).min(lexed.code.len());
    let ways = body.filter(|at| {
        let condition = lexed.is(at - 1, ")")
            && case.text.pairs.partner_of(at - 1).is_some_and(|open| lexed.before(open) == "if");
        condition || matches!(lexed.word(at - 1), "else" | "=>")
    });
    let plain = ways.into_iter().find_map(|at| simple_type(case, at));
    let given = lexed.is(at + 3, ":").then(|| text_of(case, (at + 4, at + 4)));
    let found = plain.map(|typed| (typed, PLAIN_WAY)).or(given.map(|typed| (typed, AS_GIVEN)));
    if let Some((typed, why)) = found {
        let edit = case.insert(lexed.code[close].end, format!(": {typed}"));
        all.push(Candidate::new(MistakeId::MissingReturnType, why, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_fix;
    use super::FAMILY;

    #[test]
    fn a_way_that_ends_tells_the_type() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def row(n: Int) = if (n == 0) \"\" else \"x\" + <|>row(n - 1)\n}\n",
            "recursive method row needs result type",
            "object Quay {\n  def row(n: Int): String = if (n == 0) \"\" else \"x\" + row(n - 1)\n}\n",
        );
    }
}
