//! The conversation with one client.

use crate::actions::Offer;
use crate::client::{Client, HIDE, MEANS, NARROW, SHARE, capabilities};
use crate::diagnostics::{Made, SOURCE};
use crate::documents::{Document, Documents};
use crate::progress::Progress;
use crate::shape::Shape;
use crate::small::{self, Asked};
use crate::trusting::Trusting;
use crate::watched;
use crate::worker::{self, Done, Job, Outcome};
use crate::{Build, Error, Setup, Shared, hover};
use crossbeam_channel::{Receiver, Sender, select, unbounded};
use erratum_look::{CancelToken, Look};
use erratum_repair::means;
use erratum_repair::verdict::Root;
use erratum_syntax::language::by_file_name;
use lsp_server::{Connection, ErrorCode, Message, Notification, Request, RequestId, Response};
use lsp_types::{
    CodeActionOrCommand, CodeActionParams, Diagnostic, DidChangeTextDocumentParams,
    DidChangeWatchedFilesParams, DidCloseTextDocumentParams, DidOpenTextDocumentParams,
    DocumentDiagnosticParams, DocumentHighlightParams, DocumentSymbolParams,
    DocumentSymbolResponse, ExecuteCommandParams, FoldingRangeParams, FullDocumentDiagnosticReport,
    Hover, HoverContents, HoverParams, InitializeParams, MarkupContent, MarkupKind, Position,
    PublishDiagnosticsParams, RelatedFullDocumentDiagnosticReport, Uri,
    WorkDoneProgressCancelParams,
};
use serde::de::DeserializeOwned;
use std::collections::HashMap;
use std::path::{Path, PathBuf};

/// Answers one client until it says goodbye.
///
/// # Errors
/// When the client breaks the protocol.
pub fn serve(connection: &Connection, setup: Setup) -> Result<(), Error> {
    let (id, params) = connection.initialize_start()?;
    let params: InitializeParams = serde_json::from_value(params)?;
    let client = Client::of(&params);
    let trusting = Trusting::new(setup.trust.clone());
    let capabilities = serde_json::json!({
        "capabilities": capabilities(client.encoding),
        "serverInfo": { "name": SOURCE, "version": setup.version },
    });
    connection.initialize_finish(id, capabilities)?;
    let (jobs, taken) = unbounded::<Job>();
    let (told, done) = unbounded::<Done>();
    let catalogue = setup.catalogue.clone();
    let (build, shared) = (setup.builder.clone(), setup.shared.clone());
    let (made_there, made) = unbounded::<Response>();
    let worker = std::thread::spawn(move || worker::run(&setup, &taken, &told));
    let mut server = Server {
        sender: connection.sender.clone(),
        jobs,
        progress: Progress::new(client.progress),
        client,
        build,
        shared,
        made_there,
        catalogue,
        documents: Documents::default(),
        files: HashMap::new(),
        waiting: Vec::new(),
        running: None,
        trusting,
    };
    if server.client.watches {
        server.send(watched::registration())?;
    }
    let ended = server.listen(connection, &done, &made);
    if let Some((_, _, cancel)) = &server.running {
        cancel.cancel();
    }
    drop(server);
    // The thread ends with its jobs; a look that is under way was cancelled.
    let _ = worker.join();
    ended
}

/// What is known of a file.
#[derive(Default)]
struct File {
    /// The last look, with the version of the text that it is of.
    look: Option<(i32, Box<Look>)>,
    /// Whether that look is the last word on that version.
    at_rest: bool,
    /// What the client was told last.
    shown: Vec<Diagnostic>,
    /// Whether what only follows is hidden.
    hidden: bool,
    /// Requests for the diagnostics of a version that is still looked at.
    asked: Vec<RequestId>,
    /// What was said of a look that failed, so that it is said once.
    failed: Option<String>,
}

