//! Pascal: a value that is printed with decimals is a real number: `writeln(mean:0:1)` of an integer.

use super::family::{Example, Family, Phases};
use super::shape::text_of;
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;

/// Only real numbers have decimals.
const HAS_DECIMALS: Factor = weight("it is printed with decimals", 4.0);

pub(super) static FAMILY: Family = Family {
    id: "decimals",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "pascal",
        before: "program quay;\nvar\n  mean: integer;\nbegin\n  mean := 3;\n  writeln(mean:0:1<|>);\nend.\n",
        message: "Illegal use of ':'",
        after: "program quay;\nvar\n  mean: real;\nbegin\n  mean := 3;\n  writeln(mean:0:1);\nend.\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, usual) = (case.lexed(), case.language().usual);
    // Seen with fpc 3.2.2.
    if !case.message.text.starts_with("Illegal use of ':'") {
        return;
    }
    for name in lexed.on_line(lexed.code[case.token].line) {
        let decimals = lexed.is(name + 1, ":") && lexed.is(name + 3, ":");
        let declared = case.text.names.resolve(lexed, name).filter(|_| decimals);
        let Some((first, last)) = declared.and_then(|declared| declared.typed) else { continue };
        if !text_of(case, (first, last)).eq_ignore_ascii_case(usual.whole) {
            continue;
        }
        let (from, to) = (lexed.code[first].start, lexed.code[last].end);
        let edit = Edit::replace(case.file(), from, to, usual.real);
        all.push(Candidate::new(MistakeId::WrongType, HAS_DECIMALS, vec![edit]).guess());
    }
}
