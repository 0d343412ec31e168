//! What is declared twice: an assignment was meant, another name, or nothing; and two declarations that
//! must agree and do not.

use super::delete_lines;
use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::shape::text_of;
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::{MistakeId, Recipe};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// A second declaration that only gives a value was to be an assignment.
const ASSIGNED_AGAIN: Factor = weight("the second declaration gives a value", 2.0);
/// The same line twice is a slip of copying.
const SAME_LINE_TWICE: Factor = weight("the same line stands twice", 4.0);
/// The mark declares what is there already.
const THERE_ALREADY: Factor = evidence("it is there already", 5.0);
/// Another declaration of the name is lost work.
const SECOND_TAKEN_OUT: Factor = weight("the second declaration is taken out", -1.0);
/// What looks like its type is a word of the language.
const A_WORD: Factor = evidence("a word of the language with a capital letter", 9.0);
/// Which other name was meant, nobody can tell.
const OTHER_NAME: Factor = weight("it gets another name", -2.0);
/// A method is made like the one it must agree with.
const MADE_LIKE: Factor = weight("two declarations must agree", 2.0);
/// It is only promised there, without a body.
const PROMISE: Factor = weight("it is only promised there", -0.7);
/// The compiler points at the one that is changed.
const REPORTED_HERE: Factor = weight("the compiler points at this one", 0.5);
/// Types of results are wrong more often than parameters.
const PARAMETERS_RATHER: Factor = weight("the parameters rather than the type", -0.3);
/// A prototype and its definition are made alike.
const LIKE_PROTOTYPE: Factor = weight("prototype and definition differ", 1.5);
/// A call does not fit the prototype either.
const BOTH_TOLD: Factor = weight("a call does not fit the prototype either", 5.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "duplicate",
    recipes: &[Recipe::Duplicate],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "int main(void) {\n    int tide = 3;\n    int <|>tide = 4;\n    return tide;\n}\n",
        message: "redefinition of 'tide'",
        after: "int main(void) {\n    int tide = 3;\n    tide = 4;\n    return tide;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if case.asks(Recipe::Duplicate) {
        duplicate(case, all);
    }
    siblings(case, all);
    called_by_prototype(case, all);
    declared_member(case, all);
}

/// `Return best;`: what looks like a type is a word of the language with a capital letter.
fn respelt_word(case: &Case, name: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(first) = name.checked_sub(1).filter(|at| *at == case.statement_start(name)) else {
        return;
    };
    let small = lexed.word(first).to_lowercase();
    let keyword = lexed.kind(first) == Some(TokenKind::Name)
        && lexed.word(first) != small
        && case.language().is_keyword(&small)
        && case.text.names.of(lexed.word(first)).next().is_none();
    if keyword && lexed.is(name + 1, case.language().terminator) {
        let edit = case.replace_token(first, small);
        all.push(Candidate::new(MistakeId::WrongCase, A_WORD, vec![edit]));
    }
}

/// `quay.tide := 3`: a member is not declared where it gets a value, nor is a name that is there.
fn declared_member(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said =
        ["on left side of :=", "left of :="].iter().any(|said| case.message.text.contains(said));
    let line = lexed.on_line(lexed.code[case.token].line);
    if let Some(mark) = line.into_iter().find(|at| said && lexed.is(*at, ":=")) {
        let edit = case.replace_token(mark, "=");
        all.push(Candidate::new(MistakeId::WrongMark, THERE_ALREADY, vec![edit]));
    }
}

/// The second declaration of a name: an assignment was meant, or another name, or nothing.
fn duplicate(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let on_line = |token: usize| line.contains(&token);
    let declared = case.text.names.declared.iter().filter(|d| on_line(d.token));
    let named = case.word("name").map(|name| name.split('(').next().unwrap_or(name).to_owned());
    for declared in declared {
        respelt_word(case, declared.token, all);
        let name = lexed.word(declared.token);
        if named.as_ref().is_some_and(|named| named != name) {
            continue;
        }
        if let (Some((first, _)), true) =
            (declared.typed, case.language().type_first && lexed.is(declared.token + 1, "="))
        {
            let start = lexed.code[first].start;
            let edit = Edit::delete(case.file(), start, lexed.code[declared.token].start);
            all.push(Candidate::new(MistakeId::DuplicateDeclaration, ASSIGNED_AGAIN, vec![edit]));
        }
        let whole = |token: usize| (case.statement_start(token), end_of_declaration(case, token));
        let (start, end) = whole(declared.token);
        if lexed.is(end, ";") {
            // The same line twice is a slip of copying; taking one out loses nothing.
            let text = text_of(case, (start, end));
            let again = case.text.names.of(name).any(|other| {
                other.token != declared.token && text_of(case, whole(other.token)) == text
            });
            let edit = delete_lines(case, start, end);
            all.push(Candidate::new(
                MistakeId::DuplicateDeclaration,
                if again { SAME_LINE_TWICE } else { SECOND_TAKEN_OUT },
                vec![edit],
            ));
        }
        if declared.kind == NameKind::Function {
            same_header(case, declared.token, all);
        }
        let uses = case.text.names.uses(name);
        let renamed = format!("{name}2");
        if uses == 0 || declared.kind == NameKind::Function {
            let edit = case.replace_token(declared.token, renamed);
            all.push(
                Candidate::new(MistakeId::DuplicateDeclaration, OTHER_NAME, vec![edit]).guess(),
            );
        }
    }
}

