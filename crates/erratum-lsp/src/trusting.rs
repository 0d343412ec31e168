//! The question whether settings beside a program may say what is started: asked once for a folder, and
//! answered by the user in the editor. Until then, and without an answer, they are left out.

use crossbeam_channel::Sender;
use erratum_compilers::{Config, Trust};
use erratum_syntax::visible::visible;
use lsp_server::{Message, Request, RequestId, Response};
use lsp_types::{MessageActionItem, MessageType, ShowMessageRequestParams};
use std::collections::{HashMap, HashSet};
use std::path::{Path, PathBuf};

/// The answer that lets them hold.
const YES: &str = "Trust this folder";
/// The answer that does not.
const NO: &str = "Leave it out";

pub(crate) struct Trusting {
    trust: Trust,
    /// Folders that were asked about, whatever the answer.
    asked: HashSet<PathBuf>,
    /// Questions without an answer yet.
    open: HashMap<RequestId, PathBuf>,
}

impl Trusting {
    pub fn new(trust: Trust) -> Trusting {
        Trusting { trust, asked: HashSet::new(), open: HashMap::new() }
    }

    /// Asks about the settings that hold for a file, where they steer what is started and nobody has said
    /// yet that they may. Broken settings are told by the look.
    pub fn ask(&mut self, file: &Path, client: &Sender<Message>) {
        let Some(config) = file.parent().and_then(|folder| Config::find(folder).ok()) else {
            return;
        };
        let steers = config.steers();
        if steers.is_empty() || self.trust.covers(&config.folder) {
            return;
        }
        if !self.asked.insert(config.folder.clone()) {
            return;
        }
        let what: Vec<String> =
            steers.iter().map(|(language, what)| format!("[{language}] {what}")).collect();
        let folder = config.folder.display().to_string();
        let message = format!(
            "Erratum: {}/erratum.toml wants this to be started, or given to a compiler: {}. \
             Programs that are started there can do whatever you can. Do you trust whoever wrote it?",
            visible(&folder),
            what.join("; "),
        );
        let item = |title: &str| MessageActionItem {
            title: title.to_owned(),
            properties: HashMap::default(),
        };
        let params = ShowMessageRequestParams {
            typ: MessageType::WARNING,
            message,
            actions: Some(vec![item(YES), item(NO)]),
        };
        let id = RequestId::from(format!("erratum/trust/{}", self.asked.len()));
        self.open.insert(id.clone(), config.folder);
        // Who is gone answers nothing.
        let _ =
            client.send(Request::new(id, "window/showMessageRequest".to_owned(), params).into());
    }

    /// Takes an answer. Returns the folder that is trusted by it, or why that cannot be kept; `None` if
    /// it is an answer to something else, or no.
    pub fn answered(&mut self, response: Response) -> Option<Result<PathBuf, String>> {
        let folder = self.open.remove(&response.id)?;
        let chosen: Option<MessageActionItem> =
            response.result.and_then(|result| serde_json::from_value(result).ok()).flatten();
        if chosen.is_none_or(|item| item.title != YES) {
            return None;
        }
        let added = self.trust.add(&folder);
        Some(added.map_err(|error| format!("which folders you trust cannot be kept: {error}")))
    }
}
