//! Java: a function that is kept in a variable and called by its name, an exception without the end of its name,
//! `Lamp.new("Quay")`, an array where a list is wanted.

use super::family::{Example, Family, Phases};
use super::shape::text_of;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// What is kept in a variable is called by its method.
const BY_METHOD: Factor = evidence("what is kept in it is called by its method", 9.5);
/// The library knows the name with its end.
const WHOLE_NAME: Factor = evidence("the library has an exception of this name", 9.5);
/// The word that makes an object stands in front.
const IN_FRONT: Factor = evidence("the word that makes an object stands in front", 9.5);
/// A list is wanted.
const LIST: Factor = evidence("a list is wanted", 9.0);

pub(super) static FAMILY: Family = Family {
    id: "java-forms",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "import java.util.function.*;\nclass Quay {\n    boolean go(Predicate<String> which) {\n        return <|>which(\"low\");\n    }\n}\n",
        message: "cannot find symbol",
        after: "import java.util.function.*;\nclass Quay {\n    boolean go(Predicate<String> which) {\n        return which.test(\"low\");\n    }\n}\n",
    },
};

/// The types of functions and the method by which each is called.
const CALLED: &[(&str, &str)] = &[
    ("Predicate<", "test"),
    ("BiPredicate<", "test"),
    ("Function<", "apply"),
    ("BiFunction<", "apply"),
    ("UnaryOperator<", "apply"),
    ("BinaryOperator<", "apply"),
    ("Supplier<", "get"),
    ("Consumer<", "accept"),
    ("BiConsumer<", "accept"),
    ("Comparator<", "compare"),
    ("Callable<", "call"),
    ("Runnable", "run"),
];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if case.language().new_object != "new " {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    if case.phase <= Phase::Syntax {
        line.for_each(|at| made(case, at, all));
        return;
    }
    // Seen with javac 17.
    let said = &case.message.text;
    if said == "cannot find symbol" {
        line.clone().for_each(|at| called(case, at, all));
        line.for_each(|at| exception(case, at, all));
    } else if said.contains("Object[] cannot be converted to List<") {
        let array = line
            .into_iter()
            .find(|at| lexed.is(*at, "toArray") && lexed.is(at + 1, "(") && lexed.is(at + 2, ")"));
        if let Some(at) = array {
            let edit = case.replace_token(at, "toList");
            all.push(Candidate::new(MistakeId::ForeignWord, LIST, vec![edit]).guess());
        }
    }
}

/// `which(lamp)` of a `Predicate<Lamp> which`.
fn called(case: &Case, at: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if lexed.kind(at) != Some(TokenKind::Name) || !lexed.is(at + 1, "(") || lexed.before(at) == "."
    {
        return;
    }
    let declared = case.text.names.resolve(lexed, at).and_then(|one| one.typed);
    let Some(typed) = declared.map(|typed| text_of(case, typed)) else { return };
    if let Some((_, method)) = CALLED.iter().find(|(own, _)| typed.starts_with(own)) {
        let edit = case.insert(lexed.code[at].end, format!(".{method}"));
        all.push(Candidate::new(MistakeId::NotCallable, BY_METHOD, vec![edit]).guess());
    }
}

/// `throw new IllegalArgument("late")`.
fn exception(case: &Case, at: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let name = lexed.word(at);
    let thrown = at > 1 && lexed.is(at - 1, "new") && lexed.before(at - 1) == "throw"
        || matches!(lexed.before(at), "throws" | "throw")
        || at > 1 && lexed.is(at - 1, "(") && lexed.before(at - 1) == "catch";
    if !thrown
        || lexed.kind(at) != Some(TokenKind::Name)
        || case.text.names.of(name).next().is_some()
    {
        return;
    }
    let whole = format!("{name}Exception");
    let known = case.language().known_names().any(|(known, _)| known == whole)
        || case.language().prelude.iter().any(|(_, names)| names.contains(&whole.as_str()));
    if known {
        let edit = case.replace_token(at, whole);
        all.push(Candidate::new(MistakeId::MisspeltName, WHOLE_NAME, vec![edit]).guess());
    }
}

/// `Lamp.new("Quay")` and `Lamp::new("Quay")`.
fn made(case: &Case, word: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(class) = word.checked_sub(2) else { return };
    let of_class = lexed.is(word, "new")
        && matches!(lexed.before(word), "." | "::")
        && lexed.is(word + 1, "(")
        && lexed.kind(class) == Some(TokenKind::Name)
        && lexed.word(class).starts_with(char::is_uppercase);
    if of_class && !matches!(lexed.before(class), "." | "::") {
        let gone = Edit::delete(case.file(), lexed.code[class].end, lexed.code[word].end);
        let edits = vec![case.insert(lexed.code[class].start, "new "), gone];
        all.push(Candidate::new(MistakeId::ForeignWord, IN_FRONT, edits).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn an_exception_has_its_whole_name() {
        let text = |end: &str, place: &str| {
            format!(
                "class Quay {{\n    void go() {{\n        throw new {place}IllegalArgument{end}(\"low\");\n    }}\n}}\n"
            )
        };
        check_fix(&FAMILY, "java", &text("", "<|>"), "cannot find symbol", &text("Exception", ""));
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go() {\n        throw new <|>Seagull(\"low\");\n    }\n}\n",
            "cannot find symbol",
        );
    }

    #[test]
    fn an_object_is_made_with_the_word_in_front() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    Lamp go() {\n        return Lamp.<|>new(\"Quay\", 3);\n    }\n}\n",
            "<identifier> expected",
            "class Quay {\n    Lamp go() {\n        return new Lamp(\"Quay\", 3);\n    }\n}\n",
        );
    }

    #[test]
    fn a_list_is_given_where_one_is_wanted() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    List<String> go(Stream<String> all) {\n        return all.sorted().<|>toArray();\n    }\n}\n",
            "incompatible types: Object[] cannot be converted to List<String>",
            "class Quay {\n    List<String> go(Stream<String> all) {\n        return all.sorted().toList();\n    }\n}\n",
        );
    }
}
