use super::*;
use erratum_syntax::language;

/// What a change does that makes `after` of `before`: one edit, of all between what both share.
fn of(id: &str, before: &str, after: &str) -> Effect {
    let same = before.bytes().zip(after.bytes()).take_while(|(a, b)| a == b).count();
    let most = before.len().min(after.len()) - same;
    let behind = before.bytes().rev().zip(after.bytes().rev()).take(most);
    let behind = behind.take_while(|(a, b)| a == b).count();
    let new = &after[same..after.len() - behind];
    let edit = Edit::replace("quay", same, before.len() - behind, new);
    let source = Source::new("quay", before.as_bytes());
    told(id, source, &[edit])
}

fn told(id: &str, source: Source, edits: &[Edit]) -> Effect {
    let read = |source: &Source| Arc::new(Text::new(source, language::by_id(id).unwrap()));
    of_edits(&Program::single(source), MistakeId::Other, edits, read)
}

#[test]
fn a_word_of_the_language_may_be_meant_for_another() {
    let text = "void go() { throws new Full(); }";
    let source = Source::new("quay", text.as_bytes());
    let read = |source: &Source| Arc::new(Text::new(source, language::by_id("java").unwrap()));
    let start = text.find("throws").unwrap();
    let edit = Edit::replace("quay", start, start + 6, "throw");
    let of = |mistake| {
        of_edits(&Program::single(source.clone()), mistake, std::slice::from_ref(&edit), read)
    };
    assert_eq!(of(MistakeId::MisspeltKeyword), Effect::Restores);
    assert_eq!(of(MistakeId::Other), Effect::Reinterprets);
}

#[test]
fn lost_marks_and_spellings_are_put_back() {
    for (id, before, after) in [
        ("c", "int a = 3\nint b;", "int a = 3;\nint b;"),
        ("c", "int a = f(3;", "int a = f(3);"),
        ("c", "int a = f(3]);", "int a = f(3);"),
        ("c", "retrun a;", "return a;"),
        ("c", "int tide; int b = tdie;", "int tide; int b = tide;"),
        ("c", "pay(3 4);", "pay(3, 4);"),
        ("c", "pay(3,, 4);", "pay(3, 4);"),
        ("java", "string name;", "String name;"),
        ("java", "return return a;", "return a;"),
        ("rust", "let a = 3;", "let mut a = 3;"),
        ("rust", "let a == 3;", "let a = 3;"),
        ("c", "int a 3;", "int a = 3;"),
        ("pascal", "total = a * b;", "total := a * b;"),
        ("go", "\tsum = 0", "\tsum := 0"),
        ("go", "import (\n\t\"fmt\"\n\t\"os\"\n)\n", "import (\n\t\"fmt\"\n)\n"),
        ("rust", "use std::fmt;\nfn main() {}", "fn main() {}"),
        ("rust", "let a Vec<i32>;", "let a: Vec<i32>;"),
        ("pascal", "begin a := 3; ", "begin a := 3; end"),
        ("c", "/* tides\nint a;", "/* tides */\nint a;"),
    ] {
        assert_eq!(of(id, before, after), Effect::Restores, "{before} -> {after}");
    }
}

#[test]
fn conversions_keep_the_value() {
    for (id, before, after) in [
        ("rust", "pay(name);", "pay(&name);"),
        ("rust", "let a: String = \"x\";", "let a: String = \"x\".to_string();"),
        ("c", "char c = \"x\";", "char c = 'x';"),
        ("rust", "let a: f64 = 3;", "let a: f64 = 3.0;"),
        ("haskell", "a = b + length xs", "a = b + fromIntegral (length xs)"),
    ] {
        assert_eq!(of(id, before, after), Effect::Converts, "{before} -> {after}");
    }
}

