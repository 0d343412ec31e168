//! `stream`: clients without sense. What they send to `erratum lsp` is out of order, has fields of other
//! types, places outside of the text, edits that overlap, and bytes between that are no message.
//!
//! The program must come to its end by itself once the client is gone or has said goodbye, and without a
//! panic. A run is made from its seed alone; what is answered in between depends on the machine.

use clap::Args;
use fastrand::Rng;
use serde_json::{Value, json};
use std::error::Error;
use std::fs;
use std::io::{Read, Write};
use std::path::PathBuf;
use std::process::{Child, Command, Stdio};
use std::thread;
use std::time::{Duration, Instant};

#[derive(Args)]
pub struct Options {
    /// The program that answers
    #[arg(long, default_value = "target/release/erratum")]
    program: PathBuf,
    /// How many clients
    #[arg(long, default_value_t = 200)]
    runs: u64,
    /// The seed of the first
    #[arg(long, default_value_t = 0)]
    seed: u64,
    /// How many messages each sends
    #[arg(long, default_value_t = 60)]
    messages: usize,
}

/// How long the program may take to end once its client is gone.
const PATIENCE: Duration = Duration::from_secs(20);

pub fn run(options: &Options) -> Result<(), Box<dyn Error>> {
    let program = fs::canonicalize(&options.program)?;
    let mut faults = 0;
    let mut longest = Duration::ZERO;
    let mut answers = 0;
    for seed in options.seed..options.seed + options.runs {
        let mut rng = Rng::with_seed(seed);
        let Ended { answered, said, status, time } = one(&mut rng, &program, options.messages)?;
        longest = longest.max(time);
        answers += answered;
        let fault = match status {
            None => Some("does not end".to_owned()),
            // A panic ends the program with 101, a signal without a status.
            Some(None | Some(101)) => Some("crashed".to_owned()),
            Some(_) => said.contains("panicked").then(|| "a thread panicked".to_owned()),
        };
        if let Some(fault) = fault {
            faults += 1;
            println!("--seed {seed}: {fault}\n{said}");
        }
    }
    println!(
        "{} clients, {answers} answers, {faults} faults; the longest end took {} ms",
        options.runs,
        longest.as_millis()
    );
    if faults == 0 { Ok(()) } else { Err("there are faults".into()) }
}

/// How a conversation went.
struct Ended {
    /// How many messages came back.
    answered: usize,
    /// What the program said on standard error.
    said: String,
    /// Its exit status, `Some(None)` after a signal; nothing if it had to be killed.
    status: Option<Option<i32>>,
    /// How long its end took.
    time: Duration,
}

fn one(rng: &mut Rng, program: &PathBuf, messages: usize) -> Result<Ended, Box<dyn Error>> {
    let folder = tempfile::tempdir()?;
    let mut child = Command::new(program)
        .arg("lsp")
        .current_dir(folder.path())
        .env("XDG_STATE_HOME", folder.path().join("state"))
        .env("XDG_CACHE_HOME", folder.path().join("cache"))
        .stdin(Stdio::piped())
        .stdout(Stdio::piped())
        .stderr(Stdio::piped())
        .spawn()?;
    let mut input = child.stdin.take().ok_or("no input")?;
    let answers = drain(child.stdout.take().ok_or("no output")?);
    let said = drain(child.stderr.take().ok_or("no output")?);
    let root = format!("file://{}", folder.path().display());
    let mut client = Client { rng, root, id: 0 };
    for number in 0..messages {
        let bytes = client.bytes(number);
        // A server that broke the conversation off reads no more.
        if input.write_all(&bytes).is_err() {
            break;
        }
        if client.rng.u8(..) < 20 {
            thread::sleep(Duration::from_millis(client.rng.u64(..60)));
        }
    }
    if client.rng.bool() {
        let goodbye = [
            json!({"jsonrpc": "2.0", "id": -1, "method": "shutdown"}),
            json!({"jsonrpc": "2.0", "method": "exit"}),
        ];
        for message in goodbye {
            let _ = input.write_all(&framed(&message));
        }
    }
    drop(input);
    let started = Instant::now();
    let status = end(&mut child)?;
    let time = started.elapsed();
    let answers = answers.join().unwrap_or_default();
    let answered = answers.windows(16).filter(|window| window == b"Content-Length: ").count();
    let said = said.join().unwrap_or_default();
    Ok(Ended { answered, said: String::from_utf8_lossy(&said).into_owned(), status, time })
}

