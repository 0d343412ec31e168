//! What platforms, CI and scripts read: `--sarif`, and the examples of the documentation.

mod support;

use serde_json::Value;
use support::{Folder, TIDE, have};

/// The schema of the standard, as its authors publish it (OASIS SARIF TC, whose notice allows copies).
const SCHEMA: &str = include_str!("data/sarif-2.1.0.schema.json");

/// What is printed, if it satisfies the schema.
fn valid(printed: &str) -> Value {
    // One of its patterns has a bracket too many, which a strict reader refuses.
    let schema: Value = serde_json::from_str(&SCHEMA.replace("{2}]?$", "{2}$")).unwrap();
    let log: Value =
        serde_json::from_str(printed).unwrap_or_else(|error| panic!("{error}: {printed}"));
    let validator = jsonschema::validator_for(&schema).unwrap();
    let errors: Vec<String> = validator.iter_errors(&log).map(|error| error.to_string()).collect();
    assert_eq!(errors, Vec::<String>::new(), "{printed}");
    log
}

#[test]
fn a_mistake_is_a_result_at_its_own_place_with_its_fix() {
    if !have("gcc") {
        return;
    }
    let folder = Folder::new();
    let ran = folder.write("a quay/tide.c", TIDE).run(&["look", "--sarif", "a quay/tide.c"]);
    assert_eq!(ran.status, 1, "{}", ran.stderr);
    let log = valid(&ran.stdout);
    let run = &log["runs"][0];
    assert_eq!(run["columnKind"], "unicodeCodePoints");
    let result = &run["results"][0];
    assert_eq!(result["ruleId"], "missing-terminator");
    assert_eq!(run["tool"]["driver"]["rules"][0]["id"], "missing-terminator");
    let place = &result["locations"][0]["physicalLocation"];
    assert_eq!(place["artifactLocation"]["uri"], "a%20quay/tide.c");
    assert_eq!(place["region"]["startLine"], 4);
    // The compiler points behind it.
    let related = &result["relatedLocations"][0];
    assert_eq!(related["physicalLocation"]["region"]["startLine"], 5);
    assert!(related["message"]["text"].as_str().unwrap().contains("before"), "{related}");
    let fix = &result["fixes"][0];
    assert!(fix["description"]["text"].as_str().unwrap().ends_with("(sure)"), "{fix}");
    let new = &fix["artifactChanges"][0]["replacements"][0]["insertedContent"]["text"];
    assert_eq!(new, ";");
    assert!(result["suppressions"].is_null());
}

#[test]
fn a_sound_program_has_no_results() {
    if !have("gcc") {
        return;
    }
    let folder = Folder::new();
    let ran = folder.write("tide.c", support::SOUND).run(&["look", "--sarif", "tide.c"]);
    assert_eq!(ran.status, 0);
    assert_eq!(valid(&ran.stdout)["runs"][0]["results"].as_array().unwrap().len(), 0);
}

#[test]
fn a_log_is_handed_on_in_the_same_form() {
    let folder = Folder::new();
    let log =
        "tide.c:5:5: error: expected ',' or ';' before 'printf'\ntide.c:9:1: warning: unused\n";
    let ran = folder.write("tide.c", TIDE).write("log", log).run(&["read", "--sarif", "log"]);
    assert_eq!(ran.status, 1, "{}", ran.stderr);
    let log = valid(&ran.stdout);
    assert_eq!(log["runs"][0]["results"][0]["level"], "error");
}

#[test]
fn a_class_is_one_run_with_a_result_for_each_mistake() {
    if !have("gcc") {
        return;
    }
    let folder = Folder::new();
    folder.write("class/ada.c", support::SOUND).write("class/bo.c", TIDE);
    folder.write("class/eve.zip", "no archive");
    let ran = folder.run(&["survey", "class", "--sarif"]);
    assert_eq!(ran.status, 1, "{}", ran.stderr);
    let log = valid(&ran.stdout);
    let run = &log["runs"][0];
    let results = run["results"].as_array().unwrap();
    assert_eq!(results.len(), 1, "{}", ran.stdout);
    let text = results[0]["message"]["text"].as_str().unwrap();
    assert!(text.starts_with("bo: A `;` is missing") && text.contains("It may be: Add"), "{text}");
    let place = &results[0]["locations"][0]["physicalLocation"];
    assert_eq!(place["artifactLocation"]["uri"], "class/bo.c");
    assert_eq!(place["region"]["startLine"], 4);
    let notice = &run["invocations"][0]["toolExecutionNotifications"][0]["message"]["text"];
    assert!(notice.as_str().unwrap().starts_with("eve"), "{notice}");
    let hidden = folder.run(&["survey", "class", "--sarif", "--anonymous"]).stdout;
    assert!(!hidden.contains("bo.c") && !hidden.contains("bo:"), "{hidden}");
    assert_eq!(folder.run(&["survey", "class", "--sarif", "--csv"]).status, 2);
}

#[test]
fn it_is_printed_alone() {
    let folder = Folder::new();
    let ran = folder.write("tide.c", TIDE).run(&["look", "--sarif", "--json", "tide.c"]);
    assert_eq!(ran.status, 2);
}

/// The examples of `docs/scripts.md`, as they stand there.
#[test]
#[cfg(unix)]
fn the_examples_for_scripts_run() {
    if !have("gcc") || !have("patch") || !have("make") {
        return;
    }
    let page = include_str!("../../../docs/scripts.md");
    let examples: Vec<&str> =
        page.split("```sh\n").skip(1).filter_map(|part| part.split("```").next()).collect();
    assert_eq!(examples.len(), 3);
    let folder = Folder::new();
    folder.write("tide.c", TIDE).write("Makefile", "tide: tide.c\n\tgcc -fsyntax-only tide.c\n");
    let plain = folder.command(&[]);
    let program = std::path::Path::new(plain.get_program()).parent().unwrap().to_owned();
    let path = std::env::join_paths(
        std::iter::once(program).chain(std::env::split_paths(&std::env::var_os("PATH").unwrap())),
    );
    let ran = |example: &str| {
        let mut shell = std::process::Command::new("sh");
        shell
            .args(["-c", example])
            .current_dir(folder.path(""))
            .env("PATH", path.as_ref().unwrap());
        shell.envs(plain.get_envs().filter_map(|(name, value)| Some((name, value?))));
        shell.output().unwrap()
    };
    let committed = ran(examples[0]);
    assert_eq!(committed.status.code(), Some(1));
    assert!(String::from_utf8_lossy(&committed.stdout).contains("tide.c:4"), "{committed:?}");
    assert_eq!(ran(examples[1]).status.code(), Some(1));
    assert!(folder.read("found.sarif").contains("missing-terminator"));
    assert!(ran(examples[2]).status.success());
    assert!(folder.read("change.diff").contains("+    int tide = 3;"));
}
