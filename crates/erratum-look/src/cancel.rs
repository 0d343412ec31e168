//! A way to end a search from another thread.

use std::sync::Arc;
use std::sync::atomic::{AtomicBool, Ordering};

/// Ends the searches of a session: a look then returns what is known so far. Clones are one token.
#[derive(Clone, Debug, Default)]
pub struct CancelToken(Arc<AtomicBool>);

impl CancelToken {
    /// Ends what is under way, once the compile at hand is over.
    pub fn cancel(&self) {
        self.0.store(true, Ordering::Relaxed);
    }

    /// Returns whether [`CancelToken::cancel`] was called.
    pub fn is_cancelled(&self) -> bool {
        self.0.load(Ordering::Relaxed)
    }
}
