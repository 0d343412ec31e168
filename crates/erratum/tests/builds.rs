//! Builds of several files and tools: `erratum look -- COMMAND`, and saved logs of them.

mod support;

use support::{Folder, Ran, have};

fn harbour() -> Folder {
    let folder = Folder::new();
    folder
        .write("Makefile", "all:\n\t$(MAKE) -C src\n")
        .write("src/Makefile", "CFLAGS = -DDEPTH=3 -I../include -Wall\nall: tide.o fare.o\n")
        .write("include/pier.h", "#define PIER \"north\"\nint fare(int zone);\n")
        .write("src/tide.c", "#include <stdio.h>\n#include \"pier.h\"\n\nint main(void) {\n    int tide = DEPTH\n    printf(\"%s %d\\n\", PIER, tide);\n    return 0;\n}\n")
        .write("src/fare.c", "#include \"pier.h\"\n\nint fare(int zone) {\n    return zoen + DEPTH;\n}\n");
    folder
}

#[test]
fn make_in_folders_is_proved_on_copies_of_the_project() {
    if !have("make") || !have("gcc") {
        return;
    }
    let folder = harbour();
    let ran = folder.run(&["look", "--all", "--budget", "30", "--", "make", "-k"]);
    assert_eq!(ran.status, 1, "{}{}", ran.stdout, ran.stderr);
    let text = &ran.stdout;
    assert!(text.contains("2 files have errors. Start with src/tide.c."), "{text}");
    assert!(text.contains("Add `;` at the end of line 5"), "{text}");
    assert!(text.contains("write `zone` instead of `zoen`"), "{text}");
    assert_eq!(text.matches(" Proved.").count(), 2, "{text}");
    assert!(text.contains("  In src/fare.c:\n  line 4  at fault"), "{text}");
    // Nothing of the learner's is touched, and nothing is left behind.
    assert!(folder.read("src/tide.c").contains("DEPTH\n"));
    assert_eq!(folder.left_behind(), 0);
}

#[test]
fn flags_of_a_build_are_used_for_a_file_alone() {
    if !have("gcc") {
        return;
    }
    let folder = harbour();
    let entry = |file: &str| {
        format!(
            "{{\"directory\": {:?}, \"file\": \"src/{file}\", \"command\": \"gcc -DDEPTH=3 -Iinclude -c src/{file}\"}}",
            folder.path("").display().to_string()
        )
    };
    folder.write("compile_commands.json", format!("[{}]", entry("tide.c")));
    let ran = folder.run(&["look", "--", "gcc", "-DDEPTH=3", "-Iinclude", "-c", "src/tide.c"]);
    assert!(ran.stdout.contains("Proved on a copy"), "{}", ran.stdout);
    assert!(ran.stdout.contains("Add `;` at the end of line 5"), "{}", ran.stdout);
}

#[test]
fn a_module_of_go() {
    if !have("go") {
        return;
    }
    let folder = Folder::new();
    folder
        .write("go.mod", "module harbour.example/ferry\n\ngo 1.19\n")
        .write("main.go", "package main\n\nimport (\n\t\"fmt\"\n\t\"harbour.example/ferry/tide\"\n)\n\nfunc main() {\n\tfmt.Println(tide.Levle(3))\n}\n")
        .write("tide/tide.go", "package tide\n\nfunc Level(hour int) int {\n\treturn hour * 2\n}\n");
    let mut command = folder.command(&["look", "--budget", "30", "--", "go", "build", "./..."]);
    let ran = Ran::of(command.env("GOCACHE", folder.path("cache")).env("GOFLAGS", "-mod=mod"));
    assert!(
        ran.stdout.contains("write `Level` instead of `Levle`"),
        "{}{}",
        ran.stdout,
        ran.stderr
    );
    assert!(ran.stdout.contains("Proved on a copy"), "{}", ran.stdout);
}

#[test]
fn a_log_of_several_languages_keeps_each_message() {
    let folder = Folder::new();
    folder.write(
        "build.log",
        "[1/4] cc -c src/a.c\n\u{1b}[1msrc/a.c:3:5: \u{1b}[31merror:\u{1b}[m 'tdie' undeclared\nsrc/web.ts(4,12): error TS2304: Cannot find name 'tdie'.\n[ERROR] /w/Ferry.java:[5,17] cannot find symbol\n./main.go:9:2: undefined: tdie\nFerry.hs:5:3: error: Variable not in scope: tdie\n[2/4] done\n",
    );
    let ran = folder.run(&["read", "--json", "build.log"]);
    let verdict: serde_json::Value = serde_json::from_str(&ran.stdout).unwrap();
    let files: Vec<&str> = verdict["messages"]
        .as_array()
        .unwrap()
        .iter()
        .map(|m| m["at"]["file"].as_str().unwrap())
        .collect();
    assert_eq!(files, ["src/a.c", "src/web.ts", "/w/Ferry.java", "./main.go", "Ferry.hs"]);
}

