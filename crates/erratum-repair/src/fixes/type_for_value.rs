//! A type where its value is meant, of which only the first letter tells: `buoys.Add(Buoy)` for
//! `buoys.Add(buoy)`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// A value of the same name is visible there, and has that type.
const ITS_VALUE: Factor = evidence("a value of that type and name is visible there", 10.0);

pub(super) static FAMILY: Family = Family {
    id: "type-for-value",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "class Buoy {}\nclass Field {\n    void Add(List<Buoy> all, Buoy buoy) { all.Add(<|>Buoy); }\n}\n",
        message: "[CS0119] Expression denotes a 'type', where a 'variable', 'value' or 'method group' was expected",
        after: "class Buoy {}\nclass Field {\n    void Add(List<Buoy> all, Buoy buoy) { all.Add(buoy); }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, names) = (case.lexed(), &case.text.names);
    if case.language().any_case {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    // A parser stops behind it.
    let near = case.token.saturating_sub(1).max(line.start)..=case.token.min(line.end - 1);
    for at in near.rev() {
        let word = lexed.word(at);
        let typed = || names.of(word).any(|one| one.kind == NameKind::Type);
        // By itself, between the brackets of a call or at the end of a value.
        let alone = matches!(lexed.before(at), "(" | "," | "=" | "return" | "&" | "*" | "+" | "<<")
            && matches!(lexed.word(at + 1), ")" | "," | ";" | "]" | "+" | "<<");
        if lexed.kind(at) != Some(TokenKind::Name) || !alone || !typed() {
            continue;
        }
        let value = names.declared.iter().find(|one| {
            let name = lexed.word(one.token);
            let of_type = one.typed.is_some_and(|(a, b)| (a..=b).any(|at| lexed.is(at, word)));
            one.kind == NameKind::Value
                && name != word
                && name.eq_ignore_ascii_case(word)
                && of_type
                && one.token < at
                && (one.scope.0..=one.scope.1).contains(&at)
        });
        if let Some(value) = value {
            let edit = case.replace_token(at, lexed.word(value.token));
            all.push(Candidate::new(MistakeId::WrongCase, ITS_VALUE, vec![edit]).guess());
            return;
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_parser_may_stop_behind_the_type() {
        check_fix(
            &FAMILY,
            "cpp",
            "struct Buoy { int n; };\nvoid add(std::vector<Buoy>& all, Buoy buoy) { all.push_back(Buoy<|>); }\n",
            "expected primary-expression before ')' token",
            "struct Buoy { int n; };\nvoid add(std::vector<Buoy>& all, Buoy buoy) { all.push_back(buoy); }\n",
        );
    }

    #[test]
    fn a_value_out_of_reach_is_not_meant() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "interface Buoy { n: number }\nfunction one(buoy: Buoy) { return buoy; }\nfunction add(all: Buoy[]) { all.push(<|>Buoy); }\n",
            "[TS2693] 'Buoy' only refers to a type, but is being used as a value here.",
        );
    }
}
