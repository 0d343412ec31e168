//! `erratum lsp` with clients that others wrote: Neovim (seen with 0.7) and Emacs with Eglot (28.2, 1.9).

mod support;

use support::{Folder, Ran, have};

const WRONG: &str = "int berths(int zone) {\n    int free = 4\n    return free + zoen;\n}\n";

/// Runs an editor on the wrong program, with a script of `tests/data`; returns what it noted.
fn drive(editor: &str, arguments: &[&str]) -> (Folder, String) {
    let folder = Folder::new();
    folder.write("quay.c", WRONG);
    let erratum = folder.command(&[]).get_program().to_owned();
    let mut command = assert_cmd::Command::new(editor);
    command
        .args(arguments)
        .current_dir(folder.path("."))
        .env("ERRATUM", erratum)
        .env("HOME", folder.path("."))
        .env("XDG_STATE_HOME", folder.path("state"))
        .env("XDG_CACHE_HOME", folder.path("cache"))
        .timeout(std::time::Duration::from_secs(240));
    let ran = Ran::of(&mut command);
    assert_eq!(ran.status, 0, "{} {}", ran.stdout, ran.stderr);
    (folder, ran.stdout)
}

fn data(name: &str) -> String {
    format!("{}/tests/data/{name}", env!("CARGO_MANIFEST_DIR"))
}

#[test]
fn neovim_shows_mends_and_takes_a_killed_server_back() {
    if !have("nvim") {
        return;
    }
    let script = format!("luafile {}", data("neovim.lua"));
    let (folder, said) = drive("nvim", &["--headless", "-u", "NONE", "-n", "-c", &script]);
    let noted: Vec<&str> = said
        .lines()
        .map(str::trim)
        .filter(|line| line.starts_with("lines") || line.starts_with("action"))
        .collect();
    let wanted = [
        "lines 2:1 3:3",
        "action Add `;` at the end of line 2 (proved)",
        "lines 3:1",
        "lines 3:1",
        "lines",
    ];
    assert_eq!(noted, wanted, "{said}");
    let text = folder.read("quay.c");
    assert!(text.contains("free = 4;") && text.contains("free + zone;"), "{text}");
    let journal = folder.run(&["journal"]).stdout;
    assert!(journal.starts_with("2 mistakes, "), "what was saved is kept: {journal}");
}

#[test]
fn emacs_shows_and_mends() {
    if !have("emacs") {
        return;
    }
    let script = data("emacs.el");
    let (folder, said) = drive("emacs", &["--batch", "-q", "-l", &script]);
    let noted: Vec<&str> = said
        .lines()
        .filter(|line| line.starts_with("lines") || line.starts_with("action"))
        .collect();
    let wanted =
        ["lines (2 3)", "action Add `;` at the end of line 2 (proved)", "lines (3)", "lines nil"];
    assert_eq!(noted, wanted, "{said}");
    assert_eq!(folder.read("quay.c"), WRONG.replace("= 4", "= 4;").replace("zoen", "zone"));
}

#[test]
fn what_is_no_protocol_ends_with_a_word() {
    let folder = Folder::new();
    let mut command = folder.command(&["lsp"]);
    let none = Ran::of(command.write_stdin(""));
    assert_eq!(none.status, 2);
    assert!(none.stderr.contains("the client broke the connection"), "{}", none.stderr);
    for garbage in [
        "look ferry.c\n",
        "Content-Length: 12\r\n\r\nnonsense",
        "Content-Length: -3\r\n\r\n{}",
        "Content-Length: 99999999999\r\n\r\n{}",
        "Content-Length: 17\r\n\r\n{\"jsonrpc\":\"2.0\"}",
    ] {
        let ran = Ran::of(folder.command(&["lsp"]).write_stdin(garbage));
        assert_eq!(ran.status, 2, "{garbage}: {}", ran.stderr);
        assert!(
            ran.stderr.starts_with("erratum: the client broke off: "),
            "{garbage}: {}",
            ran.stderr
        );
        assert!(!ran.stderr.contains("panicked"), "{}", ran.stderr);
    }
}
