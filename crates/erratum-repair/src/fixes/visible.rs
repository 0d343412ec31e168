//! A member that is not visible from where it is used: the word that shows it.

use super::family::{Example, Family, Phases};
use super::shape::behind_notes;
use super::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::MistakeId;
use erratum_syntax::edit::Edit;
use erratum_syntax::names::NameKind;

/// A class in which nothing is shown.
const NOTHING_SHOWN: Factor = weight("nothing of the class is visible", 7.0);
/// Only classes that are built on this one use the member.
const BUILT_ON: Factor = weight("a class that is built on this one uses it", 6.0);
/// The declaration of the member gives its word up for another.
const SHOWN: Factor = weight("the member is made visible", 1.5);

/// Another member gives it out.
const ON_PURPOSE: Factor = weight("another member of the class gives it out", -2.5);
/// What an interface asks for is there, and only not visible.
const PROMISED: Factor = weight("an interface asks for it", 7.0);
/// A method of the class gives the member.
const GIVEN: Factor = weight("a method gives the member", 8.5);

/// What compilers say of a method that an interface asks for (seen with javac 17, mcs 6.8).
const PROMISES: &[&str] = &["is not public", "weaker access privileges; was public"];

/// What compilers say of such a member (seen with gcc 12, clang 14, javac 17, mcs 6.8, tsc 5.9, scalac 2.11).
const SAID: &[&str] = &[
    "is private",
    "is inaccessible due to its protection level",
    "has private access",
    "is a private member",
    "is protected",
    "has protected access",
    "cannot be accessed in",
];

pub(super) static FAMILY: Family = Family {
    id: "visible",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "cpp",
        before: "class Quay {\n    int boats() { return 3; }\n};\n\nint main() {\n    Quay quay;\n    return quay.<|>boats();\n}\n",
        message: "'int Quay::boats()' is private within this context",
        after: "class Quay {\npublic:\n    int boats() { return 3; }\n};\n\nint main() {\n    Quay quay;\n    return quay.boats();\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    // javac's own interface gives the reason as a remark, its text as a part of the message.
    let notes = case.message.notes.iter().map(|note| &note.text);
    let mut texts = notes.chain([&case.message.text]);
    if texts.any(|text| PROMISES.iter().any(|said| text.contains(said))) {
        promised(case, all);
    }
    taken_back(case, all);
    if !SAID.iter().any(|said| case.message.text.contains(said)) {
        return;
    }
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    let mut seen: Vec<usize> = Vec::new();
    for at in line {
        for declared in case.text.names.of(lexed.word(at)) {
            let own = matches!(
                declared.kind,
                NameKind::Function | NameKind::Member | NameKind::Value | NameKind::Type
            );
            if !own || declared.token == at {
                continue;
            }
            accessor(case, at, declared.token, all);
            if !seen.contains(&declared.token) {
                seen.push(declared.token);
                match constructor(case, declared.token).filter(|_| declared.kind == NameKind::Type)
                {
                    Some(made) => member(case, (made, NameKind::Function), all),
                    None => member(case, (declared.token, declared.kind), all),
                }
            }
        }
    }
}

/// Java: `private int hours()` in the place of a method that the whole package sees.
fn taken_back(case: &Case, all: &mut Vec<Candidate>) {
    let notes = case.message.notes.iter().map(|note| &note.text);
    let mut texts = notes.chain([&case.message.text]);
    if !texts.any(|text| text.contains("weaker access privileges; was package")) {
        return;
    }
    let lexed = case.lexed();
    let line = lexed.on_line(lexed.code[case.token].line);
    if let Some(word) = line.into_iter().find(|at| lexed.is(*at, "private"))
        && let Some(next) = lexed.code.get(word + 1)
    {
        let (from, to) = (lexed.code[word].start, next.start);
        let edit = Edit::delete(case.file(), from, to);
        all.push(Candidate::new(MistakeId::NotAccessible, PROMISED, vec![edit]).guess());
    }
}

