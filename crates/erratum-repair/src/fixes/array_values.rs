//! An array with more values than its length says, or with another number where both must agree.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// The values are there, and the length is one number.
const COUNTED: Factor = evidence("the values are counted", 7.5);

/// What compilers say of it (seen with g++ 12, go 1.19, mcs 6.8, rustc 1.75, fpc 3.2).
const SAID: &[&str] = &[
    "too many initializers for '",
    "is out of bounds (>=",
    "An array initializer of length ",
    "mismatched types",
    "Expected another ",
];

pub(super) static FAMILY: Family = Family {
    id: "array-values",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "int main() {\n    int tides[3] = <|>{1, 2, 3, 4};\n    return tides[0];\n}\n",
        message: "too many initializers for 'int [3]'",
        after: "int main() {\n    int tides[4] = {1, 2, 3, 4};\n    return tides[0];\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    // fpc 3.2 counts what it reads: behind the last place it wants the list to end.
    let too_many = case.message.text.ends_with("\")\" expected but \",\" found");
    if !too_many && !SAID.iter().any(|said| case.message.text.contains(said)) {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let count = |open: usize| -> Option<usize> {
        let close = pairs.partner_of(open)?;
        let own = (open + 1..close).filter(|at| pairs.inside_of(*at) == Some(open));
        let commas: Vec<usize> = own.filter(|at| lexed.is(*at, ",")).collect();
        // A comma behind the last value parts nothing, and `;` repeats one.
        let repeated = (open..close).any(|at| lexed.is(at, ";"));
        let last = commas.last().is_some_and(|at| at + 1 == close);
        (close > open + 1 && !repeated).then_some(commas.len() + usize::from(!last))
    };
    let whole = |at: &usize| pairs.partner_of(*at).is_some_and(|close| line.contains(&close));
    let braces = line.clone().filter(|at| lexed.is(*at, "{")).find(whole);
    let values = braces.or_else(|| {
        let list = |at: &usize| {
            let open = lexed.is(*at, "[") || lexed.is(*at, "(") && lexed.language.any_case;
            open && lexed.before(*at) == "="
        };
        line.clone().filter(list).find(whole)
    });
    let Some((values, counted)) = values.and_then(|open| Some((open, count(open)?))) else {
        return;
    };
    let length = (line.start + 1..values).find(|at| {
        let whole = lexed.kind(*at) == Some(TokenKind::Number) && lexed.is(at + 1, "]");
        whole && matches!(lexed.before(*at), "[" | ";" | "..")
    });
    // Pascal: `array[1..5]` names the first place, too.
    let first = length.filter(|at| lexed.before(*at) == ".." && *at > 1);
    let first = first.and_then(|at| lexed.word(at - 2).parse::<usize>().ok());
    let right = first.map_or(counted, |first| first + counted - 1).to_string();
    let Some(length) = length.filter(|at| lexed.word(*at) != right) else { return };
    let token = lexed.code[length];
    let edit = Edit::replace(case.file(), token.start, token.end, right);
    all.push(Candidate::new(MistakeId::ArraySize, COUNTED, vec![edit]).guess());
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn the_type_of_an_array_of_rust_counts_its_values() {
        check_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    let tides: [i32; 3] = <|>[1, 2, 3, 4];\n}\n",
            "[E0308] mismatched types",
            "fn main() {\n    let tides: [i32; 4] = [1, 2, 3, 4];\n}\n",
        );
    }

    #[test]
    fn an_array_of_go_counts_its_values() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nvar tides = [3]int{1, 2, 3, <|>4}\n",
            "invalid argument: index 3 is out of bounds (>= 3)",
            "package quay\n\nvar tides = [4]int{1, 2, 3, 4}\n",
        );
    }

    #[test]
    fn the_places_of_an_array_of_pascal_are_as_many_as_its_values() {
        check_fix(
            &FAMILY,
            "pascal",
            "program Quay;\nconst\n  Tides: array[1..5] of integer = (2, 3, 4, 5<|>);\nbegin\nend.\n",
            "Expected another 1 array elements",
            "program Quay;\nconst\n  Tides: array[1..4] of integer = (2, 3, 4, 5);\nbegin\nend.\n",
        );
    }

    #[test]
    fn an_array_of_pascal_has_a_place_for_each_value() {
        check_fix(
            &FAMILY,
            "pascal",
            "program Quay;\nconst\n  Tides: array[1..2] of integer = (2, 3<|>, 4);\nbegin\nend.\n",
            "Syntax error, \")\" expected but \",\" found",
            "program Quay;\nconst\n  Tides: array[1..3] of integer = (2, 3, 4);\nbegin\nend.\n",
        );
    }

    #[test]
    fn an_array_that_is_counted_rightly_is_left() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    let tides: [u8; 2] = <|>[1, x];\n}\n",
            "[E0308] mismatched types",
        );
    }
}
