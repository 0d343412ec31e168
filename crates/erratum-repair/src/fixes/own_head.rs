//! Pascal: the body of a function whose head leaves out the result that the class states: `function TQuay.Mean;`.

use super::family::{Example, Family, Phases};
use super::shape::text_of;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::lex::TokenKind;

/// The class states the result.
const STATED: Factor = evidence("the class states which result it gives", 9.5);

pub(super) static FAMILY: Family = Family {
    id: "own-head",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "pascal",
        before: "program Quay;\ntype\n  TTide = class\n    function Mean: Double;\n  end;\nfunction TTide.Mean<|>;\nbegin\nend;\nbegin\nend.\n",
        message: "Syntax error, \":\" expected but \";\" found",
        after: "program Quay;\ntype\n  TTide = class\n    function Mean: Double;\n  end;\nfunction TTide.Mean: Double;\nbegin\nend;\nbegin\nend.\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().returns_by_name || case.phase > Phase::Syntax {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(word) = line.clone().find(|at| lexed.is(*at, "function")) else { return };
    // A method, or a function that was promised by its head alone.
    let method = lexed.is(word + 2, ".") && lexed.kind(word + 3) == Some(TokenKind::Name);
    let name = if method { word + 3 } else { word + 1 };
    let mut end = name + 1;
    if lexed.is(end, "(") {
        let Some(close) = case.text.pairs.partner_of(end).filter(|close| *close > end) else {
            return;
        };
        end = close + 1;
    }
    if !lexed.is(end, ";") {
        return;
    }
    let stated = (0..lexed.code.len()).filter(|at| {
        *at != name && lexed.is(*at, lexed.word(name)) && lexed.before(*at) == "function"
    });
    let mut results = stated.filter_map(|at| result(case, at));
    if let (Some(result), None) = (results.next(), results.next()) {
        let edit = case.insert(lexed.code[end - 1].end, format!(": {result}"));
        all.push(Candidate::new(MistakeId::MissingReturnType, STATED, vec![edit]).guess());
    }
}

/// The type of the result that a head states.
fn result(case: &Case, name: usize) -> Option<String> {
    let lexed = case.lexed();
    let mut at = name + 1;
    if lexed.is(at, "(") {
        at = case.text.pairs.partner_of(at).filter(|close| *close > at)? + 1;
    }
    if !lexed.is(at, ":") {
        return None;
    }
    let end = (at + 1..(at + 12).min(lexed.code.len())).find(|at| lexed.is(*at, ";"))?;
    Some(text_of(case, (at + 1, end - 1)))
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn of_two_classes_none_is_meant() {
        check_no_fix(
            &FAMILY,
            "pascal",
            "program Quay;\ntype\n  TTide = class\n    function Mean: Double;\n  end;\n  TDue = class\n    function Mean: Integer;\n  end;\nfunction TTide.Mean<|>;\nbegin\nend;\nbegin\nend.\n",
            "Syntax error, \":\" expected but \";\" found",
        );
    }
}
