//! `erratum cache`: what is kept so that compilers start sooner.

use crate::app::language_of_name;
use crate::arguments::{Cache as Arguments, Color};
use crate::failure::Failure;
use crate::show;
use erratum_compilers::{Cache, Found, Limits, NotPrepared, Project, Session, Toolbox, Trust};
use serde::Serialize;
use std::io::Write;
use std::path::Path;
use std::time::{SystemTime, UNIX_EPOCH};

/// What is kept, as JSON.
#[derive(Serialize)]
struct Printed<'a> {
    folder: &'a Path,
    bytes: u64,
    entries: Vec<Entry>,
}

#[derive(Serialize)]
struct Entry {
    what: String,
    bytes: u64,
    /// When it was used, in seconds since 1970.
    used: u64,
}

/// Runs it: 0, or 1 if something that was to be prepared could not be.
pub fn run(arguments: &Arguments) -> Result<u8, Failure> {
    let cache = Cache::of_user().ok_or_else(|| {
        Failure::said("there is no folder for it: HOME is not set, so nothing is kept.")
    })?;
    let mut out = show::out(Color::Auto);
    if arguments.clear {
        let bytes = cache
            .clear()
            .map_err(|error| Failure::said(format!("{}: {error}", cache.folder().display())))?;
        writeln!(out, "Removed: {}. Looks go on as before, only slower.", size(bytes))?;
        return Ok(0);
    }
    if arguments.prepare {
        return prepare(&mut out, &cache, arguments);
    }
    list(&mut out, &cache, arguments.json)?;
    Ok(0)
}

fn list(out: &mut impl Write, cache: &Cache, json: bool) -> Result<(), Failure> {
    let entries = cache.entries();
    let bytes = entries.iter().map(|entry| entry.bytes).sum();
    if json {
        let seconds = |time: SystemTime| time.duration_since(UNIX_EPOCH).map_or(0, |t| t.as_secs());
        let entries = entries.into_iter();
        let printed = Printed {
            folder: cache.folder(),
            bytes,
            entries: entries
                .map(|one| Entry { bytes: one.bytes, used: seconds(one.used), what: one.what })
                .collect(),
        };
        writeln!(out, "{}", show::json::text(&printed)?)?;
        return Ok(());
    }
    let folder = cache.folder().display();
    if entries.is_empty() {
        writeln!(out, "Nothing is prepared. It would be kept in {folder}.")?;
        let text = "A look at a terminal prepares what its compiler gains by, once the answer is \
                    given; `erratum cache --prepare` does it now, for all compilers that are here.";
        show::paragraph(out, show::width(None), "", "", text)?;
        return Ok(());
    }
    writeln!(out, "{} in {folder}", size(bytes))?;
    for entry in &entries {
        writeln!(out, "  {:>7}  {:<42} used {}", size(entry.bytes), entry.what, ago(entry.used))?;
    }
    writeln!(out, "`erratum cache --clear` removes it. Looks need none of it to be right.")?;
    out.flush()?;
    Ok(())
}

/// Prepares what is not there yet, and says what came of it.
fn prepare(out: &mut impl Write, cache: &Cache, arguments: &Arguments) -> Result<u8, Failure> {
    let mut all = Vec::new();
    if arguments.files.is_empty() {
        for (kind, path) in Toolbox::new(Path::new("."), &Trust::of_user())?.all() {
            let found = path.map(|path| Found { kind, path, arguments: Vec::new() });
            all.extend(found.filter(|f| f.lacks().is_none()).and_then(|f| f.prepare(cache)));
        }
    }
    let named = language_of_name(arguments.language.as_deref())?;
    for file in &arguments.files {
        let project = Project::open(std::slice::from_ref(file), named)?;
        let folder = file.parent().filter(|folder| !folder.as_os_str().is_empty());
        let toolbox = Toolbox::new(folder.unwrap_or(Path::new(".")), &Trust::of_user())?;
        let found = toolbox.find(project.language, arguments.compiler.as_deref())?;
        all.extend(Session::new(project, found, Limits::default())?.prepare(cache));
    }
    if all.is_empty() {
        writeln!(out, "There is no compiler that would gain by it.")?;
    }
    let mut status = 0;
    for (what, made) in all {
        match made {
            Ok(bytes) => writeln!(out, "Prepared: {what} ({}).", size(bytes))?,
            Err(NotPrepared::Ready) => writeln!(out, "Prepared already: {what}.")?,
            Err(why) => {
                status = 1;
                writeln!(out, "Not prepared: {what}: {why}.")?;
            }
        }
    }
    out.flush()?;
    Ok(status)
}

fn size(bytes: u64) -> String {
    match bytes {
        0 => "nothing".to_owned(),
        bytes if bytes < 1 << 20 => format!("{} kB", bytes.div_ceil(1 << 10)),
        bytes => format!("{} MB", bytes.div_ceil(1 << 20)),
    }
}

fn ago(time: SystemTime) -> String {
    let seconds = time.elapsed().map_or(0, |elapsed| elapsed.as_secs());
    match (seconds / 86_400, seconds / 3_600) {
        (0, 0) => "within the hour".to_owned(),
        (0, 1) => "an hour ago".to_owned(),
        (0, hours) => format!("{hours} hours ago"),
        (1, _) => "a day ago".to_owned(),
        (days, _) => format!("{days} days ago"),
    }
}
