//! The smaller commands: demo, compilers, completions, man.

mod support;

use support::{Folder, have};

#[test]
fn the_demo_walks_to_a_program_that_compiles() {
    let all = [
        ("c", "gcc"),
        ("cpp", "g++"),
        ("java", "javac"),
        ("rust", "rustc"),
        ("typescript", "tsc"),
        ("haskell", "ghc"),
        ("pascal", "fpc"),
        ("csharp", "mcs"),
        ("scala", "scalac"),
        ("go", "go"),
    ];
    for (language, compiler) in all {
        if have(compiler) {
            let folder = Folder::new();
            let ran = folder.run(&["demo", "--language", language]);
            assert_eq!(ran.status, 0, "{language}: {} {}", ran.stdout, ran.stderr);
            assert!(ran.stdout.contains("it compiles."), "{}", ran.stdout);
            assert!(ran.stdout.contains("Mistake 1 of "), "{}", ran.stdout);
            assert_eq!(folder.left_behind(), 0);
            assert!(!folder.path("state").exists(), "the demo is no mend of the learner's");
        }
    }
}

#[test]
fn compilers_says_what_is_here() {
    let folder = Folder::new();
    let ran = folder.run(&["compilers"]);
    assert_eq!(ran.status, 0);
    assert!(ran.stdout.contains("rustc"), "{}", ran.stdout);
    let json: serde_json::Value =
        serde_json::from_str(&folder.run(&["compilers", "--json"]).stdout).unwrap();
    let rustc = json.as_array().unwrap().iter().find(|line| line["compiler"] == "rustc").unwrap();
    assert!(rustc["version"].as_str().unwrap().starts_with("1."));
}

#[test]
fn help_completions_and_manual_page_name_every_command() {
    let folder = Folder::new();
    let help = folder.run(&["--help"]).stdout;
    for command in ["look", "read", "mend", "undo", "compilers", "demo", "completions", "man"] {
        assert!(help.contains(command), "{command}");
    }
    assert!(folder.run(&["completions", "bash"]).stdout.contains("erratum"));
    assert!(folder.run(&["man"]).stdout.contains(".TH erratum"));
}
