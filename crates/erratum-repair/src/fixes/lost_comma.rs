//! Two values of a list side by side, with the mark between them lost: `add("Stoat" 55)`; and two
//! parameters: `class Dock(slips: List[Slip] val name: String)`.

use super::beside_text::wants_one_value;
use super::family::{Example, Family, Phases};
use super::shape::parameters;
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// Two values stand side by side in a list.
const SIDE_BY_SIDE: Factor = evidence("two values stand side by side in a list", 6.5);
/// Two parameters stand side by side.
const PARAMETERS: Factor = evidence("two parameters stand side by side", 7.0);
/// Each token between the place and the reported one.
const AWAY: Factor = weight("tokens from the reported place", -0.2);

pub(super) static FAMILY: Family = Family {
    id: "lost-comma",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "void go(Board& board) {\n    board.add(\"Stoat\" <|>55);\n}\n",
        message: "expected ')' before numeric constant",
        after: "void go(Board& board) {\n    board.add(\"Stoat\", 55);\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Where values stand behind their function, two side by side are no list.
    if case.language().applies_bare {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for at in line.skip(1).filter(|at| !lexed.code[*at].first) {
        let Some(open) = case.text.pairs.inside_of(at).filter(|open| open + 1 < at) else {
            continue;
        };
        let away = AWAY * at.abs_diff(case.token) as f64;
        let apart = lexed.code[at - 1].end < lexed.code[at].start;
        let (factor, sure) = match () {
            () if apart && values(case, at) && lists(case, open) => {
                (SIDE_BY_SIDE, asks_for_one_more(case, open))
            }
            () if apart && parameter(case, at, open) => (PARAMETERS, true),
            () => continue,
        };
        let edit = case.insert(lexed.code[at - 1].end, ",");
        let candidate = Candidate::new(MistakeId::MissingSeparator, factor + away, vec![edit]);
        // An operator may be lost as well.
        all.push(if sure { candidate } else { candidate.guess() });
    }
}

/// Whether a call is of a function of the text that takes one value more than there are.
fn asks_for_one_more(case: &Case, open: usize) -> bool {
    let lexed = case.lexed();
    let Some(close) = case.text.pairs.partner_of(open) else { return false };
    let inside = |at: &usize| case.text.pairs.inside_of(*at) == Some(open);
    let given = 1 + (open + 1..close).filter(inside).filter(|at| lexed.is(*at, ",")).count();
    let asked = open.checked_sub(1).and_then(|name| parameters(case, lexed.word(name)));
    asked.is_some_and(|asked| asked.len() == given + 1)
}

/// Whether a value ends before a token and another one starts with it. Two names may be a type and what
/// is declared, and two texts are one in some languages.
fn values(case: &Case, at: usize) -> bool {
    let lexed = case.lexed();
    let plain = |at: usize| matches!(lexed.kind(at), Some(TokenKind::Number | TokenKind::Str));
    let ends = plain(at - 1)
        || lexed.kind(at - 1) == Some(TokenKind::Name)
        || matches!(lexed.before(at), ")" | "]");
    let starts = plain(at) || lexed.kind(at) == Some(TokenKind::Name);
    let texts =
        lexed.kind(at - 1) == Some(TokenKind::Str) && lexed.kind(at) == Some(TokenKind::Str);
    // A type stands behind its name there.
    let names = case.language().parted_parameters && lexed.kind(at - 1) == Some(TokenKind::Name);
    ends && starts && (plain(at - 1) || plain(at) || names) && !texts
}

/// Whether a bracket holds a list of values: those of a call, or the elements of one.
fn lists(case: &Case, open: usize) -> bool {
    let lexed = case.lexed();
    let before = open.checked_sub(1);
    match lexed.word(open) {
        "(" => before.is_some_and(|name| {
            // What prints one line joins its values with marks of its own.
            let joins = !case.language().joins_texts.is_empty() && wants_one_value(case, open + 1);
            lexed.kind(name) == Some(TokenKind::Name) && !joins
        }),
        "[" => before.is_none_or(|at| lexed.kind(at) == Some(TokenKind::Op)),
        _ => false,
    }
}

/// Whether a parameter starts at a token, behind the type of the one before.
fn parameter(case: &Case, at: usize, open: usize) -> bool {
    let lexed = case.lexed();
    let word = usize::from(matches!(lexed.word(at), "val" | "var" | "mut" | "private"));
    let typed = lexed.kind(at + word) == Some(TokenKind::Name) && lexed.is(at + word + 1, ":");
    let before = (open + 1..at).any(|at| lexed.is(at, ":"));
    let ends = lexed.kind(at - 1) == Some(TokenKind::Name)
        || case.language().is_type(lexed.before(at))
        || matches!(lexed.before(at), "]" | ">");
    lexed.is(open, "(") && typed && before && ends
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix, rated};
    use super::FAMILY;
    use crate::fixes::Certainty;

    #[test]
    fn what_the_function_takes_tells_that_a_comma_was_lost() {
        let sure = |declared: &str| {
            let text = format!(
                "class Quay {{\n    void add({declared}) {{}}\n    void go() {{\n        add(\"Stoat\" <|>55);\n    }}\n}}\n"
            );
            let all = rated(&FAMILY, "java", &text, "')' or ',' expected");
            all.first().is_some_and(|(_, certainty)| *certainty != Certainty::Guess)
        };
        assert!(sure("String name, int pull") && !sure("String name"));
    }

    #[test]
    fn a_parameter_begins_behind_the_type_of_another() {
        check_fix(
            &FAMILY,
            "scala",
            "class Dock(slips: List[Int] <|>val name: String) {\n  def all: Int = slips.sum\n}\n",
            "')' expected but 'val' found.",
            "class Dock(slips: List[Int], val name: String) {\n  def all: Int = slips.sum\n}\n",
        );
    }

    #[test]
    fn the_elements_of_a_list_are_parted() {
        check_fix(
            &FAMILY,
            "rust",
            "fn go() {\n    let tides = [2, 3 <|>5];\n}\n",
            "expected one of `)`, `,`, `.`, `?`, `]`, or an operator, found `5`",
            "fn go() {\n    let tides = [2, 3, 5];\n}\n",
        );
    }

    #[test]
    fn a_text_beside_what_is_printed_may_be_joined() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void show(int berth) {\n        System.out.println(\"berth \" <|>berth);\n    }\n}\n",
            "')' expected",
        );
    }

    #[test]
    fn two_names_of_a_call() {
        check_fix(
            &FAMILY,
            "pascal",
            "program Quay;\nbegin\n  WriteLn(Boat <|>Depth(3):0:2);\nend.\n",
            "Syntax error, \")\" expected but \"identifier DEPTH\" found",
            "program Quay;\nbegin\n  WriteLn(Boat, Depth(3):0:2);\nend.\n",
        );
    }
}
