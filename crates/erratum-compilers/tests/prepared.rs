//! Compilers that start from what was prepared say the same, and nothing that goes wrong with what was
//! prepared is more than a later answer.

mod support;

use erratum_compilers::{Cache, Limits, NotPrepared, Project, Session, Toolbox};
use erratum_repair::plant::{KINDS, plant};
use erratum_repair::search::Report;
use erratum_syntax::language::{self, Language};
use erratum_syntax::source::Source;
use std::fs;
use std::path::{Path, PathBuf};
use std::sync::Arc;
use support::have;

/// Opens a session on a text in a folder of its own.
fn open(
    folder: &Path,
    name: &str,
    text: &[u8],
    arguments: &[&str],
    cache: Option<&Arc<Cache>>,
) -> Session {
    let path = folder.join(name);
    fs::write(&path, text).unwrap();
    let project = Project::open(&[path], None).unwrap();
    let mut found = Toolbox::default().find(project.language, None).unwrap();
    found.arguments.extend(arguments.iter().map(|flag| (*flag).to_owned()));
    Session::new(project, found, Limits::default()).unwrap().with_cache(cache.cloned())
}

fn report(name: &str, text: &[u8], cache: Option<&Arc<Cache>>) -> Report {
    let folder = tempfile::tempdir().unwrap();
    open(folder.path(), name, text, &[], cache).first().unwrap()
}

/// A sample program, with each slip that can be planted in it.
fn planted(language: &'static Language, sample: &str) -> Vec<Source> {
    let samples = Path::new(env!("CARGO_MANIFEST_DIR")).join("../erratum-learn/programs");
    let path = samples.join(language.id).join(sample);
    let sound = Source::new(sample, fs::read(path).unwrap());
    let kinds = KINDS.iter().filter(|kind| kind.fits(language));
    let wrong = kinds.filter_map(|kind| Some(plant(&sound, language, kind, 7)?.source));
    wrong.chain([sound.clone()]).collect()
}

/// Whether every planted text gets the same messages from a compiler that starts from what was
/// prepared and from one that does not.
fn check_same(id: &str, sample: &str) {
    if !have(id) {
        return;
    }
    let folder = tempfile::tempdir().unwrap();
    let cache = Arc::new(Cache::at(folder.path().join("cache")));
    let texts = planted(language::by_id(id).unwrap(), sample);
    assert!(texts.len() > 8);
    let first = texts.last().unwrap();
    let (_, made) = open(folder.path(), sample, first.bytes(), &[], None).prepare(&cache).unwrap();
    assert!(made.unwrap() > 1_000);
    let entry = cache.entries().remove(0);
    assert!(entry.what.starts_with("the start of ") || entry.what.starts_with("what <"));
    let (mut plain, mut prepared): (Option<Session>, Option<Session>) = (None, None);
    for text in &texts {
        let folder = tempfile::tempdir().unwrap();
        let mut said = Vec::new();
        // A compiler that stays is handed on from text to text, as from copy to copy.
        for (before, cache) in [(&mut plain, None), (&mut prepared, Some(&cache))] {
            let mut session = open(folder.path(), sample, text.bytes(), &[], cache);
            // One that comes late is not there for the first check of a look.
            let handed_on = cache.is_some() || id != "csharp";
            if let Some(before) = before.as_mut().filter(|_| handed_on) {
                session.adopt(before);
            }
            said.push(session.first().unwrap().messages);
            *before = Some(session);
        }
        let shown = String::from_utf8_lossy(text.bytes()).into_owned();
        assert_eq!(said[0], said[1], "{shown}");
    }
    assert!(cache.words().is_empty(), "it was used, not dropped");
    assert!(cache.entries()[0].used > entry.used, "it was used");
}

#[test]
fn java_says_the_same() {
    check_same("java", "Manifest.java");
}

#[test]
fn typescript_says_the_same() {
    check_same("typescript", "manifest.ts");
}

#[test]
fn scala_says_the_same() {
    check_same("scala", "Manifest.scala");
}

