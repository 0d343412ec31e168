use super::*;

fn key(folder: &Path, flags: &str) -> Key {
    Key::new("a test archive", vec![flags.to_owned()], &[folder.join("compiler")]).unwrap()
}

/// A folder with a compiler and a cache.
fn place() -> (tempfile::TempDir, Cache) {
    let folder = tempfile::tempdir().unwrap();
    fs::write(folder.path().join("compiler"), "1").unwrap();
    let cache = Cache::at(folder.path().join("cache"));
    (folder, cache)
}

fn put(folder: &Path) -> Result<Vec<PathBuf>, NotPrepared> {
    fs::write(folder.join("archive"), "tides").unwrap();
    Ok(Vec::new())
}

#[test]
fn an_entry_is_found_again_by_its_key_only() {
    let (folder, cache) = place();
    let wanted = key(folder.path(), "-O1");
    assert!(cache.get(&wanted).is_none());
    assert_eq!(cache.make(&wanted, put).unwrap(), 5);
    let found = cache.get(&wanted).unwrap();
    assert_eq!(fs::read(found.join("archive")).unwrap(), b"tides");
    assert!(cache.get(&key(folder.path(), "-O2")).is_none());
    assert!(matches!(cache.make(&wanted, put), Err(NotPrepared::Ready)));
    assert_eq!(cache.entries().len(), 1);
    assert!(cache.words().is_empty());
    assert_eq!(cache.clear().unwrap(), 5);
    assert!(cache.get(&wanted).is_none() && !cache.folder().exists());
}

#[test]
fn a_compiler_that_was_replaced_is_another_one() {
    let (folder, cache) = place();
    cache.make(&key(folder.path(), ""), put).unwrap();
    let compiler = File::options().write(true).open(folder.path().join("compiler")).unwrap();
    compiler.set_modified(SystemTime::UNIX_EPOCH).unwrap();
    assert!(cache.get(&key(folder.path(), "")).is_none());
    assert_eq!(cache.words().len(), 1);
    assert!(cache.entries().is_empty());
}

#[test]
fn a_header_that_changes_takes_what_was_made_of_it_along() {
    let (folder, cache) = place();
    let header = folder.path().join("berths.h");
    fs::write(&header, "int berths;").unwrap();
    let wanted = key(folder.path(), "");
    let with = |part: &Path| put(part).map(|_| vec![header.clone()]);
    cache.make(&wanted, with).unwrap();
    assert!(cache.get(&wanted).is_some());
    fs::write(&header, "int quays;").unwrap();
    assert!(cache.get(&wanted).is_none());
}

#[test]
fn what_is_damaged_is_dropped_with_a_word() {
    let (folder, cache) = place();
    let wanted = key(folder.path(), "");
    for damage in [
        |entry: &Path| fs::write(entry.join("archive"), "").unwrap(),
        |entry: &Path| fs::write(entry.join(MANIFEST), "{").unwrap(),
        |entry: &Path| fs::remove_file(entry.join(MANIFEST)).unwrap(),
        |entry: &Path| fs::remove_file(entry.join("archive")).unwrap(),
    ] {
        cache.make(&wanted, put).unwrap();
        damage(&cache.get(&wanted).unwrap());
        assert!(cache.get(&wanted).is_none());
        assert_eq!(cache.words().len(), 1);
        assert!(!cache.folder().join(wanted.name()).exists());
    }
}

#[test]
fn a_job_that_fails_or_was_killed_leaves_nothing_that_is_used() {
    let (folder, cache) = place();
    let wanted = key(folder.path(), "");
    let stopped = cache.make(&wanted, |part| put(part).and(Err(NotPrepared::Stopped)));
    assert!(matches!(stopped, Err(NotPrepared::Stopped)));
    assert!(cache.get(&wanted).is_none() && cache.lacks(&wanted));
    let left = cache.folder().join(".part-killed");
    fs::create_dir(&left).unwrap();
    fs::write(left.join("archive"), "half").unwrap();
    cache.make(&wanted, put).unwrap();
    assert!(!left.exists());
}

#[test]
fn what_was_refused_is_not_tried_again_the_same_day() {
    let (folder, cache) = place();
    let wanted = key(folder.path(), "");
    let no = |part: &Path| put(part).and(Err(NotPrepared::Refused("no".to_owned())));
    assert!(matches!(cache.make(&wanted, no), Err(NotPrepared::Refused(_))));
    assert!(cache.get(&wanted).is_none() && !cache.lacks(&wanted));
    assert!(matches!(cache.make(&wanted, put), Err(NotPrepared::Refused(_))));
    assert!(cache.entries().is_empty() && cache.words().is_empty());
    let used = File::options().write(true).open(cache.folder().join(wanted.name()).join(USED));
    used.unwrap().set_modified(SystemTime::now() - 2 * REFUSED).unwrap();
    assert!(cache.lacks(&wanted));
    assert!(cache.make(&wanted, put).is_ok() && cache.get(&wanted).is_some());
}

#[test]
fn two_jobs_do_not_work_at_the_same_time() {
    let (folder, cache) = place();
    let (one, two) = (key(folder.path(), "1"), key(folder.path(), "2"));
    let made = cache.make(&one, |part| {
        assert!(matches!(cache.make(&two, put), Err(NotPrepared::Busy)));
        put(part)
    });
    assert!(made.is_ok());
    assert!(cache.make(&two, put).is_ok());
}

#[test]
fn a_cache_that_is_left_as_it_is_is_only_read() {
    let (folder, cache) = place();
    let (one, two) = (key(folder.path(), "1"), key(folder.path(), "2"));
    cache.make(&one, put).unwrap();
    let cache = cache.as_it_is();
    assert!(cache.get(&one).is_some());
    assert!(matches!(cache.make(&two, put), Err(NotPrepared::Closed)));
}

#[test]
fn a_cache_that_cannot_be_written_prepares_nothing() {
    let (folder, _) = place();
    fs::write(folder.path().join("file"), "").unwrap();
    let cache = Cache::at(folder.path().join("file/cache"));
    assert!(matches!(cache.make(&key(folder.path(), ""), put), Err(NotPrepared::Disk(_))));
    assert!(cache.get(&key(folder.path(), "")).is_none() && cache.entries().is_empty());
}

#[cfg(unix)]
#[test]
fn only_the_user_can_look_into_it() {
    use std::os::unix::fs::PermissionsExt;
    let (folder, cache) = place();
    cache.make(&key(folder.path(), ""), put).unwrap();
    let mode = fs::metadata(cache.folder()).unwrap().permissions().mode();
    assert_eq!(mode & 0o077, 0);
    // A folder that others can write to is not trusted, whatever stands in it.
    fs::set_permissions(cache.folder(), fs::Permissions::from_mode(0o777)).unwrap();
    let wanted = key(folder.path(), "");
    assert!(cache.get(&wanted).is_none() && cache.clear().is_err());
    // Nor is anything of it removed.
    assert!(cache.folder().join(wanted.name()).join("archive").is_file());
}
