use super::*;
use erratum_syntax::language::by_id;

/// A folder with files, and what belongs to the first of them, named from that folder.
fn found(id: &str, files: &[(&str, &str)]) -> (Vec<String>, Vec<String>, Vec<String>) {
    let folder = tempfile::tempdir().unwrap();
    let root = dunce::canonicalize(folder.path()).unwrap();
    for (name, text) in files {
        let path = root.join(name);
        fs::create_dir_all(path.parent().unwrap()).unwrap();
        fs::write(path, text).unwrap();
    }
    let language = by_id(id).unwrap();
    let layout = Layout::find(language, &[root.join(files[0].0)], Some(&root));
    let name = |path: &PathBuf| path.strip_prefix(&root).unwrap().display().to_string();
    (
        layout.searched.iter().map(name).collect(),
        layout.needed.iter().map(name).collect(),
        layout.together.iter().map(name).collect(),
    )
}

#[test]
fn a_header_is_found_in_the_folder_that_fits() {
    let (searched, needed, _) = found(
        "c",
        &[
            ("src/quay.c", "#include <stdio.h>\n#include \"tide.h\"\n"),
            ("Makefile", ""),
            ("include/tide.h", "#include \"port/berth.h\"\n"),
            ("include/port/berth.h", ""),
            ("include/other.h", ""),
        ],
    );
    assert_eq!(searched, ["include"]);
    assert_eq!(needed, ["include/port/berth.h", "include/tide.h"]);
}

#[test]
fn a_header_beside_its_text_needs_no_folder() {
    let files = [("quay.c", "#include \"tide.h\"\n"), ("tide.h", ""), ("Makefile", "")];
    assert_eq!(found("c", &files).0, Vec::<String>::new());
}

#[test]
fn of_two_headers_the_nearer_one_is_taken_and_of_two_as_near_none() {
    let files = [
        ("ferry/src/quay.c", "#include \"tide.h\"\n"),
        ("Makefile", ""),
        ("ferry/include/tide.h", ""),
        ("barge/include/tide.h", ""),
    ];
    assert_eq!(found("c", &files).0, ["ferry/include"]);
    let files = [
        ("src/quay.c", "#include \"tide.h\"\n"),
        ("Makefile", ""),
        ("old/tide.h", ""),
        ("new/tide.h", ""),
    ];
    assert_eq!(found("c", &files).0, Vec::<String>::new());
}

#[test]
fn without_a_build_file_only_usual_folders_are_a_project() {
    let quay = "#include \"tide.h\"\n";
    let usual = [("src/quay.c", quay), ("include/tide.h", "")];
    assert_eq!(found("c", &usual).0, ["include"]);
    let other = [("monday/quay.c", quay), ("tuesday/tide.h", "")];
    assert_eq!(found("c", &other).0, Vec::<String>::new());
}

#[test]
fn packages_lie_below_their_folder_of_sources() {
    let fare = "package harbour.fares;\n\nimport harbour.tides.Tide;\nimport java.util.List;\n";
    let files = [
        ("src/main/java/harbour/fares/Fare.java", fare),
        ("src/main/java/harbour/tides/Tide.java", "package harbour.tides;\n"),
    ];
    assert_eq!(found("java", &files).0, ["src/main/java"]);
    // Tests see the main sources of the same package.
    let files = [
        ("src/test/java/harbour/fares/FareTest.java", "package harbour.fares;\n"),
        ("src/main/java/harbour/fares/Fare.java", "package harbour.fares;\n"),
        ("pom.xml", ""),
    ];
    assert_eq!(found("java", &files).0, ["src/test/java", "src/main/java"]);
    let files =
        [("src/test/java/FareTest.java", ""), ("src/main/java/Fare.java", ""), ("pom.xml", "")];
    assert_eq!(found("java", &files).0, ["src/main/java"]);
}

#[test]
fn what_is_within_a_class_is_answered_by_its_file() {
    let quay = "import static harbour.Tide.Level.LOW;\nimport harbour.fares.*;\n";
    let files = [
        ("app/src/Quay.java", quay),
        ("app/build.xml", ""),
        ("lib/harbour/Tide.java", "package harbour;\n"),
        ("lib/harbour/fares/Fare.java", "package harbour.fares;\n"),
        ("settings.gradle", ""),
    ];
    assert_eq!(found("java", &files).0, ["lib"]);
}

