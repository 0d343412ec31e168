//! Looks at a class and tells of it: for `survey`, and for the class that `demo` makes up.

use crate::app::{App, language_of_name};
use crate::arguments::{Common, Compile, Survey};
use crate::failure::Failure;
use crate::pages::Pages;
use crate::show::{self, class, class_page, class_sarif};
use crate::{files, kept};
use erratum_look::{Builder, Look, Session};
use erratum_survey::{Ceiling, HandIn, How, Meter, Record, Summary, hand_in};
use globset::{GlobBuilder, GlobMatcher};
use std::collections::{BTreeMap, HashMap};
use std::io::{self, IsTerminal, Write};
use std::sync::mpsc;

/// How many copies are compiled for each hand-in if nothing is said.
const COMPILES: u32 = 60;

/// Runs it: 0 if all compile, else 1.
pub fn run(app: &App, arguments: &Survey) -> Result<u8, Failure> {
    // Said before the work is done, and not after it.
    if let Some(path) = arguments.html.as_deref().filter(|path| path.exists()) {
        return Err(Failure::said(format!("{} is there already.", path.display())));
    }
    let mut records = if arguments.merge.is_empty() {
        look(app, arguments)?
    } else {
        kept::merged(&arguments.merge)?
    };
    records.sort_by(|a, b| (&a.learner, &a.language).cmp(&(&b.learner, &b.language)));
    if arguments.anonymous {
        hide_names(&mut records);
    }
    let summary = Summary::of(&records);
    if let Some(path) = &arguments.html {
        let page = class_page::page(&app.catalogue, &summary, &records);
        files::write_new(path, page.as_bytes())?;
    }
    let mut out = show::out(arguments.shown.page.color);
    match () {
        () if arguments.shown.json => {
            for record in &records {
                writeln!(out, "{}", kept::line(record)?)?;
            }
        }
        () if arguments.csv => class::csv(&mut out, &records)?,
        () if arguments.sarif => class_sarif::show(&mut out, &app.catalogue, &records)?,
        () => {
            let width = show::width(arguments.shown.page.width);
            class::text(&mut out, &app.catalogue, &summary, width)?;
            if let Some(path) = &arguments.html {
                writeln!(out, "\nWritten to {}.", path.display())?;
            }
            if let Some(path) = &arguments.pages {
                writeln!(out, "\nA page for each learner is in {}.", path.display())?;
            }
        }
    }
    out.flush()?;
    Ok(u8::from(summary.compile < summary.hand_ins))
}

