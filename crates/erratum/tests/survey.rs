//! `erratum survey`, with the C compiler.

mod support;

use support::{Folder, SOUND, TIDE};

/// A class of four: one sound, two with the same slip, one with another.
fn class() -> Folder {
    let folder = Folder::new();
    let other = SOUND.replace("tide);", "tdie);");
    folder
        .write("class/ada/tide.c", SOUND)
        .write("class/bo/tide.c", TIDE)
        .write("class/cleo/tide.c", TIDE.replace("    int tide", "  int  tide"))
        .write("class/dan.c", other)
        .write("class/notes.txt", "nothing to compile");
    folder
}

#[test]
fn what_a_class_has_in_common_is_told() {
    let folder = class();
    let ran = folder.run(&["survey", "class"]);
    assert_eq!(ran.status, 1, "{}", ran.stderr);
    let said = &ran.stdout;
    assert!(said.starts_with("4 hand-ins, 1 of them compile."), "{said}");
    assert!(said.contains("A statement is not ended (2 learners)."), "{said}");
    assert!(said.contains("   2  bo, cleo\n      int tide = 3"), "{said}");
    let hidden = folder.run(&["survey", "class", "--anonymous"]).stdout;
    assert!(hidden.contains("learner 2, learner 3") && !hidden.contains("cleo"), "{hidden}");
    let csv = folder.run(&["survey", "class", "--csv"]).stdout;
    assert!(csv.contains("ada,c,compiles,,,,,\n"), "{csv}");
    assert!(csv.contains("bo,c,wrong,missing-terminator,class/bo/tide.c,4,false,"), "{csv}");
    // The hand-ins are as they were.
    assert_eq!(folder.read("class/bo/tide.c"), TIDE);
    assert_eq!(folder.left_behind(), 0);
}

#[test]
fn a_ceiling_for_memory_changes_no_answer() {
    let folder = class();
    let plain = folder.run(&["survey", "class", "--json"]);
    let low = folder.run(&["survey", "class", "--json", "--memory", "1", "--workers", "4"]);
    assert_eq!((low.status, low.stdout), (plain.status, plain.stdout));
    assert_eq!(folder.run(&["survey", "class", "--memory", "0"]).status, 2);
}

#[test]
fn archives_are_read_and_the_class_is_a_page() {
    let folder = class();
    let ran = folder.run(&["survey", "class", "--html", "class.html"]);
    assert_eq!(ran.status, 1, "{}", ran.stderr);
    assert!(ran.stdout.ends_with("Written to class.html.\n"), "{}", ran.stdout);
    let page = folder.read("class.html");
    assert!(page.contains("<td>cleo</td><td>c</td><td>wrong</td>"), "{page}");
    assert_eq!(folder.run(&["survey", "class", "--html", "class.html"]).status, 2, "it is there");
    assert_eq!(folder.read("class.html"), page);
    // The same class as one archive, and one whose archive is none.
    let tar = std::process::Command::new("tar")
        .args(["-czf", "all.tgz", "class"])
        .current_dir(folder.path("."))
        .status();
    assert!(tar.unwrap().success());
    let csv = folder.run(&["survey", "all.tgz", "--csv"]).stdout;
    assert!(csv.contains("bo,c,wrong,missing-terminator,all.tgz/class/bo/tide.c,4,"), "{csv}");
    let json = folder.run(&["survey", "all.tgz", "--json", "--state", "kept"]).stdout;
    assert_eq!(folder.run(&["survey", "all.tgz", "--json", "--state", "kept"]).stdout, json);
    assert_eq!(folder.read("kept").lines().count(), 4, "nothing was looked at again");
    folder.write("class/eve.zip", "no archive");
    let ran = folder.run(&["survey", "class"]);
    assert!(ran.stdout.contains("Not looked at\n  eve: "), "{}", ran.stdout);
    assert_eq!(folder.run(&["survey", "class/eve.zip"]).status, 2);
    assert_eq!(folder.left_behind(), 0);
}

#[test]
fn a_second_run_does_what_has_changed_and_parts_give_the_whole() {
    let folder = class();
    let whole = folder.run(&["survey", "class", "--state", "kept"]).stdout;
    assert_eq!(folder.read("kept").lines().count(), 4);
    assert_eq!(folder.run(&["survey", "class", "--state", "kept"]).stdout, whole);
    assert_eq!(folder.read("kept").lines().count(), 4, "nothing was looked at again");
    // Killed in the middle of a line, it goes on where it was.
    let kept = folder.read("kept");
    let cut = kept.lines().take(2).map(|line| format!("{line}\n")).collect::<String>() + "{\"sch";
    folder.write("cut", cut);
    assert_eq!(folder.run(&["survey", "class", "--state", "cut"]).stdout, whole);
    assert_eq!(folder.run(&["survey", "class", "--state", "cut"]).stdout, whole, "and once more");
    folder.write("class/bo/tide.c", SOUND);
    let less = folder.run(&["survey", "class", "--state", "kept"]).stdout;
    assert!(less.starts_with("4 hand-ins, 2 of them compile."), "{less}");
    assert_eq!(folder.read("kept").lines().count(), 5);
    for part in ["1/3", "2/3", "3/3"] {
        let name = format!("part{}", &part[..1]);
        let ran = folder.run(&["survey", "class", "--shard", part, "--json"]);
        folder.write(&name, ran.stdout);
    }
    let merged = folder.run(&["survey", "--merge", "part1", "part2", "part3"]).stdout;
    assert_eq!(merged, less);
    assert_eq!(folder.run(&["survey", "--merge", "kept"]).stdout, less, "the last record counts");
}

