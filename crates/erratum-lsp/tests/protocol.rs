//! The protocol, with the C compiler that Rust needs anyway.

use erratum_catalogue::Catalogue;
use erratum_compilers::Trust;
use erratum_look::{Budget, Session};
use erratum_lsp::{Setup, serve};
use lsp_server::{Connection, Message, Notification, Request, RequestId, Response};
use serde_json::{Value, json};
use std::fs;
use std::path::PathBuf;
use std::sync::{Arc, Mutex};
use std::thread::JoinHandle;
use std::time::{Duration, Instant};

/// Two mistakes, and a message that only follows.
const WRONG: &str = "int berths(int zone) {\n    int free = 4\n    return free + zoen;\n}\n";
const SOUND: &str = "int berths(int zone) {\n    int free = 4;\n    return free + zone;\n}\n";

/// A client that writes down what it is told.
struct Client {
    connection: Connection,
    server: Option<JoinHandle<Result<(), erratum_lsp::Error>>>,
    folder: tempfile::TempDir,
    next: i32,
    heard: Vec<Message>,
    /// How many mistakes were found in each text that was kept.
    kept: Arc<Mutex<Vec<usize>>>,
}

impl Client {
    fn start(capabilities: Value) -> Client {
        let mut client = Client::silent();
        let id = client.ask("initialize", json!({ "capabilities": capabilities }));
        let answer = client.answer(id);
        assert_eq!(answer["serverInfo"]["name"], "erratum");
        client.tell("initialized", json!({}));
        client
    }

    /// One that has said nothing yet.
    fn silent() -> Client {
        let (own, connection) = Connection::memory();
        let kept: Arc<Mutex<Vec<usize>>> = Arc::default();
        let keep = kept.clone();
        let folder = tempfile::tempdir().unwrap();
        let trust = Trust::listed_in(folder.path().join("state/trusted"));
        let server = std::thread::spawn(move || {
            let setup = Setup {
                kept: Box::new(move |_, look| {
                    let mut kept = keep.lock().unwrap();
                    kept.push(look.verdict.roots.len());
                    (kept.len() == 1).then(|| "it is kept".to_owned())
                }),
                trust: trust.clone(),
                builder: Arc::new(move |_| {
                    Session::builder().budget(Budget::Compiles(40)).trust(trust.clone())
                }),
                shared: Arc::new(|small| format!("asks: {}", small.narrowed.message.text)),
                catalogue: Catalogue::shipped(),
                version: "0".to_owned(),
            };
            serve(&connection, setup)
        });
        Client { connection: own, server: Some(server), folder, next: 0, heard: Vec::new(), kept }
    }

    fn path(&self) -> PathBuf {
        self.folder.path().join("quay.c")
    }

    fn uri(&self) -> String {
        format!("file://{}", self.path().display())
    }

    fn tell(&self, method: &str, params: Value) {
        let message = Notification { method: method.to_owned(), params };
        self.connection.sender.send(message.into()).unwrap();
    }

    fn ask(&mut self, method: &str, params: Value) -> RequestId {
        self.next += 1;
        let id = RequestId::from(self.next);
        let request = Request { id: id.clone(), method: method.to_owned(), params };
        self.connection.sender.send(request.into()).unwrap();
        id
    }

    /// Waits for a message; anything else is kept.
    fn wait(&mut self, wanted: impl Fn(&Message) -> bool) -> Message {
        if let Some(at) = self.heard.iter().position(&wanted) {
            return self.heard.remove(at);
        }
        let until = Instant::now() + Duration::from_secs(60);
        loop {
            let left = until.saturating_duration_since(Instant::now());
            let message = self.connection.receiver.recv_timeout(left).expect("nothing is said");
            if wanted(&message) {
                return message;
            }
            self.heard.push(message);
        }
    }

    fn response(&mut self, id: &RequestId) -> Response {
        let wanted = |message: &Message| matches!(message, Message::Response(one) if one.id == *id);
        match self.wait(wanted) {
            Message::Response(response) => response,
            _ => unreachable!(),
        }
    }

    fn answer(&mut self, id: RequestId) -> Value {
        let response = self.response(&id);
        response.result.unwrap_or_else(|| panic!("{:?}", response.error))
    }

