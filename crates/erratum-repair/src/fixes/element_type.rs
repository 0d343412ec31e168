//! A list that does not say of what: `std::vector depths;` gets the type of what is put into it.

use super::family::{Example, Family, Phases};
use super::shape::{call_at, text_of, type_of};
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;
use std::collections::BTreeSet;

/// All that is put into it is of one type.
const ALL_PUT_IN: Factor = weight("all that is put into it is of one type", 6.5);
/// The compiler finds the type out.
const FOUND_OUT: Factor = weight("the compiler finds the type out", 5.0);

/// What compilers say of a type that lacks those it takes (seen with gcc 12, mcs 6.8, rustc 1.95, scalac 2.11,
/// tsc 5.9).
const SAID: &[&str] = &[
    "class template argument deduction failed",
    "missing template arguments",
    "Using the generic type",
    "missing generics for struct",
    "takes type parameters",
    "Generic type '",
];

/// Methods that put a value into a list.
const PUTS_IN: &[&str] = &[
    "push",
    "Push",
    "push_back",
    "add",
    "Add",
    "append",
    "Append",
    "insert",
    "Insert",
    "addOne",
    "enqueue",
    "Enqueue",
    "offer",
];

pub(super) static FAMILY: Family = Family {
    id: "element-type",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "#include <vector>\nint main() {\n    std::vector <|>depths;\n    depths.push_back(4);\n    return 0;\n}\n",
        message: "class template argument deduction failed:",
        after: "#include <vector>\nint main() {\n    std::vector<int> depths;\n    depths.push_back(4);\n    return 0;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some((open, close)) = case.language().type_arguments else { return };
    if !SAID.iter().any(|said| case.message.text.contains(said)) {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let mut declared = case.text.names.declared.iter();
    let Some((named, typed)) = declared.find_map(|one| {
        let (_, last) = one.typed.filter(|_| line.contains(&one.token))?;
        Some((one, last))
    }) else {
        return;
    };
    if lexed.kind(typed) != Some(TokenKind::Name) || lexed.is(typed + 1, open) {
        return;
    }
    let list = lexed.word(typed);
    // The object is made of the same type: `List depths = new List();`.
    let end = case.statement_end(named.token);
    let made = (typed + 1..end).filter(|at| lexed.is(*at, list) && lexed.before(*at) == "new");
    let places: Vec<usize> = std::iter::once(typed).chain(made).collect();
    let with = |element: &str| {
        let text = format!("{open}{element}{close}");
        places.iter().map(|at| case.insert(lexed.code[*at].end, text.clone())).collect()
    };
    if let Some(element) = element(case, named.token, end) {
        all.push(Candidate::new(MistakeId::RawType, ALL_PUT_IN, with(&element)).guess());
    }
    if case.language().borrows {
        all.push(Candidate::new(MistakeId::RawType, FOUND_OUT, with("_")).guess());
    }
}

/// The type of a value, as far as the text tells: also what the only method of a name gives back, and what is made
/// with `new`.
fn value_type(case: &Case, first: usize, last: usize) -> Option<String> {
    let lexed = case.lexed();
    let result = || {
        let open = case.text.pairs.partner_of(last).filter(|_| lexed.is(last, ")"))?;
        let name = lexed.word(open.checked_sub(1).filter(|name| *name >= first)?);
        let mut named = case.text.names.of(name).filter(|one| one.kind == NameKind::Function);
        let typed = named.next().filter(|_| named.next().is_none())?.typed?;
        Some(text_of(case, typed))
    };
    // `val north = new Pier(4.5)`: the object tells its type where it is made.
    let made = || {
        let declared = case.text.names.resolve(lexed, first).filter(|_| first == last)?;
        let made = lexed.is(declared.token + 1, "=") && lexed.is(declared.token + 2, "new");
        made.then(|| lexed.word(declared.token + 3).to_owned())
    };
    type_of(case, first, last).or_else(result).or_else(made)
}

/// The one type of what a list is made of, and of what is put into it.
fn element(case: &Case, name: usize, end: usize) -> Option<String> {
    let lexed = case.lexed();
    let mut types = BTreeSet::new();
    let listed = (name + 1..end).filter_map(|at| {
        let close = case.text.pairs.partner_of(at).filter(|_| !lexed.before(at).is_empty())?;
        let list = matches!(lexed.word(at), "{" | "[") || lexed.is(at, "(") && at > name + 2;
        (list && close > at + 1).then_some((at, close))
    });
    if let Some((open, close)) = listed.into_iter().next() {
        let mut first = open + 1;
        for at in open + 1..=close {
            let inside = case.text.pairs.inside_of(at) == Some(open);
            if (at == close || inside && lexed.is(at, ",")) && at > first {
                types.extend(value_type(case, first, at - 1));
                first = at + 1;
            }
        }
    }
    let seen = case.text.names.seen.get(lexed.word(name)).map_or(&[][..], Vec::as_slice);
    for at in seen.iter().filter(|at| lexed.is(**at + 1, ".")) {
        if !PUTS_IN.contains(&lexed.word(at + 2)) {
            continue;
        }
        if let Some((first, last)) = call_at(case, at + 3).and_then(|c| c.arguments.last().copied())
        {
            types.extend(value_type(case, first, last));
        }
    }
    types.pop_first().filter(|_| types.is_empty())
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn the_object_is_made_of_the_same_type() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    void Go() {\n        <|>List depths = new List();\n        depths.Add(4);\n    }\n}\n",
            "[CS0305] Using the generic type `System.Collections.Generic.List<T>' requires `1' type argument(s)",
            "class Quay {\n    void Go() {\n        List<int> depths = new List<int>();\n        depths.Add(4);\n    }\n}\n",
        );
    }

    #[test]
    fn what_it_is_made_of_tells_the_type() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  val names: <|>List = List(\"north\", \"south\")\n}\n",
            "type List takes type parameters",
            "object Quay {\n  val names: List[String] = List(\"north\", \"south\")\n}\n",
        );
    }

    #[test]
    fn what_is_put_in_must_agree() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "int main() {\n    std::vector <|>depths;\n    depths.push_back(4);\n    depths.push_back(\"four\");\n}\n",
            "class template argument deduction failed:",
        );
    }
}
