//! `erratum look -i`: step through the mistakes, try a fix, write it, take it back.
//!
//! `state` knows what is shown and what keys do, `draw` draws it, `work` does what takes time. Here
//! is the loop between them and the terminal, which is always put back.

mod draw;
mod state;
mod work;

use crate::app::App;
use crate::apply;
use crate::arguments::{Color, Look};
use crate::editor;
use crate::failure::Failure;
use crate::observing::Watchers;
use crate::show;
use crate::{stop, undo};
use anstream::{AutoStream, ColorChoice};
use crossterm::event::{self, Event, KeyEventKind};
use ratatui::DefaultTerminal;
use state::{Order, State, Trial};
use std::io::{self, IsTerminal};
use std::path::PathBuf;
use std::sync::mpsc::TryRecvError;
use std::time::Duration;
use work::{Done, Job, Worker};

/// How long a key is waited for while something else may end, and while nothing may.
const BUSY: Duration = Duration::from_millis(40);
const IDLE: Duration = Duration::from_secs(3600);

/// Runs it: the status is that of the last look.
pub fn run(app: &App, look: &Look) -> Result<u8, Failure> {
    if !io::stdin().is_terminal() || !io::stdout().is_terminal() {
        return Err(Failure::said(
            "-i needs a terminal to read keys from and to draw on. Without -i, look writes to anything.",
        ));
    }
    let (common, compile) = (&look.how.common, &look.how.compile);
    let (watchers, _) = Watchers::new(common, compile)?;
    let builder = app.plain_session(common, compile)?.observer(watchers.silent());
    let builder = builder.proof(!look.how.no_proof);
    let program = builder.files(&look.files).build_command(&look.build).open()?;
    // When somebody ends the program from outside, the terminal is put back all the same.
    stop::instead(|| {
        put_back();
        2
    });
    let terminal = ratatui::try_init()
        .map_err(|error| Failure::said(format!("the terminal cannot be set up: {error}")))?;
    let mut session = Session {
        look,
        terminal,
        worker: Worker::start(program),
        state: State::default(),
        style: draw::Look { color: coloured(look), whole: look.how.common.whole },
    };
    let ended = session.run();
    put_back();
    session.worker.end(session.state.busy.is_some());
    ended?;
    Ok(session.state.scene.map_or(2, |scene| show::status(&scene.verdict, &look.how.common)))
}

/// Gives the terminal back as it was.
fn put_back() {
    ratatui::restore();
    // A terminal that is gone needs no cursor.
    let _ = crossterm::execute!(io::stdout(), crossterm::cursor::Show);
}

fn coloured(look: &Look) -> bool {
    match look.how.common.shown.page.color {
        Color::Always => true,
        Color::Never => false,
        Color::Auto => AutoStream::choice(&io::stdout()) != ColorChoice::Never,
    }
}

struct Session<'a> {
    look: &'a Look,
    terminal: DefaultTerminal,
    worker: Worker,
    state: State,
    style: draw::Look,
}

impl Session<'_> {
    fn run(&mut self) -> Result<(), Failure> {
        self.start(Job::Look, "Looking …");
        loop {
            self.terminal
                .draw(|frame| draw::draw(frame, &mut self.state, &self.style))
                .map_err(drawing)?;
            let wait = if self.state.busy.is_some() { BUSY } else { IDLE };
            if event::poll(wait).map_err(drawing)? {
                let order = match event::read().map_err(drawing)? {
                    Event::Key(key) if key.kind != KeyEventKind::Release => self.state.key(key),
                    _ => None,
                };
                match order {
                    Some(Order::Quit) => return Ok(()),
                    Some(order) => self.obey(order)?,
                    None => {}
                }
            }
            match self.worker.done.try_recv() {
                Ok(done) => self.done(done)?,
                Err(TryRecvError::Empty) => {}
                Err(TryRecvError::Disconnected) => {
                    return Err(Failure::said("the search has ended in an error of its own."));
                }
            }
        }
    }

    fn start(&mut self, job: Job, busy: &'static str) {
        // If the worker is gone, the next try to receive says so.
        let _ = self.worker.jobs.send(job);
        self.state.busy = Some(busy);
    }

    fn obey(&mut self, order: Order) -> Result<(), Failure> {
        match order {
            Order::Quit => {}
            Order::Look => self.start(Job::Look, "Looking …"),
            Order::Try(program) => self.start(Job::Try(program), "Compiling a copy …"),
            Order::Write(after) => {
                let Some(scene) = &self.state.scene else { return Ok(()) };
                match apply::write(&scene.program, &after, &|name| self.path(name), true) {
                    Ok(()) => {
                        self.state.note = "Written. u takes it back.".to_owned();
                        self.start(Job::Look, "Looking again …");
                    }
                    Err(failure) => self.state.note = said(&failure),
                }
            }
            Order::Undo => {
                match undo::last(self.first().as_deref()).and_then(|mend| mend.take_back()) {
                    Ok(()) => {
                        self.state.note = "Taken back.".to_owned();
                        self.state.back = true;
                        self.start(Job::Look, "Looking again …");
                    }
                    Err(failure) => self.state.note = said(&failure),
                }
            }
            Order::Open { file, line, column } => self.open(&file, line, column)?,
        }
        Ok(())
    }

    /// The terminal is the editor's while it runs.
    fn open(&mut self, file: &str, line: u32, column: u32) -> Result<(), Failure> {
        put_back();
        let opened = editor::open(&self.path(file), line, column);
        self.terminal = ratatui::try_init().map_err(drawing)?;
        match opened {
            Ok(_) => self.start(Job::Look, "Looking again …"),
            Err(failure) => self.state.note = said(&failure),
        }
        Ok(())
    }

    fn done(&mut self, done: Done) -> Result<(), Failure> {
        self.state.busy = None;
        match done {
            Done::Looked(Ok(scene)) => self.state.looked(scene),
            // Before anything was found there is nothing to show.
            Done::Looked(Err(error)) if self.state.scene.is_none() => return Err(error.into()),
            Done::Looked(Err(error)) => self.state.note = said(&error.into()),
            Done::Tried(tried) => {
                let before = self.state.errors();
                self.state.trial = Some(match tried {
                    Ok(after) => Trial::Ended { before, after },
                    Err(why) => Trial::Failed(why),
                });
            }
        }
        Ok(())
    }

    fn path(&self, name: &str) -> PathBuf {
        let known = self.state.scene.as_ref().and_then(|scene| scene.paths.get(name).cloned());
        known.unwrap_or_else(|| PathBuf::from(name))
    }

    /// The first file, whose last mend is taken back.
    fn first(&self) -> Option<PathBuf> {
        let root = self.state.root().map(|root| root.at.file.clone());
        let scene = self.state.scene.as_ref()?;
        let first = scene.program.files.first().map(|file| file.name().to_owned());
        root.or(first).map(|name| self.path(&name)).or_else(|| self.look.files.first().cloned())
    }
}

fn said(failure: &Failure) -> String {
    let text = failure.to_string();
    let mut letters = text.chars();
    letters
        .next()
        .map_or(String::new(), |first| first.to_uppercase().collect::<String>() + letters.as_str())
}

fn drawing(error: io::Error) -> Failure {
    Failure::said(format!("the terminal cannot be used: {error}"))
}
