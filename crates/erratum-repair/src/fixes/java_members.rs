//! Java: what a class is asked for in another form: a constructor that says what it gives back, numbers that are
//! compared like objects, a chain that gives nothing back, `boat instance of Barge`.

use super::family::{Example, Family, Phases};
use super::shape::{function_around, operand_end, routine_name, text_of};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// A method that is named like its class makes its objects.
const MAKES: Factor = evidence("it is named like its class, and makes its objects", 9.5);
/// Numbers are compared by their class.
const BY_CLASS: Factor = evidence("numbers are compared by their class", 9.0);
/// The method gives back an object of its own class.
const ITSELF: Factor = evidence("the method gives back an object of its own class", 8.5);
/// The two words are one.
const ONE_WORD: Factor = evidence("the two words are one", 9.5);

pub(super) static FAMILY: Family = Family {
    id: "java-members",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Gate extends Lock {\n    final int deep;\n    void Gate(int deep) {\n        this.<|>deep = deep;\n    }\n}\n",
        message: "cannot assign a value to final variable deep",
        after: "class Gate extends Lock {\n    final int deep;\n    Gate(int deep) {\n        this.deep = deep;\n    }\n}\n",
    },
};

/// The types of numbers and the classes that compare them.
const COMPARED: &[(&str, &str)] =
    &[("int", "Integer"), ("long", "Long"), ("double", "Double"), ("float", "Float")];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    // Seen with javac 17.
    if case.language().new_object != "new " {
        return;
    }
    let said = &case.message.text;
    if said.contains("must be first statement in constructor")
        || said.starts_with("cannot assign a value to final variable ")
    {
        constructor_around(case, all);
    }
    // The class that makes a larger one says nothing of how.
    if said.starts_with("constructor ") && said.contains("cannot be applied to given types") {
        constructors_of(case, all);
    }
    if said.ends_with(" cannot be dereferenced") {
        compared(case, all);
    }
    if said.contains("missing return value") {
        itself(case, all);
    }
    let line = case.lexed().on_line(case.lexed().code[case.token].line);
    for at in line.clone() {
        let lexed = case.lexed();
        let parted = lexed.is(at, "instance") && lexed.is(at + 1, "of");
        if parted && at > line.start && lexed.kind(at + 2) == Some(TokenKind::Name) {
            let (from, to) = (lexed.code[at].start, lexed.code[at + 1].end);
            let edit = Edit::replace(case.file(), from, to, "instanceof");
            all.push(Candidate::new(MistakeId::MisspeltKeyword, ONE_WORD, vec![edit]).guess());
        }
    }
}

/// `void Gate(int deep) {` around the reported place.
fn constructor_around(case: &Case, all: &mut Vec<Candidate>) {
    let Some(function) = function_around(case, case.token) else { return };
    let Some(name) = routine_name(case, &function) else { return };
    if let Some(edit) = without_type(case, name) {
        all.push(Candidate::new(MistakeId::ConstructorRules, MAKES, vec![edit]).guess());
    }
}

/// The same in the class that the message points at, or that it names.
fn constructors_of(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let types = case.text.names.declared.iter().filter(|one| one.kind == NameKind::Type);
    for class in types {
        let here = lexed.code[class.token].line == lexed.code[case.token].line;
        let word = lexed.word(class.token);
        if !here && !case.message.text.contains(&format!(" in class {word} ")) {
            continue;
        }
        let seen = case.text.names.seen.get(word).into_iter().flatten();
        let found = seen.copied().find_map(|at| without_type(case, at));
        if let Some(edit) = found {
            all.push(Candidate::new(MistakeId::ConstructorRules, MAKES, vec![edit]).guess());
        }
    }
}

/// What takes the type off a method that is named like the class around it.
fn without_type(case: &Case, name: usize) -> Option<Edit> {
    let lexed = case.lexed();
    let typed = name.checked_sub(1).filter(|at| lexed.is(*at, "void"))?;
    let close = case.text.pairs.partner_of(name + 1).filter(|_| lexed.is(name + 1, "("))?;
    let block = case.text.pairs.inside_of(name).filter(|open| lexed.is(*open, "{"))?;
    let mut head = case.statement_start(block)..block;
    let class = head
        .any(|at| matches!(lexed.before(at), "class" | "enum") && lexed.is(at, lexed.word(name)));
    let body = lexed.opens_block(close + 1) || lexed.is(close + 1, "throws");
    (class && body)
        .then(|| Edit::delete(case.file(), lexed.code[typed].start, lexed.code[name].start))
}

