//! What may be called sure: only changes of which no other reading is as fair. And forms that two batches of
//! programs showed, several in one program, each with a guess at its line.

mod support;

use support::told::check;
use support::{Folder, have};

/// Each fix of a program with its line and whether it is sure.
fn fixes(name: &str, text: &str) -> Vec<(u64, bool)> {
    let folder = Folder::new();
    let ran = folder.write(name, text).run(&["look", "--all", "--json", "--compiles", "60", name]);
    let verdict: serde_json::Value = serde_json::from_str(&ran.stdout).unwrap();
    let roots = verdict["roots"].as_array().unwrap();
    let told = roots.iter().filter_map(|root| {
        let fix = root["fixes"].get(0)?;
        Some((root["at"]["line"].as_u64()?, fix["certainty"] == "sure"))
    });
    told.collect()
}

#[test]
fn a_mark_before_a_closing_bracket_may_go_as_well() {
    if have("rustc") {
        let text = "fn deep(n: u32) -> bool {\n    match n {\n        1 => true,\n        _ => false;\n    }\n}\n\
                    fn main() {\n    deep(3);\n}\n";
        assert_eq!(fixes("quay.rs", text), [(4, false)]);
    }
}

#[test]
fn an_object_may_be_made_with_values() {
    if have("javac") {
        let text = "class Quay {\n    void close() {\n        throw new IllegalStateException;\n    }\n}\n";
        assert_eq!(fixes("Quay.java", text), [(3, false)]);
        let text = "class Quay {\n    int boats() { return 3; }\n    int more() { return boats + 1; }\n}\n";
        assert_eq!(fixes("Quay.java", text), [(3, true)]);
    }
}

#[test]
fn a_name_of_a_library_is_sure_where_it_says_whose_it_is() {
    if have("g++") {
        let text = "int main() {\n    std::vector<int> boats;\n    return boats.size();\n}\n";
        assert!(fixes("quay.cpp", text).iter().any(|(_, sure)| *sure));
    }
    if have("gcc") {
        let text = "int main(void) {\n    char *one = malloc(4);\n    return one == NULL;\n}\n";
        assert!(fixes("quay.c", text).iter().all(|(_, sure)| !sure));
    }
}

#[test]
fn a_word_for_nothing_has_several_spellings_in_cpp() {
    if have("g++") {
        let text = "int main() {\n    int *one = null;\n    return one == nullptr;\n}\n";
        assert_eq!(fixes("quay.cpp", text), [(2, false)]);
        let text = "int main() {\n    bool open = True;\n    return open;\n}\n";
        assert_eq!(fixes("quay.cpp", text), [(2, true)]);
    }
}

#[test]
fn one_scope_for_several_names_may_have_been_opened() {
    if have("g++") {
        let text = "namespace harbour {\nint boats() { return 3; }\nint crews() { return 4; }\n}\n\
                    int main() { return boats() + crews(); }\n";
        assert!(fixes("quay.cpp", text).iter().all(|(_, sure)| !sure));
    }
}

#[test]
fn a_type_of_the_library_is_not_lost_with_a_loop() {
    if !have("javac") {
        return;
    }
    let folder = Folder::new();
    let text = "import java.util.*;\n\
                public class Book {\n\
                \x20   private final Map<String, Integer> nights = new HashMap<>();\n\
                \x20   int longest() {\n\
                \x20       int best = null;\n\
                \x20       for (String ship in nights.keySet()) {\n            best = Math.max(best, nights.get(ship));\n        }\n\
                \x20       return best;\n\
                \x20   }\n\
                \x20   String report() {\n\
                \x20       StringBuilder text = new StringBuilder();\n\
                \x20       for (var entry : nights.entrySet()) text.append(entry.key);\n\
                \x20       return text;\n\
                \x20   }\n\
                \x20   int count(int zone) { return zone; }\n\
                \x20   int all() { return count(\"3\"); }\n\
                }\n";
    let ran =
        folder.write("Book.java", text).run(&["look", "--json", "--compiles", "60", "Book.java"]);
    let verdict: serde_json::Value = serde_json::from_str(&ran.stdout).unwrap();
    let roots = verdict["roots"].as_array().unwrap().iter();
    let lines: Vec<u64> = roots.filter_map(|root| root["at"]["line"].as_u64()).collect();
    assert_eq!(lines, [6, 5, 13, 14, 17], "{}", ran.stdout);
}

#[test]
fn cpp() {
    check(
        "g++",
        "fleet.cpp",
        "#include <map>\n#include <sstream>\n#include <string>\n\
         namespace harbour {\n\
         enum class Kind { Car, Foot };\n\
         struct Ferry {\n\
         \x20   std::map<int, int> seats;\n\
         \x20   int size const { return 3; }\n\
         \x20   Ferry &add(int zone) { seats(zone)++; return *this; }\n\
         \x20   Ferry &more(int) { return this; }\n\
         };\n\
         }\n\
         using harbour;\n\
         std::string row(const Ferry &one) {\n\
         \x20   std::ostringstream out;\n\
         \x20   out << one.size();\n\
         \x20   return out;\n\
         }\n\
         int main() { Ferry one; return row(one.add(3).more(4)).size() + static_cast<int>(Kind::Car); }\n",
        &[(8, "`()`"), (9, "`[`"), (10, "`*`"), (13, "`namespace`"), (17, "`.str()`")],
    );
}

