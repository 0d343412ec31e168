//! What the uses of a name tell of its type: `parts[0]` asks for an element, `first.getDay()` for a member.

use crate::fixes::Case;
use erratum_syntax::names::{Declared, NameKind};

/// Whether a plain name is used, further on, as only a value of another type can be used: a list by its
/// places, an object of the learner's own by its members.
pub(super) fn used_as(case: &Case, declared: &Declared, wanted: &str) -> bool {
    let lexed = case.lexed();
    let list = wanted.ends_with("[]") || wanted.starts_with("Vec<") || wanted.starts_with("[]");
    let own = case.text.names.of(wanted).any(|one| one.kind == NameKind::Type);
    let name = lexed.word(declared.token);
    let seen = case.text.names.seen.get(name).map_or(&[][..], Vec::as_slice);
    let uses = seen.iter().copied().filter(|at| {
        *at > declared.token
            && *at <= declared.scope.1
            && !matches!(lexed.before(*at), "." | "->" | "::")
            && case.text.names.resolve(lexed, *at).is_some_and(|one| one.token == declared.token)
    });
    let mut uses = uses.peekable();
    let asked = |at: usize| match lexed.word(at + 1) {
        "[" => list,
        "." => own && case.text.names.of(lexed.word(at + 2)).next().is_some(),
        _ => false,
    };
    uses.any(asked)
}
