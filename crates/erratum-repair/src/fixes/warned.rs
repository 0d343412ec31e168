//! What compilers only warn of: names that nobody uses, indentation that lies, cases that run into
//! the next one, whole numbers with and without a sign.

use super::family::{Example, Family, Phases};
use super::shape::type_of;
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::{MistakeId, Recipe};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// A lone mark in the place of a body.
const SPARE_MARK: Factor = weight("the mark guards nothing", 3.0);
/// An import that nothing needs is taken out.
const SPARE_IMPORT: Factor = weight("an import that nothing needs", 2.0);
/// A declaration that nothing needs may be needed by what was forgotten.
const SPARE_DECLARATION: Factor = weight("a declaration that nothing needs", 0.5);
/// Lines that are indented like one block were to be one.
const BRACES: Factor = weight("the lines are indented like one block", 2.0);
/// A line that was indented by mistake.
const PUT_BACK: Factor = weight("the line is put back", 1.5);
/// A case that runs on into the next.
const RUNS_ON: Factor = weight("the case runs on", 2.0);
/// A member that is hidden by a parameter of its name.
const HIDDEN_MEMBER: Factor = weight("a parameter hides the member", 2.0);
/// A variable that is declared as what it is held against.
const SAME_SIGN: Factor = weight("both sides agree in sign", 2.0);

pub(super) static FAMILY: Family = Family {
    id: "warned",
    recipes: &[
        Recipe::Spare,
        Recipe::Guard,
        Recipe::LeaveCase,
        Recipe::Signs,
        Recipe::OwnMember,
        Recipe::EmptyBody,
    ],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "c",
        before: "int main(void) {\n    int tide = 3;\n    <|>if (tide > 2);\n        tide = 2;\n    return tide;\n}\n",
        message: "warning: [-Wempty-body] suggest braces around empty body in an 'if' statement",
        after: "int main(void) {\n    int tide = 3;\n    if (tide > 2)\n        tide = 2;\n    return tide;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if case.asks(Recipe::Spare) && !case.message.is_error() {
        spare(case, all);
    }
    if case.asks(Recipe::Guard) {
        guard(case, all);
    }
    if case.asks(Recipe::LeaveCase) {
        leave_case(case, all);
    }
    if case.asks(Recipe::Signs) {
        signs(case, all);
    }
    if case.asks(Recipe::OwnMember) {
        own_member(case, all);
    }
    if case.asks(Recipe::EmptyBody)
        && let Some(mark) = empty_body(case)
    {
        all.push(Candidate::new(MistakeId::EmptyBody, SPARE_MARK, vec![case.delete_token(mark)]));
    }
}

/// A declaration or an import that nothing needs: the line is taken out, if nothing else is on it
/// and nothing is called on it.
fn spare(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let (first, last) = (case.statement_start(case.token), case.statement_end(case.token));
    let line = lexed.code[first].line;
    let alone = lexed.code[first].first
        && lexed.code[last].line == line
        && lexed.code.get(last + 1).is_none_or(|next| next.first);
    let calls = (first..=last).any(|at| matches!(lexed.word(at), "(" | "{" | ","));
    let word = lexed.word(first);
    let import = matches!(word, "import" | "using" | "use" | "uses");
    let declares = case.text.names.declared.iter().any(|declared| {
        (first..=last).contains(&declared.token) && declared.kind == NameKind::Value
    });
    // A Pascal declaration may be the only one of its `var`.
    if !alone || calls || word.eq_ignore_ascii_case("var") && !lexed.is(first + 2, "=") {
        return;
    }
    let source = &lexed.source;
    let edit = Edit::delete(case.file(), source.line_start(line), source.line_start(line + 1));
    if import {
        all.push(Candidate::new(MistakeId::UnusedName, SPARE_IMPORT, vec![edit]));
    } else if declares {
        all.push(Candidate::new(MistakeId::UnusedName, SPARE_DECLARATION, vec![edit]).guess());
    }
}

/// The last token of what a condition or a loop header guards starts behind: its `)`, or the
/// word itself.
fn header_end(case: &Case, keyword: usize) -> Option<usize> {
    let lexed = case.lexed();
    if lexed.is(keyword, "else") || lexed.is(keyword, "do") {
        return Some(keyword);
    }
    lexed.is(keyword + 1, "(").then(|| case.text.pairs.partner[keyword + 1])?
}

