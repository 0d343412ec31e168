//! Who watches a search: `--trace` writes down what it does, `-vv` tells it afterwards, and a terminal
//! shows that something goes on.

use crate::arguments::{Common, Compile};
use crate::failure::Failure;
use crate::{files, show};
use anstream::eprintln;
use erratum_repair::search::{Event, Observer};
use serde::Serialize;
use std::fs::{File, OpenOptions};
use std::io::{self, BufWriter, IsTerminal, Write};
use std::path::Path;
use std::sync::{Arc, Mutex, PoisonError};
use std::time::{Duration, Instant};
use unicode_width::UnicodeWidthStr;

/// The name and version of the form of a trace; its schema is `docs/trace.schema.json`.
const SCHEMA: &str = "erratum/trace/1";

/// One line of a trace: the first names the form, each further one tells what the search did next.
#[derive(Serialize)]
#[cfg_attr(test, derive(schemars::JsonSchema))]
#[serde(untagged)]
pub enum Line<'a> {
    /// What the further lines are.
    Form {
        /// The name and version of this form.
        #[cfg_attr(test, schemars(extend("const" = SCHEMA)))]
        schema: &'static str,
    },
    /// One thing that the search did.
    Did(&'a Event),
}

/// A search that takes no longer needs no word about it.
const SILENT: Duration = Duration::from_millis(500);

/// Everything that a search did, for whoever asks afterwards.
#[derive(Clone, Default)]
pub struct Story(Arc<Mutex<Vec<Event>>>);

impl Story {
    /// Tells what was done since it was told last, with an empty line towards what else is shown.
    pub fn tell(&self, common: &Common, gap: Gap) -> Result<(), Failure> {
        let events = std::mem::take(&mut *self.0.lock().unwrap_or_else(PoisonError::into_inner));
        if events.is_empty() {
            return Ok(());
        }
        let mut out = show::out(common.shown.page.color);
        if gap == Gap::Above {
            writeln!(out)?;
        }
        show::story::show(&mut out, &events, show::width(common.shown.page.width))?;
        if gap == Gap::Below {
            writeln!(out)?;
        }
        out.flush()?;
        Ok(())
    }
}

/// Where a story is parted from what else is shown.
#[derive(Clone, Copy, PartialEq, Eq)]
pub enum Gap {
    /// Something stands above it.
    Above,
    /// Something follows.
    Below,
}

/// Hands each event to those who want it.
pub struct Watchers {
    story: Option<Story>,
    trace: Option<Trace>,
    counter: Option<Counter>,
}

impl Watchers {
    /// Sets up what the options ask for; returns the story too, if it is to be told.
    ///
    /// # Errors
    /// When the trace would be written over a file.
    pub fn new(common: &Common, compile: &Compile) -> Result<(Watchers, Option<Story>), Failure> {
        // A device or a pipe loses nothing by being written to.
        files::must_be_new(compile.trace.as_deref().filter(|path| path.is_file()))?;
        let story =
            (common.verbose > 1 && !common.shown.json && !common.quiet).then(Story::default);
        let trace = compile.trace.as_ref().and_then(|path| match Trace::create(path) {
            Ok(trace) => Some(trace),
            Err(error) => {
                eprintln!(
                    "erratum: {}: the trace cannot be written: {error}. The search goes on without it.",
                    path.display()
                );
                None
            }
        });
        let counts = io::stderr().is_terminal() && io::stdout().is_terminal();
        let counter = (counts && !common.shown.json && !common.quiet)
            .then(|| Counter::new(show::width(common.shown.page.width)));
        Ok((Watchers { story: story.clone(), trace, counter }, story))
    }

    /// The same without anything on the screen, which belongs to somebody else.
    pub fn silent(mut self) -> Watchers {
        (self.counter, self.story) = (None, None);
        self
    }
}

impl Observer for Watchers {
    fn notice(&mut self, event: Event) {
        if let Some(counter) = &mut self.counter {
            counter.notice(&event);
        }
        if let Some(trace) = &mut self.trace
            && let Err(error) = trace.notice(&event)
        {
            eprintln!("erratum: the trace ends here: {error}. The search goes on without it.");
            self.trace = None;
        }
        if let Some(story) = &self.story {
            story.0.lock().unwrap_or_else(PoisonError::into_inner).push(event);
        }
    }
}

/// A trace being written: one JSON object a line.
struct Trace(BufWriter<File>);

impl Trace {
    fn create(path: &Path) -> io::Result<Trace> {
        let file = OpenOptions::new().write(true).create_new(!path.exists()).open(path)?;
        let mut trace = Trace(BufWriter::new(file));
        trace.line(&Line::Form { schema: SCHEMA })?;
        Ok(trace)
    }

    fn line(&mut self, value: &Line) -> io::Result<()> {
        serde_json::to_writer(&mut self.0, value)?;
        // Whoever looks on sees each event at once, and a full disk is noticed where it happens.
        self.0.write_all(b"\n")?;
        self.0.flush()
    }

    fn notice(&mut self, event: &Event) -> io::Result<()> {
        self.line(&Line::Did(event))
    }
}

/// How far a search is, on the terminal, once it takes long: one line that goes again. What most
/// likely mends the first mistake stands in it as soon as it holds, long before the search knows the rest.
struct Counter {
    started: Instant,
    tried: usize,
    /// How many steps lie before the message that is looked at.
    steps: usize,
    first: Option<String>,
    /// How many columns the line takes; 0 while there is none.
    drawn: usize,
    width: usize,
}

impl Counter {
    fn new(width: usize) -> Counter {
        Counter { started: Instant::now(), tried: 0, steps: 0, first: None, drawn: 0, width }
    }

    fn notice(&mut self, event: &Event) {
        match event {
            Event::Tried { .. } => self.tried += 1,
            Event::Batch { titles, held } => {
                self.tried += 1;
                if *held && self.steps == 0 {
                    self.first = titles.first().cloned();
                }
            }
            Event::Accepted { title, rank: 1, .. } if self.steps == 0 => {
                self.first = Some(title.clone());
            }
            Event::Target { steps, .. } | Event::WentBack { steps } => {
                self.steps = *steps;
                if *steps == 0 {
                    self.first = None;
                }
            }
            Event::Finished { .. } => return self.clear(),
            _ => {}
        }
        if self.started.elapsed() > SILENT {
            self.draw();
        }
    }

    fn draw(&mut self) {
        let tried = format!("{} tried …", show::plural(self.tried, "fix", "fixes"));
        let line = match &self.first {
            Some(first) => format!("Likely the first: {first}. Looking on, {tried}"),
            None => tried,
        };
        let line = show::shown(&line, self.width.saturating_sub(1));
        let columns = line.width();
        let _ = write!(io::stderr(), "\r{line}{:1$}", "", self.drawn.saturating_sub(columns));
        self.drawn = columns;
    }

    fn clear(&mut self) {
        if self.drawn > 0 {
            let _ = write!(io::stderr(), "\r{:1$}\r", "", self.drawn);
        }
        // Field by field: a counter that is dropped clears itself.
        (self.started, self.tried, self.steps) = (Instant::now(), 0, 0);
        (self.first, self.drawn) = (None, 0);
    }
}

impl Drop for Counter {
    fn drop(&mut self) {
        self.clear();
    }
}