/// A method that is declared in two places which must agree, an interface and what implements it,
/// say: either is made like the other, in its return type, or in its parameters.
fn siblings(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let text = case.message.text.as_str();
    let agree = [
        "override",
        "implement",
        "incompatible type for trait",
        "no declaration matches",
        "does not match",
    ];
    if !agree.iter().any(|word| text.contains(word)) {
        return;
    }
    let functions = || case.text.names.declared.iter().filter(|d| d.kind == NameKind::Function);
    let named = |d: &&erratum_syntax::names::Declared| {
        let name = lexed.word(d.token);
        let quoted =
            text.split(|c: char| !(c.is_alphanumeric() || c == '_')).any(|word| word == name);
        quoted && name.len() > 1
    };
    let parameters = |token: usize| {
        let close = case.text.pairs.partner_of(token + 1)?;
        Some((token + 1, close))
    };
    for one in functions().filter(named) {
        for other in case.text.names.of(lexed.word(one.token)) {
            if other.token == one.token || other.kind != NameKind::Function {
                continue;
            }
            let here = lexed.code[one.token].line == lexed.code[case.token].line;
            // A promise stays: others may take its place, too.
            let kept = case
                .text
                .pairs
                .partner_of(one.token + 1)
                .is_some_and(|close| lexed.is(close + 1, ";"));
            let mut push = |from: Option<(usize, usize)>,
                            to: Option<(usize, usize)>,
                            less: Factor| {
                let (Some(from), Some(to)) = (from, to) else { return };
                if text_of(case, from) != text_of(case, to) {
                    let (start, end) = (lexed.code[to.0].start, lexed.code[to.1].end);
                    let edit = Edit::replace(case.file(), start, end, text_of(case, from));
                    let score = MADE_LIKE + REPORTED_HERE.when(here) + PROMISE.when(kept) + less;
                    all.push(Candidate::new(MistakeId::WrongType, score, vec![edit]));
                }
            };
            push(other.typed, one.typed, PARAMETERS_RATHER.when(false));
            push(parameters(other.token), parameters(one.token), PARAMETERS_RATHER);
        }
    }
}

/// What is said of a call, where the prototype of the function and its definition differ: both messages come
/// of that.
fn called_by_prototype(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let clash = |name: &str| {
        let told = ["'", "‘"].map(|quote| format!("conflicting types for {quote}{name}"));
        case.all.iter().any(|one| told.iter().any(|told| one.text.contains(told)))
    };
    let functions = case.text.names.declared.iter().filter(|d| d.kind == NameKind::Function);
    for function in functions {
        let name = lexed.word(function.token);
        let quoted = ["'", "‘"].map(|quote| format!("of {quote}{name}"));
        let speaks = quoted.iter().any(|quoted| case.message.text.contains(quoted));
        let body = case.text.pairs.partner_of(function.token + 1);
        if speaks && body.is_some_and(|close| lexed.is(close + 1, "{")) && clash(name) {
            let mut found = Vec::new();
            same_header(case, function.token, &mut found);
            // What is called is likelier to be defined as it was meant.
            found.truncate(1);
            all.extend(
                found.into_iter().map(|one| Candidate { score: one.score + BOTH_TOLD, ..one }),
            );
        }
    }
}

