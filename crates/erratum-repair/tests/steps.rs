//! The steps of the search, each with a compiler whose messages a test writes down.

use erratum_catalogue::Catalogue;
use erratum_repair::fixes::Certainty;
use erratum_repair::message::{Message, Place, Severity};
use erratum_repair::search::{
    Compile, Depth, Event, Found, Limits, Observer, Outcome, Rejection, Report, Search,
};
use erratum_repair::verdict::Role;
use erratum_syntax::language::by_id;
use erratum_syntax::source::{Program, Source};

/// A message of the test's compiler: the text it points at, and what it says. Without that text in
/// the program it is not given; an empty text points nowhere.
type Said = (&'static str, String);

/// A compiler that says what a function makes of the text.
struct Scripted<F>(F);

impl<F: Fn(&str) -> Vec<Said> + Sync> Scripted<F> {
    fn report(&self, program: &Program) -> Report {
        let source = &program.files[0];
        let text = String::from_utf8_lossy(source.bytes()).into_owned();
        let message = |(at, said): Said| {
            let offset = text.find(at)?;
            let placed = !at.is_empty();
            let warning = said.strip_prefix("warning: ");
            let severity = if warning.is_some() { Severity::Warning } else { Severity::Error };
            let mut message = Message::new(severity, warning.unwrap_or(&said));
            message.at = placed.then(|| Place::of(source, offset, offset + at.len()));
            Some(message)
        };
        let messages: Vec<Message> = (self.0)(&text).into_iter().filter_map(message).collect();
        let exit = Some(i32::from(messages.iter().any(Message::is_error)));
        Report { messages, exit, dropped: 0 }
    }
}

impl<F: Fn(&str) -> Vec<Said> + Sync> Compile for Scripted<F> {
    fn compiler(&self) -> &str {
        "gcc"
    }

    fn compile(&self, programs: &[Program], _: Depth) -> Vec<Result<Report, String>> {
        let one = |program: &Program| {
            let text = String::from_utf8_lossy(program.files[0].bytes()).into_owned();
            if text.contains("kraken") {
                return Err("was eaten".to_owned());
            }
            Ok(self.report(program))
        };
        programs.iter().map(one).collect()
    }

    fn expired(&self) -> bool {
        false
    }

    fn source(&self, _: &str) -> Option<Source> {
        None
    }
}

/// Everything that a search did.
#[derive(Default)]
struct Recorder(Vec<Event>);

impl Observer for Recorder {
    fn notice(&mut self, event: Event) {
        self.0.push(event);
    }
}

impl Recorder {
    /// Why fixes were rejected that change a text so, in order.
    fn rejections(&self, title: &str) -> Vec<Rejection> {
        let tried = self.0.iter().filter_map(|event| match event {
            Event::Tried { fix, outcome: Outcome::Rejected { rejection, .. } }
                if fix.title.contains(title) =>
            {
                Some(*rejection)
            }
            _ => None,
        });
        tried.collect()
    }

    /// What happened, for a failing test to show.
    fn story(&self) -> String {
        let short = |event: &Event| match event {
            Event::Proposed { fixes } => format!("proposed {}", fixes.len()),
            Event::Tried { fix, outcome } => {
                let outcome = match outcome {
                    Outcome::Held { total, objection, .. } => {
                        format!("held {total:.1} {objection}")
                    }
                    Outcome::Rejected { rejection, .. } => rejection.to_string(),
                };
                format!("tried {}: {outcome}", fix.title)
            }
            other => format!("{other:?}"),
        };
        self.0.iter().map(short).collect::<Vec<_>>().join("\n")
    }

    fn count(&self, wanted: impl Fn(&Event) -> bool) -> usize {
        self.0.iter().filter(|event| wanted(event)).count()
    }
}

fn look(text: &str, says: impl Fn(&str) -> Vec<Said> + Sync) -> (Found, Recorder) {
    look_with(text, Limits::default(), says)
}

fn look_with(
    text: &str,
    limits: Limits,
    says: impl Fn(&str) -> Vec<Said> + Sync,
) -> (Found, Recorder) {
    let compiler = Scripted(says);
    let program = Program::single(Source::new("tide.c", text.as_bytes()));
    let (catalogue, mut recorder) = (Catalogue::shipped(), Recorder::default());
    let first = compiler.report(&program);
    let found = Search::new(&catalogue, &program, by_id("c").unwrap(), &compiler)
        .limits(limits)
        .observer(&mut recorder)
        .run(first);
    println!("{}", recorder.story());
    (found, recorder)
}

fn mended(found: &Found) -> String {
    String::from_utf8_lossy(found.mended.files[0].bytes()).into_owned()
}

fn unknown(name: &str) -> String {
    format!("'{name}' undeclared (first use in this function)")
}

const HARBOUR: &str = "int main(void) {\n    int tide = 3;\n    int quay = 4;\n    int left = 0;\n    left = tdie;\n    quay = left;\n    return quay;\n}\n";

#[test]
fn the_search_says_what_it_looks_at_and_what_it_takes() {
    let (found, recorder) = look(HARBOUR, |_| vec![("tdie", unknown("tdie"))]);
    assert!(mended(&found).contains("left = tide;"));
    let targets = recorder
        .count(|event| matches!(event, Event::Target { steps: 0, said, .. } if said.line == 5));
    assert_eq!(targets, 1);
    let taken = recorder.0.iter().find_map(|event| match event {
        Event::Accepted { title, rank: 1, .. } => Some(title.as_str()),
        _ => None,
    });
    assert_eq!(taken, Some("On line 5, write `tide` instead of `tdie`"));
    // A score is the sum of its factors.
    for event in &recorder.0 {
        if let Event::Proposed { fixes } = event {
            assert!(!fixes.is_empty());
            for fix in fixes {
                let sum: f64 = fix.factors.iter().map(|factor| factor.value).sum();
                assert!((sum - fix.score).abs() < 1e-6, "{fix:?}");
            }
        }
    }
    assert!(matches!(recorder.0.last(), Some(Event::Finished { complete: true, .. })));
}

#[test]
fn a_fix_whose_message_stays_is_left() {
    // Only the second best name is right.
    let says = |text: &str| {
        let right = text.contains("left = left;");
        if right { vec![] } else { vec![("    left = ", unknown("tdie"))] }
    };
    let (_, recorder) = look(HARBOUR, says);
    assert!(recorder.rejections("`tide` instead").contains(&Rejection::MessageStays));
}

#[test]
fn a_fix_that_the_compiler_does_not_survive_is_left() {
    let text = HARBOUR.replace("int tide", "int kraken").replace("tdie", "krakn");
    let (found, recorder) = look(&text.replace("int kraken", "int krake"), |text| {
        if text.contains("krakn") { vec![("krakn", unknown("krakn"))] } else { vec![] }
    });
    assert!(mended(&found).contains("left = krake;"));
    assert!(recorder.rejections("kraken").is_empty());
    // A name that makes it fail is only left.
    let eaten = "int main(void) {\n    int kraken2 = 3;\n    int krakem = 4;\n    return krakef + krakem;\n}\n";
    let (found, recorder) = look(&eaten.replace("kraken2", "krakel"), |text| {
        let wrong = text.contains("krakef");
        if wrong { vec![("krakef", unknown("krakef"))] } else { vec![] }
    });
    assert!(!mended(&found).contains("krakef"));
    assert_eq!(recorder.count(|event| matches!(event, Event::Accepted { rank: 1, .. })), 1);
}

#[test]
fn a_new_error_before_the_message_leaves_a_fix() {
    let says = |text: &str| {
        if text.contains("tdie") {
            vec![("tdie", unknown("tdie"))]
        } else if text.contains("left = tide") {
            vec![("int main", "unknown type name 'int'".to_owned())]
        } else {
            vec![]
        }
    };
    let (found, recorder) = look(HARBOUR, says);
    // It stands above all that was changed, so it is taken for what was hidden.
    assert!(mended(&found).contains("left = "));
    let declared = recorder.rejections("write `tdie` instead of `tide`");
    assert!(declared.iter().all(|rejection| *rejection != Rejection::MessageStays), "{declared:?}");
}

#[test]
fn what_shows_only_after_a_part_was_blanked_out_is_no_mistake() {
    let text = HARBOUR.replace("int left = 0;", "int left = 0; haul(9);");
    let says = |text: &str| {
        if text.contains("haul(") {
            vec![("haul", "the anchor is stuck".to_owned())]
        } else {
            vec![("return", "nothing was hauled".to_owned())]
        }
    };
    let (found, _) = look(&text, says);
    assert_eq!(found.verdict.roots.len(), 1);
    assert_eq!(found.verdict.roots[0].at.line, 4);
}

#[test]
fn a_fix_that_the_program_does_not_need_is_taken_back() {
    // A first `;` moves the trouble down, where the one that was lost stands; then the first is
    // one too many for nobody.
    let text = "int main(void) {\n    int tide = 3\n    int quay = 4\n    return tide + quay;\n}\n";
    let says = |text: &str| {
        let expected = |before: &str| format!("expected ',' or ';' before '{before}'");
        if text.contains("4;") {
            vec![]
        } else if text.contains("3;") {
            vec![("return", expected("return"))]
        } else {
            vec![("int quay", expected("int"))]
        }
    };
    let (found, recorder) = look(text, says);
    assert_eq!(recorder.count(|event| matches!(event, Event::Unneeded { fixes: 1 })), 1);
    assert_eq!(mended(&found), text.replace("4\n", "4;\n"));
    let roots = &found.verdict.roots;
    assert_eq!(roots.len(), 1);
    // The message that led to the fix that went is put down to the one that stays.
    assert_eq!((roots[0].at.line, &roots[0].messages[..]), (3, &[1][..]));
}

/// Three lines that lack their end, far enough from each other.
const APART: &str = "int main(void) {\n    int tide = 3\n\n    int quay = 4;\n\n    quay = tide\n\n    tide = quay;\n\n    return tide\n\n}\n";

fn ends(text: &str) -> Vec<Said> {
    let lost = |line: &str, next: &'static str| {
        let whole = text.contains(&format!("{line};"));
        (!whole).then(|| (next, format!("expected ';' before '{}'", next.trim())))
    };
    let all =
        [lost("= 3", "int quay"), lost("quay = tide", "tide = quay"), lost("return tide", "}\n")];
    all.into_iter().flatten().collect()
}

