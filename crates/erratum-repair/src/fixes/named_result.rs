//! Pascal: a function whose header does not say what it gives back: `function Heavy(c: TCrate);`. What its
//! name is given in the block tells the type.

use super::family::{Example, Family, Phases};
use super::shape::type_of;
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;

/// The name of the function is given a value of this type.
const GIVEN: Factor = evidence("the name of the function gets a value of this type", 7.0);
/// It is given none: then it is a procedure.
const GIVES_NOTHING: Factor = weight("the name of the function gets no value", 5.0);

pub(super) static FAMILY: Family = Family {
    id: "named-result",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "pascal",
        before: "program Quay;\nfunction Deep(tide: integer)<|>;\nbegin\n  Deep := tide > 3;\nend;\nbegin\nend.\n",
        message: "Syntax error, \":\" expected but \";\" found",
        after: "program Quay;\nfunction Deep(tide: integer): boolean;\nbegin\n  Deep := tide > 3;\nend;\nbegin\nend.\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let word = line.start;
    if !case.language().returns_by_name || !lexed.is(word, "function") {
        return;
    }
    let usual = case.language().usual;
    let name = word + 1;
    let close = match lexed.is(name + 1, "(") {
        true => case.text.pairs.partner_of(name + 1),
        false => Some(name),
    };
    let Some(close) = close.filter(|close| lexed.is(close + 1, ";")) else { return };
    let block = (close..lexed.code.len()).find(|at| lexed.is(*at, "begin"));
    let end = block.and_then(|open| case.text.pairs.partner_of(open));
    let Some((open, end)) = block.zip(end) else { return };
    let gives = |at: &usize| {
        let own = lexed.word(*at) == lexed.word(name) || lexed.is(*at, "result");
        own && lexed.is(at + 1, ":=")
    };
    let mut typed: Vec<String> = (open..end)
        .filter(gives)
        .filter_map(|at| {
            let ends = |at: &usize| matches!(lexed.word(*at), ";" | "else" | "end");
            let last = (at + 2..=end).find(ends)?.checked_sub(1)?;
            // A division gives no whole number, whatever is divided.
            let divided = (at + 2..last).any(|at| lexed.is(at, "/"));
            let real = divided.then(|| usual.real.to_owned());
            real.or_else(|| type_of(case, at + 2, last))
        })
        .collect();
    // A whole number may stand where any other is given.
    if typed.iter().any(|one| one == usual.real) {
        typed.retain(|one| one != usual.whole);
    }
    typed.dedup();
    match &typed[..] {
        [one] => {
            let edit = case.insert(lexed.code[close].end, format!(": {one}"));
            all.push(Candidate::new(MistakeId::MissingReturnType, GIVEN, vec![edit]).guess());
        }
        [] if !(open..end).any(|at| gives(&at)) => {
            let edit = case.replace_token(word, "procedure");
            all.push(Candidate::new(MistakeId::WrongReturnType, GIVES_NOTHING, vec![edit]).guess());
        }
        _ => {}
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    const SAID: &str = "Syntax error, \":\" expected but \";\" found";

    #[test]
    fn what_gives_nothing_is_a_procedure() {
        check_fix(
            &FAMILY,
            "pascal",
            "program Quay;\nfunction Show(tide: integer)<|>;\nbegin\n  writeln(tide);\nend;\nbegin\nend.\n",
            SAID,
            "program Quay;\nprocedure Show(tide: integer);\nbegin\n  writeln(tide);\nend;\nbegin\nend.\n",
        );
    }

    #[test]
    fn a_division_gives_no_whole_number() {
        check_fix(
            &FAMILY,
            "pascal",
            "program Quay;\nfunction Mean(sum: integer)<|>;\nbegin\n  Mean := 0;\n  if sum > 0 then Mean := sum / 2;\nend;\nbegin\nend.\n",
            SAID,
            "program Quay;\nfunction Mean(sum: integer): real;\nbegin\n  Mean := 0;\n  if sum > 0 then Mean := sum / 2;\nend;\nbegin\nend.\n",
        );
    }

    #[test]
    fn values_of_two_types_tell_nothing() {
        check_no_fix(
            &FAMILY,
            "pascal",
            "program Quay;\nfunction Deep(tide: integer)<|>;\nbegin\n  Deep := tide > 3;\n  Deep := 'low';\nend;\nbegin\nend.\n",
            SAID,
        );
    }
}
