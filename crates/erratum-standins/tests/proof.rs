//! Look and proof from end to end, with a stand-in in the place of the compiler.

use erratum_catalogue::Catalogue;
use erratum_repair::diagnose::Diagnoser;
use erratum_repair::search::Search;
use erratum_standins::{Dialect, StandIn};
use erratum_syntax::language;
use erratum_syntax::source::{Program, Source};

const VB: &str = "' Seats of the ferry.\nImports System\n\nModule Ferry\n    Function Left(all As Integer, sold As Integer) As Integer\n        Dim rest As Integer = all - sold\n        If rest < 0 Then\n            rest = 0\n        End If\n        Return rest\n    End Function\n\n    Sub Main()\n        Dim seats As Integer = 40\n        For i = 1 To 3\n            Console.WriteLine(\"left: \" & Left(seats, i))\n        Next\n        Console.Write(\"done\")\n    End Sub\nEnd Module\n";

const SOURCEPAWN: &str = "// Seats of the ferry.\nint SeatsLeft(int all, int sold) {\n    int rest = all - sold;\n    if (rest < 0) {\n        rest = 0;\n    }\n    return rest;\n}\n\npublic void OnPluginStart() {\n    int seats = 40;\n    PrintToServer(\"left: %d\", SeatsLeft(seats, 3));\n    PrintToChatAll(\"done\");\n}\n";

const DELPHI: &str = "program Ferry;\n\nuses\n  SysUtils;\n\nvar\n  seats: integer;\n\nfunction Rest(all, sold: integer): integer;\nbegin\n  Rest := all - sold;\nend;\n\nbegin\n  seats := 40;\n  writeln('left: ', IntToStr(Rest(seats, 3)));\nend.\n";

const MSVC: &str = "#include <iostream>\n\nint rest(int all, int sold) {\n    int left = all - sold;\n    return left;\n}\n\nint main() {\n    int seats = 40;\n    std::cout << \"left: \" << rest(seats, 3) << \"\\n\";\n    return 0;\n}\n";

/// Each slip must be mended to the sound program.
fn check(dialect: Dialect, file: &str, sound: &str, slips: &[(&str, &str)]) {
    let language = language::by_id(dialect.language()).unwrap();
    let stand_in = StandIn::new(dialect);
    let program = |text: &str| Program::single(Source::new(file, text.as_bytes()));
    assert_eq!(stand_in.output(&program(sound)), "", "{dialect:?} speaks of a sound program");
    let mut wrong = Vec::new();
    for (right, slip) in slips {
        assert_eq!(sound.matches(right).count(), 1, "{right}");
        let start = program(&sound.replacen(right, slip, 1));
        let first = stand_in.check(&start);
        assert!(!first.messages.is_empty(), "{dialect:?} says nothing of {slip:?}");
        let found = Search::new(&Catalogue::shipped(), &start, language, &stand_in).run(first);
        let mended = String::from_utf8_lossy(found.mended.files[0].bytes()).into_owned();
        if mended != sound {
            let titles: Vec<_> = found.verdict.roots.iter().map(|r| r.title.clone()).collect();
            wrong.push(format!("{right:?} as {slip:?}: {titles:?}\n{}", stand_in.output(&start)));
        }
    }
    assert!(wrong.is_empty(), "{}", wrong.join("\n"));
}

#[test]
fn visual_basic() {
    check(
        Dialect::VisualBasic,
        "Ferry.vb",
        VB,
        &[
            ("\"done\"", "\"done"),
            ("Left(seats, i))", "Left(seats, i)"),
            ("        End If\n", ""),
            ("        Next\n", ""),
            ("Return rest", "Return rets"),
            ("Console.WriteLine", "Console.WritLine"),
            ("seats As Integer = 40", "seats As Integer = \"40\""),
            ("Left(seats, i)", "Left(seats, i, 3)"),
        ],
    );
}

#[test]
fn sourcepawn() {
    check(
        Dialect::SourcePawn,
        "ferry.sp",
        SOURCEPAWN,
        &[
            ("int rest = all - sold;", "int rest = all - sold"),
            ("\"done\"", "\"done"),
            ("SeatsLeft(seats, 3));", "SeatsLeft(seats, 3);"),
            ("return rest;", "return rets;"),
            ("SeatsLeft(seats, 3)", "SeatsLeft(seats, 3, 3)"),
            ("PrintToServer", "PrintToServr"),
            ("    return rest;\n}\n", "    return rest;\n"),
        ],
    );
}

