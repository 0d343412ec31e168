//! `0` and `1` where true or false is wanted, as C writes them: `lit = 0` for `lit = false`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// A whole number stands where only true or false can.
const NUMBER: Factor = evidence("C writes true and false as numbers", 7.5);

/// What compilers say of it (seen with javac 17, mcs 6.8, go 1.19, tsc 5.9, rustc 1.95, scalac 2.11, ghc 9.0 and
/// fpc 3.2.2).
const SAID: &[&str] = &[
    "int cannot be converted to boolean",
    "cannot be converted to a 'bool'",
    "untyped int constant) as bool",
    "Type 'number' is not assignable to type 'boolean'",
    "'number' is not assignable to parameter of type 'boolean'",
    "expected `bool`, found integer",
    "found : Int(0) required: Boolean",
    "found : Int(1) required: Boolean",
    "(Num Bool) arising from the literal",
    "'int' expression to type 'bool'",
    "\"ShortInt\" expected \"Boolean\"",
    "\"ShortInt\", expected \"Boolean\"",
];

pub(super) static FAMILY: Family = Family {
    id: "bit-truth",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Lamp {\n    boolean lit = <|>0;\n}\n",
        message: "incompatible types: int cannot be converted to boolean",
        after: "class Lamp {\n    boolean lit = false;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let spans = case.message.spans.iter().map(|span| span.text.as_str());
    let mut texts = spans.chain([case.message.text.as_str()]);
    if !texts.any(|text| SAID.iter().any(|said| text.contains(said))) {
        return;
    }
    let bit = |at: usize| {
        lexed.kind(at) == Some(TokenKind::Number) && matches!(lexed.word(at), "0" | "1")
    };
    // As a whole value: a part of a sum or a comparison is a number.
    let whole = |at: usize| {
        let starts = matches!(
            lexed.before(at),
            "=" | ":=" | ":" | "(" | "," | "return" | "=>" | "->" | "[" | "{" | "then" | "else"
        );
        let ends = matches!(lexed.word(at + 1), ";" | "," | ")" | "}" | "]" | "else" | "end");
        starts && (ends || lexed.code.get(at + 1).is_none_or(|next| next.first))
    };
    let mut line = lexed.on_line(lexed.code[case.token].line);
    let here = Some(case.token).filter(|at| bit(*at));
    let Some(at) = here.or_else(|| line.find(|at| bit(*at) && whole(*at))).filter(|at| whole(*at))
    else {
        return;
    };
    let word = match (case.language().applies_bare, lexed.word(at)) {
        (true, "0") => "False",
        (true, _) => "True",
        (false, "0") => "false",
        _ => "true",
    };
    let edit = case.replace_token(at, word);
    all.push(Candidate::new(MistakeId::ForeignWord, NUMBER, vec![edit]).guess());
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn each_language_has_its_words() {
        check_fix(
            &FAMILY,
            "haskell",
            "data Lamp = Lamp { lit :: Bool }\nlamp :: Lamp\nlamp = Lamp { lit = <|>1 }\n",
            "No instance for (Num Bool) arising from the literal '1'",
            "data Lamp = Lamp { lit :: Bool }\nlamp :: Lamp\nlamp = Lamp { lit = True }\n",
        );
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc lit() bool {\n\treturn <|>0\n}\n",
            "cannot use 0 (untyped int constant) as bool value in return statement",
            "package quay\n\nfunc lit() bool {\n\treturn false\n}\n",
        );
    }

    #[test]
    fn a_part_of_a_sum_is_a_number() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Lamp {\n    boolean lit = hours + <|>1;\n}\n",
            "incompatible types: int cannot be converted to boolean",
        );
    }
}
