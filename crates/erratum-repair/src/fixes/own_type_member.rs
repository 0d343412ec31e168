//! C, C++: a structure that would hold one of its own kind: it holds a pointer to one.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::names::NameKind;

/// Nothing holds itself.
const HOLDS_ITSELF: Factor = evidence("nothing holds one of its own kind", 8.0);

/// The member holds a pointer.
const POINTER: Factor = evidence("the member that it starts with is a pointer", 7.0);

pub(super) static FAMILY: Family = Family {
    id: "own-type-member",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "struct buoy {\n    int depth;\n    struct buoy <|>next;\n};\n",
        message: "field 'next' has incomplete type",
        after: "struct buoy {\n    int depth;\n    struct buoy *next;\n};\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    from_member(case, all);
    // Seen with gcc 12 and clang 14.
    let said = &case.message.text;
    if !said.contains("incomplete type") || !said.starts_with("field ") {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(end) = line.clone().find(|at| lexed.is(*at, ";")) else { return };
    let Some(name) = end.checked_sub(1).filter(|at| line.contains(at) && *at > line.start) else {
        return;
    };
    let Some(open) = case.text.pairs.inside_of(name) else { return };
    let own = open.checked_sub(1).map_or("", |at| lexed.word(at));
    if lexed.is(open, "{") && !own.is_empty() && lexed.is(name - 1, own) {
        let edit = case.insert(lexed.code[name].start, "*");
        all.push(Candidate::new(MistakeId::IncompleteType, HOLDS_ITSELF, vec![edit]).guess());
    }
}

/// `Buoy next = one->next;` where the member is a pointer (seen with gcc 12).
fn from_member(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if case.message.text != "invalid initializer" {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(mark) = line.clone().find(|at| lexed.is(*at, "=")) else { return };
    let last = case.statement_end(mark).wrapping_sub(1);
    let member = case.text.names.of(lexed.word(last)).find(|one| one.kind == NameKind::Member);
    let pointer = member.is_some_and(|one| one.token > 0 && lexed.is(one.token - 1, "*"));
    let reached = last > 0 && matches!(lexed.before(last), "." | "->");
    if pointer && reached && mark > line.start + 1 {
        let edit = case.insert(lexed.code[mark - 1].start, "*");
        all.push(Candidate::new(MistakeId::WrongType, POINTER, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn another_type_that_is_not_known_is_left() {
        check_no_fix(
            &FAMILY,
            "c",
            "struct buoy {\n    struct chain <|>next;\n};\n",
            "field 'next' has incomplete type",
        );
    }
}
