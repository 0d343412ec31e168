//! A function whose header names another type than all that it gives back: one mistake, at the header.

mod support;

use support::{Folder, have};

/// What `look --quiet` tells of a program.
fn told(name: &str, text: &str) -> Vec<String> {
    let folder = Folder::new();
    let ran = folder.write(name, text).run(&["look", "--quiet", "--compiles", "40", name]);
    assert_eq!(ran.status, 1, "{}{}", ran.stdout, ran.stderr);
    ran.stdout.lines().map(|line| line.replacen(&format!("{name}:"), "", 1)).collect()
}

/// Holds that a program has one mistake, at a line, with a guess that writes one type for another.
#[track_caller]
fn check(compiler: &str, name: &str, text: &str, line: u32, change: &str) {
    if !have(compiler) {
        return;
    }
    let told = told(name, text);
    let [only] = &told[..] else { panic!("{told:#?}") };
    assert!(only.starts_with(&format!("{line}:")), "{only}");
    assert!(only.contains(change) && only.contains("guess"), "{only}");
}

#[test]
fn what_is_returned_and_what_calls_are_used_for_agree() {
    let text = "class Quay {\n    static int name(int depth) {\n        if (depth > 3) {\n            return \"north\";\n        }\n        return \"south\";\n    }\n    static void show() {\n        String name = name(2);\n        System.out.println(name);\n    }\n}\n";
    check("javac", "Quay.java", text, 2, "write `String` instead of `int`");
    let text = "function label(depth: number): number {\n    if (depth > 3) {\n        return \"deep\";\n    }\n    return \"low\";\n}\nconst text: string = label(2);\nconsole.log(text);\n";
    check("tsc", "quay.ts", text, 1, "write `string` instead of `number`");
    let text = "package main\n\nimport \"fmt\"\n\nfunc label(depth int) int {\n\tif depth > 3 {\n\t\treturn \"deep\"\n\t}\n\treturn \"low\"\n}\n\nfunc main() {\n\tfmt.Println(label(2))\n}\n";
    check("go", "quay.go", text, 5, "write `string` instead of `int`");
    let text = "class Quay {\n    static int Label(int depth) {\n        if (depth > 3) {\n            return \"deep\";\n        }\n        return \"low\";\n    }\n    static void Main() {\n        string text = Label(2);\n        System.Console.WriteLine(text);\n    }\n}\n";
    check("mcs", "Quay.cs", text, 2, "write `string` instead of `int`");
}

#[test]
fn a_block_that_ends_with_its_value_gives_it_back() {
    let text = "fn mean(all: &[f64]) -> i32 {\n    let sum: f64 = all.iter().sum();\n    sum / all.len() as f64\n}\nfn main() {\n    let mean: f64 = mean(&[3.5]);\n    println!(\"{}\", mean);\n}\n";
    check("rustc", "quay.rs", text, 1, "write `f64` instead of `i32`");
    let text = "object Quay {\n  def label(depth: Int): Int = {\n    if (depth > 3) \"deep\"\n    else \"low\"\n  }\n  def main(args: Array[String]): Unit = {\n    val text: String = label(2)\n    println(text)\n  }\n}\n";
    check("scalac", "Quay.scala", text, 2, "write `String` instead of `Int`");
}

#[test]
fn nothing_stands_for_an_object_that_is_pointed_at() {
    let text = "#include <stddef.h>\nstruct pier { int depth; };\nstruct pier deep(struct pier *all, int count);\nstruct pier deep(struct pier *all, int count)\n{\n    for (int i = 0; i < count; i++) {\n        if (all[i].depth > 3) {\n            return &all[i];\n        }\n    }\n    return NULL;\n}\nint main(void)\n{\n    struct pier all[2] = {{2}, {5}};\n    struct pier *found = deep(all, 2);\n    return found != NULL ? found->depth : 0;\n}\n";
    check("gcc", "quay.c", text, 3, "write `struct pier *` instead of `struct pier`");
}

#[test]
fn a_method_is_mended_in_its_class_and_outside_of_it() {
    let text = "#include <string>\nclass Quay {\n    std::string name;\npublic:\n    int label() const;\n};\nint Quay::label() const {\n    return name;\n}\nint main() {\n    Quay quay;\n    std::string text = quay.label();\n    return text.empty();\n}\n";
    check("g++", "quay.cpp", text, 5, "write `std::string` instead of `int`, and on line 7");
}