/// `number.compareTo(other.number)` of two numbers.
fn compared(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let typed = case.message.text.split(' ').next().unwrap_or("");
    let class = COMPARED.iter().find(|(number, _)| *number == typed).map(|(_, class)| *class);
    let Some(class) = class else { return };
    for name in line.filter(|at| lexed.is(*at, "compareTo") && lexed.before(*at) == ".") {
        let first = super::shape::operand_start(case, name);
        let Some(last) = operand_end(case, first).filter(|last| lexed.is(*last, ")")) else {
            continue;
        };
        let Some(open) = case.text.pairs.partner_of(last).filter(|open| *open == name + 1) else {
            continue;
        };
        if open + 1 >= last || name < first + 2 {
            continue;
        }
        let (one, other) = (text_of(case, (first, name - 2)), text_of(case, (open + 1, last - 1)));
        let (from, to) = (lexed.code[first].start, lexed.code[last].end);
        let text = format!("{class}.compare({one}, {other})");
        let edit = Edit::replace(case.file(), from, to, text);
        all.push(Candidate::new(MistakeId::NoMembers, BY_CLASS, vec![edit]).guess());
    }
}

/// `return;` in a method that gives back an object of the class around it.
fn itself(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(word) = line.into_iter().find(|at| lexed.is(*at, "return") && lexed.is(at + 1, ";"))
    else {
        return;
    };
    let Some(function) = function_around(case, word) else { return };
    let Some((first, _)) = function.returns else { return };
    let Some(name) = routine_name(case, &function) else { return };
    let block = case.text.pairs.inside_of(name).filter(|open| lexed.is(*open, "{"));
    let Some(block) = block else { return };
    let typed = lexed.word(first);
    let mut head = case.statement_start(block)..block;
    let own = head.any(|at| lexed.is(at, typed) && lexed.before(at) == "class");
    let fixed = (case.statement_start(name)..name).any(|at| lexed.is(at, "static"));
    if own && !fixed {
        let edit = case.insert(lexed.code[word].end, " this");
        all.push(Candidate::new(MistakeId::MissingReturn, ITSELF, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn the_class_above_tells_it() {
        check_fix(
            &FAMILY,
            "java",
            "class <|>Gate extends Lock {\n    void Gate(int deep) {\n        super(deep);\n    }\n}\n",
            "constructor Lock in class Lock cannot be applied to given types;",
            "class Gate extends Lock {\n    Gate(int deep) {\n        super(deep);\n    }\n}\n",
        );
    }

    #[test]
    fn a_method_of_another_name_stays() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Gate {\n    final int deep = 3;\n    void dig(int deep) {\n        this.<|>deep = deep;\n    }\n}\n",
            "cannot assign a value to final variable deep",
        );
    }

    #[test]
    fn numbers_are_compared() {
        check_fix(
            &FAMILY,
            "java",
            "class Lot {\n    int number;\n    int order(Lot other) {\n        return number<|>.compareTo(other.number);\n    }\n}\n",
            "int cannot be dereferenced",
            "class Lot {\n    int number;\n    int order(Lot other) {\n        return Integer.compare(number, other.number);\n    }\n}\n",
        );
    }

    #[test]
    fn a_chain_gives_itself_back() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay<T> {\n    Quay<T> add(T boat) {\n        <|>return;\n    }\n}\n",
            "incompatible types: missing return value",
            "class Quay<T> {\n    Quay<T> add(T boat) {\n        return this;\n    }\n}\n",
        );
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    static Quay add() {\n        <|>return;\n    }\n}\n",
            "incompatible types: missing return value",
        );
    }

    #[test]
    fn two_words_are_one() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    boolean go(Object lot) {\n        return lot <|>instance of Barge;\n    }\n}\n",
            "';' expected",
            "class Quay {\n    boolean go(Object lot) {\n        return lot instanceof Barge;\n    }\n}\n",
        );
    }
}