    fn open(&self, text: &str) {
        fs::write(self.path(), text).unwrap();
        let document = json!({ "uri": self.uri(), "languageId": "c", "version": 1, "text": text });
        self.tell("textDocument/didOpen", json!({ "textDocument": document }));
    }

    fn change(&self, version: i32, changes: Value) {
        let document = json!({ "uri": self.uri(), "version": version });
        let params = json!({ "textDocument": document, "contentChanges": changes });
        self.tell("textDocument/didChange", params);
    }

    /// The diagnostics of the text as it stands, when nothing is left to find out.
    fn at_rest(&mut self) -> Vec<Value> {
        let id =
            self.ask("textDocument/diagnostic", json!({ "textDocument": { "uri": self.uri() } }));
        let report = self.answer(id);
        assert_eq!(report["kind"], "full");
        report["items"].as_array().unwrap().clone()
    }

    /// Waits until no mistake is shown.
    fn cleared(&mut self) -> bool {
        let none = |message: &Message| match message {
            Message::Notification(told) => {
                told.method == "textDocument/publishDiagnostics"
                    && told.params["diagnostics"].as_array().is_some_and(Vec::is_empty)
            }
            _ => false,
        };
        matches!(self.wait(none), Message::Notification(_))
    }

    fn actions(&mut self, line: u32) -> Vec<Value> {
        let at = json!({ "line": line, "character": 4 });
        let id = self.ask(
            "textDocument/codeAction",
            json!({
                "textDocument": { "uri": self.uri() },
                "range": { "start": at, "end": at },
                "context": { "diagnostics": [] },
            }),
        );
        self.answer(id).as_array().cloned().unwrap_or_default()
    }

    fn end(mut self) {
        let id = self.ask("shutdown", Value::Null);
        self.response(&id);
        self.tell("exit", Value::Null);
        self.server.take().unwrap().join().unwrap().unwrap();
    }
}

fn lines(diagnostics: &[Value]) -> Vec<(u64, u64)> {
    let line = |one: &Value| {
        (one["range"]["start"]["line"].as_u64().unwrap(), one["severity"].as_u64().unwrap())
    };
    diagnostics.iter().map(line).collect()
}

#[test]
fn mistakes_are_shown_where_they_are_and_mended_by_an_action() {
    let mut client = Client::start(json!({
        "workspace": { "workspaceEdit": { "documentChanges": true } }
    }));
    client.open(WRONG);
    let found = client.at_rest();
    // The lost mark is an error on its own line; the name that waits behind it is information.
    assert_eq!(lines(&found), [(1, 1), (2, 3)], "{found:#?}");
    assert_eq!(found[0]["code"], "missing-terminator");
    assert!(found[0]["message"].as_str().unwrap().starts_with("A `;` is missing"));
    let reported = &found[0]["relatedInformation"][0];
    assert_eq!(reported["location"]["range"]["start"]["line"], 2);
    assert!(found[1]["message"].as_str().unwrap().contains("not reported yet"));
    let actions = client.actions(1);
    let fix = &actions[0];
    assert_eq!(fix["kind"], "quickfix");
    assert_eq!(fix["isPreferred"], true);
    assert_eq!(fix["title"], "Add `;` at the end of line 2 (proved)");
    let change = &fix["edit"]["documentChanges"][0];
    assert_eq!(change["textDocument"]["version"], 1);
    let edit = &change["edits"][0];
    assert_eq!(edit["newText"], ";");
    assert_eq!(edit["range"]["start"], json!({ "line": 1, "character": 16 }));
    let all = actions.iter().find(|one| one["kind"] == "source.fixAll.erratum").unwrap();
    assert!(!all["edit"]["documentChanges"][0]["edits"].as_array().unwrap().is_empty());
    // The client applies it, and mends the name by hand; nothing was written.
    client.change(
        2,
        json!([
            { "range": { "start": { "line": 1, "character": 16 }, "end": { "line": 1, "character": 16 } }, "text": ";" },
            { "range": { "start": { "line": 2, "character": 18 }, "end": { "line": 2, "character": 22 } }, "text": "zone" },
        ]),
    );
    assert!(client.at_rest().is_empty());
    assert_eq!(fs::read_to_string(client.path()).unwrap(), WRONG);
    client.end();
}

