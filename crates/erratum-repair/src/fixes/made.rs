//! An object made with `new`, where the language has no such word: `new Queue()` is `&Queue{}` in Go
//! and `Queue::new()` in Rust. Where it has, an object and an array have brackets of their own.

use super::family::{Example, Family, Phases};
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// The word makes objects in other languages.
const NO_SUCH_WORD: Factor = evidence("the language makes no objects with this word", 6.0);

/// An array of plain values has square brackets.
const ARRAY: Factor = evidence("an array is made with square brackets", 6.0);
/// An object of a class is made with a word.
const OBJECT_MADE: Factor = evidence("an object of a class is made with `new`", 7.0);
/// An array is made with a word.
const ARRAY_MADE: Factor = evidence("an array is made with `new`", 7.0);
/// A pointer to an object is wanted.
const POINTED_TO: Factor = evidence("a pointer to an object of that class is wanted", 6.5);
/// The object itself is declared, and no pointer to one.
const OBJECT_ITSELF: Factor = evidence("no pointer is declared", 6.5);
/// An object is made by a call.
const OBJECT: Factor = evidence("an object is made by a call", 6.0);

pub(super) static FAMILY: Family = Family {
    id: "made",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\ntype queue struct{ n int }\n\nfunc start() *queue {\n\tq := new <|>queue()\n\treturn q\n}\n",
        message: "syntax error: unexpected queue at end of statement",
        after: "package quay\n\ntype queue struct{ n int }\n\nfunc start() *queue {\n\tq := &queue{}\n\treturn q\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    pointed_to(case, all);
    needless_word(case, all);
    if case.language().new_object == "new " {
        lost_word(case, all);
        if case.phase <= Phase::Syntax {
            brackets(case, all);
            array(case, all);
        }
    }
    if case.phase > Phase::Syntax {
        return;
    }
    allocated(case, all);
    let [before, behind] = case.language().made_by;
    if behind.is_empty() {
        return;
    }
    for at in lexed.on_line(lexed.code[case.token].line) {
        let (class, open) = (at + 1, at + 2);
        if !lexed.is(at, "new")
            || lexed.kind(class) != Some(TokenKind::Name)
            || !lexed.is(open, "(")
        {
            continue;
        }
        let Some(close) = case.text.pairs.partner_of(open) else { continue };
        let mut edits =
            vec![Edit::replace(case.file(), lexed.code[at].start, lexed.code[class].start, before)];
        if behind.ends_with('(') {
            let open = lexed.code[open];
            edits.push(Edit::replace(case.file(), open.start, open.end, behind));
        } else if close == open + 1 {
            let (open, close) = (lexed.code[open], lexed.code[close]);
            edits.push(Edit::replace(case.file(), open.start, close.end, behind));
        } else {
            continue;
        }
        all.push(Candidate::new(MistakeId::ForeignWord, NO_SUCH_WORD, edits));
    }
}

