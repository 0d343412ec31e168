//! A conversion with its value inside its brackets: `(double sum)` for `(double) sum`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// A type and a value stand in brackets where a value is wanted.
const TYPE_AND_VALUE: Factor = evidence("a type and its value stand in one bracket", 6.5);

/// A type is no function.
const CALLED_TYPE: Factor = evidence("a type is no function", 6.0);

/// The size of a type is asked for.
const SIZED: Factor = evidence("the size of a type is asked for", 6.5);

/// A place in a list is counted by a type of its own.
const PLACE: Factor = evidence("a place in a list has a type of its own", 6.0);

/// What is given back is an address.
const ADDRESS: Factor = evidence("what is given back is an address", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "cast",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    double mean(int sum) {\n        return (double <|>sum) / 3;\n    }\n}\n",
        message: "')' expected",
        after: "class Quay {\n    double mean(int sum) {\n        return (double) sum / 3;\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if case.message.text.contains("cannot be indexed by `") {
        counted(case, all);
    }
    if !case.language().type_first {
        return;
    }
    sized(case, all);
    pointed(case, all);
    for open in lexed.on_line(lexed.code[case.token].line).filter(|at| lexed.is(*at, "(")) {
        if case.language().scope_mark.is_empty() || case.language().new_object == "new " {
            called_type(case, open, all);
        }
        let (typed, value, close) = (open + 1, open + 2, open + 3);
        let plain = case.language().is_type(lexed.word(typed))
            && lexed.word(typed).starts_with(|letter: char| letter.is_lowercase());
        let valued = matches!(lexed.kind(value), Some(TokenKind::Name | TokenKind::Number));
        // Behind a name stands a list of parameters.
        let wanted = matches!(
            lexed.before(open),
            "return" | "=" | "+" | "-" | "*" | "/" | "%" | "<" | ">" | "==" | "(" | ","
        );
        // Before an arrow or a block, too.
        let parameters = matches!(lexed.word(close + 1), "->" | "=>" | "{");
        if plain && valued && wanted && !parameters && lexed.is(close, ")") {
            let edits = vec![
                case.insert(lexed.code[typed].end, ")"),
                Edit::delete(case.file(), lexed.code[value].end, lexed.code[close].end),
            ];
            all.push(Candidate::new(MistakeId::CastRules, TYPE_AND_VALUE, edits));
        }
    }
}

/// `int(fare)` for `(int)(fare)`: a type is no function.
fn called_type(case: &Case, open: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(typed) = open.checked_sub(1) else { return };
    let word = lexed.word(typed);
    let plain = case.language().is_type(word)
        && lexed.kind(typed) == Some(TokenKind::Keyword)
        && word != "void";
    let wanted = typed.checked_sub(1).is_some_and(|at| {
        lexed.kind(at) == Some(TokenKind::Op)
            || matches!(lexed.word(at), "return" | "(" | "," | "[")
    });
    let close = case.text.pairs.partner_of(open).filter(|close| *close > open + 1);
    let Some(close) = close.filter(|_| plain && wanted) else { return };
    let mut edits = vec![case.insert(lexed.code[typed].start, "(")];
    // What is one value needs no brackets of its own.
    if close == open + 2 {
        edits.push(case.replace_token(open, ") "));
        edits.push(Edit::delete(case.file(), lexed.code[close].start, lexed.code[close].end));
    } else {
        edits.push(case.insert(lexed.code[typed].end, ")"));
    }
    all.push(Candidate::new(MistakeId::CastRules, CALLED_TYPE, edits));
}

/// `sizeof berth` of a type, which stands in brackets there.
fn sized(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    for at in lexed.on_line(lexed.code[case.token].line).filter(|at| lexed.is(*at, "sizeof")) {
        let mut last = at + 1;
        while matches!(lexed.word(last), "struct" | "unsigned" | "const" | "enum") {
            last += 1;
        }
        let word = lexed.word(last);
        let value = case.text.names.of(word).any(|declared| declared.kind == NameKind::Value);
        let told = case.message.text.contains(&format!("'{}'", lexed.word(at + 1)));
        if told
            && !value
            && (lexed.kind(last) == Some(TokenKind::Name) || case.language().is_type(word))
        {
            let open =
                Edit::replace(case.file(), lexed.code[at].end, lexed.code[at + 1].start, "(");
            let close = case.insert(lexed.code[last].end, ")");
            all.push(Candidate::new(MistakeId::MissingBracket, SIZED, vec![open, close]));
        }
    }
}

/// `counts[hour]`: a place in a list is counted by a type of its own (seen with rustc 1.95).
fn counted(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let whole = ["u8", "u16", "u32", "u64", "i8", "i16", "i32", "i64", "i128", "u128", "isize"];
    let by = case.message.text.rsplit('`').nth(1).unwrap_or("");
    if !whole.contains(&by.trim_start_matches('&')) || by.starts_with('&') {
        return;
    }
    let inside = case.text.pairs.inside_of(case.token).filter(|open| lexed.is(*open, "["));
    let next = [case.token, case.token + 1].into_iter().find(|at| lexed.is(*at, "["));
    let Some(open) = inside.or(next) else { return };
    let Some(close) = case.text.pairs.partner_of(open).filter(|close| *close > open + 1) else {
        return;
    };
    let within = |at: &usize| case.text.pairs.inside_of(*at) == Some(open);
    let computes = (open + 1..close).filter(within).any(|at| {
        lexed.kind(at) == Some(TokenKind::Op) && !matches!(lexed.word(at), "." | "::" | ",")
    });
    let (from, to) = (lexed.code[open + 1].start, lexed.code[close - 1].end);
    let edits = if computes {
        vec![case.insert(from, "("), case.insert(to, ") as usize")]
    } else {
        vec![case.insert(to, " as usize")]
    };
    all.push(Candidate::new(MistakeId::WrongNumberType, PLACE, edits));
}

