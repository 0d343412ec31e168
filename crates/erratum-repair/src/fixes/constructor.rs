//! A constructor that says what it gives back is no constructor: `void Jetty(…)`. One that does not call
//! that of the class above: `super(…)`.

use super::family::{Example, Family, Phases};
use super::shape::parameters_at;
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::names::NameKind;

/// The method has the name of its class.
const NAMED_AS_CLASS: Factor = evidence("the method has the name of its class", 7.0);

pub(super) static FAMILY: Family = Family {
    id: "constructor",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Jetty {\n    int size;\n    void Jetty(int size) {\n        this.size = size;\n    }\n    static Jetty make() {\n        return <|>new Jetty(3);\n    }\n}\n",
        message: "constructor Jetty in class Jetty cannot be applied to given types;",
        after: "class Jetty {\n    int size;\n    Jetty(int size) {\n        this.size = size;\n    }\n    static Jetty make() {\n        return new Jetty(3);\n    }\n}\n",
    },
};

/// What the class above wants is there under the same names.
const SAME_NAMES: Factor = weight("the class above wants values of these names", 6.0);

/// What the class above does comes first.
const COMES_FIRST: Factor = evidence("what the class above does comes first", 8.0);

/// What compilers say where a class lacks the constructor that is wanted (seen with javac 17 and
/// mcs 6.8).
const SAID: &[&str] = &[
    "cannot be applied to given types",
    "does not contain a constructor that takes",
    "member names cannot be the same as their enclosing type",
];

/// What javac 17 says of a fixed field that such a method sets.
const SETS_FIXED: &str = "cannot assign a value to final variable";

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    lost_super(case, all);
    late_super(case, all);
    let sets_fixed = case.message.text.contains(SETS_FIXED);
    if !sets_fixed && !SAID.iter().any(|said| case.message.text.contains(said)) {
        return;
    }
    let lexed = case.lexed();
    for class in case.text.names.declared.iter().filter(|d| d.kind == NameKind::Type) {
        let name = lexed.word(class.token);
        let told = sets_fixed || case.message.text.contains(name);
        let open = (class.token..lexed.code.len()).find(|at| lexed.opens_block(*at));
        let (Some(open), true) = (open, told) else { continue };
        let Some(close) = case.text.pairs.partner_of(open) else { continue };
        // Which of the methods sets it, the message shows.
        let around = |method: usize| {
            let body = (method..close).find(|at| lexed.opens_block(*at));
            let end = body.and_then(|body| case.text.pairs.partner_of(body));
            end.is_some_and(|end| (method..end).contains(&case.token))
        };
        let methods = (open + 2..close).filter(|at| {
            lexed.is(*at, name)
                && lexed.is(at + 1, "(")
                && case.text.pairs.block_of(lexed, *at) == Some(open)
                && lexed.is(at - 1, "void")
                && (!sets_fixed || around(*at))
        });
        for method in methods {
            let (from, to) = (lexed.code[method - 1].start, lexed.code[method].start);
            let edit = Edit::delete(case.file(), from, to);
            all.push(Candidate::new(MistakeId::ConstructorRules, NAMED_AS_CLASS, vec![edit]));
        }
    }
}

