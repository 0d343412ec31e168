//! What is made of a class below is held as one of the class above, which lacks a member that is used; or
//! an object is made of a class that is not complete, and one below it is.

use super::family::{Example, Family, Phases};
use super::inherited::classes::{Class, above, class_of, classes_of, members};
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// The object is made of a class that has the member.
const MADE_OF: Factor = evidence("the object is made of a class that has it", 6.5);
/// One class below is complete.
const ONLY_ONE: Factor = weight("only one class below it is complete", 4.0);

pub(super) static FAMILY: Family = Family {
    id: "above-type",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Berth {\n}\nclass Deep extends Berth {\n    int depth() { return 6; }\n}\nclass Quay {\n    int go() {\n        Berth east = new Deep();\n        return east.<|>depth();\n    }\n}\n",
        message: "cannot find symbol",
        after: "class Berth {\n}\nclass Deep extends Berth {\n    int depth() { return 6; }\n}\nclass Quay {\n    int go() {\n        Deep east = new Deep();\n        return east.depth();\n    }\n}\n",
    },
};

/// What is said where an object is made of such a class (seen with javac 17, mcs 6.8, tsc 5.9, g++ 12 and
/// scalac 2.11).
const INCOMPLETE: &[&str] = &[
    "is abstract; cannot be instantiated",
    "Cannot create an instance of the abstract class",
    "Cannot create an instance of an abstract class",
    "invalid new-expression of abstract class type",
];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if INCOMPLETE.iter().any(|said| case.message.text.contains(said)) {
        complete(case, all);
        return;
    }
    let lexed = case.lexed();
    let near = case.token..=case.token + 2;
    let dotted = |at: &usize| matches!(lexed.before(*at), "." | "->");
    let name = |at: &usize| lexed.kind(*at) == Some(TokenKind::Name);
    let Some(member) = near.into_iter().find(|at| name(at) && dotted(at)) else { return };
    let Some(object) = member.checked_sub(2).filter(name) else { return };
    let Some(declared) = case.text.names.resolve(lexed, object) else { return };
    let Some((first, last)) = declared.typed else { return };
    let held = (first..=last).find(|at| case.text.names.of(lexed.word(*at)).next().is_some());
    let Some(held) = held else { return };
    // `= new Deep(…)` behind the name.
    let made = (declared.token + 1..declared.token + 6).find(|at| lexed.is(*at, "new"));
    let Some(made) = made.map(|new| new + 1).filter(|made| !lexed.is(*made, lexed.word(held)))
    else {
        return;
    };
    let has = |class: Class| {
        let mut own = members(case, class);
        own.any(|one| lexed.is(one.token, lexed.word(member)))
    };
    let below = |class: &Class| {
        let higher = above(case, *class);
        higher.iter().any(|one| lexed.is(one.name, lexed.word(held)))
            && (has(*class) || higher.iter().any(|one| has(*one)))
    };
    if classes_of(case, lexed.word(made)).any(|class| below(&class)) {
        let edit = case.replace_token(held, lexed.word(made));
        all.push(Candidate::new(MistakeId::WrongType, MADE_OF, vec![edit]).guess());
    }
}

/// `new Berth(…)` of a class that is not complete: of the one class below it that is.
fn complete(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(new) = line.into_iter().find(|at| lexed.is(*at, "new")) else { return };
    let name = lexed.word(new + 1);
    let types = case.text.names.declared.iter().filter(|one| one.kind == NameKind::Type);
    let below = types.filter(|one| {
        let mut classes = classes_of(case, lexed.word(one.token));
        let start = case.statement_start(one.token);
        let open = (start..one.token).any(|at| matches!(lexed.word(at), "abstract" | "interface"));
        !open
            && !lexed.is(one.token, name)
            && classes.any(|class| above(case, class).iter().any(|one| lexed.is(one.name, name)))
    });
    let below: Vec<&str> = below.map(|one| lexed.word(one.token)).collect();
    // Within the classes themselves another one may be meant.
    let inside = class_of(case, new).is_some_and(|class| lexed.is(class.name, name));
    if let [only] = below[..]
        && !inside
    {
        let token = lexed.code[new + 1];
        let edit = Edit::replace(case.file(), token.start, token.end, only);
        all.push(Candidate::new(MistakeId::AbstractObject, ONLY_ONE, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_no_fix};
    use super::FAMILY;

    #[test]
    fn of_several_complete_classes_none_is_chosen() {
        let one = "abstract class Berth {\n}\nclass Deep extends Berth {\n}\nclass Quay {\n    Berth east = <|>new Berth();\n}\n";
        let said = "Berth is abstract; cannot be instantiated";
        let after = one.replace("<|>new Berth", "new Deep");
        check_among(&FAMILY, "java", one, said, &after);
        let two = one.replace("class Quay", "class Low extends Berth {\n}\nclass Quay");
        check_no_fix(&FAMILY, "java", &two, said);
    }

    #[test]
    fn a_member_that_no_class_has_tells_nothing() {
        let text = "class Berth {\n}\nclass Deep extends Berth {\n}\nclass Quay {\n    int go() {\n        Berth east = new Deep();\n        return east.<|>depth();\n    }\n}\n";
        check_no_fix(&FAMILY, "java", text, "cannot find symbol");
    }
}
