//! A number that says of which type it is: in Java `L` for a large whole one, in C# `m` for one of money.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// The variable is declared for large numbers.
const DECLARED_LARGE: Factor = evidence("the variable is declared for large numbers", 8.0);
/// The number and its variable are too small a type.
const BOTH_LARGE: Factor =
    evidence("the number needs a larger type, and so does its variable", 6.5);

/// The number is marked for another type than is wanted.
const NO_MONEY: Factor = evidence("the number is marked for another type", 9.0);
/// The value beside it is of a type for money.
const OF_MONEY: Factor = evidence("the number beside it has a type of its own", 9.0);

/// A real number is counted with one of money.
const TURNED: Factor = evidence("a real number is counted with one of money", 8.0);

pub(super) static FAMILY: Family = Family {
    id: "number-suffix",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    long tons = <|>3000000000;\n}\n",
        message: "integer number too large",
        after: "class Quay {\n    long tons = 3000000000L;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    decimal(case, all);
    no_decimal(case, all);
    // Seen with javac 17.
    let told = case.message.text.starts_with("integer number too large");
    if !told || lexed.kind(case.token) != Some(TokenKind::Number) {
        return;
    }
    let mut edits = vec![case.insert(lexed.code[case.token].end, "L")];
    let start = case.statement_start(case.token);
    let typed = (start..case.token).find(|at| matches!(lexed.word(*at), "int" | "short" | "byte"));
    let why = match typed {
        Some(typed) => {
            edits.insert(0, case.replace_token(typed, "long"));
            BOTH_LARGE
        }
        None => DECLARED_LARGE,
    };
    all.push(Candidate::new(MistakeId::NumberForm, why, edits).guess());
}

/// C#: `measure(0.8m)` where a `double` is wanted.
fn no_decimal(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with mcs 6.8.
    let said = &case.message.text;
    let told = said.contains("'decimal' expression to type 'double'")
        || said.contains("convert type 'decimal' to 'double'")
        || said.ends_with("has some invalid arguments") && said.contains("double");
    let line = lexed.on_line(lexed.code[case.token].line);
    let mut marked = line.filter(|at| {
        told && lexed.kind(*at) == Some(TokenKind::Number) && lexed.word(*at).ends_with(['m', 'M'])
    });
    if let (Some(at), None) = (marked.next(), marked.next()) {
        let end = lexed.code[at].end;
        let edit = Edit::delete(case.file(), end - 1, end);
        all.push(Candidate::new(MistakeId::WrongNumberType, NO_MONEY, vec![edit]).guess());
    }
}

/// C#: `price > 3.0` of a `decimal`: the number beside it says with `m` that it is one.
fn decimal(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with mcs 6.8.
    let said = &case.message.text;
    let both = said.contains("'decimal' and 'double'") || said.contains("'double' and 'decimal'");
    let line = lexed.on_line(lexed.code[case.token].line);
    let real = |at: &usize| {
        let word = lexed.word(*at);
        lexed.kind(*at) == Some(TokenKind::Number)
            && word.contains('.')
            && word.ends_with(|last: char| last.is_ascii_digit())
    };
    let edits: Vec<Edit> =
        line.filter(|at| both && real(at)).map(|at| case.insert(lexed.code[at].end, "m")).collect();
    if let [_] = edits[..] {
        all.push(Candidate::new(MistakeId::WrongNumberType, OF_MONEY, edits).guess());
    } else if edits.is_empty() && both {
        made_decimal(case, all);
    }
}

/// C#: `width * price` of a `double` and a `decimal`: the one becomes a `decimal`, too.
fn made_decimal(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    let line = lexed.on_line(lexed.code[case.token].line);
    let quoted = said.split('\'').nth(1).unwrap_or_default();
    let mut marks = line.clone().filter(|at| lexed.is(*at, quoted));
    let (Some(mark), None) = (marks.next(), marks.next()) else { return };
    let first = if said.contains("'double' and 'decimal'") {
        let mut first = mark.saturating_sub(1);
        while first >= line.start + 2 && lexed.before(first) == "." {
            first -= 2;
        }
        first
    } else {
        mark + 1
    };
    // What a call gives, or a value in brackets, starts further away.
    let plain = lexed.before(mark) != ")" && lexed.kind(first) == Some(TokenKind::Name);
    if plain && first > line.start {
        let edit = case.insert(lexed.code[first].start, "(decimal)");
        all.push(Candidate::new(MistakeId::WrongNumberType, TURNED, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_fix;
    use super::FAMILY;

    #[test]
    fn a_real_number_beside_a_decimal_becomes_one() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    double width;\n    decimal Price() => <|>width * 120.5m;\n}\n",
            "Operator '*' cannot be applied to operands of type 'double' and 'decimal'",
            "class Quay {\n    double width;\n    decimal Price() => (decimal)width * 120.5m;\n}\n",
        );
    }

    #[test]
    fn a_number_beside_a_decimal_is_one() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    bool Dear(decimal price) { return <|>price > 3.5; }\n}\n",
            "[CS0019] Operator '>' cannot be applied to operands of type 'decimal' and 'double'",
            "class Quay {\n    bool Dear(decimal price) { return price > 3.5m; }\n}\n",
        );
    }

    #[test]
    fn a_small_variable_grows_too() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int tons = <|>3000000000;\n}\n",
            "integer number too large",
            "class Quay {\n    long tons = 3000000000L;\n}\n",
        );
    }

    #[test]
    fn a_number_loses_the_mark_of_another_type() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    void Go(double n) {\n        Go(<|>0.8m);\n    }\n}\n",
            "[CS1502] The best overloaded method match for `Quay.Go(double)' has some invalid arguments",
            "class Quay {\n    void Go(double n) {\n        Go(0.8);\n    }\n}\n",
        );
    }
}