/// A constructor that does not call the one of the class above, where that wants values (seen with
/// javac 17, tsc 5.9).
fn lost_super(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    // `super;` is no statement: a `.` would go on with a member (seen with javac 17, tsc 5.9).
    let bare = (case.token.saturating_sub(1)..=case.token + 1)
        .find(|at| lexed.is(*at, "super") && lexed.is(at + 1, ";"));
    let told = said.contains("must contain a 'super' call")
        || bare.is_some()
        || said.starts_with("constructor ") && said.contains("cannot be applied to given types");
    if !told || !case.language().is_keyword("super") {
        return;
    }
    let line = lexed.code[case.token].line;
    let block = bare.and_then(|word| case.text.pairs.block_of(lexed, word));
    let open = block.or_else(|| lexed.on_line(line).find(|at| lexed.is(*at, "{")));
    let Some(open) = open else { return };
    let Some(own) = (0..open).rev().find(|at| lexed.is(*at, "(")) else { return };
    let Some(class) = case.text.pairs.block_of(lexed, own) else { return };
    let header = case.statement_start(class)..class;
    let Some(word) = header.clone().find(|at| lexed.is(*at, "extends")) else { return };
    let name = header.clone().find(|at| lexed.is(*at, "class")).map_or("", |at| lexed.word(at + 1));
    let makes = lexed.before(own) == "constructor" || lexed.before(own) == name;
    let close = case.text.pairs.partner_of(open).unwrap_or(open);
    if !makes || (open..close).any(|at| lexed.is(at, "super") && Some(at) != bare) {
        return;
    }
    let above = lexed.word(word + 1);
    let parents = case.text.names.of(above).filter(|d| d.kind == NameKind::Type);
    let block = parents
        .filter_map(|d| (d.token..lexed.code.len()).find(|at| lexed.opens_block(*at)))
        .next();
    let Some(block) = block else { return };
    let end = case.text.pairs.partner_of(block).unwrap_or(lexed.code.len());
    let wanted = (block..end).find(|at| {
        lexed.is(*at, "(") && (lexed.before(*at) == "constructor" || lexed.before(*at) == above)
    });
    let names = |open: usize| -> Option<Vec<String>> {
        Some(parameters_at(case, open)?.into_iter().map(|(_, name)| name).collect())
    };
    // Without a constructor, and without a class above it, it wants nothing.
    let heir = (0..block).rev().take_while(|at| !matches!(lexed.word(*at), "class" | "}" | ";"));
    let plain = said.contains("must contain a 'super' call")
        && wanted.is_none()
        && !heir.into_iter().any(|at| lexed.is(at, "extends"));
    let wanted = if plain { Some(Vec::new()) } else { wanted.and_then(names) };
    let Some(wanted) = wanted else { return };
    let Some(given) = names(own) else { return };
    if let Some(word) = bare {
        if wanted.iter().all(|name| given.contains(name)) {
            let edit = case.insert(lexed.code[word].end, format!("({})", wanted.join(", ")));
            all.push(Candidate::new(MistakeId::ConstructorRules, SAME_NAMES, vec![edit]).guess());
        }
    } else if wanted.iter().all(|name| given.contains(name)) {
        let source = &lexed.source;
        let indent = source.indent_text(line);
        let step = lexed.code.get(open + 1).map_or(String::new(), |first| {
            let inner = source.indent_text(first.line);
            if inner.len() > indent.len() { inner } else { format!("{indent}    ") }
        });
        let text = format!("{}{step}super({});", source.line_end_text(), wanted.join(", "));
        let edit = case.insert(lexed.code[open].end, text);
        all.push(Candidate::new(MistakeId::ConstructorRules, SAME_NAMES, vec![edit]).guess());
    }
}

