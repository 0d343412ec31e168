//! Java: a plain type where only a class may stand: `List<int>`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;

/// The class that stands for a plain type.
const CLASS_OF_IT: Factor = evidence("the class of a plain type", 6.0);

/// Java's plain types and the classes that hold them.
pub(super) const BOXED: &[(&str, &str)] = &[
    ("Integer", "int"),
    ("Double", "double"),
    ("Long", "long"),
    ("Float", "float"),
    ("Boolean", "boolean"),
    ("Character", "char"),
];

pub(super) static FAMILY: Family = Family {
    id: "boxed",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "import java.util.*;\n\nclass Quay {\n    List<<|>int> seats;\n}\n",
        message: "unexpected type",
        after: "import java.util.*;\n\nclass Quay {\n    List<Integer> seats;\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // What was required and what was found is told apart from the text.
    let told = case.message.text.starts_with("unexpected type")
        && matches!(lexed.before(case.token), "<" | ",");
    let word = lexed.word(case.token);
    if let Some((class, _)) = BOXED.iter().find(|(_, plain)| told && *plain == word) {
        let edit = case.replace_token(case.token, *class);
        all.push(Candidate::new(MistakeId::BoxedType, CLASS_OF_IT, vec![edit]));
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    const SAID: &str = "unexpected type";

    #[test]
    fn the_values_of_a_map_are_objects() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    java.util.Map<String, <|>int> seats;\n}\n",
            SAID,
            "class Quay {\n    java.util.Map<String, Integer> seats;\n}\n",
        );
    }

    #[test]
    fn a_truth_has_a_class_too() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    java.util.List<<|>boolean> open;\n}\n",
            SAID,
            "class Quay {\n    java.util.List<Boolean> open;\n}\n",
        );
    }

    #[test]
    fn a_letter_has_a_class_with_a_longer_name() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    java.util.Set<<|>char> piers;\n}\n",
            SAID,
            "class Quay {\n    java.util.Set<Character> piers;\n}\n",
        );
    }

    #[test]
    fn a_value_that_is_assigned_to_is_another_matter() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(int t) {\n        if (<|>t + 1 = 3) { }\n    }\n}\n",
            SAID,
        );
    }

    #[test]
    fn a_class_is_left_alone() {
        check_no_fix(&FAMILY, "java", "class Quay {\n    java.util.List<<|>Integer> s;\n}\n", SAID);
    }

    #[test]
    fn without_the_message_nothing_is_wrong() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    java.util.List<<|>int> s;\n}\n",
            "illegal start of type",
        );
    }
}
