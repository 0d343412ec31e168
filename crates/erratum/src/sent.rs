//! What is sent in on standard input: `gcc ferry.c 2>&1 | erratum`.

use std::io::{self, IsTerminal, Read};
use std::sync::mpsc::{self, Receiver, RecvTimeoutError};
use std::thread;
use std::time::Duration;

/// How long is waited for the first byte where nobody has asked for standard input: an editor may leave
/// a pipe open into which nothing ever comes.
pub const PATIENCE: Duration = Duration::from_secs(10);

/// How much is taken in at a time, in bytes.
const PIECE: usize = 64 << 10;

/// Whether something is sent in: standard input is a pipe or a file, not a terminal, a device such as
/// the empty input of a timer, or a socket.
#[cfg(unix)]
pub fn is_sent() -> bool {
    use std::os::fd::AsFd;
    use std::os::unix::fs::FileTypeExt;
    let Ok(own) = io::stdin().as_fd().try_clone_to_owned() else { return false };
    let data = std::fs::File::from(own).metadata();
    data.is_ok_and(|data| data.file_type().is_fifo() || data.is_file())
}

/// Whether something is sent in: standard input is not the console. An empty device is at its end at
/// once.
#[cfg(not(unix))]
pub fn is_sent() -> bool {
    !io::stdin().is_terminal()
}

/// Whether nobody sends anything: standard input is a terminal.
pub fn is_typed() -> bool {
    io::stdin().is_terminal()
}

/// What came of waiting for the first piece of standard input.
pub enum First {
    /// It is there; what follows is read as it comes.
    Some(Sent),
    /// It ended without any.
    Nothing,
    /// Nothing came in time.
    Late,
}

/// Standard input, of which the first piece is there.
pub struct Sent {
    piece: Vec<u8>,
    /// How much of the piece was read.
    at: usize,
    rest: Receiver<io::Result<Vec<u8>>>,
}

/// Waits for standard input, but not for ever.
///
/// # Errors
/// When it cannot be read.
pub fn first(patience: Duration) -> io::Result<First> {
    let (sender, rest) = mpsc::sync_channel(4);
    // A read cannot be given up: the thread ends with the program.
    thread::spawn(move || {
        let mut input = io::stdin().lock();
        loop {
            let mut piece = vec![0; PIECE];
            let read = input.read(&mut piece).map(|size| {
                piece.truncate(size);
                piece
            });
            let last = read.as_ref().map_or_else(
                |error| error.kind() != io::ErrorKind::Interrupted,
                |piece| piece.is_empty(),
            );
            if sender.send(read).is_err() || last {
                return;
            }
        }
    });
    match rest.recv_timeout(patience) {
        Ok(Ok(piece)) if piece.is_empty() => Ok(First::Nothing),
        Ok(Ok(piece)) => Ok(First::Some(Sent { piece, at: 0, rest })),
        Ok(Err(error)) => Err(error),
        Err(RecvTimeoutError::Timeout) => Ok(First::Late),
        Err(RecvTimeoutError::Disconnected) => Ok(First::Nothing),
    }
}

impl Read for Sent {
    fn read(&mut self, into: &mut [u8]) -> io::Result<usize> {
        if self.at == self.piece.len() {
            match self.rest.recv() {
                Ok(piece) => (self.piece, self.at) = (piece?, 0),
                // The other end has sent its last piece, which was empty.
                Err(_) => return Ok(0),
            }
        }
        let size = into.len().min(self.piece.len() - self.at);
        into[..size].copy_from_slice(&self.piece[self.at..self.at + size]);
        self.at += size;
        Ok(size)
    }
}
