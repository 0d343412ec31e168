//! C#: the types that an object is made for, left out where the declaration in front of it names them:
//! `List<int> depths = new List<>()`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;

/// The declaration names the types.
const DECLARED: Factor = evidence("the declaration in front of it names them", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "filled-arguments",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "class Quay { List<int> depths = <|>new List<>(); }\n",
        message: "[CS7003] Unbound generic name is not valid in this context",
        after: "class Quay { List<int> depths = new List<int>(); }\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with mcs 6.8.
    let said = &case.message.text;
    if !said.starts_with("Unbound generic name") && !said.contains("type argument(s)") {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    let made = |at: &usize| {
        let whole = lexed.is(at + 2, "<>");
        lexed.is(*at, "new") && (whole || lexed.is(at + 2, "<") && lexed.is(at + 3, ">"))
    };
    let Some(new) = line.clone().find(made) else { return };
    let kind = lexed.word(new + 1);
    let declared = (line.start..new).find(|at| lexed.is(*at, kind) && lexed.is(at + 1, "<"));
    let Some(open) = declared.map(|at| at + 1) else { return };
    let Some(mark) = (open..new).find(|at| lexed.is(*at, "=")) else { return };
    let Some(close) = (open..mark).rev().find(|at| lexed.word(*at).starts_with('>')) else {
        return;
    };
    let types = lexed.source.slice(lexed.code[open].start, lexed.code[close].end).into_owned();
    let last = if lexed.is(new + 2, "<>") { new + 2 } else { new + 3 };
    let (from, to) = (lexed.code[new + 2].start, lexed.code[last].end);
    let edit = Edit::replace(case.file(), from, to, types);
    all.push(Candidate::new(MistakeId::TypeArguments, DECLARED, vec![edit]).guess());
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_map_is_made_for_two() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay { Dictionary<string, List<int>> by = <|>new Dictionary<>(); }\n",
            "[CS0305] Using the generic type 'Dictionary<TKey,TValue>' requires '2' type argument(s)",
            "class Quay { Dictionary<string, List<int>> by = new Dictionary<string, List<int>>(); }\n",
        );
    }

    #[test]
    fn without_a_type_in_front_nothing_tells() {
        let text = "class Quay { void Go() { var by = <|>new List<>(); } }\n";
        check_no_fix(&FAMILY, "csharp", text, "Unbound generic name is not valid in this context");
    }
}
