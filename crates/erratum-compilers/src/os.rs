//! All that depends on the operating system: process groups, limits, modes and links. Another system
//! is one more file with the functions of `unix` or `plain`.

#[cfg(unix)]
mod unix;
#[cfg(unix)]
pub(crate) use unix::{kill_group, lead_group, lend_folder, limit_memory, same_mode};

#[cfg(not(unix))]
mod plain;
#[cfg(not(unix))]
pub(crate) use plain::{kill_group, lead_group, lend_folder, limit_memory, same_mode};
