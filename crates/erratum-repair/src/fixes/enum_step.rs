//! Pascal: a value of a list of names that is counted on like a number: `level := level + 1` for `succ(level)`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// The next name of the list is asked for by its word.
const BY_WORD: Factor = evidence("the next name of a list is asked for by a word", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "enum-step",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "pascal",
        before: "program Quay;\ntype\n  Level = (Low, Mean, High);\nvar\n  now: Level;\nbegin\n  now := Low;\n  now := now <|>+ 1;\nend.\n",
        message: "Incompatible types: got \"Level\" expected \"Int64\"",
        after: "program Quay;\ntype\n  Level = (Low, Mean, High);\nvar\n  now: Level;\nbegin\n  now := Low;\n  now := succ(now);\nend.\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with fpc 3.2.
    let said = &case.message.text;
    let clash = said.starts_with("Incompatible types: got ")
        || said.starts_with("Operator is not overloaded");
    if !case.language().returns_by_name || !clash {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for mark in line.skip(1).filter(|at| lexed.is(at + 1, "1")) {
        let word = match lexed.word(mark) {
            "+" => "succ",
            "-" => "pred",
            _ => continue,
        };
        let value = mark - 1;
        let typed = case.text.names.resolve(lexed, value).and_then(|one| one.typed);
        let listed =
            typed.is_some_and(|(first, last)| first == last && is_list(case, lexed.word(first)));
        if listed && lexed.kind(value) == Some(TokenKind::Name) {
            let (from, to) = (lexed.code[value].start, lexed.code[mark + 1].end);
            let name = lexed.source.slice(from, lexed.code[value].end);
            let edit = Edit::replace(case.file(), from, to, format!("{word}({name})"));
            all.push(Candidate::new(MistakeId::OperatorRules, BY_WORD, vec![edit]).guess());
        }
    }
}

/// Whether a type is a list of names: `Level = (Low, High)`.
fn is_list(case: &Case, name: &str) -> bool {
    let lexed = case.lexed();
    case.text.names.of(name).any(|one| lexed.is(one.token + 1, "=") && lexed.is(one.token + 2, "("))
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn a_number_is_counted_on() {
        check_no_fix(
            &FAMILY,
            "pascal",
            "program Quay;\nvar\n  now: Integer;\n  name: string;\nbegin\n  name := now <|>+ 1;\nend.\n",
            "Incompatible types: got \"LongInt\" expected \"AnsiString\"",
        );
    }
}
