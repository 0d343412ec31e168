//! A class and its members disagree about a word: a body behind `abstract`, none without it, a class with
//! an unwritten member that is not abstract itself, one that takes over from a class which forbids it.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::names::NameKind;

/// The class has members without a body.
const CLASS_ABSTRACT: Factor = weight("the class has a member without a body", 6.0);
/// The member has a body, so it is no promise.
const HAS_BODY: Factor = weight("the member has a body", 5.5);
/// The class is abstract, so its member may be.
const MAY_BE: Factor = weight("the class is abstract", 5.5);
/// The class above forbids it.
const FORBIDDEN: Factor = weight("the class above forbids it", 5.5);
/// The message asks for this order.
const FIRST: Factor = weight("the message asks for this order", 8.0);
/// A property takes nothing.
const PROPERTY: Factor = weight("what can be read or set takes nothing", 7.0);

pub(super) static FAMILY: Family = Family {
    id: "class-words",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "class Quay\n{\n    public abstract double <|>Depth();\n}\n",
        message: "[CS0513] 'Quay.Depth()' is abstract but it is declared in the non-abstract class 'Quay'",
        after: "abstract class Quay\n{\n    public abstract double Depth();\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let said = case.message.text.as_str();
    // Seen with mcs 6.8, javac 17 and scalac 2.11.
    if said.contains("declared in the non-abstract class")
        || said.contains("is not abstract and does not")
    {
        class_is_abstract(case, all);
    }
    if said.contains("cannot declare a body because it is marked abstract")
        || said.contains("abstract methods cannot have a body")
    {
        no_promise(case, all);
    }
    if said.contains("must have a body because it is not marked abstract")
        || said.contains("missing method body, or declare abstract")
    {
        promise(case, all);
    }
    if said.contains("cannot derive from sealed type")
        || said.contains("cannot inherit from final")
        || said.contains("illegal inheritance from final class")
        || said.contains("is declared in a sealed class")
    {
        may_be_taken_over(case, all);
    }
    if said.contains("must be specified as first") {
        class_first(case, all);
    }
    property(case, all);
}

/// The `class` of the innermost class around a code token, or of the one whose head it stands in.
fn class_word(case: &Case, token: usize) -> Option<usize> {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[token].line);
    let word = |range: std::ops::Range<usize>| range.rev().find(|at| lexed.is(*at, "class"));
    let open = case.text.pairs.block_of(lexed, token);
    let around = open.and_then(|open| word(case.statement_start(open)..open));
    // Some compilers point at the word itself.
    let head = word(line.start..(token + 1).min(line.end));
    head.filter(|at| open.is_none_or(|open| *at > open)).or(around)
}

/// `abstract` before a class with a member that has no body.
fn class_is_abstract(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(class) = class_word(case, case.token) else { return };
    let start = case.statement_start(class);
    if (start..class).any(|at| lexed.is(at, "abstract")) {
        return;
    }
    // What it lacks must be declared by itself, not above it.
    let open = (class..lexed.code.len()).find(|at| lexed.opens_block(*at));
    let close = open.and_then(|open| case.text.pairs.partner_of(open));
    let (Some(open), Some(close)) = (open, close) else { return };
    let own = (open..close)
        .any(|at| lexed.is(at, "abstract") && case.text.pairs.block_of(lexed, at) == Some(open));
    if own {
        let edit = case.insert(lexed.code[class].start, "abstract ");
        all.push(Candidate::new(MistakeId::MissingWord, CLASS_ABSTRACT, vec![edit]).guess());
    }
}

/// A member with a body is not abstract: the word goes, or becomes the one for what may be written anew.
fn no_promise(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(word) = line.clone().find(|at| lexed.is(*at, "abstract")) else { return };
    let Some(next) = lexed.code.get(word + 1) else { return };
    let virtual_word = case.language().is_keyword("virtual");
    let edit = match virtual_word {
        true => case.replace_token(word, "virtual"),
        false => Edit::delete(case.file(), lexed.code[word].start, next.start),
    };
    all.push(Candidate::new(MistakeId::BodyRules, HAS_BODY, vec![edit]).guess());
    let open = (word..lexed.code.len()).find(|at| lexed.opens_block(*at));
    if let Some(open) = open
        && let Some(close) = case.text.pairs.partner_of(open)
    {
        let (from, to) = (lexed.code[open - 1].end, lexed.code[close].end);
        let edit = Edit::replace(case.file(), from, to, ";");
        all.push(Candidate::new(MistakeId::BodyRules, MAY_BE, vec![edit]).guess());
    }
}

/// A member without a body, in a class that is abstract, is abstract, too.
fn promise(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(class) = class_word(case, case.token) else { return };
    let start = case.statement_start(class);
    if !(start..class).any(|at| lexed.is(at, "abstract")) {
        return;
    }
    let first = case.statement_start(case.token);
    let word = (first..case.token).find(|at| lexed.is(*at, "virtual"));
    let edit = match word {
        Some(at) => case.replace_token(at, "abstract"),
        None => {
            let seen = (first..case.token)
                .take_while(|at| matches!(lexed.word(*at), "public" | "protected" | "internal"));
            case.insert(lexed.code[first + seen.count()].start, "abstract ")
        }
    };
    all.push(Candidate::new(MistakeId::BodyRules, MAY_BE, vec![edit]).guess());
}

