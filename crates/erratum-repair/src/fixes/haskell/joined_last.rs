//! `push x front x:back` for `push x (x:back)`: the operator and its two values are one value of the call.

use super::{application, items_near};
use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// A list is put together behind a call.
const PUT_TOGETHER: Factor = weight("a list is put together behind a call", 4.5);
/// Something else is computed there.
const COMPUTED: Factor = weight("a value is computed behind a call", 3.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "joined-last",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "data Crate = Crate [Int]\n\nadd :: Int -> Crate -> Crate\nadd n (Crate xs) = <|>Crate n:xs\n",
        message: "Couldn't match expected type 'Crate' with actual type '[a0]'",
        after: "data Crate = Crate [Int]\n\nadd :: Int -> Crate -> Crate\nadd n (Crate xs) = Crate (n:xs)\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().applies_bare || !case.message.text.starts_with("Couldn't match") {
        return;
    }
    for (line, far) in items_near(case, 1) {
        for mark in line.clone().skip(2) {
            let why = match lexed.word(mark) {
                ":" | "++" => PUT_TOGETHER,
                "+" | "-" | "*" => COMPUTED,
                _ => continue,
            };
            // What the operator stands behind: a call, from its function on.
            let starts = (line.start..mark).rev().find(|at| {
                let divides = matches!(lexed.kind(*at), Some(TokenKind::Name))
                    && !matches!(lexed.before(*at), ".")
                    && (*at == line.start
                        || matches!(
                            lexed.word(at - 1),
                            "=" | "(" | "," | "->" | "$" | "then" | "else" | "[" | "<-"
                        ));
                divides && application(case, *at, mark).last().is_some_and(|last| last.end == mark)
            });
            let Some(parts) = starts.map(|start| application(case, start, mark)) else { continue };
            let behind = application(case, mark + 1, line.end);
            let (Some(last), Some(next)) = (parts.last(), behind.first()) else { continue };
            // What stands further behind is another value of the call, and not of what is computed.
            let further = behind.len() > 1 && why != PUT_TOGETHER;
            if parts.len() < 2 || further {
                continue;
            }
            let edits = vec![
                case.insert(lexed.code[last.start].start, "("),
                case.insert(lexed.code[next.end - 1].end, ")"),
            ];
            all.push(Candidate::new(MistakeId::MissingBracket, why + far, edits).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn further_values_of_the_call_stay_behind() {
        check_fix(
            &FAMILY,
            "haskell",
            "data Crate = Crate [Int] Int\n\nadd :: Int -> Crate -> Crate\nadd n (Crate xs m) = <|>Crate n:xs (m + 1)\n",
            "Couldn't match expected type: Crate with actual type: [Int -> Crate]",
            "data Crate = Crate [Int] Int\n\nadd :: Int -> Crate -> Crate\nadd n (Crate xs m) = Crate (n:xs) (m + 1)\n",
        );
    }

    #[test]
    fn a_value_by_itself_is_no_call() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "add :: Int -> [Int] -> String\nadd n xs = <|>n : xs\n",
            "Couldn't match type 'Int' with 'Char'",
        );
    }
}