/// Waits for the end; kills what does not end.
fn end(child: &mut Child) -> Result<Option<Option<i32>>, Box<dyn Error>> {
    let until = Instant::now() + PATIENCE;
    while Instant::now() < until {
        if let Some(status) = child.try_wait()? {
            return Ok(Some(status.code()));
        }
        thread::sleep(Duration::from_millis(5));
    }
    child.kill()?;
    child.wait()?;
    Ok(None)
}

fn drain(mut from: impl Read + Send + 'static) -> thread::JoinHandle<Vec<u8>> {
    thread::spawn(move || {
        let mut all = Vec::new();
        let _ = from.read_to_end(&mut all);
        all
    })
}

fn framed(message: &Value) -> Vec<u8> {
    let body = message.to_string();
    format!("Content-Length: {}\r\n\r\n{body}", body.len()).into_bytes()
}

/// A client that makes no sense.
struct Client<'a> {
    rng: &'a mut Rng,
    root: String,
    id: i64,
}

const TEXTS: &[&str] = &[
    "int berths(int zone) {\n    int free = 4\n    return free + zoen;\n}\n",
    "int main(void) {\n    return 0;\n}\n",
    "struct quay { int deep; ;\r\n\r\n",
    "\u{feff}int ü = \"🚢\" 3;\n",
    "",
    "((((((((((((((((((((",
];

