//! Several mistakes at once, in one file or over several, through the real compilers: each is a root
//! of its own, and all fixes together give back what was meant.

mod support;

use erratum_catalogue::Catalogue;
use erratum_compilers::{Limits, Project, Session, Toolbox};
use erratum_repair::fixes::Certainty;
use erratum_repair::search::{Found, Search};
use erratum_syntax::language;
use std::path::PathBuf;
use std::time::Duration;
use support::have;

/// Looks at files in a folder of their own; the first ones are named on the command line.
fn look(language: &str, files: &[(&str, String)], named: usize) -> Found {
    let folder = tempfile::tempdir().unwrap();
    let paths: Vec<PathBuf> = files
        .iter()
        .map(|(name, text)| {
            let path = folder.path().join(name);
            std::fs::create_dir_all(path.parent().unwrap()).unwrap();
            std::fs::write(&path, text).unwrap();
            path
        })
        .collect();
    let project = Project::open(&paths[..named], None).unwrap();
    let table = language::by_id(language).unwrap();
    let program = project.program.clone();
    let found = Toolbox::default().find(table, None).unwrap();
    let mut session = Session::new(project, found, Limits::default()).unwrap();
    let first = session.first().unwrap();
    session.set_budget(Duration::from_secs(60));
    Search::new(&Catalogue::shipped(), &program, table, &session).run(first)
}

/// Makes all slips at once in one file, and says what is not as it was meant.
fn check(language: &str, file: &str, sound: &str, slips: &[(&str, &str)]) {
    if !have(language) {
        return;
    }
    let mut wrong = sound.to_owned();
    for (right, slip) in slips {
        assert_eq!(sound.matches(right).count(), 1, "{right} must stand once in the program");
        wrong = wrong.replacen(right, slip, 1);
    }
    let found = look(language, &[(file, wrong)], 1);
    let mended = String::from_utf8_lossy(found.mended.files[0].bytes()).into_owned();
    let titles: Vec<_> = found.verdict.roots.iter().map(|r| (r.at.line, &r.title)).collect();
    assert_eq!(mended, sound, "{titles:#?}");
    assert_eq!(found.verdict.roots.len(), slips.len(), "{titles:#?}");
    assert!(found.verdict.mended && found.verdict.complete);
}

const C: &str = r#"#include <stdio.h>
#include <string.h>

struct pier {
    char name[20];
    int depth;
};

int deepest(struct pier *all, int count) {
    int best = 0;
    for (int i = 1; i < count; i++) {
        if (all[i].depth > all[best].depth) {
            best = i;
        }
    }
    return best;
}

int main(void) {
    struct pier all[3] = {{"North", 4}, {"South", 7}, {"Mole", 2}};
    int best = deepest(all, 3);
    if (strcmp(all[best].name, "South") == 0) {
        printf("%s is %d metres deep\n", all[best].name, all[best].depth);
    } else {
        printf("another pier\n");
    }
    return 0;
}
"#;

#[test]
fn five_in_c() {
    check(
        "c",
        "pier.c",
        C,
        &[
            ("    int depth;\n};", "    int depth;\n}"),
            ("int i = 1; i", "int i = 1, i"),
            ("            best = i;\n        }\n", "            best = i;\n"),
            ("deepest(all, 3);", "deepst(all, 3);"),
            ("printf(\"another pier\\n\");", "printf(\"another pier\\n);"),
        ],
    );
}

#[test]
fn on_lines_next_to_each_other_in_c() {
    let sound = "#include <stdio.h>\n\nint highest(int *all, int n) {\n    int best = all[0];\n    for (int i = 1; i < n; i++) {\n        if (all[i] > best) {\n            best = all[i];\n        }\n    }\n    return best;\n}\n\nint main(void) {\n    int tides[3] = {3, 5, 4};\n    printf(\"highest: %d\\n\", highest(tides, 3));\n    return 0;\n}\n";
    check(
        "c",
        "tides.c",
        sound,
        &[
            ("all[0];", "all[0]"),
            ("i = 1;", "i = 1,"),
            ("> best)", "> best"),
            ("return best", "return bset"),
            ("printf", "prinft"),
        ],
    );
}

