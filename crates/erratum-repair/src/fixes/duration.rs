//! Go: a number of seconds is turned into a time before it is multiplied: `n * time.Second`.

use super::family::{Example, Family, Phases};
use super::shape::operand_end;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::lex::TokenKind;

/// The compiler finds a number beside a time.
const OF_TIME: Factor = evidence("a time is a number of its own type", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "duration",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\nimport \"time\"\n\nfunc rest(n int) {\n\ttime.Sleep(<|>n * time.Second)\n}\n",
        message: "invalid operation: n * time.Second (mismatched types int and time.Duration)",
        after: "package quay\n\nimport \"time\"\n\nfunc rest(n int) {\n\ttime.Sleep(time.Duration(n) * time.Second)\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with go 1.19.
    let said = &case.message.text;
    let number = ["int", "int64", "float64", "uint", "int32"];
    let told = number.iter().any(|typed| {
        said.contains(&format!("mismatched types {typed} and time.Duration"))
            || said.contains(&format!("mismatched types time.Duration and {typed}"))
    });
    if !told || !case.language().receivers {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for mark in line.clone().filter(|at| lexed.is(*at, "*") && *at > line.start) {
        // `time.Second` is one value, and a name or a member the other.
        let behind = lexed.is(mark + 1, "time") && lexed.is(mark + 2, ".");
        let unit = if behind { mark + 1 } else { mark.saturating_sub(3) };
        let (mut first, last) = match behind {
            true => (mark - 1, Some(mark - 1)),
            false => (mark + 1, operand_end(case, mark + 1)),
        };
        while behind && first > line.start + 1 && lexed.before(first) == "." {
            first -= 2;
        }
        let Some(last) = last.filter(|_| lexed.kind(first) == Some(TokenKind::Name)) else {
            continue;
        };
        if lexed.is(unit, "time") && !matches!(lexed.word(last + 1), "(" | "[") {
            let edits = vec![
                case.insert(lexed.code[first].start, "time.Duration("),
                case.insert(lexed.code[last].end, ")"),
            ];
            all.push(Candidate::new(MistakeId::WrongNumberType, OF_TIME, edits).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn the_number_may_stand_behind() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nimport \"time\"\n\nfunc rest(n int) {\n\ttime.Sleep(<|>time.Second * n)\n}\n",
            "invalid operation: time.Second * n (mismatched types time.Duration and int)",
            "package quay\n\nimport \"time\"\n\nfunc rest(n int) {\n\ttime.Sleep(time.Second * time.Duration(n))\n}\n",
        );
    }

    #[test]
    fn a_member_may_hold_the_number() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nimport \"time\"\n\nfunc rest(a Alarm) {\n\ttime.Sleep(<|>a.Wait * time.Second)\n}\n",
            "invalid operation: a.Wait * time.Second (mismatched types int and time.Duration)",
            "package quay\n\nimport \"time\"\n\nfunc rest(a Alarm) {\n\ttime.Sleep(time.Duration(a.Wait) * time.Second)\n}\n",
        );
    }

    #[test]
    fn other_kinds_of_numbers_are_for_others() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc rise(n int, d float64) float64 {\n\treturn <|>d * n\n}\n",
            "invalid operation: d * n (mismatched types float64 and int)",
        );
    }
}
