//! The head of a method that lacks a word: `static` where it is called without an object, `throws` where
//! nobody handles an exception.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::shape::{function_around, text_of};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, weight};
use erratum_catalogue::{MistakeId, Recipe};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// A method that is called without an object.
const CALLED_WITHOUT_OBJECT: Factor = weight("it is called without an object", 3.0);
/// One object of its class is at hand.
const AT_HAND: Factor = weight("an object of its class is at hand", 2.5);
/// A method that works with the fields of an object.
const OF_OBJECTS: Factor = weight("the method works with the fields of an object", 6.5);
/// What is named belongs to the class.
const NEEDS_NO_OBJECT: Factor = weight("what is named belongs to the class", 5.0);
/// An exception that nobody handles is declared.
const DECLARED_EXCEPTION: Factor = weight("the exception is declared", 2.0);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "header_words",
    recipes: &[Recipe::Static, Recipe::Throws],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "class Quay {\n    void go() {\n        <|>load();\n    }\n}\n",
        message: "unreported exception IOException; must be caught or declared to be thrown",
        after: "class Quay {\n    void go() throws IOException {\n        load();\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    if case.asks(Recipe::Static) {
        made_static(case, all);
    }
    if case.asks(Recipe::Throws) {
        throws(case, all);
    }
}

/// Java and C#: a method that is called without an object. `Ferry.Tide(int)` is named with its class.
fn made_static(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let plain = |name: &str| {
        let name = name.split('(').next().unwrap_or(name);
        name.rsplit('.').next().unwrap_or(name).to_owned()
    };
    let Some(name) = case.word("name").map(plain) else { return };
    if name == "this" {
        needs_no_object(case, all);
    }
    without_static(case, &name, all);
    for declared in case.text.names.of(&name) {
        if let Some((first, _)) = declared.typed {
            let edit = case.insert(lexed.code[first].start, "static ");
            all.push(Candidate::new(MistakeId::MissingStatic, CALLED_WITHOUT_OBJECT, vec![edit]));
        }
        of_an_object(case, declared.token, all);
    }
}

/// A method other than the one where the program starts works with what an object has: it is one of objects.
fn without_static(case: &Case, name: &str, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(function) = function_around(case, case.token) else { return };
    let start = case.statement_start(function.open);
    let word = (start..function.open).find(|at| lexed.is(*at, "static"));
    let starts = (start..function.open).any(|at| matches!(lexed.word(at), "main" | "Main"));
    let name = match name {
        "this" => lexed.word(case.token + 2),
        name => name,
    };
    let mut fields = case.text.names.of(name).filter(|one| one.kind == NameKind::Member);
    if let Some(word) = word.filter(|_| !starts)
        && fields.next().is_some()
    {
        let edit = Edit::delete(case.file(), lexed.code[word].start, lexed.code[word + 1].start);
        all.push(Candidate::new(MistakeId::MissingStatic, OF_OBJECTS, vec![edit]).guess());
    }
}

/// `this.pad(line)` where no object is at hand, and `pad` needs none.
fn needs_no_object(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let (word, name) = (case.token, case.token + 2);
    if !lexed.is(word, "this") || !lexed.is(word + 1, ".") {
        return;
    }
    let needs_none = case.text.names.of(lexed.word(name)).any(|declared| {
        let start = case.statement_start(declared.token);
        (start..declared.token).any(|at| lexed.is(at, "static"))
    });
    if needs_none {
        let (from, to) = (lexed.code[word].start, lexed.code[name].start);
        let edit = Edit::delete(case.file(), from, to);
        all.push(Candidate::new(MistakeId::ThisRules, NEEDS_NO_OBJECT, vec![edit]).guess());
    }
}

/// A method that is called without an object, where one of its class is at hand.
fn of_an_object(case: &Case, method: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let at = case.token;
    let bare = lexed.word(at) == lexed.word(method) && !matches!(lexed.before(at), "." | "new");
    let around = std::iter::successors(case.text.pairs.block_of(lexed, method), |open| {
        case.text.pairs.block_of(lexed, *open)
    });
    let class = around.into_iter().find_map(|open| {
        let header = lexed.on_line(lexed.code[open].line);
        let word = header.clone().find(|at| lexed.is(*at, "class"))?;
        Some(lexed.word(word + 1))
    });
    let Some(class) = class.filter(|_| bare) else { return };
    let mut at_hand = case.text.names.declared.iter().filter(|declared| {
        let typed = declared.typed.map(|typed| text_of(case, typed));
        let visible = (declared.scope.0..=declared.scope.1).contains(&at);
        let made = (declared.token..declared.token + 4)
            .any(|at| lexed.is(at, "new") && lexed.is(at + 1, class));
        declared.kind == NameKind::Value
            && visible
            && declared.token < at
            && (typed.as_deref() == Some(class) || made)
    });
    if let (Some(object), None) = (at_hand.next(), at_hand.next()) {
        let text = format!("{}.", lexed.word(object.token));
        let edit = case.insert(lexed.code[at].start, text);
        all.push(Candidate::new(MistakeId::MissingObject, AT_HAND, vec![edit]).guess());
    }
}