#[test]
fn delphi() {
    check(
        Dialect::Delphi,
        "Ferry.dpr",
        DELPHI,
        &[
            ("seats := 40;", "seats := 40"),
            ("'left: '", "left: '"),
            ("Rest(seats, 3)));", "Rest(seats, 3));"),
            ("Rest := all - sold", "Rest := all - slod"),
            ("IntToStr", "IntToSt"),
            ("Rest(seats, 3)", "Rest(seats, 3, 3)"),
        ],
    );
}

#[test]
fn a_component_is_called_what_its_form_calls_it() {
    let unit = "program Sales;\n\ntype\n  TSales = class\n    SelButton: integer;\n  end;\n\nprocedure Open;\nbegin\n  SellButton := 1;\nend;\n\nbegin\n  Open;\nend.\n";
    let form = "object Sales: TSales\n  object SellButton: TButton\n    Left = 8\n  end\nend\n";
    let language = language::by_id("pascal").unwrap();
    let mend = |stand_in: StandIn| {
        let start = Program::single(Source::new("Sales.pas", unit.as_bytes()));
        let first = stand_in.check(&start);
        assert!(first.messages.iter().any(|m| m.text.contains("SellButton")), "{first:?}");
        let found = Search::new(&Catalogue::shipped(), &start, language, &stand_in).run(first);
        String::from_utf8_lossy(found.mended.files[0].bytes()).into_owned()
    };
    let source = Source::new("Sales.dfm", form.as_bytes());
    let with_form = mend(StandIn::new(Dialect::Delphi).beside(vec![source]));
    assert!(with_form.contains("    SellButton: integer;"), "{with_form}");
    assert!(with_form.contains("  SellButton := 1"), "{with_form}");
    let other = Source::new("Sales.dfm", form.replace("SellButton", "SelButton").into_bytes());
    let with_other = mend(StandIn::new(Dialect::Delphi).beside(vec![other]));
    assert!(with_other.contains("  SelButton := 1"), "{with_other}");
}

#[test]
fn msvc() {
    check(
        Dialect::Msvc,
        "ferry.cpp",
        MSVC,
        &[
            ("int left = all - sold;", "int left = all - sold"),
            ("\"left: \"", "\"left: "),
            ("return left;", "return lfet;"),
            ("    return left;\n}\n", "    return left;\n"),
            ("rest(seats, 3)", "rest(seats, 3, 3)"),
        ],
    );
}

#[test]
fn examples_of_the_catalogue() {
    for id in ["vb", "sourcepawn"] {
        let stand_in = StandIn::of_language(id).unwrap();
        let file = format!("pier.{}", language::by_id(id).unwrap().extensions[0]);
        let check = |text: &str| {
            stand_in.check(&Program::single(Source::new(file.as_str(), text.as_bytes()))).messages
        };
        let mut seen = 0;
        let catalogue = Catalogue::shipped();
        for entry in catalogue.entries() {
            let Some(example) = entry.examples.get(id) else { continue };
            seen += 1;
            let compiler = erratum_repair::search::Compile::compiler(&stand_in).to_owned();
            let diagnoser = Diagnoser::new(&catalogue, &compiler);
            let fits = check(&example.wrong).iter().any(|message| {
                let diagnosis = diagnoser.diagnose(message);
                diagnosis.matches.iter().any(|found| found.entry.id == entry.id)
            });
            assert!(
                fits,
                "{id}: {}: {}",
                entry.id,
                stand_in
                    .output(&Program::single(Source::new(file.as_str(), example.wrong.as_bytes())))
            );
            assert!(check(&example.right).is_empty(), "{id}: {}", entry.id);
        }
        assert!(seen >= 4);
    }
}

#[test]
fn any_bytes_are_read_without_harm() {
    for seed in 0..200 {
        let mut random = fastrand::Rng::with_seed(seed);
        let words = [
            "If", "End", "begin", "(", ")", "{", "}", "\"", "'", "\n", ";", "tide", ".", "=",
            "For", "Next", "Then", "//", "{", "function", "int",
        ];
        let text: String =
            (0..60).flat_map(|_| [words[random.usize(..words.len())], " "]).collect();
        for dialect in [Dialect::VisualBasic, Dialect::Delphi, Dialect::Msvc, Dialect::SourcePawn] {
            StandIn::new(dialect).check(&Program::single(Source::new("tide", text.as_bytes())));
        }
    }
}
