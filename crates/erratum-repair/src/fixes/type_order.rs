//! A declaration in the order of another language: `int sum = 0` where the type stands behind the
//! name, `int[] depths` where the brackets do, `Berth[]` where they stand in front.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// The brackets of a list stand on the other side.
const BRACKETS_ELSEWHERE: Factor = evidence("the brackets of a list stand on the other side", 6.5);
/// The type stands behind the name, behind a word.
const TYPE_ELSEWHERE: Factor = evidence("the type stands behind the name", 6.0);
/// Each line between the change and the reported place.
const LINES: Factor = weight("lines from the reported place", -0.5);

pub(super) static FAMILY: Family = Family {
    id: "type-order",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\ntype Berth struct{ n int }\n\nfunc sum(all Berth[<|>]) int {\n\treturn len(all)\n}\n",
        message: "syntax error: unexpected ], expecting type",
        after: "package quay\n\ntype Berth struct{ n int }\n\nfunc sum(all []Berth) int {\n\treturn len(all)\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let reported = lexed.code[case.token].line;
    for line in reported.saturating_sub(1).max(1)..=reported {
        let far = LINES * f64::from(reported - line);
        let range = lexed.on_line(line);
        for open in range.clone().filter(|at| lexed.is(*at, "[") && lexed.is(at + 1, "]")) {
            brackets(case, open, far, all);
        }
        typed_first(case, range.start, far, all);
    }
}

/// `Berth[]`: the empty brackets of a list on the side where another language has them.
fn brackets(case: &Case, open: usize, far: Factor, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    let Some(element) = open.checked_sub(1).filter(|at| is_type(case, *at)) else { return };
    let empty = (lexed.code[open].start, lexed.code[open + 1].end);
    let out = Edit::delete(case.file(), empty.0, empty.1);
    if language.lists_in_front {
        let edits = vec![case.insert(lexed.code[element].start, "[]"), out];
        all.push(Candidate::new(MistakeId::WrongOrder, BRACKETS_ELSEWHERE + far, edits));
    } else if language.lists_behind_names && lexed.kind(open + 2) == Some(TokenKind::Name) {
        let edits = vec![out, case.insert(lexed.code[open + 2].end, "[]")];
        all.push(Candidate::new(MistakeId::WrongOrder, BRACKETS_ELSEWHERE + far, edits));
    }
}

/// `int sum = 0`: the type stands behind the name here, and a word in front of it.
fn typed_first(case: &Case, first: usize, far: Factor, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    let Some((word, mark)) = language.typed_variable else { return };
    let named = lexed.kind(first + 1) == Some(TokenKind::Name) && is_type(case, first);
    let binds = matches!(lexed.word(first + 2), "=" | ":=" | ";")
        || lexed.code.get(first + 2).is_some_and(|next| next.first);
    if !named || !binds || !lexed.code[first].first || lexed.code[first + 1].first {
        return;
    }
    let written = lexed.word(first);
    let foreign = language.foreign.iter().find(|(foreign, _)| *foreign == written);
    let typed = foreign.map_or(written, |(_, here)| *here);
    let name = lexed.word(first + 1);
    let bind = lexed.is(first + 2, ":=");
    let end = if bind { lexed.code[first + 2].end } else { lexed.code[first + 1].end };
    let text = format!("{word} {name}{mark}{typed}{}", if bind { " =" } else { "" });
    let edit = Edit::replace(case.file(), lexed.code[first].start, end, text);
    all.push(Candidate::new(MistakeId::WrongOrder, TYPE_ELSEWHERE + far, vec![edit]));
}

/// Whether a token names a type: one of this language, of the text or of another language.
fn is_type(case: &Case, at: usize) -> bool {
    let (lexed, language) = (case.lexed(), case.language());
    let word = lexed.word(at);
    let foreign = language.foreign.iter().any(|(foreign, here)| {
        *foreign == word && here.split(' ').any(|here| language.is_type(here))
    });
    let own = || {
        let mut declared = case.text.names.of(word);
        declared.any(|declared| declared.kind == erratum_syntax::names::NameKind::Type)
    };
    language.is_type(word) || foreign || own()
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn the_brackets_of_c_stand_behind_the_name() {
        check_fix(
            &FAMILY,
            "c",
            "int main(void) {\n    int<|>[] depths = { 3, 4 };\n    return depths[0];\n}\n",
            "expected identifier or '(' before '[' token",
            "int main(void) {\n    int depths[] = { 3, 4 };\n    return depths[0];\n}\n",
        );
    }

    #[test]
    fn a_variable_of_go_has_its_type_behind_it() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc sum() int {\n\tint <|>all = 3\n\treturn all\n}\n",
            "syntax error: unexpected all at end of statement",
            "package quay\n\nfunc sum() int {\n\tvar all int = 3\n\treturn all\n}\n",
        );
    }

    #[test]
    fn a_variable_of_typescript_has_its_type_behind_a_colon() {
        check_fix(
            &FAMILY,
            "typescript",
            "function sum(): number {\n  number <|>all = 3;\n  return all;\n}\n",
            "';' expected.",
            "function sum(): number {\n  let all: number = 3;\n  return all;\n}\n",
        );
    }

    #[test]
    fn a_variable_of_rust_is_written_with_a_type_of_rust() {
        check_fix(
            &FAMILY,
            "rust",
            "fn sum() -> i32 {\n    int <|>all = 3;\n    all\n}\n",
            "expected one of `!`, `.`, `::`, `;`, `?`, `{`, `}`, or an operator, found `all`",
            "fn sum() -> i32 {\n    let all: i32 = 3;\n    all\n}\n",
        );
    }

    #[test]
    fn a_declaration_in_the_order_of_java_is_left() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go() {\n        int all = 3 <|>4;\n        int[] two;\n    }\n}\n",
            "';' expected",
        );
    }

    #[test]
    fn an_assignment_is_left() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc sum(all int) int {\n\tall = 3 <|>4\n\treturn all\n}\n",
            "syntax error: unexpected literal 4 at end of statement",
        );
    }
}
