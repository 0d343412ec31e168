//! A function that is named where its result is wanted: `depths.size` for `depths.size()`.

use super::family::{Example, Family, Phases};
use super::shape::{routine_around, routine_name};
use super::{Candidate, Case};
use crate::score::{Factor, evidence, weight};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// The message says that a function stands there.
const TOLD: Factor = evidence("the message says that a function stands there", 4.0);
/// The text declares the name as a function.
const DECLARED: Factor = weight("the name is declared as a function", 1.5);
/// A function that wants values is not called without any.
const WANTS_VALUES: Factor = weight("the function wants values", -4.0);
/// A member of the library that is no value.
const OF_LIBRARY: Factor = weight("a member of the library that is no value", 1.5);
/// A value in square brackets stands behind the function.
const IN_BRACKETS: Factor = weight("a value in square brackets stands behind it", 2.0);
/// A value stands behind the function.
const BEHIND: Factor = weight("a value stands behind it", 2.0);
/// The message points elsewhere.
const ELSEWHERE: Factor = weight("the message points elsewhere", -1.0);

/// What compilers say of a function that is no value (seen with gcc 12, tsc 5.9, go 1.19, mcs 6.8,
/// scalac 2.11).
const SAID: &[&str] = &[
    "invalid use of member function",
    "invalid use of non-static member function",
    ")() const' to type",
    ")()' to type",
    "<unresolved overloaded function type>",
    ") => ",
    "value of type func(",
    "variable of type func(",
    "(type func(",
    "mismatched types func(",
    "and func(",
    "method group",
    "missing argument list for method",
    // mcs 6.8, of `all.OrderBy(v => v.Speed)`.
    "The type arguments for method",
    // gcc 12; g++ 12 names the function.
    "statement with no effect",
    "reference, not call, to function",
    // javac 17, of `names.size`.
    "size has private access in ",
    // gcc 12, clang 14: what stands in the brackets may be what it is called with.
    "subscripted value is ",
];

