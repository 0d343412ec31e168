//! A compiler that is kept running, of whichever kind.

use crate::cache::Cache;
use crate::compilers::{Kind, Stays};
use crate::error::Error;
use crate::prompt::Prompt;
use crate::resident::{Request, Resident};
use crate::run::Limits;
use erratum_repair::search::{Depth, Report};
use std::path::Path;
use std::time::Duration;

pub(crate) enum Warm {
    Host(Resident),
    Prompt(Prompt),
}

impl Warm {
    /// Starts a kind of compiler that stays.
    ///
    /// # Errors
    /// When it cannot be started, or does not answer.
    pub fn start(
        kind: &'static Kind,
        stays: Stays,
        path: &Path,
        limits: &Limits,
        cache: Option<&Cache>,
    ) -> Result<Warm, Error> {
        Ok(match stays {
            Stays::Prompt => {
                let arguments = kind.arguments(Depth::Full, Path::new("."));
                Warm::Prompt(Prompt::start(path, &arguments, limits)?)
            }
            Stays::Helper(host) => {
                Warm::Host(Resident::start(kind.name, host, path, limits, cache)?)
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