/// `super(…)` below another statement: it comes first (seen with javac 17).
fn late_super(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    // tsc 5.9 points at what is used before it.
    let used = said.starts_with("'super' must be called before accessing 'this'");
    if !said.starts_with("call to super must be first statement") && !used {
        return;
    }
    let around = case.text.pairs.block_of(lexed, case.token);
    let block = around.and_then(|open| Some((open, case.text.pairs.partner_of(open)?)));
    let of_block = |(open, close): (usize, usize)| {
        (open..close).find(|at| {
            let own = case.text.pairs.block_of(lexed, *at) == Some(open);
            own && lexed.is(*at, "super") && lexed.is(at + 1, "(")
        })
    };
    let on_line = lexed.on_line(lexed.code[case.token].line).find(|at| lexed.is(*at, "super"));
    let word = if used { block.and_then(of_block) } else { on_line };
    let Some(word) = word else { return };
    let line = lexed.code[word].line;
    let Some(open) = case.text.pairs.block_of(lexed, word) else { return };
    let end = case.statement_end(word);
    let source = &lexed.source;
    let own = lexed.code[word].first && lexed.code.get(end + 1).is_none_or(|next| next.first);
    let first = lexed.code.get(open + 1).filter(|first| first.first && own);
    if let Some(first) = first {
        let text = source.slice(lexed.code[word].start, lexed.code[end].end).into_owned();
        let (indent, line_end) = (source.indent_text(first.line), source.line_end_text());
        let edits = vec![
            case.insert(source.line_start(first.line), format!("{indent}{text}{line_end}")),
            Edit::delete(case.file(), source.line_start(line), source.line_start(line + 1)),
        ];
        all.push(Candidate::new(MistakeId::ConstructorRules, COMES_FIRST, edits));
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn the_class_above_gets_its_values() {
        check_fix(
            &FAMILY,
            "java",
            "class Job {\n    Job(String ship) { }\n}\nclass Paint extends Job {\n    Paint(String ship, int decks) {\n        super<|>;\n    }\n}\n",
            "'.' expected",
            "class Job {\n    Job(String ship) { }\n}\nclass Paint extends Job {\n    Paint(String ship, int decks) {\n        super(ship);\n    }\n}\n",
        );
    }

    #[test]
    fn what_is_above_comes_before_the_own_fields() {
        check_fix(
            &FAMILY,
            "typescript",
            "class Punt extends Boat {\n  poles: number;\n  constructor(name: string) {\n    <|>this.poles = 3;\n    super(name);\n  }\n}\n",
            "[TS17009] 'super' must be called before accessing 'this' in the constructor of a derived class.",
            "class Punt extends Boat {\n  poles: number;\n  constructor(name: string) {\n    super(name);\n    this.poles = 3;\n  }\n}\n",
        );
    }

    #[test]
    fn a_class_above_without_a_constructor_wants_nothing() {
        check_fix(
            &FAMILY,
            "typescript",
            "abstract class Quay {\n  boats = 3;\n}\nclass Jetty extends Quay {\n  <|>constructor(name: string) {\n    this.boats = 4;\n  }\n}\n",
            "[TS2377] Constructors for derived classes must contain a 'super' call.",
            "abstract class Quay {\n  boats = 3;\n}\nclass Jetty extends Quay {\n  constructor(name: string) {\n    super();\n    this.boats = 4;\n  }\n}\n",
        );
    }

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
    fn the_class_above_gets_what_it_wants() {
        check_fix(
            &FAMILY,
            "java",
            "class Vehicle {\n    Vehicle(double length) { }\n}\nclass Bus extends Vehicle {\n    int seats;\n    Bus(double length, int seats) <|>{\n        this.seats = seats;\n    }\n}\n",
            "constructor Vehicle in class Vehicle cannot be applied to given types;",
            "class Vehicle {\n    Vehicle(double length) { }\n}\nclass Bus extends Vehicle {\n    int seats;\n    Bus(double length, int seats) {\n        super(length);\n        this.seats = seats;\n    }\n}\n",
        );
        check_fix(
            &FAMILY,
            "typescript",
            "class Boat {\n  constructor(public name: string) {}\n}\nclass Punt extends Boat {\n  constructor<|>(name: string, private poles: number) {\n    this.poles = poles;\n  }\n}\n",
            "[TS2377] Constructors for derived classes must contain a 'super' call.",
            "class Boat {\n  constructor(public name: string) {}\n}\nclass Punt extends Boat {\n  constructor(name: string, private poles: number) {\n    super(name);\n    this.poles = poles;\n  }\n}\n",
        );
    }

    #[test]
    fn a_constructor_may_set_what_is_fixed() {
        check_fix(
            &FAMILY,
            "java",
            "class Jetty {\n    final int size;\n    void Jetty(int size) {\n        this.<|>size = size;\n    }\n}\n",
            "cannot assign a value to final variable size",
            "class Jetty {\n    final int size;\n    Jetty(int size) {\n        this.size = size;\n    }\n}\n",
        );
        check_no_fix(
            &FAMILY,
            "java",
            "class Jetty {\n    final int size;\n    void Jetty() { }\n    void grow(int size) {\n        this.<|>size = size;\n    }\n}\n",
            "cannot assign a value to final variable size",
        );
    }

    #[test]
    fn what_the_class_above_does_comes_first() {
        check_fix(
            &FAMILY,
            "java",
            "class Boat { Boat(int n) { } }\nclass Tug extends Boat {\n    int power;\n    Tug(int n, int power) {\n        this.power = power;\n        super<|>(n);\n    }\n}\n",
            "call to super must be first statement in constructor",
            "class Boat { Boat(int n) { } }\nclass Tug extends Boat {\n    int power;\n    Tug(int n, int power) {\n        super(n);\n        this.power = power;\n    }\n}\n",
        );
    }

    #[test]
    fn what_is_not_there_is_not_given() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "class Boat {\n  constructor(public name: string, rate: number) {}\n}\nclass Punt extends Boat {\n  constructor<|>(name: string) {\n    go(name);\n  }\n}\n",
            "[TS2377] Constructors for derived classes must contain a 'super' call.",
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
