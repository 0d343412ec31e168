//! `,` typed for `.` between an object and its member, and the like.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case, weights as w};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// A dot touches what follows; a comma does not.
const TOUCHING: Factor = weight("the mark touches the member", 1.5);
/// A blank behind the mark speaks for a comma.
const APART: Factor = weight("a blank stands behind the mark", -1.0);
/// A name that is visible as a value by itself is hardly a member here.
const VALUE_BY_ITSELF: Factor = weight("the name is a value by itself", -5.0);
/// Each token between the mark and the reported place.
const AWAY: Factor = weight("tokens from the reported place", -0.05);
/// A blank behind a dot speaks for a comma.
const BLANK_BEHIND: Factor = weight("a blank stands behind the dot", 1.5);
/// A dot that touches what follows.
const NO_BLANK: Factor = weight("no blank stands behind the dot", -1.0);
/// A name that is a value by itself is the next element.
const KNOWN_VALUE: Factor = weight("the name is a value by itself", 1.0);
/// A text or a number in front of a dot.
const NO_MEMBERS: Factor = weight("a plain value has no members", 1.0);

/// A dot ends the line, and the next one is no further in.
const ENDS_LINE: Factor = evidence("a dot ends the line, and the next one is no further in", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "members",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    Ferry tern;\n    int seats() {\n        return tern,<|>seats + tern.seats;\n    }\n}\n",
        message: "';' expected",
        after: "class Quay {\n    Ferry tern;\n    int seats() {\n        return tern.seats + tern.seats;\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    dot_for_comma(case, all);
    let line = lexed.on_line(lexed.code[case.token].line);
    dot_for_end(case, line.clone(), all);
    for at in line.clone().filter(|at| *at > line.start && lexed.is(*at, ",")) {
        let object = matches!(lexed.word(at - 1), ")" | "]")
            || matches!(lexed.kind(at - 1), Some(TokenKind::Name | TokenKind::Str))
            || matches!(lexed.word(at - 1), "self" | "this");
        let next = at + 1;
        if !object || lexed.kind(next) != Some(TokenKind::Name) || !is_member(case, next) {
            continue;
        }
        // A field that is declared or given a value in a list is no member of what stands before it.
        let labels = matches!(lexed.word(next + 1), ":" | "::")
            || case.language().applies_bare && lexed.is(next + 1, "=");
        if labels || case.text.names.declared.iter().any(|declared| declared.token == next) {
            continue;
        }
        // A name that is visible as a value by itself is hardly a member here.
        let value = case.text.names.resolve(lexed, next).is_some_and(|d| d.kind == NameKind::Value);
        let touching = lexed.code[next].start == lexed.code[at].end;
        let score = w::MEMBER
            + if touching { TOUCHING } else { APART }
            + VALUE_BY_ITSELF.when(value)
            + AWAY * at.abs_diff(case.token) as f64;
        for mark in marks(case, at - 1) {
            all.push(Candidate::new(
                MistakeId::WrongMark,
                score.clone(),
                vec![case.replace_token(at, *mark)],
            ));
        }
    }
}

/// `.` typed for `,`: behind it stands a name that is a value by itself, or in front of it a text or a
/// number, which has no such member.
fn dot_for_comma(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    for at in line.clone().filter(|at| *at > line.start && lexed.is(*at, ".")) {
        let next = at + 1;
        let in_list = case.text.pairs.inside_of(at).is_some();
        let literal = matches!(lexed.kind(at - 1), Some(TokenKind::Str | TokenKind::Number));
        let value =
            case.text.names.resolve(lexed, next).is_some_and(|d| d.kind != NameKind::Member);
        let apart = lexed.code.get(next).is_some_and(|token| token.start > lexed.code[at].end);
        let known = is_member(case, next) && !apart;
        if !in_list || known || !(literal || value || apart) {
            continue;
        }
        let score = w::MEMBER
            + if apart { BLANK_BEHIND } else { NO_BLANK }
            + KNOWN_VALUE.when(value)
            + NO_MEMBERS.when(literal)
            + AWAY * at.abs_diff(case.token) as f64;
        all.push(Candidate::new(MistakeId::WrongMark, score, vec![case.replace_token(at, ",")]));
    }
}

