//! `editor`: how long it takes from a keystroke to what is shown, and what memory the server takes.
//!
//! A client types a mistake into a program that is open and takes it out again, over and over. A sound
//! text is clear after one check by the warm compiler, so that is the measure: how many of these go by
//! until the mistake is shown (judged), and until its fixes are proved.

use crate::Picked;
use crate::speed::median;
use clap::Args;
use erratum_compilers::{Limits, Project, Session, Toolbox};
use erratum_repair::plant::{Planted, plant_set};
use erratum_repair::search::{Compile, Depth};
use erratum_syntax::language::Language;
use erratum_syntax::source::{Program, Source};
use serde_json::{Value, json};
use std::error::Error;
use std::fs;
use std::io::{BufRead, BufReader, Write};
use std::path::{Path, PathBuf};
use std::process::{Child, ChildStdin, Command, Stdio};
use std::sync::mpsc::{self, Receiver};
use std::thread;
use std::time::{Duration, Instant};

#[derive(Args)]
pub struct Options {
    #[command(flatten)]
    picked: Picked,
    /// The program that answers
    #[arg(long, default_value = "target/release/erratum")]
    program: PathBuf,
    /// How many programs of a language, the longest first
    #[arg(long, default_value_t = 3)]
    programs: usize,
    /// How many times the mistake is typed and taken out
    #[arg(long, default_value_t = 10)]
    rounds: usize,
}

/// How long an answer may take.
const PATIENCE: Duration = Duration::from_secs(60);

/// What one program showed: times in seconds, memory in megabytes.
struct Seen {
    check: Vec<f64>,
    judged: Vec<f64>,
    proved: Vec<f64>,
    memory: (f64, f64),
}

pub fn run(options: &Options) -> Result<(), Box<dyn Error>> {
    println!(
        "{:<12} {:>6} {:>9} {:>9} {:>7} {:>9} {:>7} {:>9} {:>7}",
        "", "lines", "check s", "judged s", "checks", "proved s", "checks", "first MB", "last MB"
    );
    for language in options.picked.languages() {
        let mut all = options.picked.programs(language)?;
        let lines = |path: &Path| fs::read_to_string(path).map_or(0, |text| text.lines().count());
        all.sort_by_key(|(_, path)| std::cmp::Reverse(lines(path)));
        for (seed, path) in all.into_iter().take(options.programs) {
            let Some(seen) = measure(language, &path, seed, options)? else { continue };
            let (check, judged, proved) =
                (median(seen.check), median(seen.judged), median(seen.proved));
            println!(
                "{:<12} {:>6} {check:>9.3} {judged:>9.3} {:>7.2} {proved:>9.3} {:>7.2} {:>9.1} {:>7.1}",
                language.id,
                lines(&path),
                judged / check,
                proved / check,
                seen.memory.0,
                seen.memory.1
            );
        }
    }
    Ok(())
}

fn measure(
    language: &'static Language,
    path: &Path,
    seed: u64,
    options: &Options,
) -> Result<Option<Seen>, Box<dyn Error>> {
    let name = path.file_name().map(|n| n.to_string_lossy().into_owned()).unwrap_or_default();
    let sound = Source::new(name.as_str(), fs::read(path)?);
    let folder = tempfile::tempdir()?;
    let file = folder.path().join(&name);
    fs::write(&file, sound.bytes())?;
    let found = Toolbox::default().find(language, None)?;
    let project = Project::open(std::slice::from_ref(&file), Some(language))?;
    let asked = Session::new(project, found, Limits::default())?;
    let objects = &mut |one: &Planted| {
        let program = Program::single(one.source.clone());
        let report = asked.compile(&[program], Depth::Errors).remove(0);
        report.is_ok_and(|report| report.messages.iter().any(|m| m.is_error()))
    };
    let Some(set) = plant_set(&sound, language, 1, seed, objects) else { return Ok(None) };
    let text = |source: &Source| String::from_utf8_lossy(source.bytes()).into_owned();
    let (sound, wrong) = (text(&sound), text(&set[0].source));
    let mut client = Client::start(&options.program, folder.path(), &file)?;
    client.open(&sound)?;
    let mut seen =
        Seen { check: Vec::new(), judged: Vec::new(), proved: Vec::new(), memory: (0.0, 0.0) };
    for round in 0..=options.rounds {
        let typed = client.type_in(&wrong)?;
        let judged = client.wait(|message| shown(message).is_some_and(|shown| shown > 0))?;
        let proved = client.wait(|message| message["params"]["value"]["kind"] == "end")?;
        let cleared = client.type_in(&sound)?;
        let clear = client.wait(|message| shown(message) == Some(0))?;
        if round == 0 {
            // The compiler was started only now.
            seen.memory.0 = client.memory();
            continue;
        }
        seen.judged.push((judged - typed).as_secs_f64());
        seen.proved.push((proved - typed).as_secs_f64());
        seen.check.push((clear - cleared).as_secs_f64());
    }
    seen.memory.1 = client.memory();
    Ok(Some(seen))
}