/// Java's exceptions of input and output that are `IOException`s, too.
const OF_INPUT: &[&str] = &[
    "FileNotFoundException",
    "EOFException",
    "MalformedURLException",
    "UnsupportedEncodingException",
    "UnknownHostException",
];

/// Java: an exception that must be declared.
fn throws(case: &Case, all: &mut Vec<Candidate>) {
    let Some(exception) = case.word("name").map(str::to_owned) else { return };
    // What is not brought in may be said with what it is one of.
    let known = |name: &str| case.text.names.seen.contains_key(name);
    let of_input = OF_INPUT.contains(&exception.as_str()) && !known(&exception);
    // Where another call of the file fails with the wider one, that holds both.
    let wider = case.all.iter().any(|other| other.text.contains("exception IOException;"));
    let exception = match of_input && (known("IOException") || wider) {
        true => "IOException".to_owned(),
        false => exception,
    };
    let Some(head) = head_around(case, case.token) else { return };
    let mut heads = vec![head];
    let mut next = 0;
    // What calls it fails with it, too.
    while next < heads.len() && heads.len() < CALLERS {
        for caller in callers(case, &heads[next]) {
            if heads.iter().all(|head| head.open != caller.open) {
                heads.push(caller);
            }
        }
        next += 1;
    }
    let edits = heads.iter().filter_map(|head| announced(case, head, &exception)).collect();
    all.push(Candidate::new(MistakeId::MissingThrows, DECLARED_EXCEPTION, edits));
}

/// How many methods are followed upwards.
const CALLERS: usize = 8;

/// A method or a constructor with a body.
struct Head {
    name: usize,
    /// The `)` of its parameters.
    close: usize,
    /// The `{` of its body.
    open: usize,
}

/// The method or the constructor around a token.
fn head_around(case: &Case, token: usize) -> Option<Head> {
    let lexed = case.lexed();
    blocks_around(case, token).find_map(|open| {
        // Behind the parameters, a header names what goes wrong.
        let named = |at: &usize| {
            lexed.kind(*at) == Some(TokenKind::Name)
                || matches!(lexed.word(*at), "," | "." | "throws")
        };
        let close = (0..open).rev().find(|at| !named(at)).filter(|at| lexed.is(*at, ")"))?;
        let name = case.text.pairs.partner_of(close)?.checked_sub(1)?;
        // A class without a name is made like a call.
        let method =
            lexed.kind(name) == Some(TokenKind::Name) && !matches!(lexed.before(name), "new" | ".");
        method.then_some(Head { name, close, open })
    })
}

/// The blocks around a token, the innermost first.
fn blocks_around<'a>(case: &'a Case, token: usize) -> impl Iterator<Item = usize> + 'a {
    let lexed = case.lexed();
    let block = move |at: usize| case.text.pairs.block_of(lexed, at);
    std::iter::successors(block(token), move |open| block(*open))
}

/// What announces an exception in the head of a method; nothing where it stands there.
fn announced(case: &Case, head: &Head, exception: &str) -> Option<Edit> {
    let lexed = case.lexed();
    if !lexed.is(head.close + 1, "throws") {
        return Some(case.insert(lexed.code[head.close].end, format!(" throws {exception}")));
    }
    let there = (head.close + 2..head.open)
        .any(|at| lexed.is(at, exception) || matches!(lexed.word(at), "Exception" | "Throwable"));
    (!there).then(|| case.insert(case.end_before(head.open), format!(", {exception}")))
}

