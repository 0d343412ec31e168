//! TypeScript: what stands in an interface or a class in another form: a first value in an interface, a word before a
//! method, a list that begins empty and says nothing of its elements, a map made with one type only.

use super::family::{Example, Family, Phases};
use super::shape::{function_around, text_of};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// An interface only says what there is.
const NO_VALUE: Factor = evidence("an interface holds no first values", 9.5);
/// A method of a class has no word in front of it.
const NO_WORD: Factor = evidence("a method of a class has no such word", 9.5);
/// The list is what the function gives back.
const GIVEN_BACK: Factor = evidence("the list is what the function gives back", 9.0);
/// The type is written out in front of the mark.
const WRITTEN_OUT: Factor = evidence("the type is written out in front of the mark", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "ts-members",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "typescript",
        before: "class Quay {\n  def <|>total(): number {\n    return 3;\n  }\n}\n",
        message: "[TS1068] Unexpected token. A constructor, method, accessor, or property was expected.",
        after: "class Quay {\n  total(): number {\n    return 3;\n  }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().object_required {
        return;
    }
    method(case, all);
    // Seen with tsc 5.9.
    let said = &case.message.text;
    if said.starts_with("An interface property cannot have an initializer") {
        first_value(case, all);
    }
    if said.contains("implicitly has") && said.contains("'any[]'") {
        elements(case, all);
    }
    if said.contains("type arguments") {
        made(case, all);
    }
}

/// `boats: string[] = [];` in an interface.
fn first_value(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(mark) = line.clone().find(|at| lexed.is(*at, "=")).filter(|at| *at > line.start)
    else {
        return;
    };
    let ends = |at: &usize| matches!(lexed.word(*at), ";" | ",") && *at + 1 == line.end;
    let last = line.clone().find(ends).map_or(line.end, |end| end) - 1;
    let edit = Edit::delete(case.file(), lexed.code[mark - 1].end, lexed.code[last].end);
    all.push(Candidate::new(MistakeId::NeedlessWord, NO_VALUE, vec![edit]).guess());
}

/// `def total(): number {` in a class.
fn method(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let labels = ["public", "private", "protected", "static", "async"];
    let Some(word) = line.into_iter().find(|at| !labels.contains(&lexed.word(*at))) else { return };
    let block = case.text.pairs.inside_of(word).filter(|open| lexed.is(*open, "{"));
    let class = block
        .is_some_and(|open| (case.statement_start(open)..open).any(|at| lexed.is(at, "class")));
    let foreign = matches!(lexed.word(word), "def" | "function" | "func" | "fn" | "fun");
    let named = lexed.kind(word + 1) == Some(TokenKind::Name) && lexed.is(word + 2, "(");
    if class && foreign && named {
        let (from, to) = (lexed.code[word].start, lexed.code[word + 1].start);
        let edit = Edit::delete(case.file(), from, to);
        all.push(Candidate::new(MistakeId::NeedlessWord, NO_WORD, vec![edit]).guess());
    }
}

/// `let names = [];` that is given back as a list of texts.
fn elements(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let name = case.message.text.split('\'').nth(1).unwrap_or("");
    let declared = case.text.names.of(name).find(|one| {
        lexed.is(one.token + 1, "=") && lexed.is(one.token + 2, "[") && lexed.is(one.token + 3, "]")
    });
    let Some(declared) = declared else { return };
    let Some(function) = function_around(case, declared.token) else { return };
    let end = function.close.unwrap_or(lexed.code.len());
    let given = (function.open..end).any(|at| lexed.is(at, "return") && lexed.is(at + 1, name));
    let typed =
        function.returns.map(|typed| text_of(case, typed)).filter(|typed| typed.ends_with("[]"));
    if let Some(typed) = typed.filter(|_| given) {
        let edit = case.insert(lexed.code[declared.token].end, format!(": {typed}"));
        all.push(Candidate::new(MistakeId::MissingType, GIVEN_BACK, vec![edit]).guess());
    }
}

/// `const counts: Map<string, number> = new Map<string>();`
fn made(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(word) = line.clone().find(|at| lexed.is(*at, "new") && lexed.is(at + 2, "<")) else {
        return;
    };
    let ends = |at: &usize| matches!(lexed.word(*at), ">" | ">>" | ">>>");
    let typed = line
        .clone()
        .find(|at| *at < word && lexed.is(*at, lexed.word(word + 1)) && lexed.is(at + 1, "<"));
    let close = (word + 3..line.end).find(ends).filter(|close| lexed.is(close + 1, "("));
    let (Some(typed), Some(close)) = (typed, close) else { return };
    let Some(last) = (typed + 2..word).rev().find(ends) else { return };
    let whole = lexed.source.slice(lexed.code[typed + 1].start, lexed.code[last].end).into_owned();
    let (from, to) = (lexed.code[word + 2].start, lexed.code[close].end);
    let edit = Edit::replace(case.file(), from, to, whole);
    all.push(Candidate::new(MistakeId::TypeArguments, WRITTEN_OUT, vec![edit]).guess());
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn an_interface_holds_no_values() {
        check_fix(
            &FAMILY,
            "typescript",
            "interface Quay {\n  boats: string[] = <|>[];\n}\n",
            "[TS1246] An interface property cannot have an initializer.",
            "interface Quay {\n  boats: string[];\n}\n",
        );
    }

    #[test]
    fn a_list_that_is_given_back_has_its_type() {
        check_fix(
            &FAMILY,
            "typescript",
            "function names(all: Boat[]): string[] {\n  let <|>names = [];\n  all.forEach(b => names.push(b.name));\n  return names;\n}\n",
            "[TS7034] Variable 'names' implicitly has type 'any[]' in some locations where its type cannot be determined.",
            "function names(all: Boat[]): string[] {\n  let names: string[] = [];\n  all.forEach(b => names.push(b.name));\n  return names;\n}\n",
        );
    }

    #[test]
    fn a_map_is_made_of_both_types() {
        check_fix(
            &FAMILY,
            "typescript",
            "const counts: Map<string, number> = new <|>Map<string>();\n",
            "[TS2558] Expected 0-2 type arguments, but got 1.",
            "const counts: Map<string, number> = new Map<string, number>();\n",
        );
    }

    #[test]
    fn a_function_outside_of_a_class_keeps_its_word() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "function <|>total(): number {\n  return 3;\n}\n",
            "[TS1005] ';' expected.",
        );
    }
}
