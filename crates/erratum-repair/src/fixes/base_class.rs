//! The class above, in the languages that name it behind a colon: its constructor is not called, or in a
//! way of another language, and in C++ nobody outside may know of it.

use super::family::{Example, Family, Phases};
use super::inherited::classes::{Class, class_of, classes_of};
use super::shape::parameters_at;
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;

/// What the class above wants is there under the same names.
const SAME_NAMES: Factor = weight("the class above wants values of these names", 6.0);
/// Some of what the class above wants is there under the same names.
const SOME_NAMES: Factor = weight("some values of these names are there", 2.0);
/// Another language calls it so, in the body.
const CALLED_IN_BODY: Factor = evidence("the body calls it as another language does", 8.0);
/// Whoever uses the class must know what it takes over from.
const USED_AS_BASE: Factor = evidence("the class is used as the one above it", 7.0);

pub(super) static FAMILY: Family = Family {
    id: "base-class",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "class Pier {\npublic:\n    Pier(int slips) {}\n};\n\nclass Jetty : public Pier {\npublic:\n    <|>Jetty(int slips) {}\n};\n",
        message: "no matching function for call to 'Pier::Pier()'",
        after: "class Pier {\npublic:\n    Pier(int slips) {}\n};\n\nclass Jetty : public Pier {\npublic:\n    Jetty(int slips) : Pier(slips) {}\n};\n",
    },
};

/// What is said of a constructor that does not call the one above (seen with g++ 12, clang 14 and mcs 6.8).
const NOT_CALLED: &[&str] = &[
    "no matching function for call to '",
    "must explicitly initialize the base class",
    "does not contain a constructor that takes '0' arguments",
    "There is no argument given that corresponds to",
];

/// What g++ 12 and clang 14 say of a class above that is not seen from outside.
const HIDDEN: &[&str] = &[
    "is not an accessible base of",
    "is an inaccessible base of",
    "is inaccessible within this context",
    "cannot cast private base class",
    "to its private base class",
    "cannot convert '",
    "is a private member of",
];

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let said = case.message.text.replace(['‘', '’'], "'");
    let told = |words: &[&str]| words.iter().any(|word| said.contains(word));
    if told(NOT_CALLED) {
        not_called(case, all);
    }
    bare_parent(case, &said, all);
    if told(HIDDEN) && !case.language().member_label.is_empty() {
        hidden(case, &said, all);
    }
}

/// The colon behind the head of a class, and the first class named there.
fn base_of(case: &Case, class: Class) -> Option<(usize, Class)> {
    let lexed = case.lexed();
    let mut head = class.name + 1..class.block.0;
    let colon = head.find(|at| lexed.is(*at, ":"))?;
    let known = |at: usize| classes_of(case, lexed.word(at)).next();
    let base = (colon + 1..class.block.0).find_map(known)?;
    Some((colon, base))
}

/// A constructor whose class above wants values.
fn not_called(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let Some(name) = line.into_iter().find(|at| {
        let class = class_of(case, *at);
        lexed.is(at + 1, "(") && class.is_some_and(|class| lexed.is(class.name, lexed.word(*at)))
    }) else {
        return;
    };
    let Some((_, base)) = class_of(case, name).and_then(|class| base_of(case, class)) else {
        return;
    };
    let Some(close) = case.text.pairs.partner_of(name + 1) else { return };
    let Some(open) = (close + 1..close + 60).find(|at| lexed.opens_block(*at)) else { return };
    let above = lexed.word(base.name);
    let word = if case.language().is_keyword("base") { "base" } else { above };
    // What stands behind the brackets calls it already.
    if (close + 1..open).any(|at| lexed.is(at, word)) {
        return;
    }
    let lists = lexed.is(close + 1, ":");
    let put = |values: &str| match lists {
        true => case.insert(lexed.code[close + 1].end, format!(" {word}({values}),")),
        false => case.insert(lexed.code[close].end, format!(" : {word}({values})")),
    };
    // `{ super(route, seats); }`
    let called = [word, above, "super"].iter().any(|one| lexed.is(open + 1, one));
    let values = (called && lexed.is(open + 2, "(")).then(|| case.text.pairs.partner_of(open + 2));
    if let Some(end) = values.flatten().filter(|end| lexed.is(end + 1, ";")) {
        let text = lexed.source.slice(lexed.code[open + 2].end, lexed.code[end].start);
        let (from, to) = (lexed.code[open].end, lexed.code[end + 1].end);
        let edits = vec![put(&text), Edit::delete(case.file(), from, to)];
        all.push(Candidate::new(MistakeId::ConstructorRules, CALLED_IN_BODY, edits).guess());
        return;
    }
    let makes = (base.block.0..base.block.1).find(|at| {
        lexed.is(*at, above)
            && lexed.is(at + 1, "(")
            && case.text.pairs.inside_of(*at) == Some(base.block.0)
    });
    let wanted = makes.and_then(|at| parameters_at(case, at + 1));
    let (Some(wanted), Some(given)) = (wanted, parameters_at(case, name + 1)) else { return };
    let has = |name: &String| !name.is_empty() && given.iter().any(|(_, given)| given == name);
    let known = wanted.iter().filter(|(_, name)| has(name)).count();
    // What nobody hands over starts empty.
    let values = wanted.iter().map(|(typed, name)| match has(name) {
        true => Some(name.clone()),
        false => case.language().default_of(typed).map(str::to_owned),
    });
    if let Some(values) = values.collect::<Option<Vec<String>>>().filter(|_| known > 0) {
        let why = if known == wanted.len() { SAME_NAMES } else { SOME_NAMES };
        let edits = vec![put(&values.join(", "))];
        all.push(Candidate::new(MistakeId::ConstructorRules, why, edits).guess());
    }
}

