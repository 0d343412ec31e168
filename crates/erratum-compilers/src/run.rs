//! Runs a command with limits on its time, memory and output.

use crate::{os, registry};
use std::io::{self, Read};
use std::process::{Child, Command, Stdio};
use std::sync::mpsc::{self, RecvTimeoutError};
use std::thread;
use std::time::{Duration, Instant};

/// How much a command may use.
#[derive(Clone, Copy, Debug)]
pub struct Limits {
    /// How long it may run.
    pub time: Duration,
    /// How many bytes of data it may hold (on Linux).
    pub memory: u64,
    /// How many bytes it may print on each of its two outputs.
    pub output: usize,
}

impl Default for Limits {
    fn default() -> Limits {
        Limits { time: Duration::from_secs(20), memory: 4 << 30, output: 16 << 20 }
    }
}

/// How a command came to its end.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Ended {
    /// By itself, with this exit status.
    Exit(i32),
    /// It was killed by a signal: it crashed, or ran out of memory.
    Crashed,
    /// It was stopped because it took too long.
    TimeLimit,
    /// It was stopped because it printed too much.
    OutputLimit,
}

/// What a command printed.
#[derive(Clone, Debug)]
pub struct Output {
    /// On standard output.
    pub stdout: Vec<u8>,
    /// On standard error.
    pub stderr: Vec<u8>,
    /// How it ended.
    pub ended: Ended,
}

impl Ended {
    /// What happened, to be said after the compiler's name; nothing if it ended by itself.
    pub fn trouble(self, limits: &Limits) -> Option<String> {
        match self {
            Ended::Exit(_) => None,
            Ended::Crashed => Some("crashed or ran out of memory".to_owned()),
            Ended::TimeLimit => Some(format!(
                "was stopped: it was not done after {} seconds",
                limits.time.as_secs()
            )),
            Ended::OutputLimit => {
                Some(format!("was stopped: it printed more than {} MB", limits.output >> 20))
            }
        }
    }
}

/// Runs a command to its end or to a limit. It reads nothing from standard input and leads a
/// process group of its own, so that all it starts can be stopped with it.
///
/// # Errors
/// When it cannot be started.
pub fn run(command: &mut Command, limits: &Limits) -> io::Result<Output> {
    run_with_input(command.stdin(Stdio::null()), limits)
}

/// The same for a command whose standard input was set.
///
/// # Errors
/// When it cannot be started.
pub(crate) fn run_with_input(command: &mut Command, limits: &Limits) -> io::Result<Output> {
    run_started(command, limits, &|_| {})
}

/// The same as [`run`]; `started` is told the number of the process.
///
/// # Errors
/// When it cannot be started.
pub(crate) fn run_noticed(
    command: &mut Command,
    limits: &Limits,
    started: &dyn Fn(u32),
) -> io::Result<Output> {
    run_started(command.stdin(Stdio::null()), limits, started)
}

fn run_started(
    command: &mut Command,
    limits: &Limits,
    started: &dyn Fn(u32),
) -> io::Result<Output> {
    command.stdout(Stdio::piped()).stderr(Stdio::piped());
    let mut child = spawn(command, limits)?;
    let id = child.id();
    started(id);
    let (sender, receiver) = mpsc::channel();
    let out = child.stdout.take().map(|pipe| reader(pipe, limits.output, sender.clone()));
    let err = child.stderr.take().map(|pipe| reader(pipe, limits.output, sender));
    let deadline = Instant::now() + limits.time;
    let mut stopped = None;
    loop {
        match receiver.recv_timeout(deadline.saturating_duration_since(Instant::now())) {
            Ok(Piece::All) => {}
            Ok(Piece::TooMuch) => stopped = Some(Ended::OutputLimit),
            Err(RecvTimeoutError::Timeout) => stopped = Some(Ended::TimeLimit),
            Err(RecvTimeoutError::Disconnected) => break,
        }
        if stopped.is_some() {
            break;
        }
    }
    while stopped.is_none() && child.try_wait()?.is_none() {
        if Instant::now() > deadline {
            stopped = Some(Ended::TimeLimit);
        } else {
            thread::sleep(Duration::from_micros(200));
        }
    }
    if stopped.is_some() {
        os::kill_group(id);
        let _ = child.kill();
    }
    let status = child.wait()?;
    registry::child_ended(id);
    let join = |thread: Option<thread::JoinHandle<Vec<u8>>>| {
        thread.and_then(|t| t.join().ok()).unwrap_or_default()
    };
    let ended = stopped.unwrap_or_else(|| status.code().map_or(Ended::Crashed, Ended::Exit));
    Ok(Output { stdout: join(out), stderr: join(err), ended })
}

