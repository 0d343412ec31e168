//! A compiler that stays beside a session: when it comes, and how it checks copies.

use super::{Session, State};
use crate::compilers::Stays;
use crate::resident::Request;
use crate::run::Limits;
use crate::warm::{Coming, Warm};
use erratum_repair::search::{Depth, Report};
use erratum_syntax::source::Program;
use std::path::Path;
use std::time::Duration;

/// With so many errors a search is long: a compiler that stays is sent for at once.
pub(super) const MANY_ERRORS: usize = 2;

/// After so many checks it is sent for in any case.
const MANY_CHECKS: u32 = 4;

impl Session {
    /// Takes over the compiler that another session has kept warm, so that it need not be started
    /// again. Programs that look at many files one after the other save most of their time so.
    pub fn adopt(&mut self, other: &mut Session) {
        let (mut from, mut to) = (other.lock(), self.lock());
        if from.resident.is_some() {
            to.resident = from.resident.take();
        }
        if from.coming.is_some() {
            to.coming = from.coming.take();
        }
    }

    /// Whether a compiler that stays checks with the arguments that are given.
    pub(super) fn takes_arguments(&self, stays: Stays) -> bool {
        // Where it takes those of the compiler, folders among them are meant from where it stands.
        let own = matches!(stays, Stays::Helper(host) if host.printed);
        self.found.arguments.is_empty() && (!own || self.project.flags.is_empty())
    }

    /// Whether a compiler that stays must not be waited for.
    pub(super) fn comes_late(&self) -> bool {
        matches!(self.found.kind.stays, Some(Stays::Helper(host))
            if host.comes_late(&self.found.path, self.cache.as_deref()))
    }

    /// Starts one that comes late, beside the checks that go on without it.
    pub(super) fn send_for_compiler(&self, state: &mut State) {
        let Some(stays) = self.found.kind.stays.filter(|stays| self.takes_arguments(*stays)) else {
            return;
        };
        if state.resident.is_none() && state.coming.is_none() && self.comes_late() {
            let (kind, path) = (self.found.kind, self.found.path.clone());
            state.coming = Some(Coming::start(kind, stays, path, self.limits_of_start()));
        }
    }

    /// How long a compiler that stays may take for its start.
    fn limits_of_start(&self) -> Limits {
        Limits { time: self.limits.time.max(Duration::from_secs(15)), ..self.limits }
    }

    /// Whether the compiler that stays is there, or worth waiting for.
    pub(super) fn is_there(&self, state: &mut State) -> bool {
        state.cold += 1;
        if state.cold == MANY_CHECKS {
            self.send_for_compiler(state);
        }
        if let Some(arrived) = state.coming.as_mut().and_then(Coming::arrived) {
            (state.resident, state.coming) = (arrived, None);
        }
        state.resident.is_some() || !self.comes_late()
    }

    /// Checks by the compiler that stays. Nothing when it cannot be had: then the plain compiler is used.
    pub(super) fn warm(
        &self,
        stays: Stays,
        batch: &[Program],
        state: &mut State,
    ) -> Option<Vec<Report>> {
        let requests: Vec<Request> = batch
            .iter()
            .zip(&state.copies)
            .map(|(program, copy)| Request {
                folder: copy.folder.display().to_string(),
                root: self.root_of(program, &copy.folder),
                searched: self.searched(),
                files: match stays {
                    Stays::Helper(host) if host.printed => {
                        self.arguments(Depth::Full, &copy.folder)
                    }
                    _ => self.project.program.files.iter().map(|f| f.name().to_owned()).collect(),
                },
            })
            .collect();
        while state.starts > 0 {
            if state.resident.is_none() {
                state.starts -= 1;
                let limits = self.limits_of_start();
                let (kind, path, cache) =
                    (self.found.kind, &self.found.path, self.cache.as_deref());
                let started = Warm::start(kind, stays, path, &limits, cache, &|_| ());
                state.resident = started.ok();
            }
            if let Some(resident) = &mut state.resident {
                match resident.check(&requests, self.time_left()) {
                    Ok(mut reports)
                        if reports.iter().all(|r| {
                            r.messages.iter().all(|m| m.code.as_deref() != Some("resident.crash"))
                        }) =>
                    {
                        for (report, request) in reports.iter_mut().zip(&requests) {
                            self.localise(&mut report.messages, Path::new(&request.folder));
                        }
                        return Some(reports);
                    }
                    _ => state.resident = None,
                }
                if self.comes_late() {
                    return None;
                }
            }
        }
        None
    }
}
