//! The mark between two parts of a declaration: `int rows; cols;`, `int low(int a; int b)`, and in Pascal a list of
//! units that ends with `,`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::language::ImportList;
use erratum_syntax::lex::TokenKind;

/// A bare name stands behind a declaration, on its line.
const SECOND_NAME: Factor = weight("a second name stands behind the declaration", 8.5);
/// Two parameters, each with its type.
const PARAMETERS: Factor = evidence("each side is a parameter with its type", 8.5);
/// Behind the list, something else is declared.
const LIST_ENDS: Factor = evidence("behind the list something else starts", 8.5);

pub(super) static FAMILY: Family = Family {
    id: "parted",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "struct Quay {\n    int rows; <|>cols;\n};\n",
        message: "'cols' does not name a type",
        after: "struct Quay {\n    int rows, cols;\n};\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    second_name(case, all);
    parameters(case, all);
    list_ends(case, all);
}

/// `int rows; cols;`: both names are of the type that stands once.
fn second_name(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().type_first {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let name = |at: usize| lexed.kind(at) == Some(TokenKind::Name);
    let marks = line.clone().filter(|at| lexed.is(*at, ";") && *at > line.start + 1);
    for mark in marks {
        let second = name(mark + 1) && lexed.is(mark + 2, ";") && line.contains(&(mark + 2));
        let declared = case.text.names.declared.iter().any(|one| {
            one.token == mark - 1 && one.typed.is_some_and(|(first, _)| line.contains(&first))
        });
        // A parameter of another function is no value here.
        let known = case.text.names.resolve(lexed, mark + 1);
        let own = known.is_some_and(|one| one.token < mark);
        if second && declared && !own {
            let edit = case.replace_token(mark, ",");
            all.push(Candidate::new(MistakeId::WrongMark, SECOND_NAME, vec![edit]).guess());
        }
    }
}

/// `int low(int tide; int limit) {`: gcc 12 reads what stands before the `;` as declared ahead.
fn parameters(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().type_first || case.language().parted_parameters {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let marks: Vec<usize> =
        line.filter(|at| lexed.is(*at, ";") && case.text.pairs.inside_of(*at).is_some()).collect();
    let Some(open) = marks.first().and_then(|mark| case.text.pairs.inside_of(*mark)) else {
        return;
    };
    let Some(close) = case.text.pairs.partner_of(open) else { return };
    let head = lexed.kind(open.wrapping_sub(1)) == Some(TokenKind::Name)
        && matches!(lexed.kind(open.wrapping_sub(2)), Some(TokenKind::Name | TokenKind::Keyword))
        || open > 1 && matches!(lexed.word(open - 2), "*" | "&" | ">" | "]");
    let ends = lexed.opens_block(close + 1) || lexed.is(close + 1, ";");
    if !lexed.is(open, "(") || !head || !ends {
        return;
    }
    let inside = |at: &usize| case.text.pairs.inside_of(*at) == Some(open);
    let own: Vec<usize> = marks.into_iter().filter(inside).collect();
    let mut starts = vec![open];
    starts
        .extend((open + 1..close).filter(inside).filter(|at| matches!(lexed.word(*at), ";" | ",")));
    starts.push(close);
    // Each part ends with a name and starts with something else.
    let typed = starts.windows(2).all(|pair| {
        let [from, to] = [pair[0] + 1, pair[1] - 1];
        let last = if lexed.is(to, "]") { to.saturating_sub(2) } else { to };
        let word = matches!(lexed.kind(from), Some(TokenKind::Name | TokenKind::Keyword));
        from < to && word && !matches!(lexed.word(from), "return" | "in") && {
            let name = |at: usize| lexed.kind(at) == Some(TokenKind::Name);
            name(last) || name(to)
        }
    });
    if typed && !own.is_empty() {
        let edits = own.into_iter().map(|mark| case.replace_token(mark, ",")).collect();
        all.push(Candidate::new(MistakeId::WrongMark, PARAMETERS, edits).guess());
    }
}

/// Pascal: `uses SysUtils,` above `type`: the list ends there.
fn list_ends(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let ImportList::Ended(word) = case.language().import_list else { return };
    let mark = case.token.wrapping_sub(1);
    let starts = matches!(
        lexed.word(case.token),
        "type" | "const" | "var" | "begin" | "procedure" | "function"
    );
    let names = |at: &usize| matches!(lexed.kind(*at), Some(TokenKind::Name)) || lexed.is(*at, ",");
    if case.phase > Phase::Syntax || !starts || !lexed.is(mark, ",") {
        return;
    }
    let first = (0..mark).rev().find(|at| !names(at) && !lexed.is(*at, "."));
    if first.is_some_and(|at| lexed.is(at, word)) {
        let edit = case.replace_token(mark, case.language().terminator);
        all.push(Candidate::new(MistakeId::WrongMark, LIST_ENDS, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn parameters_are_parted_by_commas() {
        check_fix(
            &FAMILY,
            "c",
            "int low(struct tide *t<|>; float limit) {\n    return t->depth < limit;\n}\n",
            "parameter 't' has just a forward declaration",
            "int low(struct tide *t, float limit) {\n    return t->depth < limit;\n}\n",
        );
    }

    #[test]
    fn the_head_of_a_loop_keeps_its_marks() {
        check_no_fix(
            &FAMILY,
            "c",
            "int low(int n) {\n    for (int i = 0<|>; i < n; i+) {\n    }\n    return n;\n}\n",
            "expected expression before ')' token",
        );
    }

    #[test]
    fn a_list_of_units_ends_before_the_types() {
        check_fix(
            &FAMILY,
            "pascal",
            "program Quay;\nuses SysUtils, Classes,\n\n<|>type\n  TRow = integer;\n",
            "Syntax error, \"identifier\" expected but \"TYPE\" found",
            "program Quay;\nuses SysUtils, Classes;\n\ntype\n  TRow = integer;\n",
        );
    }

    #[test]
    fn a_statement_of_one_name_that_is_declared_is_for_others() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "int main() {\n    int rows; <|>rows;\n}\n",
            "statement has no effect",
        );
    }
}
