//! C: the length of a text as other languages ask for it: `text.length`, `text->size()`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// A text has no members, and a function gives its length.
const COUNTED: Factor = evidence("a function gives the length of a text", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "text-length",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "#include <string.h>\nint letters(char *text) {\n    return text<|>.length;\n}\n",
        message: "request for member 'length' in something not a structure or union",
        after: "#include <string.h>\nint letters(char *text) {\n    return strlen(text);\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    // Seen with gcc 12 and clang 14.
    let told = said.contains("in something not a structure")
        || said.contains("is not a structure or union");
    if !told || !case.language().directives {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let asked = line.into_iter().find(|at| {
        matches!(lexed.word(*at), "length" | "size" | "len" | "Length")
            && *at > 1
            && matches!(lexed.word(at - 1), "." | "->")
    });
    let Some(member) = asked else { return };
    let name = member - 2;
    let letters = case.text.names.resolve(lexed, name).and_then(|declared| declared.typed);
    let text = letters.is_some_and(|(first, last)| (first..=last).any(|at| lexed.is(at, "char")));
    if !text
        || lexed.kind(name) != Some(TokenKind::Name)
        || matches!(lexed.before(name), "." | "->")
    {
        return;
    }
    let called = lexed.is(member + 1, "(") && lexed.is(member + 2, ")");
    let last = if called { member + 2 } else { member };
    let text = format!("strlen({})", lexed.word(name));
    let edit = Edit::replace(case.file(), lexed.code[name].start, lexed.code[last].end, text);
    all.push(Candidate::new(MistakeId::ForeignWord, COUNTED, vec![edit]).guess());
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn a_number_has_no_length() {
        check_no_fix(
            &FAMILY,
            "c",
            "int letters(int n) {\n    return n<|>.length;\n}\n",
            "request for member 'length' in something not a structure or union",
        );
    }
}
