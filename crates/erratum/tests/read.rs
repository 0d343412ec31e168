//! `erratum read`: saved output, with and without its files.

mod support;

use support::{Folder, Ran, TIDE};

const LOG: &str = "make: entering\ncc -c tide.c\ntide.c: In function 'main':\ntide.c:5:5: error: expected ',' or ';' before 'printf'\n    5 |     printf(\"%d\\n\", tide);\n      |     ^~~~~~\nmake: *** [tide.o] Error 1\n";

#[test]
fn a_log_is_judged_with_its_files() {
    let folder = Folder::new();
    let ran = folder.write("tide.c", TIDE).write("log", LOG).run(&["read", "log"]);
    assert_eq!(ran.status, 1);
    assert!(ran.stdout.contains("line 4  at fault"), "{}", ran.stdout);
    assert!(ran.stdout.contains("Judged"), "{}", ran.stdout);
}

#[test]
fn a_log_is_judged_without_its_files() {
    let folder = Folder::new();
    let ran = folder.write("log", LOG).run(&["read", "log"]);
    assert_eq!(ran.status, 1);
    assert!(ran.stdout.contains("the file is not here"), "{}", ran.stdout);
    assert!(ran.stdout.contains("What to try"), "{}", ran.stdout);
}

#[test]
fn a_windows_shell_saves_wide_letters() {
    let folder = Folder::new();
    let units = LOG.replace('\n', "\r\n");
    let units = units.encode_utf16().flat_map(u16::to_le_bytes);
    let wide: Vec<u8> = [0xff, 0xfe].into_iter().chain(units).collect();
    let ran =
        folder.write("tide.c", TIDE).write("wide", wide).write("log", LOG).run(&["read", "wide"]);
    assert!(ran.stdout.contains("line 4  at fault"), "{}", ran.stdout);
    assert_eq!(ran.stdout, folder.run(&["read", "log"]).stdout);
}

#[test]
fn standard_input_is_read_and_noise_is_no_message() {
    let folder = Folder::new();
    let ran = Ran::of(folder.command(&["read", "--json"]).write_stdin(LOG));
    let json: serde_json::Value = serde_json::from_str(&ran.stdout).unwrap();
    assert_eq!(json["messages"].as_array().unwrap().len(), 1);
    let dash = Ran::of(folder.command(&["read", "-", "--json"]).write_stdin(LOG));
    assert_eq!(dash.stdout, ran.stdout);
    let noise = "checking for error handling... yes\n".repeat(1000);
    let ran = Ran::of(folder.command(&["read"]).write_stdin(noise));
    assert_eq!(ran.status, 0, "{}", ran.stdout);
    assert_eq!(folder.run(&["read", "no-such-log"]).status, 2);
    assert_eq!(folder.run(&["read", "."]).status, 2);
}

#[test]
fn one_name_that_is_missing_everywhere_is_one_root() {
    let folder = Folder::new();
    let line =
        |n: u32| format!("f.c:{n}:3: error: 'tide' undeclared (first use in this function)\n");
    let log =
        line(3) + &line(9) + "f.c:12:1: error: 'ebb' undeclared (first use in this function)\n";
    let ran = Ran::of(folder.command(&["read", "--json"]).write_stdin(log));
    let json: serde_json::Value = serde_json::from_str(&ran.stdout).unwrap();
    let roles: Vec<_> =
        json["messages"].as_array().unwrap().iter().map(|m| m["role"].as_str().unwrap()).collect();
    assert_eq!(roles, ["root", "cascade", "root"]);
}

/// The same log from a machine on which the program lies at another place.
fn from_elsewhere(named: &str) -> String {
    LOG.replace("tide.c:5", &format!("{named}:5"))
}

#[test]
fn a_log_of_another_machine_finds_its_files() {
    let folder = Folder::new();
    folder.write("src/port/tide.c", TIDE).write("src/sea/lamp.c", "int lamp;\n");
    for named in ["/home/mara/quay/src/port/tide.c", "C:\\quay\\src\\port\\Tide.c", "tide.c"] {
        let ran = folder.write("log", from_elsewhere(named)).run(&["read", "log"]);
        assert!(ran.stdout.contains("line 4  at fault"), "{named}: {}", ran.stdout);
        let told = format!("The log names {named}: src/port/tide.c is taken for it.");
        assert!(ran.stdout.replace('\n', " ").contains(&told), "{named}: {}", ran.stdout);
    }
}

#[test]
fn of_two_files_that_fit_none_is_taken() {
    let folder = Folder::new();
    folder.write("one/tide.c", TIDE).write("two/tide.c", TIDE);
    let ran = folder.write("log", from_elsewhere("/quay/tide.c")).run(&["read", "log"]);
    assert!(ran.stdout.contains("the file is not here"), "{}", ran.stdout);
    assert!(ran.stdout.contains("one/tide.c or two/tide.c"), "{}", ran.stdout);
    let ran = folder.run(&["read", "--root", "two", "log"]);
    assert!(ran.stdout.contains("line 4  at fault"), "{}", ran.stdout);
    let json: serde_json::Value =
        serde_json::from_str(&folder.run(&["read", "--json", "log"]).stdout).unwrap();
    assert_eq!(json["build"]["taken"][0]["files"].as_array().unwrap().len(), 2);
}