/// C++: `Boat skua = new Boat("skua");` where the object itself is declared (seen with gcc 12).
fn needless_word(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // A constructor with one value is asked first whether it takes the pointer.
    let said = &case.message.text;
    let pointer = said.starts_with("invalid conversion from ") && said.contains("*");
    if !said.contains("to non-scalar type") && !pointer {
        return;
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    for at in line.filter(|at| lexed.is(*at, "new") && lexed.before(*at) == "=") {
        let class = lexed.word(at + 1);
        let declared = at.checked_sub(3).is_some_and(|typed| lexed.word(typed) == class);
        let edits = match lexed.word(at + 2) {
            "(" | "{" => vec![case.delete_token(at)],
            ";" => vec![case.delete_token(at), case.insert(lexed.code[at + 1].end, "()")],
            _ => continue,
        };
        if declared {
            all.push(Candidate::new(MistakeId::ForeignWord, OBJECT_ITSELF, edits).guess());
        }
    }
}

/// C: `new struct Berth`, where memory is asked for by size.
fn allocated(case: &Case, all: &mut Vec<Candidate>) {
    let (lexed, language) = (case.lexed(), case.language());
    if !language.directives || language.is_keyword("new") {
        return;
    }
    for at in lexed.on_line(lexed.code[case.token].line) {
        let tag = usize::from(lexed.is(at + 1, "struct"));
        let last = at + 1 + tag;
        let typed = lexed.kind(last) == Some(TokenKind::Name) || language.is_type(lexed.word(last));
        if !lexed.is(at, "new") || lexed.before(at) != "=" || !typed {
            continue;
        }
        let called = lexed.is(last + 1, "(") && lexed.is(last + 2, ")");
        let end = if called { last + 2 } else { last };
        if lexed.is(end + 1, ";") {
            let typed = lexed.source.slice(lexed.code[at + 1].start, lexed.code[last].end);
            let text = format!("malloc(sizeof({typed}))");
            let edit = Edit::replace(case.file(), lexed.code[at].start, lexed.code[end].end, text);
            all.push(Candidate::new(MistakeId::ForeignWord, NO_SUCH_WORD, vec![edit]).guess());
        }
    }
}

/// `throw Lost("tide")`: a class is no function.
fn lost_word(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = &case.message.text;
    // What is said of a class that is called (seen with tsc 5.9, javac 17, mcs 6.8).
    let told = said.contains("Did you mean to include 'new'?")
        || said.contains("is not callable") && said.contains("Constructor'");
    let asked = told
        || said == "cannot find symbol"
        || said.starts_with("not found: value ")
        || said.contains("is a 'type' but a 'variable' was expected")
        || said.contains("non-invocable member");
    // Of a type with arguments mcs 6.8 says only that it is none of what may stand there.
    let denoted = said.starts_with("Expression denotes a 'type'");
    let told = told || denoted;
    let asked = asked || told;
    let near = [case.token, case.token.saturating_sub(1), case.token.saturating_sub(2)];
    let class = near.into_iter().find(|at| {
        lexed.kind(*at) == Some(TokenKind::Name)
            && (lexed.is(at + 1, "(") || told && lexed.is(at + 1, "<"))
            && !matches!(lexed.before(*at), "new" | "." | "class" | "@")
            && !(denoted && lexed.before(*at) == "throw")
    });
    let Some(class) = class.filter(|_| asked) else { return };
    let name = lexed.word(class);
    let mut declared = case.text.names.of(name).peekable();
    let own = declared.peek().is_some()
        && declared.all(|one| one.kind == NameKind::Type || lexed.before(one.token) == "new");
    // An exception is named so everywhere.
    let library = name.ends_with("Exception")
        || case
            .language()
            .prelude
            .iter()
            .any(|(kind, names)| *kind == NameKind::Type && names.contains(&name));
    if told || own || library {
        let edit = case.insert(lexed.code[class].start, "new ");
        all.push(Candidate::new(MistakeId::MissingWord, OBJECT_MADE, vec![edit]));
    }
}

/// `int[] fares = int[3];`: an array is made with the word, too.
fn array(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    for class in lexed.on_line(lexed.code[case.token].line).skip(1) {
        // `= HashMap<>();`
        let generic = lexed.word(class).starts_with(char::is_uppercase)
            && lexed.kind(class) == Some(TokenKind::Name)
            && matches!(lexed.before(class), "=" | "return" | "(" | ",")
            && lexed.is(class + 1, "<");
        let angle = (class + 2..class + 8).find(|at| lexed.is(*at, ">"));
        if generic && angle.is_some_and(|angle| lexed.is(angle + 1, "(")) {
            let edit = case.insert(lexed.code[class].start, "new ");
            all.push(Candidate::new(MistakeId::MissingWord, OBJECT_MADE, vec![edit]));
        }
        let typed = case.language().types.contains(&lexed.word(class));
        if typed
            && matches!(lexed.before(class), "=" | "return" | "(" | ",")
            && lexed.is(class + 1, "[")
            && !lexed.is(class + 2, "]")
            && case.text.pairs.partner_of(class + 1).is_some_and(|close| !lexed.is(close + 1, "."))
        {
            let edit = case.insert(lexed.code[class].start, "new ");
            all.push(Candidate::new(MistakeId::MissingWord, ARRAY_MADE, vec![edit]));
        }
    }
}

/// C++: `Rope *spare = Rope();`, which makes an object and no pointer to one (seen with g++ 12 and
/// clang 14).
fn pointed_to(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let said = case.message.text.replace(['‘', '’', '`'], "'").replace(" *'", "*'");
    let meets = |kind: &str| {
        said.contains(&format!("cannot convert '{kind}' to '{kind}*'"))
            || said.contains(&format!("conversion from '{kind}' to '{kind}*'"))
            || said.contains(&format!("of type '{kind}*' with an rvalue of type '{kind}'"))
    };
    for class in lexed.on_line(lexed.code[case.token].line) {
        if lexed.kind(class) == Some(TokenKind::Name)
            && lexed.is(class + 1, "(")
            && matches!(lexed.before(class), "=" | "return" | "(" | ",")
            && meets(lexed.word(class))
        {
            let edit = case.insert(lexed.code[class].start, "new ");
            // The pointer may be what was not meant.
            all.push(Candidate::new(MistakeId::MissingWord, POINTED_TO, vec![edit]).guess());
        }
    }
}

/// `new int(3)` makes an array, `new Queue` an object: each with its own brackets.
fn brackets(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    for at in lexed.on_line(lexed.code[case.token].line).filter(|at| lexed.is(*at, "new")) {
        let (class, open) = (at + 1, at + 2);
        let plain = case.language().is_type(lexed.word(class))
            && lexed.word(class).starts_with(|letter: char| letter.is_lowercase());
        let close = case.text.pairs.partner_of(open);
        if plain
            && lexed.is(open, "(")
            && let Some(close) = close.filter(|close| *close > open + 1)
        {
            let edits = vec![case.replace_token(open, "["), case.replace_token(close, "]")];
            all.push(Candidate::new(MistakeId::WrongMark, ARRAY, edits));
        } else if !plain
            && lexed.kind(class) == Some(TokenKind::Name)
            && matches!(lexed.word(open), ";" | ")" | ",")
        {
            let edit = case.insert(lexed.code[class].end, "()");
            all.push(Candidate::new(MistakeId::MissingMark, OBJECT, vec![edit]));
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn an_object_that_is_declared_needs_no_word() {
        for (before, said) in [
            ("Pier pier = <|>new Pier(120)", "invalid conversion from 'Pier*' to 'int'"),
            (
                "Pier pier = <|>new Pier",
                "conversion from 'Pier*' to non-scalar type 'Pier' requested",
            ),
        ] {
            let text = |line: &str| format!("int main() {{\n    {line};\n}}\n");
            let after = before.replace("<|>new ", "");
            let after = if after.ends_with(')') { after } else { after + "()" };
            check_fix(&FAMILY, "cpp", &text(before), said, &text(&after));
        }
    }

    #[test]
    fn an_object_of_a_type_with_others_is_made_so_too() {
        let text = "class Quay {\n    Map<String, Integer> fares = HashMap<>(<|>);\n}\n";
        let after = text.replace("HashMap<>(<|>)", "new HashMap<>()");
        check_fix(&FAMILY, "java", text, "illegal start of expression", &after);
    }

    #[test]
    fn c_asks_for_memory_by_size() {
        let text = "struct quay { int n; };\n\nvoid go(void) {\n    struct quay *q = new <|>struct quay();\n}\n";
        let after = text.replace("new <|>struct quay()", "malloc(sizeof(struct quay))");
        check_fix(&FAMILY, "c", text, "expected ',' or ';' before 'struct'", &after);
    }

    #[test]
    fn an_array_is_made_with_the_word() {
        let text = "class Quay {\n    double[] fares = double[<|>3];\n}\n";
        check_fix(
            &FAMILY,
            "java",
            text,
            "']' expected",
            &text.replace("double[<|>3]", "new double[3]"),
        );
    }

    #[test]
    fn rust_names_a_function_of_the_type() {
        check_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    let q = new <|>Queue(3);\n}\n",
            "expected one of `!`, `.`, `::`, `;`, `?`, `{`, `}`, or an operator, found `Queue`",
            "fn main() {\n    let q = Queue::new(3);\n}\n",
        );
    }

    #[test]
    fn an_object_is_made_with_its_word() {
        check_fix(
            &FAMILY,
            "typescript",
            "class Punt {\n  constructor(public name: string) {}\n}\nconst all = [<|>Punt(\"Reed\")];\n",
            "[TS2348] Value of type 'typeof Punt' is not callable. Did you mean to include 'new'?",
            "class Punt {\n  constructor(public name: string) {}\n}\nconst all = [new Punt(\"Reed\")];\n",
        );
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go() {\n        throw <|>IllegalArgumentException(\"tide\");\n    }\n}\n",
            "cannot find symbol",
            "class Quay {\n    void go() {\n        throw new IllegalArgumentException(\"tide\");\n    }\n}\n",
        );
    }

    #[test]
    fn an_unknown_function_makes_no_object() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go() {\n        <|>Rise(3);\n    }\n}\n",
            "cannot find symbol",
        );
    }

    #[test]
    fn an_array_has_square_brackets() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int[] all = new int(<|>3);\n}\n",
            "'[' expected",
            "class Quay {\n    int[] all = new int[3];\n}\n",
        );
    }

    #[test]
    fn an_object_is_made_by_a_call() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    StringBuilder all = new StringBuilder<|>;\n}\n",
            "'(' or '[' expected",
            "class Quay {\n    StringBuilder all = new StringBuilder();\n}\n",
        );
    }

    #[test]
    fn an_argument_makes_a_new_object_too() {
        check_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc start() {\n\tuse(new <|>queue())\n}\n",
            "syntax error: unexpected queue in argument list; possibly missing comma or )",
            "package quay\n\nfunc start() {\n\tuse(&queue{})\n}\n",
        );
    }

    #[test]
    fn which_fields_get_the_values_is_not_told() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc start() {\n\tq := new <|>queue(3)\n}\n",
            "syntax error: unexpected queue at end of statement",
        );
    }

    #[test]
    fn the_function_of_that_name_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc start() {\n\tq := new(queue)<|>)\n}\n",
            "syntax error: unexpected ) at end of statement",
        );
    }

    #[test]
    fn where_the_word_makes_objects_nothing_is_wrong() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    Quay next() {\n        return new <|>Quay();\n    }\n}\n",
            "';' expected",
        );
    }

    #[test]
    fn a_word_of_the_language_is_no_class() {
        check_no_fix(
            &FAMILY,
            "rust",
            "fn main() {\n    let q = new <|>struct(3);\n}\n",
            "expected one of `!`, `.`, `::`, `;`, `?`, `{`, `}`, or an operator, found `struct`",
        );
    }

    #[test]
    fn a_pointer_is_given_an_object_of_its_own() {
        check_fix(
            &FAMILY,
            "cpp",
            "struct Rope {};\n\nint main() {\n    Rope *spare = <|>Rope();\n}\n",
            "cannot convert 'Rope' to 'Rope*' in initialization",
            "struct Rope {};\n\nint main() {\n    Rope *spare = new Rope();\n}\n",
        );
    }
}
