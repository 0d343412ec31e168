//! The ranking before any compile: for each class of slips, the fix that a person would choose must
//! stand among the first.

use erratum_catalogue::Catalogue;
use erratum_repair::diagnose::Diagnoser;
use erratum_repair::fixes::{Case, candidates_without_code, propose};
use erratum_repair::message::{Message, Place, Severity};
use erratum_syntax::edit;
use erratum_syntax::language;
use erratum_syntax::source::{Program, Source};
use erratum_syntax::text::Text;
use std::sync::Arc;

/// The texts after the first candidates for a message at a place (line and column from 1).
fn after(language: &str, wrong: &str, said: &str, (line, column): (u32, u32)) -> Vec<String> {
    let table = language::by_id(language).unwrap();
    let compiler = match language {
        "java" => "javac",
        "rust" => "rustc",
        _ => "gcc",
    };
    let source = Source::new("quay", wrong.as_bytes());
    let program = Program::single(source.clone());
    // `[E0308] …`: the code in front of the text.
    let code = said.strip_prefix('[').and_then(|rest| rest.split_once("] "));
    let mut message = Message::new(Severity::Error, code.map_or(said, |(_, text)| text));
    message.code = code.map(|(code, _)| code.to_owned());
    message.at = Some(Place::point("quay", line, column));
    let catalogue = Catalogue::shipped();
    let diagnosis = Diagnoser::new(&catalogue, compiler).diagnose(&message);
    let text = Arc::new(Text::new(&source, table));
    let all = [message.clone()];
    let ranked = match Case::new(&program, text.clone(), &message, &all, &diagnosis) {
        Some(case) => propose(&case).candidates,
        None => candidates_without_code(&text),
    };
    let texts = ranked.into_iter().take(3).map(|candidate| {
        let mended = edit::apply_all(&program, &candidate.sets()).unwrap();
        String::from_utf8(mended.files[0].bytes().to_vec()).unwrap()
    });
    texts.collect()
}

fn among(language: &str, wrong: &str, right: &str, said: &str, place: (u32, u32)) {
    let found = after(language, wrong, said, place);
    assert!(found.iter().any(|text| text == right), "wanted\n{right}\nfound {found:#?}");
}

fn first(language: &str, wrong: &str, right: &str, said: &str, place: (u32, u32)) {
    let found = after(language, wrong, said, place);
    assert_eq!(found.first().map(String::as_str), Some(right), "{found:#?}");
}

#[test]
fn a_bracket_lost_inside_a_name_is_found_by_the_two_names_it_holds() {
    let sound = "int f(int *buoys, int i) {\n    return sail(buoys[i], 3);\n}\n";
    let said = "expected ')' before ']' token";
    among("c", &sound.replace("buoys[i]", "buoysi]"), sound, said, (2, 22));
    let cast = "double f(int most, int all) {\n    double share = (double)most / all;\n    return share;\n}\n";
    let said = "expected ')' before ';' token";
    among("c", &cast.replace("(double)most", "(doublemost"), cast, said, (2, 38));
}

#[test]
fn nobody_writes_a_pair_of_brackets_around_a_pair() {
    let sound = "class Quay {\n    void go() {\n        sail(miles);\n    }\n}\n";
    let wrong = sound.replace("sail(miles)", "sail((miles)");
    first("java", &wrong, sound, "')' expected", (3, 21));
}

#[test]
fn the_header_of_a_for_has_two_terminators() {
    let sound = "int f(int n) {\n    int s = 0;\n    for (int i = 0; i < n; i++) {\n        s += i;\n    }\n    return s;\n}\n";
    let wrong = sound.replace("i = 0;", "i = 0,");
    first("c", &wrong, sound, "expected ';' before ')' token", (3, 32));
}

#[test]
fn a_comma_before_a_member_was_meant_as_a_dot() {
    let sound = "struct Sailor { name: String, hours: f64 }\nfn show(one: &Sailor) {\n    println!(\"{} {}\", one.name, one.hours);\n}\n";
    let wrong = sound.replace("one.name", "one,name");
    first("rust", &wrong, sound, "argument never used", (3, 27));
}