struct Server {
    sender: Sender<Message>,
    jobs: Sender<Job>,
    client: Client,
    build: Build,
    shared: Shared,
    progress: Progress,
    /// Takes the answers to commands that take a while.
    made_there: Sender<Response>,
    catalogue: std::sync::Arc<erratum_catalogue::Catalogue>,
    documents: Documents,
    files: HashMap<Uri, File>,
    /// Files to look at, the one that was changed last at the end.
    waiting: Vec<Uri>,
    running: Option<(Uri, i32, CancelToken)>,
    trusting: Trusting,
}

#[allow(clippy::mutable_key_type, reason = "the hash of a URI is that of its text, which stays")]
impl Server {
    fn listen(
        &mut self,
        connection: &Connection,
        done: &Receiver<Done>,
        made: &Receiver<Response>,
    ) -> Result<(), Error> {
        loop {
            select! {
                recv(connection.receiver) -> message => match message {
                    Err(_) => return Ok(()),
                    Ok(Message::Request(request)) => {
                        if connection.handle_shutdown(&request)? {
                            return Ok(());
                        }
                        self.request(request)?;
                    }
                    Ok(Message::Notification(notification)) => {
                        if notification.method == "exit" {
                            return Ok(());
                        }
                        self.notification(notification)?;
                    }
                    Ok(Message::Response(response)) => self.response(response)?,
                },
                recv(done) -> one => match one {
                    Ok(one) => self.done(one)?,
                    Err(_) => return Ok(()),
                },
                recv(made) -> response => if let Ok(response) = response {
                    self.send(response)?;
                },
            }
        }
    }

    fn send(&self, message: impl Into<Message>) -> Result<(), Error> {
        self.sender.send(message.into()).map_err(|_| Error::Gone)
    }

    fn notification(&mut self, notification: Notification) -> Result<(), Error> {
        let Notification { method, params } = notification;
        match method.as_str() {
            "textDocument/didOpen" => {
                if let Some(opened) = read::<DidOpenTextDocumentParams>(params) {
                    let document = opened.text_document;
                    let uri = document.uri;
                    if self.documents.open(uri.clone(), document.version, document.text) {
                        self.files.insert(uri.clone(), File::default());
                        self.ask_trust(&uri);
                        self.look_at(uri)?;
                    }
                }
            }
            "textDocument/didChange" => {
                if let Some(changed) = read::<DidChangeTextDocumentParams>(params) {
                    let uri = changed.text_document.uri;
                    let encoding = self.client.encoding;
                    if let Some(document) = self.documents.get_mut(&uri) {
                        document.change(changed.content_changes, encoding);
                        document.version = changed.text_document.version;
                        self.look_at(uri)?;
                    }
                }
            }
            "textDocument/didSave" => {
                // Other files may have been written as well.
                let saved = read::<lsp_types::DidSaveTextDocumentParams>(params);
                if let Some(saved) = saved {
                    self.look_at(saved.text_document.uri)?;
                }
            }
            "textDocument/didClose" => {
                if let Some(closed) = read::<DidCloseTextDocumentParams>(params) {
                    let uri = closed.text_document.uri;
                    self.documents.close(&uri);
                    self.waiting.retain(|other| *other != uri);
                    if let Some(file) = self.files.remove(&uri) {
                        self.answer_all(&uri, file.asked)?;
                        self.publish(&uri, None, Vec::new())?;
                    }
                    self.cancel(&uri);
                }
            }
            "workspace/didChangeWatchedFiles" => {
                if let Some(changed) = read::<DidChangeWatchedFilesParams>(params) {
                    for uri in watched::touched(&self.documents, &changed.changes) {
                        self.ask_trust(&uri);
                        self.look_at(uri)?;
                    }
                }
            }
            "window/workDoneProgress/cancel" => {
                let stopped = read::<WorkDoneProgressCancelParams>(params);
                if stopped.is_some_and(|stopped| self.progress.is_of(&stopped.token)) {
                    self.stop()?;
                }
            }
            _ => {}
        }
        Ok(())
    }

