//! Nothing of one kind where nothing of another is wanted: `[]` for `Nothing`.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;

/// Both say that there is no value.
const NONE_OF_THAT_KIND: Factor = evidence("both say that there is no value", 8.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "no-value",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "haskell",
        before: "why :: Lamp -> Maybe String\nwhy _ = <|>[]\n",
        message: "Couldn't match expected type: Maybe String with actual type: [a1]",
        after: "why :: Lamp -> Maybe String\nwhy _ = Nothing\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !case.language().applies_bare {
        return;
    }
    let Some((expected, found)) = super::answered::types(&case.message.text) else { return };
    let lexed = case.lexed();
    let at = case.token;
    let last = match lexed.word(at) {
        "[" if lexed.is(at + 1, "]") => at + 1,
        "Nothing" => at,
        _ => return,
    };
    let text = match () {
        () if expected.starts_with("Maybe ") && found.starts_with('[') => "Nothing",
        () if expected.starts_with('[') && found.starts_with("Maybe ") => "[]",
        () => return,
    };
    let (from, to) = (lexed.code[at].start, lexed.code[last].end);
    if lexed.source.slice(from, to) != text {
        let edit = Edit::replace(case.file(), from, to, text);
        all.push(Candidate::new(MistakeId::TypeClash, NONE_OF_THAT_KIND, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_fix, check_no_fix};

    #[test]
    fn an_empty_list_is_wanted() {
        check_fix(
            &FAMILY,
            "haskell",
            "why :: Lamp -> [String]\nwhy _ = <|>Nothing\n",
            "Couldn't match expected type: [String] with actual type: Maybe a0",
            "why :: Lamp -> [String]\nwhy _ = []\n",
        );
    }

    #[test]
    fn a_list_with_something_in_it_is_let_be() {
        check_no_fix(
            &FAMILY,
            "haskell",
            "why :: Lamp -> Maybe String\nwhy _ = <|>[low]\n",
            "Couldn't match expected type: Maybe String with actual type: [a1]",
        );
    }
}
