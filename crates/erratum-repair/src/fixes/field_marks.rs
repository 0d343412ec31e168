//! The mark between a field and its value, where an object is made: `Lane { name = "two" }`, `Plan { berthed : [] }`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// Between a field and its value stands another mark here.
const OTHER_MARK: Factor = evidence("a field and its value have another mark between them", 7.0);

pub(super) static FAMILY: Family = Family {
    id: "field-marks",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "module Quay where\n\ndata Plan = Plan { free :: Int, named :: [String] }\n\nnone :: Plan\nnone = Plan { free = 3, named <|>: [] }\n",
        message: "parse error on input ':'",
        after: "module Quay where\n\ndata Plan = Plan { free :: Int, named :: [String] }\n\nnone :: Plan\nnone = Plan { free = 3, named = [] }\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    let (wrong, right) = match language.field_mark {
        "" => return,
        "=" => (":", "="),
        right => ("=", right),
    };
    for at in lexed.on_line(lexed.code[case.token].line).skip(1) {
        let field = at - 1;
        let Some(open) = case.text.pairs.inside_of(at).filter(|open| lexed.is(*open, "{")) else {
            continue;
        };
        let first = field == open + 1;
        let named = lexed.kind(field) == Some(TokenKind::Name);
        let of_type = open.checked_sub(1).is_some_and(|name| {
            let class = lexed.word(name).starts_with(char::is_uppercase);
            class && lexed.kind(name) == Some(TokenKind::Name) || lexed.is(name, ")")
        });
        let listed = first || lexed.before(field) == ",";
        if lexed.is(at, wrong) && named && listed && of_type {
            let edit = case.replace_token(at, right);
            all.push(Candidate::new(MistakeId::WrongMark, OTHER_MARK, vec![edit]));
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn each_language_has_its_mark() {
        check_fix(
            &FAMILY,
            "rust",
            "struct Lane { name: String }\nfn two() -> Lane {\n    Lane { name <|>= String::new() }\n}\n",
            "expected one of `,`, `:`, or `}`, found `=`",
            "struct Lane { name: String }\nfn two() -> Lane {\n    Lane { name : String::new() }\n}\n",
        );
    }

    #[test]
    fn what_is_set_in_a_block_is_no_field() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn two(mut name: u8) {\n    if name > 2 { name <|>= 3 }\n}\n",
            "expected one of `;`, found `=`",
        );
    }
}