#[test]
fn fixes_that_stand_out_are_tried_in_one_compile() {
    let (found, recorder) = look(APART, ends);
    let held = recorder
        .count(|event| matches!(event, Event::Batch { titles, held: true } if titles.len() == 3));
    assert_eq!(held, 1);
    assert_eq!(recorder.count(|event| matches!(event, Event::Tried { .. })), 0);
    assert_eq!(found.verdict.roots.iter().map(|root| root.at.line).collect::<Vec<_>>(), [2, 6, 10]);
}

#[test]
fn a_batch_against_which_anything_speaks_is_tried_one_by_one() {
    let says = |text: &str| {
        let mut all = ends(text);
        if text.contains("quay = tide;") && text.contains("= 3;") {
            all.push(("main", "warning: unused variable 'fog'".to_owned()));
            all.push(("tide = quay", "the fog is thick".to_owned()));
        }
        all
    };
    let (_, recorder) = look(APART, says);
    assert!(recorder.count(|event| matches!(event, Event::Batch { held: false, .. })) > 0);
    assert_eq!(recorder.count(|event| matches!(event, Event::Batch { held: true, .. })), 0);
    assert!(recorder.count(|event| matches!(event, Event::Tried { .. })) > 0);
}

#[test]
fn a_warning_is_not_mended_with_an_error() {
    let text = "int main(void) {\n    int tide;\n    int quay = tide;\n    return quay;\n}\n";
    let says = |text: &str| {
        if text.contains("tide;\n    int") {
            vec![("= tide", "warning: 'tide' is used uninitialized".to_owned())]
        } else {
            vec![("int tide", "the tide may not be set".to_owned())]
        }
    };
    let compiler = Scripted(says);
    let program = Program::single(Source::new("tide.c", text.as_bytes()));
    let mut first = compiler.report(&program);
    first.messages[0].code = Some("-Wuninitialized".to_owned());
    let (catalogue, mut recorder) = (Catalogue::shipped(), Recorder::default());
    let found = Search::new(&catalogue, &program, by_id("c").unwrap(), &compiler)
        .observer(&mut recorder)
        .run(first);
    assert_eq!(mended(&found), text);
    let bought = recorder.rejections("");
    assert!(
        bought.iter().any(|why| matches!(why, Rejection::ErrorForWarning { .. })),
        "{bought:?}"
    );
}