/// Scala: `class Jetty(slips: Int) extends Pier`, where `Pier` wants values of names that are there (seen with
/// scalac 2.11).
fn bare_parent(case: &Case, said: &str, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let told = said.strip_prefix("not enough arguments for constructor ");
    let Some((above, rest)) = told.and_then(|told| told.split_once(": (")) else { return };
    let wanted: Option<Vec<&str>> = rest
        .split(')')
        .next()
        .map(|list| list.split(", ").filter_map(|one| one.split(": ").next()).collect());
    let line = lexed.on_line(lexed.code[case.token].line);
    let bare = |at: &usize| {
        lexed.is(*at, above) && lexed.before(*at) == "extends" && !lexed.is(at + 1, "(")
    };
    let Some(at) = line.clone().find(bare) else { return };
    let Some(open) = line.clone().find(|at| lexed.is(*at, "(")).filter(|open| *open < at) else {
        return;
    };
    let given = open..case.text.pairs.partner_of(open).unwrap_or(at);
    let there = |name: &&str| given.clone().any(|at| lexed.is(at, name) && lexed.is(at + 1, ":"));
    if let Some(wanted) = wanted.filter(|wanted| !wanted.is_empty() && wanted.iter().all(there)) {
        let edit = case.insert(lexed.code[at].end, format!("({})", wanted.join(", ")));
        all.push(Candidate::new(MistakeId::ConstructorRules, SAME_NAMES, vec![edit]).guess());
    }
}

/// C++: `class Jetty : Pier`, which hides from all others that a jetty is a pier.
fn hidden(case: &Case, said: &str, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let names = |name: &str| {
        let parts = said.split(|c: char| !c.is_alphanumeric() && c != '_');
        parts.into_iter().any(|word| word == name)
    };
    for declared in &case.text.names.declared {
        let word = lexed.word(declared.token);
        if lexed.before(declared.token) != "class" {
            continue;
        }
        let class = classes_of(case, word).find(|class| class.name == declared.token);
        let Some((colon, base)) = class.and_then(|class| base_of(case, class)) else { continue };
        let bare = lexed.is(colon + 1, lexed.word(base.name));
        if bare && names(lexed.word(base.name)) {
            let edit = case.insert(lexed.code[colon + 1].start, "public ");
            all.push(Candidate::new(MistakeId::WrongParent, USED_AS_BASE, vec![edit]).guess());
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::check_fix;
    use super::FAMILY;

    #[test]
    fn a_class_of_scala_hands_its_values_on() {
        check_fix(
            &FAMILY,
            "scala",
            "class Pier(slips: Int)\nclass Jetty(slips: Int, length: Int) extends <|>Pier {\n}\n",
            "not enough arguments for constructor Pier: (slips: Int)Pier. Unspecified value parameter slips.",
            "class Pier(slips: Int)\nclass Jetty(slips: Int, length: Int) extends Pier(slips) {\n}\n",
        );
    }

    #[test]
    fn a_call_in_the_body_moves_behind_the_brackets() {
        let text = "class Pier {\npublic:\n    Pier(int slips) {}\n};\n\nclass Jetty : public Pier {\n    int depth_;\npublic:\n    <|>Jetty(int n) : depth_(3) { super(n + 1); }\n};\n";
        check_fix(
            &FAMILY,
            "cpp",
            text,
            "no matching function for call to 'Pier::Pier()'",
            &text.replace(
                "<|>Jetty(int n) : depth_(3) { super(n + 1); }",
                "Jetty(int n) : Pier(n + 1), depth_(3) { }",
            ),
        );
    }

    #[test]
    fn csharp_has_a_word_for_the_class_above() {
        let text = "class Pier\n{\n    public Pier(int slips) { }\n}\nclass Jetty : Pier\n{\n    public <|>Jetty(int slips) { }\n}\n";
        check_fix(
            &FAMILY,
            "csharp",
            text,
            "[CS1729] The type `Pier' does not contain a constructor that takes '0' arguments",
            &text.replace("<|>Jetty(int slips)", "Jetty(int slips) : base(slips)"),
        );
    }

    #[test]
    fn who_uses_it_as_the_class_above_must_know_that() {
        let text = "class Pier {\npublic:\n    void go() {}\n};\n\nclass Jetty : Pier {\n};\n\nint main() {\n    Jetty jetty;\n    jetty.<|>go();\n}\n";
        check_fix(
            &FAMILY,
            "cpp",
            text,
            "'void Pier::go()' is inaccessible within this context",
            &text.replace("Jetty : Pier", "Jetty : public Pier").replace("<|>", ""),
        );
    }
}
