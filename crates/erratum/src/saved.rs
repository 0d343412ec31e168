//! Waits until a program's files are saved. Costs nothing while nothing happens: the system tells.

use crate::failure::Failure;
use erratum_compilers::Project;
use notify::event::{AccessKind, AccessMode};
use notify::{Event, EventKind, RecommendedWatcher, RecursiveMode, Watcher};
use std::collections::BTreeSet;
use std::path::{Path, PathBuf};
use std::sync::mpsc::{Receiver, RecvTimeoutError, channel};
use std::time::{Duration, Instant};

/// A burst of saves is over when nothing has happened for this long.
const QUIET: Duration = Duration::from_millis(25);
/// A burst that does not end is looked at after this long.
const LONGEST: Duration = Duration::from_millis(500);
/// An editor that writes a new file in the place of the old one leaves a gap of less than this.
const GAP: Duration = Duration::from_millis(200);

/// Waits for saves.
pub struct Saves {
    events: Receiver<notify::Result<Event>>,
    watcher: RecommendedWatcher,
    folders: BTreeSet<PathBuf>,
    /// The names of the files that were named, without their folders.
    names: BTreeSet<PathBuf>,
}

impl Saves {
    /// Begins to listen. What is saved from now on is noticed, also before [`Saves::wait`].
    pub fn new(project: &Project) -> Result<Saves, Failure> {
        let (sender, events) = channel();
        let watcher = notify::recommended_watcher(sender).map_err(failed)?;
        let mut saves = Saves { events, watcher, folders: BTreeSet::new(), names: BTreeSet::new() };
        saves.follow(project)?;
        Ok(saves)
    }

    /// Listens to the folders of all files that the program is made of by now.
    pub fn follow(&mut self, project: &Project) -> Result<(), Failure> {
        let named = project.program.files.iter().map(|file| project.path(file.name()));
        let named: Vec<PathBuf> = named.collect();
        let beside = project.neighbours().into_iter().map(|(name, _)| project.path(&name));
        // Of a link, the place where the file really is counts too.
        let real = named.iter().filter_map(|path| dunce::canonicalize(path).ok());
        let all: Vec<PathBuf> = named.iter().cloned().chain(real).chain(beside).collect();
        self.names.extend(all.iter().filter_map(|path| path.file_name()).map(PathBuf::from));
        for path in &all {
            let folder = path.parent().filter(|folder| !folder.as_os_str().is_empty());
            let folder = folder.unwrap_or(Path::new("."));
            let Ok(folder) = dunce::canonicalize(folder) else { continue };
            if self.folders.insert(folder.clone()) {
                self.watcher.watch(&folder, RecursiveMode::NonRecursive).map_err(failed)?;
            }
        }
        Ok(())
    }

    /// Waits until a file is saved that the program is made of, and the burst is over.
    ///
    /// # Errors
    /// When the folders are gone, so that nothing can be saved any more.
    pub fn wait(&self, project: &Project) -> Result<(), Failure> {
        loop {
            match self.events.recv() {
                Ok(event) if self.concerns(&event, project) => break,
                Ok(_) if self.folders.iter().all(|folder| !folder.is_dir()) => return Err(gone()),
                Ok(_) => {}
                Err(_) => return Err(gone()),
            }
        }
        let started = Instant::now();
        while started.elapsed() < LONGEST {
            match self.events.recv_timeout(QUIET) {
                Ok(_) => {}
                Err(RecvTimeoutError::Timeout) => break,
                Err(RecvTimeoutError::Disconnected) => return Err(gone()),
            }
        }
        Ok(())
    }

    /// Gives an editor the time to put a new file in the place of the old one.
    pub fn settle(&self) {
        let started = Instant::now();
        while let Some(left) = GAP.checked_sub(started.elapsed()) {
            let _ = self.events.recv_timeout(left);
        }
    }

    fn concerns(&self, event: &notify::Result<Event>, project: &Project) -> bool {
        // Where events were lost, anything may have been saved.
        let Ok(event) = event else { return true };
        let changes = match event.kind {
            EventKind::Access(kind) => kind == AccessKind::Close(AccessMode::Write),
            _ => true,
        };
        let ours = |path: &PathBuf| {
            let name = path.file_name().map(Path::new);
            project.may_need(path) || name.is_some_and(|name| self.names.contains(name))
        };
        changes && (event.need_rescan() || event.paths.iter().any(ours))
    }
}

fn gone() -> Failure {
    Failure::said("the folder of the program is gone, so there is nothing left to watch.")
}

fn failed(error: notify::Error) -> Failure {
    Failure::said(format!("the folder of the program cannot be watched: {error}"))
}