    /// What the client says to a question of this server.
    fn response(&mut self, response: Response) -> Result<(), Error> {
        match self.trusting.answered(response) {
            None => Ok(()),
            Some(Err(text)) => self.say(&text, lsp_types::MessageType::WARNING),
            Some(Ok(folder)) => {
                let below = |path: &Path| {
                    dunce::canonicalize(path).is_ok_and(|path| path.starts_with(&folder))
                };
                for uri in self.documents.uris(below) {
                    self.look_at(uri)?;
                }
                Ok(())
            }
        }
    }

    fn ask_trust(&mut self, uri: &Uri) {
        if let Some(document) = self.documents.get(uri) {
            self.trusting.ask(&document.path, &self.sender);
        }
    }

    /// Ends the look under way as the user wishes: what is shown so far is the last word on this text.
    fn stop(&mut self) -> Result<(), Error> {
        let Some((uri, _, cancel)) = &self.running else { return Ok(()) };
        cancel.cancel();
        let uri = uri.clone();
        if let Some(file) = self.files.get_mut(&uri) {
            file.at_rest = true;
        }
        self.answer(&uri)
    }

    /// Cancels the look at a file.
    fn cancel(&self, uri: &Uri) {
        if let Some((running, _, cancel)) = &self.running
            && running == uri
        {
            cancel.cancel();
        }
    }

    /// Looks at a file as soon as can be.
    fn look_at(&mut self, uri: Uri) -> Result<(), Error> {
        if self.documents.get(&uri).is_none() {
            return Ok(());
        }
        self.cancel(&uri);
        if let Some(file) = self.files.get_mut(&uri) {
            file.at_rest = false;
        }
        self.waiting.retain(|other| *other != uri);
        self.waiting.push(uri);
        self.start();
        Ok(())
    }

    /// Starts the next look, if none is under way.
    fn start(&mut self) {
        if self.running.is_some() {
            return;
        }
        while let Some(uri) = self.waiting.pop() {
            let Some(document) = self.documents.get(&uri).cloned() else { continue };
            let cancel = CancelToken::default();
            self.running = Some((uri.clone(), document.version, cancel.clone()));
            let others = self.documents.others(&uri);
            if self.jobs.send(Job { uri, document, others, cancel }).is_err() {
                self.running = None;
            }
            return;
        }
    }

    fn done(&mut self, done: Done) -> Result<(), Error> {
        let Done { uri, version, outcome } = done;
        let last = !matches!(outcome, Outcome::Judged(_) | Outcome::Word(_));
        if last {
            self.running = None;
            if let Some(over) = self.progress.end() {
                self.send(over)?;
            }
        }
        let current = self.documents.get(&uri).is_some_and(|one| one.version == version);
        let next = self.waiting.contains(&uri);
        match outcome {
            Outcome::Judged(look) if current && !next => {
                // A sound program has nothing to try.
                let wrong = look.verdict.errors() > 0;
                let path = self.documents.get(&uri).map(|document| document.path.clone());
                let name = path.as_deref().and_then(Path::file_name).filter(|_| wrong);
                if let Some(name) = name {
                    for message in self.progress.begin(&name.to_string_lossy()) {
                        self.send(message)?;
                    }
                }
                self.judged(&uri, version, look)?;
            }
            Outcome::Found(look) if current && !next => {
                let diagnostics = self.made(&uri, &look);
                if let Some(file) = self.files.get_mut(&uri) {
                    file.look = Some((version, look));
                    file.at_rest = true;
                    file.failed = None;
                }
                self.publish(&uri, Some(version), diagnostics)?;
                self.answer(&uri)?;
            }
            Outcome::Word(text) => self.say(&text, lsp_types::MessageType::INFO)?,
            Outcome::Failed(text) if current && !next => {
                let file = self.files.get_mut(&uri);
                let said = file.as_ref().is_some_and(|file| file.failed.as_ref() == Some(&text));
                if let Some(file) = file {
                    file.at_rest = true;
                    file.look = None;
                    file.failed = Some(text.clone());
                }
                if !said {
                    self.say(&text, lsp_types::MessageType::WARNING)?;
                }
                self.publish(&uri, Some(version), Vec::new())?;
                self.answer(&uri)?;
            }
            _ => {}
        }
        if last {
            self.start();
        }
        Ok(())
    }

