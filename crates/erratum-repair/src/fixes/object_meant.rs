//! A method or a field that belongs to an object is asked of its type, or of nothing: `Quay.land(4)` where `quay`
//! is the only object of that type at hand.

use super::family::{Example, Family, Phases};
use super::shape::receiver;
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::{Declared, NameKind};

/// Only one object of the type is at hand.
const ONLY_OBJECT: Factor = weight("it is the only object of the type at hand", 6.0);

/// Where a method may belong to the class as a whole, that is as likely.
const NEEDS_NONE: Factor = weight("it may need no object", -5.0);

/// What compilers say of it (seen with gcc 12, tsc 5.9, scalac 2.11, javac 17, mcs 6.8, go 1.19).
const SAID: &[&str] = &[
    "without object",
    "on type 'typeof ",
    "not found: value ",
    "from a static context",
    "An object reference is required",
    "undefined: ",
];

pub(super) static FAMILY: Family = Family {
    id: "object-meant",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "scala",
        before: "class Quay {\n  def land(count: Int): Unit = println(count)\n}\nobject Main {\n  def main(args: Array[String]): Unit = {\n    val north = new Quay\n    <|>Quay.land(4)\n  }\n}\n",
        message: "not found: value Quay",
        after: "class Quay {\n  def land(count: Int): Unit = println(count)\n}\nobject Main {\n  def main(args: Array[String]): Unit = {\n    val north = new Quay\n    north.land(4)\n  }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !SAID.iter().any(|said| case.message.text.contains(said)) {
        return;
    }
    for at in lexed.on_line(lexed.code[case.token].line) {
        let own_type = |one: &Declared| one.kind == NameKind::Type;
        let of_type = matches!(lexed.word(at + 1), "." | "::")
            && lexed.kind(at) == Some(TokenKind::Name)
            && case.text.names.of(lexed.word(at)).any(own_type);
        let (member, typed) = if of_type {
            (at + 2, Some(lexed.word(at)))
        } else if at == case.token && !matches!(lexed.before(at), "." | "->" | "::") {
            (at, None)
        } else {
            continue;
        };
        let Some(typed) = owner(case, member, typed) else { continue };
        let [object] = objects(case, typed, at)[..] else { continue };
        let name = lexed.word(object.token);
        // A method asks its own object for a field: another family's.
        if receiver(case, at).is_some_and(|(own, _)| own == name) {
            continue;
        }
        let mark =
            if lexed.language.owner_mark.is_empty() { "." } else { object_mark(case, object) };
        let start = lexed.code[at].start;
        let edit = if of_type {
            let end = lexed.code[at + 1].end;
            Edit::replace(case.file(), start, end, format!("{name}{mark}"))
        } else {
            case.insert(start, format!("{name}{mark}"))
        };
        let may_be_static = !of_type && lexed.language.is_keyword("static");
        let score = ONLY_OBJECT + NEEDS_NONE.when(may_be_static);
        all.push(Candidate::new(MistakeId::MissingStatic, score, vec![edit]).guess());
    }
}

/// What stands between an object and its member: a pointer has a mark of its own.
fn object_mark(case: &Case, object: &Declared) -> &'static str {
    let pointer = object.typed.is_some_and(|(_, last)| case.lexed().is(last, "*"));
    if pointer && case.lexed().before(object.token) == "*" { "->" } else { "." }
}

/// The type of the program to which a member belongs: the one that is written, or the only one that has it.
fn owner<'a>(case: &'a Case, member: usize, written: Option<&'a str>) -> Option<&'a str> {
    let lexed = case.lexed();
    let own = case.text.names.of(lexed.word(member));
    let own = own.filter(|one| matches!(one.kind, NameKind::Function | NameKind::Member));
    let mut types = own.filter_map(|one| type_of_member(case, one.token));
    match written {
        Some(written) => types.any(|typed| typed == written).then_some(written),
        None => types.next().filter(|first| types.all(|other| other == *first)),
    }
}

/// The type in whose braces a member is declared, or that its receiver has.
fn type_of_member<'a>(case: &'a Case, member: usize) -> Option<&'a str> {
    let lexed = case.lexed();
    if case.language().receivers && lexed.before(member) == ")" {
        return Some(lexed.word(member.checked_sub(2)?));
    }
    let open = case.text.pairs.block_of(lexed, member)?;
    let head = case.statement_start(open)..open;
    let mut types = case.text.names.declared.iter().filter(|one| one.kind == NameKind::Type);
    types.find(|one| head.contains(&one.token)).map(|one| lexed.word(one.token))
}

/// The values that are known at a token and are objects of a type, as their declarations tell.
fn objects<'a>(case: &'a Case, typed: &str, at: usize) -> Vec<&'a Declared> {
    let lexed = case.lexed();
    let known = case.text.names.declared.iter().filter(|one| {
        let (from, to) = one.scope;
        one.kind == NameKind::Value && one.token < at && (from..=to).contains(&at)
    });
    let of_type = |one: &&Declared| {
        let end = case.statement_end(one.token).min(at);
        let written = one.typed.is_some_and(|(first, last)| {
            (first..=last).any(|at| lexed.word(at) == typed) && last < first + 3
        });
        let mut value = (one.token + 1)..end;
        let made = value.find(|at| matches!(lexed.word(*at), "=" | ":=")).is_some_and(|mark| {
            let first = mark + 1 + usize::from(matches!(lexed.word(mark + 1), "new" | "&"));
            lexed.word(first) == typed && matches!(lexed.word(first + 1), "(" | "{" | "" | ";")
                || lexed.word(first) == typed && lexed.code.get(first + 1).is_some_and(|t| t.first)
        });
        written || made
    };
    known.filter(of_type).collect()
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn a_method_with_a_receiver_is_called_on_the_object() {
        check_fix(
            &FAMILY,
            "go",
            "package main\n\ntype Quay struct {\n\tcount int\n}\n\nfunc (q *Quay) Land(n int) {\n\tq.count += n\n}\n\nfunc main() {\n\tquay := Quay{}\n\t<|>Land(7)\n\tquay.Land(3)\n}\n",
            "undefined: Land",
            "package main\n\ntype Quay struct {\n\tcount int\n}\n\nfunc (q *Quay) Land(n int) {\n\tq.count += n\n}\n\nfunc main() {\n\tquay := Quay{}\n\tquay.Land(7)\n\tquay.Land(3)\n}\n",
        );
    }

    #[test]
    fn of_two_objects_either_may_be_meant() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "class Quay {\n  land(count: number): void {}\n}\nconst north = new Quay();\nconst south = new Quay();\n<|>Quay.land(7);\n",
            "[TS2339] Property 'land' does not exist on type 'typeof Quay'.",
        );
    }
}