/// The constructor of a class that is declared at a token, where the message is about one.
fn constructor(case: &Case, class: usize) -> Option<usize> {
    let lexed = case.lexed();
    let name = lexed.word(class);
    if !case.message.text.contains(&format!("{name}::{name}(")) {
        return None;
    }
    let open = (class..lexed.code.len()).find(|at| lexed.opens_block(*at))?;
    let close = case.text.pairs.partner_of(open)?;
    (open..close).find(|at| {
        let own = case.text.pairs.block_of(lexed, *at) == Some(open);
        own && lexed.is(*at, name) && lexed.is(at + 1, "(")
    })
}

/// A method that an interface asks for is public.
fn promised(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    let class = lexed.at(case.range.0);
    let last =
        case.text.pairs.block_of(lexed, class).and_then(|open| case.text.pairs.partner_of(open));
    let functions = case.text.names.declared.iter().filter(|declared| {
        declared.kind == NameKind::Function
            && declared.token >= case.statement_start(class)
            && last.is_none_or(|last| declared.token < last)
            && said.contains(&format!("{}(", lexed.word(declared.token)))
    });
    for declared in functions {
        let start = case.statement_start(declared.token);
        let shown = (start..declared.token)
            .any(|at| matches!(lexed.word(at), "public" | "private" | "protected" | "internal"));
        let body = (declared.token..lexed.code.len()).find(|at| lexed.divides(*at));
        // The declaration in the interface has no body.
        if shown || !body.is_some_and(|open| lexed.opens_block(open)) {
            continue;
        }
        let start = behind_notes(case, start, declared.token);
        let edit = case.insert(lexed.code[start].start, "public ");
        all.push(Candidate::new(MistakeId::WrongOverride, PROMISED, vec![edit]));
    }
}

/// `pier.boats` where a method `getBoats` of the class gives what is hidden.
fn accessor(case: &Case, at: usize, declared: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if !matches!(lexed.before(at), "." | "->") || lexed.is(at + 1, "(") || lexed.is(at + 1, "=") {
        return;
    }
    if let Some(name) = getter(case, declared) {
        let edit = case.replace_token(at, format!("{name}()"));
        all.push(Candidate::new(MistakeId::NotAccessible, GIVEN, vec![edit]).guess());
    }
}

/// The name of the method of its class that only gives the member that is declared at a token.
pub(super) fn getter<'a>(case: &'a Case, declared: usize) -> Option<&'a str> {
    let lexed = case.lexed();
    let class = case.text.pairs.block_of(lexed, declared)?;
    let functions = case.text.names.declared.iter().filter(|d| d.kind == NameKind::Function);
    let mut names = functions.map(|function| function.token).filter(|name| {
        let own = case.text.pairs.block_of(lexed, *name) == Some(class);
        let empty = lexed.is(name + 1, "(") && lexed.is(name + 2, ")");
        let open = (*name..lexed.code.len()).find(|at| lexed.divides(*at));
        let gives = open.is_some_and(|open| {
            lexed.opens_block(open)
                && lexed.is(open + 1, "return")
                && lexed.word(open + 2) == lexed.word(declared)
                && lexed.is(open + 3, ";")
        });
        own && empty && gives
    });
    names.next().map(|name| lexed.word(name))
}

/// Words that may stand between `pub` and the name of an item.
const BEFORE_NAME: &[&str] =
    &["fn", "const", "async", "unsafe", "struct", "enum", "trait", "static", "mod", "type"];