#[test]
fn the_search_goes_back_where_the_best_fix_leads_into_trouble() {
    let text = "int main(void) {\n    int tide = 3;\n    int tdi = 4;\n    int berth = 0;\n    berth = tdie;\n    berth = berht;\n    return berth;\n}\n";
    // Behind the likelier name something is wrong that nothing mends.
    let says = |text: &str| {
        if text.contains("tdie") {
            vec![("tdie", unknown("tdie"))]
        } else if text.contains("berth = tide") {
            vec![("", "the harbour is closed".to_owned())]
        } else if text.contains("berht") {
            vec![("berht", unknown("berht"))]
        } else {
            vec![]
        }
    };
    let (found, recorder) = look(text, says);
    assert!(mended(&found).contains("berth = tdi;"), "{}", mended(&found));
    assert!(recorder.count(|event| matches!(event, Event::WentBack { steps: 1 })) >= 1);
    assert_eq!(found.verdict.roots.len(), 2);
}

#[test]
fn where_no_fix_holds_a_part_is_blanked_out_to_see_behind_it() {
    let text = format!("void up(void) {{\n    haul(9);\n}}\n\n{HARBOUR}");
    let says = |text: &str| {
        if text.contains('9') {
            return vec![("9", "expected an anchor".to_owned())];
        }
        if text.contains("tdie") { vec![("tdie", unknown("tdie"))] } else { vec![] }
    };
    let (found, recorder) = look(&text, says);
    assert_eq!(recorder.count(|event| matches!(event, Event::Blanked { line: 2, last: 2 })), 1);
    let roots = &found.verdict.roots;
    assert_eq!(roots.len(), 2, "{roots:#?}");
    assert_eq!((roots[0].at.line, roots[0].fixes.len()), (2, 0));
    assert_eq!((roots[1].at.line, roots[1].hidden), (9, true));
    assert!(!found.verdict.mended);
}