#[test]
fn what_is_no_class_is_named() {
    let folder = class();
    folder.write("empty/none/.keep", "").write("bad", "{}\n{}\n");
    folder.write("later", "{\"schema\":\"erratum/survey/9\"}\n");
    folder
        .write("odd/eve/tide.c", "")
        .write("odd/f\u{7}/tide.c", "int main(void) {\n    return 0\n}\n");
    let refused = |arguments: &[&str]| {
        let ran = folder.run(arguments);
        assert_eq!(ran.status, 2, "{arguments:?}: {}", ran.stdout);
        ran.stderr
    };
    assert!(refused(&["survey", "nowhere"]).contains("nowhere"));
    assert!(refused(&["survey", "empty"]).contains("no programs were found"));
    assert!(refused(&["survey", "class", "--shard", "4/3"]).contains("write it as 2/5"));
    assert!(refused(&["survey", "--merge", "bad"]).contains("bad: line 1 is no record"));
    assert!(refused(&["survey", "class", "--state", "bad"]).contains("line 1"));
    // What cannot be looked at is named, and costs only itself.
    let ran = folder.run(&["survey", "odd"]);
    assert!(ran.stdout.contains("Not looked at") && ran.stdout.contains("eve: "), "{}", ran.stdout);
    assert!(!ran.stdout.contains('\u{7}'), "{:?}", ran.stdout);
}

#[test]
fn a_pattern_says_what_one_hand_in_is() {
    let folder = class();
    folder.write("class/ada/week3/quay.c", TIDE).write("class/bo/week3/quay.c", SOUND);
    let ran = folder.run(&["survey", "class", "--unit", "*/week3", "--csv"]);
    let wanted = "ada/week3,c,wrong,missing-terminator,class/ada/week3/quay.c,4,";
    assert!(ran.stdout.contains(wanted), "{}", ran.stdout);
    assert!(ran.stdout.contains("bo/week3,c,compiles,") && !ran.stdout.contains("cleo"));
    let ran = folder.run(&["survey", "class", "--unit", "week9"]);
    assert!(ran.status == 2 && ran.stderr.contains("fits --unit 'week9'"), "{}", ran.stderr);
    assert_eq!(folder.run(&["survey", "class", "--unit", "[", "--csv"]).status, 2);
}

#[test]
fn each_learner_gets_a_page_and_nothing_else_is_written_over() {
    let folder = class();
    folder.write("class/a<b>/tide.c", TIDE);
    let run = || folder.run(&["survey", "class", "--pages", "pages", "--state", "kept"]);
    assert!(run().stdout.contains("A page for each learner is in pages."));
    let page = folder.read("pages/bo-c.html");
    assert!(page.contains("<h1>bo</h1>") && page.contains("<h2>Mistake: "), "{page}");
    assert!(page.contains("To mend it: Add `;`") && !page.contains('\u{1b}'), "{page}");
    assert!(folder.read("pages/ada-c.html").contains("tide.c compiles."));
    let names = std::fs::read_dir(folder.path("pages")).unwrap().flatten();
    let names: Vec<String> = names.map(|one| one.file_name().into_string().unwrap()).collect();
    assert!(names.len() == 5 && names.iter().any(|name| name.starts_with("a-b--")), "{names:?}");
    // One that is gone is made again, for a hand-in that has not changed.
    std::fs::remove_file(folder.path("pages/bo-c.html")).unwrap();
    assert_eq!(run().status, 1);
    assert_eq!(folder.read("pages/bo-c.html"), page);
    folder.write("pages/bo-c.html", "a letter").write("class/bo/tide.c", SOUND);
    let ran = run();
    assert!(ran.status == 2 && ran.stderr.contains("no page of Erratum's"), "{}", ran.stderr);
    assert_eq!(folder.read("pages/bo-c.html"), "a letter");
    assert_eq!(folder.left_behind(), 0);
}

#[test]
fn a_build_runs_in_confined_copies_only() {
    let folder = Folder::new();
    let wide = "int main(void) {\n#ifdef WIDE\n    return 0\n#endif\n}\n";
    let outside = folder.path("outside").display().to_string();
    let make = format!("cp quay.c {outside}; touch here; cc -DWIDE -fsyntax-only quay.c");
    folder.write("class/ada/quay.c", wide).write("class/bo.c", SOUND);
    if !folder.run(&["compilers"]).stdout.contains("confined: they write only") {
        // Without a way to confine it, nothing is built.
        let ran = folder.run(&["survey", "class", "--csv", "--", "sh", "-c", &make]);
        assert!(ran.stdout.contains("ada,c,failed"), "{}", ran.stdout);
        return;
    }
    let ran = folder.run(&["survey", "class", "--csv", "--", "sh", "-c", &make]);
    let wanted = "ada,c,wrong,missing-terminator,class/ada/quay.c,3,";
    assert!(ran.stdout.contains(wanted), "{}{}", ran.stdout, ran.stderr);
    assert!(ran.stdout.contains("bo,c,failed"), "a file has no folder to build: {}", ran.stdout);
    assert!(!folder.path("outside").exists() && !folder.path("class/ada/here").exists());
    assert_eq!(folder.left_behind(), 0);
}

#[test]
fn the_made_up_class_is_surveyed() {
    let folder = Folder::new();
    let ran = folder.run(&["demo", "--class", "ferry", "--language", "c"]);
    assert_eq!(ran.status, 0, "{}", ran.stderr);
    assert!(
        ran.stdout.contains("40 hand-ins, ") && ran.stdout.contains("   5  "),
        "{}",
        ran.stdout
    );
    assert_eq!(std::fs::read_dir(folder.path("ferry")).unwrap().count(), 40);
    let again = folder.run(&["demo", "--class", "ferry"]);
    assert!(again.status == 2 && again.stderr.contains("is there already"), "{}", again.stderr);
}