/// C: `(double) calloc(...)`: what is given back is an address (seen with gcc 12 and clang 14).
fn pointed(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    let told = said.contains("pointer value used where a floating-point")
        || said.contains("operand of type 'void *' cannot be cast")
        || said.contains("makes pointer from integer without a cast")
        || said.contains("invalid conversion from 'int' to 'int*'");
    let line = lexed.on_line(lexed.code[case.token].line);
    let plain = |at: &usize| {
        lexed.before(*at) == "("
            && lexed.is(at + 1, ")")
            && case.language().is_type(lexed.word(*at))
    };
    let made = |at: &usize| matches!(lexed.word(at + 2), "malloc" | "calloc" | "realloc");
    if let Some(typed) = line.filter(|_| told).find(|at| plain(at) && made(at)) {
        // `Rope *r = (int) malloc(...)`: of what it is declared to point at.
        let given =
            typed.checked_sub(5).filter(|at| lexed.is(at + 3, "=") && lexed.is(at + 1, "*"));
        let edit = match given.map(|at| lexed.text(&lexed.code[at])) {
            Some(other) if other != lexed.word(typed) => {
                case.replace_token(typed, format!("{other} *"))
            }
            _ => case.insert(lexed.code[typed].end, " *"),
        };
        all.push(Candidate::new(MistakeId::CastRules, ADDRESS, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    const SAID: &str = "expected ')' before 'sum'";

    #[test]
    fn memory_is_turned_into_an_address() {
        check_fix(
            &FAMILY,
            "c",
            "#include <stdlib.h>\nvoid go(void) {\n    double *all = <|>(double) calloc(3, sizeof(double));\n}\n",
            "pointer value used where a floating-point was expected",
            "#include <stdlib.h>\nvoid go(void) {\n    double *all = (double *) calloc(3, sizeof(double));\n}\n",
        );
    }

    #[test]
    fn a_type_is_no_function() {
        check_fix(
            &FAMILY,
            "c",
            "int whole(double fare) {\n    return <|>int(fare + 0.5);\n}\n",
            "expected expression before 'int'",
            "int whole(double fare) {\n    return (int)(fare + 0.5);\n}\n",
        );
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int whole(double fare) {\n        return int<|>(fare);\n    }\n}\n",
            "'.class' expected",
            "class Quay {\n    int whole(double fare) {\n        return (int) fare;\n    }\n}\n",
        );
    }

    #[test]
    fn the_size_of_a_type_is_asked_for_in_brackets() {
        check_fix(
            &FAMILY,
            "c",
            "#include <stdlib.h>\ntypedef struct { int n; } berth;\nberth *make(void) {\n    return malloc(sizeof <|>berth);\n}\n",
            "expected expression before 'berth'",
            "#include <stdlib.h>\ntypedef struct { int n; } berth;\nberth *make(void) {\n    return malloc(sizeof(berth));\n}\n",
        );
    }

    #[test]
    fn a_place_is_counted_by_its_own_type() {
        let said = "[E0277] the type `[{integer}]` cannot be indexed by `u8`";
        check_fix(
            &FAMILY,
            "rust",
            "fn count(hour: u8) {\n    let mut all = [0; 24];\n    all[<|>hour] += 1;\n}\n",
            said,
            "fn count(hour: u8) {\n    let mut all = [0; 24];\n    all[hour as usize] += 1;\n}\n",
        );
        check_fix(
            &FAMILY,
            "rust",
            "fn count(hour: u8) {\n    let mut all = [0; 24];\n    all[<|>hour + 1] += 1;\n}\n",
            said,
            "fn count(hour: u8) {\n    let mut all = [0; 24];\n    all[(hour + 1) as usize] += 1;\n}\n",
        );
    }

    #[test]
    fn a_value_in_a_call_is_converted() {
        check_fix(
            &FAMILY,
            "c",
            "void go(int sum) {\n    show(3, (float <|>sum));\n}\n",
            SAID,
            "void go(int sum) {\n    show(3, (float) sum);\n}\n",
        );
    }

    #[test]
    fn a_number_is_converted() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    int low = (int <|>2.5);\n}\n",
            "[CS1026] Unexpected symbol '2.5', expecting ')'",
            "class Quay {\n    int low = (int) 2.5;\n}\n",
        );
    }

    #[test]
    fn parameters_are_left_alone() {
        check_no_fix(&FAMILY, "c", "void go(int <|>sum) {\n    show(sum;\n}\n", SAID);
    }

    #[test]
    fn the_parameter_of_a_function_without_a_name_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    Op op = (int <|>sum) -> sum + ;\n}\n",
            "illegal start of expression",
        );
    }

    #[test]
    fn a_conversion_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    double mean(int sum) {\n        return (double) <|>sum / ;\n    }\n}\n",
            "illegal start of expression",
        );
    }

    #[test]
    fn a_type_behind_its_name_is_another_matter() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "function mean(sum: number) {\n  return (number <|>sum) / 3;\n}\n",
            "')' expected.",
        );
    }
}
