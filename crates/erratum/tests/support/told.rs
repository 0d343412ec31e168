//! What is told of a program, one line a mistake.

use super::{Folder, have};

/// What `look --quiet` tells of a program, without the name of its file.
fn told(name: &str, text: &str) -> Vec<String> {
    let folder = Folder::new();
    let ran = folder.write(name, text).run(&["look", "--quiet", "--compiles", "60", name]);
    assert_eq!(ran.status, 1, "{}{}", ran.stdout, ran.stderr);
    ran.stdout.lines().map(|line| line.replacen(&format!("{name}:"), "", 1)).collect()
}

/// Holds that each of these is one mistake of a program, at its line, with a guess that says so.
#[track_caller]
pub fn check(compiler: &str, name: &str, text: &str, wanted: &[(u32, &str)]) {
    if !have(compiler) {
        return;
    }
    let told = told(name, text);
    assert_eq!(told.len(), wanted.len(), "{told:#?}");
    for (line, change) in wanted {
        let one = told.iter().find(|one| one.starts_with(&format!("{line}:")));
        let one = one.unwrap_or_else(|| panic!("line {line}: {told:#?}"));
        assert!(one.contains(change) && one.contains("guess"), "{one}");
    }
}

/// The lines on which something is told.
pub fn lines(name: &str, text: &str) -> Vec<u64> {
    let folder = Folder::new();
    let ran = folder.write(name, text).run(&["look", "--all", "--json", "--compiles", "60", name]);
    let verdict: serde_json::Value = serde_json::from_str(&ran.stdout).unwrap();
    let roots = verdict["roots"].as_array().unwrap();
    let mut lines: Vec<u64> = roots.iter().filter_map(|root| root["at"]["line"].as_u64()).collect();
    lines.sort_unstable();
    lines
}
