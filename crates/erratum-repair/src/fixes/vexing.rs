//! C++: a declaration that reads as another one than was meant: `Rope coil();` declares a function, and
//! behind a `,` goes on what a `;` should end.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// What is used as an object is declared as a function that takes nothing.
const DECLARES_FUNCTION: Factor = evidence("it is used as an object", 7.0);
/// The next line declares a member with a type of its own.
const NEXT_DECLARES: Factor = evidence("the next line declares another member", 6.5);

pub(super) static FAMILY: Family = Family {
    id: "vexing",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "struct Rope { int cut(); };\n\nint main() {\n    Rope coil();\n    return coil.<|>cut();\n}\n",
        message: "request for member 'cut' in 'coil', which is of non-class type 'Rope()'",
        after: "struct Rope { int cut(); };\n\nint main() {\n    Rope coil;\n    return coil.cut();\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    object(case, all);
    member(case, all);
}

/// An object that is declared with empty brackets (seen with g++ 12).
fn object(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = case.message.text.replace(['‘', '’', '`'], "'");
    let asked = said.split_once("' in '").and_then(|(_, rest)| rest.split_once('\''));
    let asked = asked.filter(|(_, rest)| rest.contains("non-class type") && said.ends_with("()'"));
    // `could not convert 'coil' from 'Rope (*)()' to 'Rope'`
    let handed = said.strip_prefix("could not convert '").and_then(|rest| rest.split_once('\''));
    let handed = handed.filter(|(_, rest)| rest.contains(" (*)()' to '"));
    // An element of it is asked: `in '* coils'`.
    let named =
        asked.or(handed).and_then(|(name, _)| name.trim_start_matches("* ").rsplit("::").next());
    let Some(name) = named else { return };
    let declares = |at: &usize| {
        lexed.is(at + 1, "(")
            && lexed.is(at + 2, ")")
            && lexed.is(at + 3, ";")
            && *at > 0
            && (lexed.kind(at - 1) == Some(TokenKind::Name) || lexed.is(at - 1, ">"))
    };
    let seen = case.text.names.seen.get(name).map_or(&[][..], Vec::as_slice);
    if let Some(at) = seen.iter().copied().filter(|at| *at < case.token).rfind(declares) {
        let (open, close) = (lexed.code[at + 1].start, lexed.code[at + 2].end);
        let edit = Edit::delete(case.file(), open, close);
        all.push(Candidate::new(MistakeId::DeclaredFunction, DECLARES_FUNCTION, vec![edit]));
    }
}

/// `int bearing = 0,` before `Flag flag = Flag::Green;` (seen with g++ 12).
fn member(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.message.text.contains("at end of member declaration") {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(comma) = line.start.checked_sub(1).filter(|at| lexed.is(*at, ",")) else { return };
    let typed = matches!(lexed.kind(line.start), Some(TokenKind::Name | TokenKind::Keyword));
    let named = (line.start + 1..line.end).any(|at| {
        lexed.kind(at) == Some(TokenKind::Name) && matches!(lexed.word(at + 1), ";" | "=" | "{")
    });
    if typed && named {
        let edit = case.replace_token(comma, ";");
        all.push(Candidate::new(MistakeId::WrongMark, NEXT_DECLARES, vec![edit]));
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn the_next_member_has_a_type_of_its_own() {
        check_fix(
            &FAMILY,
            "cpp",
            "struct Sighting {\n    int bearing = 0,\n    <|>Flag flag = Flag::Green;\n};\n",
            "expected ';' at end of member declaration",
            "struct Sighting {\n    int bearing = 0;\n    Flag flag = Flag::Green;\n};\n",
        );
    }

    #[test]
    fn a_function_that_is_called_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "Rope *coil();\n\nint main() {\n    return coil().<|>cut();\n}\n",
            "request for member 'cut' in 'coil()', which is of pointer type 'Rope*' (maybe you meant to use '->' ?)",
        );
    }

    #[test]
    fn a_list_in_a_namespace_is_one_too() {
        check_fix(
            &FAMILY,
            "cpp",
            "int main() {\n    std::vector<int> ranks();\n    ranks.<|>push_back(3);\n}\n",
            "request for member 'push_back' in 'quay::ranks', which is of non-class type 'std::vector<int>()'",
            "int main() {\n    std::vector<int> ranks;\n    ranks.push_back(3);\n}\n",
        );
    }
}
