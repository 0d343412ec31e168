//! A function that is handed over as a member of the elements alone: `sailings.filter(hour > 3)` for
//! `sailings.filter(s => s.hour > 3)`, Scala's `maxBy(hour)` for `maxBy(_.hour)`.

use super::family::{Example, Family, Phases};
use super::lambda_head::head;
use super::shape::calls_near;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::{Declared, NameKind};

/// What the method of a list is handed is a member of a type of the program.
const OF_ELEMENT: Factor = evidence("the method of a list is handed a member by itself", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "element-member",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "interface Sailing { hour: number }\nfunction late(all: Sailing[]) {\n  return all.filter(<|>hour > 3);\n}\n",
        message: "[TS2304] Cannot find name 'hour'.",
        after: "interface Sailing { hour: number }\nfunction late(all: Sailing[]) {\n  return all.filter(s => s.hour > 3);\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, names) = (case.lexed(), &case.text.names);
    let Some(head) = head(case) else { return };
    let name = lexed.word(case.token);
    if case.phase != Phase::Name
        || lexed.kind(case.token) != Some(TokenKind::Name)
        || lexed.before(case.token) == "."
        || !case.message.text.contains(name)
    {
        return;
    }
    let member = |at: usize| names.of(lexed.word(at)).find_map(|one| owner(case, one));
    let Some(owner) = member(case.token) else { return };
    for call in calls_near(case) {
        let method = call.name.checked_sub(1).is_some_and(|at| lexed.is(at, "."));
        let [(first, last)] = call.arguments[..] else { continue };
        if !method || !(first..=last).contains(&case.token) {
            continue;
        }
        // What has a head already, or a body of its own, is another matter.
        if (first..=last).any(|at| matches!(lexed.word(at), "=>" | "->" | "|" | "{" | "_" | "::")) {
            continue;
        }
        let parts: Vec<usize> = (first..=last)
            .filter(|at| {
                lexed.kind(*at) == Some(TokenKind::Name)
                    && !matches!(lexed.before(*at), "." | "?.")
                    && member(*at).is_some()
            })
            .collect();
        let bare = case.language().calls_elements && parts.len() == 1;
        let letter = owner.chars().next().map_or('x', |c| c.to_ascii_lowercase()).to_string();
        let value = if bare { "_".to_owned() } else { letter };
        if !bare && names.of(&value).next().is_some() {
            continue;
        }
        let mut edits: Vec<Edit> = Vec::new();
        for at in parts {
            let start = if at == first && !bare { head(&value) } else { String::new() };
            edits.push(case.insert(lexed.code[at].start, format!("{start}{value}.")));
        }
        if !bare && !edits.iter().any(|edit| edit.start == lexed.code[first].start) {
            edits.insert(0, case.insert(lexed.code[first].start, head(&value)));
        }
        all.push(Candidate::new(MistakeId::MissingHead, OF_ELEMENT, edits).guess());
    }
}

/// The type that declares a member: by its block, or by the brackets of its head.
fn owner<'a>(case: &'a Case, declared: &Declared) -> Option<&'a str> {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    let open = pairs.inside_of(declared.token)?;
    let class = |at: usize| {
        case.text.names.declared.iter().any(|one| one.kind == NameKind::Type && one.token == at)
    };
    match lexed.word(open) {
        "(" => {
            let part = matches!(lexed.before(declared.token), "(" | "," | "val" | "var")
                || declared.kind == NameKind::Member;
            open.checked_sub(1).filter(|at| part && class(*at))
        }
        "{" if declared.kind != NameKind::Function => {
            (open.saturating_sub(8)..open).rev().find(|at| class(*at))
        }
        _ => None,
    }
    .map(|at| lexed.word(at))
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    const HEAD: &str = "case class Sailing(port: String, hour: Int)\n\nobject Quay {\n  def last(all: List[Sailing]) = all.";

    #[test]
    fn one_member_has_a_mark_for_its_element() {
        for (before, after) in
            [("maxBy(<|>hour)", "maxBy(_.hour)"), ("filter(<|>hour > 3)", "filter(_.hour > 3)")]
        {
            check_fix(
                &FAMILY,
                "scala",
                &format!("{HEAD}{before}\n}}\n"),
                "not found: value hour",
                &format!("{HEAD}{after}\n}}\n"),
            );
        }
    }

    #[test]
    fn each_language_has_its_own_arrow() {
        check_fix(
            &FAMILY,
            "rust",
            "struct Tide {\n    high: u32,\n}\nfn low(all: &[Tide]) -> usize {\n    all.iter().filter(3 > <|>high).count()\n}\n",
            "[E0425] cannot find value `high` in this scope",
            "struct Tide {\n    high: u32,\n}\nfn low(all: &[Tide]) -> usize {\n    all.iter().filter(|t| 3 > t.high).count()\n}\n",
        );
    }

    #[test]
    fn what_no_type_declares_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def last(all: List[Int]) = all.filter(<|>hour > 3)\n}\n",
            "not found: value hour",
        );
    }
}
