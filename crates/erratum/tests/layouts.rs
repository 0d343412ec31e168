//! Projects of several folders, as their build tools lay them out: one file is named, and what it asks for
//! is found.

mod support;

use support::{Folder, have};

/// Looks at one file from the folder of the project and from its own; each time these lines are told and
/// nothing else is a mistake.
fn check(compiler: &str, files: &[(&str, &str)], titles: &[&str]) {
    if !have(compiler) {
        return;
    }
    let folder = Folder::new();
    for (name, text) in files {
        folder.write(name, text);
    }
    let file = std::path::Path::new(files[0].0);
    let (within, name) = (file.parent().unwrap(), file.file_name().unwrap().to_str().unwrap());
    for (start, name) in [("", files[0].0), (within.to_str().unwrap(), name)] {
        let mut command = folder.command(&["look", "--json", "--compiles", "60", name]);
        let output = command.current_dir(folder.path(start)).output().unwrap();
        let told: serde_json::Value = serde_json::from_slice(&output.stdout)
            .unwrap_or_else(|_| panic!("{}", String::from_utf8_lossy(&output.stderr)));
        let roots = told["roots"].as_array().unwrap();
        let found: Vec<&str> = roots.iter().map(|root| root["title"].as_str().unwrap()).collect();
        assert_eq!(found, titles, "{compiler}, from {start:?}");
        // Whoever reads this finds the file.
        let base = told["build"]["folder"].as_str().map_or_else(|| folder.path(start), Into::into);
        let named = roots[0]["at"]["file"].as_str().unwrap();
        assert!(base.join(named).is_file(), "{base:?} {named}");
    }
    assert_eq!(folder.left_behind(), 0);
}

#[test]
fn headers_of_c() {
    let quay = "#include <stdio.h>\n#include \"tide.h\"\n\nint main(void) {\n    struct tide t = { 3 };\n    \
                int level = level_of(&t)\n    printf(\"%d\\n\", level + t.levle);\n    return 0;\n}\n";
    let header = "#include \"port/berth.h\"\nstruct tide { int level; };\nint level_of(const struct tide *t);\n";
    let files = [
        ("src/quay.c", quay),
        ("Makefile", "all:\n"),
        ("include/tide.h", header),
        ("include/port/berth.h", "struct berth { int number; };\n"),
    ];
    check(
        "gcc",
        &files,
        &["A `;` is missing at the end of line 6", "`levle` on line 7 should probably be `level`"],
    );
}

#[test]
fn headers_of_cpp() {
    let quay = "#include \"harbour/tide.hpp\"\n\nint main() {\n    harbour::Tide t{3};\n    \
                return t.levle();\n}\n";
    let header = "#pragma once\nnamespace harbour {\nclass Tide {\npublic:\n    explicit Tide(int level) : \
                  level_(level) {}\n    int level() const { return level_; }\nprivate:\n    int level_;\n};\n}\n";
    let files =
        [("app/quay.cpp", quay), ("CMakeLists.txt", ""), ("lib/include/harbour/tide.hpp", header)];
    check("g++", &files, &["`levle` on line 5 should probably be `level`"]);
}

#[test]
fn packages_of_java() {
    let fare = "package harbour.fares;\n\nimport harbour.tides.Tide;\n\npublic class Fare {\n    \
                static int of(Tide tide) {\n        return 4 + tide.levle();\n    }\n}\n";
    let tide = "package harbour.tides;\n\npublic class Tide {\n    public int level() {\n        return 3;\n    }\n}\n";
    let files = [
        ("src/main/java/harbour/fares/Fare.java", fare),
        ("pom.xml", ""),
        ("src/main/java/harbour/tides/Tide.java", tide),
    ];
    check("javac", &files, &["`levle` on line 7 should probably be `level`"]);
    // Tests use the classes of the main sources.
    let test =
        "class TideTest {\n    int level() {\n        return new Tide().levle();\n    }\n}\n";
    let files = [
        ("src/test/java/TideTest.java", test),
        ("build.gradle", ""),
        (
            "src/main/java/Tide.java",
            "class Tide {\n    int level() {\n        return 3;\n    }\n}\n",
        ),
    ];
    check("javac", &files, &["`levle` on line 3 should probably be `level`"]);
}

