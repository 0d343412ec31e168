//! What happens on Ctrl-C, or when the program is told to end: no compiler goes on, no scratch
//! folder stays. A file is written in one step, so none is left half-written.

use std::io::Write;
use std::process::exit;
use std::sync::Mutex;

/// What is done last, and with which status the program ends.
type Last = Box<dyn FnOnce() -> u8 + Send>;

static LAST: Mutex<Option<Last>> = Mutex::new(None);

/// From now on, `last` is done instead of saying that the work was stopped: it gives the exit
/// status.
pub fn instead(last: impl FnOnce() -> u8 + Send + 'static) {
    *LAST.lock().unwrap_or_else(|poisoned| poisoned.into_inner()) = Some(Box::new(last));
}

/// Sets it up.
pub fn on_interrupt() {
    let stop = || {
        erratum_compilers::interrupt();
        let last = LAST.lock().unwrap_or_else(|poisoned| poisoned.into_inner()).take();
        if let Some(last) = last {
            exit(i32::from(last()));
        }
        let _ = writeln!(anstream::stderr(), "\nerratum: stopped. Nothing was left half-written.");
        exit(2);
    };
    // Without a handler Ctrl-C still stops the program; only the scratch folder would stay.
    let _ = ctrlc::set_handler(stop);
}
