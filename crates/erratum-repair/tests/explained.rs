//! What a message says, laid out: its types, who wants them, and the declarations behind it.

mod marked;

use erratum_repair::explain::{Clash, Explained};
use erratum_repair::message::{Message, Note, Severity};
use marked::root;

/// The layout of a message that points at the first stretch between `«` and `»` of a text.
fn explained(id: &str, compiler: &str, marked: &str, text: &str, notes: &[&str]) -> Explained {
    let (before, rest) = marked.split_once('«').unwrap();
    let (within, after) = rest.split_once('»').unwrap();
    let bytes = (before.len(), before.len() + within.len());
    let mut message = Message::new(Severity::Error, text);
    if compiler == "rustc" {
        message.code = Some("E0308".to_owned());
    }
    message.notes = notes.iter().map(|t| Note { text: (*t).to_owned(), at: None }).collect();
    root(id, compiler, &format!("{before}{within}{after}"), bytes, message).explained
}

fn sides(clash: &Clash) -> [(&str, Option<&str>, Option<u32>); 2] {
    [&clash.expected, &clash.found]
        .map(|side| (side.text.as_str(), side.who.as_deref(), side.at.as_ref().map(|at| at.line)))
}

#[test]
fn an_argument_is_wanted_by_its_parameter() {
    let java = "class Ferry {\n    static int fare(int zone, String name) { return zone; }\n    void go() {\n        String label = \"inner\";\n        fare(«label», \"adult\");\n    }\n}\n";
    let text = "incompatible types: String cannot be converted to int";
    let clash = explained("java", "javac", java, text, &[]).clash.unwrap();
    assert_eq!(
        sides(&clash),
        [
            ("int", Some("parameter `zone` of `fare`"), Some(2)),
            ("String", Some("`label`"), Some(4))
        ]
    );
    assert_eq!(clash.differ, None);
}

#[test]
fn a_value_is_wanted_by_the_variable_or_the_function_it_goes_to() {
    let c =
        "int berths(void) {\n    int count = 4;\n    count = «\"four\"»;\n    return count;\n}\n";
    let text = "assignment to 'int' from 'char *' makes integer from pointer without a cast";
    let clash = explained("c", "gcc", c, text, &[]).clash.unwrap();
    assert_eq!(
        sides(&clash),
        [("int", Some("`count`"), Some(2)), ("char *", Some("the text that stands here"), None)]
    );
    let c = "int berths(void) {\n    char *name = \"Lee\";\n    return «name»;\n}\n";
    let text = "returning 'char *' from a function with return type 'int' makes integer from pointer without a cast";
    let clash = explained("c", "gcc", c, text, &[]).clash.unwrap();
    assert_eq!(
        sides(&clash),
        [("int", Some("what `berths` returns"), Some(1)), ("char *", Some("`name`"), Some(2))]
    );
}

#[test]
fn who_wants_a_part_of_an_expression_is_not_made_up() {
    let rust = "fn main() {\n    let depth = 2.5;\n    let all: f64 = depth + «3»;\n}\n";
    let text = "expected `f64`, found `i32`";
    let clash = explained("rust", "rustc", rust, text, &[]).clash.unwrap();
    assert_eq!(clash.expected.who, None);
    let whole = rust.replace("depth + «3»", "«3»");
    let clash = explained("rust", "rustc", &whole, text, &[]).clash.unwrap();
    assert_eq!(clash.expected.who.as_deref(), Some("`all`"));
}

#[test]
fn a_part_of_what_is_returned_is_not_taken_for_the_whole() {
    let rust = "fn depth(base: f64) -> f64 {\n    return base + «3»;\n}\n";
    let text = "expected `f64`, found `i32`";
    let clash = explained("rust", "rustc", rust, text, &[]).clash.unwrap();
    assert_eq!(clash.expected.who, None);
    let whole = "fn depth(base: i32) -> f64 {\n    return «base»;\n}\n";
    let clash = explained("rust", "rustc", whole, text, &[]).clash.unwrap();
    assert_eq!(clash.expected.who.as_deref(), Some("what `depth` returns"));
}

#[test]
fn long_types_show_where_they_differ() {
    let scala = "object Ferry {\n  def total(fares: Map[String, List[Int]]): Int = 1\n  val fares: Map[String, List[String]] = Map()\n  val all = total(«fares»)\n}\n";
    let text = "type mismatch; found : Map[String,List[String]] required: Map[String,List[Int]]";
    let found = explained("scala", "scalac", scala, text, &[]);
    let clash = found.clash.unwrap();
    assert_eq!(clash.differ, Some(("Int".to_owned(), "String".to_owned())));
    let lines: Vec<&str> = found.declared.iter().map(|d| d.text.as_str()).collect();
    assert_eq!(
        lines,
        ["def total(fares: Map[String, List[Int]]): Int", "val fares: Map[String, List[String]]"]
    );
}

