//! Rust: a trait where a type belongs: its values are of many sizes, so what holds them holds boxes:
//! `Vec<Part>` for `Vec<Box<dyn Part>>`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// What is held may have any size, so it stands in a box.
const HELD: Factor = evidence("what is held may be of any size, so it stands in a box", 10.0);
/// What is lent may have any size.
const LENT: Factor = evidence("what is lent is any type with the trait", 10.0);

/// What holds a value somewhere else, whatever its size is.
const POINTERS: &[&str] = &["Box", "Rc", "Arc", "RefCell", "Mutex", "RwLock", "Cell", "Cow", "Pin"];

pub(super) static FAMILY: Family = Family {
    id: "trait-object",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "trait Part {}\n\nstruct Yard {\n    parts: Vec<<|>Part>,\n}\n",
        message: "[E0782] expected a type, found a trait",
        after: "trait Part {}\n\nstruct Yard {\n    parts: Vec<Box<dyn Part>>,\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with rustc 1.63 and 1.90.
    let said = case.message.text.as_str();
    let bare = case.message.code.as_deref() == Some("E0782");
    let sized = said.contains("size for values of type") && said.contains("dyn ");
    if !case.language().borrows || !bare && !sized {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let name = match bare {
        true => Some(case.token),
        false => {
            line.clone().find(|at| lexed.before(*at) == "dyn" && said.contains(lexed.word(*at)))
        }
    };
    let Some(name) = name.filter(|at| lexed.kind(*at) == Some(TokenKind::Name)) else { return };
    let first = if lexed.before(name) == "dyn" { name - 1 } else { name };
    let Some(last) = end_of(case, name) else { return };
    let (from, to) = (lexed.code[first].start, lexed.code[last].end);
    let typed = lexed.source.slice(lexed.code[name].start, to).into_owned();
    let before = lexed.before(first);
    let lent = before == "&" || before == "mut" || before.starts_with('\'');
    if lent && bare {
        let edit = case.insert(from, "dyn ");
        all.push(Candidate::new(MistakeId::TraitRules, LENT, vec![edit]).guess());
    } else if !lent && (is_held(case, first) || is_field(case, first)) {
        let edit = Edit::replace(case.file(), from, to, format!("Box<dyn {typed}>"));
        all.push(Candidate::new(MistakeId::TraitRules, HELD, vec![edit]).guess());
    }
}

/// The last token of the trait, with the types that it is made for.
fn end_of(case: &Case, name: usize) -> Option<usize> {
    let lexed = case.lexed();
    if !lexed.is(name + 1, "<") {
        return Some(name);
    }
    let mut deep = 0;
    for at in name + 1..lexed.code.len() {
        match lexed.word(at) {
            "<" => deep += 1,
            ">" => deep -= 1,
            ";" | "{" | "}" => return None,
            _ => {}
        }
        if deep == 0 {
            return Some(at);
        }
    }
    None
}

/// Whether a type stands between the angle brackets of one that holds its values itself.
fn is_held(case: &Case, first: usize) -> bool {
    let lexed = case.lexed();
    let mut deep = 0;
    for at in (0..first).rev() {
        match lexed.word(at) {
            ">" => deep += 1,
            ">>" => deep += 2,
            "<" if deep == 0 => return at > 0 && !POINTERS.contains(&lexed.word(at - 1)),
            "<" => deep -= 1,
            ";" | "{" | "}" | "(" | "=" => return false,
            _ => {}
        }
    }
    false
}

/// Whether a type is that of a field of a structure.
fn is_field(case: &Case, first: usize) -> bool {
    let lexed = case.lexed();
    let open = case.text.pairs.inside_of(first).filter(|open| lexed.is(*open, "{"));
    let heads = open.map_or(0..0, |open| open.saturating_sub(6)..open);
    lexed.before(first) == ":" && heads.into_iter().any(|at| lexed.is(at, "struct"))
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_value_of_any_size_stands_in_a_box() {
        check_fix(
            &FAMILY,
            "rust",
            "trait Part {}\n\nfn parts() -> <|>Vec<dyn Part> {\n    Vec::new()\n}\n",
            "[E0277] the size for values of type `(dyn Part + 'static)` cannot be known at compilation time",
            "trait Part {}\n\nfn parts() -> Vec<Box<dyn Part>> {\n    Vec::new()\n}\n",
        );
        check_fix(
            &FAMILY,
            "rust",
            "trait Part {}\n\nstruct Yard {\n    main: <|>Part,\n}\n",
            "[E0782] expected a type, found a trait",
            "trait Part {}\n\nstruct Yard {\n    main: Box<dyn Part>,\n}\n",
        );
    }

    #[test]
    fn what_is_lent_needs_no_box() {
        check_fix(
            &FAMILY,
            "rust",
            "trait Part {}\n\nfn first(parts: &[Box<dyn Part>]) -> &<|>Part {\n    &*parts[0]\n}\n",
            "[E0782] expected a type, found a trait",
            "trait Part {}\n\nfn first(parts: &[Box<dyn Part>]) -> &dyn Part {\n    &*parts[0]\n}\n",
        );
    }

    #[test]
    fn a_box_holds_it_as_it_is() {
        check_no_fix(
            &FAMILY,
            "rust",
            "trait Part {}\n\nfn give() -> Box<<|>Part> {\n    Box::new(Plank)\n}\n",
            "[E0782] expected a type, found a trait",
        );
    }
}