#[test]
fn the_name_of_a_pascal_function_is_its_result() {
    let text = "program Quay;\nvar\n  text: string;\n\nfunction Name(depth: integer): integer;\nvar\n  deep: boolean;\nbegin\n  deep := depth > 3;\n  if deep then\n    Name := 'deep'\n  else\n    Name := 'low';\nend;\n\nbegin\n  text := Name(2);\n  writeln(text);\nend.\n";
    check("fpc", "quay.pas", text, 5, "write `string` instead of `integer`");
}

#[test]
fn equations_give_back_what_the_signature_does_not_say() {
    let text = "module Main where\n\nname :: Int -> Int\nname 1 = \"north\"\nname 2 = \"south\"\nname _ = \"none\"\n\nmain :: IO ()\nmain = putStrLn (name 2)\n";
    check("ghc", "Quay.hs", text, 3, "write `String` instead of `Int`");
}

#[test]
fn a_use_of_the_type_that_is_written_speaks_for_it() {
    if !have("javac") {
        return;
    }
    let text = "class Quay {\n    static int depth(int pier) {\n        if (pier > 3) {\n            return \"5\";\n        }\n        return \"7\";\n    }\n    static int twice() {\n        int depth = depth(2);\n        return depth * 2;\n    }\n}\n";
    let told = told("Quay.java", text);
    assert!(!told.iter().any(|line| line.contains("write `String` instead of `int`")), "{told:#?}");
}

#[test]
fn a_parameter_is_what_calls_give_it_and_what_it_is_used_for() {
    let text = "import java.util.ArrayList;\n\nclass Quay {\n    static ArrayList<String> names = new ArrayList<>();\n    static void moor(int name) {\n        names.add(name);\n    }\n    static void open() {\n        moor(\"Gull\");\n    }\n}\n";
    check("javac", "Quay.java", text, 5, "write `String` instead of `int`");
    let text = "struct Quay { names: Vec<String> }\nimpl Quay {\n    fn moor(&mut self, name: u32) {\n        println!(\"{}\", name.to_uppercase());\n        self.names.push(name.to_string());\n    }\n}\nfn main() {\n    let mut quay = Quay { names: Vec::new() };\n    quay.moor(\"Gull\");\n    quay.moor(\"Tern\");\n}\n";
    check("rustc", "quay.rs", text, 3, "write `&str` instead of `u32`");
    let text = "#include <string>\n#include <vector>\nstd::vector<std::string> names;\nvoid moor(int name) {\n    names.push_back(name);\n}\nint main() {\n    moor(\"Gull\");\n    moor(\"Tern\");\n}\n";
    check("g++", "quay.cpp", text, 4, "write `std::string` instead of `int`");
}

#[test]
fn a_field_is_what_it_is_given_and_what_is_made_of_it() {
    let text = "class Boat {\n    int name;\n    Boat(String name) {\n        this.name = name;\n    }\n    String label() {\n        return name;\n    }\n}\n";
    check("javac", "Boat.java", text, 2, "write `String` instead of `int`");
    let text = "package main\n\nimport \"fmt\"\n\ntype Boat struct {\n\tname   int\n\tlength float64\n}\n\nfunc boat(name string) Boat {\n\treturn Boat{name, 8.5}\n}\n\nfunc (b Boat) label() string {\n\treturn b.name\n}\n\nfunc main() {\n\tfmt.Println(boat(\"Gull\").label())\n}\n";
    check("go", "boat.go", text, 6, "write `string` instead of `int`");
    let text = "program Boats;\ntype\n  TBoat = record\n    name: integer;\n  end;\nvar\n  boat: TBoat;\n  first: string;\nbegin\n  boat.name := 'Gull';\n  first := boat.name;\n  writeln(first);\nend.\n";
    check("fpc", "boats.pas", text, 4, "write `string` instead of `integer`");
}

#[test]
fn a_number_in_quotes_is_not_made_a_text_by_its_declaration() {
    if !have("javac") {
        return;
    }
    let text = "class Quay {\n    int seats = \"40\";\n    void fill() {\n        seats = \"50\";\n    }\n}\n";
    let told = told("Quay.java", text);
    assert!(!told.iter().any(|line| line.contains("write `String` instead of `int`")), "{told:#?}");
}