#[test]
fn modules_are_found_by_the_parts_of_their_names() {
    let main = "module Main where\n\nimport qualified Data.Map as Map\nimport qualified Harbour.Tide as T\n";
    let files = [
        ("app/Main.hs", main),
        ("harbour.cabal", ""),
        ("src/Harbour/Tide.hs", "module Harbour.Tide where\nimport Harbour.Fare\n"),
        ("src/Harbour/Fare.hs", "module Harbour.Fare where\n"),
    ];
    let (searched, needed, _) = found("haskell", &files);
    assert_eq!(searched, ["src"]);
    assert_eq!(needed.len(), 2);
    let files = [
        ("src/Harbour/Fare.hs", "module Harbour.Fare where\nimport Harbour.Tide\n"),
        ("src/Harbour/Tide.hs", "module Harbour.Tide where\n"),
    ];
    assert_eq!(found("haskell", &files).0, ["src"]);
}

#[test]
fn a_list_of_units_goes_over_lines_and_case() {
    let quay =
        "program Quay;\nuses SysUtils,\n  Tides,\n  Fares in 'units/fares.pas';\nbegin\nend.\n";
    let files = [
        ("quay.lpr", quay),
        ("quay.lpi", ""),
        ("units/tides.pas", "unit Tides;\n"),
        ("units/fares.pas", "unit Fares;\n"),
    ];
    let (searched, needed, _) = found("pascal", &files);
    assert_eq!(searched, ["units"]);
    assert_eq!(needed, ["units/fares.pas", "units/tides.pas"]);
    let files = [
        ("src/main.adb", "with Harbour.Tides; use Harbour.Tides;\n"),
        ("lib/harbour-tides.ads", ""),
    ];
    assert_eq!(found("ada", &files).0, ["lib"]);
}

#[test]
fn a_project_that_compiles_all_its_files_has_them() {
    let files = [
        ("port/Program.cs", ""),
        ("port/harbour.csproj", ""),
        ("port/tides/Tide.cs", ""),
        ("port/obj/Made.cs", ""),
        ("other/Else.cs", ""),
    ];
    assert_eq!(found("csharp", &files).2, ["port/tides/Tide.cs"]);
    let files = [
        ("src/test/scala/FareTest.scala", ""),
        ("src/main/scala/tides/Tide.scala", ""),
        ("src/test/scala/Other.scala", ""),
        ("scripts/Else.scala", ""),
        ("build.sbt", ""),
    ];
    let together = found("scala", &files).2;
    assert_eq!(together, ["src/main/scala/tides/Tide.scala", "src/test/scala/Other.scala"]);
}

#[test]
fn packages_of_a_module_are_named_from_its_folder() {
    let main = "package main\n\nimport (\n\t\"fmt\"\n\t\"harbour/tides\"\n)\n";
    let files = [
        ("cmd/main.go", main),
        ("go.mod", "module harbour\n\ngo 1.19\n"),
        ("tides/tide.go", "package tides\n"),
    ];
    assert_eq!(found("go", &files).0, [""]);
    let plain =
        [("cmd/main.go", "package main\n\nimport \"fmt\"\n"), ("go.mod", "module harbour\n")];
    assert!(found("go", &plain).0.is_empty());
}

#[test]
fn a_path_is_meant_from_its_text() {
    let fare =
        "import { Tide } from \"../tides/tide\";\nconst port = require('./port/index.js');\n";
    let files = [
        ("src/fares/fare.ts", fare),
        ("src/tides/tide.ts", "export * from './level';\n"),
        ("src/tides/level.d.ts", ""),
        ("src/fares/port/index.ts", ""),
    ];
    let (_, needed, _) = found("typescript", &files);
    assert_eq!(needed, ["src/fares/port/index.ts", "src/tides/level.d.ts", "src/tides/tide.ts"]);
}

#[test]
fn nothing_outside_of_the_limit_is_taken() {
    let folder = tempfile::tempdir().unwrap();
    let root = dunce::canonicalize(folder.path()).unwrap();
    fs::create_dir_all(root.join("one/src")).unwrap();
    fs::create_dir_all(root.join("two")).unwrap();
    fs::write(root.join("Makefile"), "").unwrap();
    fs::write(root.join("one/src/quay.c"), "#include \"tide.h\"\n").unwrap();
    fs::write(root.join("two/tide.h"), "").unwrap();
    let files = [root.join("one/src/quay.c")];
    let language = by_id("c").unwrap();
    assert!(Layout::find(language, &files, Some(&root.join("one"))).searched.is_empty());
    assert_eq!(Layout::find(language, &files, Some(&root)).searched, [root.join("two")]);
}
