//! An object of an interface of the library: `new List<>()`. The class that is usually meant stands in
//! for it.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;

/// The class of the library that is usually made for this interface.
const USUAL: Factor = weight("the class that is usually made for this interface", 7.0);

pub(super) static FAMILY: Family = Family {
    id: "usual-class",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "import java.util.*;\n\nclass Quay {\n    List<String> boats = <|>new List<>();\n}\n",
        message: "List is abstract; cannot be instantiated",
        after: "import java.util.*;\n\nclass Quay {\n    List<String> boats = new ArrayList<>();\n}\n",
    },
};

/// What compilers say of an object of an interface (seen with javac 17 and mcs 6.8).
const SAID: &[&str] =
    &["is abstract; cannot be instantiated", "an instance of the abstract class or interface"];

/// Interfaces of the libraries of Java and C#, and what is usually made for them.
const USUAL_CLASSES: &[(&str, &str)] = &[
    ("List", "ArrayList"),
    ("Collection", "ArrayList"),
    ("Map", "HashMap"),
    ("SortedMap", "TreeMap"),
    ("Set", "HashSet"),
    ("SortedSet", "TreeSet"),
    ("Queue", "LinkedList"),
    ("Deque", "ArrayDeque"),
    ("IList", "List"),
    ("ICollection", "List"),
    ("IEnumerable", "List"),
    ("IDictionary", "Dictionary"),
    ("ISet", "HashSet"),
];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !SAID.iter().any(|said| case.message.text.contains(said)) {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for at in line.filter(|at| lexed.is(*at, "new")) {
        let name = lexed.word(at + 1);
        let usual = USUAL_CLASSES.iter().find(|(interface, _)| *interface == name);
        // A type of the learner's own is not the library's.
        let own = case.text.names.of(name).next().is_some();
        let Some((interface, class)) = usual.filter(|_| !own) else { continue };
        let mut edits = vec![case.replace_token(at + 1, *class)];
        edits.extend(brought_in(case, interface, class));
        all.push(Candidate::new(MistakeId::AbstractObject, USUAL, edits).guess());
    }
}

/// Brings the class in beside the interface, where that is brought in by its name.
fn brought_in(case: &Case, interface: &str, class: &str) -> Option<Edit> {
    let lexed = case.lexed();
    let import = |wanted: &str| {
        (0..lexed.code.len()).find(|at| {
            lexed.code[*at].first
                && lexed.is(*at, "import")
                && lexed.on_line(lexed.code[*at].line).any(|at| lexed.is(at, wanted))
        })
    };
    let at = import(interface).filter(|_| import(class).is_none())?;
    let source = &lexed.source;
    let line = lexed.code[at].line;
    let text = source.line_text(line).replacen(interface, class, 1);
    Some(case.insert(source.line_start(line), format!("{text}{}", source.line_end_text())))
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn the_class_is_brought_in_beside_the_interface() {
        check_fix(
            &FAMILY,
            "java",
            "import java.util.Map;\n\nclass Quay {\n    Map<String, Integer> boats = <|>new Map<>();\n}\n",
            "Map is abstract; cannot be instantiated",
            "import java.util.HashMap;\nimport java.util.Map;\n\nclass Quay {\n    Map<String, Integer> boats = new HashMap<>();\n}\n",
        );
    }

    #[test]
    fn a_class_of_the_learners_own_is_to_be_completed() {
        check_no_fix(
            &FAMILY,
            "java",
            "abstract class List {\n}\n\nclass Quay {\n    List boats = <|>new List();\n}\n",
            "List is abstract; cannot be instantiated",
        );
    }
}