#[test]
fn a_guess_is_asked_about_where_the_client_can_ask() {
    let mut client = Client::start(json!({ "workspace": { "workspaceEdit": {
        "documentChanges": true,
        "changeAnnotationSupport": {},
    } } }));
    // Two names are as near.
    client.open("int berths(int tide1, int tide2) {\n    int free = tide1 - tide2;\n    return free + tide3;\n}\n");
    assert_eq!(lines(&client.at_rest()), [(2, 1)]);
    let actions = client.actions(2);
    let fix = actions.iter().find(|one| one["kind"] == "quickfix").unwrap();
    assert_eq!(fix["isPreferred"], false, "{fix}");
    assert_eq!(fix["edit"]["changeAnnotations"]["guess"]["needsConfirmation"], true, "{fix}");
    client.end();
}

#[test]
fn what_was_typed_counts_and_not_what_is_on_the_disk() {
    let mut client = Client::start(json!({}));
    client.open(SOUND);
    assert!(client.at_rest().is_empty());
    for version in 2..12 {
        client.change(version, json!([{ "text": if version % 2 == 0 { WRONG } else { SOUND } }]));
    }
    assert!(client.at_rest().is_empty(), "the last text is sound");
    client.change(12, json!([{ "text": WRONG }]));
    assert_eq!(lines(&client.at_rest())[0], (1, 1));
    // The last that was published is of the last version.
    let mut last = None;
    while let Some(at) = client.heard.iter().position(|m| matches!(m, Message::Notification(_))) {
        last = Some(client.heard.remove(at));
    }
    let Some(Message::Notification(last)) = last else { panic!() };
    assert_eq!(last.params["version"], 12);
    // A file that is closed has nothing to show.
    client.tell("textDocument/didClose", json!({ "textDocument": { "uri": client.uri() } }));
    let empty = client.wait(|message| {
        matches!(message, Message::Notification(one) if one.params["diagnostics"] == json!([]))
    });
    assert!(matches!(empty, Message::Notification(_)));
    client.end();
}

#[test]
fn progress_is_shown_from_the_first_answer_to_the_proofs_where_the_client_can() {
    let mut client = Client::start(json!({ "window": { "workDoneProgress": true } }));
    client.open(WRONG);
    let found = client.at_rest();
    assert_eq!(lines(&found), [(1, 1), (2, 3)]);
    let created = client.wait(|message| {
        matches!(message, Message::Request(one) if one.method == "window/workDoneProgress/create")
    });
    let Message::Request(created) = created else { unreachable!() };
    let token = created.params["token"].clone();
    let progress = |client: &mut Client, kind: &str| {
        let told = client.wait(|message| {
            matches!(message, Message::Notification(one)
                if one.method == "$/progress" && one.params["value"]["kind"] == kind)
        });
        let Message::Notification(told) = told else { unreachable!() };
        assert_eq!(told.params["token"], token);
        told.params["value"].clone()
    };
    let begun = progress(&mut client, "begin");
    assert_eq!(begun["title"], "Erratum tries the fixes of quay.c");
    progress(&mut client, "end");
    // Who stops what is over, or what never was, stops nothing.
    client.tell("window/workDoneProgress/cancel", json!({ "token": token }));
    client.tell("window/workDoneProgress/cancel", json!({ "token": 7 }));
    client.change(2, json!([{ "text": SOUND }]));
    assert!(client.at_rest().is_empty());
    client.end();
}

#[test]
fn a_client_that_shows_no_progress_is_told_of_none() {
    let mut client = Client::start(json!({}));
    client.open(WRONG);
    client.at_rest();
    let told = |message: &Message| match message {
        Message::Notification(one) => one.method == "$/progress",
        Message::Request(_) => true,
        Message::Response(_) => false,
    };
    assert!(!client.heard.iter().any(told), "{:?}", client.heard);
    client.end();
}