#[test]
fn a_word_among_strings_lost_its_quotes() {
    let sound =
        "const char *kinds[] = {\"car\", \"van\", \"lorry\"};\nenum kind { CAR, VAN, LORRY };\n";
    let wrong = sound.replace("\"lorry\"", "lorry");
    first("c", &wrong, sound, "'lorry' undeclared here (not in a function)", (1, 38));
}

#[test]
fn a_quote_lost_in_a_list_is_put_where_all_of_it_reads_well() {
    let sound = "const char *kinds[] = {\"grown\", \"child\", \"crew\"};\nint n = 3;\n";
    let wrong = sound.replace("grown\"", "grown");
    first("c", &wrong, sound, "missing terminating \" character", (1, 46));
}

#[test]
fn a_comment_ends_before_what_looks_like_code() {
    let sound = "/* One bit each. */\n#define FOG 1\n#define GALE 2\n\nint mast = 0;\n";
    let wrong = sound.replace(" */", "");
    first("c", &wrong, sound, "unterminated comment", (1, 1));
    // Nothing but the comment is left of the text.
    let open = "/*\n * Bookings.\nint mast = 0;\n";
    let found = after("c", open, "unterminated comment", (1, 1));
    assert_eq!(found[0], "/*\n * Bookings. */\nint mast = 0;\n");
}

#[test]
fn an_attribute_ends_with_its_line_and_parameters_before_the_arrow() {
    let sound = "#[derive(Debug, Clone)]\nstruct Tide {\n    depth: f64,\n}\n";
    let wrong = sound.replace(")]", ")");
    among("rust", &wrong, sound, "this file contains an unclosed delimiter", (4, 3));
    let sound = "fn total(week: &[i32; 7]) -> i32 {\n    week[0]\n}\n";
    let wrong = sound.replace("7])", "7]");
    first("rust", &wrong, sound, "this file contains an unclosed delimiter", (3, 3));
}

#[test]
fn several_odd_brackets_are_mended_together() {
    let sound = "fn main() {\n    let a = f(1);\n    if a > 2 {\n        g(a);\n    }\n    while a > 3 {\n        g(a);\n    }\n}\n";
    let wrong = sound.replace("if a > 2 {", "if a > 2").replace("f(1)", "f(1");
    among("rust", &wrong, sound, "mismatched closing delimiter: `}`", (5, 5));
}

#[test]
fn a_mark_lost_between_an_object_and_its_member() {
    let sound = "struct t { int seats; };\nvoid f(struct t *fresh, int n) {\n    fresh->seats = n;\n    fresh->seats += 1;\n}\n";
    let wrong = sound.replace("fresh->seats = n", "freshseats = n");
    first("c", &wrong, sound, "'freshseats' undeclared (first use in this function)", (3, 5));
}

#[test]
fn words_of_another_language_are_no_slips_of_the_fingers() {
    let sound = "class Crew {\n    int hours;\n    Integer other;\n}\n";
    let wrong = sound.replace("int hours", "integer hours");
    first("java", &wrong, sound, "cannot find symbol", (2, 5));
}

#[test]
fn what_is_returned_is_told_from_the_name_or_the_type() {
    let sound = "class Depot {\n    private int moved;\n\n    int getMoved() {\n        return moved;\n    }\n}\n";
    let wrong = sound.replace("        return moved;\n", "");
    first("java", &wrong, sound, "missing return statement", (5, 5));
    let sound = "fn book(paid: f64) -> Result<(), String> {\n    if paid < 1.0 {\n        return Err(\"too little\".to_string());\n    }\n    Ok(())\n}\n";
    let wrong = sound.replace("    Ok(())\n", "");
    among("rust", &wrong, sound, "[E0308] mismatched types", (1, 23));
}

