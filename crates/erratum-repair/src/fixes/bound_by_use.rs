//! A type parameter that is asked for more than every type has: `t.compareTo(best)` where `T` may be
//! anything.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The compiler tells which type parameter lacks the method by which values are compared.
const COMPARED: Factor = evidence("values of a type parameter are compared", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "bound-by-use",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Berths<T> {\n    boolean less(T a, T b) { return a<|>.compareTo(b) < 0; }\n}\n",
        message: "cannot find symbol symbol: method compareTo(T) location: variable a of type T",
        after: "class Berths<T extends Comparable<T>> {\n    boolean less(T a, T b) { return a.compareTo(b) < 0; }\n}\n",
    },
};

/// The type parameter whose values are compared, as javac 17 names it.
fn compared<'a>(case: &'a Case) -> Option<&'a str> {
    let notes = case.message.notes.iter().map(|note| note.text.as_str());
    let mut all = notes.chain([case.message.text.as_str()]);
    all.clone().find(|text| text.contains("method compareTo("))?;
    all.find_map(|text| text.split_once(" of type ")?.1.split([' ', '\n']).next())
}

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(typed) = compared(case) else { return };
    let seen = case.text.names.seen.get(typed).map_or(&[][..], Vec::as_slice);
    let declared = seen.iter().rev().copied().filter(|at| *at < case.token);
    let declared = declared.into_iter().find(|at| is_declared(case, *at));
    let Some(at) = declared.filter(|at| matches!(lexed.word(at + 1), "," | ">")) else { return };
    let edit = case.insert(lexed.code[at].end, format!(" extends Comparable<{typed}>"));
    all.push(Candidate::new(MistakeId::MissingConstraint, COMPARED, vec![edit]).guess());
}

/// Whether a type parameter is declared at a token: in the angles behind the name of a class, or in front of
/// what a method gives back.
fn is_declared(case: &Case, at: usize) -> bool {
    let lexed = case.lexed();
    let listed = |at: &usize| lexed.is(*at, ",") || lexed.kind(*at) == Some(TokenKind::Name);
    let open = (0..at).rev().find(|at| !listed(at)).filter(|open| lexed.is(*open, "<"));
    open.is_some_and(|open| {
        let class = open > 1 && matches!(lexed.word(open - 2), "class" | "interface" | "record");
        let words = ["static", "public", "private", "protected", "final"];
        class || open > 0 && words.contains(&lexed.word(open - 1))
    })
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    const SAID: &str =
        "cannot find symbol symbol: method compareTo(T) location: variable a of type T";

    #[test]
    fn a_method_has_parameters_of_its_own() {
        check_fix(
            &FAMILY,
            "java",
            "class Berths {\n    static <K, T> boolean less(T a, T b) { return a<|>.compareTo(b) < 0; }\n}\n",
            SAID,
            "class Berths {\n    static <K, T extends Comparable<T>> boolean less(T a, T b) { return a.compareTo(b) < 0; }\n}\n",
        );
    }

    #[test]
    fn a_class_is_no_parameter() {
        let text = "class T {}\nclass Berths {\n    boolean less(T a, T b) { return a<|>.compareTo(b) < 0; }\n}\n";
        check_no_fix(&FAMILY, "java", text, SAID);
    }
}