#[test]
fn what_changes_the_meaning_is_named() {
    for (id, before, after, wanted) in [
        ("c", "pay(3, 4);", "pay(3);", Effect::Removes),
        ("c", "int a = b;", "int a;", Effect::Removes),
        ("c", "return b;", "", Effect::Removes),
        ("c", "int a;", "int a = 0;", Effect::Invents),
        ("c", "pay(3);", "pay(3, 0);", Effect::Invents),
        ("c", "if (quay(3)) {}", "if (quay=(3)) {}", Effect::Invents),
        ("c", "int c = a b;", "int c = a - b;", Effect::Invents),
        ("c", "int a = 3;", "double a = 3;", Effect::Redeclares),
        ("rust", "fn f(a: &Vec<i32>) {}", "fn f(a: &mut Vec<i32>) {}", Effect::Redeclares),
        ("java", "void pay(Fare f) {}", "void pay(int f) {}", Effect::Redeclares),
        ("go", "var tide int", "var int tide", Effect::Reorders),
        ("c", "if (a = b) {}", "if (a == b) {}", Effect::Reinterprets),
        ("c", "pay(tide);", "pay(\"tide\");", Effect::Reinterprets),
        ("c", "pay(3);", "// pay(3);", Effect::Reinterprets),
        ("c", "int a = quay;", "int a = berth;", Effect::Reinterprets),
        // Who writes `const` says that it does not change: the change may be what is wrong.
        ("typescript", "const a = 3;", "let a = 3;", Effect::Reinterprets),
        // These fit, too, and nothing shows which was meant.
        ("rust", "let a: i32 = b;", "let a: u32 = b;", Effect::Redeclares),
        ("c", "float a = b;", "double a = b;", Effect::Redeclares),
        ("c", "int c = a b;", "int c = a & b;", Effect::Invents),
        ("c", "int c = a | b;", "int c = a & b;", Effect::Reinterprets),
        ("c", "int c = **p;", "int c = *p;", Effect::Removes),
        ("c", "pay(3 3);", "pay(3);", Effect::Removes),
        ("java", "int a = fare();", "int a = fare;", Effect::Reinterprets),
        ("java", "int f() {\n}", "int f() {\nreturn false;\n}", Effect::Invents),
        ("rust", "let a = f();", "let a = f()?;", Effect::Invents),
        ("go", "var a = 3", "var a = string(3)", Effect::Invents),
        ("c", "if (a &&\n    b == c) {}", "if (a &&\n    b = c) {}", Effect::Reinterprets),
        // Both are known: which of them was meant is not seen.
        (
            "c",
            "int tide, tides; int a = tide;",
            "int tide, tides; int a = tides;",
            Effect::Reinterprets,
        ),
        ("c", "int i, j; int a = k;", "int i, j; int a = j;", Effect::Reinterprets),
    ] {
        assert_eq!(of(id, before, after), wanted, "{before} -> {after}");
    }
}

#[test]
fn the_ends_of_a_text_are_places_like_others() {
    for mark in ["=", ":=", "<", "&", ";", "x", "\"", "*/", "// x"] {
        for before in ["", "a", "let a", "\n", "\"", "/*"] {
            for at in [0, before.len()] {
                let edit = Edit::replace("quay", at, at, mark);
                told("rust", Source::new("quay", before.as_bytes()), &[edit]);
                let edit = Edit::replace("quay", 0, before.len(), mark);
                told("rust", Source::new("quay", before.as_bytes()), &[edit]);
            }
        }
    }
    assert_eq!(of("c", "int a", "int a ="), Effect::Restores);
}

#[test]
fn the_worst_of_several_edits_counts() {
    let before = "pay(3 4, 5);";
    let source = Source::new("quay", before.as_bytes());
    let edits = [Edit::replace("quay", 5, 5, ","), Edit::replace("quay", 7, 10, "")];
    assert_eq!(told("c", source.clone(), &edits), Effect::Removes);
    assert_eq!(told("c", source.clone(), &edits[..1]), Effect::Restores);
    let quotes = [Edit::replace("quay", 4, 4, "\""), Edit::replace("quay", 5, 5, "\"")];
    assert_eq!(told("c", source, &quotes), Effect::Reinterprets);
}