impl Client<'_> {
    fn pick<'a>(&mut self, all: &[&'a str]) -> &'a str {
        self.rng.choice(all).copied().unwrap_or_default()
    }

    /// One message, or what is none.
    fn bytes(&mut self, number: usize) -> Vec<u8> {
        // Most clients start as they should: else nothing further is read.
        if number < 2 && self.rng.u8(..10) > 0 {
            let start = json!({"jsonrpc": "2.0", "id": 0, "method": "initialize", "params": {"capabilities": self.capabilities()}});
            let next = json!({"jsonrpc": "2.0", "method": "initialized", "params": {}});
            return framed(if number == 0 { &start } else { &next });
        }
        match self.rng.u8(..100) {
            0 => self.noise(),
            1 => b"Content-Length: 7\r\n\r\n{\"a\":1}".to_vec(),
            2 => b"Content-Length: 5\r\nX: \xff\r\n\r\n\xff\xfe{}}".to_vec(),
            _ => framed(&self.message()),
        }
    }

    /// Bytes after which nothing can be read any more.
    fn noise(&mut self) -> Vec<u8> {
        match self.rng.u8(..4) {
            0 => b"Content-Length: -4\r\n\r\n".to_vec(),
            1 => b"Content-Length: 99999999999999999999\r\n\r\n{}".to_vec(),
            2 => (0..self.rng.usize(..200)).map(|_| self.rng.u8(..)).collect(),
            _ => b"Content-Length: 400\r\n\r\n{".to_vec(),
        }
    }

    fn capabilities(&mut self) -> Value {
        json!({
            "general": { "positionEncodings": if self.rng.bool() { json!(["utf-8", "utf-16"]) } else { json!(["utf-16"]) } },
            "window": { "workDoneProgress": self.rng.bool(), "showMessage": {} },
            "textDocument": { "diagnostic": if self.rng.bool() { json!({}) } else { Value::Null } },
            "workspace": { "workspaceEdit": { "documentChanges": self.rng.bool(), "changeAnnotationSupport": {} } },
        })
    }

    fn uri(&mut self) -> String {
        let name = self.pick(&[
            "quay.c",
            "tide.c",
            "no/where/deep.c",
            "quay.zzz",
            "%ff%00.c",
            "a%20b#?.c",
        ]);
        match self.rng.u8(..12) {
            0 => "untitled:one".to_owned(),
            1 => "file://".to_owned(),
            2 => String::new(),
            _ => format!("{}/{name}", self.root),
        }
    }

    fn number(&mut self) -> Value {
        match self.rng.u8(..10) {
            0 => json!(u32::MAX),
            1 => json!(-1),
            2 => json!(1e300),
            _ => json!(self.rng.u32(..8)),
        }
    }

    fn place(&mut self) -> Value {
        json!({ "line": self.number(), "character": self.number() })
    }

    fn range(&mut self) -> Value {
        json!({ "start": self.place(), "end": self.place() })
    }

    fn changes(&mut self) -> Value {
        let text = self.pick(TEXTS);
        (0..self.rng.usize(..4))
            .map(|_| match self.rng.u8(..3) {
                0 => json!({ "text": text }),
                1 => json!({ "range": self.range(), "text": text }),
                _ => json!({ "range": self.range(), "text": ";", "rangeLength": self.number() }),
            })
            .collect()
    }

    fn message(&mut self) -> Value {
        let document = json!({ "uri": self.uri(), "version": self.number(), "languageId": "c", "text": self.pick(TEXTS) });
        let method = self.pick(&[
            "textDocument/didOpen",
            "textDocument/didOpen",
            "textDocument/didChange",
            "textDocument/didChange",
            "textDocument/didChange",
            "textDocument/didClose",
            "textDocument/didSave",
            "textDocument/codeAction",
            "textDocument/hover",
            "textDocument/documentHighlight",
            "textDocument/documentSymbol",
            "textDocument/foldingRange",
            "textDocument/diagnostic",
            "workspace/executeCommand",
            "workspace/didChangeWatchedFiles",
            "workspace/didChangeConfiguration",
            "window/workDoneProgress/cancel",
            "$/cancelRequest",
            "$/nothing",
            "initialize",
            "initialized",
            "no/such/method",
        ]);
        let mut params = json!({
            "textDocument": document,
            "contentChanges": self.changes(),
            "position": self.place(),
            "range": self.range(),
            "context": { "diagnostics": [] },
            "command": self.pick(&["erratum.means", "erratum.narrow", "erratum.share", "erratum.hideFollowing", "x"]),
            "arguments": [self.uri()],
            "changes": [{ "uri": self.uri(), "type": self.number() }],
            "id": self.number(),
            "token": self.number(),
            "capabilities": {},
        });
        // A field of another type, or none.
        if self.rng.u8(..4) == 0
            && let Some(fields) = params.as_object_mut()
        {
            let names: Vec<String> = fields.keys().cloned().collect();
            let name = &names[self.rng.usize(..names.len())];
            let other = [Value::Null, json!(3), json!("x"), json!([[]]), json!({})];
            fields.insert(name.clone(), other[self.rng.usize(..other.len())].clone());
        }
        let mut message = json!({ "jsonrpc": "2.0", "method": method, "params": params });
        let asks = method.contains('/') && !method.contains("did") && !method.starts_with('$');
        if asks != (self.rng.u8(..20) == 0) {
            self.id += i64::from(self.rng.u8(..10) > 0);
            message["id"] = json!(self.id);
        }
        match self.rng.u8(..40) {
            0 => json!({ "jsonrpc": "2.0", "id": self.number(), "result": null }),
            1 => {
                json!({ "jsonrpc": "2.0", "id": self.id, "error": { "code": 1, "message": "no" } })
            }
            _ => message,
        }
    }
}
