//! `.` where a pointer stands before the member, and `->` where none does.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// The compiler says what stands before the mark.
const TOLD: Factor = evidence("the compiler says whether a pointer stands there", 6.5);

/// The name before the mark is declared as a pointer.
const TYPE_TELLS: Factor = evidence("what stands before the mark is declared as a pointer", 7.0);

/// What compilers say where a pointer stands before `.` (seen with gcc 12, clang 14).
const POINTER: &[&str] = &["is of pointer type", "is a pointer; did you mean to use '->'"];

/// What they say where none stands before `->`.
pub(super) const NONE: &[&str] = &[
    "has non-pointer type",
    "invalid type argument of '->'",
    "is not a pointer; did you mean to use '.'",
];

pub(super) static FAMILY: Family = Family {
    id: "pointed",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "struct quay { int boats; };\n\nint go(struct quay *q) {\n    return q<|>.boats;\n}\n",
        message: "'q' is a pointer; did you mean to use '->'?",
        after: "struct quay { int boats; };\n\nint go(struct quay *q) {\n    return q->boats;\n}\n",
    },
};

/// Pascal: `old.next` of a pointer is `old^.next` (seen with fpc 3.2).
fn followed(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let arrow = case.language().member_arrow;
    let said = ["Illegal qualifier", "Illegal expression"];
    let said = said.iter().any(|said| case.message.text.starts_with(said));
    if !arrow.starts_with('^') || !said {
        return;
    }
    let near = [case.token, case.token.saturating_sub(1), case.token + 1];
    let Some(mark) = near.into_iter().find(|at| *at > 0 && lexed.is(*at, ".")) else { return };
    let typed = |at: usize| case.text.names.resolve(lexed, at).and_then(|declared| declared.typed);
    let pointer = typed(mark - 1).is_some_and(|(first, _)| {
        let named = case.text.names.of(lexed.word(first));
        let points = |at: usize| lexed.is(at + 1, "=") && lexed.is(at + 2, "^");
        lexed.is(first, "^") || named.into_iter().any(|declared| points(declared.token))
    });
    if pointer {
        let edit = case.replace_token(mark, arrow);
        all.push(Candidate::new(MistakeId::ForeignMark, TYPE_TELLS, vec![edit]));
    }
}

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    followed(case, all);
    // Quotes are of one kind here, whatever the compiler prints.
    let said = case.message.text.replace(['‘', '’', '`'], "'");
    let says = |words: &[&str]| words.iter().any(|word| said.contains(word));
    let (old, new) = match () {
        () if says(POINTER) => (".", "->"),
        () if says(NONE) => ("->", "."),
        () => return,
    };
    // Some compilers point at the mark, some at what stands beside it.
    let near = [case.token, case.token.saturating_sub(1), case.token + 1];
    let Some(mark) = near.into_iter().find(|at| lexed.is(*at, old)) else { return };
    // Of an array, one element is meant.
    let before = mark.checked_sub(1).and_then(|at| case.text.names.resolve(lexed, at));
    if before.is_some_and(|declared| lexed.is(declared.token + 1, "[")) {
        return;
    }
    let edit = case.replace_token(mark, new);
    let candidate = Candidate::new(MistakeId::WrongMark, TOLD, vec![edit]);
    all.push(if new == "." && always_followed(case, mark) { candidate.guess() } else { candidate });
}

/// Whether every use of a name, two at least, follows it as a pointer: then its declaration may be wrong.
pub(super) fn always_followed(case: &Case, mark: usize) -> bool {
    let (lexed, names) = (case.lexed(), &case.text.names);
    let Some(name) = mark.checked_sub(1) else { return false };
    let declared = |at: usize| names.resolve(lexed, at).map(|declared| declared.token);
    let meant = declared(name);
    let uses = names.seen.get(lexed.word(name)).map_or(&[][..], Vec::as_slice);
    let members = uses
        .iter()
        .filter(|at| matches!(lexed.word(**at + 1), "->" | ".") && declared(**at) == meant);
    members.clone().count() >= 2 && members.into_iter().all(|at| lexed.is(at + 1, "->"))
}

#[cfg(test)]
mod tests {
    use super::super::Certainty;
    use super::super::testing::{check_fix, check_no_fix, rated};
    use super::FAMILY;

    #[test]
    fn where_all_uses_follow_a_pointer_the_declaration_may_be_wrong() {
        let text = |other: &str| {
            format!(
                "struct quay {{ int boats; }};\n\nint go(struct quay q) {{\n    return q<|>->boats + q{other}boats;\n}}\n"
            )
        };
        let said = "invalid type argument of '->' (have 'struct quay')";
        let certainty = |other: &str| rated(&FAMILY, "c", &text(other), said)[0].1;
        assert_eq!(certainty("->"), Certainty::Guess);
        assert_ne!(certainty("."), Certainty::Guess);
    }

    #[test]
    fn a_pointer_of_cpp_is_pointed_at_by_its_member() {
        check_fix(
            &FAMILY,
            "cpp",
            "struct Quay { int boats; };\n\nint go(const Quay *best, Quay e) {\n    if (e.boats < best.<|>boats) return 1;\n    return 0;\n}\n",
            "request for member 'boats' in 'best', which is of pointer type 'const Quay*' (maybe you meant to use '->' ?)",
            "struct Quay { int boats; };\n\nint go(const Quay *best, Quay e) {\n    if (e.boats < best->boats) return 1;\n    return 0;\n}\n",
        );
    }

    #[test]
    fn a_value_has_its_members_behind_a_dot() {
        check_fix(
            &FAMILY,
            "c",
            "struct quay { int boats; };\n\nint go(struct quay q) {\n    return q<|>->boats;\n}\n",
            "invalid type argument of '->' (have 'struct quay')",
            "struct quay { int boats; };\n\nint go(struct quay q) {\n    return q.boats;\n}\n",
        );
    }

    #[test]
    fn an_array_is_no_pointer_to_one_of_them() {
        check_no_fix(
            &FAMILY,
            "c",
            "struct quay { int boats; };\n\nint go(void) {\n    struct quay q[3];\n    return q<|>.boats;\n}\n",
            "'q' is a pointer; did you mean to use '->'?",
        );
    }

    #[test]
    fn an_unknown_member_has_the_right_mark() {
        check_no_fix(
            &FAMILY,
            "c",
            "struct quay { int boats; };\n\nint go(struct quay q) {\n    return q<|>.boat;\n}\n",
            "'struct quay' has no member named 'boat'; did you mean 'boats'?",
        );
    }

    #[test]
    fn a_pointer_of_pascal_is_followed() {
        check_fix(
            &FAMILY,
            "pascal",
            "type\n  PNode = ^TNode;\nvar\n  old: PNode;\nbegin\n  head := old.<|>next;\nend.\n",
            "Illegal qualifier",
            "type\n  PNode = ^TNode;\nvar\n  old: PNode;\nbegin\n  head := old^.next;\nend.\n",
        );
        check_no_fix(
            &FAMILY,
            "pascal",
            "var\n  old: TNode;\nbegin\n  head := old.<|>next;\nend.\n",
            "Illegal qualifier",
        );
    }
}