#[test]
fn the_smallest_part_is_of_what_was_typed() {
    let mut client = Client::start(json!({}));
    client.open(SOUND);
    client.change(2, json!([{ "text": format!("int depth(void) {{ return 3; }}\n{WRONG}") }]));
    let uri = client.uri();
    let command = |name: &str, uri: &str| json!({ "command": name, "arguments": [uri] });
    let id = client.ask("workspace/executeCommand", command("erratum.narrow", &uri));
    let small = client.answer(id);
    let text = small["text"].as_str().unwrap();
    assert!(text.contains("free = 4") && !text.contains("depth"), "{text}");
    assert!(small["lines"].as_u64().unwrap() < small["of"].as_u64().unwrap(), "{small}");
    assert!(small["message"].as_str().unwrap().contains("expected"), "{small}");
    let id = client.ask("workspace/executeCommand", command("erratum.share", &uri));
    let shared = client.answer(id);
    assert!(shared.as_str().unwrap().starts_with("asks: expected"), "{shared}");
    // Of a sound text there is none; of one that is not open, nothing is known.
    client.change(3, json!([{ "text": SOUND }]));
    let id = client.ask("workspace/executeCommand", command("erratum.narrow", &uri));
    assert_eq!(client.answer(id), Value::Null);
    let id = client.ask("workspace/executeCommand", command("erratum.share", "file:///nowhere.c"));
    assert!(client.response(&id).error.is_some());
    client.end();
}

#[test]
fn only_what_is_saved_is_kept() {
    let mut client = Client::start(json!({}));
    client.open(WRONG);
    client.at_rest();
    assert_eq!(*client.kept.lock().unwrap(), [2]);
    let said = client.wait(|message| {
        matches!(message, Message::Notification(one) if one.method == "window/showMessage")
    });
    let Message::Notification(said) = said else { panic!() };
    assert_eq!(said.params["message"], "Erratum: it is kept");
    client.change(2, json!([{ "text": WRONG.replace("zoen", "zone") }]));
    client.at_rest();
    client.change(3, json!([{ "text": SOUND }]));
    client.at_rest();
    assert_eq!(*client.kept.lock().unwrap(), [2], "nothing was saved since");
    fs::write(client.path(), SOUND).unwrap();
    client.tell("textDocument/didSave", json!({ "textDocument": { "uri": client.uri() } }));
    client.at_rest();
    assert_eq!(*client.kept.lock().unwrap(), [2, 0]);
    client.end();
}

#[test]
fn what_is_under_the_pointer_is_explained_and_brackets_show_their_partner() {
    let mut client =
        Client::start(json!({ "general": { "positionEncodings": ["utf-8", "utf-16"] } }));
    client.open(&WRONG.replace("free", "früh"));
    let found = client.at_rest();
    assert_eq!(lines(&found)[0], (1, 1), "{found:#?}");
    let at = |line: u32, character: u32| json!({ "textDocument": { "uri": client.uri() }, "position": { "line": line, "character": character } });
    let (mark, nothing, brace) = (at(1, 17), at(3, 0), at(0, 21));
    let asked = client.ask("textDocument/hover", mark);
    let hover = client.answer(asked);
    let text = hover["contents"]["value"].as_str().unwrap();
    assert!(text.starts_with("**A `;` is missing"), "{text}");
    assert!(text.contains("gcc says on line 3"), "{text}");
    let asked = client.ask("textDocument/hover", nothing);
    assert_eq!(client.answer(asked), Value::Null);
    let asked = client.ask("textDocument/documentHighlight", brace);
    let partners = client.answer(asked);
    assert_eq!(partners.as_array().unwrap().len(), 2, "{partners}");
    let only = json!({ "textDocument": { "uri": client.uri() } });
    let asked = client.ask("textDocument/foldingRange", only.clone());
    assert_eq!(client.answer(asked)[0]["endLine"], 2);
    let asked = client.ask("textDocument/documentSymbol", only);
    assert_eq!(client.answer(asked)[0]["name"], "berths");
    let asked = client.ask(
        "workspace/executeCommand",
        json!({ "command": "erratum.means", "arguments": ["argument"] }),
    );
    assert!(client.answer(asked)["Ok"][0]["meaning"].as_str().unwrap().contains("value"));
    client.end();
}