fn member(case: &Case, (declared, kind): (usize, NameKind), all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    if case.language().is_keyword("pub") {
        let mut first = declared;
        while first > 0 && BEFORE_NAME.contains(&lexed.word(first - 1)) {
            first -= 1;
        }
        // A name of a function's own is hidden from nobody.
        let local = kind == NameKind::Value && first == declared;
        if !local && !matches!(lexed.before(first), "pub" | ".") {
            let edit = case.insert(lexed.code[first].start, "pub ");
            all.push(Candidate::new(MistakeId::NotAccessible, SHOWN, vec![edit]).guess());
        }
        return;
    }
    let words = ["private", "protected"];
    let start = case.statement_start(declared);
    if let Some(word) = (start..declared).find(|at| words.contains(&lexed.word(*at)))
        && !lexed.is(word + 1, ":")
    {
        // Where the class gives it out by another member, it is hidden on purpose.
        let given = case.text.names.declared.iter().any(|one| {
            one.token != declared
                && lexed.word(one.token) != lexed.word(declared)
                && lexed.word(one.token).eq_ignore_ascii_case(lexed.word(declared))
                && case.text.pairs.block_of(lexed, one.token)
                    == case.text.pairs.block_of(lexed, declared)
        });
        let given = given || getter(case, declared).is_some();
        // Scala has no word for what all may see.
        let edit = match case.language().is_keyword("public") {
            true => case.replace_token(word, "public"),
            false => Edit::delete(case.file(), lexed.code[word].start, lexed.code[word + 1].start),
        };
        let score = SHOWN + ON_PURPOSE.when(given);
        all.push(Candidate::new(MistakeId::NotAccessible, score, vec![edit]).guess());
        return;
    }
    // C#: without a word, a member is hidden from other classes.
    let shown = (start..declared).any(|at| matches!(lexed.word(at), "public" | "internal"));
    let name = lexed.word(declared);
    let told = [format!(".{name}("), format!(".{name}'")];
    let told = told.iter().any(|text| case.message.text.contains(text));
    if case.language().is_keyword("internal") && !shown && told && kind != NameKind::Type {
        let first = behind_notes(case, start, declared);
        let edit = case.insert(lexed.code[first].start, "public ");
        all.push(Candidate::new(MistakeId::NotAccessible, SHOWN, vec![edit]).guess());
        return;
    }
    let label = case.language().member_label;
    let Some(open) = case.text.pairs.block_of(lexed, declared).filter(|_| !label.is_empty()) else {
        return;
    };
    let header = lexed.on_line(lexed.code[open].line).start.min(open)..open;
    if !header.clone().any(|at| lexed.is(at, "class")) {
        return;
    }
    let close = case.text.pairs.partner_of(open).unwrap_or(lexed.code.len());
    let labelled = (open..close).any(|at| {
        let shows = matches!(lexed.word(at), "public" | "private" | "protected");
        shows && lexed.is(at + 1, ":") && at < declared
    });
    // What a class that is built on this one uses is shown to such classes alone.
    let private = (open..declared).rev().find(|at| {
        matches!(lexed.word(*at), "public" | "private" | "protected") && lexed.is(at + 1, ":")
    });
    let name = header.clone().find(|at| lexed.is(*at, "class")).map_or("", |at| lexed.word(at + 1));
    let user = std::iter::successors(case.text.pairs.block_of(lexed, case.token), |open| {
        case.text.pairs.block_of(lexed, *open)
    });
    let built_on = user.into_iter().any(|block| {
        let head = case.statement_start(block)..block;
        block != open
            && head.clone().any(|at| lexed.is(at, ":"))
            && head.into_iter().any(|at| lexed.is(at, name))
    });
    if let Some(label) = private.filter(|at| lexed.is(*at, "private") && built_on) {
        let edit = case.replace_token(label, "protected");
        all.push(Candidate::new(MistakeId::NotAccessible, BUILT_ON, vec![edit]).guess());
        return;
    }
    if !labelled {
        let source = &lexed.source;
        let line = lexed.code[open].line;
        // Data that stands in front of the functions stays hidden, unless it is what is asked for.
        let of_class = |at: usize| case.text.pairs.block_of(lexed, at) == Some(open);
        let mut head = header.clone();
        let class = head.find(|at| lexed.is(*at, "class")).map_or("", |at| lexed.word(at + 1));
        let function = (open + 1..=declared).find(|at| {
            let makes = lexed.word(*at) == class && lexed.is(*at + 1, "(");
            let named = case
                .text
                .names
                .declared
                .iter()
                .any(|one| one.token == *at && one.kind == NameKind::Function);
            of_class(*at) && (makes || named)
        });
        let line = function.map_or(line, |function| lexed.code[function].line - 1).max(line);
        let margin = source.indent_text(lexed.code[open].line);
        // Classes that are built on this one see what is protected.
        // What makes one is called from elsewhere, too.
        let built_on = built_on && kind != NameKind::Function;
        let label = if built_on { "protected:" } else { label };
        let text = format!("{margin}{label}{}", source.line_end_text());
        let edit = Edit::insert(case.file(), source.line_start(line + 1), text);
        let why = if built_on { BUILT_ON } else { NOTHING_SHOWN };
        all.push(Candidate::new(MistakeId::NotAccessible, why, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_method_in_the_place_of_another_is_as_visible() {
        check_fix(
            &FAMILY,
            "java",
            "class Job {\n    int hours() { return 1; }\n}\nclass Paint extends Job {\n    private int <|>hours() { return 2; }\n}\n",
            "hours() in Paint cannot override hours() in Job attempting to assign weaker access privileges; was package",
            "class Job {\n    int hours() { return 1; }\n}\nclass Paint extends Job {\n    int hours() { return 2; }\n}\n",
        );
    }

    #[test]
    fn what_a_class_below_uses_is_protected() {
        check_fix(
            &FAMILY,
            "cpp",
            "class Part {\nprivate:\n    int stock;\npublic:\n    Part() : stock(2) {}\n};\nclass Rope : public Part {\npublic:\n    int all() { return <|>stock; }\n};\n",
            "'int Part::stock' is private within this context",
            "class Part {\nprotected:\n    int stock;\npublic:\n    Part() : stock(2) {}\n};\nclass Rope : public Part {\npublic:\n    int all() { return stock; }\n};\n",
        );
    }

    #[test]
    fn data_in_front_is_shown_to_classes_that_are_built_on_it() {
        check_fix(
            &FAMILY,
            "cpp",
            "class Part {\n    int stock;\npublic:\n    Part() : stock(2) {}\n};\nclass Rope : public Part {\npublic:\n    int all() { return <|>stock; }\n};\n",
            "'int Part::stock' is private within this context",
            "class Part {\nprotected:\n    int stock;\npublic:\n    Part() : stock(2) {}\n};\nclass Rope : public Part {\npublic:\n    int all() { return stock; }\n};\n",
        );
    }

    #[test]
    fn a_constructor_is_shown() {
        check_fix(
            &FAMILY,
            "cpp",
            "class Quay {\n    int boats;\n    Quay(int n) : boats(n) {}\n};\n\nint main() {\n    Quay <|>quay(3);\n}\n",
            "'Quay::Quay(int)' is private within this context",
            "class Quay {\n    int boats;\npublic:\n    Quay(int n) : boats(n) {}\n};\n\nint main() {\n    Quay quay(3);\n}\n",
        );
    }

    #[test]
    fn what_is_private_in_scala_loses_the_word() {
        check_fix(
            &FAMILY,
            "scala",
            "class Quay {\n  private var boats = 3\n}\nobject Port {\n  def go(quay: Quay): Int = quay.<|>boats\n}\n",
            "variable boats in class Quay cannot be accessed in Quay",
            "class Quay {\n  var boats = 3\n}\nobject Port {\n  def go(quay: Quay): Int = quay.boats\n}\n",
        );
    }

    #[test]
    fn a_private_method_is_shown() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    private int Boats() { return 3; }\n}\nclass Ferry {\n    int Go(Quay quay) { return quay.<|>Boats(); }\n}\n",
            "[CS0122] 'Quay.Boats()' is inaccessible due to its protection level",
            "class Quay {\n    public int Boats() { return 3; }\n}\nclass Ferry {\n    int Go(Quay quay) { return quay.Boats(); }\n}\n",
        );
    }

    #[test]
    fn what_a_module_of_rust_hides_is_shown() {
        let said = "[E0616] field `beam` of struct `Hull` is private";
        check_fix(
            &FAMILY,
            "rust",
            "mod yard {\n    pub struct Hull {\n        beam: f64,\n    }\n}\n\nfn go(hull: &yard::Hull) -> f64 {\n    hull.<|>beam\n}\n",
            said,
            "mod yard {\n    pub struct Hull {\n        pub beam: f64,\n    }\n}\n\nfn go(hull: &yard::Hull) -> f64 {\n    hull.beam\n}\n",
        );
        check_fix(
            &FAMILY,
            "rust",
            "mod yard {\n    pub fn build() {}\n    fn mend() {}\n}\n\nfn go() {\n    yard::<|>mend();\n}\n",
            "[E0603] function `mend` is private",
            "mod yard {\n    pub fn build() {}\n    pub fn mend() {}\n}\n\nfn go() {\n    yard::mend();\n}\n",
        );
    }

    #[test]
    fn a_private_field_is_shown() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    private int boats = 3;\n}\nclass Ferry {\n    int go(Quay quay) { return quay.<|>boats; }\n}\n",
            "boats has private access in Quay",
            "class Quay {\n    public int boats = 3;\n}\nclass Ferry {\n    int go(Quay quay) { return quay.boats; }\n}\n",
        );
    }

    #[test]
    fn data_in_front_of_the_functions_stays_hidden() {
        check_fix(
            &FAMILY,
            "cpp",
            "class Quay {\n    int seats;\n\n    Quay(int n) : seats(n) {}\n    int boats() { return 3; }\n};\n\nint go(Quay quay) {\n    return quay.<|>boats();\n}\n",
            "'int Quay::boats()' is private within this context",
            "class Quay {\n    int seats;\n\npublic:\n    Quay(int n) : seats(n) {}\n    int boats() { return 3; }\n};\n\nint go(Quay quay) {\n    return quay.boats();\n}\n",
        );
    }

    #[test]
    fn what_an_interface_asks_for_is_public() {
        check_fix(
            &FAMILY,
            "csharp",
            "interface IPaid {\n    int Pay(int h);\n}\nclass <|>Mate : IPaid {\n    int Pay(int h) { return h; }\n}\n",
            "[CS0737] `Mate' does not implement interface member `IPaid.Pay(int)' and the best implementing candidate `Mate.Pay(int)' is not public",
            "interface IPaid {\n    int Pay(int h);\n}\nclass Mate : IPaid {\n    public int Pay(int h) { return h; }\n}\n",
        );
    }

    #[test]
    fn java_asks_for_it_too() {
        check_fix(
            &FAMILY,
            "java",
            "interface Paid {\n    int pay(int h);\n}\nclass Mate implements Paid {\n    int <|>pay(int h) { return h; }\n}\n",
            "pay(int) in Mate cannot implement pay(int) in Paid attempting to assign weaker access privileges; was public",
            "interface Paid {\n    int pay(int h);\n}\nclass Mate implements Paid {\n    public int pay(int h) { return h; }\n}\n",
        );
    }

    #[test]
    fn the_word_stands_behind_what_is_noted() {
        let text = "interface Paid {\n    int pay(int h);\n}\nclass Mate implements Paid {\n    @Override\n    int <|>pay(int h) { return h; }\n}\n";
        let said = "pay(int) in Mate cannot implement pay(int) in Paid attempting to assign weaker access privileges; was public";
        check_fix(&FAMILY, "java", text, said, &text.replace("int <|>pay", "public int pay"));
    }

    #[test]
    fn a_method_that_gives_the_member_is_called() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    private int boats = 3;\n    public int getBoats() { return boats; }\n}\nclass Ferry {\n    int go(Quay quay) { return quay.<|>boats; }\n}\n",
            "boats has private access in Quay",
            "class Quay {\n    private int boats = 3;\n    public int getBoats() { return boats; }\n}\nclass Ferry {\n    int go(Quay quay) { return quay.getBoats(); }\n}\n",
        );
    }

    #[test]
    fn a_member_behind_a_label_gets_no_second_one() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "class Quay {\npublic:\n    int boats() { return 3; }\nprivate:\n    int seats;\n};\n\nint go(Quay quay) {\n    return quay.<|>seats;\n}\n",
            "'int Quay::seats' is private within this context",
        );
    }

    #[test]
    fn a_field_of_a_class_without_labels_is_shown_with_the_rest() {
        check_among(
            &FAMILY,
            "cpp",
            "class Quay {\n    int seats;\n};\n\nint go(Quay quay) {\n    return quay.<|>seats;\n}\n",
            "'int Quay::seats' is private within this context",
            "class Quay {\npublic:\n    int seats;\n};\n\nint go(Quay quay) {\n    return quay.seats;\n}\n",
        );
    }

    #[test]
    fn an_unknown_member_is_no_hidden_one() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    private int boats = 3;\n    int go() { return <|>seats; }\n}\n",
            "cannot find symbol",
        );
    }
}
