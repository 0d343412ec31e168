//! An element asked for as another kind of list gives it: `names[0]` of a list that has `get`,
//! `names.get(0)` of an array.

use super::family::{Example, Family, Phases};
use super::shape::text_of;
use super::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::{MistakeId, Phase};
use erratum_syntax::edit::Edit;
use erratum_syntax::lex::TokenKind;
use erratum_syntax::names::NameKind;

/// The message says that it is no array.
const NO_ARRAY: Factor = evidence("the message says that it is no array", 5.0);
/// What stands in the brackets is the key of a map.
const KEY_OF_MAP: Factor = evidence("the key of a map stands in the brackets", 10.0);
/// A value stands in the brackets of a type.
const VALUE_AS_TYPE: Factor = evidence("a value stands where a type is read", 7.0);
/// The message knows no such member.
const NO_GET: Factor = evidence("it has no such member", 3.0);

/// The bounds of an array stand between its word and `of`.
const ARRAY_BOUNDS: Factor = evidence("the bounds of an array stand there", 7.0);
/// It is declared as an array, and stands before round brackets.
const ARRAY_CALLED: Factor = evidence("an array is no function", 6.0);

/// What compilers say of a value that is called (seen with gcc 12, javac 17, tsc 5.9, mcs 6.8, go 1.19,
/// rustc 1.95).
const CALLED: &[&str] = &[
    "called object '",
    "cannot be used as a function",
    "cannot find symbol",
    "This expression is not callable",
    "cannot be used like method",
    "denotes a 'variable', where a 'method group' was expected",
    "cannot call non-function",
    "expected function, found",
    "no match for call to '(",
    // fpc 3.2 takes the name by itself for the value.
    "expected but \"(\" found",
];

