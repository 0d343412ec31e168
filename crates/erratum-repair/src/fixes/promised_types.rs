//! A method that a class promises and writes for values of other types: `compareTo(Object other)` for
//! `compareTo(Boat other)`.

use super::family::{Example, Family, Phases};
use super::promised::{methods, promised};
use super::shape::{call_at, text_of};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// The class writes the promised method for other types.
const OTHER_TYPES: Factor = evidence("the class writes it for values of other types", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "promised-types",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class <|>Boat implements Comparable<Boat> {\n    public int compareTo(Object other) {\n        return 0;\n    }\n}\n",
        message: "Boat is not abstract and does not override abstract method compareTo(Boat) in Comparable",
        after: "class Boat implements Comparable<Boat> {\n    public int compareTo(Boat other) {\n        return 0;\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    // Elsewhere a type stands behind its name.
    if !case.language().type_first {
        return;
    }
    let Some((name, types)) = wanted(&case.message.text) else { return };
    let lexed = case.lexed();
    let written: Vec<_> =
        methods(case).into_iter().filter(|method| lexed.is(method.token, name)).collect();
    let [method] = written[..] else { return };
    let Some(header) = call_at(case, method.token + 1) else { return };
    if header.arguments.len() != types.len() {
        return;
    }
    let mut edits = Vec::new();
    for ((first, last), typed) in header.arguments.iter().zip(&types) {
        // The name of a parameter stands last, its type before it.
        let named = lexed.kind(*last) == Some(TokenKind::Name) && last > first;
        let Some(end) = last.checked_sub(1).filter(|_| named) else { return };
        let start = if lexed.is(*first, "final") { first + 1 } else { *first };
        let there = text_of(case, (start, end));
        if there.replace(' ', "") != typed.replace(' ', "") {
            let (from, to) = (lexed.code[start].start, lexed.code[end].end);
            edits.push(Edit::replace(case.file(), from, to, typed.as_str()));
        }
    }
    if !edits.is_empty() {
        all.push(Candidate::new(MistakeId::WrongType, OTHER_TYPES, edits).guess());
    }
}

/// The promised method and the types of its values, as a message tells them.
fn wanted(text: &str) -> Option<(&str, Vec<String>)> {
    let name = promised(text)?;
    let at = text.find(&format!("{name}("))? + name.len() + 1;
    let inner = &text[at..at + text[at..].find(')')?];
    let (mut types, mut deep, mut part) = (Vec::new(), 0, String::new());
    for letter in inner.chars() {
        deep += i32::from(letter == '<') - i32::from(letter == '>');
        if letter == ',' && deep == 0 {
            types.push(std::mem::take(&mut part));
        } else {
            part.push(letter);
        }
    }
    types.push(part);
    let plain = |typed: &String| {
        let last = typed.trim().rsplit('.').next().unwrap_or("").to_owned();
        // A type by a lone capital letter stands for others.
        (last.chars().count() > 1).then_some(last)
    };
    let types: Option<Vec<String>> = types.iter().map(plain).collect();
    types.map(|types| (name, types))
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn each_value_gets_the_type_that_is_promised() {
        check_fix(
            &FAMILY,
            "csharp",
            "class <|>Crane : ILift {\n    public void Lift(string load, int metres) { }\n}\n",
            "'Crane' does not implement interface member 'ILift.Lift(Crate, double)'",
            "class Crane : ILift {\n    public void Lift(Crate load, double metres) { }\n}\n",
        );
    }

    #[test]
    fn another_number_of_values_is_another_method() {
        check_no_fix(
            &FAMILY,
            "java",
            "class <|>Boat implements Lifted {\n    public void lift(Object load) { }\n}\n",
            "Boat is not abstract and does not override abstract method lift(Crate,int) in Lifted",
        );
    }

    #[test]
    fn the_right_types_are_let_be() {
        check_no_fix(
            &FAMILY,
            "java",
            "class <|>Boat implements Lifted {\n    void lift(Crate load) { }\n}\n",
            "Boat is not abstract and does not override abstract method lift(Crate) in Lifted",
        );
    }
}