/// The methods that call a method, or make an object with a constructor, outside of any `try`.
fn callers(case: &Case, called: &Head) -> Vec<Head> {
    let lexed = case.lexed();
    let seen = case.text.names.seen.get(lexed.word(called.name)).map_or(&[][..], Vec::as_slice);
    let tried = |at: usize| {
        blocks_around(case, at).any(|open| {
            let brackets = open.checked_sub(1).and_then(|at| case.text.pairs.partner_of(at));
            lexed.before(open) == "try" || brackets.is_some_and(|open| lexed.before(open) == "try")
        })
    };
    let calls = seen.iter().copied().filter(|at| *at != called.name && lexed.is(at + 1, "("));
    calls.filter(|at| !tried(*at)).filter_map(|at| head_around(case, at)).collect()
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::{check_among, check_fix, check_no_fix};

    #[test]
    fn a_method_of_objects_is_not_static() {
        check_among(
            &FAMILY,
            "java",
            "class Quay {\n    private int seats;\n    static void tell() {\n        show(<|>seats);\n    }\n}\n",
            "non-static variable seats cannot be referenced from a static context",
            "class Quay {\n    private int seats;\n    void tell() {\n        show(seats);\n    }\n}\n",
        );
    }

    #[test]
    fn what_belongs_to_the_class_is_named_alone() {
        let text = "class Quay {\n    static int rise() { return 3; }\n    static int go() { return <|>this.rise(); }\n}\n";
        let said = "non-static variable this cannot be referenced from a static context";
        check_fix(&FAMILY, "java", text, said, &text.replace("<|>this.", ""));
    }

    #[test]
    fn an_object_that_is_at_hand_may_be_meant() {
        check_among(
            &FAMILY,
            "java",
            "class Lock {\n    int room(int limit) {\n        return limit;\n    }\n    static void go() {\n        Lock lock = new Lock();\n        int left = <|>room(3);\n    }\n}\n",
            "non-static method room(int) cannot be referenced from a static context",
            "class Lock {\n    int room(int limit) {\n        return limit;\n    }\n    static void go() {\n        Lock lock = new Lock();\n        int left = lock.room(3);\n    }\n}\n",
        );
    }

    #[test]
    fn what_calls_a_method_fails_with_it() {
        let text = "class Quay {\n    Quay(String path) {\n        <|>read(path);\n    }\n    static void go() {\n        try {\n            new Quay(\"south\");\n        } catch (Exception problem) {\n        }\n    }\n    static void main() {\n        new Quay(\"north\");\n    }\n}\n";
        let after = text.replace("<|>", "").replace("path) {", "path) throws IOException {");
        let after = after.replace("main() {", "main() throws IOException {");
        let said = "unreported exception IOException; must be caught or declared to be thrown";
        check_fix(&FAMILY, "java", text, said, &after);
    }

    #[test]
    fn an_exception_is_declared() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go() {\n        <|>load();\n    }\n}\n",
            "unreported exception IOException; must be caught or declared to be thrown",
            "class Quay {\n    void go() throws IOException {\n        load();\n    }\n}\n",
        );
    }

    #[test]
    fn a_further_exception_is_declared_beside_the_first() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go() throws IOException {\n        <|>wait();\n    }\n}\n",
            "unreported exception InterruptedException; must be caught or declared to be thrown",
            "class Quay {\n    void go() throws IOException, InterruptedException {\n        wait();\n    }\n}\n",
        );
    }

    #[test]
    fn a_method_that_main_calls_is_static() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int rise(int tide) {\n        return tide;\n    }\n    public static void main(String[] words) {\n        <|>rise(3);\n    }\n}\n",
            "non-static method rise(int) cannot be referenced from a static context",
            "class Quay {\n    static int rise(int tide) {\n        return tide;\n    }\n    public static void main(String[] words) {\n        rise(3);\n    }\n}\n",
        );
    }

    #[test]
    fn a_field_that_main_reads_is_static() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int seats = 40;\n    public static void main(String[] words) {\n        int now = <|>seats;\n    }\n}\n",
            "non-static variable seats cannot be referenced from a static context",
            "class Quay {\n    static int seats = 40;\n    public static void main(String[] words) {\n        int now = seats;\n    }\n}\n",
        );
    }

    #[test]
    fn a_method_named_with_its_class_is_found() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    int Rise(int tide) {\n        return tide;\n    }\n    static void Main() {\n        <|>Rise(3);\n    }\n}\n",
            "[CS0120] An object reference is required to access non-static member 'Quay.Rise(int)'",
            "class Quay {\n    static int Rise(int tide) {\n        return tide;\n    }\n    static void Main() {\n        Rise(3);\n    }\n}\n",
        );
    }

    #[test]
    fn a_method_of_elsewhere_gets_no_word() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    public static void main(String[] words) {\n        <|>rise(3);\n    }\n}\n",
            "non-static method rise(int) cannot be referenced from a static context",
        );
    }
}
