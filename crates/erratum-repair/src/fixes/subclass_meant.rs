//! An object of a class that is not complete, for a name of one that is: `Dinghy d = new Boat("Tern");`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::names::NameKind;

/// The name is declared as one of the classes below.
const DECLARED_AS: Factor = evidence("it is declared as one of the classes below", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "subclass-meant",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "abstract class Boat { }\nclass Dinghy extends Boat { }\nclass Quay {\n    Dinghy one = <|>new Boat();\n}\n",
        message: "Boat is abstract; cannot be instantiated",
        after: "abstract class Boat { }\nclass Dinghy extends Boat { }\nclass Quay {\n    Dinghy one = new Dinghy();\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with javac 17, mcs 6.8, scalac 2.11 and tsc 5.9.
    let said = &case.message.text;
    let told = [
        "is abstract; cannot be instantiated",
        "Cannot create an instance of the abstract",
        "Cannot create an instance of an abstract",
    ];
    if !told.iter().any(|told| said.contains(told)) {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for new in line.clone().filter(|at| lexed.is(*at, "new") && lexed.before(*at) == "=") {
        let class = new + 1;
        let Some(declared) =
            new.checked_sub(2).and_then(|name| case.text.names.resolve(lexed, name))
        else {
            continue;
        };
        let Some((first, last)) = declared.typed.filter(|(first, last)| first == last) else {
            continue;
        };
        let other = lexed.word(first);
        let own = case.text.names.of(other).any(|one| one.kind == NameKind::Type);
        let made = lexed.word(class);
        if own && other != made && first == last && said.contains(made) {
            let edit = case.replace_token(class, other);
            all.push(Candidate::new(MistakeId::MisspeltName, DECLARED_AS, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_no_fix;
    use super::FAMILY;

    #[test]
    fn the_same_class_is_left() {
        check_no_fix(
            &FAMILY,
            "java",
            "abstract class Boat { }\nclass Quay {\n    Boat one = <|>new Boat();\n}\n",
            "Boat is abstract; cannot be instantiated",
        );
    }
}