#[test]
fn scala_finds_the_same_of_the_jdk() {
    if !have("scala") {
        return;
    }
    let folder = tempfile::tempdir().unwrap();
    let cache = Arc::new(Cache::at(folder.path().join("cache")));
    let text = b"import java.time.{LocalDate, Ferry}\nimport java.util.concurrent.atomic._\n\
        import javax.swing.JFrame\nimport sun.misc.Unsafe\nimport sun.security.x509.AlgorithmId\n\
        import jdk.internal.misc.VM\nimport com.sun.net.httpserver.HttpServer\n\n\
        object Quay {\n  val day = LocalDate.now()\n  val count = new AtomicInteger(day)\n\
        \x20 val names = new java.util.TreeMap[String, java.sql.Date]()\n  names.put(3, day)\n\
        \x20 val frame: JFrame = new java.util.Berth()\n  val low: java.nio.file.Path = day.plusDays(\"2\")\n}\n";
    let plain = report("Quay.scala", text, None);
    assert!(plain.messages.len() > 4, "{plain:?}");
    let mut session = open(folder.path(), "Quay.scala", text, &[], None);
    session.prepare(&cache).unwrap().1.unwrap();
    let classes = fs::read(files(&folder.path().join("cache"), "helper.jar").remove(0)).unwrap();
    let own = b"Offered.class";
    assert!(classes.windows(own.len()).any(|part| part == own));
    assert_eq!(report("Quay.scala", text, Some(&cache)).messages, plain.messages);
}

#[test]
fn csharp_says_the_same() {
    check_same("csharp", "Manifest.cs");
}

#[test]
fn cpp_says_the_same() {
    check_same("cpp", "tickets.cpp");
}

const QUAY: &[u8] = b"class Quay {\n    int berths = tides;\n}\n";

#[test]
fn a_damaged_archive_only_costs_time() {
    if !have("java") {
        return;
    }
    let folder = tempfile::tempdir().unwrap();
    let cache = Arc::new(Cache::at(folder.path().join("cache")));
    let mut session = open(folder.path(), "Quay.java", QUAY, &[], None);
    session.prepare(&cache).unwrap().1.unwrap();
    let plain = report("Quay.java", QUAY, None);
    assert_eq!(report("Quay.java", QUAY, Some(&cache)).messages, plain.messages);
    // As long as before, but nothing that a JVM knows: it starts without.
    for archive in files(cache.folder(), "helper.jsa") {
        let length = fs::metadata(&archive).unwrap().len();
        fs::remove_file(&archive).unwrap();
        fs::write(&archive, vec![7; length as usize]).unwrap();
    }
    assert_eq!(report("Quay.java", QUAY, Some(&cache)).messages, plain.messages);
    assert!(cache.words().is_empty());
    // The classes are none any more: the helper is started from its text.
    for classes in files(cache.folder(), "helper.jar") {
        let length = fs::metadata(&classes).unwrap().len();
        fs::write(&classes, vec![7; length as usize]).unwrap();
    }
    assert_eq!(report("Quay.java", QUAY, Some(&cache)).messages, plain.messages);
    assert_eq!(cache.words().len(), 1);
    assert!(cache.entries().is_empty());
}

/// The files of that name in the entries of a cache.
fn files(cache: &Path, name: &str) -> Vec<PathBuf> {
    let entries = fs::read_dir(cache).unwrap().flatten();
    let all: Vec<PathBuf> =
        entries.map(|entry| entry.path().join(name)).filter(|path| path.is_file()).collect();
    assert!(!all.is_empty());
    all
}

const BERTHS: &str =
    "#include <vector>\n\nint main() {\n    std::vector<int> berths = 3\n    return 0;\n}\n";

/// Prepares the includes of a text, and says whether there is something to use then.
fn prepared(text: &str, arguments: &[&str]) -> bool {
    let folder = tempfile::tempdir().unwrap();
    fs::write(folder.path().join("quay.h"), "#define QUAY 3\n").unwrap();
    let cache = Cache::at(folder.path().join("cache"));
    let mut session = open(folder.path(), "quay.cpp", text.as_bytes(), arguments, None);
    match session.prepare(&cache) {
        Some((_, Ok(bytes))) => bytes > 1_000_000,
        Some((_, Err(NotPrepared::Refused(_)))) | None => false,
        Some((_, Err(other))) => panic!("{other}"),
    }
}