#[test]
fn java() {
    check(
        "javac",
        "Depot.java",
        "import java.time.LocalDate;\nimport java.util.Optional;\n\
         class Depot {\n\
         \x20   static class Job {\n\
         \x20       Job(String ship) { }\n\
         \x20   }\n\
         \x20   static class Paint extends Job {\n\
         \x20       Paint(String ship) {\n            super;\n        }\n\
         \x20   }\n\
         \x20   boolean late(LocalDate due, LocalDate today) { return due < today; }\n\
         \x20   String name(Optional<String> one) { return one.orElse(() -> \"none\"); }\n\
         }\n",
        &[(9, "`(ship)`"), (12, "`due.isBefore(today)`"), (13, "`orElseGet`")],
    );
}

#[test]
fn rust() {
    check(
        "rustc",
        "docks.rs",
        "use std::cell::RefCell;\nuse std::rc::Rc;\n\
         fn note(log: &Rc<RefCell<Vec<u32>>>) {\n    log.push(3);\n}\n\
         fn find(fare: Option<u32>) -> Result<u32, String> {\n    fare.ok_or(|| String::from(\"none\"))\n}\n\
         fn main() {\n    let log = Rc::new(RefCell::new(Vec::new()));\n    note(&log);\n    \
         for (name, zone) in {(\"bow\", 1), (\"mole\", 2)} {\n        println!(\"{} {}\", name, zone);\n    }\n    \
         println!(\"{:?}\", find(None));\n}\n",
        &[(4, "`borrow_mut().`"), (7, "`ok_or_else`"), (12, "`[`")],
    );
}

#[test]
fn go() {
    check(
        "go",
        "quay.go",
        "package main\n\nimport (\n\t\"fmt\"\n\t\"sort\"\n)\n\n\
         func load() (seats int, err) {\n\treturn 3, nil\n}\n\n\
         func main() {\n\tall := []int{4, 3}\n\t\
         sort.Slice(all, func(i, j int) { return all[i] < all[j] })\n\tfmt.Println(all)\n\tfmt.Println(load())\n}\n",
        &[(8, "`error`"), (14, "`bool`")],
    );
}

#[test]
fn csharp() {
    check(
        "mcs",
        "Market.cs",
        "using System;\n\
         public class Stall {\n\
         \x20   double width = 3;\n\
         \x20   double Area = width * 2;\n\
         \x20   public decimal Price() { return width * 4.25m; }\n\
         \x20   public string Name(string owner) { return owner != null ? owner ; \"none\"; }\n\
         \x20   public static void Main() { Console.WriteLine(f\"stall {new Stall().Area}\"); }\n\
         }\n",
        &[(4, "`=>`"), (5, "`(decimal)`"), (6, "`:`"), (7, "`$`")],
    );
}

#[test]
fn pascal() {
    check(
        "fpc",
        "log.pas",
        "program log;\n{$mode objfpc}{$H+}\nuses SysUtils, fgl;\n\
         type\n\
         \x20 TStation = class\n\
         \x20   Level: Integer;\n\
         \x20 end;\n\
         \x20 TStations = specialize TFPGObjectList<TStation>;\n\
         procedure report(all: TStations);\n\
         var\n\
         \x20 one: TStation;\n\
         begin\n\
         \x20 for one of all do\n\
         \x20   case one.Level of\n\
         \x20     1: WriteLn('low');\n\
         \x20     default: WriteLn('high')\n\
         \x20   end;\n\
         \x20 if all.Count = 0 then\n\
         \x20   raise Exception('none');\n\
         end;\n\
         begin\n\
         \x20 report(TStations.New);\n\
         end.\n",
        &[(13, "`in`"), (16, "`else`"), (19, "`.Create`"), (22, "`Create`")],
    );
}

#[test]
fn scala() {
    check(
        "scalac",
        "Book.scala",
        "import scala.collection.mutable\n\
         abstract class Fibre\n\
         case Blend(parts: Int) extends Fibre\n\
         class Crew(ship: String) {\n\
         \x20 private val all = mutable.ListBuffer[Int]()\n\
         \x20 def old: List[Int] = all.filter {\n    case n => n > 3\n  }\n\
         }\n\
         object Crew {\n\
         \x20 def first: Crew = Crew(\"Curlew\")\n\
         \x20 def deep(n: Int): Int = if (n > 3) math.abs(n else 4\n\
         }\n",
        &[(3, "`class`"), (8, "`.toList`"), (11, "`new`"), (12, "`)`")],
    );
}

#[test]
fn haskell() {
    check(
        "ghc",
        "Shop.hs",
        "module Main where\n\
         data Fender = Fender Int Int\n\
         price :: Fender -> Int\n\
         price Fender size pence = size * pence\n\
         main :: IO ()\n\
         main = print (price (Fender 3 4))\n",
        &[(4, "`(`")],
    );
}