/// The marks that stand between an object and its member: in C, `->` after a pointer.
fn marks(case: &Case, object: usize) -> &'static [&'static str] {
    let lexed = case.lexed();
    let arrows = case.text.names.seen.get(lexed.word(object));
    let arrow = arrows.is_some_and(|seen| seen.iter().any(|at| lexed.is(at + 1, "->")));
    if !case.language().directives {
        return &["."];
    }
    if arrow { &["->", "."] } else { &[".", "->"] }
}

/// Whether a name is that of a member: declared as one, used after a dot elsewhere, or known to the
/// library as one.
fn is_member(case: &Case, token: usize) -> bool {
    let lexed = case.lexed();
    let word = lexed.word(token);
    let seen = case.text.names.seen.get(word).map_or(&[][..], Vec::as_slice);
    case.text.names.of(word).any(|declared| declared.kind == NameKind::Member)
        || seen.iter().any(|at| matches!(lexed.word(at.wrapping_sub(1)), "." | "->"))
        || case
            .language()
            .known_names()
            .any(|(name, kind)| name == word && kind == NameKind::Member)
}

/// A dot at the end of a statement, behind which the next line is read as a member.
fn dot_for_end(case: &Case, line: std::ops::Range<usize>, all: &mut Vec<Candidate>) {
    let (lexed, end) = (case.lexed(), case.language().terminator);
    let last = line.start.checked_sub(1).filter(|at| lexed.is(*at, ".") && *at > 0);
    let Some(dot) = last.filter(|_| end == ";") else { return };
    // A chain that goes over lines is indented further.
    let indent = |at: usize| lexed.source.indent(lexed.code[at].line);
    let statement = lexed.on_line(lexed.code[dot].line).start;
    if indent(statement) >= indent(line.start) && lexed.code[dot - 1].line == lexed.code[dot].line {
        let edit = case.replace_token(dot, end);
        all.push(Candidate::new(MistakeId::WrongMark, ENDS_LINE, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_dot_ends_no_statement() {
        check_fix(
            &FAMILY,
            "pascal",
            "begin\n  WriteLn(tide).\n  <|>Quay.Free;\nend.\n",
            "Illegal qualifier",
            "begin\n  WriteLn(tide);\n  Quay.Free;\nend.\n",
        );
    }

    #[test]
    fn a_comma_before_a_member_was_a_dot() {
        check_among(
            &FAMILY,
            "rust",
            "struct Sailor { name: String }\nfn show(one: &Sailor) -> &str {\n    &one,<|>name\n}\n",
            "expected one of `.`, `;`, found `,`",
            "struct Sailor { name: String }\nfn show(one: &Sailor) -> &str {\n    &one.name\n}\n",
        );
    }

    #[test]
    fn an_arrow_is_the_habit_behind_a_pointer() {
        check_fix(
            &FAMILY,
            "c",
            "struct t { int seats; };\nint f(struct t *one) {\n    one->seats = 2;\n    return one,<|>seats;\n}\n",
            "'seats' undeclared (first use in this function)",
            "struct t { int seats; };\nint f(struct t *one) {\n    one->seats = 2;\n    return one->seats;\n}\n",
        );
    }

    #[test]
    fn a_dot_behind_a_text_was_a_comma() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(int t) {\n        call(\"Tide\". <|>t);\n    }\n}\n",
            "cannot find symbol",
            "class Quay {\n    void go(int t) {\n        call(\"Tide\", t);\n    }\n}\n",
        );
    }

    #[test]
    fn a_dot_with_a_blank_behind_it_was_a_comma() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int go(int a, int b) {\n        return sum(a. <|>b);\n    }\n}\n",
            "cannot find symbol",
            "class Quay {\n    int go(int a, int b) {\n        return sum(a, b);\n    }\n}\n",
        );
    }

    #[test]
    fn a_comma_between_two_values_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "c",
            "int up(int a, int b) {\n    return rise(a, <|>b);\n}\n",
            "too many arguments to function 'rise'",
        );
    }

    #[test]
    fn a_dot_before_a_known_member_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    Ferry tern;\n    int go() {\n        return use(tern.<|>seats) + tern.seats;\n    }\n}\n",
            "cannot find symbol",
        );
    }
}