#[test]
fn a_file_that_is_too_short_is_another_one() {
    let folder = Folder::new();
    folder.write("src/tide.c", "int tide;\n");
    let ran = folder.write("log", from_elsewhere("/quay/src/tide.c")).run(&["read", "log"]);
    assert!(ran.stdout.contains("the file is not here"), "{}", ran.stdout);
}

/// Forms that name the lost mark, each on the line behind it: documented ones of compilers that are not
/// here.
#[test]
fn a_form_that_names_the_lost_mark_is_mended_where_it_is_lost() {
    let c = "int main(void) {\n    int tide = 3\n    go(tide);\n}\n";
    let pascal = "program tide;\nvar low: integer;\nbegin\n  low := 1\n  writeln(low);\nend.\n";
    let kotlin = "fun main() {\n    go(\"deep\"\n    go(tide)\n}\n";
    for (file, text, said, fix) in [
        (
            "tide.c",
            c,
            "tide.c(3): error C2146: syntax error: missing ';' before identifier 'go'",
            "int tide = 3;",
        ),
        (
            "tide.sp",
            c,
            "tide.sp(3) : error 001: expected token: \";\", but found \"-identifier-\"",
            "int tide = 3;",
        ),
        ("tide.dpr", pascal, "tide.dpr(5) Error: E2066 Missing operator or semicolon", "low := 1;"),
        (
            "tide.dpr",
            pascal,
            "[dcc32 Error] tide.dpr(5): E2029 ';' expected but identifier 'writeln' found",
            "low := 1;",
        ),
        ("tide.kt", kotlin, "tide.kt:2:14: error: expecting ')'", "go(\"deep\")"),
        (
            "tide.kt",
            kotlin,
            "e: file:///quay/tide.kt:2:14 Syntax error: Expecting ')'.",
            "go(\"deep\")",
        ),
    ] {
        let folder = Folder::new();
        let ran = folder.write(file, text).write("log", format!("{said}\n")).run(&["read", "log"]);
        assert!(ran.stdout.contains("To mend it: Add"), "{said}: {}", ran.stdout);
        assert!(ran.stdout.contains(fix), "{said}: {}", ran.stdout);
    }
}

/// The lines on which the roots of a log are told, and how each is titled.
fn titles(name: &str, text: &str, log: &str) -> Vec<(u64, String)> {
    let folder = Folder::new();
    let ran = folder.write(name, text).write("log", log).run(&["read", "--all", "--json", "log"]);
    let verdict: serde_json::Value = serde_json::from_str(&ran.stdout).unwrap();
    let roots = verdict["roots"].as_array().unwrap().iter();
    roots
        .map(|root| {
            (root["at"]["line"].as_u64().unwrap(), root["title"].as_str().unwrap().to_owned())
        })
        .collect()
}

/// A name that is written nowhere else comes from no bracket, however odd one is above it.
#[test]
fn below_an_odd_bracket_an_unknown_name_is_a_mistake_of_its_own() {
    let text = "Module Watch\n    Function Hours(ByVal nights As Integer) As Integer\n        \
                Dim total As Integer = 0\n        For i = 1 To nights\n            total = total + 8\n        \
                Return total\n    End Function\n\n    Sub Main()\n        Dim count As Integer = 2\n        \
                Console.WriteLine(Hour(count))\n    End Sub\nEnd Module\n";
    let log = "Watch.vb(4) : error BC30084: 'For' must end with a matching 'Next'.\n\
               Watch.vb(11) : error BC30451: 'Hour' is not declared. It may be inaccessible due to its protection level.\n";
    let told = titles("Watch.vb", text, log);
    assert_eq!(told.iter().map(|(line, _)| *line).collect::<Vec<_>>(), [5, 11], "{told:?}");
}

#[test]
fn the_newer_words_of_kotlin_are_known() {
    let text = "class Berth(val number: Int, val boat: String?)\n\nfun first(all: List<Berth>): Berth {\n    \
                return all.firstOrNull()\n}\n\nfun main() {\n    val one = Berth(\"1\", null)\n    \
                println(one.nummer)\n}\n";
    let at = "e: file:///home/ana/ferry/Berth.kt:";
    let log = format!(
        "{at}4:12 Return type mismatch: expected 'Berth', actual 'Berth?'.\n\
         {at}8:21 Argument type mismatch: actual type is 'String', but 'Int' was expected.\n\
         {at}9:17 Unresolved reference 'nummer'.\n"
    );
    let told = titles("Berth.kt", text, &log);
    let words = ["missing", "stands in quotes", "nummer"];
    assert_eq!(told.len(), words.len(), "{told:?}");
    for ((_, title), word) in told.iter().zip(words) {
        assert!(title.contains(word) && !title.contains("The compiler stops"), "{told:?}");
    }
}