/// The lone `;` that a condition on the reported line guards, or the one that is reported itself.
fn empty_body(case: &Case) -> Option<usize> {
    let lexed = case.lexed();
    let of_header = |at: usize| header_end(case, at).map(|end| end + 1);
    let line = lexed.code[case.token].line;
    // mcs 6.8 points at what stands behind the `;`, often a line further down.
    let near = lexed.on_line(line).chain(lexed.on_line(line.saturating_sub(1).max(1)));
    near.filter(|at| matches!(lexed.word(*at), "if" | "for" | "while" | "else"))
        .filter_map(of_header)
        .find(|at| lexed.is(*at, ";"))
}

/// A line that is indented as if a condition guarded it: braces around both lines, or the line put
/// back to where it belongs.
fn guard(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let source = &lexed.source;
    if let Some(mark) = empty_body(case) {
        all.push(Candidate::new(MistakeId::EmptyBody, SPARE_MARK, vec![case.delete_token(mark)]));
        return;
    }
    let Some(header) = header_end(case, case.token) else { return };
    let first = header + 1;
    if first >= lexed.code.len() || lexed.opens_block(first) {
        return;
    }
    let indent = |at: usize| source.indent(lexed.code[at].line);
    let own = indent(case.token);
    let mut last = case.statement_end(first);
    let mut misled = Vec::new();
    while let Some(next) = lexed.code.get(last + 1).filter(|next| next.first) {
        if source.indent(next.line) != indent(first) || lexed.closes_block(last + 1) {
            break;
        }
        misled.push(last + 1);
        last = case.statement_end(last + 1);
    }
    let Some(&second) = misled.first() else { return };
    let newline = source.line_end_text();
    let lead = source.indent_text(lexed.code[case.token].line);
    let after = source.line_end(source.line_of(lexed.code[last].end.saturating_sub(1)));
    let around = vec![
        case.insert(lexed.code[header].end, " {"),
        case.insert(after, format!("{newline}{lead}}}")),
    ];
    if lexed.code[first].first && indent(first) > own {
        all.push(Candidate::new(MistakeId::MisleadingIndentation, BRACES, around).guess());
    }
    let back = misled.iter().map(|at| {
        let start = source.line_start(lexed.code[*at].line);
        Edit::replace(case.file(), start, lexed.code[*at].start, lead.clone())
    });
    if indent(second) != own {
        all.push(
            Candidate::new(MistakeId::MisleadingIndentation, PUT_BACK, back.collect()).guess(),
        );
    }
}

/// A case that runs on into the next one: `break` at its end.
fn leave_case(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let inside = case.text.pairs.inside[case.token];
    let label = |at: &usize| {
        matches!(lexed.word(*at), "case" | "default") && case.text.pairs.inside[*at] == inside
    };
    // Some compilers point at the case that is run into, some at the one that is not left.
    let here = label(&case.token) && !lexed.is(case.token.wrapping_sub(1), "{");
    let reported_next = here && case.word("next").is_some();
    let next = if reported_next {
        Some(case.token)
    } else {
        (case.token + 1..lexed.code.len()).find(label)
    };
    let Some(next) = next.filter(|next| *next > 0 && lexed.code[*next].first) else { return };
    let before = lexed.code[next - 1];
    let line = lexed.source.line_of(before.start);
    let text = lexed.source.line_text(line);
    let lead = lexed.source.indent_text(line);
    let one_line =
        text.trim_start().starts_with("case") || text.trim_start().starts_with("default");
    let separator =
        if one_line { " ".to_owned() } else { format!("{}{lead}", lexed.source.line_end_text()) };
    let edit = case.insert(before.end, format!("{separator}break;"));
    all.push(Candidate::new(MistakeId::MissingBreak, RUNS_ON, vec![edit]).guess());
}