#[test]
fn noise_of_builds_holds_no_messages() {
    let lines = [
        "gcc -Wall -Werror=format -o errors.o -c errors.c",
        "make[2]: Entering directory '/w/error/src'",
        "Compiling error.pas",
        "0 errors, 0 warnings",
        "[INFO] BUILD SUCCESS in 3 s (error: none)",
        "test tide_error(12) ... ok",
        "    main.go:44 +0x1d",
        "ok  \tharbour.example/ferry\t0.3s",
        "Hint: Start of reading config file /etc/fpc.cfg",
        "warning generation is switched off",
        "[1 of 3] Compiling Main             ( Main.hs, nothing )",
        "Copying File.cs (3 KB): done",
        "npm notice error reporting is off",
    ];
    let folder = Folder::new();
    let mut noise = String::new();
    while noise.len() < 2 << 20 {
        lines.iter().for_each(|line| noise.extend([line, "\n"]));
    }
    folder.write("noise.log", noise);
    let ran = folder.run(&["read", "--json", "noise.log"]);
    let verdict: serde_json::Value = serde_json::from_str(&ran.stdout).unwrap();
    assert_eq!(verdict["messages"].as_array().map(Vec::len), Some(0), "{}", &ran.stdout[..400]);
}

#[test]
fn what_a_build_complains_of_is_mended_and_taken_back() {
    if !have("make") || !have("gcc") {
        return;
    }
    let folder = harbour();
    let before = folder.read("src/tide.c");
    let ran = folder.run(&["mend", "--all", "--yes", "--budget", "30", "--", "make", "-k"]);
    assert_eq!(ran.status, 0, "{}{}", ran.stdout, ran.stderr);
    assert!(folder.read("src/tide.c").contains("DEPTH;\n"));
    assert!(folder.read("src/fare.c").contains("zone + DEPTH"));
    let again = folder.run(&["look", "--", "make", "-k"]);
    assert_eq!(again.status, 0, "{}", again.stdout);
    folder.run(&["undo"]);
    assert_eq!(folder.read("src/tide.c"), before);
}

#[test]
fn a_build_of_two_languages_is_mended_one_after_the_other() {
    if !have("make") || !have("gcc") || !have("javac") {
        return;
    }
    let folder = harbour();
    folder
        .write("Makefile", "all: c java\nc:\n\t$(MAKE) -C src\njava:\n\tjavac -d out Pier.java\n")
        .write(
            "src/fare.c",
            "#include \"pier.h\"\n\nint fare(int zone) {\n    return zone + DEPTH;\n}\n",
        )
        .write(
            "Pier.java",
            "class Pier {\n    static int fare(int zone) {\n        return zoen;\n    }\n}\n",
        );
    let ran = folder.run(&["look", "--all", "--budget", "30", "--", "make", "-k"]);
    let text = &ran.stdout;
    assert!(text.contains("  C: src/tide.c\n  Java: Pier.java\n"), "{text}");
    // The errors of the other language are no mistakes of this one.
    assert!(text.contains("1 error comes from gcc; behind it is 1 mistake."), "{text}");
    assert!(text.contains("Next: `erratum mend -- make -k`"), "{text}");
    let first = folder.run(&["mend", "--yes", "--budget", "30", "--", "make", "-k"]);
    assert!(folder.read("src/tide.c").contains("DEPTH;\n"), "{}", first.stdout);
    let second = folder.run(&["mend", "--yes", "--budget", "30", "--", "make", "-k"]);
    assert_eq!(second.status, 0, "{}{}", second.stdout, second.stderr);
    assert!(folder.read("Pier.java").contains("return zone;"));
}

#[test]
fn a_build_and_files_are_not_mended_at_once() {
    let folder = harbour();
    let ran = folder.run(&["mend", "src/tide.c", "--", "make"]);
    assert_eq!(ran.status, 2, "{}", ran.stdout);
    let none = folder.run(&["mend"]);
    assert_eq!(none.status, 2, "{}", none.stdout);
    assert!(none.stderr.contains("no file is named"), "{}", none.stderr);
}

#[test]
fn a_folder_that_is_too_large_to_be_copied_is_named_with_what_to_do() {
    if !have("make") || !have("gcc") {
        return;
    }
    let folder = Folder::new();
    folder
        .write("inc/quay.h", "int quay(int);\n")
        .write("tide.c", "#include <quay.h>\n\nint main(void) {\n    return quay(BERTH)\n}\n")
        .write("Makefile", "tide.o: tide.c\n\tgcc -c -Iinc -DBERTH=2 tide.c\n");
    for number in 0..3001 {
        folder.write(&format!("log{number}"), "");
    }
    let ran = folder.run(&["mend", "--yes", "--", "make"]);
    assert_eq!(ran.status, 2, "{}", ran.stdout);
    assert!(ran.stderr.contains("holds more than 3000 files or 64 MB"), "{}", ran.stderr);
    assert!(ran.stderr.contains("ignore file. `erratum look -- COMMAND`"), "{}", ran.stderr);
    assert_eq!(folder.left_behind(), 0);
}

#[test]
fn files_of_one_package_are_looked_at_together() {
    if !have("go") {
        return;
    }
    let folder = Folder::new();
    folder.write("main.go", "package main\n\nfunc main() {\n\tprintln(low(3))\n}\n");
    folder.write("low.go", "package main\n\nfunc low(t int) int {\n\treturn t - 1\n}\n");
    folder.write("low_test.go", "package main\n\nfunc broken( {\n");
    folder.write("other.go", "package main\n\nfunc main() {\n\tprintln(high)\n}\n");
    let ran = folder.run(&["look", "main.go"]);
    assert_eq!(ran.status, 0, "{}", ran.stdout);
    folder.write("low.go", "package main\n\nfunc low(tide int) int {\n\treturn tied - 1\n}\n");
    let ran = folder.run(&["look", "main.go"]);
    assert!(ran.stdout.contains("In low.go:"), "{}", ran.stdout);
    assert!(!ran.stdout.contains("high"), "{}", ran.stdout);
}
