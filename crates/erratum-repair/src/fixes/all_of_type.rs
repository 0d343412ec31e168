//! Rust: `use Light::all;` above bare `Red` and `Green`: all names of a type are brought in by `*`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::names::NameKind;

/// Names of the type stand bare in the text.
const BARE: Factor = weight("names of the type stand bare in the text", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "all-of-type",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "enum Light {\n    Red,\n    Green,\n}\n\nuse Light::<|>all;\n\nfn main() {\n    let now = Red;\n}\n",
        message: "[E0432] unresolved import `Light::all`",
        after: "enum Light {\n    Red,\n    Green,\n}\n\nuse Light::*;\n\nfn main() {\n    let now = Red;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    // Seen with rustc 1.95.
    let Some(path) = case.message.text.strip_prefix("unresolved import `") else { return };
    let Some((owner, last)) = path.trim_end_matches('`').rsplit_once("::") else { return };
    let lexed = case.lexed();
    let owner = owner.rsplit("::").next().unwrap_or(owner);
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(at) = line.clone().rev().find(|at| lexed.is(*at, last)) else { return };
    let class = case.text.names.of(owner).find(|one| one.kind == NameKind::Type);
    let Some(block) =
        class.and_then(|class| (class.token..lexed.code.len()).find(|at| lexed.is(*at, "{")))
    else {
        return;
    };
    let named = |word: &str| {
        let seen = case.text.names.seen.get(word).map_or(&[][..], Vec::as_slice);
        let own = |at: &usize| case.text.pairs.inside_of(*at) == Some(block);
        let bare = |at: &usize| !own(at) && !matches!(lexed.before(*at), "." | "::");
        seen.iter().any(own) && seen.iter().any(bare)
    };
    let close = case.text.pairs.partner_of(block).unwrap_or(block);
    let own = (block + 1..close).filter(|at| case.text.pairs.inside_of(*at) == Some(block));
    let starts = |at: &usize| matches!(lexed.before(*at), "{" | ",");
    if own.filter(starts).any(|at| named(lexed.word(at))) {
        let edit = case.replace_token(at, "*");
        all.push(Candidate::new(MistakeId::MisspeltImport, BARE, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn names_that_stand_with_their_type_need_no_import() {
        check_no_fix(
            &FAMILY,
            "rust",
            "enum Light {\n    Red,\n    Green,\n}\n\nuse Light::<|>all;\n\nfn main() {\n    let now = Light::Red;\n}\n",
            "[E0432] unresolved import `Light::all`",
        );
    }
}