    /// Shows what messages and text alone tell, until the proofs are there. What was shown and is still
    /// true stays as it was, so that nothing flickers.
    fn judged(&mut self, uri: &Uri, version: i32, look: Box<Look>) -> Result<(), Error> {
        let mut diagnostics = self.made(uri, &look);
        if let Some(file) = self.files.get(uri) {
            for new in &mut diagnostics {
                let same =
                    |old: &&Diagnostic| old.range == new.range && old.severity == new.severity;
                if let Some(old) = file.shown.iter().find(same) {
                    *new = old.clone();
                }
            }
            // What waits behind others is known only after the proofs.
            let lines = look.program.files.first().map_or(0, |file| file.line_count());
            let waits = file.shown.iter().filter(|old| {
                old.severity == Some(lsp_types::DiagnosticSeverity::INFORMATION)
                    && old.range.start.line < lines
            });
            diagnostics.extend(waits.cloned());
        }
        if let Some(file) = self.files.get_mut(uri) {
            file.look = Some((version, look));
        }
        self.publish(uri, Some(version), diagnostics)
    }

    /// The diagnostics of a look.
    fn made(&self, uri: &Uri, look: &Look) -> Vec<Diagnostic> {
        let Some(document) = self.documents.get(uri) else { return Vec::new() };
        let hidden = self.files.get(uri).is_some_and(|file| file.hidden);
        let Some((file, folder)) = named(look, &document.path) else { return Vec::new() };
        Made {
            look,
            file: &file,
            uri,
            folder,
            encoding: self.client.encoding,
            follows: self.client.follows && !hidden,
        }
        .all()
    }

    /// Tells the client, unless it knows already.
    fn publish(
        &mut self,
        uri: &Uri,
        version: Option<i32>,
        diagnostics: Vec<Diagnostic>,
    ) -> Result<(), Error> {
        if let Some(file) = self.files.get_mut(uri) {
            if file.shown == diagnostics && version.is_some() {
                return Ok(());
            }
            file.shown.clone_from(&diagnostics);
        }
        let params = PublishDiagnosticsParams { uri: uri.clone(), diagnostics, version };
        self.send(Notification::new("textDocument/publishDiagnostics".to_owned(), params))
    }

    /// Says something that no place of a text can show.
    fn say(&self, text: &str, typ: lsp_types::MessageType) -> Result<(), Error> {
        let params = lsp_types::ShowMessageParams { typ, message: format!("Erratum: {text}") };
        self.send(Notification::new("window/showMessage".to_owned(), params))
    }

    fn request(&mut self, request: Request) -> Result<(), Error> {
        let Request { id, method, params } = request;
        let answer = match method.as_str() {
            "textDocument/diagnostic" => {
                if let Some(params) = read::<DocumentDiagnosticParams>(params.clone()) {
                    return self.asked(id, params.text_document.uri);
                }
                None
            }
            "textDocument/codeAction" => read(params).map(|params| self.code_actions(&params)),
            "textDocument/hover" => read(params).map(|params| self.hover(&params)),
            "textDocument/documentHighlight" => {
                read(params).map(|params: DocumentHighlightParams| {
                    let at = params.text_document_position_params;
                    let shape = self.shape(&at.text_document.uri);
                    value(shape.map(|shape| shape.partners(at.position)))
                })
            }
            "textDocument/foldingRange" => read(params).map(|params: FoldingRangeParams| {
                value(self.shape(&params.text_document.uri).map(|shape| shape.folds()))
            }),
            "textDocument/documentSymbol" => read(params).map(|params: DocumentSymbolParams| {
                let shape = self.shape(&params.text_document.uri);
                value(shape.map(|shape| DocumentSymbolResponse::Nested(shape.symbols())))
            }),
            "workspace/executeCommand" => match read::<ExecuteCommandParams>(params) {
                Some(params) => return self.command(id, &params),
                None => None,
            },
            other => {
                let text = format!("{other} is not known here");
                let response = Response::new_err(id, ErrorCode::MethodNotFound as i32, text);
                return self.send(response);
            }
        };
        let response = match answer {
            Some(answer) => Response::new_ok(id, answer),
            None => {
                let text = format!("the parameters of {method} cannot be read");
                Response::new_err(id, ErrorCode::InvalidParams as i32, text)
            }
        };
        self.send(response)
    }

