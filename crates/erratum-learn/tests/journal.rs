//! The journal: spool and database in a folder of their own.

use erratum_learn::journal::spool::{self, Noted};
use erratum_learn::journal::store::{Store, WEEKS};
use std::fs;
use std::path::Path;

const DAY: u64 = 24 * 60 * 60;
/// Some day in some year.
const NOW: u64 = 20_400 * DAY;

fn look(time: u64, place: u32, roots: &[(&str, u32)]) -> Noted {
    let roots = roots.iter().map(|(kind, line)| ((*kind).to_owned(), *line, false)).collect();
    Noted { time, language: "c".to_owned(), place, mend: false, roots }
}

fn merged(folder: &Path, all: &[Noted]) -> Store {
    for noted in all {
        spool::add(folder, noted).unwrap();
    }
    let mut store = Store::open(folder).unwrap();
    store.merge().unwrap();
    store
}

#[test]
fn a_mistake_is_one_from_the_first_look_to_the_one_that_no_longer_sees_it() {
    let folder = tempfile::tempdir().unwrap();
    let store = merged(
        folder.path(),
        &[
            look(NOW, 1, &[("missing-terminator", 4), ("misspelt-name", 9)]),
            // A line was put in above: it is still the same.
            look(NOW + 30, 1, &[("missing-terminator", 5), ("misspelt-name", 10)]),
            Noted { mend: true, ..look(NOW + 40, 1, &[("misspelt-name", 10)]) },
            look(NOW + 60, 1, &[("missing-terminator", 5)]),
            // Another file has its own.
            look(NOW + 61, 2, &[("missing-terminator", 5)]),
            look(NOW + 100, 1, &[]),
        ],
    );
    let summary = store.summary(None, NOW + 100).unwrap();
    assert_eq!((summary.made, summary.gone), (3, 2));
    let [terminator, name] = &summary.kinds[..] else { panic!("{summary:?}") };
    assert_eq!(
        (terminator.mistake.as_str(), terminator.made, terminator.gone),
        ("missing-terminator", 2, 1)
    );
    assert_eq!((name.gone, name.mended, terminator.mended), (1, 1, 0));
    let seconds = terminator.seconds.unwrap();
    assert!((80..=120).contains(&seconds), "{seconds}");
    assert_eq!(terminator.trend.iter().sum::<u64>(), 2);
    assert_eq!(terminator.trend.len() as u64, WEEKS);
    assert_eq!(store.summary(Some("java"), NOW).unwrap().made, 0);
}

#[test]
fn trends_count_weeks_and_kinds_go_away() {
    let folder = tempfile::tempdir().unwrap();
    let week = |back: u64| NOW - back * 7 * DAY;
    let store = merged(
        folder.path(),
        &[
            look(week(6), 1, &[("missing-bracket", 3)]),
            look(week(6) + 5, 1, &[]),
            look(week(5), 2, &[("missing-bracket", 3), ("wrong-case", 3)]),
            look(week(5) + 5, 2, &[]),
            look(week(0), 3, &[("wrong-case", 3)]),
        ],
    );
    let summary = store.summary(None, NOW).unwrap();
    let kind = |id: &str| summary.kinds.iter().find(|kind| kind.mistake == id).unwrap();
    assert_eq!(kind("missing-bracket").trend[5..7], [1, 1]);
    assert!(kind("missing-bracket").went_away());
    assert!(!kind("wrong-case").went_away());
}

#[test]
fn fifty_writers_at_once_lose_nothing_while_it_is_taken_over() {
    let folder = tempfile::tempdir().unwrap();
    let path = folder.path();
    std::thread::scope(|scope| {
        for writer in 0..50_u32 {
            scope.spawn(move || {
                for number in 0..20 {
                    spool::add(path, &look(NOW, writer * 100 + number, &[("wrong-case", 1)]))
                        .unwrap();
                }
            });
        }
        scope.spawn(move || {
            for _ in 0..5 {
                Store::open(path).unwrap().merge().unwrap();
            }
        });
    });
    let store = merged(path, &[]);
    assert_eq!(store.summary(None, NOW).unwrap().made, 1000);
}

#[test]
fn what_was_taken_over_is_never_taken_twice() {
    let folder = tempfile::tempdir().unwrap();
    spool::add(folder.path(), &look(NOW, 1, &[("wrong-case", 1)])).unwrap();
    let spooled = fs::read(folder.path().join("journal.jsonl")).unwrap();
    drop(merged(folder.path(), &[]));
    // Cut short after the commit: the lines are still there.
    fs::write(folder.path().join("journal.taken"), &spooled).unwrap();
    let store = merged(folder.path(), &[look(NOW, 2, &[("wrong-case", 1)])]);
    assert_eq!(store.summary(None, NOW).unwrap().made, 2);
    assert!(!folder.path().join("journal.taken").exists());
}

#[test]
fn lines_without_sense_and_a_damaged_database_are_no_end() {
    let folder = tempfile::tempdir().unwrap();
    fs::write(folder.path().join("journal.jsonl"), "{\n\u{0}\u{1}\n[]\n").unwrap();
    let store = merged(folder.path(), &[look(NOW, 1, &[("wrong-case", 1)])]);
    assert_eq!(store.summary(None, NOW).unwrap().made, 1);
    drop(store);
    fs::write(folder.path().join("journal.db"), "this was a database\n".repeat(500)).unwrap();
    let store = merged(folder.path(), &[]);
    assert!(store.damaged.as_ref().is_some_and(|path| path.exists()));
    assert_eq!(store.summary(None, NOW).unwrap().made, 0);
}

#[test]
fn no_name_is_kept_and_all_can_be_forgotten() {
    let folder = tempfile::tempdir().unwrap();
    let file = Path::new("/home/somebody/ferry.c");
    let place = spool::place(folder.path(), file).unwrap();
    assert_eq!(place, spool::place(folder.path(), file).unwrap());
    assert_ne!(place, spool::place(folder.path(), Path::new("/home/somebody/quay.c")).unwrap());
    #[cfg(unix)]
    {
        use std::os::unix::fs::PermissionsExt;
        let new = folder.path().join("a").join("b");
        spool::add(&new, &look(NOW, 1, &[])).unwrap();
        assert_eq!(fs::metadata(&new).unwrap().permissions().mode() & 0o777, 0o700);
        fs::remove_dir_all(folder.path().join("a")).unwrap();
    }
    let elsewhere = tempfile::tempdir().unwrap();
    assert_ne!(place, spool::place(elsewhere.path(), file).unwrap(), "another machine");
    let old = look(NOW - 100 * DAY, place, &[("wrong-case", 1)]);
    let new = Noted { language: "java".into(), ..look(NOW, 7, &[("wrong-case", 1)]) };
    let mut store = merged(folder.path(), &[old, new]);
    store.forget(None, Some(NOW - 50 * DAY)).unwrap();
    assert_eq!(store.summary(None, NOW).unwrap().made, 1);
    store.forget(Some("c"), None).unwrap();
    assert_eq!(store.summary(None, NOW).unwrap().made, 1);
    store.forget(None, None).unwrap();
    assert_eq!(store.summary(None, NOW).unwrap().made, 0);
    for entry in fs::read_dir(folder.path()).unwrap().flatten() {
        let bytes = fs::read(entry.path()).unwrap();
        assert!(!bytes.windows(5).any(|part| part == b"ferry"), "{:?}", entry.path());
    }
}
