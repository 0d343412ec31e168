//! Rust: a value that a plain hole of a format cannot show, and a hole with `:?` can.

use super::family::{Example, Family, Phases};
use super::shape::call_at;
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// The type can be shown for debugging only.
const FOR_DEBUGGING: Factor = evidence("its type can be shown for debugging only", 7.0);
/// The type of the program can be shown in no way yet.
const DERIVED_TOO: Factor = weight("its type can be shown once it asks for that", 4.5);

pub(super) static FAMILY: Family = Family {
    id: "shown-value",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "fn main() {\n    let berths = vec![3, 4];\n    println!(\"all: {}\", <|>berths);\n}\n",
        message: "[E0277] `Vec<{integer}>` doesn't implement `std::fmt::Display`",
        after: "fn main() {\n    let berths = vec![3, 4];\n    println!(\"all: {:?}\", berths);\n}\n",
    },
};

/// Types of the library that can be shown for debugging only (as rustc 1.95 writes them).
const LIBRARY: &[&str] = &[
    "Vec<",
    "Option<",
    "Result<",
    "HashMap<",
    "BTreeMap<",
    "HashSet<",
    "BTreeSet<",
    "VecDeque<",
    "Range<",
    "std::ops::Range",
    "std::time::Duration",
    "()",
    "(",
    "[",
    "&[",
    "&mut [",
];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let said = case.message.text.strip_suffix("` doesn't implement `std::fmt::Display`");
    let Some(typed) = said.and_then(|said| said.strip_prefix('`')) else { return };
    let Some(hole) = hole(case) else { return };
    let shown = case.insert(hole, ":?");
    if LIBRARY.iter().any(|one| typed.starts_with(one)) {
        all.push(Candidate::new(MistakeId::NoPlainForm, FOR_DEBUGGING, vec![shown]).guess());
        return;
    }
    let lexed = case.lexed();
    let bare = typed.trim_start_matches('&').split('<').next().unwrap_or(typed);
    let Some(declared) = case.text.names.of(bare).next() else { return };
    if derives_debug(case, declared.token) {
        all.push(Candidate::new(MistakeId::NoPlainForm, FOR_DEBUGGING, vec![shown]).guess());
    } else if typed == bare {
        let head = lexed.source.line_start(lexed.code[declared.token].line);
        let asks = Edit::insert(case.file(), head, "#[derive(Debug)]\n");
        all.push(Candidate::new(MistakeId::NoPlainForm, DERIVED_TOO, vec![asks, shown]).guess());
    }
}

/// Whether the attributes above a type ask for `Debug`.
fn derives_debug(case: &Case, name: usize) -> bool {
    let lexed = case.lexed();
    let ends = |at: &usize| lexed.is(*at, "}") || lexed.is(*at, ";");
    let start = (0..name).rev().find(ends).map_or(0, |at| at + 1);
    let asked = (start..name).any(|at| lexed.is(at, "Debug"));
    let written = (0..lexed.code.len()).any(|at| {
        lexed.is(at, "Debug") && lexed.is(at + 1, "for") && lexed.is(at + 2, lexed.word(name))
    });
    asked || written
}

/// Where the hole that shows the value ends: before its closing brace.
fn hole(case: &Case) -> Option<usize> {
    let lexed = case.lexed();
    let (start, text) = (|at: usize| lexed.code[at].start, |at: usize| lexed.word(at));
    // `{berths}`: the compiler points into the text.
    if lexed.kind(case.token) == Some(TokenKind::Str) {
        let open = case.range.0.checked_sub(start(case.token))?;
        let close = open + text(case.token).get(open..)?.find('}')?;
        let plain = !text(case.token).get(open..close)?.contains(':');
        return plain.then_some(start(case.token) + close);
    }
    let opens = (0..case.token).rev().filter(|at| lexed.is(*at, "(") && lexed.before(*at) == "!");
    let call = opens.filter_map(|open| call_at(case, open)).find(|call| call.close > case.token)?;
    let format = call
        .arguments
        .iter()
        .position(|(first, last)| first == last && lexed.kind(*first) == Some(TokenKind::Str))?;
    let given =
        call.arguments.iter().position(|(first, last)| (*first..=*last).contains(&case.token))?;
    let number = given.checked_sub(format + 1)?;
    let format = call.arguments[format].0;
    let close = plain_holes(text(format)).nth(number)?;
    Some(start(format) + close)
}

/// The closing braces of the holes `{}` of a format, in bytes from its start.
fn plain_holes(format: &str) -> impl Iterator<Item = usize> {
    let mut marks = format.char_indices().peekable();
    std::iter::from_fn(move || {
        loop {
            let (_, mark) = marks.next()?;
            if mark != '{' {
                continue;
            }
            match marks.peek().copied() {
                Some((_, '{')) => {
                    marks.next();
                }
                Some((close, '}')) => return Some(close),
                // A hole with a form takes a value, too: which one is not counted here.
                _ => return None,
            }
        }
    })
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_no_fix};
    use super::FAMILY;

    #[test]
    fn the_second_hole_shows_the_second_value() {
        check_among(
            &FAMILY,
            "rust",
            "fn main() {\n    println!(\"{} {{}} {}\", 3, <|>Some(4));\n}\n",
            "[E0277] `Option<{integer}>` doesn't implement `std::fmt::Display`",
            "fn main() {\n    println!(\"{} {{}} {:?}\", 3, Some(4));\n}\n",
        );
    }

    #[test]
    fn a_name_within_the_format_is_shown_so_too() {
        check_among(
            &FAMILY,
            "rust",
            "fn main() {\n    let b = vec![3];\n    println!(\"all <|>{b}\");\n}\n",
            "[E0277] `Vec<{integer}>` doesn't implement `std::fmt::Display`",
            "fn main() {\n    let b = vec![3];\n    println!(\"all {b:?}\");\n}\n",
        );
    }

    #[test]
    fn a_type_of_the_program_asks_for_it_first() {
        check_among(
            &FAMILY,
            "rust",
            "struct Quay(u32);\nfn main() {\n    println!(\"{}\", <|>Quay(3));\n}\n",
            "[E0277] `Quay` doesn't implement `std::fmt::Display`",
            "#[derive(Debug)]\nstruct Quay(u32);\nfn main() {\n    println!(\"{:?}\", Quay(3));\n}\n",
        );
    }

    #[test]
    fn another_trait_is_not_shown() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    println!(\"{}\", <|>x);\n}\n",
            "[E0277] `Vec<i32>` doesn't implement `std::ops::Add`",
        );
    }
}