#[test]
fn every_function_of_the_name_is_shown_where_arguments_are_wrong() {
    let cpp = "double fare(int zone, double base) { return base; }\nint fare(const std::string &name) { return 1; }\nint main() {\n    return «fare»(\"a\", \"b\");\n}\n";
    let text = "no matching function for call to 'fare(const char [2], const char [2])'";
    let found = explained("cpp", "g++", cpp, text, &[]);
    let lines: Vec<&str> = found.declared.iter().map(|d| d.text.as_str()).collect();
    assert_eq!(lines, ["double fare(int zone, double base)", "int fare(const std::string &name)"]);
}

#[test]
fn what_a_type_has_is_listed_with_the_like_named_first() {
    let java = "class Berth {\n    int number;\n    double depth;\n    String label() { return \"\"; }\n}\nclass Ferry {\n    void go() {\n        Berth berth = new Berth();\n        berth«.»dept = 3;\n    }\n}\n";
    let found = explained("java", "javac", java, "cannot find symbol", &["symbol: variable dept"]);
    let members = found.members.unwrap();
    assert_eq!(
        (members.of.as_str(), &members.names[..]),
        ("Berth", &["depth", "label", "number"].map(String::from)[..])
    );
    let rust = "struct Tide { metres: f64, hour: u32 }\nimpl Tide {\n    fn high(&self) -> bool { true }\n}\nfn main() {\n    let tide = Tide { metres: 1.0, hour: 2 };\n    tide.«metre»;\n}\n";
    let found = explained("rust", "rustc", rust, "no field `metre` on type `Tide`", &[]);
    let members = found.members.unwrap();
    assert_eq!(members.names, ["metres", "hour", "high"]);
}

#[test]
fn methods_that_stand_outside_of_their_type_are_listed() {
    let go = "package main\n\ntype Pier struct {\n\tName string\n}\n\nfunc (p Pier) Label() string { return p.Name }\n\nfunc show(p Pier) string {\n\treturn p.«label»()\n}\n";
    let text = "p.label undefined (type Pier has no field or method label, but does have Label)";
    let members = explained("go", "go", go, text, &[]).members.unwrap();
    assert_eq!(members.names, ["Label", "Name"]);
}

#[test]
fn a_name_that_exists_is_no_reason_to_list_members() {
    let java = "class Berth {\n    int number;\n}\nclass Ferry {\n    void go(Berth berth) {\n        berth«.»number = x;\n    }\n}\n";
    assert_eq!(explained("java", "javac", java, "cannot find symbol", &[]).members, None);
}

#[test]
fn in_haskell_the_remark_says_who_wants_it() {
    let text = "import Data.Char (toUpper)\nshout :: String -> String\nshout name = map toUpper («words name»)\n";
    let said = "Couldn't match type '[Char]' with 'Char' Expected: [Char] Actual: [String]";
    let note = "In the second argument of 'map', namely '(words name)'";
    let clash = explained("haskell", "ghc", text, said, &[note]).clash.unwrap();
    assert_eq!(clash.expected.who.as_deref(), Some("the second argument of `map`"));
    assert_eq!(explained("haskell", "ghc", text, said, &[]).clash.unwrap().expected.who, None);
}

#[test]
fn a_variable_of_a_loop_is_shown_by_itself() {
    let c = "void moor(char *name);\nvoid go(int count) {\n    for (int i = 0; i < count; i++) {\n        puts(\"a\");\n        moor(«i»);\n    }\n}\n";
    let text = "passing argument 1 of 'moor' makes pointer from integer without a cast";
    let note = "expected 'char *' but argument is of type 'int'";
    let found = explained("c", "gcc", c, text, &[note]);
    let lines: Vec<&str> = found.declared.iter().map(|d| d.text.as_str()).collect();
    assert_eq!(lines, ["void moor(char *name)", "int i"]);
}

#[test]
fn the_bracket_of_a_call_stands_for_the_call() {
    let java = "class Tide {\n    double highest() { return 1.5; }\n    void go(Tide tide) {\n        int top = tide.highest«(»);\n    }\n}\n";
    let text = "incompatible types: possible lossy conversion from double to int";
    let clash = explained("java", "javac", java, text, &[]).clash.unwrap();
    assert_eq!(
        sides(&clash),
        [("int", Some("`top`"), Some(4)), ("double", Some("what `highest` returns"), Some(2))]
    );
    let part = java.replace(");\n    }\n}", ").x;\n    }\n}");
    let clash = explained("java", "javac", &part, text, &[]).clash.unwrap();
    assert_eq!(clash.found.who, None);
}