#[test]
fn a_value_missing_in_a_format_fits_the_marks_around_it() {
    let sound = "#include <stdio.h>\nvoid f(char *name, int wins) {\n    printf(\"%s won %d times\\n\", name, wins);\n}\n";
    let wrong = sound.replace("name, wins", "wins");
    let said = "format '%s' expects argument of type 'char *', but argument 2 has type 'int'";
    among("c", &wrong, sound, said, (3, 14));
    let wrong = sound.replace("name, wins)", "wins, name)");
    among("c", &wrong, sound, said, (3, 14));
}

#[test]
fn a_parameter_of_which_several_calls_complain_is_to_blame() {
    let sound = "class Card {\n    double left;\n    void pay(double fare) {\n        left -= fare;\n    }\n    void go() {\n        pay(3.5);\n        pay(2.5);\n    }\n}\n";
    let wrong = sound.replace("double fare", "int fare");
    let said = "incompatible types: possible lossy conversion from double to int";
    among("java", &wrong, sound, said, (7, 13));
}

#[test]
fn what_is_declared_in_two_places_is_made_to_agree() {
    let sound = "interface Vessel {\n    double knots();\n}\nclass Ferry implements Vessel {\n    public double knots() {\n        return 9;\n    }\n}\n";
    let wrong = sound.replace("public double", "public int");
    let said = "knots() in Ferry cannot implement knots() in Vessel";
    among("java", &wrong, sound, said, (5, 16));
}

#[test]
fn two_lines_that_are_the_same_declare_twice() {
    let sound = "int f(void) {\n    int cars[] = {1200, 900};\n    return cars[0];\n}\n";
    let line = "    int cars[] = {1200, 900};\n";
    let wrong = sound.replace(line, &line.repeat(2));
    first("c", &wrong, sound, "redefinition of 'cars'", (3, 9));
}

#[test]
fn no_text_and_no_place_is_too_odd_for_any_message() {
    let texts = [
        "= x;", ", x := 1", "< seats", "int", "x =", "case", "if", "\\", "data", "let x", "}",
        "[1 2", "if (",
    ];
    let language_of = |compiler: &str| match compiler {
        "javac" => "java",
        "rustc" => "rust",
        "tsc" => "typescript",
        "ghc" => "haskell",
        "fpc" => "pascal",
        "mcs" | "csc" => "csharp",
        "go" => "go",
        "scalac" => "scala",
        _ => "c",
    };
    let catalogue = Catalogue::shipped();
    for entry in catalogue.entries() {
        for pattern in &entry.patterns {
            // A message that fits the pattern, with a name in each hole.
            let mut said = String::new();
            let mut parts = pattern.text.split('{');
            said.push_str(parts.next().unwrap_or(""));
            parts.for_each(|part| {
                said.push_str("seats");
                said.push_str(part.split_once('}').map_or(part, |(_, rest)| rest));
            });
            for (number, text) in texts.iter().enumerate() {
                let language = language::by_id(language_of(&pattern.compiler)).unwrap();
                let source = Source::new("quay", text.as_bytes());
                let program = Program::single(source.clone());
                let severities = [Severity::Error, Severity::Warning];
                for severity in severities.into_iter().skip(number % 2).take(1) {
                    let mut message = Message::new(severity, &said);
                    message.at = Some(Place::point("quay", 1, 1 + (number % 3) as u32));
                    let diagnoser = Diagnoser::new(&catalogue, &pattern.compiler);
                    let diagnosis = diagnoser.diagnose(&message);
                    let read = Arc::new(Text::new(&source, language));
                    let all = [message.clone()];
                    if let Some(case) = Case::new(&program, read, &message, &all, &diagnosis) {
                        for candidate in propose(&case).candidates {
                            let applied = edit::apply_all(&program, &candidate.sets());
                            assert!(applied.is_ok(), "{}: {text}: {candidate:?}", entry.id);
                        }
                    }
                }
            }
        }
    }
}
