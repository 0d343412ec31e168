//! A compiler that is kept running, of whichever kind.

use crate::cache::Cache;
use crate::compilers::{Kind, Stays};
use crate::error::Error;
use crate::os;
use crate::prompt::Prompt;
use crate::resident::{Request, Resident};
use crate::run::Limits;
use erratum_repair::search::{Depth, Report};
use std::path::{Path, PathBuf};
use std::sync::Arc;
use std::sync::atomic::{AtomicU32, Ordering};
use std::thread::{self, JoinHandle};
use std::time::Duration;

pub(crate) enum Warm {
    Host(Resident),
    Prompt(Prompt),
}

impl Warm {
    /// Starts a kind of compiler that stays; `noticed` is told of the process of a helper.
    ///
    /// # Errors
    /// When it cannot be started, or does not answer.
    pub fn start(
        kind: &'static Kind,
        stays: Stays,
        path: &Path,
        limits: &Limits,
        cache: Option<&Cache>,
        noticed: &dyn Fn(u32),
    ) -> Result<Warm, Error> {
        Ok(match stays {
            Stays::Prompt => {
                let arguments = kind.arguments(Depth::Full, Path::new("."));
                Warm::Prompt(Prompt::start(path, &arguments, limits)?)
            }
            Stays::Helper(host) => {
                Warm::Host(Resident::start(kind.name, host, path, limits, cache, noticed)?)
            }
        })
    }

    /// The version of the compiler.
    pub fn version(&self) -> &str {
        match self {
            Warm::Host(host) => host.version(),
            Warm::Prompt(prompt) => prompt.version(),
        }
    }

    /// Checks copies; the answers stand in the order of the requests.
    ///
    /// # Errors
    /// When it died or did not answer in time; it must not be used again then.
    pub fn check(&mut self, requests: &[Request], time: Duration) -> Result<Vec<Report>, Error> {
        match self {
            Warm::Host(host) => host.check(requests, time),
            Warm::Prompt(prompt) => prompt.check(requests, time),
        }
    }
}

/// A compiler that is on its way, while checks are made without it.
pub(crate) struct Coming {
    /// Its process, once there is one; [`STOPPED`] when nobody wants it any more.
    child: Arc<AtomicU32>,
    worker: Option<JoinHandle<Option<Warm>>>,
}

/// No process has this number.
const STOPPED: u32 = u32::MAX;

impl Coming {
    /// Starts a kind of compiler that stays.
    pub fn start(kind: &'static Kind, stays: Stays, path: PathBuf, limits: Limits) -> Coming {
        let child = Arc::new(AtomicU32::new(0));
        let told = child.clone();
        let worker = thread::spawn(move || {
            let noticed = |id| {
                if told.swap(id, Ordering::SeqCst) == STOPPED {
                    os::kill_group(id);
                }
            };
            Warm::start(kind, stays, &path, &limits, None, &noticed).ok()
        });
        Coming { child, worker: Some(worker) }
    }

    /// The compiler, once it is there: `Some(None)` when it does not come.
    pub fn arrived(&mut self) -> Option<Option<Warm>> {
        self.worker.as_ref().filter(|worker| worker.is_finished())?;
        Some(self.worker.take()?.join().ok().flatten())
    }
}

impl Drop for Coming {
    fn drop(&mut self) {
        let Some(worker) = self.worker.take() else { return };
        let child = self.child.swap(STOPPED, Ordering::SeqCst);
        if child != 0 {
            os::kill_group(child);
        }
        // It ends at once: what it waits for was killed.
        let _ = worker.join();
    }
}