/// The word of a class above that forbids to take over from it goes.
fn may_be_taken_over(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    let types = case.text.names.declared.iter().filter(|one| one.kind == NameKind::Type);
    for declared in types {
        let name = lexed.word(declared.token);
        let told = said
            .split(|letter: char| !letter.is_alphanumeric() && letter != '_')
            .any(|word| word == name);
        let start = case.statement_start(declared.token);
        let word = (start..declared.token).find(|at| matches!(lexed.word(*at), "sealed" | "final"));
        if let Some(word) = word.filter(|_| told) {
            let (from, to) = (lexed.code[word].start, lexed.code[word + 1].start);
            let edit = Edit::delete(case.file(), from, to);
            all.push(Candidate::new(MistakeId::WrongParent, FORBIDDEN, vec![edit]).guess());
        }
    }
}

/// C#: the class comes before the interfaces (CS1722, seen with mcs 6.8).
fn class_first(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some((_, rest)) = case.message.text.split_once("Base class '") else { return };
    let Some((name, _)) = rest.split_once('\'') else { return };
    let item = lexed.on_line(lexed.code[case.token].line);
    let Some(colon) = item.clone().find(|at| lexed.is(*at, ":")) else { return };
    let Some(class) = (colon + 1..item.end).find(|at| lexed.is(*at, name)) else { return };
    if class < colon + 3 || !lexed.is(class - 1, ",") {
        return;
    }
    let first = lexed.code[colon + 1].start;
    let edits = vec![
        case.insert(first, format!("{name}, ")),
        Edit::delete(case.file(), lexed.code[class - 2].end, lexed.code[class].end),
    ];
    all.push(Candidate::new(MistakeId::WrongOrder, FIRST, edits).guess());
}

/// C#: `public string Name() { get; set; }`.
fn property(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    for at in lexed.on_line(lexed.code[case.token].line) {
        let accessor = |at: usize| matches!(lexed.word(at), "get" | "set");
        if lexed.is(at, "(")
            && lexed.is(at + 1, ")")
            && lexed.is(at + 2, "{")
            && accessor(at + 3)
            && matches!(lexed.word(at + 4), ";" | "{" | "=>")
        {
            let edit = Edit::delete(case.file(), lexed.code[at].start, lexed.code[at + 1].end);
            all.push(Candidate::new(MistakeId::ExtraMark, PROPERTY, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn the_message_may_point_at_the_word() {
        let text = "<|>class Quay {\n    abstract int depth();\n}\n";
        let said = "Quay is not abstract and does not override abstract method depth() in Quay";
        check_fix(&FAMILY, "java", text, said, &text.replace("<|>class", "abstract class"));
    }

    #[test]
    fn a_member_with_a_body_is_no_promise() {
        let text = "abstract class Quay\n{\n    public abstract int <|>Depth() { return 6; }\n}\n";
        let said = "[CS0500] 'Quay.Depth()' cannot declare a body because it is marked abstract";
        let bare = text.replace("<|>", "");
        check_fix(
            &FAMILY,
            "csharp",
            text,
            said,
            &bare.replace("public abstract", "public virtual"),
        );
        check_among(&FAMILY, "csharp", text, said, &bare.replace(" { return 6; }", ";"));
        let text = "abstract class Quay {\n    abstract int <|>depth() { return 6; }\n}\n";
        let said = "abstract methods cannot have a body";
        let after = "abstract class Quay {\n    int depth() { return 6; }\n}\n";
        check_fix(&FAMILY, "java", text, said, after);
    }

    #[test]
    fn a_member_without_a_body_is_a_promise() {
        let text = "abstract class Quay\n{\n    public virtual int <|>Depth();\n}\n";
        let said = "[CS0501] 'Quay.Depth()' must have a body because it is not marked abstract, extern, or partial";
        let after = text.replace("<|>", "").replace("virtual", "abstract");
        check_fix(&FAMILY, "csharp", text, said, &after);
        check_no_fix(&FAMILY, "csharp", &text.replace("abstract class", "class"), said);
    }

    #[test]
    fn a_class_above_lets_others_take_over() {
        let text = "final class Quay {}\nclass Mole extends <|>Quay {}\n";
        let after = "class Quay {}\nclass Mole extends Quay {}\n";
        check_fix(&FAMILY, "java", text, "cannot inherit from final Quay", after);
    }

    #[test]
    fn a_class_stands_before_interfaces() {
        let text = "class Mole : IQuay, <|>Quay\n{\n}\n";
        let said = "[CS1722] 'Mole': Base class 'Quay' must be specified as first";
        check_fix(&FAMILY, "csharp", text, said, "class Mole : Quay, IQuay\n{\n}\n");
    }

    #[test]
    fn a_property_takes_nothing() {
        let text = "class Mole\n{\n    public string Name() { <|>get; set; }\n}\n";
        let said = "[CS0201] Only assignment, call, increment, decrement, await, and new object expressions can be used as a statement";
        let after = "class Mole\n{\n    public string Name { get; set; }\n}\n";
        check_fix(&FAMILY, "csharp", text, said, after);
    }

    #[test]
    fn a_member_of_another_class_makes_none_abstract() {
        let text = "class <|>Mole extends Quay {\n}\n";
        let said = "Mole is not abstract and does not override abstract method depth() in Quay";
        check_no_fix(&FAMILY, "java", text, said);
    }
}
