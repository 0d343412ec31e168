//! What belongs to a type and is asked of an object: `coil.Count` for `Rope.Count`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// The message says to which type it belongs.
const TOLD: Factor = evidence("the message names the type that it belongs to", 6.0);

/// It is a value of the type itself.
const ITSELF: Factor = evidence("it is a value of this type", 4.5);

pub(super) static FAMILY: Family = Family {
    id: "of-type",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "class Rope {\n    public static int Count = 3;\n    static int Seen(Rope coil) { return coil.<|>Count; }\n}\n",
        message: "[CS0176] Static member 'Rope.Count' cannot be accessed with an instance reference, qualify it with a type name instead",
        after: "class Rope {\n    public static int Count = 3;\n    static int Seen(Rope coil) { return Rope.Count; }\n}\n",
    },
};

/// What stands before and behind the member with its type (seen with mcs 6.8 and tsc 5.9).
const SAID: &[(&str, &str)] = &[
    ("Static member '", "' cannot be accessed with an instance reference"),
    ("access the static member '", "' instead"),
];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = case.message.text.replace('`', "'");
    let told = SAID.iter().find_map(|(before, after)| {
        Some(said.split_once(before)?.1.split_once(after)?.0.split('(').next().unwrap_or(""))
    });
    // `Harbour.Rope.Count`: the namespace is known here.
    let Some((path, member)) = told.and_then(|told| told.rsplit_once('.')) else { return };
    // `Rope<T>`: what belongs to the type belongs to it for each `T`.
    let owner = path.rsplit(['.', '+']).next().unwrap_or(path);
    let owner = owner.split('<').next().unwrap_or(owner);
    let line = lexed.on_line(lexed.code[case.token].line);
    let near = line.filter(|at| lexed.is(*at, member) && lexed.before(*at) == ".");
    let Some(at) = near.min_by_key(|at| at.abs_diff(case.token)).filter(|at| *at >= 2) else {
        return;
    };
    // An object that is no single name is left alone.
    let object = at - 2;
    let alone = object.checked_sub(1).is_none_or(|at| !matches!(lexed.word(at), "." | "::"));
    let named = lexed.kind(object) == Some(TokenKind::Name) || lexed.is(object, "this");
    if named && alone {
        let (start, end) = (lexed.code[object].start, lexed.code[object].end);
        let edit = Edit::replace(case.file(), start, end, owner);
        all.push(Candidate::new(MistakeId::BelongsToType, TOLD, vec![edit]).guess());
        // A value of the type itself may be what was meant.
        let typed = case.text.names.resolve(lexed, object).and_then(|declared| declared.typed);
        if typed.is_some_and(|(_, last)| lexed.is(last, owner)) && !lexed.is(at + 1, "(") {
            let edit = Edit::delete(case.file(), end, lexed.code[at].end);
            all.push(Candidate::new(MistakeId::BelongsToType, ITSELF, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_fix, check_no_fix};
    use super::FAMILY;

    const SAID: &str = "[TS2576] Property 'count' does not exist on type 'Rope'. Did you mean to access the static member 'Rope.count' instead?";

    #[test]
    fn typescript_says_it_in_its_own_way() {
        let text = |owner: &str| {
            format!(
                "class Rope {{ static count = 3; }}\nconst coil = new Rope();\nconsole.log({owner}count);\n"
            )
        };
        check_fix(&FAMILY, "typescript", &text("coil.<|>"), SAID, &text("Rope."));
    }

    #[test]
    fn what_a_call_gives_back_stays() {
        let text = "class Rope { static count = 3; }\nconsole.log(coil().<|>count);\n";
        check_no_fix(&FAMILY, "typescript", text, SAID);
    }

    #[test]
    fn a_type_with_a_type_of_its_own() {
        check_among(
            &FAMILY,
            "typescript",
            "class Rope<T> {\n  static count = 0;\n  cut(): void { this.<|>count++; }\n}\n",
            "[TS2576] Property 'count' does not exist on type 'Rope<T>'. Did you mean to access the static member 'Rope<T>.count' instead?",
            "class Rope<T> {\n  static count = 0;\n  cut(): void { Rope.count++; }\n}\n",
        );
    }
}
