//! The progress of a look, for clients that show it: from the first answer on until the proofs are there.

use lsp_server::{Message, Notification, Request, RequestId};
use lsp_types::{
    NumberOrString, ProgressParams, ProgressParamsValue, WorkDoneProgress, WorkDoneProgressBegin,
    WorkDoneProgressCreateParams, WorkDoneProgressEnd,
};

/// What is shown of the look under way.
pub(crate) struct Progress {
    /// Whether the client shows any.
    shown: bool,
    /// How many there were.
    number: u32,
    /// The token of the one that is shown now.
    open: Option<NumberOrString>,
}

impl Progress {
    /// None yet, for a client that shows it or does not.
    pub fn new(shown: bool) -> Progress {
        Progress { shown, number: 0, open: None }
    }

    /// What tells the client that the fixes of a file are tried; nothing if it is told already.
    pub fn begin(&mut self, file: &str) -> Vec<Message> {
        if !self.shown || self.open.is_some() {
            return Vec::new();
        }
        self.number += 1;
        let token = NumberOrString::String(format!("erratum/{}", self.number));
        self.open = Some(token.clone());
        let create = WorkDoneProgressCreateParams { token: token.clone() };
        let id = RequestId::from(format!("erratum/progress/{}", self.number));
        let create = Request::new(id, "window/workDoneProgress/create".to_owned(), create);
        let begin = WorkDoneProgress::Begin(WorkDoneProgressBegin {
            title: format!("Erratum tries the fixes of {file}"),
            cancellable: Some(true),
            ..WorkDoneProgressBegin::default()
        });
        vec![create.into(), said(token, begin)]
    }

    /// What tells the client that it is over, if one is shown.
    pub fn end(&mut self) -> Option<Message> {
        let token = self.open.take()?;
        Some(said(token, WorkDoneProgress::End(WorkDoneProgressEnd::default())))
    }

    /// Whether this is the token of the one that is shown now.
    pub fn is_of(&self, token: &NumberOrString) -> bool {
        self.open.as_ref() == Some(token)
    }
}

fn said(token: NumberOrString, progress: WorkDoneProgress) -> Message {
    let params = ProgressParams { token, value: ProgressParamsValue::WorkDone(progress) };
    Notification::new("$/progress".to_owned(), params).into()
}
