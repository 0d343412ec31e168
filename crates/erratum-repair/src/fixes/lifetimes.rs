//! Rust: a reference that is given back, or kept in a structure, without a word for what it borrows from.

use super::family::{Example, Family, Phases};
use super::shape::{Call, call_at};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::names::NameKind;

/// One parameter holds what is given back.
const HOLDS_IT: Factor = evidence("one parameter holds what is given back", 9.0);
/// Every reference of the structure gets the same word.
const KEPT: Factor = evidence("the structure keeps what it is given", 6.0);

pub(super) static FAMILY: Family = Family {
    id: "lifetimes",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "fn find(all: &[Boat], name: &str) -> Option<<|>&Boat> {\n    all.iter().find(|b| b.name == name)\n}\n",
        message: "[E0106] missing lifetime specifier",
        after: "fn find<'a>(all: &'a [Boat], name: &str) -> Option<&'a Boat> {\n    all.iter().find(|b| b.name == name)\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().borrows || case.message.code.as_deref() != Some("E0106") {
        return;
    }
    given_back(case, all);
    kept(case, all);
}

/// The marks `&` without a word of their own between two tokens.
fn references(case: &Case, first: usize, last: usize) -> impl Iterator<Item = usize> {
    let lexed = case.lexed();
    (first..=last).filter(|at| {
        lexed.is(*at, "&")
            && !lexed.code.get(at + 1).is_some_and(|t| lexed.text(t).starts_with('\''))
    })
}

/// `fn find(all: &[Boat], name: &str) -> &Boat`.
fn given_back(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(word) = line.clone().find(|at| lexed.is(*at, "fn")) else { return };
    let Some(header) = call_at(case, word + 2).filter(|_| lexed.is(word + 2, "(")) else { return };
    let end = line.clone().find(|at| *at > header.close && lexed.opens_block(*at));
    let Some(end) = end.or(Some(line.end)).filter(|_| lexed.is(header.close + 1, "->")) else {
        return;
    };
    let results: Vec<usize> = references(case, header.close + 2, end - 1).collect();
    let named = results.first().map(|at| lexed.word(at + 1));
    let Some(named) = named else { return };
    let Some((first, last)) = holder(case, &header, named) else { return };
    let mut edits = vec![case.insert(lexed.code[word + 1].end, "<'a>")];
    let marks = references(case, first, last).take(1).chain(results);
    edits.extend(marks.map(|at| case.insert(lexed.code[at].end, "'a ")));
    all.push(Candidate::new(MistakeId::LifetimeRules, HOLDS_IT, edits).guess());
}

/// The only parameter by reference whose type names what is given back.
fn holder(case: &Case, header: &Call, named: &str) -> Option<(usize, usize)> {
    let lexed = case.lexed();
    let holds = |&&(first, last): &&(usize, usize)| {
        let lent = references(case, first, last).next().is_some();
        lent && (first..=last).any(|at| lexed.is(at, named))
    };
    let mut holders = header.arguments.iter().filter(holds);
    let one = holders.next().copied()?;
    holders.next().is_none().then_some(one)
}

/// `struct Row { name: &str }`.
fn kept(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    let Some(open) = pairs.block_of(lexed, case.token) else { return };
    let name = open.checked_sub(1).filter(|name| matches!(lexed.before(*name), "struct" | "enum"));
    let (Some(name), Some(close)) = (name, pairs.partner_of(open)) else { return };
    let declared = case.text.names.of(lexed.word(name)).any(|one| one.kind == NameKind::Type);
    if !declared {
        return;
    }
    let mut edits: Vec<Edit> = vec![case.insert(lexed.code[name].end, "<'a>")];
    edits.extend(references(case, open, close).map(|at| case.insert(lexed.code[at].end, "'a ")));
    let of_type = |at: &usize| lexed.is(*at, lexed.word(name)) && lexed.is(at + 1, "{");
    let heads = (0..lexed.code.len())
        .filter(of_type)
        .filter(|at| lexed.before(*at) == "impl" || lexed.before(*at) == "for" && *at != name);
    for head in heads {
        let start = (0..head).rev().find(|at| lexed.is(*at, "impl"));
        if let Some(start) = start.filter(|start| lexed.code[*start].line == lexed.code[head].line)
        {
            edits.push(case.insert(lexed.code[start].end, "<'a>"));
            edits.push(case.insert(lexed.code[head].end, "<'a>"));
        }
    }
    all.push(Candidate::new(MistakeId::LifetimeRules, KEPT, edits).guess());
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_structure_that_keeps_a_reference() {
        check_fix(
            &FAMILY,
            "rust",
            "struct Row {\n    name: <|>&str,\n    all: &[u32],\n}\nimpl Row {\n    fn go(&self) {}\n}\n",
            "[E0106] missing lifetime specifier",
            "struct Row<'a> {\n    name: &'a str,\n    all: &'a [u32],\n}\nimpl<'a> Row<'a> {\n    fn go(&self) {}\n}\n",
        );
    }

    #[test]
    fn nobody_knows_which_of_two_is_given_back() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn longer(a: &str, b: &str) -> <|>&str {\n    a\n}\n",
            "[E0106] missing lifetime specifier",
        );
    }
}