    /// Answers with the diagnostics of a file: at once if all is known, else when it is.
    fn asked(&mut self, id: RequestId, uri: Uri) -> Result<(), Error> {
        match self.files.get_mut(&uri) {
            Some(file) if !file.at_rest => {
                file.asked.push(id);
                Ok(())
            }
            _ => self.answer_all(&uri, vec![id]),
        }
    }

    fn answer(&mut self, uri: &Uri) -> Result<(), Error> {
        let asked = self.files.get_mut(uri).map(|file| std::mem::take(&mut file.asked));
        self.answer_all(uri, asked.unwrap_or_default())
    }

    fn answer_all(&self, uri: &Uri, asked: Vec<RequestId>) -> Result<(), Error> {
        for id in asked {
            let items = self.files.get(uri).map(|file| file.shown.clone()).unwrap_or_default();
            let full = FullDocumentDiagnosticReport { result_id: None, items };
            let report = RelatedFullDocumentDiagnosticReport {
                related_documents: None,
                full_document_diagnostic_report: full,
            };
            let mut report = value(report);
            if let Some(report) = report.as_object_mut() {
                report.insert("kind".to_owned(), "full".into());
            }
            self.send(Response::new_ok(id, report))?;
        }
        Ok(())
    }

    /// The look at a file, if it is one at the text as it stands.
    fn current(&self, uri: &Uri) -> Option<(&Document, &Look)> {
        let document = self.documents.get(uri)?;
        let (version, look) = self.files.get(uri)?.look.as_ref()?;
        (*version == document.version).then_some((document, &**look))
    }

    fn code_actions(&self, params: &CodeActionParams) -> serde_json::Value {
        let uri = &params.text_document.uri;
        let Some((document, look)) = self.current(uri) else { return value(NOTHING) };
        let Some((file, folder)) = named(look, &document.path) else { return value(NOTHING) };
        let offer = Offer {
            look,
            document,
            uri,
            file: &file,
            folder: &folder,
            encoding: self.client.encoding,
            abilities: self.client.abilities,
        };
        let wanted = |kind: &str| {
            params.context.only.as_ref().is_none_or(|only| {
                only.iter().any(|one| {
                    kind == one.as_str() || kind.starts_with(&format!("{}.", one.as_str()))
                })
            })
        };
        let made = Made {
            look,
            file: &file,
            uri,
            folder: folder.clone(),
            encoding: self.client.encoding,
            follows: false,
        };
        let mut actions = Vec::new();
        if wanted("quickfix") {
            for root in look.verdict.roots.iter().filter(|root| root.at.file == file) {
                let Some(diagnostic) = made.root(root) else { continue };
                let (own, asked) = (diagnostic.range, params.range);
                if own.start.line <= asked.end.line && asked.start.line <= own.end.line {
                    actions.extend(offer.fixes(root, &diagnostic));
                }
            }
        }
        if wanted("source.fixAll.erratum") {
            actions.extend(offer.all_sure());
        }
        let actions: Vec<CodeActionOrCommand> =
            actions.into_iter().map(CodeActionOrCommand::CodeAction).collect();
        value(actions)
    }