#[test]
fn four_in_cpp() {
    let sound = r#"#include <iostream>
#include <string>
#include <vector>

class Queue {
public:
    void join(const std::string& name) {
        names.push_back(name);
    }

    int length() const {
        return static_cast<int>(names.size());
    }

private:
    std::vector<std::string> names;
};

int main() {
    Queue queue;
    queue.join("Varga");
    if (queue.length() > 0) {
        std::cout << queue.length() << " wait" << std::endl;
    }
    return 0;
}
"#;
    check(
        "cpp",
        "queue.cpp",
        sound,
        &[
            ("names.push_back(name);", "names.push_back(name)"),
            ("    std::vector<std::string> names;\n};", "    std::vector<std::string> names;\n}"),
            ("queue.join(\"Varga\");", "queue.jion(\"Varga\");"),
            ("#include <string>\n#include <vector>", "#include <string>\n#include <vectr>"),
        ],
    );
}

#[test]
fn five_in_java() {
    let sound = r#"import java.util.ArrayList;
import java.util.List;

public class Quay {
    private final List<String> ships = new ArrayList<>();
    private int berths = 4;

    public boolean dock(String name) {
        if (ships.size() == berths) {
            return false;
        }
        ships.add(name);
        return true;
    }

    public int getBerths() {
        return berths;
    }

    public static void main(String[] args) {
        Quay quay = new Quay();
        quay.dock("Tern");
        for (int i = 0; i < quay.getBerths(); i++) {
            System.out.println("berth " + i);
        }
    }
}
"#;
    check(
        "java",
        "Quay.java",
        sound,
        &[
            ("import java.util.List;", "import java.util.Lsit;"),
            ("ships.size() == berths", "ships.size() = berths"),
            ("ships.add(name);", "ships.add(name)"),
            ("        return berths;\n", ""),
            ("quay.dock(\"Tern\");", "quay.dcok(\"Tern\");"),
        ],
    );
}

const RUST: &str = r#"use std::collections::HashMap;

struct Ledger {
    sums: HashMap<String, f64>,
}

impl Ledger {
    fn enter(&mut self, kind: &str, amount: f64) -> Result<(), String> {
        if amount < 0.0 {
            return Err("less than nothing".to_string());
        }
        *self.sums.entry(kind.to_string()).or_insert(0.0) += amount;
        Ok(())
    }

    fn total(&self) -> f64 {
        self.sums.values().sum()
    }
}

fn main() {
    let mut ledger = Ledger { sums: HashMap::new() };
    let wrong = ledger.enter("fine", -1.0).is_err();
    let fares = vec![2.5, 3.5];
    for fare in &fares {
        if ledger.enter("fare", *fare).is_ok() {
            println!("took {}", fare);
        }
    }
    println!("{} in all, {}", ledger.total(), wrong);
}
"#;

#[test]
fn brackets_that_hide_each_other_in_rust() {
    check(
        "rust",
        "ledger.rs",
        RUST,
        &[
            ("if amount < 0.0 {", "if amount < 0.0"),
            ("vec![2.5, 3.5]", "vec![2.5, 3.5"),
            ("println!(\"took {}\", fare);", "println!(\"took {}, fare);"),
        ],
    );
}

#[test]
fn six_over_all_phases_in_rust() {
    check(
        "rust",
        "ledger.rs",
        RUST,
        &[
            ("use std::collections::HashMap;", "use std::colections::HashMap;"),
            ("fn enter(&mut self", "fn enter(&self"),
            ("        Ok(())\n", ""),
            ("fn total(&self) -> f64 {", "fn total(&self) -> f64"),
            ("let fares = vec", "let fares == vec"),
            ("ledger.total(), wrong", "ledger.total(), wrnog"),
        ],
    );
}

#[test]
fn a_slip_in_a_header_is_mended_in_the_header() {
    if !have("c") {
        return;
    }
    let header = "struct pier {\n    int depth;\n};\n\nint deep(struct pier one);\n";
    let main = "#include \"pier.h\"\n\nint deep(struct pier one) {\n    return one.depth > 3;\n}\n\nint main(void) {\n    struct pier one = {4};\n    return deep(one);\n}\n";
    let files =
        [("main.c", main.replace("one.depth", "one.dpth")), ("pier.h", header.replace("};", "}"))];
    let found = look("c", &files, 1);
    assert_eq!(found.mended.file("pier.h").unwrap().bytes(), header.as_bytes());
    assert_eq!(found.mended.file("main.c").unwrap().bytes(), main.as_bytes());
    let files: Vec<&str> = found.verdict.roots.iter().map(|r| r.at.file.as_str()).collect();
    assert_eq!(files.len(), 2, "{files:?}");
    assert!(files.contains(&"pier.h") && files.contains(&"main.c"));
}