#[test]
fn sources_of_scala() {
    let quay = "package harbour\n\nimport harbour.tides.Tide\n\nobject Quay {\n  def level(t: Tide): Int = t.levle\n}\n";
    let files = [
        ("src/main/scala/harbour/Quay.scala", quay),
        ("build.sbt", ""),
        (
            "src/main/scala/harbour/tides/Tide.scala",
            "package harbour.tides\n\ncase class Tide(level: Int)\n",
        ),
    ];
    check("scalac", &files, &["`levle` on line 6 should probably be `level`"]);
}

#[test]
fn projects_of_csharp() {
    let program = "using System;\nusing Harbour.Tides;\n\nclass Program\n{\n    static void Main()\n    {\n        \
                   var t = new Tide();\n        Console.WriteLine(t.Levle);\n    }\n}\n";
    let tide = "namespace Harbour.Tides\n{\n    public class Tide\n    {\n        public int Level = 3;\n    }\n}\n";
    let files = [("Program.cs", program), ("harbour.csproj", ""), ("Tides/Tide.cs", tide)];
    check("mcs", &files, &["`Levle` on line 9 should probably be `Level`"]);
}

#[test]
fn modules_of_go() {
    let main = "package main\n\nimport (\n\t\"fmt\"\n\t\"harbour/tides\"\n)\n\nfunc main() {\n\tfmt.Println(tides.Lfit(3))\n}\n";
    let files = [
        ("cmd/quay/main.go", main),
        ("go.mod", "module harbour\n\ngo 1.19\n"),
        ("tides/tide.go", "package tides\n\nfunc Lift(level int) int { return level + 1 }\n"),
    ];
    check("go", &files, &["`Lfit` on line 9 should probably be `Lift`"]);
}

#[test]
fn modules_of_haskell() {
    let main = "module Main where\n\nimport Harbour.Tide\n\nmain :: IO ()\nmain = print (lfit 3)\n";
    let tide = "module Harbour.Tide (lift) where\n\nlift :: Int -> Int\nlift level = level + 1\n";
    let files = [("app/Main.hs", main), ("harbour.cabal", ""), ("src/Harbour/Tide.hs", tide)];
    check("ghc", &files, &["`lfit` on line 6 should probably be `lift`"]);
}

#[test]
fn units_of_pascal() {
    let quay = "program Quay;\n\nuses\n  Tides;\n\nbegin\n  WriteLn(Lfit(3));\nend.\n";
    let tides = "unit Tides;\n\ninterface\n\nfunction Lift(Level: Integer): Integer;\n\nimplementation\n\n\
                 function Lift(Level: Integer): Integer;\nbegin\n  Lift := Level + 1;\nend;\n\nend.\n";
    let files = [("src/quay.pas", quay), ("quay.lpi", ""), ("units/tides.pas", tides)];
    check("fpc", &files, &["`Lfit` on line 7 should probably be `Lift`"]);
}

#[test]
fn packages_of_ada() {
    let quay = "with Tides;\n\nprocedure Quay is\n   Level : Integer := Tides.Lfit (3);\nbegin\n   Level := Level + 1;\nend Quay;\n";
    let tides =
        "package Tides is\n   function Lift (Level : Integer) return Integer;\nend Tides;\n";
    let files = [("src/quay.adb", quay), ("quay.gpr", ""), ("lib/tides.ads", tides)];
    check("gnatmake", &files, &["`Lfit` on line 4 should probably be `Lift`"]);
}

#[test]
fn modules_of_typescript() {
    let fare = "import { Tide } from \"../tides/tide\";\n\nexport function fare(tide: Tide): number {\n    return tide.levle + 4;\n}\n";
    let files = [
        ("src/fares/fare.ts", fare),
        ("src/tides/tide.ts", "export interface Tide {\n    level: number;\n}\n"),
    ];
    check("tsc", &files, &["`levle` on line 4 should probably be `level`"]);
}

#[test]
fn what_lies_beside_a_hand_in_is_not_taken_for_it() {
    if !have("gcc") {
        return;
    }
    let folder = Folder::new();
    let quay = "#include \"tide.h\"\n\nint main(void) {\n    return LEVEL;\n}\n";
    folder
        .write("all/Makefile", "")
        .write("all/ada/src/quay.c", quay)
        .write("all/bob/include/tide.h", "#define LEVEL 3\n");
    let ran = folder.run(&["survey", "--json", "all"]);
    let told: serde_json::Value = serde_json::from_str(&ran.stdout).unwrap();
    assert!(told.to_string().contains("#include \\\"tide.h\\\""), "{}", ran.stdout);
}
