//! Whole programs with several mistakes of different kinds each: forms of other languages, marks that are mixed up,
//! and what only shows once those are mended.

mod support;

use support::told::check;
use support::{Folder, have};

#[test]
fn c_with_the_marks_of_other_places() {
    let text = "#include <stdio.h>\n\nstruct gauge { int id; double level; double flow[3]; };\n\ndouble highest(const struct gauge *list; int n) {\n    double best = 0;\n    for (int i = 0; i < n; i++) {\n        if (list[i].level > best) best = list[i].level;\n    }\n    return best;\n}\n\nvoid reset(const struct gauge *g) {\n    g->level = 0;\n}\n\nint main(void) {\n    struct gauge list[2] = {{1, 2.5, {0}}, {2, 3.5, {0}}};\n    struct gauge *g = &list[0];\n    int rows; cols;\n    rows = 2;\n    cols = 3;\n    printf(\"%f\\n\", highest(list, 2));\n    reset(g);\n    printf(\"%d %d\\n\", g->ids, rows * cols);\n    switch (rows) {\n        case 1: puts(\"one\"); break;\n        case else: puts(\"more\");\n    }\n    return 0;\n}\n";
    let wanted = [
        (5, "`,` instead of `;`"),
        (13, "`const`"),
        (20, "`,` instead of `;`"),
        (25, "`id` instead"),
        (28, "`default`"),
    ];
    check("gcc", "gauge.c", text, &wanted);
}

#[test]
fn cpp_with_the_forms_of_other_languages() {
    let text = "#include <iostream>\n#include <string>\n#include <vector>\n\ntemplate <class T>\nstruct Stack {\n    std::vector<T> items;\n    double width; height;\n    void push(const T& item) { items.push_back(item); }\n};\n\nstruct Chart {\n    std::string code;\n    int year;\n};\n\nStack recent(const Stack<Chart>& all) {\n    Stack<Chart> out;\n    for (const auto& chart all.items) {\n        if (chart.year > 2000) out.push(chart);\n    }\n    return out;\n}\n\nvoid update(const Chart* chart, int year) {\n    chart->year = year;\n}\n\nvoid report(std::string title; const Stack<Chart>& stack) {\n    std::cout << title << \" \" << stack.items.size() << \"\\n\";\n}\n\nint main() {\n    Stack<Chart> all;\n    all.push({\"A12\", 1998});\n    all.push({\"B7\", 2012});\n    Chart& first = all.items[0];\n    update(&first, 2020);\n    report(\"recent\", recent(all));\n    switch (all.items.size()) {\n        case 0: std::cout << \"none\\n\"; break;\n        case default: std::cout << \"some\\n\";\n    }\n}\n";
    let wanted = [
        (8, "`,` instead of `;`"),
        (17, "`<Chart>`"),
        (19, "`:` after `chart`"),
        (25, "`const`"),
        (29, "`,` instead of `;`"),
        (42, "`default`"),
    ];
    check("g++", "charts.cpp", text, &wanted);
}

#[test]
fn rust_below_a_broken_import() {
    let text = "mod signal {\n    #[derive(Debug, PartialEq)]\n    pub enum Light {\n        Red,\n        Green(u8),\n        White { flashes: u32 },\n    }\n}\n\nuse signal::Light;\nuse Light::All;\n\nstruct Mark {\n    name: String,\n    light: Light,\n}\n\nstruct Sum {\n    total: u32,\n    marks: Vec<Mark>,\n}\n\nimpl Sum {\n    fn add(&mut self, mark: Mark) {\n        self.total =+ match mark.light {\n            Red => 1,\n            Green(n) => n as u32,\n            White { flashes } => flashes,\n        };\n        self.marks.push(mark);\n    }\n}\n\nfn main() {\n    let mut sum = Sum { total: 0, marks: vec![] };\n    sum.add(Mark { name: \"mole\".to_string(), light: Red );\n    sum.add(Mark { name: \"quay\".to_string(), light: White { flashes: 3 } });\n    match sum.marks.first() {\n        Some(mark) => println!(\"{} {}\", mark.name, sum.total),\n        Nothing => println!(\"none\"),\n    }\n}\n";
    let wanted = [(11, "`*` instead of `All`"), (25, "`+=`"), (36, "`}` before `)`")];
    check("rustc", "lights.rs", text, &wanted);
}

#[test]
fn java_with_the_forms_of_other_languages() {
    let text = "import java.util.List;\nimport java.util.ArrayList;\n\npublic class Tower {\n    private final String name;\n    private final int[][] grid = new int[4][4];\n    private List<String> calls = new ArrayList<>();\n\n    public Tower(String name, int height) {\n        this.name;\n        grid[0, height - 1] = 1;\n    }\n\n    void log(String... words) {\n        for (String word words) {\n            self.calls.add(word);\n        }\n    }\n\n    int level(int wind) {\n        switch (wind / 10) {\n            case 0: return 1;\n            case 1: return 2;\n            case default: return 3;\n        }\n    }\n\n    public static void main(String[] args) {\n        Tower tower = new Tower(\"north\", 2);\n        tower.log(\"one\", \"two\");\n        for (int i = 0; i < tower.calls.size(); i++) {\n            System.out.println(tower.calls[i]);\n        }\n        System.out.println(tower.name + tower.level(12) + tower.grid[0, 1]);\n    }\n}\n";
    let wanted = [
        (10, "`= name`"),
        (11, "`][`"),
        (15, "`:` after `word`"),
        (16, "`this`"),
        (32, "`.get(i)`"),
        (34, "`][`"),
    ];
    check("javac", "Tower.java", text, &wanted);
}

#[test]
fn a_mark_before_an_unknown_member_is_left() {
    if !have("gcc") {
        return;
    }
    let text = "#include <stdio.h>\n\ntypedef struct item item;\nstruct item {\n    const char *label;\n    double tons;\n    item *next;\n};\n\nconst item *find(const item *head, double over) {\n    while (head && head->tons <= over) {\n        head = head->next;\n    }\n    return head;\n}\n\nint main(void) {\n    item *list = NULL;\n    const item *big = find(list, 2.0);\n    if (big) {\n        printf(\"%s\\n\", big->name);\n    }\n    return 0;\n}\n";
    let ran = Folder::new().write("a.c", text).run(&["look", "--quiet", "--compiles", "60", "a.c"]);
    // With `.` for `->`, gcc says at that mark that the value is a pointer.
    assert_eq!(ran.stdout.lines().count(), 1, "{}", ran.stdout);
    assert!(ran.stdout.starts_with("a.c:21:") && !ran.stdout.contains("`->`"), "{}", ran.stdout);
}