    fn hover(&self, params: &HoverParams) -> serde_json::Value {
        let at = &params.text_document_position_params;
        let uri = &at.text_document.uri;
        let Some((document, look)) = self.current(uri) else { return value(NOTHING) };
        let Some((file, _)) = named(look, &document.path) else { return value(NOTHING) };
        let encoding = self.client.encoding;
        let range = |root: &Root| {
            look.program.file(&root.at.file).map(|source| encoding.of(source, &root.at))
        };
        let inside = |position: Position, root: &&Root| {
            range(root).is_some_and(|range| range.start <= position && position <= range.end)
        };
        let mut roots = look.verdict.roots.iter().filter(|root| root.at.file == file);
        let found = roots.find(|root| inside(at.position, root)).map(|root| Hover {
            contents: HoverContents::Markup(MarkupContent {
                kind: MarkupKind::Markdown,
                value: hover::text(look, root),
            }),
            range: range(root),
        });
        value(found)
    }

    fn shape(&self, uri: &Uri) -> Option<Shape> {
        let document = self.documents.get(uri)?;
        let language = by_file_name(&document.path.to_string_lossy())?;
        Some(Shape::new(&document.source, language, self.client.encoding))
    }

    fn command(&mut self, id: RequestId, params: &ExecuteCommandParams) -> Result<(), Error> {
        let argument = params.arguments.first().and_then(|one| one.as_str()).unwrap_or("");
        match params.command.as_str() {
            HIDE => {
                let uri: Option<Uri> = argument.parse().ok();
                if let Some(file) = uri.as_ref().and_then(|uri| self.files.get_mut(uri)) {
                    file.hidden = !file.hidden;
                }
                if let Some(uri) = uri
                    && let Some((document, look)) = self.current(&uri)
                {
                    let (version, diagnostics) = (document.version, self.made(&uri, look));
                    self.publish(&uri, Some(version), diagnostics)?;
                }
                self.send(Response::new_ok(id, serde_json::Value::Null))
            }
            MEANS => {
                let meaning = means::means(&self.catalogue, argument, None);
                self.send(Response::new_ok(id, value(meaning)))
            }
            NARROW | SHARE => {
                let uri: Option<Uri> = argument.parse().ok();
                let document = uri.as_ref().and_then(|uri| self.documents.get(uri)).cloned();
                let (Some(uri), Some(document)) = (uri, document) else {
                    let text = format!("{argument} is not open");
                    return self.send(Response::new_err(id, ErrorCode::InvalidParams as i32, text));
                };
                let asked = Asked { document, others: self.documents.others(&uri) };
                let share = params.command == SHARE;
                let (made_there, build, shared) =
                    (self.made_there.clone(), self.build.clone(), self.shared.clone());
                // It takes a while, and looks go on meanwhile. Who is gone by then waits for nothing.
                std::thread::spawn(move || {
                    let made = match share {
                        true => small::share(&build, &shared, &asked).map(value),
                        false => small::narrow(&build, &asked).map(value),
                    };
                    let failed = ErrorCode::RequestFailed as i32;
                    let response = match made {
                        Ok(made) => Response::new_ok(id, made),
                        Err(text) => Response::new_err(id, failed, text),
                    };
                    let _ = made_there.send(response);
                });
                Ok(())
            }
            other => {
                let text = format!("there is no command {other}");
                self.send(Response::new_err(id, ErrorCode::InvalidParams as i32, text))
            }
        }
    }
}

/// Nothing to say.
const NOTHING: Option<()> = None;

/// The name of a file in a program that was looked at, and the folder that names are meant from.
fn named(look: &Look, path: &Path) -> Option<(String, PathBuf)> {
    let files = look.program.files.iter().map(|file| file.name());
    let mut ends = files.filter(|name| path.ends_with(name));
    let name = ends.next()?.to_owned();
    let depth = Path::new(&name).components().count();
    let folder = path.ancestors().nth(depth).unwrap_or(path).to_owned();
    Some((name, folder))
}

fn read<T: DeserializeOwned>(params: serde_json::Value) -> Option<T> {
    serde_json::from_value(params).ok()
}

fn value(of: impl serde::Serialize) -> serde_json::Value {
    serde_json::to_value(of).unwrap_or_default()
}