#[test]
fn only_includes_that_nothing_stands_before_are_precompiled() {
    if !have("cpp") {
        return;
    }
    assert!(prepared(BERTHS, &[]));
    assert!(!prepared(&format!("#define QUAYS 3\n{BERTHS}"), &[]));
    assert!(!prepared(&format!("#pragma pack(1)\n{BERTHS}"), &[]));
    assert!(!prepared(BERTHS, &["-include", "vector"]));
    assert!(!prepared(&BERTHS.replace("<vector>", "<nowhere>"), &[]));
    // A header of the learner's may change between two copies.
    let own = BERTHS.replace("#include <vector>", "#include <quay.h>\n#include <vector>");
    let folder = tempfile::tempdir().unwrap();
    fs::write(folder.path().join("quay.h"), "#define QUAY 3\n").unwrap();
    let cache = Cache::at(folder.path().join("cache"));
    let flag = format!("-I{}", folder.path().display());
    let mut session = open(folder.path(), "quay.cpp", own.as_bytes(), &[&flag], None);
    let made = session.prepare(&cache).unwrap().1;
    assert!(matches!(made, Err(NotPrepared::Refused(_))), "{made:?}");
}

#[test]
fn a_text_with_other_includes_is_checked_without() {
    if !have("cpp") {
        return;
    }
    let folder = tempfile::tempdir().unwrap();
    let cache = Arc::new(Cache::at(folder.path().join("cache")));
    let wanted =
        "#include <vector>\n#include <string>\nstd::string name = tides;\nstd::vector<int> all;\n";
    open(folder.path(), "quay.cpp", wanted.as_bytes(), &[], None)
        .prepare(&cache)
        .unwrap()
        .1
        .unwrap();
    // The include of strings is gone: with what was prepared, nothing would be said of it.
    let without =
        "#include <vector>\n\nstd::basic_string_view<char> name;\nstd::vector<int> all;\n";
    let plain = report("quay.cpp", without.as_bytes(), None);
    assert_eq!(report("quay.cpp", without.as_bytes(), Some(&cache)).messages, plain.messages);
    assert!(!plain.messages.is_empty());
}

#[test]
fn where_gcc_proposes_an_include_it_says_where() {
    if !have("cpp") {
        return;
    }
    let folder = tempfile::tempdir().unwrap();
    let cache = Arc::new(Cache::at(folder.path().join("cache")));
    let text = b"#include <vector>\n#include <string>\n\nint main() {\n    std::cout << 3;\n}\n";
    open(folder.path(), "quay.cpp", text, &[], None).prepare(&cache).unwrap().1.unwrap();
    let plain = report("quay.cpp", text, None);
    assert!(plain.messages.iter().any(|message| !message.suggestions.is_empty()));
    assert_eq!(report("quay.cpp", text, Some(&cache)).messages, plain.messages);
}

/// What was declared, read from another file, or not found in one check must not be known in the next.
#[test]
fn javac_forgets_what_the_copy_before_declared() {
    if !have("java") {
        return;
    }
    let fare = "class Fare {\n    int price() {\n        return 3;\n    }\n}\n";
    let ferry = "class Ferry {\n    int two = new Fare().price();\n}\n";
    let both = format!("{fare}{ferry}");
    let texts = [
        both.clone(),
        both.replace("price() {", "cost() {"),
        both.replacen("class Fare", "class Fares", 1),
        both.clone(),
        // The class is looked for in the file of its name, which declares another.
        both.replace("class Ferry", "public class Fery"),
        both.replace("class Ferry", "class Fery").replace("new Fare", "new Ferry"),
        format!("package quay;\n{both}"),
        both.replace("return 3;", "return 3"),
        format!("package pier;\n{}", both.replace("new Fare", "new quay.Fare")),
        format!("import quay.Fare;\n{both}"),
        both.clone(),
    ];
    let mut warm: Option<Session> = None;
    for text in &texts {
        let folder = tempfile::tempdir().unwrap();
        let fresh = open(folder.path(), "Ferry.java", text.as_bytes(), &[], None).first().unwrap();
        let mut session = open(folder.path(), "Ferry.java", text.as_bytes(), &[], None);
        if let Some(before) = &mut warm {
            session.adopt(before);
        }
        assert_eq!(session.first().unwrap().messages, fresh.messages, "{text}");
        warm = Some(session);
    }
    // A class in a file of its own, which changes from check to check.
    for price in ["price", "cost", "price"] {
        let folder = tempfile::tempdir().unwrap();
        fs::write(folder.path().join("Fare.java"), fare.replace("price", price)).unwrap();
        let fresh = open(folder.path(), "Ferry.java", ferry.as_bytes(), &[], None).first().unwrap();
        let mut session = open(folder.path(), "Ferry.java", ferry.as_bytes(), &[], None);
        if let Some(before) = &mut warm {
            session.adopt(before);
        }
        let report = session.first().unwrap();
        assert_eq!(report.messages, fresh.messages, "{price}");
        assert_eq!(report.messages.is_empty(), price == "price");
        warm = Some(session);
    }
}