/// The same with both outputs in one, in the order in which they were written, as `stdout`: what a
/// build tool says on one of them (the folder it enters) gives meaning to the other.
///
/// # Errors
/// When it cannot be started.
pub fn run_merged(command: &mut Command, limits: &Limits) -> io::Result<Output> {
    let (reading, writing) = io::pipe()?;
    command.stdin(Stdio::null()).stdout(writing.try_clone()?).stderr(writing);
    let mut child = spawn(command, limits)?;
    // The command holds the pipe's ends until it is told otherwise.
    command.stdout(Stdio::null()).stderr(Stdio::null());
    let id = child.id();
    let (sender, receiver) = mpsc::channel();
    let reader = reader(reading, limits.output, sender);
    let stopped = match receiver.recv_timeout(limits.time) {
        Ok(Piece::All) | Err(RecvTimeoutError::Disconnected) => None,
        Ok(Piece::TooMuch) => Some(Ended::OutputLimit),
        Err(RecvTimeoutError::Timeout) => Some(Ended::TimeLimit),
    };
    if stopped.is_some() {
        os::kill_group(id);
        let _ = child.kill();
    }
    let status = child.wait()?;
    registry::child_ended(id);
    let ended = stopped.unwrap_or_else(|| status.code().map_or(Ended::Crashed, Ended::Exit));
    Ok(Output { stdout: reader.join().unwrap_or_default(), stderr: Vec::new(), ended })
}

/// Starts a command that goes on when this program has ended: with no input and no output, in a
/// process group of its own, at a low priority.
///
/// # Errors
/// When it cannot be started.
pub fn leave_running(command: &mut Command) -> io::Result<()> {
    os::lead_group(command);
    let child = command.stdin(Stdio::null()).stdout(Stdio::null()).stderr(Stdio::null()).spawn()?;
    os::lower_priority(child.id());
    Ok(())
}

/// Starts a command in a process group of its own, with its memory limited.
pub(crate) fn spawn(command: &mut Command, limits: &Limits) -> io::Result<Child> {
    os::lead_group(command);
    let mut child = command.spawn()?;
    if !registry::child_started(child.id()) {
        os::kill_group(child.id());
        let _ = child.wait();
        return Err(io::ErrorKind::Interrupted.into());
    }
    os::limit_memory(child.id(), limits.memory);
    Ok(child)
}

enum Piece {
    All,
    TooMuch,
}

fn reader(
    mut pipe: impl Read + Send + 'static,
    limit: usize,
    sender: mpsc::Sender<Piece>,
) -> thread::JoinHandle<Vec<u8>> {
    thread::spawn(move || {
        let mut all = Vec::new();
        let within = pipe.by_ref().take(limit as u64 + 1).read_to_end(&mut all).is_ok();
        let end = if within && all.len() > limit { Piece::TooMuch } else { Piece::All };
        // Nobody listens any more when the other output was too much.
        let _ = sender.send(end);
        all.truncate(limit);
        all
    })
}

#[cfg(all(test, unix))]
mod tests {
    use super::*;

    fn shell(script: &str, limits: Limits) -> Output {
        run(Command::new("sh").args(["-c", script]), &limits).unwrap()
    }

    #[test]
    fn output_and_exit_status_are_kept_apart() {
        let output = shell("echo tide; echo ebb >&2; exit 3", Limits::default());
        assert_eq!(output.stdout, b"tide\n");
        assert_eq!(output.stderr, b"ebb\n");
        assert_eq!(output.ended, Ended::Exit(3));
    }

    #[test]
    fn both_outputs_in_one_keep_their_order() {
        let mut command = Command::new("sh");
        command.args(["-c", "echo one; echo two >&2; echo three; exit 2"]);
        let output = run_merged(&mut command, &Limits::default()).unwrap();
        assert_eq!(output.stdout, b"one\ntwo\nthree\n");
        assert_eq!(output.ended, Ended::Exit(2));
    }

    #[test]
    fn what_hangs_floods_or_crashes_is_stopped() {
        let short = Limits { time: Duration::from_millis(200), ..Limits::default() };
        assert_eq!(shell("sleep 60 & sleep 60", short).ended, Ended::TimeLimit);
        let little = Limits { output: 1 << 16, ..Limits::default() };
        let flood = shell("yes", little);
        assert_eq!(flood.ended, Ended::OutputLimit);
        assert_eq!(flood.stdout.len(), 1 << 16);
        assert_eq!(shell("kill -SEGV $$", Limits::default()).ended, Ended::Crashed);
    }
}