/// How many diagnostics a message shows; nothing for another message.
fn shown(message: &Value) -> Option<usize> {
    let published = message["method"] == "textDocument/publishDiagnostics";
    message["params"]["diagnostics"].as_array().filter(|_| published).map(Vec::len)
}

/// A client with one open file.
struct Client {
    child: Child,
    input: ChildStdin,
    heard: Receiver<(Instant, Value)>,
    uri: String,
    version: i32,
}

impl Client {
    fn start(program: &Path, folder: &Path, file: &Path) -> Result<Client, Box<dyn Error>> {
        let mut child = Command::new(fs::canonicalize(program)?)
            .arg("lsp")
            .current_dir(folder)
            .env("XDG_STATE_HOME", folder.join("state"))
            .stdin(Stdio::piped())
            .stdout(Stdio::piped())
            .stderr(Stdio::null())
            .spawn()?;
        let input = child.stdin.take().ok_or("no input")?;
        let output = child.stdout.take().ok_or("no output")?;
        let (sender, heard) = mpsc::channel();
        thread::spawn(move || {
            let mut output = BufReader::new(output);
            while let Some(message) = read(&mut output) {
                if sender.send((Instant::now(), message)).is_err() {
                    return;
                }
            }
        });
        let uri = format!("file://{}", file.display());
        let mut client = Client { child, input, heard, uri, version: 0 };
        let able = json!({ "window": { "workDoneProgress": true } });
        client.send(json!({"id": 1, "method": "initialize", "params": {"capabilities": able}}))?;
        client.wait(|message| message["id"] == 1)?;
        client.send(json!({"method": "initialized", "params": {}}))?;
        Ok(client)
    }

    fn send(&mut self, mut message: Value) -> Result<(), Box<dyn Error>> {
        message["jsonrpc"] = json!("2.0");
        let body = message.to_string();
        write!(self.input, "Content-Length: {}\r\n\r\n{body}", body.len())?;
        self.input.flush()?;
        Ok(())
    }

    fn open(&mut self, text: &str) -> Result<(), Box<dyn Error>> {
        let document = json!({"uri": self.uri, "languageId": "", "version": 0, "text": text});
        self.send(json!({"method": "textDocument/didOpen", "params": {"textDocument": document}}))
    }

    /// Puts another text in the place of the one that is open; says when.
    fn type_in(&mut self, text: &str) -> Result<Instant, Box<dyn Error>> {
        self.version += 1;
        let document = json!({"uri": self.uri, "version": self.version});
        let params = json!({"textDocument": document, "contentChanges": [{"text": text}]});
        let now = Instant::now();
        self.send(json!({"method": "textDocument/didChange", "params": params}))?;
        Ok(now)
    }

    /// Waits for a message; says when it came. What the server asks is granted.
    fn wait(&mut self, wanted: impl Fn(&Value) -> bool) -> Result<Instant, Box<dyn Error>> {
        let until = Instant::now() + PATIENCE;
        loop {
            let left = until.saturating_duration_since(Instant::now());
            let (at, message) = self.heard.recv_timeout(left)?;
            if message["method"] == "window/workDoneProgress/create" {
                self.send(json!({"id": message["id"], "result": null}))?;
            }
            if wanted(&message) {
                return Ok(at);
            }
        }
    }

    /// The memory of the server without its compilers, in megabytes; Linux tells it.
    fn memory(&self) -> f64 {
        let status = fs::read_to_string(format!("/proc/{}/status", self.child.id()));
        let status = status.unwrap_or_default();
        let line = status.lines().find_map(|line| line.strip_prefix("VmRSS:"));
        let kilobytes = line.and_then(|line| line.split_whitespace().next()?.parse::<f64>().ok());
        kilobytes.unwrap_or(f64::NAN) / 1024.0
    }
}

impl Drop for Client {
    fn drop(&mut self) {
        let _ = self.send(json!({"id": -1, "method": "shutdown"}));
        let _ = self.send(json!({"method": "exit"}));
        let _ = self.child.wait();
    }
}

fn read(output: &mut impl BufRead) -> Option<Value> {
    let mut length = 0;
    loop {
        let mut line = String::new();
        if output.read_line(&mut line).ok()? == 0 {
            return None;
        }
        if line.trim().is_empty() {
            break;
        }
        if let Some(number) = line.strip_prefix("Content-Length: ") {
            length = number.trim().parse().ok()?;
        }
    }
    let mut body = vec![0; length];
    output.read_exact(&mut body).ok()?;
    serde_json::from_slice(&body).ok()
}
