//! A constructor that says what it gives back is no constructor: `void Jetty(…)`.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::names::NameKind;

/// The method has the name of its class.
const NAMED_AS_CLASS: Factor = evidence("the method has the name of its class", 7.0);

pub(super) static FAMILY: Family = Family {
    id: "constructor",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Jetty {\n    int size;\n    void Jetty(int size) {\n        this.size = size;\n    }\n    static Jetty make() {\n        return <|>new Jetty(3);\n    }\n}\n",
        message: "constructor Jetty in class Jetty cannot be applied to given types;",
        after: "class Jetty {\n    int size;\n    Jetty(int size) {\n        this.size = size;\n    }\n    static Jetty make() {\n        return new Jetty(3);\n    }\n}\n",
    },
};

/// What compilers say where a class lacks the constructor that is wanted (seen with javac 17 and
/// mcs 6.8).
const SAID: &[&str] = &[
    "cannot be applied to given types",
    "does not contain a constructor that takes",
    "member names cannot be the same as their enclosing type",
];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if !SAID.iter().any(|said| case.message.text.contains(said)) {
        return;
    }
    let lexed = case.lexed();
    for class in case.text.names.declared.iter().filter(|d| d.kind == NameKind::Type) {
        let name = lexed.word(class.token);
        let told = case.message.text.contains(name);
        let open = (class.token..lexed.code.len()).find(|at| lexed.opens_block(*at));
        let (Some(open), true) = (open, told) else { continue };
        let Some(close) = case.text.pairs.partner[open] else { continue };
        let methods = (open + 2..close).filter(|at| {
            lexed.is(*at, name)
                && lexed.is(at + 1, "(")
                && case.text.pairs.block_of(lexed, *at) == Some(open)
                && lexed.is(at - 1, "void")
        });
        for method in methods {
            let (from, to) = (lexed.code[method - 1].start, lexed.code[method].start);
            let edit = Edit::delete(case.file(), from, to);
            all.push(Candidate::new(MistakeId::ConstructorRules, NAMED_AS_CLASS, vec![edit]));
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_class_of_another_compiler_says_it_of_the_method() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Jetty {\n    public void <|>Jetty(int size) {\n    }\n}\n",
            "[CS0542] 'Jetty.Jetty(int)': member names cannot be the same as their enclosing type",
            "class Jetty {\n    public Jetty(int size) {\n    }\n}\n",
        );
    }

    #[test]
    fn the_words_before_it_stay() {
        check_fix(
            &FAMILY,
            "java",
            "class Jetty {\n    public void Jetty(int size) { }\n    static Jetty make() { return <|>new Jetty(3); }\n}\n",
            "constructor Jetty in class Jetty cannot be applied to given types;",
            "class Jetty {\n    public Jetty(int size) { }\n    static Jetty make() { return new Jetty(3); }\n}\n",
        );
    }

    #[test]
    fn a_class_with_a_constructor_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Jetty {\n    Jetty(int size) { }\n    static Jetty make() { return <|>new Jetty(); }\n}\n",
            "constructor Jetty in class Jetty cannot be applied to given types;",
        );
    }

    #[test]
    fn another_class_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Pier {\n    void Pier(int size) { }\n}\nclass Jetty {\n    static Jetty make() { return <|>new Jetty(3); }\n}\n",
            "constructor Jetty in class Jetty cannot be applied to given types;",
        );
    }

    #[test]
    fn a_method_that_calls_the_constructor_is_none() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Jetty {\n    void grow() { <|>new Jetty(3); }\n}\n",
            "constructor Jetty in class Jetty cannot be applied to given types;",
        );
    }
}