#[test]
fn a_message_that_nothing_takes_away_is_passed_over() {
    let (found, recorder) = look(HARBOUR, |_| vec![("", "the harbour is closed".to_owned())]);
    assert_eq!(recorder.count(|event| matches!(event, Event::Passed)), 1);
    let root = &found.verdict.roots[0];
    assert!(root.fixes.is_empty() && !root.title.is_empty());
    assert_eq!(found.verdict.messages[0].role, Role::Root);
}

#[test]
fn two_changes_that_touch_each_other_were_one_slip() {
    let text = "int main(void) {\n    int tide = 3;\n    tide = rise(tid;\n    return tide;\n}\n";
    let says = |text: &str| {
        if !text.contains(");") {
            vec![(";\n    return", "expected ')' before ';' token".to_owned())]
        } else if text.contains("(tid)") {
            vec![("tid)", unknown("tid"))]
        } else {
            vec![]
        }
    };
    let (found, _) = look(text, says);
    assert_eq!(mended(&found), text.replace("rise(tid;", "rise(tide);"));
    assert_eq!(found.verdict.roots.len(), 1, "{:#?}", found.verdict.roots);
}

#[test]
fn the_budget_in_compiles_ends_the_search_at_the_same_place_every_time() {
    let text = HARBOUR.replace("quay = left", "quay = lfet");
    let says = |text: &str| {
        let wrong = ["tdie", "lfet"].into_iter().filter(|name| text.contains(name));
        wrong.map(|name| (name, unknown(name))).collect::<Vec<_>>()
    };
    let limited =
        |compiles| look_with(&text, Limits { compiles: Some(compiles), ..Limits::default() }, says);
    let (found, recorder) = limited(2);
    assert!(!found.verdict.complete);
    assert_eq!(found.verdict.roots.len(), 1);
    let (again, same) = limited(2);
    assert_eq!(recorder.0, same.0);
    assert_eq!(found.verdict.compiles, again.verdict.compiles);
    assert!(limited(40).0.verdict.complete);
}

