//! Opens a place in the learner's editor.

use crate::failure::Failure;
use erratum_compilers::command_words;
use std::path::{Path, PathBuf};
use std::process::{Command, Stdio};

/// How an editor is told where to go.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
enum Habit {
    /// `+4 ferry.c`
    Plus,
    /// `ferry.c:4:2`
    Colon,
    /// `--goto ferry.c:4:2`
    Goto,
    /// `--line 4 ferry.c`
    Line,
}

/// The habits of common editors, by the name of their program.
const HABITS: &[(Habit, &[&str])] = &[
    (
        Habit::Plus,
        &[
            "vi",
            "vim",
            "nvim",
            "view",
            "gvim",
            "nvi",
            "elvis",
            "vis",
            "nano",
            "pico",
            "emacs",
            "emacsclient",
            "mg",
            "jed",
            "joe",
            "kak",
            "micro",
            "mcedit",
            "ne",
            "gedit",
            "xed",
            "pluma",
            "mousepad",
            "geany",
        ],
    ),
    (Habit::Colon, &["hx", "helix", "subl", "sublime_text", "zed", "zeditor", "atom", "lite-xl"]),
    (Habit::Goto, &["code", "code-insiders", "codium", "vscodium", "cursor"]),
    (Habit::Line, &["kate", "kwrite", "idea", "clion", "pycharm", "goland", "rustrover", "rider"]),
];

/// The words to run, and whether the editor is told the line.
fn words(editor: &str, path: &Path, line: u32, column: u32) -> Option<(Vec<String>, bool)> {
    let mut words = command_words(editor).filter(|words| !words.is_empty())?;
    let program = Path::new(&words[0]).file_stem()?.to_str()?.to_lowercase();
    let habit = HABITS.iter().find(|(_, names)| names.contains(&program.as_str()));
    let file = path.display().to_string();
    // A name that looks like an option is none with a folder before it.
    let file = if file.starts_with(['-', '+']) { format!("./{file}") } else { file };
    match habit.map(|(habit, _)| habit) {
        Some(Habit::Plus) => words.extend([format!("+{line}"), file]),
        Some(Habit::Colon) => words.push(format!("{file}:{line}:{column}")),
        Some(Habit::Goto) => words.extend(["--goto".into(), format!("{file}:{line}:{column}")]),
        Some(Habit::Line) => words.extend(["--line".into(), line.to_string(), file]),
        None => words.push(file),
    }
    Some((words, habit.is_some()))
}

/// The editor that is set: VISUAL, else EDITOR.
fn chosen() -> Option<String> {
    ["VISUAL", "EDITOR"]
        .iter()
        .filter_map(|name| std::env::var(name).ok())
        .find(|value| !value.trim().is_empty())
}

/// Opens a file at a line, and waits for the editor to end. Gives what to say of it.
pub fn open(path: &Path, line: u32, column: u32) -> Result<String, Failure> {
    let editor = chosen().ok_or_else(|| {
        let set = if cfg!(windows) { "set EDITOR=notepad" } else { "export EDITOR=nano" };
        Failure::said(format!(
            "no editor is set. Set VISUAL or EDITOR to its command, such as `{set}`."
        ))
    })?;
    let (words, told) = words(&editor, path, line, column).ok_or_else(|| {
        Failure::said(format!("`{editor}`, which VISUAL or EDITOR names, is no command."))
    })?;
    // What is started by a script on Windows is only found with the endings of its programs.
    let program = which::which(&words[0]).unwrap_or_else(|_| PathBuf::from(&words[0]));
    let status = Command::new(program)
        .args(&words[1..])
        .stdin(Stdio::inherit())
        .status()
        .map_err(|error| Failure::said(format!("`{}` cannot be started: {error}", words[0])))?;
    if !status.success() {
        return Err(Failure::said(format!("`{}` ended with an error ({status}).", words[0])));
    }
    let unknown = "; how it is told a line is not known here, so go there by hand";
    Ok(format!(
        "Opened {} for line {line} with {}{}.",
        path.display(),
        words[0],
        if told { "" } else { unknown }
    ))
}

#[cfg(test)]
mod tests {
    use super::*;

    fn run(editor: &str) -> Vec<String> {
        words(editor, Path::new("ferry.c"), 4, 2).unwrap().0
    }

    #[test]
    fn each_habit_names_the_line_in_its_way() {
        assert_eq!(run("nano"), ["nano", "+4", "ferry.c"]);
        assert_eq!(run("/usr/bin/vim -R"), ["/usr/bin/vim", "-R", "+4", "ferry.c"]);
        assert_eq!(run("hx"), ["hx", "ferry.c:4:2"]);
        assert_eq!(run("code --wait"), ["code", "--wait", "--goto", "ferry.c:4:2"]);
        assert_eq!(run("kate"), ["kate", "--line", "4", "ferry.c"]);
        assert_eq!(run("'my editor' -x"), ["my editor", "-x", "ferry.c"]);
    }

    #[test]
    fn a_file_is_never_taken_for_an_option() {
        let words = words("vi", Path::new("+x.c"), 1, 1).unwrap().0;
        assert_eq!(words, ["vi", "+1", "./+x.c"]);
        assert!(super::words("  ", Path::new("a.c"), 1, 1).is_none());
        assert!(super::words("'open", Path::new("a.c"), 1, 1).is_none());
    }
}