#[test]
fn what_makes_no_sense_is_answered_or_passed_over() {
    let mut client = Client::start(json!({ "textDocument": { "publishDiagnostics": {} } }));
    let asked = client.ask("textDocument/somethingNew", json!({ "a": [1, 2] }));
    assert_eq!(client.response(&asked).error.unwrap().code, -32601);
    let asked = client.ask("textDocument/hover", json!({ "position": "here" }));
    assert_eq!(client.response(&asked).error.unwrap().code, -32602);
    let asked = client.ask("workspace/executeCommand", json!({ "command": "nonsense" }));
    assert_eq!(client.response(&asked).error.unwrap().code, -32602);
    client.tell("textDocument/didChange", json!({ "textDocument": { "uri": "file:///nowhere.c", "version": 3 }, "contentChanges": [] }));
    client.tell("textDocument/didOpen", json!("nonsense"));
    client.tell("$/somethingElse", json!(null));
    let untitled = json!({ "uri": "untitled:One", "languageId": "c", "version": 1, "text": WRONG });
    client.tell("textDocument/didOpen", json!({ "textDocument": untitled }));
    // A file that is not there is named once.
    let gone = json!({ "uri": "file:///nowhere/at/all.c", "languageId": "c", "version": 1, "text": WRONG });
    client.tell("textDocument/didOpen", json!({ "textDocument": gone }));
    let said = client.wait(|message| {
        matches!(message, Message::Notification(one) if one.method == "window/showMessage")
    });
    let Message::Notification(said) = said else { panic!() };
    assert!(said.params["message"].as_str().unwrap().contains("/nowhere/at/all.c"));
    // Positions outside of the text, and edits that overlap.
    client.open(SOUND);
    client.change(2, json!([
        { "range": { "start": { "line": 90, "character": 7 }, "end": { "line": 3, "character": 0 } }, "text": "" },
        { "range": { "start": { "line": 2, "character": 900 }, "end": { "line": 2, "character": 0 } }, "text": "" },
    ]));
    assert!(client.at_rest().is_empty());
    assert!(client.actions(u32::MAX).is_empty());
    // Ten million letters are no reason to end.
    client.change(3, json!([{ "text": format!("{SOUND}// {}\n", "a".repeat(10_000_000)) }]));
    client.change(4, json!([{ "text": SOUND }]));
    assert!(client.at_rest().is_empty());
    client.end();
}

#[test]
fn a_client_that_starts_wrong_or_goes_ends_the_server() {
    let mut client = Client::silent();
    let early = client.ask("textDocument/hover", json!({}));
    assert_eq!(client.response(&early).error.unwrap().code, -32002);
    let id = client.ask("initialize", json!({ "capabilities": {} }));
    client.answer(id);
    client.tell("initialized", json!({}));
    client.open(WRONG);
    // It goes in the middle of a look.
    let Client { connection, server, .. } = client;
    drop(connection);
    server.unwrap().join().unwrap().unwrap();
}

/// Random edits, as they are typed, against fresh looks at the points of rest. More of them with
/// `ERRATUM_LSP_EDITS`.
#[test]
fn at_rest_nothing_is_lost_and_nothing_is_stale() {
    let edits = std::env::var("ERRATUM_LSP_EDITS").ok().and_then(|text| text.parse().ok());
    let edits: usize = edits.unwrap_or(160);
    let mut client = Client::start(json!({}));
    client.open(SOUND);
    let mut text = SOUND.to_owned();
    let mut random = 9_u32;
    let mut pick = |below: usize| {
        // Marsaglia's xorshift: the same edits each time.
        random ^= random << 13;
        random ^= random >> 17;
        random ^= random << 5;
        random as usize % below.max(1)
    };
    for number in 1..=edits {
        let at = pick(text.len() + 1);
        let gone = pick(3).min(text.len() - at);
        let put = ["", ";", "}", "{", "x", "(", "\n", " + zone"][pick(8)];
        let place = |offset: usize| {
            let before = &text[..offset];
            let line = before.matches('\n').count();
            let column = offset - before.rfind('\n').map_or(0, |at| at + 1);
            json!({ "line": line, "character": column })
        };
        let range = json!({ "start": place(at), "end": place(at + gone) });
        text.replace_range(at..at + gone, put);
        client.change(number as i32 + 1, json!([{ "range": range, "text": put }]));
        // Now and then somebody starts anew, and stops to look.
        if number % 40 == 0 {
            text = SOUND.replace("= 4;", "= 4") + &text[..pick(20)];
            client.change(number as i32 + 1, json!([{ "text": text }]));
        }
        if number % 20 == 0 {
            let shown = client.at_rest();
            let other = client.folder.path().join("other").join("quay.c");
            fs::create_dir_all(other.parent().unwrap()).unwrap();
            fs::write(&other, &text).unwrap();
            let session = Session::builder().budget(Budget::Compiles(40)).file(&other).open();
            let look = session.and_then(|mut session| session.look());
            let Ok(look) = look else { panic!("{text:?}") };
            let wanted: Vec<u32> = look.verdict.roots.iter().map(|root| root.at.line - 1).collect();
            let roots = shown.iter().filter(|one| one["severity"] != 4);
            let lines: Vec<u64> =
                roots.map(|one| one["range"]["start"]["line"].as_u64().unwrap()).collect();
            let lines: Vec<u32> = lines.into_iter().map(|line| line as u32).collect();
            assert_eq!(lines, wanted, "after {number} edits: {text}");
        }
    }
    client.end();
}

