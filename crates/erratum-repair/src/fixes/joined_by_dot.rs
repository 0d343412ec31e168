//! A text that is joined with a value by the dot of another language: `"berth " . number`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// A dot that leads to a member has no blanks around it.
const APART: Factor = evidence("a dot with blanks around it joins a text", 9.5);

pub(super) static FAMILY: Family = Family {
    id: "joined-by-dot",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    String name(int berth) {\n        return \"berth \" . <|>berth;\n    }\n}\n",
        message: "cannot find symbol symbol: variable berth location: class String",
        after: "class Quay {\n    String name(int berth) {\n        return \"berth \" + berth;\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, joint) = (case.lexed(), case.language().joins_texts);
    if joint.is_empty() {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let text = |at: usize| lexed.kind(at) == Some(TokenKind::Str);
    let apart = |at: usize| {
        let token = lexed.code[at];
        lexed.code[at - 1].end < token.start
            && lexed.code.get(at + 1).is_some_and(|next| token.end < next.start && !next.first)
            && !token.first
    };
    let dots = line.clone().skip(1).filter(|at| lexed.is(*at, ".") && apart(*at));
    let dots: Vec<usize> = dots.collect();
    // One of them stands beside a text; the others of the line go on with it.
    if !dots.iter().any(|at| text(at - 1) || text(at + 1)) {
        return;
    }
    let edits: Vec<Edit> = dots.iter().map(|at| case.replace_token(*at, joint)).collect();
    all.push(Candidate::new(MistakeId::ForeignMark, APART, edits).guess());
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn every_dot_of_the_line_joins() {
        check_fix(
            &FAMILY,
            "typescript",
            "function go(berth: number) {\n  console.log(\"berth \" . <|>berth . \" is free\");\n}\n",
            "[TS2339] Property 'berth' does not exist on type '\"berth \"'.",
            "function go(berth: number) {\n  console.log(\"berth \" + berth + \" is free\");\n}\n",
        );
    }

    #[test]
    fn a_dot_close_to_its_member_stays() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int name() {\n        return \"berth\".<|>size();\n    }\n}\n",
            "cannot find symbol symbol: method size() location: class String",
        );
    }
}
