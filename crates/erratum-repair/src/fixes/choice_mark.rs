//! `deep ? "low" | "high"`: the two values of a choice with another mark between them.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};

/// A choice has a `:` between its values, and none stands there.
const BETWEEN: Factor = evidence("a choice has a `:` between its two values", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "choice-mark",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    String kind = depth > 3 ? \"low\" | \"high\"<|>;\n}\n",
        message: ": or -> expected",
        after: "class Quay {\n    String kind = depth > 3 ? \"low\" : \"high\";\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, pairs) = (case.lexed(), &case.text.pairs);
    let language = case.language();
    // Elsewhere `?` asks another question.
    let chooses = language.directives
        || language.object_required
        || language.type_first && !language.new_object.is_empty();
    if case.phase > Phase::Syntax || !chooses {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for mark in line.clone().filter(|at| lexed.is(*at, "?") && *at > line.start) {
        let level = pairs.inside_of(mark);
        let own = |at: &usize| pairs.inside_of(*at) == level;
        let end = (mark..line.end)
            .find(|at| {
                own(at) && matches!(lexed.word(*at), ";" | ",")
                    || Some(*at) == level.and_then(|open| pairs.partner_of(open))
            })
            .unwrap_or(line.end);
        let parts: Vec<usize> = (mark + 1..end).filter(own).collect();
        let two = parts.iter().any(|at| lexed.is(*at, ":"));
        let bars: Vec<usize> =
            parts.into_iter().filter(|at| matches!(lexed.word(*at), "|" | "||")).collect();
        if let ([bar], false) = (&bars[..], two) {
            let edit = case.replace_token(*bar, ":");
            all.push(Candidate::new(MistakeId::WrongMark, BETWEEN, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn a_choice_that_is_whole_is_left() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int kind = a ? b | c : d<|>\n}\n",
            "';' expected",
        );
    }
}
