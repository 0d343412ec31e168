//! A ceiling for the memory of all that a survey keeps running.

use std::sync::{Mutex, MutexGuard, PoisonError};
use std::thread;
use std::time::Duration;
use sysinfo::{Pid, ProcessRefreshKind, ProcessesToUpdate, System};

/// How long a worker waits before it measures again.
const PAUSE: Duration = Duration::from_millis(50);

/// What the compilers of a survey may take together. It is looked at between hand-ins: a worker that finds
/// it exceeded gives up the compilers that it kept, and waits as long as others work and it stays exceeded.
/// One always goes on, so that a ceiling that is too low makes a survey slow and does not end it.
pub struct Ceiling<'a> {
    bytes: u64,
    used: &'a (dyn Fn() -> u64 + Sync),
    working: Mutex<usize>,
}

impl<'a> Ceiling<'a> {
    /// A ceiling in bytes, and what measures how many are used.
    pub fn new(bytes: u64, used: &'a (dyn Fn() -> u64 + Sync)) -> Ceiling<'a> {
        Ceiling { bytes, used, working: Mutex::new(0) }
    }

    /// Waits until there is room for one more hand-in. `give_up` ends what the worker keeps running.
    pub(crate) fn enter(&self, give_up: impl FnOnce()) -> Working<'_> {
        if !self.is_exceeded() {
            *self.working() += 1;
            return Working(&self.working);
        }
        give_up();
        loop {
            let exceeded = self.is_exceeded();
            let mut working = self.working();
            if *working == 0 || !exceeded {
                *working += 1;
                return Working(&self.working);
            }
            drop(working);
            thread::sleep(PAUSE);
        }
    }

    fn is_exceeded(&self) -> bool {
        (self.used)() > self.bytes
    }

    fn working(&self) -> MutexGuard<'_, usize> {
        self.working.lock().unwrap_or_else(PoisonError::into_inner)
    }
}

/// A worker at a hand-in, until this is dropped.
pub(crate) struct Working<'a>(&'a Mutex<usize>);

impl Drop for Working<'_> {
    fn drop(&mut self) {
        *self.0.lock().unwrap_or_else(PoisonError::into_inner) -= 1;
    }
}

/// Measures this process and all that it started.
#[derive(Default)]
pub struct Meter {
    system: Mutex<System>,
}

impl Meter {
    /// The bytes of memory that this process and its descendants have in use now. What several of them share counts
    /// for each. Nothing where the system does not tell.
    pub fn used(&self) -> u64 {
        let mut system = self.system.lock().unwrap_or_else(PoisonError::into_inner);
        let kind = ProcessRefreshKind::nothing().with_memory().without_tasks();
        system.refresh_processes_specifics(ProcessesToUpdate::All, true, kind);
        let Ok(own) = sysinfo::get_current_pid() else { return 0 };
        let all = system.processes();
        let is_ours = |mut pid: Pid| {
            // Bounded: a number that is given out again while this runs could close a circle.
            for _ in 0..64 {
                if pid == own {
                    return true;
                }
                match all.get(&pid).and_then(|process| process.parent()) {
                    Some(parent) => pid = parent,
                    None => return false,
                }
            }
            false
        };
        all.iter().filter(|(pid, _)| is_ours(**pid)).map(|(_, process)| process.memory()).sum()
    }

    /// Three quarters of the bytes that are free now: what a survey may take if nothing is said.
    pub fn usual_ceiling(&self) -> u64 {
        let mut system = self.system.lock().unwrap_or_else(PoisonError::into_inner);
        system.refresh_memory();
        match system.available_memory() {
            0 => u64::MAX,
            free => free / 4 * 3,
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use std::process::{Command, Stdio};
    use std::sync::atomic::{AtomicU64, Ordering};

    #[test]
    fn below_the_ceiling_nothing_is_given_up() {
        let ceiling = Ceiling::new(10, &|| 10);
        let _one = ceiling.enter(|| panic!("there is room"));
        let _other = ceiling.enter(|| panic!("there is room"));
        assert_eq!(*ceiling.working(), 2);
    }

    #[test]
    fn above_it_one_goes_on_and_the_others_wait() {
        let used = AtomicU64::new(11);
        let measured = || used.load(Ordering::SeqCst);
        let ceiling = Ceiling::new(10, &measured);
        let given_up = AtomicU64::new(0);
        let one = ceiling.enter(|| _ = given_up.fetch_add(1, Ordering::SeqCst));
        thread::scope(|scope| {
            let waits = scope.spawn(|| {
                let other = ceiling.enter(|| _ = given_up.fetch_add(1, Ordering::SeqCst));
                (*ceiling.working(), other)
            });
            while given_up.load(Ordering::SeqCst) < 2 {
                thread::sleep(Duration::from_millis(1));
            }
            assert_eq!(*ceiling.working(), 1, "the other waits");
            drop(one);
            assert_eq!(waits.join().unwrap().0, 1, "it goes on alone");
        });
        assert_eq!(*ceiling.working(), 0);
    }

    #[test]
    fn what_a_process_starts_counts() {
        let meter = Meter::default();
        let before = meter.used();
        assert!(before > 1 << 20, "{before}");
        let child = Command::new("sleep").arg("20").stdin(Stdio::null()).spawn();
        let mut child = child.unwrap();
        let with = meter.used();
        child.kill().unwrap();
        child.wait().unwrap();
        assert!(with > before, "{with} {before}");
        assert!(meter.usual_ceiling() > 1 << 20);
    }
}
