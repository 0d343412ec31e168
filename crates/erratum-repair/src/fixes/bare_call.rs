//! A call without its brackets: `panic err`, `System.out.println "berth";`, `return deepest tides;`.

use super::family::{Example, Family, Phases};
use super::shape::{operand_end, parameters};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;
use std::ops::Range;

/// A function of the text that takes one value stands before one, within a statement.
const WITHIN: Factor = evidence("a function that takes one value stands before one", 6.0);
/// A function starts the statement, and a value stands behind it.
const STARTS: Factor = evidence("a function with a value behind it starts the statement", 6.0);

pub(super) static FAMILY: Family = Family {
    id: "bare-call",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\nfunc check(err error) {\n\tpanic <|>err\n}\n",
        message: "syntax error: unexpected err at end of statement",
        after: "package quay\n\nfunc check(err error) {\n\tpanic(err)\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    if language.layout || language.applies_bare {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    within(case, line.clone(), all);
    let first = case.statement_start(case.token.max(line.start));
    let name = |at: usize| lexed.kind(at) == Some(TokenKind::Name);
    let value = |at: usize| {
        matches!(lexed.kind(at), Some(TokenKind::Name | TokenKind::Number | TokenKind::Str))
    };
    if !name(first) || !line.contains(&first) {
        return;
    }
    let mut last = first;
    while lexed.is(last + 1, ".") && name(last + 2) {
        last += 2;
    }
    let end = case.statement_end(last);
    let end = if lexed.is(end, language.terminator) { end.saturating_sub(1) } else { end };
    let behind = last + 1;
    let sets = |at: usize| matches!(lexed.word(at), "=" | ":=" | "{" | "}" | "in" | "range");
    if !value(behind) || end < behind || !line.contains(&end) || (behind..=end).any(sets) {
        return;
    }
    // Where a call without values has no brackets, two names side by side tell nothing.
    if language.calls_bare && (last > first || lexed.kind(behind) == Some(TokenKind::Name)) {
        return;
    }
    // A type stands before what it declares; a member path stands before no text.
    let word = lexed.word(last);
    let is_function = |kind: NameKind| kind == NameKind::Function;
    let declared = case.text.names.of(word).any(|declared| is_function(declared.kind));
    let known = language.known_names().any(|(known, kind)| known == word && is_function(kind));
    let printed = last > first && lexed.kind(behind) == Some(TokenKind::Str);
    // An object of the program before a small letter: no type is named so.
    let object = last > first
        && word.starts_with(char::is_lowercase)
        && (case.text.names.resolve(lexed, first))
            .is_some_and(|one| matches!(one.kind, NameKind::Value | NameKind::Member));
    if !declared && !known && !printed && !object {
        return;
    }
    let edits = vec![
        Edit::replace(case.file(), lexed.code[last].end, lexed.code[behind].start, "("),
        case.insert(lexed.code[end].end, ")"),
    ];
    let candidate = Candidate::new(MistakeId::MissingBracket, STARTS, edits);
    // Of what is not known to be a function, a mark may be lost instead.
    let clear = (declared || known || printed) && !language.returns_unsaid;
    all.push(if clear { candidate } else { candidate.guess() });
}

/// `print(deepest tides)`: a function of the text that takes one value, somewhere on a line.
fn within(case: &Case, line: Range<usize>, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let value = |at: usize| {
        matches!(lexed.kind(at), Some(TokenKind::Name | TokenKind::Number | TokenKind::Str))
    };
    let heads = line.filter(|at| !lexed.code[*at].first && value(at + 1));
    for at in heads.filter(|at| lexed.kind(*at) == Some(TokenKind::Name)) {
        let word = lexed.word(at);
        let mut declared = case.text.names.of(word);
        let one = declared.any(|one| one.kind == NameKind::Function && one.token != at)
            && parameters(case, word).is_some_and(|all| all.len() == 1);
        // Behind a type it would be declared here.
        let behind_mark = lexed.kind(at - 1) == Some(TokenKind::Op) && !lexed.is(at - 1, ".")
            || matches!(lexed.before(at), "return" | "(" | "[" | "{");
        let end = operand_end(case, at + 1).unwrap_or(at + 1);
        let ends = lexed.code.get(end + 1).is_none_or(|next| next.first || !value(end + 1));
        if one && behind_mark && ends {
            let edits = vec![
                Edit::replace(case.file(), lexed.code[at].end, lexed.code[at + 1].start, "("),
                case.insert(lexed.code[end].end, ")"),
            ];
            all.push(Candidate::new(MistakeId::MissingBracket, WITHIN, edits).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_function_within_a_call_needs_its_brackets_too() {
        check_fix(
            &FAMILY,
            "c",
            "int deepest(struct Tide *all) { return 3; }\nvoid go(struct Tide *all) {\n    printf(\"%d\", deepest <|>all);\n}\n",
            "expected ')' before 'all'",
            "int deepest(struct Tide *all) { return 3; }\nvoid go(struct Tide *all) {\n    printf(\"%d\", deepest(all));\n}\n",
        );
    }

    #[test]
    fn what_prints_a_text_needs_its_brackets() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void show(int berth) {\n        System.out.println <|>\"berth \" + berth;\n    }\n}\n",
            "not a statement",
            "class Quay {\n    void show(int berth) {\n        System.out.println(\"berth \" + berth);\n    }\n}\n",
        );
    }

    #[test]
    fn a_declaration_is_no_call() {
        for line in ["Berth <|>mine;", "Berth <|>mine = next();"] {
            let text = format!("void go() {{\n    {line}\n}}\n");
            check_no_fix(&FAMILY, "cpp", &text, "expected ';' before 'mine'");
        }
    }
}