pub(super) static FAMILY: Family = Family {
    id: "uncalled",
    recipes: &[],
    phases: Phases::Late,
    within_text: true,
    propose,
    example: Example {
        language: "go",
        before: "package quay\n\ntype berth struct{ n int }\n\nfunc (b berth) Depth() int {\n\treturn b.n\n}\n\nfunc sum(b berth) int {\n\treturn <|>b.Depth\n}\n",
        message: "cannot use b.Depth (value of type func() int) as int value in return statement",
        after: "package quay\n\ntype berth struct{ n int }\n\nfunc (b berth) Depth() int {\n\treturn b.n\n}\n\nfunc sum(b berth) int {\n\treturn b.Depth()\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // javac 17 looks for a variable where a member is not called.
    let variable =
        case.message.notes.iter().any(|note| note.text.starts_with("symbol:   variable"));
    // Where functions and values have names of their own, a function is unknown as a value.
    let unknown = |at: usize| {
        // A plain value of that name is no member.
        let member = matches!(lexed.before(at), "." | "->");
        let declared = case.text.names.of(lexed.word(at));
        let mut declared =
            declared.filter(|declared| !member || declared.kind != NameKind::Value).peekable();
        case.phase == Phase::Name
            && case.message.text.starts_with("cannot find symbol")
            && declared.peek().is_some()
            // Another type may have a field of that name: this one has none.
            && match member && variable {
                true => declared.any(|declared| declared.kind == NameKind::Function),
                false => declared.all(|declared| declared.kind == NameKind::Function),
            }
    };
    let library = case.message.text.starts_with("cannot find symbol") && variable;
    if library {
        member_of_library(case, all);
    }
    // Of several messages about one line, another may tell.
    let line = case.message.line();
    let told = case.all.iter().filter(|other| other.is_error() && other.line() == line);
    let told = told.chain([case.message]);
    let told = told.into_iter().any(|m| SAID.iter().any(|said| m.text.contains(said)));
    let here = case.token..case.token + 2;
    if !told && !here.clone().any(unknown) {
        return;
    }
    // A member is looked for in what stands before its dot.
    let pointed = match lexed.is(case.token.wrapping_sub(1), ".") {
        true => case.token.saturating_sub(2),
        false => case.token,
    };
    for at in lexed.on_line(lexed.code[case.token].line) {
        let member = matches!(lexed.before(at), "." | "->");
        let header =
            matches!(lexed.word(case.statement_start(at)), "if" | "for" | "while" | "switch");
        let called = matches!(lexed.word(at + 1), "(" | "=>" | "=" | ":=")
            || lexed.is(at + 1, "{") && !header;
        // What is declared as a value is no function.
        let value = !member
            && case.text.names.resolve(lexed, at).is_some_and(|d| d.kind == NameKind::Value);
        let declared = case.text.names.of(lexed.word(at)).find(|d| d.kind == NameKind::Function);
        let typed = !member
            && declared.is_none()
            && case.text.names.of(lexed.word(at)).any(|one| one.kind == NameKind::Type);
        if lexed.kind(at) != Some(TokenKind::Name)
            || called
            || typed
            || value
            || declared.is_some_and(|declared| declared.token == at)
            || !(declared.is_some() || member || at == pointed)
            || !(told || here.contains(&at) && unknown(at))
        {
            continue;
        }
        // In a function, its own name was hardly to be called: it would never end.
        let around = routine_around(case, at).and_then(|around| routine_name(case, &around));
        if !member && around.is_some_and(|name| lexed.word(name) == lexed.word(at)) {
            continue;
        }
        let wants = declared.is_some_and(|declared| {
            let open = declared.token + 1;
            lexed.is(open, "(") && !lexed.is(open + 1, ")") && !lexed.is(open + 1, "void")
        });
        // What takes values is handed on as it is.
        if wants && !member && case.message.text.contains("<unresolved overloaded") {
            continue;
        }
        let here = at == pointed || at == case.token || case.range.1 >= lexed.code[at].end;
        let score = TOLD
            + DECLARED.when(declared.is_some())
            + WANTS_VALUES.when(wants)
            + ELSEWHERE.when(!here);
        // Scala: `Map[String, Int]`: the brackets come behind the types.
        let types = case.text.pairs.partner_of(at + 1).filter(|close| {
            let typed = |at: usize| {
                lexed.word(at).starts_with(char::is_uppercase)
                    || matches!(lexed.word(at), "[" | "]" | "," | ".")
            };
            let told = case.message.text.starts_with("missing argument list");
            told && lexed.is(at + 1, "[") && (at + 2..*close).all(typed)
        });
        let behind = types.unwrap_or(at);
        let edit = case.insert(lexed.code[behind].end, "()");
        let candidate = Candidate::new(MistakeId::Uncalled, score.clone(), vec![edit]);
        // No data holds yet that these messages tell of a call.
        let said = &case.message.text;
        let new = ["statement with no effect", "not call, to function", "The type arguments for"];
        all.push(match new.iter().any(|new| said.contains(new)) {
            true => candidate.guess(),
            false => candidate,
        });
        if types.is_some() {
            continue;
        }
        // So is what stands behind it in none.
        let value = at + 1;
        let plain =
            matches!(lexed.kind(value), Some(TokenKind::Name | TokenKind::Number | TokenKind::Str));
        if plain && !lexed.code[value].first && !lexed.is(value + 1, "(") {
            let edits = vec![
                Edit::replace(case.file(), lexed.code[at].end, lexed.code[value].start, "("),
                case.insert(lexed.code[value].end, ")"),
            ];
            let score = score.clone() + BEHIND - WANTS_VALUES.when(wants);
            all.push(Candidate::new(MistakeId::MissingBracket, score, edits));
        }
        // What stands in the wrong brackets is what the function is called with.
        let close = case.text.pairs.partner_of(at + 1);
        if lexed.is(at + 1, "[")
            && let Some(close) = close.filter(|close| *close > at + 2)
        {
            let edits = vec![case.replace_token(at + 1, "("), case.replace_token(close, ")")];
            let score = score + IN_BRACKETS - WANTS_VALUES.when(wants);
            all.push(Candidate::new(MistakeId::MismatchedBracket, score, edits));
        }
    }
}

/// `Collectors.toList`: a member of the library that is no value may be a function.
fn member_of_library(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let near = case.token..(case.token + 2).min(lexed.code.len());
    let member = near.into_iter().find(|at| {
        lexed.kind(*at) == Some(TokenKind::Name)
            && lexed.before(*at) == "."
            && !matches!(lexed.word(at + 1), "(" | "." | "=")
    });
    let Some(at) = member else { return };
    let close = case.text.pairs.partner_of(at + 1).filter(|_| lexed.is(at + 1, "["));
    if let Some(close) = close {
        let edits = vec![case.replace_token(at + 1, "("), case.replace_token(close, ")")];
        let score = OF_LIBRARY + IN_BRACKETS;
        all.push(Candidate::new(MistakeId::MismatchedBracket, score, edits).guess());
        return;
    }
    if case.text.names.of(lexed.word(at)).next().is_none() {
        let edit = case.insert(lexed.code[at].end, "()");
        all.push(Candidate::new(MistakeId::Uncalled, OF_LIBRARY, vec![edit]).guess());
    }
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_among, check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn a_value_of_the_same_name_is_no_member() {
        check_fix(
            &FAMILY,
            "java",
            "class Gauge {\n    double mean() { return 3; }\n    static void go(Gauge gauge) {\n        double mean = gauge.<|>mean;\n    }\n}\n",
            "cannot find symbol",
            "class Gauge {\n    double mean() { return 3; }\n    static void go(Gauge gauge) {\n        double mean = gauge.mean();\n    }\n}\n",
        );
    }

    #[test]
    fn a_value_behind_a_method_is_what_it_is_called_with() {
        check_fix(
            &FAMILY,
            "scala",
            "class Hold {\n  def load(n: Int): Boolean = n < 3\n}\nobject Quay {\n  def go(hold: Hold, n: Int): Boolean = {\n    !hold.<|>load n\n  }\n}\n",
            "missing argument list for method load in class Hold",
            "class Hold {\n  def load(n: Int): Boolean = n < 3\n}\nobject Quay {\n  def go(hold: Hold, n: Int): Boolean = {\n    !hold.load(n)\n  }\n}\n",
        );
    }

    #[test]
    fn a_function_is_called_in_round_brackets() {
        check_fix(
            &FAMILY,
            "typescript",
            "const low = 3.5;\nconsole.log(low.<|>toFixed[1]);\n",
            "Element implicitly has an 'any' type because expression of type '1' can't be used to index type '(fractionDigits?: number | undefined) => string'.",
            "const low = 3.5;\nconsole.log(low.toFixed(1));\n",
        );
    }

    #[test]
    fn values_in_the_brackets_of_a_list_are_what_a_function_is_called_with() {
        check_fix(
            &FAMILY,
            "c",
            "int berths(int from, int to);\nint main(void) {\n    return berths<|>[2, 5];\n}\n",
            "subscripted value is neither array nor pointer nor vector",
            "int berths(int from, int to);\nint main(void) {\n    return berths(2, 5);\n}\n",
        );
    }

    #[test]
    fn a_library_type_is_called_behind_what_it_holds() {
        check_among(
            &FAMILY,
            "scala",
            "import scala.collection.mutable\nclass Quay {\n  val fees = mutable.<|>Map[String, Int]\n}\n",
            "missing argument list for method apply in class GenMapFactory",
            "import scala.collection.mutable\nclass Quay {\n  val fees = mutable.Map[String, Int]()\n}\n",
        );
    }

    #[test]
    fn a_method_of_a_class_is_called() {
        check_fix(
            &FAMILY,
            "cpp",
            "struct Beacon {\n    int range() const { return 3; }\n};\nint far(Beacon one) {\n    int best = 0;\n    best = <|>one.range;\n    return best;\n}\n",
            "cannot convert 'Beacon::range' from type 'int (Beacon::)() const' to type 'int'",
            "struct Beacon {\n    int range() const { return 3; }\n};\nint far(Beacon one) {\n    int best = 0;\n    best = one.range();\n    return best;\n}\n",
        );
    }

    #[test]
    fn a_function_by_itself_does_nothing() {
        check_fix(
            &FAMILY,
            "c",
            "void report(void) {}\nint main(void) {\n    <|>report;\n}\n",
            "statement with no effect",
            "void report(void) {}\nint main(void) {\n    report();\n}\n",
        );
        check_no_fix(
            &FAMILY,
            "c",
            "int main(void) {\n    int tide = 3;\n    <|>tide;\n}\n",
            "statement with no effect",
        );
    }

    #[test]
    fn what_stands_before_the_dot_is_called() {
        check_fix(
            &FAMILY,
            "typescript",
            "const minute = 5;\nconst text = minute.toString.<|>padStart(2, \"0\");\n",
            "[TS2339] Property 'padStart' does not exist on type '(radix?: number) => string'.",
            "const minute = 5;\nconst text = minute.toString().padStart(2, \"0\");\n",
        );
    }

    #[test]
    fn a_method_in_a_condition_is_called() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Locker {\n    bool IsFree() { return true; }\n    void Go(Locker one) {\n        if (<|>one.IsFree) { }\n    }\n}\n",
            "[CS0428] Cannot convert method group 'IsFree' to non-delegate type 'bool'. Did you intend to invoke the method?",
            "class Locker {\n    bool IsFree() { return true; }\n    void Go(Locker one) {\n        if (one.IsFree()) { }\n    }\n}\n",
        );
    }

    #[test]
    fn java_knows_no_value_of_that_name() {
        check_fix(
            &FAMILY,
            "java",
            "class Pier {\n    String first() { return \"a\"; }\n    static void go(Pier pier) {\n        call(pier<|>.first);\n    }\n}\n",
            "cannot find symbol",
            "class Pier {\n    String first() { return \"a\"; }\n    static void go(Pier pier) {\n        call(pier.first());\n    }\n}\n",
        );
    }

    #[test]
    fn a_function_that_is_handed_on_with_its_values_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "typescript",
            "function deep(n: number) { return n; }\nconst low: number = <|>deep(3);\n",
            "[TS2322] Type '(n: number) => number' is not assignable to type 'number'.",
        );
    }

    #[test]
    fn a_value_of_a_plain_type_is_no_function() {
        check_no_fix(
            &FAMILY,
            "go",
            "package quay\n\nfunc deep() int {\n\treturn 3\n}\n\nfunc low() string {\n\treturn <|>deep\n}\n",
            "cannot use deep (variable of type int) as string value in return statement",
        );
    }

    #[test]
    fn an_unknown_name_is_for_others() {
        check_no_fix(
            &FAMILY,
            "cpp",
            "int deep() { return 3; }\nint low() { return <|>tide; }\n",
            "'tide' was not declared in this scope",
        );
    }
}
