//! `erratum lsp`: the verdict in an editor.

use crate::app::App;
use crate::arguments::{Common, Compile};
use crate::failure::Failure;
use crate::journaled;
use crate::show::question;
use erratum_look::{Look, Narrowing, Session};
use erratum_lsp::Setup;
use erratum_lsp::transport;
use erratum_syntax::visible::visible;
use std::sync::Arc;

/// Answers one editor until it says goodbye.
pub fn run(app: App) -> Result<u8, Failure> {
    let (connection, threads) = transport::stdio();
    let catalogue = app.catalogue.clone();
    let (wanted, trust) = (app.journal, app.trust.clone());
    let builder = move |_: &std::path::Path| {
        // Without options, nothing can be wrong with them.
        app.plain_session(&Common::default(), &Compile::default())
            .unwrap_or_else(|_| Session::builder())
    };
    let version = env!("CARGO_PKG_VERSION").to_owned();
    let kept =
        Box::new(move |session: &Session, look: &Look| journaled::edited(session, look, wanted));
    let shared =
        |small: &Narrowing| visible(&question::text(small, small.root().as_ref())).into_owned();
    let builder = Arc::new(builder);
    let shared = Arc::new(shared);
    let setup = Setup { builder, trust, shared, kept, catalogue, version };
    let ended = erratum_lsp::serve(&connection, setup);
    drop(connection);
    // What ended the reading says more than that the client is gone.
    threads.join().map_err(|error| Failure::said(format!("the client broke off: {error}")))?;
    ended.map_err(|error| Failure::said(error.to_string()))?;
    Ok(0)
}
