//! The words of a class and the one above it. Java: a class and an interface are confused, `class Yacht implements
//! Vessel` of a class `Vessel`; the body of a method that is only promised. C++: `super` for the class above.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;

/// The compiler says which of the two it is.
const TOLD: Factor = evidence("the compiler says whether it is a class or an interface", 8.0);
/// Only the class above is named so in another language.
const ABOVE: Factor = evidence("another language calls the class above so", 8.0);
/// The class above is asked for itself, and its constructor is called by the word alone.
const BY_WORD: Factor = evidence("the constructor above goes by the word alone", 9.0);
/// An `abstract` method has no body, and this one holds nothing.
const EMPTY_BODY: Factor = evidence("an abstract method has no body, and this one is empty", 7.0);

pub(super) static FAMILY: Family = Family {
    id: "parent-word",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Vessel {}\nclass Yacht implements <|>Vessel {}\n",
        message: "interface expected here",
        after: "class Vessel {}\nclass Yacht extends Vessel {}\n",
    },
};

/// What javac 17 says, with the word that stands there and the one that belongs there.
const SAID: &[(&str, &str, &str)] = &[
    ("interface expected here", "implements", "extends"),
    ("no interface expected here", "extends", "implements"),
];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = case.message.text.as_str();
    if let Some((_, written, meant)) = SAID.iter().find(|(told, ..)| *told == said) {
        // One name stands behind the word: of several, each has its own kind.
        let word = case.token.checked_sub(1).filter(|at| lexed.is(*at, written));
        let alone = !matches!(lexed.word(case.token + 1), "," | "implements");
        if let Some(word) = word.filter(|_| alone) {
            let edit = case.replace_token(word, *meant);
            all.push(Candidate::new(MistakeId::WrongParent, TOLD, vec![edit]).guess());
        }
    }
    if said == "cannot find symbol" {
        constructor_above(case, all);
    }
    if said == "abstract methods cannot have a body" {
        empty_body(case, all);
    }
    // Seen with gcc 12.
    if said.contains("does not have any field named 'super'")
        || said.contains("does not have any field named 'base'")
    {
        class_above(case, all);
    }
}

/// `super.Vessel(name, 4)`: Java calls the constructor above by the word alone.
fn constructor_above(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let mut line = lexed.on_line(lexed.code[case.token].line);
    let Some(word) = line.find(|at| {
        lexed.is(*at, "super")
            && lexed.is(at + 1, ".")
            && lexed.is(at + 3, "(")
            && (lexed.code[*at].first || lexed.before(*at) == "{")
    }) else {
        return;
    };
    let mut of_name = case.text.names.of(lexed.word(word + 2));
    if of_name.any(|one| lexed.before(one.token) == "class") {
        let edit = Edit::replace(case.file(), lexed.code[word].end, lexed.code[word + 2].end, "");
        all.push(Candidate::new(MistakeId::ConstructorRules, BY_WORD, vec![edit]).guess());
    }
}

/// `Tug(int power) : super(power)`: C++ names the class above itself.
fn class_above(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let mut line = lexed.on_line(lexed.code[case.token].line);
    let word = line.find(|at| *at >= case.token && matches!(lexed.word(*at), "super" | "base"));
    let block = case.text.pairs.block_of(lexed, case.token);
    let (Some(word), Some(open)) = (word, block) else { return };
    let head = case.statement_start(open)..open;
    let mark = head.clone().find(|at| lexed.is(*at, ":"));
    let hides =
        |at: &usize| matches!(lexed.word(*at), "public" | "protected" | "private" | "virtual");
    let above = mark.and_then(|mark| (mark + 1..open).find(|at| !hides(at)));
    // Of several, nobody knows which one.
    let single =
        above.filter(|above| lexed.kind(*above) == Some(TokenKind::Name) && above + 1 == open);
    if let Some(above) = single {
        let edit = case.replace_token(word, lexed.word(above));
        all.push(Candidate::new(MistakeId::ForeignWord, ABOVE, vec![edit]));
    }
}

/// `abstract double dues(int days) {}`.
fn empty_body(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let mut open = line.filter(|at| *at >= case.token && lexed.is(*at, "{"));
    let Some(open) = open.next().filter(|at| lexed.kind(*at) == Some(TokenKind::Open)) else {
        return;
    };
    if case.text.pairs.partner_of(open) == Some(open + 1) && lexed.before(open) == ")" {
        let from = lexed.code[open - 1].end;
        let edit = Edit::replace(case.file(), from, lexed.code[open + 1].end, ";");
        all.push(Candidate::new(MistakeId::BodyRules, EMPTY_BODY, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn the_class_above_goes_by_its_name() {
        check_fix(
            &FAMILY,
            "cpp",
            "struct Tug : public Boat {\n    Tug(int n) : <|>super(n) {}\n};\n",
            "class 'Tug' does not have any field named 'super'",
            "struct Tug : public Boat {\n    Tug(int n) : Boat(n) {}\n};\n",
        );
        check_no_fix(
            &FAMILY,
            "cpp",
            "struct Tug : Boat, Lit {\n    Tug(int n) : <|>super(n) {}\n};\n",
            "class 'Tug' does not have any field named 'super'",
        );
    }

    #[test]
    fn the_constructor_above_goes_by_the_word() {
        check_fix(
            &FAMILY,
            "java",
            "class Boat {\n    Boat(int n) {}\n}\nclass Tug extends Boat {\n    Tug(int n) {\n        super.<|>Boat(n);\n    }\n}\n",
            "cannot find symbol",
            "class Boat {\n    Boat(int n) {}\n}\nclass Tug extends Boat {\n    Tug(int n) {\n        super(n);\n    }\n}\n",
        );
    }

    #[test]
    fn an_interface_is_implemented() {
        check_fix(
            &FAMILY,
            "java",
            "interface Lit {}\nclass Lamp extends <|>Lit {}\n",
            "no interface expected here",
            "interface Lit {}\nclass Lamp implements Lit {}\n",
        );
    }

    #[test]
    fn of_several_none_is_moved() {
        let text = "class Vessel {}\ninterface Lit {}\nclass Yacht implements <|>Vessel, Lit {}\n";
        check_no_fix(&FAMILY, "java", text, "interface expected here");
    }

    #[test]
    fn a_promise_that_holds_nothing_ends_with_its_mark() {
        let text = |body: &str| {
            format!("abstract class Vessel {{\n    abstract double <|>dues(int days){body}\n}}\n")
        };
        let said = "abstract methods cannot have a body";
        check_fix(&FAMILY, "java", &text(" {}"), said, &text(";").replace("<|>", ""));
        check_no_fix(&FAMILY, "java", &text(" { return 3; }"), said);
    }
}