/// A program that compiles only with what its settings give to the compiler.
const SETTINGS: &str = "[language.c]\narguments = [\"-DDEPTH=3\"]\n";
const NEEDY: &str = "int berths(void) {\n    return DEPTH;\n}\n";

fn method<'a>(name: &'a str) -> impl Fn(&Message) -> bool + 'a {
    move |message| match message {
        Message::Request(request) => request.method == name,
        Message::Notification(told) => told.method == name,
        Message::Response(_) => false,
    }
}

#[test]
fn settings_that_steer_a_compiler_hold_once_the_user_says_so() {
    let mut client = Client::start(json!({}));
    fs::write(client.folder.path().join("erratum.toml"), SETTINGS).unwrap();
    client.open(NEEDY);
    let Message::Request(asked) = client.wait(method("window/showMessageRequest")) else {
        unreachable!()
    };
    let text = asked.params["message"].as_str().unwrap();
    assert!(text.contains("[c] arguments: -DDEPTH=3"), "{text}");
    // Until there is an answer, they are left out.
    assert_eq!(lines(&client.at_rest()), [(1, 1)]);
    let yes = asked.params["actions"][0].clone();
    let answer = Response::new_ok(asked.id, yes);
    client.connection.sender.send(answer.into()).unwrap();
    client.heard.clear();
    assert!(client.cleared());
    // It is asked once.
    client.tell("textDocument/didClose", json!({ "textDocument": { "uri": client.uri() } }));
    client.open(NEEDY);
    assert_eq!(client.at_rest(), Vec::<Value>::new());
    assert!(!client.heard.iter().any(method("window/showMessageRequest")));
    client.end();
}

#[test]
fn whoever_says_no_is_not_asked_again_and_nothing_is_started() {
    let mut client = Client::start(json!({}));
    fs::write(client.folder.path().join("erratum.toml"), SETTINGS).unwrap();
    client.open(NEEDY);
    let Message::Request(asked) = client.wait(method("window/showMessageRequest")) else {
        unreachable!()
    };
    let no = asked.params["actions"][1].clone();
    client.connection.sender.send(Response::new_ok(asked.id, no).into()).unwrap();
    // An answer that is no answer, and one to nothing.
    for id in ["erratum/trust/1", "erratum/trust/9"] {
        let answer = Response::new_ok(RequestId::from(id.to_owned()), json!([3]));
        client.connection.sender.send(answer.into()).unwrap();
    }
    client.change(2, json!([{ "text": NEEDY }]));
    assert_eq!(lines(&client.at_rest()), [(1, 1)]);
    assert!(!client.heard.iter().any(method("window/showMessageRequest")));
    client.end();
}

#[test]
fn what_others_change_beside_an_open_file_is_seen() {
    let watches =
        json!({ "workspace": { "didChangeWatchedFiles": { "dynamicRegistration": true } } });
    let mut client = Client::start(watches);
    let Message::Request(asked) = client.wait(method("client/registerCapability")) else {
        unreachable!()
    };
    let text = asked.params.to_string();
    assert!(text.contains("erratum.toml") && text.contains("csproj"), "{text}");
    client.connection.sender.send(Response::new_ok(asked.id, Value::Null).into()).unwrap();
    let header = client.folder.path().join("tide.h");
    fs::write(&header, "#define DEPHT 3\n").unwrap();
    client.open(&format!("#include \"tide.h\"\n\n{NEEDY}"));
    assert_eq!(lines(&client.at_rest()).len(), 1);
    fs::write(&header, "#define DEPTH 3\n").unwrap();
    client.heard.clear();
    let changed = json!({ "uri": format!("file://{}", header.display()), "type": 2 });
    client.tell("workspace/didChangeWatchedFiles", json!({ "changes": [changed] }));
    assert!(client.cleared());
    client.end();
}
