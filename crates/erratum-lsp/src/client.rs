//! What the client can do and wants, and what it is told of this server.

use crate::actions::Abilities;
use crate::diagnostics::SOURCE;
use crate::places::Encoding;
use lsp_types::{
    CodeActionKind, CodeActionOptions, CodeActionProviderCapability, DiagnosticOptions,
    DiagnosticServerCapabilities, ExecuteCommandOptions, FoldingRangeProviderCapability,
    HoverProviderCapability, InitializeParams, OneOf, ServerCapabilities,
    TextDocumentSyncCapability, TextDocumentSyncKind, TextDocumentSyncOptions,
    TextDocumentSyncSaveOptions,
};
use serde::Deserialize;

/// Shows only the mistakes of a file, or also what follows from them.
pub(crate) const HIDE: &str = "erratum.hideFollowing";
/// Says what a word, a code or a message means.
pub(crate) const MEANS: &str = "erratum.means";

/// Gives the smallest part of a file that still gives its first error.
pub(crate) const NARROW: &str = "erratum.narrow";
/// Gives the text with which to ask somebody about a file.
pub(crate) const SHARE: &str = "erratum.share";

/// What a client can do, and wants.
pub(crate) struct Client {
    /// Whether it shows the progress of what takes a while.
    pub progress: bool,
    /// How it counts columns.
    pub encoding: Encoding,
    /// What it can do with edits.
    pub abilities: Abilities,
    /// Whether it shows what only follows.
    pub follows: bool,
    /// Whether it tells of files that others change.
    pub watches: bool,
}

/// What a client may set when it starts.
#[derive(Deserialize)]
#[serde(default)]
struct Wishes {
    /// Whether what only follows is shown, as a hint.
    follows: bool,
}

impl Default for Wishes {
    fn default() -> Wishes {
        Wishes { follows: true }
    }
}

impl Client {
    /// Reads what it says of itself.
    pub fn of(params: &InitializeParams) -> Client {
        let capabilities = &params.capabilities;
        let known = capabilities.general.as_ref().and_then(|g| g.position_encodings.as_deref());
        let edit = capabilities.workspace.as_ref().and_then(|w| w.workspace_edit.as_ref());
        let versions = edit.and_then(|edit| edit.document_changes).unwrap_or(false);
        let asks = versions && edit.is_some_and(|edit| edit.change_annotation_support.is_some());
        let wishes = params.initialization_options.clone();
        let wishes: Wishes =
            wishes.and_then(|wishes| serde_json::from_value(wishes).ok()).unwrap_or_default();
        let window = capabilities.window.as_ref();
        let files = capabilities.workspace.as_ref();
        let files = files.and_then(|w| w.did_change_watched_files.as_ref());
        Client {
            progress: window.and_then(|w| w.work_done_progress).unwrap_or(false),
            encoding: Encoding::agreed(known),
            abilities: Abilities { versions, asks },
            follows: wishes.follows,
            watches: files.and_then(|files| files.dynamic_registration).unwrap_or(false),
        }
    }
}

/// What this server can do.
pub(crate) fn capabilities(encoding: Encoding) -> ServerCapabilities {
    ServerCapabilities {
        position_encoding: Some(encoding.kind()),
        text_document_sync: Some(TextDocumentSyncCapability::Options(TextDocumentSyncOptions {
            open_close: Some(true),
            change: Some(TextDocumentSyncKind::INCREMENTAL),
            save: Some(TextDocumentSyncSaveOptions::Supported(true)),
            ..TextDocumentSyncOptions::default()
        })),
        hover_provider: Some(HoverProviderCapability::Simple(true)),
        document_highlight_provider: Some(OneOf::Left(true)),
        document_symbol_provider: Some(OneOf::Left(true)),
        folding_range_provider: Some(FoldingRangeProviderCapability::Simple(true)),
        code_action_provider: Some(CodeActionProviderCapability::Options(CodeActionOptions {
            code_action_kinds: Some(vec![CodeActionKind::QUICKFIX, CodeActionKind::SOURCE_FIX_ALL]),
            ..CodeActionOptions::default()
        })),
        diagnostic_provider: Some(DiagnosticServerCapabilities::Options(DiagnosticOptions {
            identifier: Some(SOURCE.to_owned()),
            inter_file_dependencies: true,
            ..DiagnosticOptions::default()
        })),
        execute_command_provider: Some(ExecuteCommandOptions {
            commands: [HIDE, MEANS, NARROW, SHARE].map(str::to_owned).to_vec(),
            ..ExecuteCommandOptions::default()
        }),
        ..ServerCapabilities::default()
    }
}