#[test]
fn an_error_that_is_left_on_the_line_makes_its_fix_a_guess() {
    let text = "int main(void) {\n    int tide = 3\n    return tide;\n}\n";
    let certainty = |cursed: bool| {
        let (found, story) = look(text, move |text| {
            let mut said = Vec::new();
            if text.contains("= 3\n") {
                said.push(("return", "expected ',' or ';' before 'return'".to_owned()));
            } else if cursed {
                said.push(("int tide", "this line is cursed".to_owned()));
            }
            said
        });
        let fix = found.verdict.roots[0].fixes.first();
        let fix = fix.unwrap_or_else(|| panic!("{}", story.story()));
        assert!(fix.title.contains("`;`"), "{}", fix.title);
        fix.certainty
    };
    assert_eq!(certainty(false), Certainty::Sure);
    assert_eq!(certainty(true), Certainty::Guess);
}

#[test]
fn of_two_readings_none_is_the_fix() {
    let text = "int main(void) {\n    int tide1 = 3;\n    int tide2 = 4;\n    return tide3;\n}\n";
    let (found, _) = look(text, |text| {
        let wrong = text.contains("tide3").then(|| ("tide3", unknown("tide3")));
        wrong.into_iter().collect()
    });
    let root = &found.verdict.roots[0];
    assert!(root.fixes.is_empty() && root.possible.len() > 1, "{:?}", root.possible);
    assert!(root.possible.iter().all(|fix| fix.certainty == Certainty::Guess));
    // The title takes no side.
    assert!(!root.title.contains("tide1") && !root.title.contains("tide2"), "{}", root.title);
}

#[test]
fn a_fix_of_a_name_that_spoils_the_syntax_only_hides_the_message() {
    let text = "int main(void) {\n    int depth = 3;\n    return depht;\n}\n";
    let (_, story) = look(text, |text| {
        let broken = text.contains("return depth;");
        let syntax = ("main", "expected identifier or '(' before 'main'".to_owned());
        if broken { vec![syntax] } else { vec![("depht", unknown("depht"))] }
    });
    let rejected = story.rejections("`depth` instead of `depht`");
    assert!(matches!(rejected[..], [Rejection::SyntaxSpoilt { .. }]), "{}", story.story());
}

#[test]
fn what_names_a_word_of_a_blanked_part_is_not_told() {
    let text = "int main(void) {\n    rise(cursed,\n        helm);\n    return 0;\n}\n\nint other(void) {\n    go();\n    stay();\n    return 0;\n}\n";
    let (found, story) = look(text, |text| {
        if text.contains("cursed") {
            return vec![("cursed", "this value is cursed".to_owned())];
        }
        let after = [("go", "'helm' is uninitialized"), ("stay", "stay is unreachable")];
        after.into_iter().map(|(at, said)| (at, said.to_owned())).collect()
    });
    let said = |part: &str| {
        let roots = found.verdict.roots.iter();
        roots.filter(|root| root.will_say.as_deref().is_some_and(|s| s.contains(part))).count()
    };
    assert_eq!(said("helm"), 0, "{}", story.story());
    assert_eq!(said("unreachable"), 1, "{}", story.story());
}

#[test]
fn several_parts_of_a_fix_on_one_line_are_a_guess() {
    let text = "int main(void) {\n    go(rise[2;\n    return 0;\n}\n";
    let (found, story) = look(text, |text| {
        let count = |mark: char| text.matches(mark).count();
        let odd = count('(') != count(')') || count('[') != count(']');
        odd.then(|| (";", "expected ')' before ';' token".to_owned())).into_iter().collect()
    });
    let fixes: Vec<_> = found.verdict.roots.iter().flat_map(|root| &root.fixes).collect();
    assert!(!fixes.is_empty(), "{}", story.story());
    assert!(fixes.iter().all(|fix| fix.certainty == Certainty::Guess), "{fixes:#?}");
}