/// A member that is hidden by a parameter of its name: the left side is said to be the member.
fn own_member(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(mark) = line.filter(|at| lexed.is(*at, "=")).min_by_key(|at| at.abs_diff(case.token))
    else {
        return;
    };
    // The mark may be the first token of a text that is no program.
    let Some(left) = mark.checked_sub(1) else { return };
    let name = lexed.word(left);
    let member = case.text.names.of(name).any(|d| d.kind == NameKind::Member);
    if member && lexed.is(mark + 1, name) && !lexed.is(left.wrapping_sub(1), ".") {
        let edit = case.insert(lexed.code[left].start, case.language().object);
        all.push(Candidate::new(MistakeId::SelfAssignment, HIDDEN_MEMBER, vec![edit]));
    }
}

/// A whole number that may be negative is held against one that may not: the variable is declared
/// as what it is held against.
fn signs(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let comparison = |at: &usize| matches!(lexed.word(*at), "<" | ">" | "<=" | ">=" | "==" | "!=");
    let Some(mark) = line.filter(comparison).min_by_key(|at| at.abs_diff(case.token)) else {
        return;
    };
    for (side, other) in [(mark.wrapping_sub(1), mark + 1), (mark + 1, mark.wrapping_sub(1))] {
        if lexed.kind(side) != Some(TokenKind::Name) {
            continue;
        }
        let Some(declared) = case.text.names.resolve(lexed, side) else { continue };
        let Some((a, b)) = declared.typed.filter(|(a, b)| a == b) else { continue };
        if !matches!(lexed.word(a), "int" | "long" | "short") {
            continue;
        }
        let known = type_of(case, other, other).filter(|typed| typed.contains("unsigned"));
        let sized = ["size_t", "size_type"].iter().any(|word| case.message.text.contains(word));
        let typed = match known {
            Some(typed) => typed,
            None if sized => "size_t".to_owned(),
            None => format!("unsigned {}", lexed.word(a)),
        };
        let edit = Edit::replace(case.file(), lexed.code[a].start, lexed.code[b].end, typed);
        all.push(Candidate::new(MistakeId::MixedSigns, SAME_SIGN, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn an_import_that_nothing_needs_goes() {
        check_fix(
            &FAMILY,
            "rust",
            "<|>use std::fmt;\n\nfn main() {}\n",
            "warning: [unused_imports] unused import: `std::fmt`",
            "\nfn main() {}\n",
        );
    }

    #[test]
    fn lines_that_are_indented_like_a_block_get_braces() {
        check_among(
            &FAMILY,
            "c",
            "int up(int t) {\n    <|>if (t > 3)\n        t = 3;\n        t = t + 1;\n    return t;\n}\n",
            "warning: [-Wmisleading-indentation] this 'if' clause does not guard...",
            "int up(int t) {\n    if (t > 3) {\n        t = 3;\n        t = t + 1;\n    }\n    return t;\n}\n",
        );
    }

    #[test]
    fn a_case_that_runs_on_is_left() {
        check_fix(
            &FAMILY,
            "c",
            "int up(int t) {\n    switch (t) {\n    case 1:\n        <|>t = 2;\n    case 2:\n        t = 3;\n    }\n    return t;\n}\n",
            "warning: [-Wimplicit-fallthrough=] this statement may fall through",
            "int up(int t) {\n    switch (t) {\n    case 1:\n        t = 2;\n        break;\n    case 2:\n        t = 3;\n    }\n    return t;\n}\n",
        );
    }

    #[test]
    fn a_member_is_told_from_the_parameter_of_its_name() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    int seats;\n    Quay(int seats) {\n        <|>seats = seats;\n    }\n}\n",
            "warning: [CS1717] Assignment made to same variable; did you mean to assign something else?",
            "class Quay {\n    int seats;\n    Quay(int seats) {\n        this.seats = seats;\n    }\n}\n",
        );
    }

    #[test]
    fn both_sides_of_a_comparison_agree_in_sign() {
        check_fix(
            &FAMILY,
            "c",
            "int up(unsigned int t) {\n    int low = 3;\n    return low <|>< t;\n}\n",
            "warning: [-Wsign-compare] comparison of integer expressions of different signedness: 'int' and 'unsigned int'",
            "int up(unsigned int t) {\n    unsigned int low = 3;\n    return low < t;\n}\n",
        );
    }

    #[test]
    fn a_declaration_beside_a_call_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    let <|>tide = rise(3);\n}\n",
            "warning: [unused_variables] unused variable: `tide`",
        );
    }
}
