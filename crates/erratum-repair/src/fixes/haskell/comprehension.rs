//! A list that is made of another one, with the word of another language: `[fare t for t <- trips]`.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;

/// In a list, `for` stands in front of a name and `<-`.
const FOR: Factor = evidence("in a list, `for` stands in front of what it goes over", 9.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "comprehension",
    recipes: &[],
    phases: Phases::Early,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "fares = [t * 2 for t <|><- [3, 4]]\n",
        message: "parse error on input '<-' Perhaps this statement should be within a 'do' block?",
        after: "fares = [t * 2 | t <- [3, 4]]\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !case.language().applies_bare || case.phase > Phase::Syntax {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for word in line.clone().filter(|at| lexed.is(*at, "for")) {
        let open = case.text.pairs.inside_of(word).filter(|open| lexed.is(*open, "["));
        let Some(open) = open else { continue };
        let close = case.text.pairs.partner_of(open).unwrap_or(line.end);
        let own = |at: &usize| case.text.pairs.inside_of(*at) == Some(open);
        let mark = (word + 1..close).filter(own).find(|at| matches!(lexed.word(*at), "<-" | "in"));
        let Some(mark) = mark else { continue };
        let mut edits = vec![case.replace_token(word, "|")];
        if lexed.is(mark, "in") {
            edits.push(case.replace_token(mark, "<-"));
        }
        // A condition behind it stands behind a comma.
        let condition = (mark + 1..close).filter(own).find(|at| lexed.is(*at, "if"));
        if let Some(condition) = condition {
            let start = lexed.code[condition - 1].end;
            let end = lexed.code[condition].end;
            edits.push(Edit::replace(case.file(), start, end, ","));
        }
        all.push(Candidate::new(MistakeId::ForeignWord, FOR, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn the_other_words_go_with_it() {
        check_fix(
            &FAMILY,
            "haskell",
            "fares = [t * 2 for t <|>in trips if t > 3]\n",
            "parse error on input 'in'",
            "fares = [t * 2 | t <- trips, t > 3]\n",
        );
    }

    #[test]
    fn a_function_may_have_that_name() {
        let text = "fares = [for t, t <|>= trips]\n";
        check_no_fix(&FAMILY, "haskell", text, "parse error on input '='");
    }
}
