//! An array that is made with the brackets of another thing: `new Berth(24)` for `new Berth[24]`, and
//! `new Berth[] (bow, stern)` for `new Berth[] { bow, stern }`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// An array of this type is declared there, and one whole number stands in the brackets.
const COUNT: Factor = evidence("an array of this type is declared there", 9.0);
/// Behind the brackets of an array stand values in others.
const VALUES: Factor = evidence("values stand behind the brackets of an array", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "array-made",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "class Quay { Berth[] berths = <|>new Berth(24); }\n",
        message: "[CS0029] Cannot implicitly convert type 'Berth' to 'Berth[]'",
        after: "class Quay { Berth[] berths = new Berth[24]; }\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    let line = lexed.on_line(lexed.code[case.token].line);
    for made in line.filter(|at| lexed.is(*at, "new")) {
        let named = matches!(lexed.kind(made + 1), Some(TokenKind::Name | TokenKind::Keyword));
        let array = lexed.is(made + 2, "[") && lexed.is(made + 3, "]");
        let open = if array { made + 4 } else { made + 2 };
        let close = pairs.partner_of(open).filter(|_| named && lexed.is(open, "("));
        let Some(close) = close else { continue };
        if array {
            let edits = vec![case.replace_token(open, "{"), case.replace_token(close, "}")];
            all.push(Candidate::new(MistakeId::MismatchedBracket, VALUES, edits).guess());
            continue;
        }
        // One value: no list of them, and no text.
        let own = |at: &usize| pairs.inside_of(*at) == Some(open);
        let one = close > open + 1 && !(open + 1..close).any(|at| own(&at) && lexed.is(at, ","));
        let text = (open + 1..close).any(|at| lexed.kind(at) == Some(TokenKind::Str));
        if one && !text && declares_array(case, made) {
            let edits = vec![case.replace_token(open, "["), case.replace_token(close, "]")];
            all.push(Candidate::new(MistakeId::MismatchedBracket, COUNT, edits).guess());
        }
    }
}

/// Whether what is made there is given to an array of its type: `Berth[] berths = new Berth…`, or
/// `berths = new Berth…` where `berths` is declared so.
fn declares_array(case: &Case, made: usize) -> bool {
    let lexed = case.lexed();
    let of = lexed.word(made + 1);
    let array = |name: usize| {
        name > 3 && lexed.is(name - 1, "]") && lexed.is(name - 2, "[") && lexed.word(name - 3) == of
    };
    let name = made.checked_sub(2).filter(|_| lexed.before(made) == "=");
    let Some(name) = name.filter(|at| lexed.kind(*at) == Some(TokenKind::Name)) else {
        return false;
    };
    array(name) || case.text.names.of(lexed.word(name)).any(|one| array(one.token))
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn values_of_an_array_stand_in_braces() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay { Gate[] gates = new Gate[] <|>(bow, stern); }\n",
            "array dimension missing",
            "class Quay { Gate[] gates = new Gate[] {bow, stern}; }\n",
        );
    }

    #[test]
    fn a_field_may_be_declared_elsewhere() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay { int[] depths; Quay(int n) { depths = new int<|>(n); } }\n",
            "'[' expected",
            "class Quay { int[] depths; Quay(int n) { depths = new int[n]; } }\n",
        );
    }

    #[test]
    fn one_object_is_no_array() {
        let text = "class Quay { Gate gate = <|>new Gate(24); }\n";
        check_no_fix(&FAMILY, "java", text, "constructor Gate in class Gate cannot be applied");
    }
}