#[test]
fn a_member_of_a_sibling_class_is_known() {
    if !have("java") {
        return;
    }
    let berth = "public class Berth {\n    public int getNumber() {\n        return 3;\n    }\n}\n";
    let quay = "public class Quay {\n    public static void main(String[] args) {\n        Berth berth = new Berth();\n        System.out.println(berth.getNumber());\n    }\n}\n";
    let files = [
        ("Quay.java", quay.replace("berth.getNumber", "berth.getNumbr")),
        ("Berth.java", berth.to_owned()),
    ];
    let found = look("java", &files, 1);
    assert_eq!(found.mended.file("Quay.java").unwrap().bytes(), quay.as_bytes());
}

#[test]
fn modules_of_a_crate_are_mended_each_in_its_file() {
    if !have("rust") {
        return;
    }
    let main = "mod berth;\n\nfn main() {\n    let one = berth::Berth::new(3);\n    println!(\"{}\", one.number());\n}\n";
    let berth = "pub struct Berth {\n    number: u32,\n}\n\nimpl Berth {\n    pub fn new(number: u32) -> Berth {\n        Berth { number }\n    }\n\n    pub fn number(&self) -> u32 {\n        self.number\n    }\n}\n";
    let manifest = "[package]\nname = \"quay\"\nversion = \"0.1.0\"\nedition = \"2021\"\n";
    let files = [
        ("src/main.rs", main.replace("one.number", "one.numbr")),
        ("src/berth.rs", berth.replace("number: u32,\n", "number: u23,\n")),
        ("Cargo.toml", manifest.to_owned()),
    ];
    let found = look("rust", &files, 1);
    let text = |name: &str| {
        let file = found.mended.files.iter().find(|file| file.name().ends_with(name)).unwrap();
        String::from_utf8_lossy(file.bytes()).into_owned()
    };
    assert_eq!(text("main.rs"), main);
    assert_eq!(text("berth.rs"), berth);
}

/// The lines of all mistakes in a text, in order.
fn lines_of(language: &str, file: &str, text: &str) -> Vec<u32> {
    let found = look(language, &[(file, text.to_owned())], 1);
    let mut lines: Vec<u32> = found.verdict.roots.iter().map(|root| root.at.line).collect();
    lines.sort_unstable();
    lines
}

#[test]
fn what_ghc_tells_only_where_all_types_fit_is_found_behind_a_type_that_does_not() {
    if !have("haskell") {
        return;
    }
    let text = "module Main where\n\n\
        label :: Int -> String\nlabel berth = \"berth \" + show berth\n\n\
        main :: IO ()\nmain = do\n  map (putStrLn . label) [1, 2, 3]\n  putStrLn \"done\"\n";
    assert_eq!(lines_of("haskell", "Main.hs", text), [4, 8]);
}

#[test]
fn what_is_changed_where_it_must_not_be_does_not_come_of_a_part_that_is_gone() {
    if !have("rust") {
        return;
    }
    let text = "fn main() {\n    let tides = Vec::new();\n    for line in [\"6\", \"12\"] {\n        \
        tides.push(line);\n    }\n    for (let i = 0; i < tides.len(); i++) {\n        \
        println!(\"{}\", tides[i]);\n    }\n}\n";
    let lines = lines_of("rust", "main.rs", text);
    assert!(lines.contains(&2) && lines.contains(&6), "{lines:?}");
}

#[test]
fn a_mistake_with_a_fix_is_told_behind_one_that_it_speaks_of() {
    if !have("go") {
        return;
    }
    let text = "package main\n\nimport \"fmt\"\n\nfunc total(fares []int) int {\n\tint sum := 0\n\t\
        for _, fare := range fares {\n\t\tsum += fare\n\t}\n\treturn sum\n}\n\nfunc mean(fares []int) \
        float64 {\n\treturn total(fares) / float64(len(fares))\n}\n\nfunc main() {\n\tfmt.Println(mean(\
        []int{3, 4}))\n}\n";
    let found = look("go", &[("main.go", text.to_owned())], 1);
    let roots = &found.verdict.roots;
    assert_eq!(roots.iter().map(|root| root.at.line).collect::<Vec<_>>(), [6, 14]);
    assert!(roots[1].hidden && roots[1].fixes.iter().all(|fix| fix.certainty != Certainty::Sure));
}