/// Looks at all hand-ins that have changed since the state was kept.
fn look(app: &App, arguments: &Survey) -> Result<Vec<Record>, Failure> {
    let unit = arguments.unit.as_deref().map(unit).transpose()?;
    let found = hand_in::find(&arguments.paths, unit.as_ref());
    let found = found.map_err(|error| Failure::said(error.to_string()))?;
    let language = language_of_name(arguments.shown.page.language.as_deref())?;
    let wanted = |one: &HandIn| language.is_none_or(|language| language.id == one.language.id);
    // Unpacked archives are there as long as this is.
    let hand_ins = found;
    let mut found: Vec<HandIn> = hand_ins.all.iter().filter(|one| wanted(one)).cloned().collect();
    let unread = hand_ins.unread.iter().filter(|_| arguments.shard.is_none());
    if let Some(text) = &arguments.shard {
        let (number, of) = shard(text)?;
        found = hand_in::shard(found, number, of);
    } else if found.is_empty() && hand_ins.unread.is_empty() {
        return Err(Failure::said(match &arguments.unit {
            Some(unit) => format!("no programs were found: nothing below the class fits --unit '{unit}'."),
            None => "no programs were found. Name the folder that has one folder or one file for each learner.".to_owned(),
        }));
    }
    let pages = Pages::open(arguments.pages.as_deref())?;
    let before = match &arguments.state {
        Some(path) if path.exists() => kept::read(path)?,
        _ => Vec::new(),
    };
    let mut known: HashMap<(String, String), Record> = HashMap::new();
    for record in before {
        known.insert((record.learner.clone(), record.language.clone()), record);
    }
    let mut records: Vec<Record> =
        unread.map(|(learner, why)| Record::unread(learner, why)).collect();
    let mut left = Vec::new();
    for one in found {
        let key = (one.learner.clone(), one.language.id.to_owned());
        match known.remove(&key) {
            Some(record) if record.print == one.print(&arguments.build) && pages.has(&one) => {
                records.push(record);
            }
            _ => left.push(one),
        }
    }
    let mut state = arguments.state.as_deref().map(kept::open).transpose()?;
    let common = Common::default();
    let compiles = arguments.compiles.or(arguments.budget.is_none().then_some(COMPILES));
    let compile = Compile { compiles, budget: arguments.budget, ..Compile::default() };
    // Options that are given here are right.
    let builder = || -> Builder {
        app.plain_session(&common, &compile).unwrap_or_else(|_| Session::builder())
    };
    let workers = arguments.workers.map_or_else(cores, usize::from);
    let (done, came) = mpsc::channel();
    let count = left.len();
    let mut progress = Progress { count, done: 0, shown: io::stderr().is_terminal() };
    let seen = |hand_in: &HandIn, look: &Look| pages.write(hand_in, look);
    let how = How { builder: &builder, build: &arguments.build, seen: &seen };
    let meter = Meter::default();
    let bytes = arguments.memory.map_or_else(|| meter.usual_ceiling(), |megabytes| megabytes << 20);
    let used = || meter.used();
    let ceiling = Ceiling::new(bytes, &used);
    std::thread::scope(|scope| -> Result<(), Failure> {
        let ceiling = &ceiling;
        scope.spawn(move || erratum_survey::all(left, workers, ceiling, how, &done));
        for record in came {
            if let Some(state) = &mut state {
                let failed = |error: io::Error| Failure::said(format!("--state: {error}"));
                state
                    .write_all(format!("{}\n", kept::line(&record)?).as_bytes())
                    .map_err(failed)?;
            }
            progress.tell(&record.learner);
            records.push(record);
        }
        Ok(())
    })?;
    progress.end();
    pages.trouble()?;
    Ok(records)
}

/// What `--unit` names.
fn unit(text: &str) -> Result<GlobMatcher, Failure> {
    let glob = GlobBuilder::new(text).literal_separator(true).build();
    let glob = glob.map_err(|error| Failure::said(format!("--unit: {error}")))?;
    Ok(glob.compile_matcher())
}

fn cores() -> usize {
    std::thread::available_parallelism().map_or(1, usize::from)
}

/// How far the survey is, on a terminal.
struct Progress {
    count: usize,
    done: usize,
    shown: bool,
}

impl Progress {
    fn tell(&mut self, learner: &str) {
        self.done += 1;
        if self.shown {
            let learner = erratum_syntax::visible::visible(learner);
            let short: String = learner.chars().take(40).collect();
            let _ = write!(io::stderr(), "\r\u{1b}[K{} of {}  {short}", self.done, self.count);
        }
    }

    fn end(&self) {
        if self.shown && self.done > 0 {
            let _ = write!(io::stderr(), "\r\u{1b}[K");
        }
    }
}

/// The part and the number of parts.
fn shard(text: &str) -> Result<(usize, usize), Failure> {
    let parts = text.split_once('/').and_then(|(a, b)| Some((a.parse().ok()?, b.parse().ok()?)));
    parts.filter(|(number, of)| (1..=*of).contains(number)).ok_or_else(|| {
        Failure::said(format!("--shard {text}: write it as 2/5, the second of five parts."))
    })
}

/// Numbers in the place of names, in their order.
fn hide_names(records: &mut [Record]) {
    let mut numbers: BTreeMap<String, usize> = BTreeMap::new();
    for record in records.iter() {
        numbers.entry(record.learner.clone()).or_default();
    }
    for (at, number) in numbers.values_mut().enumerate() {
        *number = at + 1;
    }
    for record in records {
        let number = numbers.get(&record.learner).copied().unwrap_or(0);
        record.learner = format!("learner {number}");
        for mistake in &mut record.mistakes {
            // The name of a file may be that of a learner.
            let ending = mistake.file.rsplit_once('.').map_or("", |(_, ending)| ending);
            mistake.file = format!("file.{ending}");
        }
    }
}
