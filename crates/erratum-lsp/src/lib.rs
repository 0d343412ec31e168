//! A language server: what a look finds, where people write.
//!
//! A client of `erratum-look` like the command line. [`serve`] answers one client until it says goodbye.
//! The text that is compiled is the one in the editor, saved or not. A look has two steps: what messages
//! and text alone tell is shown after one compile; what was tried on copies refines it. A keystroke
//! cancels the look under way. Between looks the server sleeps.

mod actions;
mod client;
mod diagnostics;
mod documents;
mod hover;
mod places;
mod progress;
mod server;
mod shape;
mod small;
pub mod transport;
mod trusting;
mod uri;
mod watched;
mod worker;

use erratum_catalogue::Catalogue;
use erratum_compilers::Trust;
use erratum_look::{Builder, Look, Narrowing, Session};
use std::path::Path;
use std::sync::Arc;

pub use server::serve;

/// Keeps what is found; may return a sentence for the user.
pub type Keep = Box<dyn Fn(&Session, &Look) -> Option<String> + Send>;

/// Says how a file is looked at.
pub type Build = Arc<dyn Fn(&Path) -> Builder + Send + Sync>;

/// Writes the text with which to ask somebody about the smallest part of a program.
pub type Shared = Arc<dyn Fn(&Narrowing) -> String + Send + Sync>;

/// What a server needs from its host.
pub struct Setup {
    /// Says how a file is looked at: settings, trust, what is kept prepared.
    pub builder: Build,
    /// The folders whose settings may say which program is started; the client is asked about others.
    pub trust: Trust,
    /// Writes the text with which to ask somebody.
    pub shared: Shared,
    /// Keeps what is found in a text that is saved; may return a sentence for the user.
    pub kept: Keep,
    /// The texts.
    pub catalogue: Arc<Catalogue>,
    /// The version that the client is told.
    pub version: String,
}

/// Why a server ends before its client does.
#[derive(Debug, thiserror::Error)]
pub enum Error {
    /// The client broke the protocol, or is gone.
    #[error("the client broke the connection: {0}")]
    Protocol(#[from] lsp_server::ProtocolError),
    /// What the client said of itself cannot be read.
    #[error("the client cannot be understood: {0}")]
    Client(#[from] serde_json::Error),
    /// The client takes no more messages.
    #[error("the client is gone")]
    Gone,
}
