//! C: declarations with something too much or too little: `int used = 0;` among the fields of a struct, `enum state =
//! {`, a parameter that is used as a pointer wherever it is used and is declared as none.

use super::family::{Example, Family, Phases};
use super::shape::function_around;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// A field of a struct has no value.
const NO_VALUE: Factor = evidence("a field is declared without a value here", 9.5);
/// The members of a type stand right behind its name.
const BEHIND_NAME: Factor = evidence("the members stand right behind the name", 9.5);
/// Each use follows it as a pointer.
const FOLLOWED: Factor = evidence("each use of it follows a pointer", 9.0);
/// A result that is given back ends with its mark.
const ENDS: Factor = evidence("what is given back ends with its mark", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "c-declarations",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "struct weir {\n    int used <|>= 0;\n    int open;\n};\n",
        message: "expected ':', ',', ';', '}' or '__attribute__' before '=' token",
        after: "struct weir {\n    int used;\n    int open;\n};\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().directives {
        return;
    }
    if case.phase <= Phase::Syntax {
        members(case, all);
        given_back(case, all);
        if case.language().tagged_types {
            field(case, all);
        }
    }
    // Seen with gcc 12 and clang 14.
    let said = &case.message.text;
    if said.starts_with("invalid type argument of '->'")
        || said.contains("'->' has non-pointer type")
    {
        pointer(case, all);
    }
}

/// `int used = 0;` in a struct of C.
fn field(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let reported = lexed.code[case.token].line;
    for line in reported.saturating_sub(1).max(1)..=reported {
        let line = lexed.on_line(line);
        let Some(mark) = line.clone().skip(1).find(|at| lexed.is(*at, "=")) else { continue };
        let within = case.text.pairs.inside_of(mark).is_some_and(|open| {
            lexed.is(open, "{")
                && (open.saturating_sub(2)..open)
                    .any(|at| matches!(lexed.word(at), "struct" | "union"))
        });
        let end = case.statement_end(mark);
        if within && lexed.is(end, ";") && lexed.kind(mark - 1) == Some(TokenKind::Name) {
            let edit = Edit::delete(case.file(), lexed.code[mark - 1].end, lexed.code[end].start);
            all.push(Candidate::new(MistakeId::ExtraMark, NO_VALUE, vec![edit]).guess());
            return;
        }
    }
}

/// `enum state = {` and `struct weir = {`.
fn members(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    for word in line.filter(|at| matches!(lexed.word(*at), "enum" | "struct" | "union" | "class")) {
        let mark = word + 2;
        if lexed.kind(word + 1) == Some(TokenKind::Name)
            && matches!(lexed.word(mark), "=" | ":=")
            && lexed.is(mark + 1, "{")
        {
            let edit = case.delete_token(mark);
            all.push(Candidate::new(MistakeId::ForeignMark, BEHIND_NAME, vec![edit]).guess());
        }
    }
}

/// `return "open":` at the end of a line.
fn given_back(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let reported = lexed.code[case.token].line;
    for line in reported.saturating_sub(1).max(1)..=reported {
        let line = lexed.on_line(line);
        let Some(last) = line.end.checked_sub(1).filter(|last| line.contains(last)) else {
            continue;
        };
        let word = line.clone().find(|at| lexed.is(*at, "return"));
        let choice = line.clone().any(|at| lexed.is(at, "?"));
        if word.is_some_and(|word| word < last) && lexed.is(last, ":") && !choice {
            let edit = case.replace_token(last, ";");
            all.push(Candidate::new(MistakeId::WrongMark, ENDS, vec![edit]).guess());
        }
    }
}

/// `float mean(const struct weir w)` with `w->used` in its body.
fn pointer(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(around) = function_around(case, case.token) else { return };
    let (open, close) = (around.open, around.close.unwrap_or(lexed.code.len()));
    let used = line.filter(|at| lexed.is(at + 1, "->") && lexed.kind(*at) == Some(TokenKind::Name));
    for name in used {
        let Some(declared) = case.text.names.resolve(lexed, name).map(|one| one.token) else {
            continue;
        };
        // A parameter, with its type in front.
        let parameter = (1..open).contains(&declared)
            && matches!(lexed.word(declared + 1), "," | ")")
            && lexed.kind(declared - 1) == Some(TokenKind::Name);
        let mut uses = (open..close).filter(|at| lexed.is(*at, lexed.word(name))).peekable();
        let several = uses.clone().count() > 1;
        if parameter && several && uses.all(|at| lexed.is(at + 1, "->")) {
            let edit = case.insert(lexed.code[declared].start, "*");
            all.push(Candidate::new(MistakeId::MissingMark, FOLLOWED, vec![edit]).guess());
            return;
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn members_stand_behind_the_name() {
        check_fix(
            &FAMILY,
            "c",
            "enum state <|>= { SHUT, OPEN };\n",
            "expected identifier or '(' before '=' token",
            "enum state { SHUT, OPEN };\n",
        );
    }

    #[test]
    fn what_is_given_back_ends() {
        check_fix(
            &FAMILY,
            "c",
            "const char *go(int n) {\n    switch (n) {\n    case 1: return \"open\"<|>:\n    }\n    return \"?\";\n}\n",
            "expected ';' before ':' token",
            "const char *go(int n) {\n    switch (n) {\n    case 1: return \"open\";\n    }\n    return \"?\";\n}\n",
        );
    }

    #[test]
    fn a_parameter_that_is_followed_is_a_pointer() {
        check_fix(
            &FAMILY,
            "c",
            "struct weir { int used; int open; };\nint sum(const struct weir w)\n{\n    return w<|>->used + w->open;\n}\n",
            "invalid type argument of '->' (have 'struct weir')",
            "struct weir { int used; int open; };\nint sum(const struct weir *w)\n{\n    return w->used + w->open;\n}\n",
        );
        // A text that begins in the middle of a head has no type in front.
        check_no_fix(
            &FAMILY,
            "c",
            "w) {\n    return w<|>->used + w->open;\n}\n",
            "invalid type argument of '->' (have 'struct weir')",
        );
        check_no_fix(
            &FAMILY,
            "c",
            "struct weir { int used; int open; };\nint sum(const struct weir w)\n{\n    return w<|>->used + w.open;\n}\n",
            "invalid type argument of '->' (have 'struct weir')",
        );
    }
}
