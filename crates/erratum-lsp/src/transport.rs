//! The messages of one client over standard input and output.

use crossbeam_channel::{Receiver, Sender, bounded};
use lsp_server::{Connection, Message};
use std::io::{self, BufRead, Read, Write};
use std::sync::{Arc, Mutex};
use std::thread::JoinHandle;

/// The longest message that is read, in bytes: a text of that length is no program of a learner.
const LONGEST: usize = 64 << 20;

/// The threads that write and read.
pub struct Threads {
    /// What ended the reading, if it was not the client's goodbye.
    broken: Arc<Mutex<Option<io::Error>>>,
    writer: JoinHandle<io::Result<()>>,
}

impl Threads {
    /// Waits until all is written. What is still to be read is left.
    ///
    /// # Errors
    /// What ended the conversation before its end.
    pub fn join(self) -> io::Result<()> {
        let lost = || io::Error::other("a thread ended by a fault");
        self.writer.join().unwrap_or_else(|_| Err(lost()))?;
        let broken = self.broken.lock().map_or(None, |mut broken| broken.take());
        broken.map_or(Ok(()), Err)
    }
}

/// Opens standard input and output for one client.
pub fn stdio() -> (Connection, Threads) {
    let (sender, written) = bounded::<Message>(0);
    let (read, receiver) = bounded::<Message>(0);
    let writer = std::thread::spawn(move || write_all(&mut io::stdout().lock(), &written));
    let broken = Arc::new(Mutex::new(None));
    let told = Arc::clone(&broken);
    // It may wait for the client for ever, so nobody waits for it.
    std::thread::spawn(move || {
        let ended = read_all(&mut io::stdin().lock(), &read);
        if let (Err(error), Ok(mut told)) = (ended, told.lock()) {
            *told = Some(error);
        }
        // Only now the server sees that nothing more comes.
        drop(read);
    });
    (Connection { sender, receiver }, Threads { broken, writer })
}

fn write_all(out: &mut impl Write, messages: &Receiver<Message>) -> io::Result<()> {
    for message in messages {
        message.write(out)?;
    }
    out.flush()
}

fn read_all(input: &mut impl BufRead, messages: &Sender<Message>) -> io::Result<()> {
    while let Some(message) = read(input)? {
        let last = matches!(&message, Message::Notification(one) if one.method == "exit");
        if messages.send(message).is_err() || last {
            break;
        }
    }
    Ok(())
}

/// The next message; nothing at the end of the input. Room is made as its text comes, whatever length it
/// says it has.
fn read(input: &mut impl BufRead) -> io::Result<Option<Message>> {
    let bad = |what: &str| io::Error::new(io::ErrorKind::InvalidData, what.to_owned());
    let mut length = None;
    loop {
        let mut line = String::new();
        if input.by_ref().take(4096).read_line(&mut line)? == 0 {
            return if length.is_none() { Ok(None) } else { Err(bad("a message is cut short")) };
        }
        let line = line.strip_suffix('\n').ok_or_else(|| bad("a header has no end"))?.trim_end();
        if line.is_empty() {
            break;
        }
        let (name, value) = line.split_once(':').ok_or_else(|| bad("that is no header"))?;
        if name.eq_ignore_ascii_case("content-length") {
            let value = value.trim().parse::<usize>().map_err(|_| bad("that is no length"))?;
            length = Some(value);
        }
    }
    let length = length.ok_or_else(|| bad("a message does not say its length"))?;
    if length > LONGEST {
        return Err(bad("a message is longer than 64 MB"));
    }
    let mut text = Vec::new();
    input.by_ref().take(length as u64).read_to_end(&mut text)?;
    if text.len() < length {
        return Err(bad("a message is cut short"));
    }
    // The header is as the library writes it.
    let mut whole = format!("Content-Length: {length}\r\n\r\n").into_bytes();
    whole.append(&mut text);
    Message::read(&mut &whole[..])
}

#[cfg(test)]
mod tests {
    use super::*;

    fn all(text: &str) -> io::Result<Vec<Message>> {
        let mut input = text.as_bytes();
        let mut all = Vec::new();
        while let Some(message) = read(&mut input)? {
            all.push(message);
        }
        Ok(all)
    }

    #[test]
    fn messages_follow_each_other() {
        let one = "{\"jsonrpc\":\"2.0\",\"method\":\"exit\"}";
        let text = format!(
            "Content-Length: {0}\r\n\r\n{one}content-type: x\r\ncontent-length: {0}\r\n\r\n{one}",
            one.len()
        );
        assert_eq!(all(&text).unwrap().len(), 2);
        assert_eq!(all("").unwrap().len(), 0);
    }

    #[test]
    fn what_is_no_message_is_named() {
        let said = |text: &str| all(text).unwrap_err().to_string();
        assert_eq!(said("look\n"), "that is no header");
        assert_eq!(said("Content-Length: 9"), "a header has no end");
        assert_eq!(said("Content-Length: -1\r\n\r\n"), "that is no length");
        assert_eq!(said("Content-Length: 99999999999\r\n\r\n{}"), "a message is longer than 64 MB");
        assert_eq!(said("Content-Length: 9\r\n\r\n{}"), "a message is cut short");
        assert_eq!(said("Content-Type: x\r\n\r\n{}"), "a message does not say its length");
        assert!(!said("Content-Length: 2\r\n\r\n{}").is_empty());
    }
}