/// A function whose prototype and definition differ: either is made like the other.
fn same_header(case: &Case, token: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let header = |token: usize| {
        let open = token + 1;
        let close = case.text.pairs.partner_of(open)?;
        lexed.is(open, "(").then_some((case.statement_start(token), close))
    };
    let others = case.text.names.of(lexed.word(token));
    for other in others.filter(|other| other.token != token) {
        let (Some(a), Some(b)) = (header(token), header(other.token)) else { continue };
        for (from, to) in [(a, b), (b, a)] {
            // Parameters of a prototype need no names, those of a definition do.
            let named =
                (from.0..from.1).filter(|at| lexed.kind(*at) == Some(TokenKind::Name)).count();
            let body = lexed.is(to.1 + 1, "{");
            if text_of(case, from) == text_of(case, to)
                || (body && named < 2 && from.1 > from.0 + 3)
            {
                continue;
            }
            let (start, end) = (lexed.code[to.0].start, lexed.code[to.1].end);
            let edit = Edit::replace(case.file(), start, end, text_of(case, from));
            all.push(Candidate::new(MistakeId::DuplicateDeclaration, LIKE_PROTOTYPE, vec![edit]));
        }
    }
}

/// The `;` that ends a declaration, behind the braces of its initial value.
fn end_of_declaration(case: &Case, token: usize) -> usize {
    let lexed = case.lexed();
    let last = lexed.code.len() - 1;
    let mut at = token;
    while at < last && !matches!(lexed.word(at), ";" | "}") {
        let open = lexed.kind(at) == Some(TokenKind::Open);
        at = case.text.pairs.partner_of(at).filter(|_| open).unwrap_or(at) + 1;
    }
    at.min(last)
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_among, check_fix, check_no_fix};

    #[test]
    fn a_word_with_a_capital_letter_declares_nothing() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    int Best(int n) {\n        int best = n;\n        Return <|>best;\n    }\n}\n",
            "[CS0128] A local variable named 'best' is already defined in this scope",
            "class Quay {\n    int Best(int n) {\n        int best = n;\n        return best;\n    }\n}\n",
        );
    }

    #[test]
    fn a_second_declaration_was_an_assignment() {
        check_fix(
            &FAMILY,
            "c",
            "int main(void) {\n    int tide = 3;\n    int <|>tide = 4;\n    return tide;\n}\n",
            "redefinition of 'tide'",
            "int main(void) {\n    int tide = 3;\n    tide = 4;\n    return tide;\n}\n",
        );
    }

    #[test]
    fn two_functions_that_must_agree_are_made_alike() {
        check_among(
            &FAMILY,
            "java",
            "interface Vessel {\n    double knots();\n}\nclass Ferry implements Vessel {\n    public int <|>knots() {\n        return 9;\n    }\n}\n",
            "knots() in Ferry cannot implement knots() in Vessel",
            "interface Vessel {\n    double knots();\n}\nclass Ferry implements Vessel {\n    public double knots() {\n        return 9;\n    }\n}\n",
        );
    }

    #[test]
    fn the_same_line_twice_goes_once() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go() {\n        int tide = 3;\n        int <|>tide = 3;\n    }\n}\n",
            "variable tide is already defined in method go()",
            "class Quay {\n    void go() {\n        int tide = 3;\n    }\n}\n",
        );
    }

    #[test]
    fn a_name_without_a_use_may_get_another() {
        check_among(
            &FAMILY,
            "java",
            "class Quay {\n    void go() {\n        int tide = 3;\n        String <|>tide = \"low\";\n    }\n}\n",
            "variable tide is already defined in method go()",
            "class Quay {\n    void go() {\n        int tide = 3;\n        String tide2 = \"low\";\n    }\n}\n",
        );
    }

    #[test]
    fn a_prototype_is_made_like_its_definition() {
        check_among(
            &FAMILY,
            "c",
            "int rise(int tide);\n\ndouble <|>rise(double tide) {\n    return tide * 2;\n}\n",
            "conflicting types for 'rise'",
            "double rise(double tide);\n\ndouble rise(double tide) {\n    return tide * 2;\n}\n",
        );
    }

    #[test]
    fn parameters_of_an_overridden_method_agree() {
        check_among(
            &FAMILY,
            "java",
            "class Vessel {\n    int knots(double tide) {\n        return 3;\n    }\n}\nclass Ferry extends Vessel {\n    @Override\n    int <|>knots(int tide) {\n        return 9;\n    }\n}\n",
            "method does not override or implement a method from a supertype: knots",
            "class Vessel {\n    int knots(double tide) {\n        return 3;\n    }\n}\nclass Ferry extends Vessel {\n    @Override\n    int knots(double tide) {\n        return 9;\n    }\n}\n",
        );
    }

    #[test]
    fn a_name_that_is_unknown_is_no_duplicate() {
        check_no_fix(
            &FAMILY,
            "c",
            "int main(void) {\n    int tide = 3;\n    return <|>depth;\n}\n",
            "'depth' undeclared (first use in this function)",
        );
    }
}
