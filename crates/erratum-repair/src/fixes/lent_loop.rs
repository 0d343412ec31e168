//! Rust: a type that is told by what is put in elsewhere. A loop takes the values out of what is only lent, and one
//! of them is given back: `for c in self.crates` for `for c in &self.crates`. What is lent is put into a list of
//! the values: `result.push(rpm)` for `result.push(*rpm)`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use std::ops::Range;

/// A method to which the object is lent loops over what is in it, and gives back what it finds.
const TAKES_OUT: Factor = evidence("the loop takes out of an object that is only lent", 7.0);
/// The loop sets parts of what it finds.
const SETS: Factor = evidence("the loop changes what it finds", 9.0);
/// The compiler shows what was put in, and that it is lent.
const TOLD: Factor = evidence("the compiler shows that what is put in is lent", 6.5);

pub(super) static FAMILY: Family = Family {
    id: "lent-loop",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "rust",
        before: "impl Yard {\n    fn heavy(&self) -> Option<&Crate> {\n        for c in self.crates {\n            if c.kilos > 9.0 {\n                return Some(<|>c);\n            }\n        }\n        None\n    }\n}\n",
        message: "[E0308] mismatched types",
        after: "impl Yard {\n    fn heavy(&self) -> Option<&Crate> {\n        for c in &self.crates {\n            if c.kilos > 9.0 {\n                return Some(c);\n            }\n        }\n        None\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    // Seen with rustc 1.95.
    match case.message.code.as_deref() {
        Some("E0308") => {
            put_in(case, all);
            looped(case, all);
        }
        Some("E0507") => changed(case, all),
        _ => {}
    }
}

/// `for b in self.berths` whose body sets parts of what it finds.
fn changed(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let head = line
        .clone()
        .find(|at| lexed.is(*at, "for") && lexed.is(at + 2, "in") && lexed.is(at + 3, "self"));
    let Some(head) = head else { return };
    let open = line.clone().rfind(|at| lexed.opens_block(*at));
    let close = open.and_then(|open| case.text.pairs.partner_of(open));
    let (Some(open), Some(close)) = (open, close) else { return };
    let name = lexed.word(head + 1);
    let sets = |at: usize| {
        lexed.is(at, name)
            && lexed.is(at + 1, ".")
            && matches!(lexed.word(at + 3), "=" | "+=" | "-=" | "*=" | "/=")
    };
    let of_self = (head + 3..open).all(|at| {
        matches!(lexed.kind(at), Some(TokenKind::Name | TokenKind::Keyword)) || lexed.is(at, ".")
    });
    if of_self && (open..close).any(sets) {
        let edit = case.insert(lexed.code[head + 3].start, "&mut ");
        all.push(Candidate::new(MistakeId::MissingBorrow, SETS, vec![edit]).guess());
    }
}

/// `this argument has type `&u32`...`, `... which causes `result` to have type `Vec<&u32>``: a plain value is copied.
fn put_in(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let file = lexed.source.name();
    for span in &case.message.spans {
        let lent = span.text.strip_prefix("this argument has type `&");
        let typed = lent.and_then(|rest| rest.split_once('`')).map(|(typed, _)| typed);
        let (Some(typed), Some(at)) = (typed, span.at.as_ref().filter(|at| at.file == file)) else {
            continue;
        };
        let start = at.range(&lexed.source).0;
        let Some(token) = lexed.code.iter().position(|token| token.start == start) else {
            continue;
        };
        let plain = matches!(typed, "bool" | "char" | "usize" | "isize")
            || typed.strip_prefix(['u', 'i', 'f']).is_some_and(|bits| bits.parse::<u8>().is_ok());
        if plain && lexed.kind(token) == Some(TokenKind::Name) {
            let edit = case.insert(start, "*");
            all.push(Candidate::new(MistakeId::MissingDereference, TOLD, vec![edit]).guess());
        }
    }
}

/// The method around whose head lends the object: the tokens of its body.
fn lent_to(case: &Case) -> Option<Range<usize>> {
    let lexed = case.lexed();
    let mut open = case.text.pairs.block_of(lexed, case.token);
    while let Some(at) = open {
        let head = case.statement_start(at)..at;
        if head.clone().any(|at| lexed.is(at, "fn")) {
            let mut words = head;
            let lends = words.any(|at| {
                let word = at + 1 + usize::from(lexed.is(at + 1, "mut"));
                lexed.is(at, "&") && lexed.is(word, "self")
            });
            return lends.then(|| Some(at..case.text.pairs.partner_of(at)?))?;
        }
        open = case.text.pairs.block_of(lexed, at);
    }
    None
}

fn looped(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(body) = lent_to(case) else { return };
    let heads = body.clone().filter(|at| {
        lexed.is(*at, "for")
            && lexed.kind(at + 1) == Some(TokenKind::Name)
            && lexed.is(at + 2, "in")
            && lexed.is(at + 3, "self")
            && lexed.is(at + 4, ".")
            && lexed.opens_block(at + 6)
    });
    for head in heads {
        let name = lexed.word(head + 1);
        let Some(close) = case.text.pairs.partner_of(head + 6) else { continue };
        let inside = head + 7..close;
        let named = |at: &usize| lexed.is(*at, name) && lexed.before(*at) != ".";
        // One of the values is handed on as it is: it stands alone in a bracket.
        let alone = |at: &usize| named(at) && lexed.before(*at) == "(" && lexed.is(at + 1, ")");
        let sets = |at: &usize| {
            let assigns = matches!(lexed.word(at + 3), "=" | "+=" | "-=" | "*=" | "/=");
            named(at) && lexed.is(at + 1, ".") && assigns
        };
        if inside.clone().any(|at| alone(&at)) {
            let mark = if inside.clone().any(|at| sets(&at)) { "&mut " } else { "&" };
            let edit = case.insert(lexed.code[head + 3].start, mark);
            all.push(Candidate::new(MistakeId::MissingBorrow, TAKES_OUT, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn what_a_loop_changes_is_lent_to_be_changed() {
        check_fix(
            &FAMILY,
            "rust",
            "impl Quay {\n    fn moor(&mut self) {\n        for b in <|>self.berths {\n            b.free = false;\n        }\n    }\n}\n",
            "[E0507] cannot move out of `self.berths` which is behind a mutable reference",
            "impl Quay {\n    fn moor(&mut self) {\n        for b in &mut self.berths {\n            b.free = false;\n        }\n    }\n}\n",
        );
    }

    #[test]
    fn what_is_changed_is_lent_to_be_changed() {
        let text = |items: &str, object: &str| {
            format!(
                "impl Yard {{\n    fn light({object}self) -> Option<&Lamp> {{\n        for lamp in {items} {{\n            lamp.lit = true;\n            return Some(<|>lamp);\n        }}\n        None\n    }}\n}}\n"
            )
        };
        let right = text("&mut self.lamps", "&mut ").replace("<|>", "");
        check_fix(
            &FAMILY,
            "rust",
            &text("self.lamps", "&mut "),
            "[E0308] mismatched types",
            &right,
        );
        // What is given away may be taken out.
        check_no_fix(&FAMILY, "rust", &text("self.lamps", ""), "[E0308] mismatched types");
    }
}