pub(super) static FAMILY: Family = Family {
    id: "elements",
    recipes: &[],
    phases: Phases::Any,
    within_text: false,
    propose,
    example: Example {
        language: "java",
        before: "import java.util.List;\n\nclass Quay {\n    String first(List<String> names) {\n        return names<|>[0];\n    }\n}\n",
        message: "array required, but List<String> found",
        after: "import java.util.List;\n\nclass Quay {\n    String first(List<String> names) {\n        return names.get(0);\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let said = |text: &str| case.message.text.contains(text);
    let lexed = case.lexed();
    if said("array required, but ")
        && let Some(open) = (case.token..lexed.code.len()).take(4).find(|at| lexed.is(*at, "["))
    {
        with_method(case, open, NO_ARRAY, all);
    }
    // javac 17 speaks of the key of a map first.
    if said("cannot be converted to int")
        && let Some(open) = case.text.pairs.inside_of(case.token).filter(|at| lexed.is(*at, "["))
        && open > 0
        && maps(case, open)
    {
        with_method(case, open, KEY_OF_MAP, all);
    }
    let line = lexed.on_line(lexed.code[case.token].line);
    // Seen with tsc 5.9: `Did you mean to call 'fares.set'?`
    if said("no index signature") && (said(".set'?") || said(".get'?") || said("type 'Map<")) {
        let open = line.clone().find(|at| lexed.is(*at, "[") && *at > line.start);
        open.into_iter().for_each(|open| with_method(case, open, KEY_OF_MAP, all));
    }
    // Seen with scalac 2.11.
    let get = said("value get is not a member of ");
    if get && case.language().calls_elements && !said("Option[") {
        for dot in line.clone().filter(|at| lexed.is(*at, ".") && lexed.is(at + 1, "get")) {
            if lexed.is(dot + 2, "(") {
                let (from, to) = (lexed.code[dot].start, lexed.code[dot + 2].end);
                let edit = Edit::replace(case.file(), from, to, "(");
                all.push(Candidate::new(MistakeId::ElementForm, NO_GET, vec![edit]));
            }
        }
    }
    if case.phase <= Phase::Syntax {
        bounds(case, all);
    }
    // Scala reads `names[0]` as a type (seen with scalac 2.11).
    let as_type = said("not found: type ") || said("does not take type parameters");
    if case.language().calls_elements && (said("expected but") || as_type) {
        let numbers = |open: &usize| {
            let value = case.text.names.resolve(lexed, open + 1);
            lexed.is(*open, "[")
                && (lexed.kind(open + 1) == Some(TokenKind::Number)
                    || value.is_some_and(|declared| declared.kind == NameKind::Value))
        };
        for open in line.clone().filter(numbers) {
            let score = if as_type { VALUE_AS_TYPE } else { NO_ARRAY };
            with_marks(case, open, ("(", ")"), score, all);
        }
    }
    if CALLED.iter().any(|text| said(text)) && !case.language().calls_elements {
        for open in line.clone().filter(|at| lexed.is(*at, "(") && *at > line.start) {
            called_array(case, open, all);
        }
    }
    let unknown = ["cannot be dereferenced", "cannot find symbol", "does not exist on type"];
    let unknown = unknown.iter().any(|text| said(text))
        || said("has no member named 'get'")
        || said("does not contain a definition for");
    if unknown && !case.language().calls_elements {
        for dot in line.filter(|at| lexed.is(*at, ".")) {
            if matches!(lexed.word(dot + 1), "get" | "Get") && lexed.is(dot + 2, "(") {
                without_method(case, dot, all);
            }
        }
    }
}

/// Pascal: `array(1..12) of Real`, as other languages of the family write it.
fn bounds(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(open) = [case.token, case.token.saturating_sub(1)]
        .into_iter()
        .find(|at| lexed.is(*at, "(") && lexed.before(*at) == "array")
    else {
        return;
    };
    let close = case.text.pairs.partner_of(open);
    if close.is_some_and(|close| lexed.is(close + 1, "of")) {
        with_marks(case, open, ("[", "]"), ARRAY_BOUNDS, all);
    }
}

/// `depths(i)` of an array.
fn called_array(case: &Case, open: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let declared = case.text.names.resolve(lexed, open - 1);
    let array = declared.is_some_and(|declared| {
        let typed = declared.typed.map_or(String::new(), |typed| text_of(case, typed));
        let name = declared.typed.map_or("", |(first, _)| lexed.word(first));
        let named = case
            .text
            .names
            .of(name)
            .any(|one| lexed.is(one.token + 1, "=") && lexed.is(one.token + 2, "array"));
        // `var seats = new int[3]`.
        let made = (declared.token + 1..declared.token + 6).any(|at| lexed.is(at, "new"))
            && (declared.token + 4..declared.token + 7).any(|at| lexed.is(at, "["));
        typed.contains(['[', '*']) || lexed.is(declared.token + 1, "[") || named || made
    });
    // Rust names the type of what is called (seen with rustc 1.95).
    let told = ["found `Vec<", "found `[", "found `&["];
    // g++ 12 does, too.
    let told = told.iter().any(|text| case.message.text.contains(text));
    let whole = case.message.text.split_once("no match for call to '(");
    let list = ["std::vector<", "std::deque<", "std::array<"];
    let list = whole.is_some_and(|(_, typed)| {
        list.iter().any(|name| typed.trim_start_matches("const ").starts_with(name))
    });
    let array = array || told || list;
    let one = case.text.pairs.partner_of(open).is_some_and(|close| close > open + 1);
    if array && one {
        with_marks(case, open, ("[", "]"), ARRAY_CALLED, all);
    }
}

/// Whether what stands before a bracket is declared as a map.
fn maps(case: &Case, open: usize) -> bool {
    let declared = case.text.names.resolve(case.lexed(), open - 1);
    declared.and_then(|declared| declared.typed).is_some_and(|typed| {
        let whole = text_of(case, typed);
        whole.split('<').next().is_some_and(|name| name.ends_with("Map"))
    })
}

/// `names[0]` becomes `names.get(0)`, and `names[0] = x` becomes `names.set(0, x)`.
fn with_method(case: &Case, open: usize, why: Factor, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let Some(close) = case.text.pairs.partner_of(open).filter(|close| *close > open + 1) else {
        return;
    };
    let index = text_of(case, (open + 1, close - 1));
    let end = case.statement_end(open);
    let (text, last) = if lexed.is(close + 1, "=") && end > close + 2 {
        let value = text_of(case, (close + 2, end - 1));
        let puts = open > 0 && maps(case, open) && !case.language().object_required;
        let set = if puts { "put" } else { "set" };
        (format!(".{set}({index}, {value})"), end - 1)
    } else {
        (format!(".get({index})"), close)
    };
    let edit = Edit::replace(case.file(), lexed.code[open].start, lexed.code[last].end, text);
    all.push(Candidate::new(MistakeId::ElementForm, why, vec![edit]));
}

/// Other brackets around the number of an element.
fn with_marks(
    case: &Case,
    open: usize,
    (before, behind): (&str, &str),
    score: Factor,
    all: &mut Vec<Candidate>,
) {
    let Some(close) = case.text.pairs.partner_of(open).filter(|close| *close > open + 1) else {
        return;
    };
    let edits = vec![case.replace_token(open, before), case.replace_token(close, behind)];
    all.push(Candidate::new(MistakeId::ElementForm, score, edits));
}

/// `names.get(0)` becomes `names[0]`.
fn without_method(case: &Case, dot: usize, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    let open = dot + 2;
    let Some(close) = case.text.pairs.partner_of(open).filter(|close| *close > open + 1) else {
        return;
    };
    // What a call gives back is hardly an array: it would have been asked as one.
    if lexed.before(dot) == ")" {
        return;
    }
    let edits = vec![
        Edit::replace(case.file(), lexed.code[dot].start, lexed.code[open].end, "["),
        case.replace_token(close, "]"),
    ];
    all.push(Candidate::new(MistakeId::ElementForm, NO_GET, edits));
}

#[cfg(test)]
mod tests {
    use super::super::testing::{check_fix, check_no_fix};
    use super::FAMILY;

    #[test]
    fn an_array_of_pascal_is_not_called() {
        check_fix(
            &FAMILY,
            "pascal",
            "program quay;\ntype\n  TTides = array[1..3] of integer;\nvar\n  Tides: TTides;\nbegin\n  WriteLn(Tides<|>(2) + 1);\nend.\n",
            "Syntax error, \")\" expected but \"(\" found",
            "program quay;\ntype\n  TTides = array[1..3] of integer;\nvar\n  Tides: TTides;\nbegin\n  WriteLn(Tides[2] + 1);\nend.\n",
        );
    }

    #[test]
    fn a_map_is_asked_with_a_method() {
        let text = |line: &str| {
            format!(
                "class Quay {{\n    int go(java.util.Map<String, Integer> fares, String zone) {{\n        {line}\n    }}\n}}\n"
            )
        };
        check_fix(
            &FAMILY,
            "java",
            &text("return fares[<|>zone];"),
            "incompatible types: String cannot be converted to int",
            &text("return fares.get(zone);"),
        );
        check_fix(
            &FAMILY,
            "java",
            &text("fares<|>[zone] = 3;"),
            "array required, but Map<String,Integer> found",
            &text("fares.put(zone, 3);"),
        );
    }

    #[test]
    fn a_list_of_cpp_is_no_function() {
        check_fix(
            &FAMILY,
            "cpp",
            "int first(const std::vector<int>& all) {\n    return all<|>(0);\n}\n",
            "no match for call to '(const std::vector<int>) (int)'",
            "int first(const std::vector<int>& all) {\n    return all[0];\n}\n",
        );
    }

    #[test]
    fn a_value_in_the_brackets_of_a_type_is_a_place() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def go(names: List[String]): Unit = {\n    for (i <- 0 until 3) println(names[<|>i])\n  }\n}\n",
            "not found: type i",
            "object Quay {\n  def go(names: List[String]): Unit = {\n    for (i <- 0 until 3) println(names(i))\n  }\n}\n",
        );
        check_no_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def go(names: List[<|>Strin]): Unit = {\n  }\n}\n",
            "not found: type Strin",
        );
    }

    #[test]
    fn an_array_of_csharp_is_no_function() {
        check_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    void Go() {\n        var seats = new int[3];\n        Show(seats<|>(1));\n    }\n}\n",
            "[CS0119] Expression denotes a `variable', where a `method group' was expected",
            "class Quay {\n    void Go() {\n        var seats = new int[3];\n        Show(seats[1]);\n    }\n}\n",
        );
    }

    #[test]
    fn an_array_is_no_function() {
        check_fix(
            &FAMILY,
            "c",
            "double first(const double depths[], int n) {\n    return <|>depths(n - 1);\n}\n",
            "called object 'depths' is not a function or function pointer",
            "double first(const double depths[], int n) {\n    return depths[n - 1];\n}\n",
        );
    }

    #[test]
    fn an_element_of_a_list_is_set() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    void go(java.util.List<String> names) {\n        names<|>[0] = \"mole\";\n    }\n}\n",
            "array required, but List<String> found",
            "class Quay {\n    void go(java.util.List<String> names) {\n        names.set(0, \"mole\");\n    }\n}\n",
        );
    }

    #[test]
    fn an_element_of_an_array_has_its_number_in_brackets() {
        check_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int go(int[] seats) {\n        return seats.<|>get(2);\n    }\n}\n",
            "int[] cannot be dereferenced",
            "class Quay {\n    int go(int[] seats) {\n        return seats[2];\n    }\n}\n",
        );
    }

    #[test]
    fn scala_numbers_elements_in_round_brackets() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def first(names: List[String]): String = names[<|>0]\n}\n",
            "identifier expected but integer literal found.",
            "object Quay {\n  def first(names: List[String]): String = names(0)\n}\n",
        );
    }

    #[test]
    fn a_map_of_typescript_is_set() {
        check_fix(
            &FAMILY,
            "typescript",
            "const fares = new Map();\n<|>fares[zone] = 3;\n",
            "[TS7052] Element implicitly has an 'any' type because type 'Map<any, any>' has no index signature. Did you mean to call 'fares.set'?",
            "const fares = new Map();\nfares.set(zone, 3);\n",
        );
    }

    #[test]
    fn a_list_of_scala_is_asked_without_a_method() {
        check_fix(
            &FAMILY,
            "scala",
            "object Quay {\n  def go(names: List[String]): String = names<|>.get(2)\n}\n",
            "value get is not a member of List[String]",
            "object Quay {\n  def go(names: List[String]): String = names(2)\n}\n",
        );
    }

    #[test]
    fn a_map_has_its_method() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int go(java.util.Map<String, Integer> seats) {\n        return seats.get(<|>tern);\n    }\n}\n",
            "incompatible types: Object cannot be converted to int",
        );
    }

    #[test]
    fn an_array_is_left_alone() {
        check_no_fix(
            &FAMILY,
            "java",
            "class Quay {\n    int go(int[] seats) {\n        return seats[<|>tern];\n    }\n}\n",
            "cannot find symbol",
        );
    }

    #[test]
    fn a_method_without_a_number_is_no_element() {
        check_no_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    int Go(Pier pier) {\n        return pier.<|>Get();\n    }\n}\n",
            "[CS1061] Type `Pier' does not contain a definition for `Get' and no extension method",
        );
    }

    #[test]
    fn the_bounds_of_an_array_have_their_own_brackets() {
        check_fix(
            &FAMILY,
            "pascal",
            "type\n  TRoster = array<|>(1..12) of Integer;\n",
            "Syntax error, \"[\" expected but \"(\" found",
            "type\n  TRoster = array[1..12] of Integer;\n",
        );
    }
}
