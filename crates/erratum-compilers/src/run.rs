//! Runs a command with limits on its time, memory and output.

use crate::{confine, os, registry};
use std::io::{self, Read};
use std::process::{Child, Command, Stdio};
use std::sync::mpsc::{self, RecvTimeoutError};
use std::sync::{Arc, Mutex};
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
    started(child.id());
    let (sender, receiver) = mpsc::channel();
    let out = child.stdout.take().map(|pipe| Reader::start(pipe, limits.output, sender.clone()));
    let err = child.stderr.take().map(|pipe| Reader::start(pipe, limits.output, sender));
    let ended = finish(&mut child, limits, &receiver)?;
    let all = |reader: Option<Reader>| reader.map(Reader::take).unwrap_or_default();
    Ok(Output { stdout: all(out), stderr: all(err), ended })
}

/// How long the outputs of a command that has ended are read on: what it has left running may hold them
/// for ever.
const GRACE: Duration = Duration::from_millis(300);

/// How often is looked whether a command has ended while its outputs are open.
const LOOK: Duration = Duration::from_millis(20);

/// Waits for the end of a command and of its outputs, or for a limit. What it has started and left
/// running is stopped with it.
fn finish(
    child: &mut Child,
    limits: &Limits,
    receiver: &mpsc::Receiver<Piece>,
) -> io::Result<Ended> {
    let id = child.id();
    let deadline = Instant::now() + limits.time;
    let mut over = None;
    let stopped = loop {
        let now = Instant::now();
        if now >= deadline {
            break Some(Ended::TimeLimit);
        }
        if over.is_none() && os::has_ended(child) {
            over = Some(now + GRACE);
        }
        if over.is_some_and(|over| now >= over) {
            break None;
        }
        let next = if over.is_some() { GRACE } else { LOOK };
        match receiver.recv_timeout(next.min(deadline - now)) {
            Ok(Piece::All) | Err(RecvTimeoutError::Timeout) => {}
            Ok(Piece::TooMuch) => break Some(Ended::OutputLimit),
            Err(RecvTimeoutError::Disconnected) => {
                // Nothing more can come: only its own end is waited for.
                while !os::has_ended(child) && Instant::now() < deadline {
                    thread::sleep(Duration::from_micros(200));
                }
                break (!os::has_ended(child)).then_some(Ended::TimeLimit);
            }
        }
    };
    // The group is stopped before its leader is waited for, so that its number stays its own.
    os::kill_group(id);
    if stopped.is_some() {
        let _ = child.kill();
    }
    let status = child.wait()?;
    registry::child_ended(id);
    end_strays();
    Ok(stopped.unwrap_or_else(|| status.code().map_or(Ended::Crashed, Ended::Exit)))
}

/// Held while a command is started, so that nobody takes it for a stray.
static STARTING: Mutex<()> = Mutex::new(());

/// Stops what confined commands have left running outside of their process groups.
fn end_strays() {
    let _starting = STARTING.lock().unwrap_or_else(|poisoned| poisoned.into_inner());
    os::end_strays(&registry::is_child);
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
    let (sender, receiver) = mpsc::channel();
    let reader = Reader::start(reading, limits.output, sender);
    let ended = finish(&mut child, limits, &receiver)?;
    Ok(Output { stdout: reader.take(), stderr: Vec::new(), ended })
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

/// Starts a command in a process group of its own, with its memory limited. One that confines itself
/// makes a session of its own, which is a group, too.
pub(crate) fn spawn(command: &mut Command, limits: &Limits) -> io::Result<Child> {
    if !confine::is_confined(command) {
        os::lead_group(command);
    }
    let starting = STARTING.lock().unwrap_or_else(|poisoned| poisoned.into_inner());
    let mut child = command.spawn()?;
    os::hold(&child, limits.memory);
    let goes_on = registry::child_started(child.id());
    drop(starting);
    if !goes_on {
        os::kill_group(child.id());
        let _ = child.wait();
        return Err(io::ErrorKind::Interrupted.into());
    }
    Ok(child)
}

enum Piece {
    All,
    TooMuch,
}

/// Reads an output in a thread of its own.
struct Reader {
    all: Arc<Mutex<Vec<u8>>>,
    limit: usize,
}

impl Reader {
    fn start(
        mut pipe: impl Read + Send + 'static,
        limit: usize,
        sender: mpsc::Sender<Piece>,
    ) -> Reader {
        let all = Arc::new(Mutex::new(Vec::new()));
        let kept = all.clone();
        thread::spawn(move || {
            let mut piece = vec![0; 64 << 10];
            let mut end = Piece::All;
            while let Ok(read) = pipe.read(&mut piece) {
                let mut kept = kept.lock().unwrap_or_else(|poisoned| poisoned.into_inner());
                kept.extend_from_slice(&piece[..read]);
                if kept.len() > limit {
                    end = Piece::TooMuch;
                }
                if read == 0 || matches!(end, Piece::TooMuch) {
                    break;
                }
            }
            // Nobody listens any more when the other output was too much.
            let _ = sender.send(end);
        });
        Reader { all, limit }
    }

    /// What was read by now. Nobody waits for what still holds the output.
    fn take(self) -> Vec<u8> {
        let mut all = self.all.lock().unwrap_or_else(|poisoned| poisoned.into_inner());
        let mut all = std::mem::take(&mut *all);
        all.truncate(self.limit);
        all
    }
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
