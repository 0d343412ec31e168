//! Rust: elements of a small type are taken out of a list in several places: the type is meant to be copied.

use super::derived::derives;
use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// Several elements of the type are taken out, and all that it holds is copied anyway.
const SMALL: Factor = weight("several are taken out, and all that it holds is copied anyway", 9.0);

/// Types that are copied (their words in Rust).
const COPIED: &[&str] = &[
    "i8", "i16", "i32", "i64", "i128", "isize", "u8", "u16", "u32", "u64", "u128", "usize", "f32",
    "f64", "bool", "char",
];

pub(super) static FAMILY: Family = Family {
    id: "copied-type",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "#[derive(Debug)]\nstruct Time {\n    hour: u8,\n}\n\nfn go(all: Vec<Time>) {\n    gap(<|>all[0], all[1]);\n}\n",
        message: "[E0507] cannot move out of index of `Vec<Time>`",
        after: "#[derive(Debug, Clone, Copy)]\nstruct Time {\n    hour: u8,\n}\n\nfn go(all: Vec<Time>) {\n    gap(all[0], all[1]);\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    // Seen with rustc 1.95.
    let said = &case.message.text;
    let Some(held) = said.strip_prefix("cannot move out of index of `Vec<") else { return };
    let name = held.trim_end_matches(['>', '`']);
    let lexed = case.lexed();
    let class = case.text.names.of(name).find(|one| one.kind == NameKind::Type);
    let Some(class) = class.filter(|one| lexed.before(one.token) == "struct") else { return };
    let open = class.token + 1;
    let Some(close) = case.text.pairs.partner_of(open).filter(|_| lexed.is(open, "{")) else {
        return;
    };
    // `name: type,` each, of plain types alone.
    let fields: Vec<usize> = (open..close).filter(|at| lexed.is(*at, ":")).collect();
    let plain = |at: &usize| {
        COPIED.contains(&lexed.word(at + 1)) && matches!(lexed.word(at + 2), "," | "}")
    };
    if fields.is_empty() || !fields.iter().all(plain) {
        return;
    }
    // `all[0]` as a whole value, on a line of which the compiler says so.
    let taken = |line: u32| {
        let values = lexed.on_line(line).filter(|at| {
            lexed.is(*at, "[")
                && lexed.kind(at.wrapping_sub(1)) == Some(TokenKind::Name)
                && at.checked_sub(2).is_some_and(|before| !lexed.is(before, "&"))
                && case.text.pairs.partner_of(*at).is_some_and(|end| !lexed.is(end + 1, "."))
        });
        values.count()
    };
    let mut lines: Vec<u32> =
        case.all.iter().filter(|one| one.text == *said).filter_map(|one| one.line()).collect();
    lines.sort_unstable();
    lines.dedup();
    if lines.into_iter().map(taken).sum::<usize>() > 1 {
        let edit = derives(case, class.token, "Clone, Copy");
        all.push(Candidate::new(MistakeId::MissingInstance, SMALL, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn what_holds_a_text_is_not_copied() {
        check_no_fix(
            &FAMILY,
            "rust",
            "struct Time {\n    name: String,\n}\n\nfn go(all: Vec<Time>) {\n    gap(<|>all[0], all[1]);\n}\n",
            "[E0507] cannot move out of index of `Vec<Time>`",
        );
    }

    #[test]
    fn a_single_element_may_be_lent() {
        check_no_fix(
            &FAMILY,
            "rust",
            "struct Time {\n    hour: u8,\n}\n\nfn go(all: Vec<Time>) {\n    let first = <|>all[0];\n}\n",
            "[E0507] cannot move out of index of `Vec<Time>`",
        );
    }
}
